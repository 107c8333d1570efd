<?php

/* The known dates of one book: how full its future log is with them, and what should be known before any ink. */

declare(strict_types=1);

namespace AmpleMargin\Book\Dates;

use AmpleMargin\Book\Drawings;
use AmpleMargin\Book\Layouts;
use AmpleMargin\Book\Memory;
use AmpleMargin\Book\SaysFindings;
use AmpleMargin\Calendar\Month;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Hand;
use AmpleMargin\Dates\Occurrence;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Plan\BookPlan;
use AmpleMargin\Plan\PlannedSpread;
use AmpleMargin\Spread\Catalogue\TakesDates;
use AmpleMargin\Spread\Part\HasLayouts;
use AmpleMargin\Spread\Part\Layout;

final class BookDates implements SaysFindings
{
    private readonly Loads $loads;

    /** The first future log of this book; null where it has none. */
    public readonly ?PlannedSpread $log;

    public function __construct(
        public readonly DatesOfBook $all,
        private readonly BookPlan $plan,
        private readonly Layouts $layouts,
        private readonly Drawings $drawings,
    ) {
        $this->loads = new Loads($all, $plan->hand ?? Hand::usual(), $plan->stock->pitch);
        $log = null;
        foreach ($plan->spreads as $spread) {
            if (TakesDates::Months === $layouts->catalogue->kind($spread->kind)?->takesIn($spread->settings)) {
                $log ??= $spread;
            }
        }
        $this->log = $log;
    }

    /** @return list<MonthLoad> */
    public function loads(): array
    {
        return $this->loads->of($this->now());
    }

    /** Lines one date takes in the future log of its month. */
    public function linesOf(Occurrence $once): int
    {
        return $this->loads->linesOf($once, $this->wide($once->month));
    }

    /** Boxes of a line of a month in the future log. */
    public function wide(Month $month): Fraction
    {
        return $this->loads->wide($this->now(), $month);
    }

    /**
     * Lines too few for what is known where the future log is drawn otherwise; null for another spread, or where nothing is known.
     *
     * @param array<string, mixed> $settings over its own
     * @param list<PageDrawing>    $pages
     */
    public function tooFewIn(PlannedSpread $spread, array $settings, array $pages): ?int
    {
        return $spread->id !== $this->log?->id || [] === $this->all->known->entries
            ? null
            : $this->loads->over(new LogLayout('', $settings, $pages, $this->categories($spread, $settings)));
    }

    /** @return list<Finding> */
    public function findings(): array
    {
        return $this->known('dates', fn (): array => $this->review()->findings($this->now()));
    }

    /** @return list<Finding> with the layouts that would hold everything, which takes their drawing */
    public function findingsWithLayouts(): array
    {
        return $this->known(
            'dates and layouts',
            fn (): array => [...$this->review()->findings($this->now(), $this->layoutsOfLog(...)), ...$this->withoutRoom()],
        );
    }

    /**
     * What was found before from the same, or now.
     *
     * @param \Closure(): list<Finding> $find
     *
     * @return list<Finding>
     */
    private function known(string $what, \Closure $find): array
    {
        $plan = $this->all->plan;
        if ([] === $plan->dates->entries) {
            return $find();
        }
        $catalogue = $this->layouts->catalogue;
        $from = Memory::from(
            $what,
            $this->layouts->ofBook(),
            $this->plan->id,
            $plan->dates,
            $plan->months->patterns,
            array_filter(
                $plan->spreads,
                static fn (PlannedSpread $spread): bool => null !== $catalogue->kind($spread->kind)?->takesIn($spread->settings),
            ),
        );

        return $this->layouts->memory->of($from, $find, fn (): bool => [] === $this->layouts->faults->met());
    }

    /** @return list<Finding> what the pages that take dates have no room for; of the future log it is said already */
    private function withoutRoom(): array
    {
        $found = [];
        foreach ($this->plan->spreads as $spread) {
            $takes = $this->layouts->catalogue->kind($spread->kind)?->takesIn($spread->settings);
            foreach (null === $takes || $spread->id === $this->log?->id ? [] : $this->drawings->ofSpread($spread->id) as $page) {
                array_push($found, ...array_filter($page->findings, LeftOut::isOne(...)));
            }
        }

        return $found;
    }

    /** @return list<LogLayout> every way its form has, and each with a line a box where its lines are further apart */
    private function layoutsOfLog(): array
    {
        $form = null === $this->log ? null : $this->layouts->form($this->log);
        if (null === $this->log || !$form instanceof HasLayouts) {
            return [];
        }
        $request = $this->layouts->request($this->log);
        $found = [];
        foreach ([new Layout('A line a box', []), ...$form->layouts($request)] as $layout) {
            $settings = $layout->settings + ($request->settings->boxes('line')->equals(1) ? [] : ['line' => '1']);
            $laid = [] === $settings ? null : $form->layOut($request->with($settings));
            if (null !== $laid && null === $laid->broken()) {
                $found[] = new LogLayout($layout->name, $settings, $laid->drawings(), $this->categories($this->log, $settings));
            }
        }

        return $found;
    }

    private function review(): DatesReview
    {
        return new DatesReview($this->all, $this->loads, $this->log);
    }

    private function now(): LogLayout
    {
        $log = $this->log;

        return null === $log ? new LogLayout('', [], []) : new LogLayout(
            '',
            [],
            $this->drawings->undated($log->id),
            $this->categories($log, []),
        );
    }

    /**
     * @param array<string, mixed> $settings over its own
     *
     * @return list<string> of its columns, where each month has some
     */
    private function categories(PlannedSpread $log, array $settings): array
    {
        return $this->layouts->categories($log->with(['settings' => $settings + $log->settings]));
    }
}
