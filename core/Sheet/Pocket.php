<?php

/*
 * The pocket of the loose card, cut from one piece: a panel one box wider than the card and two thirds as deep, with a
 * flap of two boxes on three sides. Source: docs/trade.md, "The grid spacing sheet" (common practice; the depth from memory).
 */

declare(strict_types=1);

namespace AmpleMargin\Sheet;

use AmpleMargin\Counting\PocketSize;
use AmpleMargin\Drawing\Align;
use AmpleMargin\Paper\Stock;
use AmpleMargin\Sheet\Piece\CutAlong;
use AmpleMargin\Sheet\Piece\Face;
use AmpleMargin\Sheet\Piece\Piece;

final class Pocket
{
    private const FLAP = PocketSize::FLAP;

    public static function piece(Stock $stock): Piece
    {
        $size = PocketSize::of($stock->across, $stock->down);
        [$wide, $deep] = [$size->wide, $size->deep];
        $at = static fn (int $x, int $y): array => [$x * $stock->pitch, $y * $stock->pitch];
        $line = static fn (
            Tone $tone,
            int $x,
            int $y,
            int $toX,
            int $toY,
        ): SheetLine => new SheetLine($tone, ...[...$at($x, $y), ...$at($toX, $toY)]);
        $marks = [];
        $outline = self::outline($wide, $deep);
        foreach ($outline as $i => $corner) {
            $marks[] = $line(Tone::Cut, ...[...$corner, ...$outline[($i + 1) % \count($outline)]]);
        }
        [$f, $right] = [self::FLAP, self::FLAP + $wide];
        array_push(
            $marks,
            $line(Tone::Fold, $f, 0, $f, $deep),
            $line(Tone::Fold, $right, 0, $right, $deep),
            $line(Tone::Fold, $f, $deep, $right, $deep),
        );
        $words = static fn (int $x, int $y, int $across, string $text): SheetWords => new SheetWords(
            Tone::Writing,
            $at($x, $y)[0],
            $at($x, $y)[1],
            $across * $stock->pitch,
            $stock->pitch,
            $text,
            intdiv($stock->pitch * 6, 10),
            Align::Middle,
        );
        array_push(
            $marks,
            $words($f, 1, $wide, 'mouth: the card goes in here'),
            $words($f, intdiv($deep, 2), $wide, "pocket for a card of $stock->across × $stock->down boxes"),
            $words($f, intdiv($deep, 2) + 1, $wide, "$wide × $deep boxes; fold the flaps back along the dashes"),
            $words($f, $deep + intdiv($f, 2), $wide, 'glue'),
            $words(0, intdiv($deep, 2), $f, 'glue'),
            $words($right, intdiv($deep, 2), $f, 'glue'),
        );
        $caution = 'Scissors will do; with a knife: a mat, a steel ruler, light passes, fingers behind the blade’s path.';

        return new Piece(
            'Pocket of the loose card',
            'Pockets',
            ($wide + 2 * self::FLAP) * $stock->pitch,
            ($deep + self::FLAP) * $stock->pitch,
            new Face($marks),
            cut: CutAlong::Outline,
            caution: $caution,
        );
    }

    /**
     * The cut, clockwise from the upper left corner of the panel; flaps are slanted so that they do not meet.
     *
     * @return list<array{int, int}>
     */
    private static function outline(int $wide, int $deep): array
    {
        [$f, $right] = [self::FLAP, self::FLAP + $wide];
        $slant = min(1, intdiv($deep, 3));

        return [
            [$f, 0], [$right, 0],
            [$right + $f, $slant], [$right + $f, $deep - $slant], [$right, $deep],
            [$right - $slant, $deep + $f], [$f + $slant, $deep + $f], [$f, $deep],
            [0, $deep - $slant], [0, $slant],
        ];
    }
}
