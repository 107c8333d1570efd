<?php

/* A sitting as room for pages: which evening, when it begins, how many minutes are free. */

declare(strict_types=1);

namespace AmpleMargin\Making\Sitting;

final class FreeEvening
{
    /** @param int $begins minutes from the first midnight of 1970 */
    public function __construct(public readonly string $key, public readonly int $begins, public readonly int $minutes)
    {
    }
}
