<?php

/* Draws the containers of a page of a future log, in the order of work. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Form\Log;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\MonthGrid;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Spread\Form\MonthFigures;
use AmpleMargin\Spread\Request;

final class LogPainter
{
    public function __construct(private readonly Canvas $canvas, private readonly Request $request, private readonly LogAsked $asked)
    {
    }

    /** @param list<MonthPlace> $places */
    public function ink(array $places): void
    {
        $this->canvas->step(Task::Ink, 'Rule the '.\count($places).(1 === \count($places) ? ' container' : ' containers').', and a line under each name’s row.', 'down');
        foreach ($places as $place) {
            $this->canvas->frame(Layer::Ink, $place->x, $place->y, $place->wide, $place->tall);
            $this->canvas->line(Layer::Ink, $place->x, $place->y + 1, $place->wide, 0);
        }
        $this->extra($places);
        foreach ($places as $place) {
            [$x, $y, $wide, $tall] = $place->write;
            $this->canvas->room($place->month->iso(), $this->request->names->monthAndYear($place->month), $x, $y, $wide, $tall, $this->asked->line);
        }
        if ($this->asked->ruled) {
            $this->rule($places);
        }
    }

    /** @param list<MonthPlace> $places */
    public function write(array $places): void
    {
        $this->canvas->step(Task::Write, 'Write the names of the months, down the first column and then the next.', 'lines');
        foreach ($places as $place) {
            $this->canvas->words(Layer::Writing, Fraction::of(4 * $place->x + 1, 4), $place->y, Fraction::of(2 * $place->wide - 1, 2), 1, $this->name($place->month));
        }
        foreach ($places as $place) {
            if (null !== $place->mini) {
                $this->mini($place->month, ...$place->mini);
            }
        }
    }

    public function name(Month $month): string
    {
        $period = $this->request->period;

        return $period->contains($month) && $period->start->year === $period->end->year
            ? $this->request->names->month($month->month)
            : $this->request->names->monthAndYear($month);
    }

    /** @param list<MonthPlace> $places */
    private function extra(array $places): void
    {
        $extra = $places[0]->extra ?? null;
        if (null === $extra) {
            return;
        }
        [, , $wide, $tall] = $extra;
        $this->canvas->step(Task::Ink, match ($this->asked->extra) {
            'frame' => "Frame $wide × $tall boxes at the foot of each month, from its left edge, for a photo.",
            'memory' => "Rule off the last $tall boxes of each month for a memory.",
            default => 'Rule off the last row of each month for a count.',
        }, 'lines');
        foreach ($places as $place) {
            [$x, $y, $wide, $tall] = $place->extra ?? $extra;
            'frame' === $this->asked->extra ? $this->canvas->frame(Layer::Ink, $x, $y, $wide, $tall) : $this->canvas->line(Layer::Ink, $x, $y, $wide, 0);
        }
    }

    /** @param list<MonthPlace> $places */
    private function rule(array $places): void
    {
        $line = $this->asked->line;
        [, $y, , $tall] = $places[0]->write ?? [0, 0, 0, 0];
        $lines = $places[0]->lines ?? 0;
        $left = Fraction::of($tall)->minus($line->times($lines));
        $this->canvas->step(Task::Ink, "Rule $lines ".(1 === $lines ? 'line' : 'lines').' to write on in each month, one every '.($line->equals(1) ? 'box' : "$line boxes").': the first '.$line->plus($y - ($places[0]->y ?? 0)).' boxes below its upper edge; '.($left->compare(0) > 0 ? "$left left over at the end" : 'nothing left over at the end').'.', 'lines');
        foreach ($places as $place) {
            [$x, $y, $wide, $tall] = $place->write;
            for ($i = 1; $i <= $place->lines; ++$i) {
                $at = $this->asked->line->times($i)->plus($y);
                // The container's own edge is a line already.
                if ($at->compare($place->y + $place->tall) < 0) {
                    $this->canvas->line(Layer::Ink, $x, $at, $wide, 0);
                }
            }
        }
    }

    private function mini(Month $month, int $x, int $y): void
    {
        $grid = new MonthGrid($month, $this->request->first);
        $figures = new MonthFigures($this->canvas, $this->request);
        $figures->begin($grid, 'the weekday letters, then the numbers; ', ' Ring busy days later.');
        $figures->letters($x, $y, 1);
        $figures->days($grid, $x, $y + 1);
    }
}
