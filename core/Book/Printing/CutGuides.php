<?php

/* Where the leaves of doors, tabs and windows are cut: a page each, with what the knife takes of it hatched. */

declare(strict_types=1);

namespace AmpleMargin\Book\Printing;

use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Caution;
use AmpleMargin\Paper\Leaf;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Sheet\Piece\CutAlong;
use AmpleMargin\Sheet\Piece\Face;
use AmpleMargin\Sheet\Piece\Piece;
use AmpleMargin\Sheet\SheetLine;
use AmpleMargin\Sheet\SheetWords;
use AmpleMargin\Sheet\Tone;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Part\Cut;

final class CutGuides implements Printable
{
    /** µm between the lines of a hatch. */
    private const HATCH = 4_000;

    public static function word(): string
    {
        return 'cuts';
    }

    public static function name(): string
    {
        return 'Door and tab cutting guides';
    }

    public static function asks(): string
    {
        return '';
    }

    public function pieces(Context $context, string $said): array
    {
        $pieces = [];
        for ($page = 1; $page <= $context->book->plan->stock->pages; ++$page) {
            $removed = $context->book->cut->removed($page);
            // The cut is made from the front of the leaf.
            if ([] !== $removed && !Leaf::isLeft($page)) {
                $pieces[] = $this->leaf($context, $page, $removed);
            }
        }
        if ([] === $pieces) {
            throw PlanProblem::at('cuts', 'No leaf of this book is cut: add doors, tabs or a window to it.');
        }

        return $pieces;
    }

    /** @param non-empty-list<Region> $removed */
    private function leaf(Context $context, int $page, array $removed): Piece
    {
        [$wide, $tall] = $context->page();
        $marks = [];
        foreach ($removed as $region) {
            $place = self::toTheEdges($context, $region);
            array_push($marks, ...self::outline($place, $wide, $tall), ...self::hatch($place));
        }
        $says = "Page $page: cut away what is hatched, and stop ".Cut::BINDING.' mm before the binding';
        [$x, $y, $toX] = self::kept(self::toTheEdges($context, $removed[0]), $wide, $tall);
        $marks[] = new SheetWords(Tone::Writing, $x + 3_000, $y + 4_000, $toX - $x - 6_000, 5_000, $says, 3_000, Align::Middle);

        return new Piece(
            "Cutting guide of page $page: {$context->book->slot($page)->title}",
            self::name(),
            $wide,
            $tall,
            new Face($marks),
            cut: CutAlong::Marks,
            caution: Caution::CUT,
        );
    }

    /**
     * The largest part of the page beside what is cut away: there is room to write.
     *
     * @param array{int, int, int, int} $cut
     *
     * @return array{int, int, int, int}
     */
    private static function kept(array $cut, int $wide, int $tall): array
    {
        [$x, $y, $toX, $toY] = $cut;
        $parts = [[0, 0, $x, $tall], [$toX, 0, $wide, $tall], [0, 0, $wide, $y], [0, $toY, $wide, $tall]];
        usort($parts, static fn (array $one, array $other): int => ($other[2] - $other[0]) * ($other[3] - $other[1])
            <=> ($one[2] - $one[0]) * ($one[3] - $one[1]));

        return $parts[0];
    }

    /**
     * In µm of the page; what ends where the grid does goes on to the edge of the paper.
     *
     * @return array{int, int, int, int}
     */
    private static function toTheEdges(Context $context, Region $region): array
    {
        $stock = $context->book->plan->stock;
        [$wide, $tall] = $context->page();
        [$left, $top] = [intdiv($wide - $stock->across * $stock->pitch, 2), intdiv($tall - $stock->down * $stock->pitch, 2)];
        $at = static fn (int $box, int $boxes, int $from, int $side): int => match ($box) {
            0 => 0,
            $boxes => $side,
            default => $from + $box * $stock->pitch,
        };

        return [
            $at($region->x, $stock->across, $left, $wide),
            $at($region->y, $stock->down, $top, $tall),
            $at($region->x + $region->wide, $stock->across, $left, $wide),
            $at($region->y + $region->tall, $stock->down, $top, $tall),
        ];
    }

    /**
     * @param array{int, int, int, int} $place
     *
     * @return list<SheetLine> those that are cut: not along the edges of the page
     */
    private static function outline(array $place, int $wide, int $tall): array
    {
        [$x, $y, $toX, $toY] = $place;

        return array_values(array_filter([
            0 === $x ? null : new SheetLine(Tone::Cut, $x, $y, $x, $toY),
            $wide === $toX ? null : new SheetLine(Tone::Cut, $toX, $y, $toX, $toY),
            0 === $y ? null : new SheetLine(Tone::Cut, $x, $y, $toX, $y),
            $tall === $toY ? null : new SheetLine(Tone::Cut, $x, $toY, $toX, $toY),
        ]));
    }

    /**
     * @param array{int, int, int, int} $place
     *
     * @return list<SheetLine> rising to the right
     */
    private static function hatch(array $place): array
    {
        [$x, $y, $toX, $toY] = $place;
        $lines = [];
        for ($sum = $x + $y + self::HATCH; $sum < $toX + $toY; $sum += self::HATCH) {
            $from = max($x, $sum - $toY);
            $to = min($toX, $sum - $y);
            $lines[] = new SheetLine(Tone::Ruler, $from, $sum - $from, $to, $sum - $to);
        }

        return $lines;
    }
}
