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

    /** @param list<string> $some */
    private static function with(array $some, string $word): string
    {
        $last = (string) array_pop($some);

        return [] === $some ? $last : implode(', ', $some)." $word $last";
    }
}
