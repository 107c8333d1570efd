<?php

/*
 * A page's drawing as a piece to print at true size: 1 box is the pitch. A guide has a tick a box along its edges, every fifth
 * numbered, so that it can be laid against the page.
 */

declare(strict_types=1);

namespace AmpleMargin\Sheet\Piece;

use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Band;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Sheet\DotGrid;
use AmpleMargin\Sheet\PrintRoom;
use AmpleMargin\Sheet\SheetArea;
use AmpleMargin\Sheet\SheetLine;
use AmpleMargin\Sheet\SheetMarks;
use AmpleMargin\Sheet\SheetRefused;
use AmpleMargin\Sheet\SheetWords;
use AmpleMargin\Sheet\Tone;

final class TrueSize
{
    /** µm between cut and grid in which numbered ticks can be read. From memory. */
    private const ROOM_FOR_NUMBERS = 6_500;

    /** µm beside a grid that its ticks and numbers take. */
    private const BESIDE = 5_000;

    /** @var list<SheetLine|SheetArea|SheetWords> */
    private array $marks = [];

    private function __construct(
        private readonly PageDrawing $drawing,
        private readonly int $pitch,
        private readonly int $left,
        private readonly int $top,
    ) {
    }

    /**
     * A page to be laid beside the book: as large as the page, or where that does not fit on the paper as large as its grid.
     *
     * @param int             $pitch µm
     * @param array{int, int} $page  width and height of the page in µm
     *
     * @throws SheetRefused where not even the grid fits
     */
    public static function guide(
        PageDrawing $drawing,
        int $pitch,
        array $page,
        PrintRoom $room,
        string $name,
        string $sort,
        string $caution = '',
    ): Piece {
        [$wide, $tall] = [$drawing->across * $pitch, $drawing->down * $pitch];
        [$beside, $above] = [intdiv($page[0] - $wide, 2), intdiv($page[1] - $tall, 2)];
        if ($room->takesTurned(...$page) && min($beside, $above) >= 0) {
            $self = new self($drawing, $pitch, $beside, $above);
            $self->drawn();
            min($beside, $above) >= self::ROOM_FOR_NUMBERS ? $self->edges($beside, $above) : $self->within();

            return $self->piece($name, $sort, $page, CutAlong::Marks, $caution);
        }
        $around = [$wide + 2 * self::BESIDE, $tall + 2 * self::BESIDE];
        if ($room->takesTurned(...$around)) {
            $self = new self($drawing, $pitch, self::BESIDE, self::BESIDE);
            $self->drawn();
            $self->rulers();

            return $self->piece($name, $sort, $around, CutAlong::Outline, $caution);
        }
        if (!$room->takesTurned($wide, $tall)) {
            throw $room->refusal('The grid', $wide, $tall);
        }
        $self = new self($drawing, $pitch, 0, 0);
        $self->drawn();
        $self->within();

        return $self->piece($name, $sort, [$wide, $tall], CutAlong::Marks, $caution);
    }

    /**
     * Something to be cut out along whole boxes.
     *
     * @param bool $dots   whether the dots of the page are printed on it
     * @param bool $sticks whether it may be printed on a label
     */
    public static function cutOut(
        PageDrawing $drawing,
        int $pitch,
        string $name,
        string $sort,
        string $caution,
        bool $dots = true,
        bool $sticks = false,
        ?PageDrawing $back = null,
    ): Piece {
        $face = static function (PageDrawing $drawing) use ($pitch, $dots): Face {
            $self = new self($drawing, $pitch, 0, 0);
            $self->drawn();

            return $self->asFace($dots);
        };

        return new Piece(
            $name,
            $sort,
            $drawing->across * $pitch,
            $drawing->down * $pitch,
            $face($drawing),
            null === $back ? null : $face($back),
            CutAlong::Edges,
            $caution,
            $sticks,
        );
    }

    /** The marks of a page alone, `$left` and `$top` µm from the corner, bands behind everything else. */
    public static function face(PageDrawing $drawing, int $pitch, int $left, int $top, bool $dots): Face
    {
        $self = new self($drawing, $pitch, $left, $top);
        $self->drawn();

        return $self->asFace($dots);
    }

    /** Bands behind everything else. */
    private function drawn(): void
    {
        $form = new SheetMarks($this->left, $this->top, $this->pitch);
        $bands = $others = [];
        foreach ($this->drawing->marks as $mark) {
            $marks = $mark->visit($form);
            $mark instanceof Band ? array_unshift($bands, ...$marks) : array_push($others, ...$marks);
        }
        $this->marks = [...$bands, ...$others];
    }

    /** @param array{int, int} $size µm */
    private function piece(string $name, string $sort, array $size, CutAlong $cut, string $caution): Piece
    {
        return new Piece($name, $sort, $size[0], $size[1], $this->asFace(true), null, $cut, $caution);
    }

    private function asFace(bool $dots): Face
    {
        $grid = new DotGrid($this->left, $this->top, $this->pitch, $this->drawing->across, $this->drawing->down);

        return new Face($this->marks, $dots ? [$grid] : []);
    }

    /** A ruler's number, 2.4 mm of room down. All in µm. */
    private function number(int $number, int $x, int $y, int $wide = 6_000, int $letters = 2_000, Align $align = Align::Middle): void
    {
        $this->marks[] = new SheetWords(Tone::Ruler, $x, $y, $wide, 2_400, (string) $number, $letters, $align);
    }

    /** A tick a box, a longer one with its number every fifth, just outside the grid; and marks to cut the grid out by. */
    private function rulers(): void
    {
        $drawing = $this->drawing;
        for ($box = 0; $box <= $drawing->across; ++$box) {
            $at = $this->left + $box * $this->pitch;
            $fifth = self::isNumbered($box, $drawing->across);
            $this->marks[] = new SheetLine(Tone::Ruler, $at, $this->top - 600, $at, $this->top - ($fifth ? 2_200 : 1_400));
            if ($fifth) {
                $this->number($box, $at - 3_000, $this->top - 4_700);
            }
        }
        for ($box = 0; $box <= $drawing->down; ++$box) {
            $at = $this->top + $box * $this->pitch;
            $fifth = self::isNumbered(self::down($drawing, $box), $drawing->down);
            $this->marks[] = new SheetLine(Tone::Ruler, $this->left - 600, $at, $this->left - ($fifth ? 2_200 : 1_400), $at);
            if ($fifth) {
                $this->number(self::down($drawing, $box), $this->left - 4_900, $at - 1_200, 2_600, 1_600, Align::End);
            }
        }
    }

    /** A tick a box at the grid's own edge, for a guide that has nothing beside its grid. */
    private function within(): void
    {
        [$right, $foot] = [$this->left + $this->drawing->across * $this->pitch, $this->top + $this->drawing->down * $this->pitch];
        for ($box = 0; $box <= $this->drawing->across; ++$box) {
            $at = $this->left + $box * $this->pitch;
            $long = self::isNumbered($box, $this->drawing->across) ? 1_400 : 700;
            array_push(
                $this->marks,
                new SheetLine(Tone::Ruler, $at, $this->top, $at, $this->top + $long),
                new SheetLine(Tone::Ruler, $at, $foot, $at, $foot - $long),
            );
        }
        for ($box = 0; $box <= $this->drawing->down; ++$box) {
            $at = $this->top + $box * $this->pitch;
            $long = self::isNumbered(self::down($this->drawing, $box), $this->drawing->down) ? 1_400 : 700;
            array_push(
                $this->marks,
                new SheetLine(Tone::Ruler, $this->left, $at, $this->left + $long, $at),
                new SheetLine(Tone::Ruler, $right, $at, $right - $long, $at),
            );
        }
    }

    /** The number of a place along the left edge: where the book is turned, it is counted from the lower end. */
    private static function down(PageDrawing $drawing, int $box): int
    {
        return $drawing->turned ? $drawing->down - $box : $box;
    }

    /** Every fifth, and the last; a fifth right before the last gives way. */
    private static function isNumbered(int $box, int $last): bool
    {
        return $box === $last || (0 === $box % 5 && $last - $box >= 2);
    }

    /**
     * A tick a box along all four edges of what is cut out, so that it can be laid against the page, a longer one
     * with its number every fifth; and a short tick at the grid itself.
     *
     * @param int $beside µm from the cut to the grid, left and right; `$above` above and below
     */
    private function edges(int $beside, int $above): void
    {
        $drawing = $this->drawing;
        [$right, $foot] = [$this->left + $drawing->across * $this->pitch, $this->top + $drawing->down * $this->pitch];
        for ($box = 0; $box <= $drawing->across; ++$box) {
            $at = $this->left + $box * $this->pitch;
            $long = self::isNumbered($box, $drawing->across) ? 2_600 : 1_500;
            array_push(
                $this->marks,
                new SheetLine(Tone::Ruler, $at, $this->top - $above, $at, $this->top - $above + $long),
                new SheetLine(Tone::Ruler, $at, $foot + $above, $at, $foot + $above - $long),
                new SheetLine(Tone::Ruler, $at, $this->top - 600, $at, $this->top - 1_300),
            );
            if ($long > 2_000) {
                $this->number($box, $at - 3_000, $this->top - $above + 2_700);
            }
        }
        for ($box = 0; $box <= $drawing->down; ++$box) {
            $at = $this->top + $box * $this->pitch;
            $long = self::isNumbered(self::down($drawing, $box), $drawing->down) ? 2_600 : 1_500;
            array_push(
                $this->marks,
                new SheetLine(Tone::Ruler, $this->left - $beside, $at, $this->left - $beside + $long, $at),
                new SheetLine(Tone::Ruler, $right + $beside, $at, $right + $beside - $long, $at),
                new SheetLine(Tone::Ruler, $this->left - 600, $at, $this->left - 1_300, $at),
            );
            if ($long > 2_000) {
                $this->number(self::down($drawing, $box), $this->left - $beside + 2_800, $at - 1_200, 4_000, 2_000, Align::Start);
            }
        }
    }
}
