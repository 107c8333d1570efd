<?php

/* What is said of the old book as a whole: what was missing, what its months took, how many of them the new ones should hold. */

declare(strict_types=1);

namespace AmpleMargin\Editing\Carrying;

use AmpleMargin\Editing\Edit;
use AmpleMargin\Editing\Edited;
use AmpleMargin\Plan\Old\OldBook;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class SetReview implements Edit
{
    /**
     * @param list<string>|null            $missing kinds
     * @param array<string, int|null>|null $months  month → pages it took, null where nobody knows; the others stay
     */
    public function __construct(
        private readonly ?array $missing = null,
        private readonly ?array $months = null,
        private readonly ?int $hold = null,
    ) {
    }

    public static function type(): string
    {
        return 'set-review';
    }

    public static function read(Values $values): self
    {
        return new self(
            $values->has('missing') ? array_values(array_unique($values->words('missing', OldBook::MOST_MISSING))) : null,
            $values->has('months') ? self::months($values) : null,
            $values->has('hold') ? $values->count('hold', 1, 12) : null,
        );
    }

    public function on(Plan $plan, Catalogue $catalogue): Edited
    {
        $old = Judge::old($plan);
        foreach ($this->missing ?? [] as $kind) {
            if (null === $catalogue->kind($kind)?->section) {
                throw PlanProblem::at('edit/missing', "The catalogue has no kind “{$kind}”.");
            }
        }
        foreach (array_keys($this->months ?? []) as $month) {
            if ($month < $old->period->start->iso() || $month > $old->period->end->iso()) {
                throw PlanProblem::at('edit/months', "$month was no month of the old book.");
            }
        }

        return new Edited($plan->with(['old' => $old->with(array_filter([
            'missing' => $this->missing,
            'months' => null === $this->months ? null : self::known($this->months + $old->months),
            'hold' => $this->hold,
        ], static fn (mixed $said): bool => null !== $said))]), 'The old book reviewed');
    }

    /** @return array<string, int|null> */
    private static function months(Values $values): array
    {
        $said = $values->map('months');
        $counted = array_filter($said, static fn (mixed $pages): bool => null !== $pages);
        $pages = Values::of(['months' => $counted], 'edit')->byMonth(
            'months',
            0,
            OldBook::MOST_PAGES,
            'a month took from 0 to '.OldBook::MOST_PAGES.' pages',
        );
        foreach (array_keys(array_diff_key($said, $counted)) as $month) {
            $pages[(string) $month] = null;
        }

        return $pages;
    }

    /**
     * @param array<string, int|null> $months
     *
     * @return array<string, int> rising
     */
    private static function known(array $months): array
    {
        $known = array_filter($months, static fn (?int $pages): bool => null !== $pages);
        ksort($known);

        return $known;
    }
}
