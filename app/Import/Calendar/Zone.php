<?php

/* How far a clock goes before the time of the world. A moment on that clock is counted in seconds from its own midnight of 1 January 1970. */

declare(strict_types=1);

namespace App\Import\Calendar;

interface Zone
{
    /** Seconds east of the world's time while its own clock shows a moment. */
    public function east(int $wall): int;

    /** The same while it is `$instant` seconds after the first midnight of 1970 in the world's time. */
    public function eastAt(int $instant): int;
}
