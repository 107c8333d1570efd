<?php

/* The time now by the person's own clock, as a call or a command says it: 2026-12-20T19:20. */

declare(strict_types=1);

namespace App\Api;

use AmpleMargin\Calendar\Day;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Plan\PlanProblem;

final class AskedNow
{
    /** Minutes from the first midnight of 1970; null where nobody says. */
    public static function read(string $said): ?int
    {
        if ('' === $said) {
            return null;
        }
        $day = Day::read(substr($said, 0, 10));
        if (null === $day || 1 !== preg_match('/^.{10}T([01]\d|2[0-3]):([0-5]\d)$/D', $said, $found)) {
            throw PlanProblem::at('now', 'Write the time now as 2026-12-20T19:20.');
        }

        return 1440 * $day->number + 60 * (int) $found[1] + (int) $found[2];
    }

    /** "30 November 14:05". */
    public static function said(int $minutes): string
    {
        $day = Day::numbered(intdiv($minutes, 1440));

        $month = (new Names('en'))->month($day->month->month);

        return \sprintf('%d %s %02d:%02d', $day->day, $month, intdiv($minutes % 1440, 60), $minutes % 60);
    }
}
