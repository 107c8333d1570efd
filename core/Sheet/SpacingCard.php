<?php

/* The loose spacing card: widths on one side, heights on the other, laid against the page so that nothing is counted. */

declare(strict_types=1);

namespace AmpleMargin\Sheet;

use AmpleMargin\Counting\Division;
use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Paper\Stock;

final class SpacingCard
{
    /**
     * The two faces, each as large as the grid.
     *
     * @param list<int> $across divisors of the width; `$down` of the height
     * @param list<int> $down
     * @param array<int, string> $colours divisor → pen, where it has one
     *
     * @return array{PageDrawing, PageDrawing} widths, heights
     */
    public static function faces(Stock $stock, array $across = Division::USUAL, array $down = Division::USUAL, array $colours = []): array
    {
        return [self::face($stock, true, $across, $colours), self::face($stock, false, $down, $colours)];
    }

    /**
     * @param list<int>          $divisors
     * @param array<int, string> $colours
     */
    private static function face(Stock $stock, bool $widths, array $divisors, array $colours): PageDrawing
    {
        $canvas = new Canvas($stock->across, $stock->down);
        [$side, $room] = $widths ? [$stock->across, $stock->down] : [$stock->down, $stock->across];
        $bars = [];
        foreach ($divisors as $parts) {
            foreach ([Division::of($side, $parts), Division::containers($side, $parts)] as $division) {
                if (null !== $division) {
                    $bars[] = $division;
                }
            }
        }
        $canvas->step(
            Task::Ink,
            $widths ? 'Widths: lay the card along the top of the page.' : 'Heights: lay the card along the side of the page.',
        );
        // One box a bar and one between, where the card is large enough; a narrow one takes what fits.
        $pitch = $room >= 2 * \count($bars) ? 2 : 1;
        $from = max(0, intdiv($room - $pitch * \count($bars), 2));
        foreach ($bars as $i => $division) {
            $at = $from + $i * $pitch;
            if ($at < $room) {
                $canvas->pen($colours[\count($division->parts)] ?? null);
                self::bar($canvas, $division, $at, $widths);
            }
        }

        return $canvas->finish();
    }

    private static function bar(Canvas $canvas, Division $division, int $at, bool $widths): void
    {
        foreach ($division->spans() as $span) {
            $from = $span['from']->floor();
            $size = $division->size();
            if ($widths) {
                $canvas->frame(Layer::Ink, $from, $at, $size, 1);
                $canvas->words(Layer::Writing, $from, $at, $size, 1, (string) $size, Align::Middle);
            } else {
                $canvas->frame(Layer::Ink, $at, $from, 1, $size);
                // In one box, as on the other side, so that all figures have one size.
                $canvas->words(Layer::Writing, $at, $from, 1, 1, (string) $size, Align::Middle);
            }
        }
    }
}
