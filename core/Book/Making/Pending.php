<?php

/* The pages of a book that are to be drawn before its first day, each with its steps, and those that may wait. */

declare(strict_types=1);

namespace AmpleMargin\Book\Making;

use AmpleMargin\Book\Book;
use AmpleMargin\Calendar\Day;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Step;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Making\Drying;
use AmpleMargin\Making\PageSteps;
use AmpleMargin\Making\Sitting\ToDraw;
use AmpleMargin\Plan\Making\MakingPlan;
use AmpleMargin\Plan\PlannedSpread;
use AmpleMargin\Plan\Section;

final class Pending
{
    private const DAY = 1440;

    /** Minutes in which a first page is done. From memory. */
    private const EASY = 10;

    /**
     * @param list<ToDraw>       $pages
     * @param list<ToDraw>       $later left until the book is in use
     * @param int                $done  pages that are drawn
     * @param array<int, string> $states page → "pencilled", "inked" or "done"; pages nothing is done on are left out
     * @param bool               $isBeginning nothing was ever drawn in it: perhaps a hand that never drew one
     */
    private function __construct(
        public readonly array $pages,
        public readonly array $later,
        public readonly int $done,
        public readonly array $states,
        public readonly bool $isBeginning,
    ) {
    }

    /** @param array<string, array<string, bool>> $ticked drawing → what was said of its steps, by key */
    public static function of(Book $book, array $ticked = []): self
    {
        $making = $book->plan->whole->making;
        $drying = new Drying($making->pens);
        $later = array_fill_keys($making->later, true);
        $ranks = self::months($book, $making);
        $pages = $waiting = $states = [];
        $done = 0;
        foreach ($book->slots as $page => $slot) {
            $month = $slot->month?->iso();
            if ($page > $book->plan->stock->pages || (null !== $month && !isset($ranks[$month])) || '' === $slot->drawing) {
                continue;
            }
            $drawing = $book->drawing($page);
            if (null === $drawing || [] === $drawing->steps) {
                continue;
            }
            [$name, $nth] = $book->nameAndNth($page);
            $decoration = $making->decorate[$name] ?? 0;
            // Keys of steps differ from page to page of a spread.
            $steps = PageSteps::of($drawing, $book->pace(), $ticked[$name] ?? [], $decoration);
            $states[$page] = self::state($drawing, $ticked[$name] ?? []);
            if ([] === $steps) {
                ++$done;
                continue;
            }
            $key = MakingPlan::page($name, $nth);
            [$rank, $needed] = null === $month ? [self::rank($book->plan->spread($slot->spread)), self::first($book)] : $ranks[$month];
            $closes = $drying->closes($drawing);
            $begun = '' !== $states[$page];
            $one = new ToDraw($key, $page, $rank, $needed, $steps, $closes, Drying::erases($closes), $making->put[$key] ?? null, $begun);
            isset($later[$name]) ? $waiting[] = $one : $pages[] = $one;
        }

        $isBeginning = [] === $ticked && [] === $making->timed;

        return new self(
            $isBeginning ? self::easyFirst($pages) : $pages,
            $waiting,
            $done,
            array_filter($states, static fn (string $state): bool => '' !== $state),
            $isBeginning,
        );
    }

    /**
     * Who never drew in a book of this program begins with what is over soon and forgives: no figures, no knife, in ten minutes.
     *
     * @param list<ToDraw> $pages
     *
     * @return list<ToDraw>
     */
    private static function easyFirst(array $pages): array
    {
        $easiest = null;
        foreach ($pages as $i => $page) {
            $whole = $page->whole();
            $minutes = $whole->minutes();
            if ($page->rank > 0 || $whole->craft || $whole->figures > 0 || $minutes < 1 || $minutes > self::EASY || null !== $page->put) {
                continue;
            }
            // The name page, the key: what stands first among those that are over soon.
            if (null === $easiest || $page->page < $pages[$easiest]->page) {
                $easiest = $i;
            }
        }

        return null === $easiest ? $pages : array_values(array_replace($pages, [$easiest => $pages[$easiest]->atFirst()]));
    }

    /**
     * How far a page is: "done", "inked", "pencilled", or "" where nothing is done.
     *
     * @param array<string, bool> $ticked
     */
    private static function state(PageDrawing $drawing, array $ticked): string
    {
        $done = array_filter($drawing->steps, static fn (Step $step): bool => $step->isDone($ticked));
        $inked = array_filter($done, static fn (Step $step): bool => \in_array($step->task, [Task::Band, Task::Ink, Task::Write], true));

        return match (true) {
            [] === $done => '',
            \count($done) === \count($drawing->steps) => 'done',
            [] !== $inked => 'inked',
            default => 'pencilled',
        };
    }

    /**
     * What is opened on the first day before what fills during the year, and what the person thinks most of first of all; as the
     * months are ranked. Where evenings are few, this says what is drawn in them.
     */
    public static function rank(?PlannedSpread $spread): int
    {
        return match (true) {
            null === $spread || $spread->worth >= 4 => 0,
            1 === $spread->worth => 3,
            \in_array($spread->section, [Section::Front, Section::Year], true) => 0,
            Section::Goals === $spread->section => 1,
            default => 2,
        };
    }

    /** Minutes to the first day of use. */
    public static function first(Book $book): int
    {
        return Day::of($book->plan->period->start, 1)->number * self::DAY;
    }

    /** @return array<string, array{int, int}> month → its rank and when it is needed */
    private static function months(Book $book, MakingPlan $making): array
    {
        $ranks = [];
        foreach (\array_slice($book->months, 0, $making->months) as $i => $block) {
            $ranks[$block->month->iso()] = [1 + $i, $block->month->firstDayNumber() * self::DAY];
        }

        return $ranks;
    }
}
