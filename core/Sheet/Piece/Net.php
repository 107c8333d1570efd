<?php

/*
 * Something cut from one piece, folded and glued: an envelope with its flap, a leaf that folds out with a strip to tape. The flaps
 * are two boxes, as those of the pocket of the loose card (common practice, no source).
 */

declare(strict_types=1);

namespace AmpleMargin\Sheet\Piece;

use AmpleMargin\Counting\PocketSize;
use AmpleMargin\Drawing\Align;
use AmpleMargin\Sheet\SheetLine;
use AmpleMargin\Sheet\SheetWords;
use AmpleMargin\Sheet\Tone;

final class Net
{
    /** @param int $wide µm of the closed envelope @param int $pitch µm a box */
    public static function envelope(int $wide, int $tall, int $pitch, string $name, string $caution): Piece
    {
        $flap = PocketSize::FLAP * $pitch;
        [$left, $right] = [$flap, $flap + $wide];
        // The back with its side flaps, the front below it, and the closing flap below that, which is folded up.
        $cut = [
            [$left, 0], [$right, 0], [$right + $flap, $pitch], [$right + $flap, $tall - $pitch], [$right, $tall],
            [$right, 2 * $tall], [$right - $pitch, 2 * $tall + $flap], [$left + $pitch, 2 * $tall + $flap], [$left, 2 * $tall],
            [$left, $tall], [0, $tall - $pitch], [0, $pitch],
        ];
        $folds = [
            [$left, 0, $left, $tall],
            [$right, 0, $right, $tall],
            [$left, $tall, $right, $tall],
            [$left, 2 * $tall, $right, 2 * $tall],
        ];
        $words = [
            [$left, intdiv($tall, 2), $wide, 'back: glued to the page'],
            [$left, $tall + intdiv($tall, 2), $wide, 'front: folded up over the back'],
            [$left, 2 * $tall + intdiv($flap - $pitch, 2), $wide, 'closing flap'],
            [0, intdiv($tall, 2), $flap, 'glue'],
            [$right, intdiv($tall, 2), $flap, 'glue'],
        ];

        return self::of($name, 'Envelopes', $wide + 2 * $flap, 2 * $tall + $flap, $cut, $folds, $words, $pitch, $caution);
    }

    /** @param int $wide µm of the pocket @param int $pitch µm a box */
    public static function pocket(int $wide, int $tall, int $pitch, string $name, string $caution): Piece
    {
        $flap = PocketSize::FLAP * $pitch;
        [$left, $right] = [$flap, $flap + $wide];
        $cut = [
            [$left, 0], [$right, 0], [$right + $flap, $pitch], [$right + $flap, $tall - $pitch], [$right, $tall],
            [$right - $pitch, $tall + $flap], [$left + $pitch, $tall + $flap], [$left, $tall], [0, $tall - $pitch], [0, $pitch],
        ];
        $folds = [[$left, 0, $left, $tall], [$right, 0, $right, $tall], [$left, $tall, $right, $tall]];
        $words = [
            [$left, intdiv($tall, 2), $wide, 'pocket: open above'],
            [$left, $tall + intdiv($flap - $pitch, 2), $wide, 'glue'],
            [0, intdiv($tall, 2), $flap, 'glue'],
            [$right, intdiv($tall, 2), $flap, 'glue'],
        ];

        return self::of($name, 'Pockets', $wide + 2 * $flap, $tall + $flap, $cut, $folds, $words, $pitch, $caution);
    }

    /** @param string $hinge "outer", "head" or "foot": the edge with the strip that is taped */
    public static function flipOut(int $wide, int $tall, string $hinge, int $pitch, string $name, string $caution): Piece
    {
        $strip = PocketSize::FLAP * $pitch;
        [$x, $y] = ['outer' === $hinge ? $strip : 0, 'head' === $hinge ? $strip : 0];
        [$width, $height] = 'outer' === $hinge ? [$wide + $strip, $tall] : [$wide, $tall + $strip];
        $cut = [[0, 0], [$width, 0], [$width, $height], [0, $height]];
        $folds = [match ($hinge) {
            'head' => [0, $strip, $wide, $strip],
            'foot' => [0, $tall, $wide, $tall],
            default => [$strip, 0, $strip, $tall],
        }];
        $words = [
            [$x, $y + intdiv($tall, 2), $wide, 'leaf that folds out'],
            match ($hinge) {
                'head' => [0, intdiv($strip - $pitch, 2), $wide, 'glue or tape'],
                'foot' => [0, $tall + intdiv($strip - $pitch, 2), $wide, 'glue or tape'],
                default => [0, intdiv($tall, 2), $strip, 'tape'],
            },
        ];

        return self::of($name, 'Leaves that fold out', $width, $height, $cut, $folds, $words, $pitch, $caution);
    }

    /**
     * @param list<array{int, int}>              $outline
     * @param list<array{int, int, int, int}>    $folds
     * @param list<array{int, int, int, string}> $words
     */
    private static function of(
        string $name,
        string $sort,
        int $wide,
        int $tall,
        array $outline,
        array $folds,
        array $words,
        int $pitch,
        string $caution,
    ): Piece {
        $marks = [];
        foreach ($outline as $i => $corner) {
            $marks[] = new SheetLine(Tone::Cut, ...[...$corner, ...$outline[($i + 1) % \count($outline)]]);
        }
        foreach ($folds as $fold) {
            $marks[] = new SheetLine(Tone::Fold, ...$fold);
        }
        foreach ($words as [$x, $y, $width, $text]) {
            $marks[] = new SheetWords(Tone::Writing, $x, $y, $width, $pitch, $text, intdiv($pitch * 6, 10), Align::Middle);
        }

        return new Piece($name, $sort, $wide, $tall, new Face($marks), cut: CutAlong::Outline, caution: $caution);
    }
}
