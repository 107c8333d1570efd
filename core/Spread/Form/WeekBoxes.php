<?php

/* A week's pages: a container a day on one page or an opening, or two rolling weeks on one page. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Form;

use AmpleMargin\Calendar\MonthWeek;
use AmpleMargin\Counting\Division;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Counting\Subtraction;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Edge;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Spread\Closing;
use AmpleMargin\Spread\Form;
use AmpleMargin\Spread\Heading;
use AmpleMargin\Spread\Laid;
use AmpleMargin\Spread\Request;

/** @internal to Spread */
final class WeekBoxes implements Form
{
    public function fields(): array
    {
        return [];
    }

    public function layOut(Request $request): Laid
    {
        $weeks = $request->calendar->weeks;
        if (2 === $request->pages && 1 === \count($weeks)) {
            $words = new WeekWords($request->calendar, $weeks[0]);
            [$name, $days] = [$words->name(), self::named($words)];
            $pages = [[[$name, \array_slice($days, 0, 4, true)]], [['', \array_slice($days, 4, null, true)]]];
            $parts = 4;
        } else {
            $pages = [array_map(static function (MonthWeek $week) use ($request): array {
                $words = new WeekWords($request->calendar, $week);

                return [$words->name(), self::named($words)];
            }, $weeks)];
            $parts = 7;
        }

        return Laid::pages(
            $request->grid,
            $pages,
            fn (Canvas $canvas, array $weeks) => $this->page($canvas, $weeks, $parts),
            array_map(fn (array $weeks): array => $this->tooMany($request, \count($weeks), $parts), $pages),
        );
    }

    /** Boxes of a page that each of so many weeks has; between two of them stays a box, as between other halves of a page. */
    private static function share(int $down, int $weeks): int
    {
        return intdiv($down - $weeks + 1, max(1, $weeks));
    }

    /** @return list<Finding> one for each week that has no room for its days */
    private function tooMany(Request $request, int $weeks, int $parts): array
    {
        $share = self::share($request->grid->down, $weeks);

        return null !== $this->divide($share, $parts)[1] ? [] : array_fill(0, $weeks, new Finding(
            $request->id,
            "$parts days of 1 box or more do not fit in ".Plural::boxes($share).'.',
        ));
    }

    /**
     * @param list<array{string, array<string, string>}> $weeks a name and its days
     * @param int                            $parts containers a week is divided into: a short week leaves those after its days for notes
     */
    private function page(Canvas $canvas, array $weeks, int $parts): void
    {
        $share = self::share($canvas->down, \count($weeks));
        foreach ($weeks as $i => [$name, $days]) {
            $this->week($canvas, $i * ($canvas->down - $share), $share, $name, $days, $parts);
        }
        Closing::page($canvas, 'Count the containers and read the dates once more.', 'down-0');
    }

    /** @return array<string, string> "2027-02-01" → "Monday 1" */
    private static function named(WeekWords $words): array
    {
        $named = [];
        foreach ($words->days() as $day) {
            $named[$day->iso()] = $words->day($day);
        }

        return $named;
    }

    /** @param array<string, string> $days as above */
    private function week(Canvas $canvas, int $from, int $share, string $name, array $days, int $parts): void
    {
        [$head, $rows] = $this->divide($share, $parts);
        if (null === $rows) {
            return;
        }
        $note = "down-$from";
        $top = $from + $head;
        $containers = $this->containers($rows, \count($days));
        $canvas->working(
            $note,
            Plural::boxes($rows->size()).' a day',
            Subtraction::from($share)->less($head, 'the title').'; '.$rows->working(),
        );
        $this->tick($canvas, $rows, $containers, $note, $top);
        $canvas->step(
            Task::Ink,
            'Rule '.Plural::of(
                \count($containers),
                'container',
                'containers',
            ).(\count($containers) > \count($days) && \count($days) < $parts - 1 ? ', the last one for notes, down to the end.' : '.'),
            $note,
        );
        foreach ($containers as [$at, $tall]) {
            $canvas->frame(Layer::Ink, 0, $at->plus($top), $canvas->across, $tall);
        }
        if ('' !== $name) {
            $canvas->step(Task::Write, 'Write '.Heading::quoted($name).' at the top.', $note);
            $canvas->words(Layer::Writing, 0, $from, $canvas->across, max(1, min(2, $head)), $name);
        }
        $canvas->step(Task::Write, 'Write the days, each in the first row of its container.', $note);
        foreach ($containers as $i => [$at]) {
            $canvas->words(
                Layer::Writing,
                Fraction::of(1, 4),
                $at->plus($top),
                Fraction::of(2 * $canvas->across - 1, 2),
                1,
                array_values($days)[$i] ?? 'Notes',
            );
        }
        foreach (array_keys($days) as $i => $iso) {
            [$at, $tall] = $containers[$i];
            // The first row has its name.
            $canvas->day($iso, 0, $at->plus($top + 1), $canvas->across, $tall->minus(1), 1);
        }
    }

    /**
     * One for each day; what a short week leaves is one more, for notes.
     *
     * @return list<array{Fraction, Fraction}> where it begins and how tall it is
     */
    private function containers(Division $rows, int $days): array
    {
        $spans = $rows->spans();
        $containers = [];
        foreach (\array_slice($spans, 0, $days) as $span) {
            $containers[] = [$span['from'], $span['to']->minus($span['from'])];
        }
        if ($days < \count($spans)) {
            $containers[] = [$spans[$days]['from'], $spans[\count($spans) - 1]['to']->minus($spans[$days]['from'])];
        }

        return $containers;
    }

    /**
     * Ticks where containers begin and end; a short week has fewer than a whole one.
     *
     * @param list<array{Fraction, Fraction}> $containers
     */
    private function tick(Canvas $canvas, Division $rows, array $containers, string $note, int $top): void
    {
        if (\count($containers) === \count($rows->parts)) {
            $canvas->tickDivision(Edge::Side, $rows, $note, $top);

            return;
        }
        $ticks = [];
        foreach ($containers as [$at, $tall]) {
            foreach ([$at, $at->plus($tall)] as $end) {
                $place = $end->plus($top);
                if ($place->compare(0) > 0 && $place->compare($canvas->down) < 0) {
                    $ticks[(string) $place] = $place;
                }
            }
        }
        $canvas->tickAll(
            Edge::Side,
            array_values($ticks),
            Plural::of(\count($containers) - 1, 'day', 'days').' of '.Plural::boxes($rows->size()).', then notes',
            $note,
        );
    }

    /**
     * The title's boxes and the days below it: of titles one box shorter or taller than usual, days of two boxes before
     * smaller ones, then with gaps, then the one that leaves least over (38 tall: a title of 4 leaves 34 = 7 × 4 + 6 × 1).
     *
     * @return array{int, Division|null}
     */
    private function divide(int $share, int $parts): array
    {
        $usual = Heading::boxes($share);
        $best = [$usual, null];
        $least = null;
        foreach ([$usual, $usual + 1, max(1, $usual - 1)] as $head) {
            foreach ([Division::containers($share - $head, $parts), Division::of($share - $head, $parts)] as $plain => $rows) {
                $rank = null === $rows ? null : [-min(2, $rows->size()), $plain, $rows->remainder];
                if (null !== $rank && (null === $least || $rank < $least)) {
                    [$best, $least] = [[$head, $rows], $rank];
                }
            }
        }

        return $best;
    }
}
