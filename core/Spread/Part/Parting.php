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
use AmpleMargin\Counting\Subtraction;
use AmpleMargin\Spread\Page\Direction;
use AmpleMargin\Spread\Page\Region;

final class Parting implements Portion
{
    /** Deeper than this nobody divides a page by hand. From memory. */
    public const DEEPEST = 6;

    /** More parts than this nobody fills. From memory. */
    public const MOST = 40;

    /**
     * @param non-empty-list<array{Size, Portion}> $parts
     * @param int|null                           $gap   boxes between parts; null for the best one between equal shares
     */
    private function __construct(
        public readonly Direction $way,
        public readonly array $parts,
        public readonly ?int $gap,
        public readonly Remainder $policy,
    ) {
    }

    /**
     * @param array{Size, Portion} $first
     * @param array{Size, Portion} ...$others
     */
    public static function across(array $first, array ...$others): self
    {
        return new self(Direction::Across, [$first, ...array_values($others)], null, Remainder::Outside);
    }

    /**
     * @param array{Size, Portion} $first
     * @param array{Size, Portion} ...$others
     */
    public static function down(array $first, array ...$others): self
    {
        return new self(Direction::Down, [$first, ...array_values($others)], null, Remainder::Outside);
    }

    /**
     * @param non-empty-list<array{Size, Portion}> $parts
     * @param int|null                           $gap   boxes between parts; null for the best one between equal shares
     */
    public static function of(Direction $way, array $parts, ?int $gap = null, Remainder $policy = Remainder::Outside): self
    {
        return new self($way, $parts, $gap, $policy);
    }

    /** With so many boxes between parts. */
    public function gap(int $boxes): self
    {
        return new self($this->way, $this->parts, $boxes, $this->policy);
    }

    public function part(int $i): ?Portion
    {
        return $this->parts[$i][1] ?? null;
    }

    public function withPart(int $i, Portion $part): self
    {
        $parts = $this->parts;
        $parts[$i] = [$parts[$i][0], $part];

        return new self($this->way, array_values($parts), $this->gap, $this->policy);
    }

    public function each(\Closure $as): self
    {
        $parts = array_map(static fn (array $part): array => [$part[0], $part[1]->each($as)], $this->parts);

        return new self($this->way, $parts, $this->gap, $this->policy);
    }

    public function settled(Asker $asker): self
    {
        return $this->each(static fn (FilledPart $leaf): FilledPart => $leaf->settled($asker));
    }

    public function asking(array $names): self
    {
        return $this->each(static fn (FilledPart $leaf): FilledPart => $leaf->asking($names));
    }

    public function tall(Asker $asker, int $wide): int
    {
        if (Direction::Across === $this->way) {
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

        return Direction::Across === $this->way ? array_sum($each) + ($this->gap ?? 0) * (\count($each) - 1) : max(1, ...$each);
    }

    public function place(Asker $asker, Region $region, string $path = ''): array
    {
        $placed = [];
        foreach ($this->stretches($asker, $region) as $i => [$from, $size]) {
            $part = $region->stretch($this->way, $from, $size);
            if (1 === $i && $this->isTitled()) {
                $part = $part->from(Subtraction::from($region->tall)->less($region->tall - $size, 'the title'));
            }
            array_push($placed, ...$this->inLine($asker, $i, $region->wide)->place($asker, $part, self::below($path, $i)));
        }

        return $placed;
    }

    /** A part in line with the columns of one it stands under or over. */
    private function inLine(Asker $asker, int $i, int $wide): Portion
    {
        $part = $this->parts[$i][1];
        if (Direction::Down !== $this->way || !$part instanceof FilledPart || !$part->filling instanceof InLine) {
            return $part;
        }
        foreach ($this->parts as [, $other]) {
            $columns = $other instanceof FilledPart && $other->filling instanceof HasColumns
                ? $other->filling->columns($asker->of($other), $wide)
                : null;
            $said = null === $columns ? [] : $part->filling->inLine($asker->of($part), $columns);
            if ([] !== $said) {
                return $part->set($said);
            }
        }

        return $part;
    }

    public function divisions(Asker $asker, Region $region, string $path = ''): array
    {
        $stretches = $this->stretches($asker, $region);
        $divisions = [new PlacedDivision($this, $region, $path, $stretches)];
        foreach ($stretches as $i => [$from, $size]) {
            $below = $region->stretch($this->way, $from, $size);
            array_push($divisions, ...$this->parts[$i][1]->divisions($asker, $below, self::below($path, $i)));
        }

        return $divisions;
    }

    private static function below(string $path, int $part): string
    {
        return '' === $path ? (string) $part : "$path.$part";
    }

    public function leaves(): array
    {
        return array_merge(...array_map(static fn (array $part): array => $part[1]->leaves(), $this->parts));
    }

    public function deep(): int
    {
        return 1 + max(array_map(static fn (array $part): int => $part[1]->deep(), $this->parts));
    }

    /** Whether it is a title and all that stands below it. */
    public function isTitled(): bool
    {
        [$first, $second] = [$this->parts[0][1], $this->parts[1][0] ?? null];

        return Direction::Down === $this->way && 2 === \count($this->parts) && true === $second?->isShare()
            && $first instanceof FilledPart && $first->filling instanceof HeadsPage;
    }

    /**
     * Where each part begins and how long it is, in boxes along the side.
     *
     * @return non-empty-list<array{int, int}>
     */
    private function stretches(Asker $asker, Region $region): array
    {
        $side = $region->side($this->way);
        $count = \count($this->parts);
        $weights = array_map(static fn (array $part): int => $part[0]->isShare() ? $part[0]->amount : 0, $this->parts);
        $division = $this->equalShares($side, $weights);
        if (null !== $division) {
            $spans = [];
            foreach ($division->spans() as ['from' => $from, 'to' => $to]) {
                $spans[] = [$from->floor(), $to->minus($from)->floor()];
            }

            return [] === $spans ? throw NoRoom::parts($count, $side, $this->way) : $spans;
        }
        $gap = $this->gap ?? 0;
        $fixed = array_map(fn (array $part): int => $this->fixed($asker, $region, ...$part), $this->parts);
        $shares = \count(array_filter($weights, static fn (int $weight): bool => $weight > 0));
        $left = $side - array_sum($fixed) - $gap * ($count - 1);
        // What needs more than there is has what there is; the rest of it goes on on the next page, or is said.
        foreach (array_reverse(array_keys($fixed)) as $i) {
            if ($left < $shares && $this->parts[$i][0]->isNeeded()) {
                $less = min($shares - $left, $fixed[$i] - 1);
                $fixed[$i] -= $less;
                $left += $less;
            }
        }
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

    private function fixed(Asker $asker, Region $region, Size $size, Portion $piece): int
    {
        return match (true) {
            $size->isShare() => 0,
            !$size->isNeeded() => $size->amount,
            Direction::Down === $this->way => $piece->tall($asker, $region->wide),
            default => $piece->narrowest($asker),
        };
    }
}
