<?php

/* Words written on lines of a given length: broken between words, and within a word only where it is longer than a line. */

declare(strict_types=1);

namespace AmpleMargin\Counting;

final class Wrap
{
    /** Letters of a line at least, so that a letter of double width has room. */
    private const LEAST = 2;

    /** Words longer than a line, which it breaks. @param int $letters of a line, 1 or more */
    public static function broken(string $words, int $letters): int
    {
        return \count(array_filter(self::words($words), static fn (string $word): bool => mb_strwidth($word) > max(self::LEAST, $letters)));
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
            while (mb_strwidth($word) > $letters) {
                $part = mb_strimwidth($word, 0, $letters);
                $lines[] = $part;
                $word = mb_substr($word, mb_strlen($part));
            }
            $line = $word;
        }
        if ('' !== $line || [] === $lines) {
            $lines[] = $line;
        }

        return $lines;
    }
}
