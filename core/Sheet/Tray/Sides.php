<?php

/* Pieces that lie on one sheet of paper, as what is printed on its front and, where one of them has a back, behind it. */

declare(strict_types=1);

namespace AmpleMargin\Sheet\Tray;

use AmpleMargin\Sheet\Piece\CutAlong;
use AmpleMargin\Sheet\Piece\Face;
use AmpleMargin\Sheet\PrintRoom;
use AmpleMargin\Sheet\Sheet;
use AmpleMargin\Sheet\SheetEnds;

final class Sides
{
    /** Letters of a name that the head of a sheet has room for. */
    private const LONGEST = 160;

    /**
     * @param non-empty-list<LaidPiece> $laid
     * @param string               $of    "Sheet 2 of 5" and the book it is of; "" for a sheet of its own
     *
     * @return list<Sheet> the front, and the back where there is one
     */
    public static function of(array $laid, PrintRoom $room, string $of = ''): array
    {
        $of = mb_strlen($of) > self::LONGEST ? '' : $of;
        $edges = array_map(static fn (LaidPiece $one): array => $one->edges(), $laid);
        $first = min(array_column($edges, 1));
        $title = self::title($laid);
        $cautions = array_values(array_unique(array_filter(
            array_map(static fn (LaidPiece $one): string => $one->piece->caution, $laid),
            static fn (string $says): bool => '' !== $says,
        )));
        $head = static fn (string $says): array => SheetEnds::head(
            $room,
            [$says.$title, ...$cautions],
            $room->margin,
            max($room->margin + PrintRoom::HEAD, min($first - 500, $room->margin + 12_000)),
        );
        $front = new Face([...self::knife($laid, $edges, $room), ...$head('' === $of ? '' : "$of: "), ...SheetEnds::foot($room)]);
        $front = Face::all([...array_map(static fn (LaidPiece $one): Face => $one->front(), $laid), $front]);
        $sides = [new Sheet($room->paper, $title, $front->marks, $front->grids, $room->printer?->correction())];
        $backs = array_values(array_filter(
            array_map(static fn (LaidPiece $one): ?Face => $one->back($room->width), $laid),
            static fn (?Face $face): bool => null !== $face,
        ));
        if ([] !== $backs) {
            $back = new Face([...$head(('' === $of ? '' : "$of, ").'back: '), ...SheetEnds::foot($room)]);
            $back = Face::all([...$backs, $back]);
            $sides[] = new Sheet($room->paper, "Back: $title", $back->marks, $back->grids, $room->printer?->correction(true));
        }

        return $sides;
    }

    /**
     * @param list<LaidPiece>                      $laid
     * @param list<array{int, int, int, int}> $edges
     *
     * @return list<\AmpleMargin\Sheet\SheetLine>
     */
    private static function knife(array $laid, array $edges, PrintRoom $room): array
    {
        $along = $marks = [];
        foreach ($laid as $i => $one) {
            if (CutAlong::Edges === $one->piece->cut) {
                $along[] = $edges[$i];
            }
            if (\in_array($one->piece->cut, [CutAlong::Edges, CutAlong::Marks], true)) {
                foreach (Corners::of($edges[$i], $edges, $room) as $mark) {
                    $marks["$mark->x $mark->y $mark->toX $mark->toY"] = $mark;
                }
            }
        }

        return [...KnifeLines::of($along), ...array_values($marks)];
    }

    /** A name longer than the head of a sheet has room for is left out whole, not cut. */
    private static function named(LaidPiece $one): string
    {
        return mb_strlen($one->piece->name) > self::LONGEST ? $one->piece->sort : $one->piece->name;
    }

    /**
     * The name of the one piece, or each sort with how many there are of it.
     *
     * @param non-empty-list<LaidPiece> $laid
     */
    private static function title(array $laid): string
    {
        if (1 === \count($laid)) {
            return self::named($laid[0]);
        }
        $sorts = [];
        foreach ($laid as $one) {
            $sorts[$one->piece->sort][] = self::named($one);
        }

        return implode('; ', array_map(
            static fn (string $sort, array $names): string => 1 === \count($names) ? $names[0] : $sort.' ('.\count($names).')',
            array_map(strval(...), array_keys($sorts)),
            array_values($sorts),
        ));
    }
}
