<?php

/*
 * Everything asked for on the fewest sheets: labels first, each with one piece that is stuck in, then plain paper. A piece that is too
 * large is left out and named; one that is a sheet of its own, such as a calibration sheet, is not packed here.
 */

declare(strict_types=1);

namespace AmpleMargin\Sheet\Tray;

use AmpleMargin\Paper\Millimetres;
use AmpleMargin\Sheet\Piece\CutAlong;
use AmpleMargin\Sheet\Piece\Piece;
use AmpleMargin\Sheet\PrintRoom;
use AmpleMargin\Sheet\Sheet;

final class Tray
{
    /** Pieces that are packed at once. */
    public const MOST = 3_000;

    /**
     * @param list<list<Sheet>> $sheets each its front, and its back where it has one
     * @param int               $labels how many of them are label sheets; they come first
     * @param int               $bound  plain sheets that are needed at least, proven
     * @param list<string>      $left   what is left out, and why
     * @param list<string>      $cautions about what is done with the sheets
     */
    private function __construct(
        public readonly array $sheets,
        public readonly int $labels,
        public readonly int $bound,
        public readonly array $left,
        public readonly array $cautions,
    ) {
    }

    /** @param list<Piece> $pieces @param string $of what they are of: the book's title */
    public static function packed(array $pieces, PrintRoom $room, string $of = '', ?Labels $labels = null): self
    {
        [$onLabels, $plain] = self::parted(\array_slice($pieces, 0, self::MOST), $labels);
        $left = \count($pieces) > self::MOST ? [\count($pieces) - self::MOST.' pieces are too many at once: the first '
            .number_format(self::MOST).' are packed. Print those, then the others.'] : [];
        $sheets = null === $labels ? [] : self::labelled($onLabels, $labels);
        array_push($left, ...null === $labels ? [] : self::tooLargeFor($labels, $plain));
        $packed = self::plain($plain, $room);
        foreach ($packed->left as $i) {
            $left[] = $room->refusal($plain[$i]->name, $plain[$i]->wide, $plain[$i]->tall)->getMessage();
        }
        foreach ($packed->sheets as $puts) {
            $sheets[] = self::middled($puts, $plain, $room);
        }
        $all = \count($sheets);
        $sides = [];
        foreach ($sheets as $i => $laid) {
            $nth = 1 === $all ? '' : 'Sheet '.($i + 1)." of $all";
            $sides[] = Sides::of($laid, $room, implode(', ', array_filter([$of, $nth], static fn (string $one): bool => '' !== $one)));
        }

        return new self(
            $sides,
            $all - \count($packed->sheets),
            $packed->bound,
            $left,
            array_values(array_unique(array_filter(array_column($plain, 'caution'), static fn (string $one): bool => '' !== $one))),
        );
    }

    /**
     * One piece in the middle of a sheet of its own.
     *
     * @return list<Sheet> its front, and its back where it has one
     */
    public static function single(Piece $piece, PrintRoom $room): array
    {
        if (!$room->takesTurned($piece->wide, $piece->tall)) {
            throw $room->refusal($piece->name, $piece->wide, $piece->tall);
        }
        $turned = !$room->takes($piece->wide, $piece->tall);
        [$wide, $tall] = $turned ? [$piece->tall, $piece->wide] : [$piece->wide, $piece->tall];

        return Sides::of([new LaidPiece(
            $piece,
            intdiv($room->width - $wide, 2),
            $room->top + intdiv($room->tall - $tall, 2),
            $turned,
        )], $room);
    }

    /**
     * @param list<Piece> $pieces
     *
     * @return array{list<Piece>, list<Piece>} on labels, on plain paper
     */
    private static function parted(array $pieces, ?Labels $labels): array
    {
        $on = $plain = [];
        foreach ($pieces as $piece) {
            null !== $labels && $piece->sticks && $labels->takes($piece->wide, $piece->tall) ? $on[] = $piece : $plain[] = $piece;
        }

        return [$on, $plain];
    }

    /**
     * What would be stuck in and fits on no label, each sort once: it lies on plain paper.
     *
     * @param list<Piece> $plain
     *
     * @return list<string>
     */
    private static function tooLargeFor(Labels $labels, array $plain): array
    {
        $says = [];
        $size = static fn (Piece|Labels $of): string => Millimetres::written($of->wide).' × '.Millimetres::written($of->tall).' mm';
        foreach ($plain as $piece) {
            if ($piece->sticks) {
                $says[$piece->sort] ??= "$piece->sort: a piece of {$size($piece)} is larger than a label of {$size($labels)}. "
                    .'It lies on plain paper.';
            }
        }

        return array_values($says);
    }

    /**
     * Each in the middle of its label.
     *
     * @param list<Piece> $pieces
     *
     * @return list<non-empty-list<LaidPiece>>
     */
    private static function labelled(array $pieces, Labels $labels): array
    {
        $laid = [];
        foreach ($pieces as $i => $piece) {
            [$x, $y] = $labels->at($i % $labels->count());
            $turned = $piece->wide > $labels->wide || $piece->tall > $labels->tall;
            $free = new Piece(
                $piece->name,
                $piece->sort,
                $piece->wide,
                $piece->tall,
                $piece->front,
                null,
                CutAlong::Nothing,
                '',
                true,
            );
            $one = new LaidPiece($free, 0, 0, $turned);
            $laid[] = new LaidPiece(
                $free,
                $x + intdiv($labels->wide - $one->wide(), 2),
                $y + intdiv($labels->tall - $one->tall(), 2),
                $turned,
            );
        }

        return array_chunk($laid, max(1, $labels->count()));
    }

    /**
     * What is cut from mark to mark has room for its marks round it, where the paper has that.
     *
     * @param list<Piece> $pieces
     */
    private static function plain(array $pieces, PrintRoom $room): Packed
    {
        return Packing::of(
            array_map(static function (Piece $one) use ($room): array {
                $around = 2 * self::around($one, $room);

                return [$one->wide + $around, $one->tall + $around];
            }, $pieces),
            $room->wide,
            $room->tall,
            array_map(static fn (Piece $one): bool => null !== $one->back, $pieces),
        );
    }

    private static function around(Piece $piece, PrintRoom $room): int
    {
        return CutAlong::Marks === $piece->cut && $room->takesTurned($piece->wide + 2 * Corners::TO, $piece->tall + 2 * Corners::TO)
            ? Corners::TO
            : 0;
    }

    /**
     * All that lies on a sheet, moved to its middle.
     *
     * @param non-empty-list<Put> $puts
     * @param list<Piece> $pieces
     *
     * @return non-empty-list<LaidPiece>
     */
    private static function middled(array $puts, array $pieces, PrintRoom $room): array
    {
        $right = max(0, ...array_map(static fn (Put $one): int => $one->x + $one->wide, $puts));
        $foot = max(0, ...array_map(static fn (Put $one): int => $one->y + $one->tall, $puts));
        $x = $room->left + intdiv($room->wide - $right, 2);
        $y = $room->top + intdiv($room->tall - $foot, 2);
        usort($puts, static fn (Put $one, Put $other): int => $one->piece <=> $other->piece);

        return array_map(static function (Put $put) use ($pieces, $room, $x, $y): LaidPiece {
            $around = self::around($pieces[$put->piece], $room);

            return new LaidPiece($pieces[$put->piece], $x + $put->x + $around, $y + $put->y + $around, $put->turned);
        }, $puts);
    }
}
