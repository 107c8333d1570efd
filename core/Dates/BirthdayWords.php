<?php

/* Words that speak of a birthday, and whose it is: "Ione’s birthday", "birthday Ione", "Ione (birthday)". */

declare(strict_types=1);

namespace AmpleMargin\Dates;

final class BirthdayWords
{
    private const WORD = '\b(?:birthday|bday|geburtstag|anniversaire)\b';

    /** Whose; null where they speak of none, or of nobody. */
    public static function whose(string $words): ?string
    {
        if (1 !== preg_match('/'.self::WORD.'/iu', $words)) {
            return null;
        }
        $left = (string) preg_replace('/[\s,(–-]*(?:’s|\'s)?\s*'.self::WORD.'[\s):]*/iu', ' ', $words);
        $whose = (string) preg_replace('/^(?:\s*(?:of|von|de)\s+)|^[\s,;:–-]+|[\s,;:–-]+$/iu', '', $left);

        return '' === $whose ? null : $whose;
    }
}
