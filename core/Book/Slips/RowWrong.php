<?php

/* A row was skipped, or drawn twice: everything behind it goes on a row further down, the last box is split, or the row is covered. */

declare(strict_types=1);

namespace AmpleMargin\Book\Slips;

use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Band;
use AmpleMargin\Drawing\Frame;
use AmpleMargin\Drawing\Grain;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Line;
use AmpleMargin\Drawing\Mark;
use AmpleMargin\Drawing\Stretched;
use AmpleMargin\Drawing\Words;
use AmpleMargin\Paper\Millimetres;
use AmpleMargin\Plan\Making\Mend;
use AmpleMargin\Plan\Making\SlipKind;
use AmpleMargin\Plan\Making\Work;
use AmpleMargin\Spread\Page\Region;

/** @internal to Book */
final class RowWrong
{
    /** µm a row needs to be written in. From memory. */
    private const LEAST_ROW = 2_500;

    public static function ways(Here $here): WaysOut
    {
        $region = self::region($here);
        $rows = self::rows($here, $region);
        [$from, $tall] = self::row($rows, Grain::of($here->y));
        $last = $rows[\count($rows) - 1];
        $place = $here->book->plan->counting->place(Fraction::of($from, Grain::PER_BOX));
        $where = "The row that begins at $place down, ".Plural::boxes(Fraction::of($tall, Grain::PER_BOX)).' tall.';
        $doubled = SlipKind::Doubled === $here->kind();
        $ways = [];
        // A row that was drawn twice takes the place of the next.
        $start = $doubled ? $from + $tall : $from;
        $struck = $doubled ? [self::struck($region, $start, $tall)] : [];
        $end = max($last, $start);
        $limit = Grain::of($region->y + $region->tall);
        $what = $doubled ? 'Strike the second one' : 'Leave the row empty';
        if ($limit - $end >= $tall) {
            $left = Fraction::of($limit - $end, Grain::PER_BOX);
            $say = "From $place down, everything is ".Plural::boxes(Fraction::of($tall, Grain::PER_BOX)).' lower.';
            $mend = self::moved($region, [$start, max($end, $start + 1)], [$start + $tall, max($end, $start + 1) + $tall], $say);
            $free = Plural::boxes($left).($left->equals(1) ? ' is' : ' are').' free for it';
            $ways[] = $here->saving("$what and go on", "$say Below the last row $free.", 1, [$mend, ...$struck]);
        } elseif ($end - $start >= 2 * $tall) {
            $half = intdiv($tall, 2);
            $mm = Millimetres::written(Grain::micrometres($half, $here->book->plan->stock->pitch));
            $say = "From $place down, everything is a row lower; the last two share the last box, $mm mm each.";
            [$was, $now] = [[$end - 2 * $tall, $end - $tall, $end], [$end - $tall, $end - $half, $end]];
            // Where only two rows are left, the first line is that of the last but one.
            $mend = $end - $start > 2 * $tall
                ? self::moved($region, [$start, ...$was], [$start + $tall, ...$now], $say)
                : self::moved($region, $was, $now, $say);
            $tight = Grain::micrometres($half, $here->book->plan->stock->pitch) < self::LEAST_ROW ? ' That is tight.' : '';
            $ways[] = $here->saving("$what and split the last box", $say.$tight, 2, [$mend, ...$struck]);
        }
        $ways = [...$ways, ...self::bands($here, $region, $start, $tall)];
        $first = intdiv($start, Grain::PER_BOX);
        $high = max(1, intdiv($start + $tall + Grain::PER_BOX - 1, Grain::PER_BOX) - $first);
        $high = min($high, $region->y + $region->tall - $first);
        $ways[] = $here->patch('Cover the row', 'a strip', $region->x, $first, $region->wide, $high);

        return new WaysOut($where, $ways);
    }

    /** @return list<Saving> bands every second row from here on, where there are any */
    private static function bands(Here $here, Region $region, int $from, int $tall): array
    {
        $bands = array_filter(
            $here->marksIn($region->x, intdiv($from, Grain::PER_BOX), $region->wide, $region->tall),
            static fn (Mark $mark): bool => $mark instanceof Band && $mark->y >= $from && $mark->tall <= $tall,
        );
        if (\count($bands) < 2) {
            return [];
        }
        $y = intdiv($from, Grain::PER_BOX);
        $left = max(1, $region->y + $region->tall - $y);
        $place = $here->book->plan->counting->place($y);
        $mend = Mend::banded($region->x, $y, $region->wide, $left, "From $place down, band the rows between those that were banded.");

        return [$here->saving(
            'Band the other rows from here',
            "From $place down the bands are a row lower: ".Plural::of(\count($bands), 'band', 'bands').', '
                .$here->size($region->wide, max(1, intdiv($tall, Grain::PER_BOX))).' each. No row moves.',
            $here->minutes(new Work(bands: \count($bands))),
            [$mend],
        )];
    }

    private static function struck(Region $region, int $from, int $tall): Mend
    {
        return Mend::struck(
            $region->x,
            intdiv($from, Grain::PER_BOX),
            $region->wide,
            max(1, intdiv($tall, Grain::PER_BOX)),
            'Strike the row that was drawn twice.',
        );
    }

    /**
     * @param non-empty-list<int> $was
     * @param non-empty-list<int> $now
     */
    private static function moved(Region $region, array $was, array $now, string $say): Mend
    {
        return Mend::moved([$region->x, $region->y, $region->wide, $region->tall], true, $was, $now, $say);
    }

    /** The part of the page the pen stands in; the whole of it where it has none. */
    public static function region(Here $here): Region
    {
        $spread = $here->spread();
        $parts = null === $spread ? null : $here->book->partsOf($spread)->drawn();
        if (null === $parts || null !== $parts->cut) {
            return self::ticked($here);
        }
        foreach ($parts->leaves as $leaf) {
            $region = $leaf->region->moved(...$parts->corner);
            $sheet = $parts->sheets > 1 ? $parts->sheet($leaf->path) : $here->nth;
            if ($sheet === $here->nth && $region->meets(new Region($here->x, $here->y, 1, 1))) {
                return $region;
            }
        }

        return self::ticked($here);
    }

    /** Between the lines that were ticked on both sides of the pen. */
    private static function ticked(Here $here): Region
    {
        [$x, $wide, $y, $tall] = [0, $here->drawing->across, 0, $here->drawing->down];
        foreach (CountedLines::at($here) as $lines) {
            $part = $lines->part(Grain::of($lines->down ? $here->y : $here->x));
            // A part of one or two boxes is a row itself.
            if (null !== $part && $part[1] > 2) {
                $lines->down ? [$y, $tall] = $part : [$x, $wide] = $part;
            }
        }

        return new Region($x, $y, max(1, $wide), max(1, $tall));
    }

    /**
     * Where rows begin and end in it: lines across, bands, words.
     *
     * @return non-empty-list<int> grains, rising
     */
    private static function rows(Here $here, Region $region): array
    {
        $rows = [];
        foreach ($here->marksIn($region->x, $region->y, $region->wide, $region->tall) as $mark) {
            [, $y, $wide, $tall] = Stretched::round($mark);
            // A box to tick and a short stroke are within a row.
            if (Layer::Pencil === $mark->layer || $mark instanceof Words || 2 * $wide < Grain::of($region->wide)) {
                continue;
            }
            if ($mark instanceof Line || $mark instanceof Band || $mark instanceof Frame) {
                $rows[$y] = $rows[$y + $tall] = true;
            }
        }
        $rows = array_keys($rows);
        sort($rows);

        return [] === $rows ? [Grain::of($region->y), Grain::of($region->y + $region->tall)] : $rows;
    }

    /**
     * @param non-empty-list<int> $rows
     *
     * @return array{int, int} where the row a place is in begins, and how tall it is
     */
    private static function row(array $rows, int $at): array
    {
        foreach ($rows as $i => $row) {
            if (isset($rows[$i + 1]) && $row <= $at && $at < $rows[$i + 1]) {
                // A stretch of several boxes without a line in it is written in by the box.
                return $rows[$i + 1] - $row > 3 * Grain::PER_BOX ? [$at, Grain::PER_BOX] : [$row, $rows[$i + 1] - $row];
            }
        }

        return [$at, Grain::PER_BOX];
    }
}
