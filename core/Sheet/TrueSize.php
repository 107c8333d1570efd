<?php

/*
 * Lays a page's drawing on paper at true size: 1 box is the pitch. Round it stand crop marks, numbered
 * rulers along the upper and left edges, and a line of 100 mm to check the printer by.
 */

declare(strict_types=1);

namespace AmpleMargin\Sheet;

use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Band;
use AmpleMargin\Drawing\Frame;
use AmpleMargin\Drawing\Grain;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Line;
use AmpleMargin\Drawing\Mark;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Ring;
use AmpleMargin\Drawing\Words;
use AmpleMargin\Paper\Millimetres;
use AmpleMargin\Paper\PaperSize;

final class TrueSize
{
    /** What ordinary printers cannot reach along each edge, and the strip the check line needs, in µm (from memory). */
    private const EDGE = 5_000;
    private const FOOT = 11_000;
    private const HEAD = 9_000;
    private const CHECK = 100_000;

    /** @var list<SheetLine|SheetArea|SheetWords> */
    private array $marks = [];

    private function __construct(private readonly int $pitch, private readonly int $left, private readonly int $top)
    {
    }

    /**
     * @param int                  $pitch µm
     * @param array{int, int}|null $trim  width and height in µm of what is cut out, where that is larger than the grid
     * @param bool                 $rulers numbered ticks along the upper and left edges
     *
     * @throws SheetRefused where the grid does not fit on the paper
     */
    public static function sheet(PageDrawing $drawing, int $pitch, PaperSize $paper, string $title, ?array $trim = null, bool $rulers = true): Sheet
    {
        [$width, $height] = $paper->micrometres();
        [$wide, $tall] = [$drawing->across * $pitch, $drawing->down * $pitch];
        $room = [$width - 2 * self::EDGE, $height - self::HEAD - self::FOOT];
        if ($wide > $room[0] || $tall > $room[1]) {
            throw SheetRefused::tooLarge(Millimetres::written($wide).' × '.Millimetres::written($tall), $paper->value, Millimetres::written($room[0]).' × '.Millimetres::written($room[1]));
        }
        $self = new self($pitch, intdiv($width - $wide, 2), self::HEAD + intdiv($room[1] - $tall, 2));
        foreach ($drawing->marks as $mark) {
            $self->mark($mark);
        }
        if ($rulers) {
            $self->rulers($drawing);
        }
        $self->cropMarks($wide, $tall, $trim ?? [$wide, $tall], $width, $height);
        $self->foot($width, $height, $title);

        return new Sheet($paper, $title, new DotGrid($self->left, $self->top, $pitch, $drawing->across, $drawing->down), $self->marks);
    }

    private function mark(Mark $mark): void
    {
        $tone = match ($mark->layer) {
            Layer::Pencil => Tone::Pencil,
            Layer::Band => Tone::Band,
            Layer::Ink, Layer::Writing => Tone::Ink,
        };
        $x = $this->left + Grain::micrometres($mark->x, $this->pitch);
        $y = $this->top + Grain::micrometres($mark->y, $this->pitch);
        // Ends are reckoned from the edge too, so that no rounding adds up along the page.
        $toX = $this->left + Grain::micrometres($mark->x + $mark->wide, $this->pitch);
        $toY = $this->top + Grain::micrometres($mark->y + $mark->tall, $this->pitch);
        match (true) {
            $mark instanceof Line => $this->marks[] = new SheetLine($tone, $x, $y, $toX, $toY),
            $mark instanceof Frame => $this->frame($tone, $x, $y, $toX, $toY),
            $mark instanceof Band => array_unshift($this->marks, new SheetArea($tone, $x, $y, $toX - $x, $toY - $y)),
            $mark instanceof Ring => $this->marks[] = new SheetArea($tone, $x, $y, $toX - $x, $toY - $y, true),
            $mark instanceof Words => $this->marks[] = new SheetWords($tone, $x, $y, $toX - $x, $toY - $y, $mark->text, Grain::micrometres($mark->size, $this->pitch), $mark->align),
            default => throw new \LogicException('A mark no sheet can show: '.$mark::class),
        };
    }

    private function frame(Tone $tone, int $x, int $y, int $toX, int $toY): void
    {
        array_push($this->marks, new SheetLine($tone, $x, $y, $toX, $y), new SheetLine($tone, $toX, $y, $toX, $toY), new SheetLine($tone, $toX, $toY, $x, $toY), new SheetLine($tone, $x, $toY, $x, $y));
    }

    /** A tick a box, a longer one with its number every fifth, just outside the grid. */
    private function rulers(PageDrawing $drawing): void
    {
        for ($box = 0; $box <= $drawing->across; ++$box) {
            $at = $this->left + $box * $this->pitch;
            $fifth = self::isNumbered($box, $drawing->across);
            $this->marks[] = new SheetLine(Tone::Ruler, $at, $this->top - 600, $at, $this->top - ($fifth ? 2_200 : 1_400));
            if ($fifth) {
                $this->marks[] = new SheetWords(Tone::Ruler, $at - 3_000, $this->top - 4_700, 6_000, 2_400, (string) $box, 2_000, Align::Middle);
            }
        }
        for ($box = 0; $box <= $drawing->down; ++$box) {
            $at = $this->top + $box * $this->pitch;
            $fifth = self::isNumbered($box, $drawing->down);
            $this->marks[] = new SheetLine(Tone::Ruler, $this->left - 600, $at, $this->left - ($fifth ? 2_200 : 1_400), $at);
            if ($fifth && $this->left >= 9_000) {
                $this->marks[] = new SheetWords(Tone::Ruler, $this->left - 8_600, $at - 1_200, 6_000, 2_400, (string) $box, 2_000, Align::End);
            }
        }
    }

    /** Every fifth, and the last; a fifth right before the last gives way. */
    private static function isNumbered(int $box, int $last): bool
    {
        return $box === $last || (0 === $box % 5 && $last - $box >= 2);
    }

    /** @param array{int, int} $trim */
    private function cropMarks(int $wide, int $tall, array $trim, int $width, int $height): void
    {
        // Where the whole page does not fit on the paper, the grid is what is cut out.
        $fits = $trim[0] + 2 * self::EDGE <= $width && $trim[1] + self::HEAD + self::FOOT <= $height;
        [$trimWide, $trimTall] = $fits ? $trim : [$wide, $tall];
        $left = $this->left - intdiv($trimWide - $wide, 2);
        $top = $this->top - intdiv($trimTall - $tall, 2);
        foreach ([$left, $left + $trimWide] as $i => $x) {
            foreach ([$top, $top + $trimTall] as $j => $y) {
                $outX = 0 === $i ? -1 : 1;
                $outY = 0 === $j ? -1 : 1;
                $this->marks[] = new SheetLine(Tone::Cut, $x + $outX * 1_000, $y, $x + $outX * 4_500, $y);
                $this->marks[] = new SheetLine(Tone::Cut, $x, $y + $outY * 1_000, $x, $y + $outY * 4_500);
            }
        }
    }

    private function foot(int $width, int $height, string $title): void
    {
        $x = intdiv($width - self::CHECK, 2);
        $y = $height - 6_500;
        $this->marks[] = new SheetLine(Tone::Ink, $x, $y, $x + self::CHECK, $y);
        foreach ([$x, $x + self::CHECK] as $end) {
            $this->marks[] = new SheetLine(Tone::Ink, $end, $y - 1_000, $end, $y + 1_000);
        }
        $this->marks[] = new SheetWords(Tone::Ink, $x, $y - 3_600, self::CHECK, 2_600, 'This line is 100 mm. If it is not, print again at 100 %, without fitting to the page.', 2_300, Align::Middle);
        $this->marks[] = new SheetWords(Tone::Ink, self::EDGE, self::EDGE - 2_000, $width - 2 * self::EDGE, 3_000, mb_strimwidth($title, 0, 110, '…'), 2_600, Align::Middle);
    }
}
