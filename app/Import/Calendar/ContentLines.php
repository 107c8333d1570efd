<?php

/* The lines of an iCalendar file, folded ones put together (RFC 5545, 3.1), one after another and never all at once. */

declare(strict_types=1);

namespace App\Import\Calendar;

final class ContentLines
{
    /** Bytes of one line that are read; what stands behind them is left. A description may be long, and nobody writes it on paper. */
    private const LONGEST = 20_000;

    /** @return iterable<int, string> number of its first line in the file, from 1 → the line */
    public static function of(string $text): iterable
    {
        [$at, $number, $first, $line, $all] = [0, 0, 0, null, \strlen($text)];
        while ($at < $all) {
            $end = strpos($text, "\n", $at);
            $end = false === $end ? $all : $end;
            $raw = substr($text, $at, $end - $at);
            $at = $end + 1;
            ++$number;
            if (null !== $line && '' !== $raw && (' ' === $raw[0] || "\t" === $raw[0])) {
                $line .= \strlen($line) < self::LONGEST ? substr($raw, 1, self::LONGEST) : '';
                continue;
            }
            if (null !== $line && '' !== $line) {
                yield $first => $line;
            }
            [$line, $first] = [substr($raw, 0, self::LONGEST), $number];
        }
        if (null !== $line && '' !== $line) {
            yield $first => $line;
        }
    }
}
