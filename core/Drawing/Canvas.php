<?php

/*
 * Where a form draws a page: marks in boxes from the upper left corner, each belonging to the step that was
 * begun last. The only mutable thing in this room; `finish` gives the page that never changes again.
 */

declare(strict_types=1);

namespace AmpleMargin\Drawing;

use AmpleMargin\Colour\Palette;
use AmpleMargin\Counting\BlockDigits;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Letters;
use AmpleMargin\Counting\Tally;
use AmpleMargin\Counting\Ticks;

final class Canvas
{
    use KeepsRooms;

    /** Letters fill this share of their box, in grains a box: three quarters leaves air above and below (from memory). */
    private const LETTER = 630;

    /** Centred words keep this share of their place, in hundredths, so that figures in neighbouring boxes stay apart. */
    private const CENTRED = 84;

    /** Grains from the left edge that words keep free for its ticks: a third of a box. */
    private const BEHIND_TICKS = 280;

    /** @var list<Mark> */
    private array $marks = [];

    /** @var list<Step> */
    private array $steps = [];

    /** @var array<string, Working> */
    private array $workings = [];

    /** @var list<Copying> */
    private array $copying = [];

    /** @var list<Inset> */
    private array $insets = [];

    /** @var array<string, int> how often each step has been said, so that the same words twice are two steps */
    private array $said = [];
    private ?string $note = null;
    private ?string $colour = null;

    /** The part whose steps follow, as their sentences call it; null where the page is one. */
    private ?string $part = null;

    /**
     * @param int $page 0 for the first page of its spread
     * @param int $done steps of the pages before this one, so that numbers run on
     * @param int|null $title boxes kept for a title; null for the usual ones
     */
    public function __construct(
        public readonly int $across,
        public readonly int $down,
        public readonly Tally $tally = Tally::Boxes,
        private readonly int $page = 0,
        private readonly int $done = 0,
        public readonly ?int $title = null,
    ) {
    }

    public function working(string $note, string $figure, string $arithmetic): void
    {
        $this->workings[$note] ??= new Working($note, $this->tally->sum($figure), $this->tally->sum($arithmetic));
    }

    /**
     * The figures the step begun last copies.
     *
     * @param list<string>         $headings
     * @param list<list<int|null>> $rows
     */
    public function copying(string $title, array $headings, array $rows, string $check): void
    {
        $step = end($this->steps);
        if (false !== $step) {
            $this->copying[] = new Copying($step->key, $title, $headings, $rows, $check);
        }
    }

    /** The steps that follow are those of one part of several, and begin with what it is called; null for those of the whole page. */
    public function of(?string $part): void
    {
        $this->part = $part;
    }

    /**
     * Begins a step: the marks that follow belong to it.
     *
     * @param list<int|Fraction> $ticks boxes from the edge
     * @param list<string>       $was   what the program said of it before, with the same counts: ticks made then stay
     */
    public function step(Task $task, string $text, ?string $note = null, ?Edge $edge = null, array $ticks = [], array $was = []): void
    {
        $this->note = $note;
        $again = $this->again($task, $text);
        $isNamed = null === $this->part || str_contains($text, $this->part) || str_starts_with($text, 'In the ');
        $said = $isNamed ? $text : "$this->part: $text";
        $nth = $isNamed ? $again : $this->again($task, $said);
        $step = Step::of($this->done + \count($this->steps) + 1, $task, $said, $this->page, $was, $nth);
        // Before parts were named, it was done under the same words without that.
        $step = $isNamed ? $step : $step->knownBefore($text, $again);
        // Its key is that of the words in boxes: who counts otherwise from now on has done what is done.
        $this->steps[] = $step->saying($this->tally->says($said))->counting($edge, array_map($this->tally->place(...), $ticks), $note);
    }

    /** How often these words are a step of the page by now. */
    private function again(Task $task, string $text): int
    {
        $words = "$this->page $task->value $text";

        return $this->said[$words] = ($this->said[$words] ?? 0) + 1;
    }

    /**
     * Begins a step of pencil ticks, and draws them. The words give the counts from the edge, from the last
     * tick, and what must be left at the end, so that a slip shows at once.
     *
     * @param list<int|Fraction> $ticks boxes from the edge, rising
     * @param list<string>       $was   what the program said of them before
     */
    public function tickAll(Edge $edge, array $ticks, string $why, string $note, array $was = []): void
    {
        $this->tickStep($edge, $ticks, $why, $note, $was);
        foreach ($ticks as $tick) {
            $this->tick($edge, $tick);
        }
    }

    /**
     * Begins that step without drawing its ticks, for those that do not stand at the page's edge.
     *
     * @param list<int|Fraction> $ticks boxes from the edge, rising
     * @param list<string>       $was   what the program said of them before
     */
    public function tickStep(Edge $edge, array $ticks, string $why, string $note, array $was = []): void
    {
        if ([] !== $ticks) {
            $this->step(Task::Pencil, $this->ticking($edge, $ticks, $why), $note, $edge, $ticks, $was);
        }
    }

    /**
     * What such a step says.
     *
     * @param list<int|Fraction> $ticks boxes from the edge, rising
     */
    public function ticking(Edge $edge, array $ticks, string $why): string
    {
        $side = Edge::Top === $edge ? $this->across : $this->down;

        return "Tick {$this->tally->places($ticks)} {$edge->words()} ($why). ".Ticks::at($ticks)->said($side);
    }

    /** A short pencil tick at the edge, a quarter of a box long: it ends before words that begin there. */
    public function tick(Edge $edge, int|Fraction $at): void
    {
        $long = Fraction::of(1, 4);
        Edge::Top === $edge ? $this->line(Layer::Pencil, $at, 0, 0, $long) : $this->line(Layer::Pencil, 0, $at, $long, 0);
    }

    /**
     * What follows is drawn with a pen of this colour, until another is taken.
     *
     * @param string|null $colour #rrggbb; null for the layer's own
     */
    public function pen(?string $colour): void
    {
        $this->colour = $colour;
    }

    public function line(Layer $layer, int|Fraction $x, int|Fraction $y, int|Fraction $wide, int|Fraction $tall): void
    {
        $this->marks[] = new Line($layer, ...$this->at($x, $y, $wide, $tall));
    }

    public function frame(Layer $layer, int|Fraction $x, int|Fraction $y, int|Fraction $wide, int|Fraction $tall): void
    {
        $this->marks[] = new Frame($layer, ...$this->at($x, $y, $wide, $tall));
    }

    /** @return array{int, int, int, int, int, string|null, string|null} where it is, in grains; its step, its note, its pen */
    private function at(int|Fraction $x, int|Fraction $y, int|Fraction $wide, int|Fraction $tall): array
    {
        return [
            Grain::of($x),
            Grain::of($y),
            Grain::of($wide),
            Grain::of($tall),
            $this->current(),
            $this->note,
            $this->colour,
        ];
    }

    public function band(int|Fraction $x, int|Fraction $y, int|Fraction $wide, int|Fraction $tall): void
    {
        $this->marks[] = new Band(
            Layer::Band,
            Grain::of($x),
            Grain::of($y),
            Grain::of($wide),
            Grain::of($tall),
            $this->current(),
            $this->note,
            $this->colour,
        );
    }

    /** Block figures, each of their boxes filled with ink. */
    public function blocks(BlockDigits $block, int $x, int $y): void
    {
        $this->pen(Palette::INK);
        foreach ($block->stretches() as $run) {
            $this->band($x + $run['x'], $y + $run['y'], $run['wide'], $block->scale);
        }
        $this->pen(null);
    }

    public function ring(Layer $layer, int|Fraction $x, int|Fraction $y, int|Fraction $wide, int|Fraction $tall): void
    {
        $this->marks[] = new Ring(
            $layer,
            Grain::of($x),
            Grain::of($y),
            Grain::of($wide),
            Grain::of($tall),
            $this->current(),
            $this->note,
            $this->colour,
        );
    }

    /** Something of a size of its own is put here. */
    public function inset(Inset $inset): void
    {
        $this->insets[] = $inset;
    }

    /** Words in a place, on one line; the letters shrink until they fit its width. At the left edge they begin behind its ticks. */
    public function words(
        Layer $layer,
        int|Fraction $x,
        int|Fraction $y,
        int|Fraction $wide,
        int|Fraction $tall,
        string $text,
        Align $align = Align::Start,
        bool $upwards = false,
    ): void {
        if ($upwards) {
            $this->upwards($layer, $x, $y, $wide, $tall, $text, $align);

            return;
        }
        $inset = Align::Start === $align && Grain::of($wide) > Grain::PER_BOX ? max(0, self::BEHIND_TICKS - Grain::of($x)) : 0;
        $place = Grain::of($wide) - $inset;
        $room = Align::Middle === $align ? intdiv($place * self::CENTRED, 100) : $place;
        $height = intdiv(Grain::of($tall) * self::LETTER, Grain::PER_BOX);
        // Letters of East Asian scripts are twice as wide as others.
        $length = max(1, mb_strwidth($text));
        $size = min($height, intdiv($room * 100, $length * Letters::WIDEST));
        $this->marks[] = new Words(
            $layer,
            Grain::of($x) + $inset,
            Grain::of($y),
            $place,
            Grain::of($tall),
            $this->current(),
            $this->note,
            $text,
            max(1, $size),
            $align,
            $this->colour,
        );
    }

    /** The same from the lower end of their place up. */
    private function upwards(
        Layer $layer,
        int|Fraction $x,
        int|Fraction $y,
        int|Fraction $wide,
        int|Fraction $tall,
        string $text,
        Align $align,
    ): void {
        $this->words($layer, 0, 0, $tall, $wide, $text, $align);
        $lying = array_pop($this->marks);
        if ($lying instanceof Words) {
            $this->marks[] = new Words(
                $layer,
                Grain::of($x),
                Grain::of($y),
                Grain::of($wide),
                $lying->wide,
                $lying->step,
                $lying->note,
                $text,
                $lying->size,
                $align,
                $lying->colour,
                true,
            );
        }
    }

    /** Whether there is pencil to erase. */
    public function isPencilled(): bool
    {
        foreach ($this->marks as $mark) {
            if (Layer::Pencil === $mark->layer && !$mark instanceof Words) {
                return true;
            }
        }

        return false;
    }

    public function steps(): int
    {
        return $this->done + \count($this->steps);
    }

    /** @param list<Finding> $findings what does not fit, as it was laid out */
    public function finish(array $findings = []): PageDrawing
    {
        return new PageDrawing(
            $this->across,
            $this->down,
            $this->marks,
            $this->steps,
            array_values($this->workings),
            $findings,
            $this->rooms,
            $this->copying,
            $this->cells,
            array_keys($this->shown),
            days: $this->days,
            insets: $this->insets,
        );
    }

    private function current(): int
    {
        return $this->done + \count($this->steps);
    }
}
