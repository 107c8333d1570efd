<?php

/*
 * How long pages took, from the moments their steps were ticked: a step takes the time since the one ticked before it, wherever that
 * was. Longer than a quarter of an hour nothing happened: then, and for the first step of all, it counts as long as it should take.
 */

declare(strict_types=1);

namespace AmpleMargin\Making;

final class Timer
{
    /** Seconds after which somebody is not drawing any more. From memory. */
    private const PAUSE = 900;

    /**
     * @param list<array{string, int}> $ticks  page and moment in seconds, of all pages, in the order they were ticked
     * @param array<string, float>     $usual  page → seconds a step of it takes, about
     *
     * @return array<string, int> page → seconds it took
     */
    public static function seconds(array $ticks, array $usual): array
    {
        usort($ticks, static fn (array $one, array $two): int => $one[1] <=> $two[1]);
        $took = [];
        $last = null;
        foreach ($ticks as [$page, $at]) {
            $since = null === $last ? self::PAUSE + 1 : $at - $last;
            $took[$page] = ($took[$page] ?? 0) + ($since > self::PAUSE ? min(self::PAUSE, $usual[$page] ?? 0) : $since);
            $last = $at;
        }

        return array_map(static fn (float|int $seconds): int => (int) round($seconds), $took);
    }
}
