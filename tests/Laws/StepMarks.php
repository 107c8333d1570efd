<?php

/* The marks of one step, counted and measured in boxes, as the page lies while it is drawn. */

declare(strict_types=1);

namespace Tests\Laws;

use AmpleMargin\Drawing\Band;
use AmpleMargin\Drawing\Edge;
use AmpleMargin\Drawing\Frame;
use AmpleMargin\Drawing\Grain;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Line;
use AmpleMargin\Drawing\Mark;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Ring;
use AmpleMargin\Drawing\Step;
use AmpleMargin\Drawing\Words;

final class StepMarks
{
    /** @var list<Mark> */
    private readonly array $marks;

    public function __construct(private readonly PageDrawing $page, private readonly Step $step)
    {
        $this->marks = array_values(array_filter($page->marks, static fn (Mark $mark): bool => $mark->step === $step->number));
    }

    /** Boxes of the side its ticks stand along. */
    public function side(): int
    {
        return Edge::Top === $this->step->edge ? $this->page->across : $this->page->down;
    }

    /** @return list<float> boxes from the edge */
    public function edgeTicks(): array
    {
        $top = Edge::Top === $this->step->edge;
        $ticks = array_filter($this->marks, static fn (Mark $mark): bool => $mark instanceof Line && Layer::Pencil === $mark->layer);

        return array_values(array_map(static fn (Mark $mark): float => ($top ? $mark->x : $mark->y) / Grain::PER_BOX, $ticks));
    }

    /** @return list<float> where level lines in ink stand, each height once, from the top */
    public function levels(): array
    {
        return self::places(array_filter($this->inked(), static fn (Line $line): bool => 0 === $line->tall), static fn (Mark $line): int => $line->y);
    }

    public function levelLines(): int
    {
        return \count(array_filter($this->inked(), static fn (Line $line): bool => 0 === $line->tall));
    }

    /** @return list<float> left edges of its cells: of frames, or between upright lines */
    public function columns(): array
    {
        return $this->cells(static fn (Mark $mark): int => $mark->x, static fn (Mark $mark): int => $mark->wide);
    }

    /** @return list<float> upper edges of its cells */
    public function rows(): array
    {
        return $this->cells(static fn (Mark $mark): int => $mark->y, static fn (Mark $mark): int => $mark->tall);
    }

    /** @return list<array{float, float}> wide and tall */
    public function frames(): array
    {
        return array_values(array_map(
            static fn (Mark $mark): array => [$mark->wide / Grain::PER_BOX, $mark->tall / Grain::PER_BOX],
            array_filter($this->marks, static fn (Mark $mark): bool => $mark instanceof Frame),
        ));
    }

    /** @return list<float> how wide */
    public function rings(): array
    {
        return array_values(array_map(
            static fn (Mark $mark): float => $mark->wide / Grain::PER_BOX,
            array_filter($this->marks, static fn (Mark $mark): bool => $mark instanceof Ring),
        ));
    }

    public function uprightLines(): int
    {
        return \count(array_filter($this->inked(), static fn (Line $line): bool => 0 === $line->wide));
    }

    /** @return list<float> of its level lines */
    public function lengths(): array
    {
        $level = array_filter($this->inked(), static fn (Line $line): bool => 0 === $line->tall);

        return array_values(array_map(static fn (Line $line): float => abs($line->wide) / Grain::PER_BOX, $level));
    }

    /** All that it writes, lines of more than one row counted once each. */
    public function words(): int
    {
        return \count($this->written());
    }

    public function head(): float
    {
        return min(array_map(static fn (Words $words): int => $words->y, $this->written()) ?: [0]) / Grain::PER_BOX;
    }

    public function left(): float
    {
        return min(array_map(static fn (Words $words): int => $words->x, $this->written()) ?: [0]) / Grain::PER_BOX;
    }

    public function foot(): float
    {
        return max(array_map(static fn (Words $words): int => $words->y + $words->tall, $this->written()) ?: [0]) / Grain::PER_BOX;
    }

    public function across(): int
    {
        return $this->page->across;
    }

    public function down(): int
    {
        return $this->page->down;
    }

    public function diagonals(): int
    {
        return \count(array_filter($this->inked(), static fn (Line $line): bool => 0 !== $line->wide && 0 !== $line->tall));
    }

    /** @return list<string> */
    public function figures(): array
    {
        $words = array_filter($this->marks, static fn (Mark $mark): bool => $mark instanceof Words && ctype_digit($mark->text));

        return array_values(array_map(static fn (Mark $mark): string => $mark instanceof Words ? $mark->text : '', $words));
    }

    /** Boxes that are filled. */
    public function banded(): float
    {
        return array_sum(array_map(
            static fn (Mark $mark): float => $mark instanceof Band ? $mark->wide * $mark->tall / Grain::PER_BOX ** 2 : 0.0,
            $this->marks,
        ));
    }

    public function bandTall(): float
    {
        $bands = array_values(array_filter($this->marks, static fn (Mark $mark): bool => $mark instanceof Band));

        return [] === $bands ? -1.0 : $bands[0]->tall / Grain::PER_BOX;
    }

    /** @return list<Words> */
    private function written(): array
    {
        return array_values(array_filter($this->marks, static fn (Mark $mark): bool => $mark instanceof Words));
    }

    /** @return list<Line> */
    private function inked(): array
    {
        return array_values(array_filter($this->marks, static fn (Mark $mark): bool => $mark instanceof Line && Layer::Ink === $mark->layer));
    }

    /**
     * @param \Closure(Mark): int $at
     * @param \Closure(Mark): int $long
     *
     * @return list<float>
     */
    private function cells(\Closure $at, \Closure $long): array
    {
        $frames = array_filter($this->marks, static fn (Mark $mark): bool => $mark instanceof Frame);
        if ([] !== $frames) {
            return self::places($frames, $at);
        }
        $lines = self::places(array_filter($this->inked(), static fn (Line $line): bool => 0 === $long($line)), $at);

        return \array_slice($lines, 0, -1);
    }

    /**
     * @param array<int, Mark>    $marks
     * @param \Closure(Mark): int $at
     *
     * @return list<float> each once, rising
     */
    private static function places(array $marks, \Closure $at): array
    {
        $places = array_values(array_unique(array_map($at, $marks)));
        sort($places);

        return array_map(static fn (int $one): float => $one / Grain::PER_BOX, $places);
    }
}
