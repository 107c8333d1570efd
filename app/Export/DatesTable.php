<?php

/* The dates of a book as a table, a row each, as plan files write them. */

declare(strict_types=1);

namespace App\Export;

use AmpleMargin\Dates\KnownDates;
use AmpleMargin\Plan\DatesWriter;

final class DatesTable
{
    public const COLUMNS = ['day', 'words', 'is', 'category', 'time', 'ends', 'repeat', 'except', 'also', 'lead', 'leap', 'uid', 'id'];

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

                return \is_array($value) ? implode(' ', array_filter($value, is_string(...))) : (\is_scalar($value) ? (string) $value : '');
            }, self::COLUMNS), ',', '"', '');
        }
        rewind($stream);

        return (string) stream_get_contents($stream);
    }
}
