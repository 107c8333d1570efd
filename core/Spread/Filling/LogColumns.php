<?php

/*
 * The columns of a log as a person writes them down: "Title 10+", "Author 7", "Rating 2". A number is the boxes a column needs
 * for its heading and its usual words; a plus says that it takes what is left.
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling;

use AmpleMargin\Counting\LargestRemainder;

/** @internal to Spread */
final class LogColumns
{
    /** @param non-empty-list<array{string, int, bool}> $columns heading, boxes, whether it grows */
    private function __construct(private readonly array $columns)
    {
    }

    /** @param list<string> $written one of them where none is */
    public static function read(array $written): self
    {
        $columns = [];
        foreach ([] === $written ? ['What 6+'] : $written as $one) {
            preg_match('/^(.*?)(?:\s+(\d{1,2}))?(\+?)$/su', trim($one), $said);
            $heading = trim($said[1] ?? $one);
            $boxes = '' === ($said[2] ?? '') ? max(2, intdiv(mb_strwidth($heading) + 1, 2)) : (int) $said[2];
            $columns[] = [$heading, max(1, $boxes), '+' === ($said[3] ?? '')];
        }

        return new self($columns);
    }

    /**
     * The same in so many boxes: each column gives up in proportion, and keeps two; the last go where not all can.
     *
     * @return list<string> as a person writes them down
     */
    public function within(int $wide): array
    {
        $columns = $this->columns;
        while (\count($columns) > 1 && 2 * \count($columns) > $wide) {
            array_pop($columns);
        }
        $beyond = array_map(static fn (array $column): int => max(0, $column[1] - 2), $columns);
        $room = max(0, $wide - 2 * \count($columns));
        $more = array_sum($beyond) > $room ? LargestRemainder::share($room, $beyond) : $beyond;

        return array_map(
            static fn (array $column, int $boxes): string => "$column[0] ".(2 + $boxes).($column[2] ? '+' : ''),
            $columns,
            $more,
        );
    }

    /** Boxes they need at least. */
    public function needed(): int
    {
        return array_sum(array_column($this->columns, 1));
    }

    /** @return list<string> */
    public function headings(): array
    {
        return array_column($this->columns, 0);
    }

    /**
     * Boxes of each where so many are left for all of them: what nobody needs goes to the columns that grow, to the first of
     * them where it does not divide; to the widest where none does.
     *
     * @return list<int>
     */
    public function widths(int $wide): array
    {
        $widths = array_column($this->columns, 1);
        $grow = array_keys(array_filter($this->columns, static fn (array $column): bool => $column[2]));
        if ([] === $grow) {
            $grow = [(int) array_search(max($widths), $widths, true)];
        }
        $more = max(0, $wide - array_sum($widths));
        foreach ($grow as $i => $column) {
            $widths[$column] += intdiv($more, \count($grow)) + ($i < $more % \count($grow) ? 1 : 0);
        }

        return array_values($widths);
    }
}
