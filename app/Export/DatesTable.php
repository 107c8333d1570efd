<?php

/*
 * The dates of a book as a table, a row each, as plan files write them. A table program would reckon what begins with =, +, − or @: such a
 * field has an apostrophe before it (OWASP, CSV Injection), which reading it takes away again.
 */

declare(strict_types=1);

namespace App\Export;

use AmpleMargin\Dates\KnownDates;
use AmpleMargin\Plan\DatesWriter;

final class DatesTable
{
    public const COLUMNS = ['day', 'words', 'is', 'category', 'time', 'ends', 'repeat', 'except', 'also', 'lead', 'leap', 'uid', 'id'];

    private const RECKONED = "/^['=+\\-@\t\r]/";

    public static function of(KnownDates $dates): string
    {
        $stream = fopen('php://temp', 'r+');
        if (false === $stream) {
            throw new \RuntimeException('No memory for a table.');
        }
        fputcsv($stream, self::COLUMNS, ',', '"', '');
        foreach ($dates->entries as $entry) {
            $written = DatesWriter::entry($entry);
            fputcsv($stream, array_map(static function (string $column) use ($written): string {
                $value = $written[$column] ?? '';

                return self::harmless(
                    \is_array($value) ? implode(' ', array_filter($value, is_string(...))) : (\is_scalar($value) ? (string) $value : ''),
                );
            }, self::COLUMNS), ',', '"', '');
        }
        rewind($stream);

        return (string) stream_get_contents($stream);
    }

    /** A field as it was before it was made harmless. */
    public static function said(string $field): string
    {
        return str_starts_with($field, "'") && 1 === preg_match(self::RECKONED, substr($field, 1)) ? substr($field, 1) : $field;
    }

    private static function harmless(string $said): string
    {
        return 1 === preg_match(self::RECKONED, $said) ? "'$said" : $said;
    }
}
