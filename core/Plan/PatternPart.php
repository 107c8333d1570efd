<?php

/* One part of a month's pattern: a kind of page and how many of it. The part "weeks" is sized by the month's weeks. */

declare(strict_types=1);

namespace AmpleMargin\Plan;

final class PatternPart
{
    public const WEEKS = 'weeks';

    /**
     * @param int                     $pages    0 to 20; not used by the part "weeks"
     * @param array<array-key, mixed> $settings as docs/format.md lists them by kind
     */
    public function __construct(public readonly string $kind, public readonly int $pages, public readonly array $settings = [])
    {
    }
}
