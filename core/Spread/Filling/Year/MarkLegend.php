<?php

/*
 * What the marks on a dot mean: ring, filled, slash, other slash, cross, larger dot, in this order. More than six cannot
 * be told apart on one dot (common practice, no source).
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling\Year;

use AmpleMargin\Counting\Fraction;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Page\TooLong;
use AmpleMargin\Spread\Part\FromHere;

/** @internal to Spread */
final class MarkLegend
{
    private const MARKS = ['ring', 'filled', 'slash', 'other slash', 'cross', 'larger dot'];

    /** Boxes an entry takes: the mark, a little air, a word. */
    private const ENTRY = 7;

    /** @var list<string> */
    private readonly array $names;

    public function __construct(private readonly Request $request, private readonly Region $region)
    {
        $this->names = \array_slice($request->settings->lines('marks'), 0, \count(self::MARKS));
    }

    /** Boxes it is tall with the row of air above it; 0 where no mark is named. */
    public function tall(): int
    {
        return [] === $this->names ? 0 : 1 + intdiv(\count($this->names) + $this->perRow() - 1, $this->perRow());
    }

    /** @return list<Finding> */
    public function tooMany(): array
    {
        $asked = \count($this->request->settings->lines('marks'));

        $long = TooLong::in($this->request, $this->names, max(1, min($this->region->wide, self::ENTRY) - 2), 'the line of a mark');

        return [...$long, ...$asked > \count(self::MARKS) ? [new Finding(
            $this->request->id,
            "$asked marks are named; at most ".\count(self::MARKS).' can be told apart on one dot. The others are left out.',
            [],
            false,
        )] : []];
    }

    /** Begins the step that draws the marks, at the foot of the page. */
    public function marks(Canvas $canvas, FromHere $here): void
    {
        if ([] === $this->names) {
            return;
        }
        $here->step(
            $canvas,
            Task::Ink,
            'Draw the marks of the legend: '.implode(', ', \array_slice(self::MARKS, 0, \count($this->names))).'.',
            'legend',
        );
        foreach ($this->places() as $i => [$x, $y]) {
            $this->mark($canvas, self::MARKS[$i], $x, $y);
        }
    }

    /** Begins the step that names them. */
    public function names(Canvas $canvas, FromHere $here): void
    {
        if ([] === $this->names) {
            return;
        }
        $here->step($canvas, Task::Write, 'Write beside each mark what it means.', 'legend');
        foreach ($this->places() as $i => [$x, $y]) {
            $canvas->words(
                Layer::Writing,
                Fraction::of(4 * $x + 5, 4),
                $y,
                Fraction::of(2 * min($this->region->wide, self::ENTRY) - 3, 2),
                1,
                $this->names[$i],
            );
        }
    }

    private function mark(Canvas $canvas, string $mark, int $x, int $y): void
    {
        $ring = static fn (int $sixths) => $canvas->ring(
            Layer::Ink,
            Fraction::of(12 * $x + 6 - $sixths, 12),
            Fraction::of(12 * $y + 6 - $sixths, 12),
            Fraction::of($sixths, 6),
            Fraction::of($sixths, 6),
        );
        [$left, $top, $side] = [Fraction::of(6 * $x + 1, 6), Fraction::of(6 * $y + 1, 6), Fraction::of(2, 3)];
        $ring('larger dot' === $mark ? 6 : 2);
        if ('ring' === $mark || 'filled' === $mark) {
            $ring(4);
        }
        if ('filled' === $mark) {
            $ring(3);
        }
        if ('slash' === $mark || 'cross' === $mark) {
            $canvas->line(Layer::Ink, $left, $top->plus($side), $side, Fraction::of(-2, 3));
        }
        if ('other slash' === $mark || 'cross' === $mark) {
            $canvas->line(Layer::Ink, $left, $top, $side, $side);
        }
    }

    /** @return list<array{int, int}> box across and down of each entry */
    private function places(): array
    {
        $places = [];
        foreach (array_keys($this->names) as $i) {
            $places[] = [
                $this->region->x + $i % $this->perRow() * self::ENTRY,
                $this->region->y + $this->region->tall - $this->tall() + 1 + intdiv($i, $this->perRow()),
            ];
        }

        return $places;
    }

    private function perRow(): int
    {
        return max(1, intdiv($this->region->wide, self::ENTRY));
    }
}
