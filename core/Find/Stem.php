<?php

/* What is left of an English word without its endings: "watered" and "waters" are one word. Never shown, only compared. */

declare(strict_types=1);

namespace AmpleMargin\Find;

final class Stem
{
    /** Endings, the longer first; what is left has a vowel and three letters at least. From memory. */
    private const ENDINGS = [
        'fulness', 'nesses', 'ations', 'ation', 'ments', 'iness', 'fully', 'ness', 'ings', 'ment', 'ions', 'edly', 'ing', 'ful', 'ion',
        'ers', 'ies', 'ied', 'ily', 'ie', 'ed', 'er', 'es', 'ly', 's', 'y', 'e',
    ];

    private const LEAST = 3;

    /** @return list<string> of every word */
    public static function all(string $words): array
    {
        return array_map(self::of(...), self::words($words));
    }

    /** @return list<string> in small letters */
    public static function words(string $words): array
    {
        preg_match_all('/[\p{L}\p{N}]+/u', mb_strtolower(str_replace(["'", '’'], '', $words)), $found);

        return $found[0];
    }

    /** @param string $word in small letters */
    public static function of(string $word): string
    {
        $plain = \Normalizer::normalize($word, \Normalizer::FORM_D);
        $word = (string) preg_replace('/\p{Mn}/u', '', false === $plain ? $word : $plain);
        // Twice, for "savings" is "saving" first.
        foreach ([1, 2] as $_) {
            foreach (self::ENDINGS as $ending) {
                $stem = substr($word, 0, -\strlen($ending));
                if (str_ends_with($word, $ending) && \strlen($stem) >= self::LEAST && 1 === preg_match('/[aeiouy]/', $stem)) {
                    $word = 'ies' === $ending || 'ied' === $ending ? $stem : (string) preg_replace('/([^aeiouls])\1$/', '$1', $stem);
                    break;
                }
            }
        }

        return (string) preg_replace('/ll$/', 'l', $word);
    }
}
