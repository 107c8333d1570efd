<?php

/* A table of dates this program wrote: read back as it was. */

declare(strict_types=1);

namespace App\Import;

use AmpleMargin\Dates\Found;
use AmpleMargin\Plan\DatesReader;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Values;
use App\Export\DatesTable;

final class OwnTable
{
    /** Null where it is another. */
    public static function read(string $text): ?ReadDates
    {
        if (!str_starts_with($text, implode(',', DatesTable::COLUMNS)."\n")) {
            return null;
        }
        $found = [];
        foreach (TextRows::of($text, ',') as $i => $row) {
            if (0 === $i || [''] === $row) {
                continue;
            }
            $where = 'line '.($i + 1);
            try {
                $found[] = Found::entry(DatesReader::entry(Values::of(self::values($row))), $where);
            } catch (PlanProblem $problem) {
                $found[] = Found::skipped($where, $problem->getMessage());
            }
        }

        return new ReadDates($found);
    }

    /**
     * @param list<string> $row
     *
     * @return array<string, mixed>
     */
    private static function values(array $row): array
    {
        $values = [];
        foreach (DatesTable::COLUMNS as $i => $column) {
            $said = DatesTable::said($row[$i] ?? '');
            if ('' !== $said) {
                $values[$column] = match ($column) {
                    'lead' => ctype_digit($said) ? (int) $said : $said,
                    'except', 'also' => explode(' ', $said),
                    default => $said,
                };
            }
        }

        return $values;
    }
}
