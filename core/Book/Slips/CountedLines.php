<?php

/*
 * The lines a person counted to, along one side: those of the division the pen stands in, or those that were ticked at the edge of
 * the page. Which stretches are parts and which are gaps is read off them.
 */

declare(strict_types=1);

namespace AmpleMargin\Book\Slips;

use AmpleMargin\Book\Book;
use AmpleMargin\Drawing\Grain;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Stretched;
use AmpleMargin\Spread\Page\Direction;
use AmpleMargin\Spread\Page\Region;

/** @internal to Book */
final class CountedLines
{
    /** Boxes between parts, at most (docs/trade.md, "The best gap"). */
    private const WIDEST_GAP = 3;

    /**
     * @param non-empty-list<array{int, int}> $parts grains from where to where, in order, none over another
     * @param int                             $limit grains: nothing of them goes on behind this
     */
    private function __construct(
        public readonly bool $down,
        public readonly Region $region,
        public readonly array $parts,
        public readonly int $limit,
    ) {
    }

    /**
     * Those that may be meant, the innermost first.
     *
     * @return list<self>
     */
    public static function at(Here $here): array
    {
        $found = self::ofParts($here->book, $here);
        foreach ([true, false] as $down) {
            $ticked = self::ticked($here, $down);
            $known = array_filter($found, static fn (self $one): bool => $one->down === $down);
            if (null !== $ticked && [] === $known) {
                $found[] = $ticked;
            }
        }
        $asked = $here->asked->down;

        return array_values(array_filter($found, static fn (self $one): bool => null === $asked || $one->down === $asked));
    }

    /**
     * The part a place is in, in whole boxes; null between parts.
     *
     * @return array{int, int}|null from, boxes long
     */
    public function part(int $grains): ?array
    {
        foreach ($this->parts as [$from, $to]) {
            if ($from <= $grains && $grains < $to) {
                return [intdiv($from, Grain::PER_BOX), intdiv($to, Grain::PER_BOX) - intdiv($from, Grain::PER_BOX)];
            }
        }

        return null;
    }

    /**
     * Where one of them ends or begins that is nearest to a place.
     *
     * @return array{int, int, bool} grains, its part, whether it begins it
     */
    public function nearest(int $grains): array
    {
        $nearest = null;
        $best = [0, 0, true];
        foreach ($this->parts as $i => $part) {
            foreach ([true, false] as $begins) {
                $at = $part[$begins ? 0 : 1];
                // What ends one part and begins the next is the next one's.
                $far = 2 * abs($at - $grains) + ($begins ? 0 : 1);
                if (null === $nearest || $far < $nearest) {
                    [$nearest, $best] = [$far, [$at, $i, $begins]];
                }
            }
        }

        return $best;
    }

    /** Boxes between its parts: those that are met most often. */
    public function gap(): int
    {
        $gaps = [];
        foreach (\array_slice($this->parts, 1) as $i => $part) {
            $gap = intdiv($part[0] - $this->parts[$i][1], Grain::PER_BOX);
            $gaps[$gap] = ($gaps[$gap] ?? 0) + 1;
        }
        arsort($gaps);

        return array_key_first($gaps) ?? 0;
    }

    /** @return list<self> of the divisions the pen stands in, the innermost first */
    private static function ofParts(Book $book, Here $here): array
    {
        $spread = $here->spread();
        $parts = null === $spread ? null : $book->partsOf($spread)->drawn();
        if (null === $parts || null !== $parts->cut) {
            return [];
        }
        $found = [];
        foreach ($parts->divisions as $division) {
            // A title and all that stands below it divide nothing.
            if ($division->parting->isTitled()) {
                continue;
            }
            $region = $division->region->moved(...$parts->corner);
            $sheet = $parts->sheet($division->path);
            if (($parts->sheets > 1 ? $sheet : 0) !== ($parts->sheets > 1 ? $here->nth : 0)
                || !$region->meets(new Region($here->x, $here->y, 1, 1))) {
                continue;
            }
            $down = Direction::Down === $division->parting->way;
            $start = $down ? $region->y : $region->x;
            $spans = [];
            foreach ($division->stretches as [$from, $size]) {
                $spans[] = [Grain::of($start + $from), Grain::of($start + $from + $size)];
            }
            array_unshift($found, new self($down, $region, $spans, Grain::of($start + $region->side($division->parting->way))));
        }

        return $found;
    }

    private static function ticked(Here $here, bool $down): ?self
    {
        $side = $down ? $here->drawing->down : $here->drawing->across;
        $at = [];
        foreach ($here->drawing->marks as $mark) {
            if (Mended::isEdgeTick($mark) && (0 === $mark->tall) === $down) {
                $at[] = $down ? $mark->y : $mark->x;
            }
        }
        $at = array_values(array_unique($at));
        sort($at);
        if ([] === $at) {
            return null;
        }
        $region = new Region(0, 0, $here->drawing->across, $here->drawing->down);

        return new self($down, $region, self::parts($at, Grain::of($side)), Grain::of($side));
    }

    /**
     * @param non-empty-list<int> $at grains, rising
     *
     * @return non-empty-list<array{int, int}>
     */
    private static function parts(array $at, int $side): array
    {
        $all = [];
        $last = 0;
        foreach ([...$at, $side] as $line) {
            if ($line > $last) {
                $all[] = [$last, $line];
            }
            $last = $line;
        }
        $long = array_map(static fn (array $one): int => $one[1] - $one[0], $all);
        $inner = \array_slice($long, 1, -1);
        // One stretch between two others may be the gap between two parts.
        $part = max(0, ...\count($inner) < 2 ? $long : $inner);
        $isGap = static fn (int $size): bool => $size <= self::WIDEST_GAP * Grain::PER_BOX && 2 * $size <= $part;
        $parts = [];
        foreach ($all as $i => $one) {
            // What stands at either end is a part where it is as long as the others, and a title or what was left over where it is not.
            $end = 0 === $i || $i === \count($all) - 1;
            if ($end && \count($inner) > 1 ? abs($long[$i] - $part) <= Grain::PER_BOX : !$isGap($long[$i])) {
                $parts[] = $one;
            }
        }

        return [] === $parts ? [[0, $side]] : self::withoutEnds($parts);
    }

    /**
     * A title, or what is left over at an end, may be as long as the parts; it touches the part beside it, where all others keep apart.
     *
     * @param non-empty-list<array{int, int}> $parts
     *
     * @return non-empty-list<array{int, int}>
     */
    private static function withoutEnds(array $parts): array
    {
        $apart = array_map(static fn (int $i): int => $parts[$i + 1][0] - $parts[$i][1], array_keys(\array_slice($parts, 1)));
        $first = 0 === ($apart[0] ?? 1);
        $last = 0 === ($apart[\count($apart) - 1] ?? 1);
        $others = \array_slice($apart, $first ? 1 : 0, $last ? -1 : null);
        $rest = \array_slice($parts, $first ? 1 : 0, $last ? -1 : null);

        return [] !== $others && [] !== $rest && min($others) > 0 ? $rest : $parts;
    }

    /** Grains behind the last part up to what is drawn next, or the edge: room that may be used. */
    public function free(Here $here): int
    {
        $end = $this->parts[\count($this->parts) - 1][1];
        $limit = $this->limit;
        foreach ($here->drawing->marks as $mark) {
            [$x, $y, $wide, $tall] = Stretched::round($mark);
            [$from, $to, $side, $over] = $this->down ? [$y, $y + $tall, $x, $wide] : [$x, $x + $wide, $y, $tall];
            [$least, $most] = $this->down
                ? [Grain::of($this->region->x), Grain::of($this->region->x + $this->region->wide)]
                : [Grain::of($this->region->y), Grain::of($this->region->y + $this->region->tall)];
            if (Layer::Pencil !== $mark->layer && $from >= $end && $to > $end && $side < $most && $side + $over > $least) {
                $limit = min($limit, $from);
            }
        }

        return max(0, $limit - $end);
    }
}
