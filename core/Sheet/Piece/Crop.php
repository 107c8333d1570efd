<?php

/* A part of a page's drawing as a piece of its own: what lies whole within it. */

declare(strict_types=1);

namespace AmpleMargin\Sheet\Piece;

use AmpleMargin\Drawing\Grain;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Mark;
use AmpleMargin\Drawing\Moving;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Stretched;
use AmpleMargin\Sheet\DotGrid;
use AmpleMargin\Sheet\SheetMarks;

final class Crop
{
    /**
     * @param array{int, int, int, int}  $place x, y, wide, tall in grains
     * @param int                        $pitch µm
     * @param bool                       $dots  of the page, where the place is of whole boxes
     * @param \Closure(Mark): bool|null $only  which marks; null for all but pencil
     */
    public static function of(
        PageDrawing $drawing,
        array $place,
        int $pitch,
        string $name,
        string $sort,
        string $caution,
        bool $dots = false,
        bool $sticks = false,
        ?\Closure $only = null,
    ): Piece {
        [$x, $y, $wide, $tall] = $place;
        $form = new SheetMarks(0, 0, $pitch);
        $marks = [];
        foreach ($drawing->marks as $mark) {
            [$left, $upper, $w, $t] = Stretched::round($mark);
            if ($left >= $x && $upper >= $y && $left + $w <= $x + $wide && $upper + $t <= $y + $tall
                && (null === $only ? Layer::Pencil !== $mark->layer : $only($mark))) {
                array_push($marks, ...$mark->visit(new Moving(-$x, -$y, 0, null))->visit($form));
            }
        }
        $grid = new DotGrid(0, 0, $pitch, intdiv($wide, Grain::PER_BOX), intdiv($tall, Grain::PER_BOX));

        return new Piece(
            $name,
            $sort,
            Grain::micrometres($wide, $pitch),
            Grain::micrometres($tall, $pitch),
            new Face($marks, $dots ? [$grid] : []),
            caution: $caution,
            sticks: $sticks,
        );
    }
}
