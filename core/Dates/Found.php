<?php

/* What a line or a file says: an entry without an id, or why there is none. */

declare(strict_types=1);

namespace AmpleMargin\Dates;

final class Found
{
    /**
     * @param Entry|null   $entry null where nothing could be read
     * @param string       $where "line 12", "harbour.ics"
     * @param string       $says  why nothing could be read, or what was left out of it
     */
    private function __construct(public readonly ?Entry $entry, public readonly string $where, public readonly string $says)
    {
    }

    public static function entry(Entry $entry, string $where, string $says = ''): self
    {
        return new self($entry, $where, $says);
    }

    public static function skipped(string $where, string $why): self
    {
        return new self(null, $where, $why);
    }
}
