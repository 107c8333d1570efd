<?php

/* One sheet of a booklet before it is folded: a piece with a front and a back, made of small pages. */

declare(strict_types=1);

namespace AmpleMargin\Sheet\Booklet;

use AmpleMargin\Sheet\Piece\CutAlong;
use AmpleMargin\Sheet\Piece\Face;
use AmpleMargin\Sheet\Piece\Piece;
use AmpleMargin\Sheet\Piece\Placing;
use AmpleMargin\Sheet\SheetLine;
use AmpleMargin\Sheet\Tone;

final class Signature
{
    /**
     * @param int                   $first number of its first page
     * @param int                   $wide  µm of a small page
     * @param \Closure(int): ?Face  $page  what stands on a page; null for nothing
     */
    public static function of(Fold $fold, int $first, int $wide, int $tall, \Closure $page, string $name, string $caution): Piece
    {
        [$columns, $rows] = [$fold->columns(), $fold->rows()];
        $folds = [];
        for ($x = 1; $x < $columns; ++$x) {
            $folds[] = new SheetLine(Tone::Fold, $x * $wide, 0, $x * $wide, $rows * $tall);
        }
        for ($y = 1; $y < $rows; ++$y) {
            $folds[] = new SheetLine(Tone::Fold, 0, $y * $tall, $columns * $wide, $y * $tall);
        }

        return new Piece(
            $name,
            'Sheets of the dummy',
            $columns * $wide,
            $rows * $tall,
            self::side($fold->outer(), $first, $wide, $tall, $page)->and(new Face($folds)),
            self::side($fold->inner(), $first, $wide, $tall, $page)->and(new Face($folds)),
            CutAlong::Edges,
            $caution,
        );
    }

    /**
     * @param non-empty-list<non-empty-list<int>> $rows
     * @param \Closure(int): ?Face               $page
     */
    private static function side(array $rows, int $first, int $wide, int $tall, \Closure $page): Face
    {
        $face = new Face([]);
        foreach ($rows as $y => $row) {
            foreach ($row as $x => $nth) {
                $small = $page($first + $nth - 1);
                $isOver = \count($rows) > 1 && 0 === $y;
                $at = $isOver ? Placing::over($x * $wide, $y * $tall, $wide, $tall) : Placing::at($x * $wide, $y * $tall);
                $face = null === $small ? $face : $face->and($small->put($at));
            }
        }

        return $face;
    }
}
