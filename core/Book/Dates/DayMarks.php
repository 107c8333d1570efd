<?php

/* Marks on the days of a year that something is known of: ringed in the pen of its category, or up to four in the corners of a day. */

declare(strict_types=1);

namespace AmpleMargin\Book\Dates;

use AmpleMargin\Colour\Palette;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Grain;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Spread\Catalogue\TakesDates;

/** @internal to Book */
final class DayMarks
{
    /** Categories that can be told apart on one day: a quarter each (docs/trade.md, "The year at a glance"). */
    private const QUARTERS = 4;

    /** Boxes of a day whose quarters are large enough to be coloured, as a fraction. From memory. */
    private const SPLIT = [3, 2];

    /** @var array<string, list<string|null>>|null found once for all pages; nothing else here changes */
    private ?array $pens = null;

    public function __construct(private readonly DatesOfBook $dates)
    {
    }

    /** @return list<\Closure(Canvas): void> */
    public function on(PageDrawing $page, int &$count = 0): array
    {
        $pens = $this->pens ??= $this->pensByDay();
        $draw = [];
        foreach ($page->days as $room) {
            $pensHere = $pens[$room->for] ?? [];
            if ([] === $pensHere) {
                continue;
            }
            ++$count;
            [$x, $y, $wide, $tall] = array_map(static fn (int $grains): Fraction => Fraction::of($grains, Grain::PER_BOX), $room->place);
            $split = $wide->compare(Fraction::of(...self::SPLIT)) >= 0 && $tall->compare(Fraction::of(...self::SPLIT)) >= 0;
            $draw[] = $split
                ? self::corners(\array_slice($pensHere, 0, self::QUARTERS), $x, $y, $wide, $tall)
                : static function (Canvas $canvas) use ($pensHere, $x, $y, $wide, $tall): void {
                    $canvas->pen($pensHere[0]);
                    $canvas->ring(Layer::Ink, $x, $y, $wide, $tall);
                };
        }

        return $draw;
    }

    /**
     * Its corners coloured, the figure in its middle left free: a box wide and tall.
     *
     * @param list<string|null> $pens
     *
     * @return \Closure(Canvas): void
     */
    private static function corners(array $pens, Fraction $x, Fraction $y, Fraction $wide, Fraction $tall): \Closure
    {
        $across = $wide->minus(1)->dividedBy(2);
        $down = $tall->minus(1)->dividedBy(2);

        return static function (Canvas $canvas) use ($pens, $x, $y, $wide, $tall, $across, $down): void {
            foreach ($pens as $i => $pen) {
                $canvas->pen($pen ?? Palette::INK);
                $canvas->band(
                    0 === $i % 2 ? $x : $x->plus($wide)->minus($across),
                    $i < 2 ? $y : $y->plus($tall)->minus($down),
                    $across,
                    $down,
                );
            }
        };
    }

    /** @return array<string, list<string|null>> day → the pens of its categories, each once */
    private function pensByDay(): array
    {
        $pens = [];
        foreach ($this->dates->plan->period->months() as $month) {
            foreach ($this->dates->in($month, TakesDates::Marks) as $once) {
                if (null === $once->day || $once->isAhead()) {
                    continue;
                }
                $pen = $this->dates->penOf($once);
                for ($day = $once->day; $day->number <= ($once->last ?? $once->day)->number; $day = $day->plus(1)) {
                    if (!\in_array($pen, $pens[$day->iso()] ?? [], true)) {
                        $pens[$day->iso()][] = $pen;
                    }
                }
            }
        }

        return $pens;
    }
}
