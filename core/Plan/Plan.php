<?php

/* What the person wants: the whole of it, in one immutable value. */

declare(strict_types=1);

namespace AmpleMargin\Plan;

use AmpleMargin\Calendar\Period;
use AmpleMargin\Counting\Tally;
use AmpleMargin\Paper\Stock;

final class Plan
{
    public const MOST_SPREADS = 300;

    /**
     * @param list<PlannedSpread> $spreads in the wanted order; a section's spreads need not stand together here
     * @param string              $language of what goes on paper, as ICU names it
     * @param list<Section>       $mixing   sections whose spreads may mix with those of the next
     */
    public function __construct(
        public readonly string $title,
        public readonly Stock $stock,
        public readonly Period $period,
        public readonly WeekPlan $weeks,
        public readonly array $spreads,
        public readonly MonthPlan $months,
        public readonly Tally $counting = Tally::Boxes,
        public readonly string $language = 'en',
        public readonly array $mixing = [],
        public readonly InUse $inUse = new InUse(),
    ) {
    }

    /** @param array<string, mixed> $changes named as the constructor's parameters */
    public function with(array $changes): self
    {
        /** @var array{title: string, stock: Stock, period: Period, weeks: WeekPlan, spreads: list<PlannedSpread>, months: MonthPlan, counting: Tally, language: string, mixing: list<Section>, inUse: InUse} $all */
        $all = array_replace(get_object_vars($this), $changes);

        return new self(...$all);
    }

    public function spread(string $id): ?PlannedSpread
    {
        foreach ($this->spreads as $spread) {
            if ($spread->id === $id) {
                return $spread;
            }
        }

        return null;
    }

    /**
     * The spreads in book order: by section, then as the person put them.
     *
     * @return list<PlannedSpread>
     */
    public function inOrder(): array
    {
        $ordered = [];
        foreach (Section::cases() as $section) {
            array_push($ordered, ...$this->inSection($section));
        }

        return $ordered;
    }

    /** @return list<PlannedSpread> */
    public function inSection(Section $section): array
    {
        return array_values(array_filter($this->spreads, static fn (PlannedSpread $spread): bool => $spread->section === $section));
    }
}
