<?php

/* The steps of a page as time, those that are done left out. */

declare(strict_types=1);

namespace AmpleMargin\Making;

use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Making\Sitting\StepTime;

final class PageSteps
{
    /**
     * @param array<string, bool> $done       what was said of steps, by key
     * @param int                 $decoration minutes
     *
     * @return list<StepTime>
     */
    public static function of(PageDrawing $page, Pace $pace, array $done = [], int $decoration = 0): array
    {
        $work = Worked::steps($page);
        $tasks = array_column($page->steps, 'task');
        $last = \count($tasks) - 1;
        $waits = array_search(Task::Wait, $tasks, true);
        $more = array_fill(0, \count($tasks), 0.0);
        // What has no step of its own is done with the last.
        foreach ([
            [0, Pace::SETTING_OUT],
            [array_search(Task::Erase, $tasks, true), Pace::ERASING],
            [array_search(Task::Check, $tasks, true), Pace::CHECKING],
        ] as [$at, $seconds]) {
            $more[false === $at ? $last : $at] += $seconds * $pace->factor('pages');
        }
        $more[false === $waits ? $last : max(0, $waits - 1)] += 60 * $decoration;
        $steps = [];
        foreach ($page->steps as $i => $step) {
            $seconds = $pace->likely($work[$step->number]) + $more[$i];
            if ($step->isDone($done)) {
                continue;
            }
            $steps[] = new StepTime(
                $step->key,
                Task::Wait === $step->task ? 0.0 : $seconds,
                $pace->figures($work[$step->number]),
                \in_array($step->task, [Task::Band, Task::Ink, Task::Write], true),
                Task::Wait === $step->task,
                $work[$step->number]->cuts + $work[$step->number]->glued > 0,
            );
        }

        return $steps;
    }
}
