<?php

/* The rows of a table in a text file. */

declare(strict_types=1);

namespace App\Import;

final class TextRows
{
    /** @return non-empty-list<list<string>> no more than are read, and one */
    public static function of(string $text, string $separator): array
    {
        $stream = fopen('php://temp', 'r+');
        if (false === $stream) {
            return [['']];
        }
        fwrite($stream, $text);
        rewind($stream);
        $rows = [];
        while (\count($rows) <= DateFiles::MOST + 1 && false !== ($row = fgetcsv($stream, null, $separator, '"', ''))) {
            $rows[] = array_map(static fn (?string $cell): string => $cell ?? '', $row);
        }
        fclose($stream);

        return [] === $rows ? [['']] : $rows;
    }
}
