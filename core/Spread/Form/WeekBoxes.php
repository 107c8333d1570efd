<?php

/* A week's pages: a container a day on one page or an opening, or two rolling weeks on one page. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Form;

use AmpleMargin\Calendar\Day;
use AmpleMargin\Calendar\MonthWeek;
use AmpleMargin\Counting\Division;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Edge;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Spread\Closing;
use AmpleMargin\Spread\Form;
use AmpleMargin\Spread\Heading;
use AmpleMargin\Spread\Request;

final class WeekBoxes implements Form
{
    public function pages(Request $request): int
    {
        return 2 === $request->pages ? 2 : 1;
    }

    public function draw(Request $request): array
    {
        $weeks = $request->weeks;
        if (2 === $this->pages($request) && 1 === \count($weeks)) {
            $days = $this->days($weeks[0]);
            $left = \array_slice($days, 0, 4);
            $first = $this->page($request, [[$this->name($request, $weeks[0]), $left]], 0, 0, 4);
            $second = $this->page($request, [['', [...\array_slice($days, 4), null]]], 1, \count($first->steps), 4);

            return [$first, $second];
        }
        $halves = array_map(fn (MonthWeek $week): array => [$this->name($request, $week), $this->days($week)], $weeks);

        return [$this->page($request, $halves, 0, 0, 7)];
    }

    /**
     * @param list<array{string, list<Day|null>}> $weeks a name and its days; null for a container of notes
     * @param int                                 $parts containers to divide the page into when it holds one week
     */
    private function page(Request $request, array $weeks, int $page, int $done, int $parts): \AmpleMargin\Drawing\PageDrawing
    {
        $canvas = new Canvas($request->across, $request->down, $request->tally, $page, $done);
        $share = intdiv($canvas->down, max(1, \count($weeks)));
        foreach ($weeks as $i => [$name, $days]) {
            $this->week($canvas, $request, $i * $share, $share, $name, $days, max($parts, \count($days)));
        }
        Closing::page($canvas, 'Count the containers and read the dates once more.', 'down-0');

        return $canvas->finish();
    }

    /** @param list<Day|null> $days */
    private function week(Canvas $canvas, Request $request, int $from, int $share, string $name, array $days, int $parts): void
    {
        [$head, $rows] = $this->divide($share, $parts);
        if (null === $rows) {
            $canvas->finding(new Finding($request->id, "$parts days of 1 box or more do not fit in $share boxes."));

            return;
        }
        $note = "down-$from";
        $canvas->working($note, "{$rows->size()} boxes a day", "$share boxes − $head for the title = $rows->side; ".$rows->working());
        $canvas->tickDivision(Edge::Side, $rows, $note, $from + $head);
        $canvas->step(Task::Ink, 'Rule '.\count($days).(1 === \count($days) ? ' container.' : ' containers.'), $note);
        $spans = $rows->spans();
        foreach (array_keys($days) as $i) {
            $canvas->frame(Layer::Ink, 0, $spans[$i]['from']->plus($from + $head), $canvas->across, $rows->size());
        }
        if ('' !== $name) {
            $canvas->step(Task::Write, 'Write '.Heading::quoted($name).' at the top.', $note);
            $canvas->words(Layer::Writing, 0, $from, $canvas->across, max(1, min(2, $head)), $name);
        }
        $canvas->step(Task::Write, 'Write the days, each in the first row of its container.', $note);
        foreach ($days as $i => $day) {
            $words = null === $day ? 'Notes' : $request->names->weekday($day->weekday()).' '.$day->day;
            $canvas->words(Layer::Writing, Fraction::of(1, 4), $spans[$i]['from']->plus($from + $head), Fraction::of(2 * $canvas->across - 1, 2), 1, $words);
        }
    }

    /**
     * The title's boxes and the days below it: of titles one box shorter or taller than usual, the one that
     * leaves least over (38 tall: a title of 4 leaves 34 = 7 × 4 + 6 × 1).
     *
     * @return array{int, Division|null}
     */
    private function divide(int $share, int $parts): array
    {
        $usual = Heading::boxes($share);
        $best = [$usual, null];
        foreach ([$usual, $usual + 1, max(1, $usual - 1)] as $head) {
            $rows = Division::containers($share - $head, $parts) ?? Division::of($share - $head, $parts);
            if (null !== $rows && (null === $best[1] || $rows->remainder < $best[1]->remainder)) {
                $best = [$head, $rows];
            }
        }

        return $best;
    }

    private function name(Request $request, MonthWeek $week): string
    {
        return "Week $week->isoWeek: {$request->names->dayShort($week->from)} to {$request->names->dayShort($week->to)}";
    }

    /** @return list<Day> */
    private function days(MonthWeek $week): array
    {
        $days = [];
        for ($day = $week->from; $day->number <= $week->to->number; $day = $day->plus(1)) {
            $days[] = $day;
        }

        return $days;
    }
}
