<?php

/*
 * Lays a page's drawing on paper at true size: 1 box is the pitch. Round it stand crop marks, numbered
 * rulers along the upper and left edges, and a line of 100 mm to check the printer by.
 */

declare(strict_types=1);

namespace AmpleMargin\Sheet;

use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Band;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Paper\PaperSize;

final class TrueSize
{
    /** µm between cut and grid in which numbered ticks can be read. From memory. */
    private const ROOM_FOR_NUMBERS = 6_500;

    /** @var list<SheetLine|SheetArea|SheetWords> */
    private array $marks = [];

    private function __construct(private readonly int $pitch, private readonly int $left, private readonly int $top)
    {
    }

    /**
     * @param int                  $pitch µm
     * @param array{int, int}|null $trim  width and height in µm of what is cut out, where that is larger than the grid
     * @param string               $caution about what is done with the sheet
     * @param bool                 $rulers numbered ticks along the upper and left edges
     *
     * @throws SheetRefused where the grid does not fit on the paper
     */
    public static function sheet(
        PageDrawing $drawing,
        int $pitch,
        PaperSize $paper,
        string $title,
        ?array $trim = null,
        bool $rulers = true,
        string $caution = '',
    ): Sheet {
        $room = new PrintRoom($paper);
        [$wide, $tall] = [$drawing->across * $pitch, $drawing->down * $pitch];
        $self = new self($pitch, ...$room->middle($wide, $tall));
        $self->marks = self::marks($drawing, new SheetMarks($self->left, $self->top, $pitch));
        // Where the whole page does not fit on the paper, the grid is what is cut out.
        $page = $trim ?? [$wide, $tall];
        $cut = $room->takes(...$page) ? $page : [$wide, $tall];
        $margin = [intdiv($cut[0] - $wide, 2), intdiv($cut[1] - $tall, 2)];
        if ($rulers) {
            min($margin) >= self::ROOM_FOR_NUMBERS ? $self->edges($drawing, ...$margin) : $self->rulers($drawing);
        }
        $self->cropMarks($cut, $margin);
        array_push($self->marks, ...SheetFoot::marks($room->width, $room->height, $title, $caution));

        return new Sheet($paper, $title, new DotGrid($self->left, $self->top, $pitch, $drawing->across, $drawing->down), $self->marks);
    }

    /** @return list<SheetLine|SheetArea|SheetWords> bands behind everything else */
    private static function marks(PageDrawing $drawing, SheetMarks $form): array
    {
        $bands = $others = [];
        foreach ($drawing->marks as $mark) {
            $marks = $mark->visit($form);
            $mark instanceof Band ? array_unshift($bands, ...$marks) : array_push($others, ...$marks);
        }

        return [...$bands, ...$others];
    }

    /** A tick a box, a longer one with its number every fifth, just outside the grid. */
    private function rulers(PageDrawing $drawing): void
    {
        for ($box = 0; $box <= $drawing->across; ++$box) {
            $at = $this->left + $box * $this->pitch;
            $fifth = self::isNumbered($box, $drawing->across);
            $this->marks[] = new SheetLine(Tone::Ruler, $at, $this->top - 600, $at, $this->top - ($fifth ? 2_200 : 1_400));
            if ($fifth) {
                $this->marks[] = new SheetWords(
                    Tone::Ruler,
                    $at - 3_000,
                    $this->top - 4_700,
                    6_000,
                    2_400,
                    (string) $box,
                    2_000,
                    Align::Middle,
                );
            }
        }
        for ($box = 0; $box <= $drawing->down; ++$box) {
            $at = $this->top + $box * $this->pitch;
            $fifth = self::isNumbered(self::down($drawing, $box), $drawing->down);
            $this->marks[] = new SheetLine(Tone::Ruler, $this->left - 600, $at, $this->left - ($fifth ? 2_200 : 1_400), $at);
            if ($fifth && $this->left >= 9_000) {
                $this->marks[] = new SheetWords(
                    Tone::Ruler,
                    $this->left - 8_600,
                    $at - 1_200,
                    6_000,
                    2_400,
                    (string) self::down($drawing, $box),
                    2_000,
                    Align::End,
                );
            }
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
    private function edges(PageDrawing $drawing, int $beside, int $above): void
    {
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
                $this->marks[] = new SheetWords(
                    Tone::Ruler,
                    $at - 3_000,
                    $this->top - $above + 2_700,
                    6_000,
                    2_400,
                    (string) $box,
                    2_000,
                    Align::Middle,
                );
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
                $this->marks[] = new SheetWords(
                    Tone::Ruler,
                    $this->left - $beside + 2_800,
                    $at - 1_200,
                    4_000,
                    2_400,
                    (string) self::down($drawing, $box),
                    2_000,
                    Align::Start,
                );
            }
        }
    }

    /**
     * @param array{int, int} $cut    µm wide and tall
     * @param array{int, int} $margin µm from the cut to the grid
     */
    private function cropMarks(array $cut, array $margin): void
    {
        [$left, $top] = [$this->left - $margin[0], $this->top - $margin[1]];
        foreach ([$left, $left + $cut[0]] as $i => $x) {
            foreach ([$top, $top + $cut[1]] as $j => $y) {
                $outX = 0 === $i ? -1 : 1;
                $outY = 0 === $j ? -1 : 1;
                $this->marks[] = new SheetLine(Tone::Cut, $x + $outX * 1_000, $y, $x + $outX * 4_500, $y);
                $this->marks[] = new SheetLine(Tone::Cut, $x, $y + $outY * 1_000, $x, $y + $outY * 4_500);
            }
        }
    }
}
