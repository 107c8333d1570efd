<?php

/* Words written on lines of a given length: broken between words, and within a word only where it is longer than a line. */

declare(strict_types=1);

namespace AmpleMargin\Counting;

final class Wrap
{
    /**
     * @param int $letters of a line, 1 or more; East Asian letters count twice
     *
     * @return non-empty-list<string>
     */
    public static function lines(string $words, int $letters): array
    {
        $letters = max(2, $letters);
        $lines = [];
        $line = '';
        foreach (explode(' ', (string) preg_replace('/\s+/u', ' ', trim($words))) as $word) {
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
