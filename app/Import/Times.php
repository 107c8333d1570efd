<?php

/* Times of day as files write them. */

declare(strict_types=1);

namespace App\Import;

final class Times
{
    /** "18:30" from "6:30 pm", "18.30", "18:30:00"; null where it is none. */
    public static function clock(string $said): ?string
    {
        if (1 !== preg_match('/^\s*(\d{1,2})(?:[:.h](\d{2}))?(?::\d{2})?\s*(am|pm)?\s*$/i', $said, $found)) {
            return null;
        }
        $half = strtolower($found[3] ?? '');
        $hour = '' === $half ? (int) $found[1] : (int) $found[1] % 12 + ('pm' === $half ? 12 : 0);
        $minute = (int) ($found[2] ?? 0);

        return $hour > 23 || $minute > 59 ? null : \sprintf('%02d:%02d', $hour, $minute);
    }
}
