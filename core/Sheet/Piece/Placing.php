<?php

/*
 * Where something is put on a sheet: turned by quarters against the clock or seen as in a mirror, then moved. Whole µm go in and out,
 * so that nothing is rounded.
 */

declare(strict_types=1);

namespace AmpleMargin\Sheet\Piece;

use AmpleMargin\Sheet\DotGrid;
use AmpleMargin\Sheet\SheetArea;
use AmpleMargin\Sheet\SheetLine;
use AmpleMargin\Sheet\SheetWords;

final class Placing
{
    /**
     * @param int $a of a point: x' = a·x + c·y + e, y' = b·x + d·y + f
     */
    private function __construct(
        private readonly int $a,
        private readonly int $b,
        private readonly int $c,
        private readonly int $d,
        private readonly int $e,
        private readonly int $f,
        private readonly int $quarters,
        private readonly bool $mirrors,
    ) {
    }

    /** Moved right and down. */
    public static function at(int $x, int $y): self
    {
        return new self(1, 0, 0, 1, $x, $y, 0, false);
    }

    /**
     * Turned by a quarter against the clock, or with it, and moved so that its upper left corner is where it is asked for.
     *
     * @param int $wide µm of what is turned, before it is
     */
    public static function turnedAt(int $x, int $y, int $wide, int $tall, bool $withTheClock = false): self
    {
        return $withTheClock ? new self(0, 1, -1, 0, $x + $tall, $y, -1, false) : new self(0, -1, 1, 0, $x, $y + $wide, 1, false);
    }

    /** On its head, its upper left corner where it is asked for. @param int $wide µm of what is turned */
    public static function over(int $x, int $y, int $wide, int $tall): self
    {
        return new self(-1, 0, 0, -1, $x + $wide, $y + $tall, 2, false);
    }

    /** As in a mirror beside it. @param int $wide µm of what is mirrored */
    public static function mirrored(int $wide): self
    {
        return new self(-1, 0, 0, 1, $wide, 0, 0, true);
    }

    /**
     * @param list<SheetLine|SheetArea|SheetWords> $marks
     *
     * @return list<SheetLine|SheetArea|SheetWords>
     */
    public function marks(array $marks): array
    {
        return array_map($this->mark(...), $marks);
    }

    public function grid(DotGrid $grid): DotGrid
    {
        [$x, $y, $wide] = $this->place($grid->x, $grid->y, $grid->across * $grid->pitch, $grid->down * $grid->pitch);
        $across = intdiv($wide, max(1, $grid->pitch));

        return new DotGrid($x, $y, $grid->pitch, $across, $grid->across + $grid->down - $across);
    }

    private function mark(SheetLine|SheetArea|SheetWords $mark): SheetLine|SheetArea|SheetWords
    {
        if ($mark instanceof SheetLine) {
            [[$x, $y], [$toX, $toY]] = [$this->point($mark->x, $mark->y), $this->point($mark->toX, $mark->toY)];

            return new SheetLine($mark->tone, $x, $y, $toX, $toY, $mark->colour);
        }
        [$x, $y, $wide, $tall] = $this->place($mark->x, $mark->y, $mark->wide, $mark->tall);
        if ($mark instanceof SheetArea) {
            return new SheetArea($mark->tone, $x, $y, $wide, $tall, $mark->ring, $mark->colour);
        }

        return new SheetWords(
            $mark->tone,
            $x,
            $y,
            $wide,
            $tall,
            $mark->text,
            $mark->size,
            $mark->align,
            $mark->colour,
            // Words are mirrored after they are turned: seen in the mirror, they turn the other way.
            $mark->turn->by($mark->mirrored ? -$this->quarters : $this->quarters),
            $mark->mirrored !== $this->mirrors,
        );
    }

    /** @return array{int, int} */
    private function point(int $x, int $y): array
    {
        return [$this->a * $x + $this->c * $y + $this->e, $this->b * $x + $this->d * $y + $this->f];
    }

    /** @return array{int, int, int, int} */
    private function place(int $x, int $y, int $wide, int $tall): array
    {
        [$x1, $y1] = $this->point($x, $y);
        [$x2, $y2] = $this->point($x + $wide, $y + $tall);

        return [min($x1, $x2), min($y1, $y2), abs($x2 - $x1), abs($y2 - $y1)];
    }
}
