<?php

/* The last steps of every inked page: wait, erase where there is pencil, check against the plan. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Page;

use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Task;

/** @internal to Spread */
final class Closing
{
    public static function page(Canvas $canvas, string $check, ?string $note = null): void
    {
        $canvas->step(Task::Wait, 'Wait until the ink is dry.');
        if ($canvas->isPencilled()) {
            $canvas->step(Task::Erase, 'Erase the pencil.');
        }
        $canvas->step(Task::Check, $check, $note);
    }
}
