<?php

/* A step put among those of a page that is drawn already, with its marks: where it belongs in the order of work. */

declare(strict_types=1);

namespace AmpleMargin\Drawing;

use AmpleMargin\Counting\Tally;

final class OneStepMore
{
    /**
     * @param int $page which of its spread, from 0
     * @param int $done steps of the pages before this one
     */
    public function __construct(private readonly Tally $tally, private readonly int $page, private readonly int $done)
    {
    }

    /**
     * After the steps of the same task, and those before it in the order of work.
     *
     * @param \Closure(Canvas): void $draw
     * @param list<string>           $was  what it said before
     */
    public function amid(PageDrawing $drawn, Task $task, string $text, string $note, \Closure $draw, array $was = []): PageDrawing
    {
        $order = array_search($task, Task::cases(), true);
        $at = 0;
        foreach ($drawn->steps as $i => $step) {
            $at = array_search($step->task, Task::cases(), true) <= $order ? $i + 1 : $at;
        }

        return $this->at($at, $drawn, $task, $text, $note, $draw, $was);
    }

    /**
     * When all is drawn, before it is left to dry.
     *
     * @param \Closure(Canvas): void $draw
     */
    public function beforeDrying(PageDrawing $drawn, Task $task, string $text, string $note, \Closure $draw): PageDrawing
    {
        $at = \count($drawn->steps);
        foreach (array_reverse($drawn->steps, true) as $i => $step) {
            $at = \in_array($step->task, [Task::Wait, Task::Erase, Task::Check], true) ? $i : $at;
        }

        return $this->at($at, $drawn, $task, $text, $note, $draw);
    }

    /**
     * Before all others.
     *
     * @param \Closure(Canvas): void $draw
     */
    public function first(PageDrawing $drawn, Task $task, string $text, string $note, \Closure $draw): PageDrawing
    {
        return $this->at(0, $drawn, $task, $text, $note, $draw);
    }

    /**
     * @param \Closure(Canvas): void $draw
     * @param list<string>           $was  what it said before
     */
    private function at(int $at, PageDrawing $drawn, Task $task, string $text, string $note, \Closure $draw, array $was = []): PageDrawing
    {
        $number = $this->done + $at;
        $canvas = new Canvas($drawn->across, $drawn->down, $this->tally, $this->page, $number);
        $canvas->step($task, $text, $note, was: $was);
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
            'workings' => [...$more->workings, ...$drawn->workings],
        ]);
    }
}
