<?php

/* What comes before the checks of every inked page: wait, erase where there is pencil. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Page;

use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Task;

/** @internal to Spread */
final class Closing
{
    public static function erase(Canvas $canvas): void
    {
        $canvas->step(Task::Wait, 'Wait until the ink is dry.');
        if ($canvas->isPencilled()) {
            $canvas->step(Task::Erase, 'Erase the pencil.');
        }
    }
}
