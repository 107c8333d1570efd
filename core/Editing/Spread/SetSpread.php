<?php

/* A spread is otherwise: what is given changes, all else stays. Settings are merged; one that is null goes back to its default. */

declare(strict_types=1);

namespace AmpleMargin\Editing\Spread;

use AmpleMargin\Editing\Edited;
use AmpleMargin\Editing\Offered;
use AmpleMargin\Paper\Stock;
use AmpleMargin\Plan\Medium;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlannedSpread;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Side;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class SetSpread implements Offered
{
    /**
     * @param array{title?: string|null, pin?: int|null, faces?: string|null, must_face?: bool, side?: Side, medium?: Medium, worth?: int,
     *     book?: string, settings?: array<array-key, mixed>} $changes
     */
    public function __construct(private readonly string $spread, private readonly array $changes)
    {
    }

    public static function type(): string
    {
        return 'set-spread';
    }

    public static function read(Values $values): self
    {
        $changes = [];
        foreach ([
            'title' => static fn (): ?string => $values->textOrNull('title'),
            'pin' => static fn (): ?int => $values->has('pin') ? $values->count('pin', 1, Stock::MOST_PAGES) : null,
            'faces' => static fn (): ?string => $values->textOrNull('faces', 40),
            'must_face' => static fn (): bool => $values->flag('must_face', false),
            'side' => static fn (): Side => $values->choice('side', Side::class),
            'medium' => static fn (): Medium => $values->choice('medium', Medium::class),
            'worth' => static fn (): int => $values->count('worth', 1, 5),
            'book' => static fn (): string => $values->text('book', null, 2),
            'settings' => static fn (): array => $values->kept('settings'),
        ] as $name => $read) {
            // These two may be put back to nothing; of the others null is the same as not given.
            $given = \in_array($name, ['title', 'pin', 'faces'], true) ? $values->names($name) : $values->has($name);
            if ($given) {
                $changes[$name] = $read();
            }
        }

        return new self($values->text('spread', '', 40), $changes);
    }

    public function on(Plan $plan, Catalogue $catalogue): Edited
    {
        $spread = InPlan::spread($plan, $this->spread);
        $changes = $this->changes;
        if (\array_key_exists('title', $changes)) {
            $title = trim($changes['title'] ?? '');
            $changes['title'] = '' === $title ? null : $title;
        }
        if (isset($changes['faces']) && ($changes['faces'] === $spread->id || null === $plan->spread($changes['faces']))) {
            throw PlanProblem::at('edit/faces', 'Choose another spread of this book to face.');
        }
        if (isset($changes['book'])) {
            $changes['book'] = InPlan::book($plan, $changes['book']);
        }
        $changes['mustFace'] = $changes['must_face'] ?? ($spread->mustFace && null !== ($changes['faces'] ?? $spread->faces));
        $changes['settings'] = self::merged($spread->settings, $changes['settings'] ?? []);
        $changed = $spread->with(array_diff_key($changes, ['must_face' => true]));

        return new Edited(
            $plan->with(['spreads' => array_map(
                static fn (PlannedSpread $one): PlannedSpread => $one->id === $spread->id ? $changed : $one,
                $plan->spreads,
            )]),
            InPlan::name($changed, $catalogue).' changed',
        );
    }

    public function written(): array
    {
        return ['type' => self::type(), 'spread' => $this->spread] + array_map(
            static fn (mixed $value): mixed => $value instanceof \BackedEnum ? $value->value : $value,
            $this->changes,
        );
    }

    /**
     * @param array<array-key, mixed> $settings
     * @param array<array-key, mixed> $changes
     *
     * @return array<array-key, mixed>
     */
    private static function merged(array $settings, array $changes): array
    {
        return array_filter(array_replace($settings, $changes), static fn (mixed $value): bool => null !== $value);
    }
}
