<?php

/* What decides between layouts, read off their drawings. */

declare(strict_types=1);

namespace AmpleMargin\Compare;

use AmpleMargin\Counting\Fraction;
use AmpleMargin\Drawing\Grain;
use AmpleMargin\Drawing\Mark;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Room;
use AmpleMargin\Drawing\Words;
use AmpleMargin\Making\Worked;
use AmpleMargin\Plan\Making\Work;

/** @internal to Compare */
final class Measures
{
    /** A figure needs a box, a line to write on one and a half (docs/trade.md, "Titles and figures"; from memory). */
    private const FIGURE = Grain::PER_BOX;

    /**
     * @param array<string, array{name: string, lines: int, wide: Fraction}> $rooms month or entry → its lines, and how long the shortest is
     * @param list<string>                                                   $limits readability limits broken, in words
     */
    private function __construct(
        public readonly int $pages,
        public readonly array $rooms,
        public readonly int $leftOver,
        public readonly int $figures,
        public readonly int $lines,
        /** What there is to draw. */
        public readonly Work $work,
        public readonly array $limits,
        /** Divisions of a side that can be looked up; 0 where it is no sheet of divisions. */
        public readonly int $shown,
    ) {
    }

    /** @param list<PageDrawing> $pages */
    public static function of(array $pages): self
    {
        $work = Worked::of($pages);
        $rooms = [];
        foreach ($pages as $page) {
            foreach ($page->rooms as $room) {
                $before = $rooms[$room->for] ?? null;
                $rooms[$room->for] = [
                    'name' => $room->name,
                    'lines' => ($before['lines'] ?? 0) + $room->lines,
                    'wide' => null === $before || $room->wide->compare($before['wide']) < 0 ? $room->wide : $before['wide'],
                ];
            }
        }

        return new self(
            $work->pages,
            $rooms,
            array_sum(array_map(self::free(...), $pages)),
            $work->figures,
            $work->lines,
            $work,
            self::limits($pages),
            \count(array_unique(array_merge(...array_map(static fn (PageDrawing $page): array => $page->shown, $pages)))),
        );
    }

    /** Lines of the place that has fewest; null where nothing is kept for writing. */
    public function fewestLines(): ?int
    {
        return [] === $this->rooms ? null : min(array_column($this->rooms, 'lines'));
    }

    /** Boxes of line in the place that has least of them: what a person can write there. */
    public function leastRoom(): int
    {
        return [] === $this->rooms ? 0 : min(array_map(
            static fn (array $room): int => $room['wide']->times($room['lines'])->floor(),
            array_values($this->rooms),
        ));
    }

    public function allLines(): int
    {
        return array_sum(array_column($this->rooms, 'lines'));
    }

    /** Whole boxes of a page that no container, cell, band, figure, word or line to write on takes. */
    private static function free(PageDrawing $page): int
    {
        $taken = array_fill(0, $page->down, str_repeat('0', $page->across));
        foreach ($page->marks as $mark) {
            if ($mark->takesRoom()) {
                self::take($taken, [$mark->x, $mark->y, $mark->wide, $mark->tall]);
            }
        }
        foreach ([...array_map(static fn (Room $room): array => $room->place, $page->rooms), ...$page->cells] as $place) {
            self::take($taken, $place);
        }

        return array_sum(array_map(static fn (string $row): int => substr_count($row, '0'), $taken));
    }

    /**
     * @param list<string>              $taken
     * @param array{int, int, int, int} $place
     */
    private static function take(array &$taken, array $place): void
    {
        [$x, $y, $wide, $tall] = $place;
        $from = intdiv($x, Grain::PER_BOX);
        $length = intdiv($x + $wide + Grain::PER_BOX - 1, Grain::PER_BOX) - $from;
        for ($row = intdiv($y, Grain::PER_BOX); $row * Grain::PER_BOX < $y + $tall; ++$row) {
            if (isset($taken[$row]) && $length > 0) {
                $taken[$row] = substr_replace($taken[$row], str_repeat('1', min($length, \strlen($taken[$row]) - $from)), $from, $length);
            }
        }
    }

    /**
     * @param list<PageDrawing> $pages
     *
     * @return list<string>
     */
    private static function limits(array $pages): array
    {
        $limits = [];
        foreach ($pages as $page) {
            if ([] !== array_filter(
                $page->marks,
                static fn (Mark $mark): bool => $mark instanceof Words && $mark->isFigure() && min($mark->wide, $mark->tall) < self::FIGURE,
            )) {
                $limits['figures'] = 'figures in less than a box';
            }
            foreach ($page->rooms as $room) {
                if ($room->line->compare(Fraction::of(3, 2)) < 0) {
                    $limits['lines'] = 'lines of less than 1½ boxes';
                }
            }
        }

        return array_values($limits);
    }
}
