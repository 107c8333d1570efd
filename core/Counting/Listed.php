<?php

/* Several as people say them: "May", "May and June", "May, June and August". */

declare(strict_types=1);

namespace AmpleMargin\Counting;

final class Listed
{
    /** @param list<string> $some none is "" */
    public static function all(array $some): string
    {
        return self::with($some, 'and');
    }

    /** @param list<string> $some none is "" */
    public static function any(array $some): string
    {
        return self::with($some, 'or');
    }

    /**
     * The first of them, and how many more there are: "May, June and 3 more".
     *
     * @param list<string> $some
     * @param int          $most that are named, 1 or more
     */
    public static function first(array $some, int $most): string
    {
        $more = \count($some) - $most;

        return self::all([...\array_slice($some, 0, $most), ...($more > 0 ? ["$more more"] : [])]);
    }

    /** @param list<string> $some */
    private static function with(array $some, string $word): string
    {
        $last = (string) array_pop($some);

        return [] === $some ? $last : implode(', ', $some)." $word $last";
    }
}
