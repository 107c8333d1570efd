<?php

/* What could be changed so that a book lasts, grouped: of a group one option is taken at most. */

declare(strict_types=1);

namespace AmpleMargin\Book\Fit;

use AmpleMargin\Calendar\WeekSchool;
use AmpleMargin\Editing\Book\SetWeeks;
use AmpleMargin\Editing\Month\SetPattern;
use AmpleMargin\Editing\Offered;
use AmpleMargin\Editing\Several;
use AmpleMargin\Editing\Spread\RemoveSpread;
use AmpleMargin\Paging\Placement;
use AmpleMargin\Plan\BookPlan;
use AmpleMargin\Plan\Pattern;
use AmpleMargin\Plan\PatternPart;
use AmpleMargin\Plan\PlanWriter;
use AmpleMargin\Plan\Values;
use AmpleMargin\Plan\WeekPages;
use AmpleMargin\Spread\Catalogue\Catalogue;

/** @internal to Book */
final class FitChanges
{
    /** How much a spread is missed, by its worth (from memory). */
    private const WORTH = [1 => 4, 2 => 6, 3 => 9, 4 => 13, 5 => 18];

    public function __construct(private readonly BookPlan $plan, private readonly Catalogue $catalogue = new Catalogue())
    {
    }

    /**
     * Changes to the months.
     *
     * @return list<list<FitChange>>
     */
    public function months(): array
    {
        $groups = [];
        if (WeekSchool::Split === $this->plan->weeks->school) {
            $groups[] = [FitChange::weeks(
                'Fold short weeks',
                'ends of three days or fewer share the pages of half a week',
                1,
                ['school' => WeekSchool::Folded->value],
            )];
        }
        $weeks = [];
        if (WeekPages::Two === $this->plan->weeks->pages) {
            $weeks[] = FitChange::weeks(
                'One page a week instead of two',
                'half the room of every week',
                2,
                ['pages' => WeekPages::One->value],
            );
        }
        if (WeekPages::Half !== $this->plan->weeks->pages) {
            $weeks[] = FitChange::weeks(
                'Rolling weeks, two to a page',
                'most of the room of every week',
                8,
                ['pages' => WeekPages::Half->value],
            );
        }
        if ([] !== $weeks && $this->hasWeeks()) {
            $groups[] = $weeks;
        }
        foreach ($this->patternsInUse() as $pattern) {
            foreach ($pattern->parts as $i => $part) {
                if (PatternPart::WEEKS !== $part->kind && $part->pages > 0) {
                    $groups[] = [$this->without($pattern, $i)];
                }
            }
        }

        return $groups;
    }

    /**
     * Spreads to drop, in classes: the spreads of a class have the same shape, section and worth, so dropping
     * one saves what dropping another would. The last in the wanted order goes first.
     *
     * @return list<list<FitChange>>
     */
    public function spreads(Placement ...$placements): array
    {
        $classes = [];
        foreach ($placements as $placement) {
            foreach ($placement->placed as $placed) {
                $spread = $this->plan->spread($placed->spread->id);
                if (null === $spread) {
                    continue;
                }
                $alone = null !== $spread->pin || null !== $spread->faces || $this->isFaced($spread->id) ? $spread->id : '';
                $key = "{$spread->section->value}/{$placed->spread->shape()}/$spread->worth/$alone";
                $pages = $placed->spread->pages();
                $classes[$key][$this->rank($spread->id)] = FitChange::spread(
                    'Drop '.$placed->spread->name,
                    $placed->spread->name.(1 === $pages ? ', 1 page' : ", $pages pages").", worth $spread->worth of 5",
                    self::WORTH[$spread->worth] ?? 9,
                    $spread->id,
                    $placed->spread->halves,
                );
            }
        }
        $lists = [];
        foreach ($classes as $class) {
            krsort($class);
            $lists[] = array_values($class);
        }

        return $lists;
    }

    /**
     * Every choice of month changes with its regret, rising.
     *
     * @return list<array{int, list<FitChange>}>
     */
    public function monthSets(): array
    {
        $sets = [[0, []]];
        foreach ($this->months() as $group) {
            foreach ($sets as [$cost, $set]) {
                foreach ($group as $change) {
                    $sets[] = [$cost + $change->regret, [...$set, $change]];
                }
            }
        }
        usort($sets, static fn (array $a, array $b): int => [$a[0], \count($a[1])] <=> [$b[0], \count($b[1])]);

        return $sets;
    }

    /**
     * The plan with these changes made, as one edit. Changes to one pattern, or to the weeks, are gathered.
     *
     * @param list<FitChange> $changes
     */
    public function edit(array $changes, string $say): Offered
    {
        $edits = [];
        $weeks = [];
        $gone = [];
        foreach ($changes as $change) {
            $weeks = $change->weeks + $weeks;
            if (null !== $change->part) {
                $gone[$change->part[0]][] = $change->part[1];
            }
            if ('' !== $change->spread) {
                $edits[] = new RemoveSpread($change->spread);
            }
        }
        if ([] !== $weeks) {
            $edits[] = SetWeeks::read(Values::of(['weeks' => $weeks + PlanWriter::weeks($this->plan->weeks)]));
        }
        foreach ($this->plan->months->patterns as $pattern) {
            if (isset($gone[$pattern->id])) {
                $parts = array_values(array_filter(
                    $pattern->parts,
                    static fn (int $i): bool => !\in_array($i, $gone[$pattern->id], true),
                    \ARRAY_FILTER_USE_KEY,
                ));
                $edits[] = new SetPattern(new Pattern($pattern->id, $pattern->name, $parts));
            }
        }

        return [] === $edits ? throw new \LogicException('No change is no edit.') : Several::of($edits, $say);
    }

    private function without(Pattern $pattern, int $i): FitChange
    {
        $part = $pattern->parts[$i];
        $kind = $this->catalogue->kind($part->kind);
        $name = strtolower($kind->name ?? $part->kind);
        $pages = 1 === $part->pages ? '1 page' : "$part->pages pages";

        return FitChange::part(
            'Drop the '.($kind?->plural() ?? $name)." of “{$pattern->name}”",
            "$name, $pages in every month that uses “{$pattern->name}”",
            $kind?->ofMonth->regretOf($part->pages) ?? 0,
            $pattern->id,
            $i,
        );
    }

    private function isFaced(string $id): bool
    {
        foreach ($this->plan->spreads as $spread) {
            if ($spread->faces === $id) {
                return true;
            }
        }

        return false;
    }

    private function rank(string $id): int
    {
        foreach ($this->plan->spreads as $rank => $spread) {
            if ($spread->id === $id) {
                return $rank;
            }
        }

        return 0;
    }

    private function hasWeeks(): bool
    {
        foreach ($this->patternsInUse() as $pattern) {
            foreach ($pattern->parts as $part) {
                if (PatternPart::WEEKS === $part->kind) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @return array<string, Pattern> */
    private function patternsInUse(): array
    {
        $used = [];
        foreach ($this->plan->ranged as $month) {
            $pattern = $this->plan->months->patternOf($month);
            $used[$pattern->id] = $pattern;
        }

        return $used;
    }
}
