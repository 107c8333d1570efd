<?php

/*
 * A line as a person wrote it, and the words of it that are written on paper: "Home:" heads a group, "Title 10+" is a column of ten boxes
 * and more, "Ten pages a day → Read twelve books" are a challenge and the goal it serves. What is changed is words; the rest of the line
 * stays.
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Word;

final class LineWords
{
    /** A word of a page has this many letters at most; more are a text, and no page of boxes holds it. From memory. */
    public const LONGEST = 200;

    private const ARROW = '/\s*(?:→|->)\s*/u';

    /** @return non-empty-list<array{int, int}> where its pieces begin, and how long they are, in letters */
    public static function pieces(string $line): array
    {
        if (1 !== preg_match(self::ARROW, $line, $found)) {
            return [[0, mb_strlen($line)]];
        }
        $before = mb_strpos($line, $found[0]);
        $after = (int) $before + mb_strlen($found[0]);

        return [[0, (int) $before], [$after, mb_strlen($line) - $after]];
    }

    /**
     * The words of a piece that stand on paper where these are seen: without the sign that heads a group or the boxes of a column where
     * they are not written.
     *
     * @param string $piece as it was said
     * @param string $seen  of it, on paper; perhaps only its first letters
     */
    public static function seen(string $piece, string $seen): string
    {
        $shortest = [
            (string) preg_replace('/(?:\s+\d+\s*\+?|\s*:)$/u', '', $piece),
            $piece,
        ];
        foreach ($shortest as $words) {
            if ('' !== $words && str_contains($words, $seen)) {
                return $words;
            }
        }

        return $piece;
    }

    /** A line with other words in place of those that are seen on paper. */
    public static function with(string $line, int $piece, string $was, string $says): string
    {
        [$at, $long] = self::pieces($line)[$piece] ?? [0, mb_strlen($line)];
        $of = mb_substr($line, $at, $long);
        $was = '' === $was ? self::seen($of, mb_substr($of, 0, 1)) : $was;
        $in = str_starts_with($of, $was) ? $says.mb_substr($of, mb_strlen($was)) : $says;

        return mb_substr($line, 0, $at).$in.mb_substr($line, $at + $long);
    }
}
