<?php

/* A side split, its parts perhaps divided again. */

declare(strict_types=1);

namespace AmpleMargin\Counting;

final class Split
{
    /** @param list<Division> $inner of each part, where the parts are divided again */
    public function __construct(public readonly Division $outer, public readonly array $inner = [])
    {
    }

    /**
     * Where to tick, in boxes from the start of the side, its two ends left out.
     *
     * @return list<Fraction>
     */
    public function ticks(): array
    {
        if ([] === $this->inner) {
            return $this->outer->ticks();
        }
        $ticks = [];
        foreach ($this->outer->spans() as $i => $span) {
            foreach ([Fraction::of(0), ...$this->inner[$i]->ticks(), $span['to']->minus($span['from'])] as $tick) {
                $at = $span['from']->plus($tick);
                if ($at->compare(0) > 0 && $at->compare($this->outer->side) < 0 && ([] === $ticks || !end($ticks)->equals($at))) {
                    $ticks[] = $at;
                }
            }
        }

        return $ticks;
    }

    /**
     * The parts a person fills, each from where to where.
     *
     * @return list<array{from: Fraction, to: Fraction}>
     */
    public function spans(): array
    {
        if ([] === $this->inner) {
            return $this->outer->spans();
        }
        $spans = [];
        foreach ($this->outer->spans() as $i => $span) {
            foreach ($this->inner[$i]->spans() as $part) {
                $spans[] = ['from' => $span['from']->plus($part['from']), 'to' => $span['from']->plus($part['to'])];
            }
        }

        return $spans;
    }

    /** "8, skip 1, 8"; divided again: "12 as 6, 6, skip 2, 12 as 6, 6". */
    public function run(): string
    {
        if ([] === $this->inner) {
            return $this->outer->run();
        }
        $said = $this->outer->before > 0 ? ["skip {$this->outer->before}"] : [];
        foreach ($this->outer->parts as $i => $part) {
            $said[] = "$part as ".$this->inner[$i]->run();
            if (($this->outer->gaps[$i] ?? 0) > 0) {
                $said[] = 'skip '.$this->outer->gaps[$i];
            }
        }

        return implode(', ', $said);
    }

    public function working(): string
    {
        $again = [] === $this->inner ? '' : '; each part again ÷ '.\count($this->inner[0]->parts);

        return $this->outer->working().$again;
    }

    /** Boxes that belong to no part and no gap asked for. */
    public function leftOver(): int
    {
        return \in_array($this->outer->policy, [Remainder::Outside, Remainder::After], true) ? $this->outer->remainder : 0;
    }
}
