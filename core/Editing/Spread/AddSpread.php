<?php

/* A spread of the catalogue comes into a book: at the end of its section, or before another spread. */

declare(strict_types=1);

namespace AmpleMargin\Editing\Spread;

use AmpleMargin\Editing\Edited;
use AmpleMargin\Editing\Offered;
use AmpleMargin\Paper\Stock;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlannedSpread;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Section;
use AmpleMargin\Plan\Values;
use AmpleMargin\Plan\Volume;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class AddSpread implements Offered
{
    /**
     * @param Section|null            $section  null for the one its kind usually stands in
     * @param string|null             $before   a spread's id; null for the end of the section
     * @param array<array-key, mixed> $settings
     * @param int|null                $pin      the page it must stand on
     */
    public function __construct(
        private readonly string $kind,
        private readonly ?Section $section = null,
        private readonly ?string $before = null,
        private readonly ?string $title = null,
        private readonly array $settings = [],
        private readonly string $book = Volume::FIRST,
        private readonly ?int $pin = null,
    ) {
    }

    public static function type(): string
    {
        return 'add-spread';
    }

    public static function read(Values $values): self
    {
        return new self(
            $values->text('kind', '', 80),
            $values->has('section') ? $values->choice('section', Section::class) : null,
            $values->textOrNull('before', 40),
            $values->textOrNull('title'),
            $values->kept('settings'),
            $values->text('book', Volume::FIRST, 2),
            $values->has('pin') ? $values->count('pin', 1, Stock::MOST_PAGES) : null,
        );
    }

    public function on(Plan $plan, Catalogue $catalogue): Edited
    {
        $kind = $catalogue->kind($this->kind);
        if (null === $kind || null === $kind->section) {
            throw PlanProblem::at('edit/kind', "The catalogue has no kind “{$this->kind}”.");
        }
        if (\count($plan->spreads) >= Plan::MOST_SPREADS) {
            throw PlanProblem::at('edit/kind', 'A book takes at most '.Plan::MOST_SPREADS.' spreads.');
        }
        $spread = new PlannedSpread(
            self::freeId($plan, $kind->id),
            $kind->id,
            $this->section ?? $kind->section,
            $this->title,
            $this->settings,
            $this->pin,
        );
        $spread = $spread->with(['book' => InPlan::book($plan, $this->book)]);

        return new Edited($plan->with(['spreads' => InPlan::insert($plan->spreads, $spread, $this->before)]), "$kind->name added");
    }

    public function written(): array
    {
        return array_filter([
            'type' => self::type(),
            'kind' => $this->kind,
            'section' => $this->section?->value,
            'before' => $this->before,
            'title' => $this->title,
            'settings' => [] === $this->settings ? null : (object) $this->settings,
            'book' => Volume::FIRST === $this->book ? null : $this->book,
            'pin' => $this->pin,
        ], static fn (mixed $value): bool => null !== $value);
    }

    /** The kind's id, or that with the next number. */
    private static function freeId(Plan $plan, string $kind): string
    {
        $id = $kind;
        for ($n = 2; null !== $plan->spread($id); ++$n) {
            $id = "$kind-$n";
        }

        return $id;
    }
}
