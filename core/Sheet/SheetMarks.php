<?php

/* The marks of a page given form on a sheet, in µm from its upper left corner. */

declare(strict_types=1);

namespace AmpleMargin\Sheet;

use AmpleMargin\Drawing\Band;
use AmpleMargin\Drawing\Frame;
use AmpleMargin\Drawing\Grain;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Line;
use AmpleMargin\Drawing\Mark;
use AmpleMargin\Drawing\MarkVisitor;
use AmpleMargin\Drawing\Ring;
use AmpleMargin\Drawing\Words;

/**
 * @internal to true-size sheets
 *
 * @implements MarkVisitor<list<SheetLine|SheetArea|SheetWords>>
 */
final class SheetMarks implements MarkVisitor
{
    /**
     * µm of letters below which no printer shows any: their place is a line, and the page's finding says that they are
     * too many. From memory: six dots of a printer at 600 to the inch.
     */
    private const SMALLEST_LETTERS = 250;

    /** @param int $pitch µm a box */
    public function __construct(private readonly int $left, private readonly int $top, private readonly int $pitch)
    {
    }

    public function line(Line $line): array
    {
        return [new SheetLine(self::tone($line), ...$this->place($line), colour: $line->colour)];
    }

    public function frame(Frame $frame): array
    {
        $tone = self::tone($frame);
        [$x, $y, $toX, $toY] = $this->place($frame);

        return [
            new SheetLine($tone, $x, $y, $toX, $y, $frame->colour),
            new SheetLine($tone, $toX, $y, $toX, $toY, $frame->colour),
            new SheetLine($tone, $toX, $toY, $x, $toY, $frame->colour),
            new SheetLine($tone, $x, $toY, $x, $y, $frame->colour),
        ];
    }

    public function band(Band $band): array
    {
        return [$this->area($band, false)];
    }

    public function ring(Ring $ring): array
    {
        return [$this->area($ring, true)];
    }

    public function words(Words $words): array
    {
        [$x, $y, $toX, $toY] = $this->place($words);
        $size = Grain::micrometres($words->size, $this->pitch);
        $tone = self::tone($words);

        return [$size < self::SMALLEST_LETTERS
            ? new SheetLine($tone, $x, intdiv($y + $toY, 2), $toX, intdiv($y + $toY, 2), $words->colour)
            : new SheetWords(
                $tone,
                $x,
                $y,
                $toX - $x,
                $toY - $y,
                $words->text,
                $size,
                $words->align,
                $words->colour,
                $words->upwards ? Turn::Upwards : Turn::Upright,
            )];
    }

    private function area(Band|Ring $mark, bool $round): SheetArea
    {
        [$x, $y, $toX, $toY] = $this->place($mark);

        return new SheetArea(self::tone($mark), $x, $y, $toX - $x, $toY - $y, $round, $mark->colour);
    }

    /** @return array{int, int, int, int} its corners; ends are reckoned from the edge too, so that no rounding adds up along the page */
    private function place(Mark $mark): array
    {
        return [
            $this->left + Grain::micrometres($mark->x, $this->pitch),
            $this->top + Grain::micrometres($mark->y, $this->pitch),
            $this->left + Grain::micrometres($mark->x + $mark->wide, $this->pitch),
            $this->top + Grain::micrometres($mark->y + $mark->tall, $this->pitch),
        ];
    }

    private static function tone(Mark $mark): Tone
    {
        return match ($mark->layer) {
            Layer::Pencil => Tone::Pencil,
            Layer::Band => Tone::Band,
            Layer::Ink => Tone::Ink,
            Layer::Writing => Tone::Writing,
        };
    }
}
