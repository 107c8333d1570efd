<?php

/* What is done to a part of a page, as it is sent: a word, the part's path, and what the word needs. */

declare(strict_types=1);

namespace AmpleMargin\Editing\Spread;

use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Filling\Fillings;
use AmpleMargin\Spread\Filling\PartingFile;
use AmpleMargin\Spread\Filling\Repart;
use AmpleMargin\Spread\Page\Direction;
use AmpleMargin\Spread\Part\Cuts;
use AmpleMargin\Spread\Part\PartRefused;
use AmpleMargin\Spread\Part\PartsOfPage;
use AmpleMargin\Spread\Part\Portion;
use AmpleMargin\Spread\Part\Size;

/** @internal to editing */
final class PartChange
{
    /** Word → what the list of edits says of it. */
    private const WORDS = [
        'divide' => 'a part divided',
        'join' => 'two parts joined',
        'swap' => 'two parts swapped',
        'move' => 'a line moved',
        'size' => 'a part of another size',
        'gap' => 'another gap',
        'fill' => 'a part filled otherwise',
        'name' => 'a part named',
        'set' => 'a part set otherwise',
        'add-page' => 'a page more',
        'remove-page' => 'a page less',
        'cut' => 'leaves cut otherwise',
    ];

    /**
     * @param array<string, mixed>                                        $with what the word needs, as it was sent
     * @param \Closure(Repart, string, PartsOfPage|null): Portion $change
     */
    private function __construct(
        private readonly string $do,
        private readonly string $at,
        private readonly array $with,
        private readonly \Closure $change,
    ) {
    }

    /** @throws PlanProblem */
    public static function read(Values $values): self
    {
        $do = $values->text('do', '', 20);
        if (!isset(self::WORDS[$do])) {
            throw PlanProblem::at($values->path('do'), 'What is done to a part is one of: '.implode(', ', array_keys(self::WORDS)).'.');
        }
        [$with, $change] = match ($do) {
            'divide' => self::dividing($values),
            'move' => self::moving($values),
            'size' => self::sizing($values),
            'gap' => self::spacing($values),
            'fill' => self::filling($values->text('fill', '', 40)),
            'name' => self::naming($values->textOrNull('name', PartingFile::LONGEST_NAME)),
            'set' => self::setting($values->kept('settings')),
            'add-page' => [[], static fn (Repart $page, string $at): Portion => $page->withPage($at)],
            'remove-page' => [[], static fn (Repart $page, string $at): Portion => $page->withoutPage($at)],
            'cut' => self::cutting($values),
            'join' => [[], static fn (Repart $page, string $at): Portion => $page->joined($at)],
            default => [[], static fn (Repart $page, string $at): Portion => $page->swapped($at)],
        };

        return new self($do, $values->text('at', '', 40), $with, $change);
    }

    /**
     * @param PartsOfPage|null $now where the parts stand; null where they cannot
     *
     * @throws PartRefused
     */
    public function on(Portion $page, ?PartsOfPage $now): Portion
    {
        return ($this->change)(Repart::of($page), $this->at, $now);
    }

    public function said(): string
    {
        return self::WORDS[$this->do];
    }

    /** @return array<string, mixed> */
    public function written(): array
    {
        return ['do' => $this->do, 'at' => $this->at] + $this->with;
    }

    /** @return array{array<string, mixed>, \Closure(Repart, string, PartsOfPage|null): Portion} */
    private static function dividing(Values $values): array
    {
        $way = $values->choice('way', Direction::class);
        $parts = $values->count('parts', 2, Repart::MOST_AT_ONCE);
        $gap = $values->has('gap') ? $values->count('gap', 0, 20) : null;

        return [
            ['way' => $way->value, 'parts' => $parts, 'gap' => $gap],
            static fn (Repart $page, string $at): Portion => $page->divided($at, $way, $parts, $gap),
        ];
    }

    /** @return array{array<string, mixed>, \Closure(Repart, string, PartsOfPage|null): Portion} */
    private static function moving(Values $values): array
    {
        $part = $values->count('part', 0, 40);
        $by = $values->count('by', -200, 200);

        return [
            ['part' => $part, 'by' => $by],
            static fn (Repart $page, string $at, ?PartsOfPage $now): Portion => $page->moved(
                ($now ?? throw PartRefused::at($at, 'Its parts do not fit on this paper: join some first.'))->division($at),
                $part,
                $by,
            ),
        ];
    }

    /** @return array{array<string, mixed>, \Closure(Repart, string, PartsOfPage|null): Portion} */
    private static function sizing(Values $values): array
    {
        $said = array_intersect_key($values->all(), ['share' => true, 'boxes' => true, 'needed' => true]);
        try {
            $size = Size::read($said, '');
        } catch (PartRefused $refused) {
            throw PlanProblem::at($values->path('boxes'), $refused->getMessage());
        }

        return [$size->written(), static fn (Repart $page, string $at): Portion => $page->sized($at, $size)];
    }

    /** @return array{array<string, mixed>, \Closure(Repart, string, PartsOfPage|null): Portion} */
    private static function spacing(Values $values): array
    {
        $gap = $values->has('gap') ? $values->count('gap', 0, 20) : null;
        $leftover = $values->textOrNull('leftover', 20) ?? 'outside';

        return [['gap' => $gap, 'leftover' => $leftover], static fn (Repart $page, string $at): Portion => $page->gapped(
            $at,
            $gap,
            PartingFile::leftover($leftover, $at),
        )];
    }

    /** @return array{array<string, mixed>, \Closure(Repart, string, PartsOfPage|null): Portion} */
    private static function cutting(Values $values): array
    {
        $word = $values->textOrNull('cut', 20);
        $cut = null === $word ? null : Cuts::named($word) ?? throw PlanProblem::at(
            $values->path('cut'),
            'Leaves are cut as one of: '.implode(', ', array_keys(Cuts::all())).'.',
        );
        $settings = $values->has('settings') ? $values->kept('settings') : [];

        return [['cut' => $word, 'settings' => $settings], static fn (Repart $page): Portion => $page->cut($cut, $settings)];
    }

    /** @return array{array<string, mixed>, \Closure(Repart, string, PartsOfPage|null): Portion} */
    private static function filling(string $fill): array
    {
        return [['fill' => $fill], static fn (Repart $page, string $at): Portion => $page->filled(
            $at,
            Fillings::named($fill) ?? throw PartRefused::at($at, "Nothing is called “{$fill}” that could fill a part."),
        )];
    }

    /** @return array{array<string, mixed>, \Closure(Repart, string, PartsOfPage|null): Portion} */
    private static function naming(?string $name): array
    {
        return [['name' => $name], static fn (Repart $page, string $at): Portion => $page->named($at, $name)];
    }

    /**
     * @param array<array-key, mixed> $settings
     *
     * @return array{array<string, mixed>, \Closure(Repart, string, PartsOfPage|null): Portion}
     */
    private static function setting(array $settings): array
    {
        return [['settings' => $settings], static fn (Repart $page, string $at): Portion => $page->set($at, $settings)];
    }
}
