<?php

/* What a dress adds to a page beside the letters of its title: a band behind the title, a line round the grid. */

declare(strict_types=1);

namespace AmpleMargin\Spread;

use AmpleMargin\Counting\Fraction;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Grain;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Mark;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Step;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Drawing\Words;

/** @internal to Spread */
final class Dressing
{
    private const NOTE = 'dress';

    private function __construct(private readonly PageGrid $grid, private readonly int $page, private readonly int $done)
    {
    }

    /**
     * @param int $page which of its spread, from 0
     * @param int $done steps of the pages before this one
     */
    public static function of(PageDrawing $drawn, PageGrid $grid, int $page, int $done): PageDrawing
    {
        if (null === $grid->dress || [] === $drawn->steps) {
            return $drawn;
        }
        $dressing = new self($grid, $page, $done);
        $title = true === $grid->dress->band ? self::title($drawn) : null;
        if (null !== $title) {
            [$x, $y, $wide, $tall] = $title;
            $drawn = $dressing->inserting(
                $drawn,
                Task::Band,
                "Draw a band $tall boxes tall where the title will stand, and let it dry.",
                static fn (Canvas $canvas) => $canvas->band($x, $y, $wide, $tall),
            );
        }

        return true !== $grid->dress->line ? $drawn : $dressing->inserting(
            $drawn,
            Task::Ink,
            "Rule a line round the grid: $grid->across boxes across, $grid->down down.",
            static fn (Canvas $canvas) => $canvas->frame(Layer::Ink, 0, 0, $canvas->across, $canvas->down),
        );
    }

    /**
     * The same page with a step among its own, where it belongs in the order of work, and its marks with it.
     *
     * @param \Closure(Canvas): void $draw
     */
    private function inserting(PageDrawing $drawn, Task $task, string $text, \Closure $draw): PageDrawing
    {
        $order = array_search($task, Task::cases(), true);
        $at = 0;
        foreach ($drawn->steps as $i => $step) {
            $at = array_search($step->task, Task::cases(), true) <= $order ? $i + 1 : $at;
        }
        $number = $this->done + $at;
        $canvas = new Canvas($this->grid->across, $this->grid->down, $this->grid->tally, $this->page, $number);
        $canvas->step($task, $text, self::NOTE);
        $draw($canvas);
        $more = $canvas->finish();
        $before = array_filter($drawn->marks, static fn (Mark $mark): bool => $mark->step <= $number);
        $after = array_diff_key($drawn->marks, $before);

        return $drawn->with([
            'marks' => [
                ...array_values($before),
                ...$more->marks,
                ...array_map(static fn (Mark $mark): Mark => $mark->moved(0, 1), array_values($after)),
            ],
            'steps' => [
                ...\array_slice($drawn->steps, 0, $at),
                ...$more->steps,
                ...array_map(static fn (Step $step): Step => $step->later(1), \array_slice($drawn->steps, $at)),
            ],
        ]);
    }

    /**
     * Where the letters of the title stand, in boxes: x, y, wide, tall; null where the page has none.
     *
     * @return array{Fraction, Fraction, Fraction, Fraction}|null
     */
    private static function title(PageDrawing $drawn): ?array
    {
        $of = array_filter($drawn->marks, static fn (Mark $mark): bool => $mark instanceof Words && 'heading' === $mark->note);
        if ([] === $of) {
            return null;
        }
        $x = min(array_map(static fn (Mark $mark): int => $mark->x, $of));
        $y = min(array_map(static fn (Mark $mark): int => $mark->y, $of));
        $right = max(array_map(static fn (Mark $mark): int => $mark->x + $mark->wide, $of));
        $foot = max(array_map(static fn (Mark $mark): int => $mark->y + $mark->tall, $of));
        $boxes = static fn (int $grains): Fraction => Fraction::of($grains, Grain::PER_BOX);

        return [$boxes($x), $boxes($y), $boxes($right - $x), $boxes($foot - $y)];
    }
}
