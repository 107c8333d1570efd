<?php

/* Words written on lines of a given length: broken between words, and within a word only where it is longer than a line. */

declare(strict_types=1);

namespace AmpleMargin\Counting;

final class Wrap
{
    /** Letters of a line at least, so that a letter of double width has room. */
    private const LEAST = 2;

    /** Words longer than a line, which it breaks within. @param int $letters of a line, 1 or more */
    public static function broken(string $words, int $letters): int
    {
        $longest = static fn (string $word): int => max(array_map(mb_strwidth(...), self::pieces($word)));

        return \count(array_filter(self::words($words), static fn (string $word): bool => $longest($word) > max(self::LEAST, $letters)));
    }

    /** @return non-empty-list<string> a long word, broken behind its dashes */
    private static function pieces(string $word): array
    {
        $pieces = preg_split('/(?<=[–—-])(?=.)/u', $word);

        return false === $pieces || [] === $pieces ? [$word] : $pieces;
    }

    /** @return list<string> */
    private static function words(string $words): array
    {
        return explode(' ', (string) preg_replace('/\s+/u', ' ', trim($words)));
    }

    /**
     * @param int $letters of a line, 1 or more; East Asian letters count twice
     *
     * @return non-empty-list<string>
     */
    public static function lines(string $words, int $letters): array
    {
        $letters = max(self::LEAST, $letters);
        $lines = [];
        $line = '';
        foreach (self::words($words) as $word) {
            if ('' !== $line && mb_strwidth("$line $word") <= $letters) {
                $line .= " $word";
                continue;
            }
            if ('' !== $line) {
                $lines[] = $line;
            }
            $line = '';
            // “18:30–19:45” goes on behind its dash, never within a time.
            foreach (mb_strwidth($word) > $letters ? self::pieces($word) : [$word] as $piece) {
                if ('' !== $line && mb_strwidth($line.$piece) <= $letters) {
                    $line .= $piece;
                    continue;
                }
                if ('' !== $line) {
                    $lines[] = $line;
                }
                while (mb_strwidth($piece) > $letters) {
                    $part = mb_strimwidth($piece, 0, $letters);
                    $lines[] = $part;
                    $piece = mb_substr($piece, mb_strlen($part));
                }
                $line = $piece;
            }
        }
        if ('' !== $line || [] === $lines) {
            $lines[] = $line;
        }

        return $lines;
    }
}
