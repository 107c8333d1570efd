<?php

/*
 * A region divided across or down into parts, each filled or divided again. Parts of so many boxes and of as many as they
 * need have theirs first; what is left is shared by weight. Equal shares are divided as the counting bench divides: by a
 * gap, and with a place for what is left over.
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part;

use AmpleMargin\Counting\Division;
use AmpleMargin\Counting\LargestRemainder;
use AmpleMargin\Counting\Remainder;

final class Parting implements Piece
{
    /** Deeper than this nobody divides a page by hand. From memory. */
    public const DEEPEST = 6;

    /**
     * @param non-empty-list<array{Size, Piece}> $parts
     * @param int|null                           $gap   boxes between parts; null for the best one between equal shares
     */
    private function __construct(
        private readonly Way $way,
        private readonly array $parts,
        private readonly ?int $gap,
        private readonly Remainder $policy,
    ) {
    }

    /**
     * @param array{Size, Piece} $first
     * @param array{Size, Piece} ...$others
     */
    public static function across(array $first, array ...$others): self
    {
        return new self(Way::Across, [$first, ...array_values($others)], null, Remainder::Outside);
    }

    /**
     * @param array{Size, Piece} $first
     * @param array{Size, Piece} ...$others
     */
    public static function down(array $first, array ...$others): self
    {
        return new self(Way::Down, [$first, ...array_values($others)], null, Remainder::Outside);
    }

    /** With so many boxes between parts. */
    public function gap(int $boxes): self
    {
        return new self($this->way, $this->parts, $boxes, $this->policy);
    }

    /** Where the boxes go that equal shares leave over. */
    public function leaving(Remainder $policy): self
    {
        return new self($this->way, $this->parts, $this->gap, $policy);
    }

    public function tall(Asker $asker, int $wide): int
    {
        if (Way::Across === $this->way) {
            return max(1, ...array_map(static fn (array $part): int => $part[1]->tall($asker, $wide), $this->parts));
        }
        $tall = ($this->gap ?? 0) * (\count($this->parts) - 1);
        foreach ($this->parts as [$size, $piece]) {
            $tall += $size->isShare() || $size->isNeeded() ? $piece->tall($asker, $wide) : $size->amount;
        }

        return $tall;
    }

    public function narrowest(Asker $asker): int
    {
        $each = array_map(static fn (array $part): int => $part[1]->narrowest($asker), $this->parts);

        return Way::Across === $this->way ? array_sum($each) + ($this->gap ?? 0) * (\count($each) - 1) : max(1, ...$each);
    }

    public function place(Asker $asker, Region $region): array
    {
        $placed = [];
        foreach ($this->stretches($asker, $region) as $i => [$from, $size]) {
            array_push($placed, ...$this->parts[$i][1]->place($asker, $region->stretch($this->way, $from, $size)));
        }

        return $placed;
    }

    /** @return list<Leaf> all that is filled in it */
    public function leaves(): array
    {
        $leaves = [];
        foreach ($this->parts as [, $piece]) {
            array_push($leaves, ...($piece instanceof self ? $piece->leaves() : [$piece]));
        }

        return array_values(array_filter($leaves, static fn (Piece $piece): bool => $piece instanceof Leaf));
    }

    /**
     * Where each part begins and how long it is, in boxes along the side.
     *
     * @return list<array{int, int}>
     */
    private function stretches(Asker $asker, Region $region): array
    {
        $side = $region->side($this->way);
        $count = \count($this->parts);
        $weights = array_map(static fn (array $part): int => $part[0]->isShare() ? $part[0]->amount : 0, $this->parts);
        $division = $this->equalShares($side, $weights);
        if (null !== $division) {
            return array_map(
                static fn (array $span): array => [$span['from']->floor(), $span['to']->minus($span['from'])->floor()],
                $division->spans(),
            );
        }
        $gap = $this->gap ?? 0;
        $fixed = array_map(fn (array $part): int => $this->fixed($asker, $region, ...$part), $this->parts);
        $left = $side - array_sum($fixed) - $gap * ($count - 1);
        $shares = \count(array_filter($weights, static fn (int $weight): bool => $weight > 0));
        if ($left < $shares) {
            throw NoRoom::parts($count, $side, $this->way);
        }
        $sizes = 0 === $shares ? $weights : LargestRemainder::share($left, $weights);
        $from = 0;
        $stretches = [];
        foreach ($fixed as $i => $boxes) {
            $size = $boxes + $sizes[$i];
            if ($size < 1) {
                throw NoRoom::parts($count, $side, $this->way);
            }
            $stretches[] = [$from, $size];
            $from += $size + $gap;
        }

        return $stretches;
    }

    /**
     * As the counting bench divides, where all parts are shares of one weight.
     *
     * @param non-empty-list<int> $weights
     */
    private function equalShares(int $side, array $weights): ?Division
    {
        if (min($weights) < 1 || min($weights) !== max($weights)) {
            return null;
        }
        $division = null === $this->gap
            ? Division::containers($side, \count($weights), $this->policy)
            : Division::of($side, \count($weights), $this->gap, $this->policy);

        return $division ?? throw NoRoom::parts(\count($weights), $side, $this->way);
    }

    private function fixed(Asker $asker, Region $region, Size $size, Piece $piece): int
    {
        return match (true) {
            $size->isShare() => 0,
            !$size->isNeeded() => $size->amount,
            Way::Down === $this->way => $piece->tall($asker, $region->wide),
            default => $piece->narrowest($asker),
        };
    }
}
