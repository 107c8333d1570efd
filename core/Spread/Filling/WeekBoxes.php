<?php

/* A week's pages: a container a day on one page or an opening, or two rolling weeks on one page. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling;

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
use AmpleMargin\Drawing\Working;
use AmpleMargin\Spread\Page\DaysShown;
use AmpleMargin\Spread\Page\Heading;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\Check;
use AmpleMargin\Spread\Part\EdgeTicks;
use AmpleMargin\Spread\Part\Filled;
use AmpleMargin\Spread\Part\Filling;
use AmpleMargin\Spread\Part\FitsAnywhere;
use AmpleMargin\Spread\Part\FromHere;
use AmpleMargin\Spread\Part\Layers;
use AmpleMargin\Spread\Setting\Field;

final class WeekBoxes implements Filling
{
    use FitsAnywhere;

    public function name(): string
    {
        return 'Days of a week';
    }

    public function purpose(): string
    {
        return 'A container for each day of the weeks these pages are for, one below another.';
    }

    public function fields(): array
    {
        return [Field::text('notes_named', 'A box that is free is called', 'Notes'), ...WeekWords::fields()];
    }

    public function tall(Request $asked, int $wide): int
    {
        return 16 * max(1, \count($asked->calendar->weeks));
    }

    public function fill(Request $asked, Region $region, int $from): Filled
    {
        [$pages, $parts] = $this->pages($asked);
        $weeks = $pages[$from] ?? [];
        $share = self::share($region->tall, \count($weeks));
        [$head, $rows] = $this->divide($share, $parts);
        $next = isset($pages[$from + 1]) ? $from + 1 : null;
        if (null === $rows) {
            return new Filled(findings: array_fill(0, \count($weeks), new Finding(
                $asked->id,
                "$parts days of 1 box or more do not fit in ".Plural::boxes($share).'.',
            )), next: $next);
        }
        $here = new FromHere($asked, $region, 'the week');
        $placed = [];
        foreach ($weeks as $i => [$name, $days]) {
            $top = $region->y + $i * ($region->tall - $share);
            $placed[] = [$name, $days, $top, $this->containers($rows, \count($days), $top + $head)];
        }
        // A week is known by how far down its own part it begins.
        $note = static fn (int $top): string => 'down-'.($top - $region->y);

        return new Filled(
            ticks: $here->ticks(array_map(
                static fn (array $week): EdgeTicks => self::ticks($rows, $week[3], $note($week[2]), $week[2] + $head),
                $placed,
            )),
            workings: static fn (): array => array_map(static fn (array $week): Working => new Working(
                $here->note($note($week[2])),
                Plural::boxes($rows->size()).' a day',
                Subtraction::from($share)->less($head, 'the title').'; '.$rows->working(),
            ), $placed),
            layers: new Layers(
                ink: static function (Canvas $canvas) use ($here, $region, $placed, $parts, $note): void {
                    foreach ($placed as [, $days, $top, $containers]) {
                        $notes = \count($containers) > \count($days) && \count($days) < $parts - 1;
                        $text = 'Rule '.Plural::of(\count($containers), 'container', 'containers')
                            .($notes ? ', the last one for notes, down to the end.' : '.');
                        $here->step($canvas, Task::Ink, $text, $note($top));
                        foreach ($containers as [$at, $tall]) {
                            $canvas->frame(Layer::Ink, $region->x, $at, $region->wide, $tall);
                        }
                    }
                },
                write: static function (Canvas $canvas) use ($here, $asked, $region, $placed, $head, $note): void {
                    foreach ($placed as [$name, $days, $top, $containers]) {
                        if ('' !== $name) {
                            $here->step($canvas, Task::Write, 'Write '.Heading::quoted($name).' at the top.', $note($top));
                            $canvas->words(Layer::Writing, $region->x, $top, $region->wide, max(1, min(2, $head)), $name);
                        }
                        $here->step($canvas, Task::Write, 'Write the days, each in the first row of its container.', $note($top));
                        self::days($canvas, $asked, $region, $days, $containers);
                    }
                },
            ),
            check: new Check('Count the containers and read the dates once more.', $here->note('down-0')),
            next: $next,
        );
    }

    /**
     * The weeks of each page, and the containers each is divided into: on an opening four days face three, and notes.
     *
     * @return array{list<list<array{string, array<string, string>}>>, int} each with its name and its days
     */
    private function pages(Request $asked): array
    {
        $weeks = $asked->calendar->weeks;
        // Seven days fill a page; five of them leave a box for notes.
        $boxes = WeekWords::boxes($asked->calendar, $asked->settings);
        $onOne = min(7, $boxes);
        if ([] === $weeks && null === $asked->calendar->month) {
            return [[[['', self::undated($asked)]]], $onOne];
        }
        $each = static function (MonthWeek $week) use ($asked): array {
            $words = new WeekWords($asked->calendar, $asked->settings, $week);

            return [$words->name(), self::named($words)];
        };
        if (2 === $asked->pages && 1 === \count($weeks)) {
            [$name, $days] = $each($weeks[0]);
            $half = intdiv($boxes, 2);

            return [[[[$name, \array_slice($days, 0, $half, true)]], [['', \array_slice($days, $half, null, true)]]], $half];
        }

        return [[array_map($each, $weeks)], $onOne];
    }

    /** @return array<string, string> the days of any week, where the pages are for none */
    private static function undated(Request $asked): array
    {
        $days = [];
        foreach (DaysShown::ofAWeek($asked->calendar, $asked->settings) as $day) {
            $days["weekday-$day->value"] = $asked->calendar->names->weekday($day);
        }

        return $days;
    }

    /**
     * @param array<string, string>           $days       "2027-02-01" → "Monday 1"
     * @param list<array{Fraction, Fraction}> $containers
     */
    private static function days(Canvas $canvas, Request $asked, Region $region, array $days, array $containers): void
    {
        $names = array_values($days);
        $notes = $asked->settings->text('notes_named');
        foreach ($containers as $i => [$at]) {
            $x = Fraction::of(4 * $region->x + 1, 4);
            $canvas->words(Layer::Writing, $x, $at, Fraction::of(2 * $region->wide - 1, 2), 1, $names[$i] ?? $notes);
        }
        foreach (array_keys($days) as $i => $iso) {
            [$at, $tall] = $containers[$i];
            // The first row has its name.
            $canvas->day($iso, $region->x, $at->plus(1), $region->wide, $tall->minus(1), 1);
        }
    }

    /** Boxes of a page that each of so many weeks has; between two of them stays a box, as between other halves of a page. */
    private static function share(int $down, int $weeks): int
    {
        return intdiv($down - $weeks + 1, max(1, $weeks));
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

    /**
     * One for each day; what a short week leaves is one more, for notes.
     *
     * @param int $top where the first begins, in boxes down the page
     *
     * @return list<array{Fraction, Fraction}> where it begins and how tall it is
     */
    private function containers(Division $rows, int $days, int $top): array
    {
        $spans = $rows->spans();
        $containers = [];
        foreach (\array_slice($spans, 0, $days) as $span) {
            $containers[] = [$span['from']->plus($top), $span['to']->minus($span['from'])];
        }
        if ($days < \count($spans)) {
            $containers[] = [$spans[$days]['from']->plus($top), $spans[\count($spans) - 1]['to']->minus($spans[$days]['from'])];
        }

        return $containers;
    }

    /**
     * Ticks where containers begin and end; a short week has fewer than a whole one.
     *
     * @param list<array{Fraction, Fraction}> $containers
     */
    private static function ticks(Division $rows, array $containers, string $note, int $top): EdgeTicks
    {
        if (\count($containers) === \count($rows->parts)) {
            return EdgeTicks::division(Edge::Side, $rows, $note, $top);
        }
        $ends = array_map(static fn (array $one): array => [$one[0], $one[0]->plus($one[1])], $containers);

        return new EdgeTicks(
            Edge::Side,
            array_merge([], ...$ends),
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
