<?php

/* The legend of a page: a swatch of each pen and what it stands for. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Form;

use AmpleMargin\Colour\Palette;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;

final class PenLegend
{
    /** Boxes an entry takes: the swatch, a little air, a word. */
    private const ENTRY = 7;

    /** @param int $wide boxes */
    public function __construct(private readonly Palette $palette, private readonly int $wide)
    {
    }

    /** Boxes it is tall; 0 where there is nothing to explain or no room to. */
    public function tall(): int
    {
        return $this->wide < 3 ? 0 : intdiv(\count($this->palette->pens) + $this->perRow() - 1, $this->perRow());
    }

    /** Begins the step that colours the swatches. */
    public function swatches(Canvas $canvas, int $x, int $y): void
    {
        if (0 === $this->tall()) {
            return;
        }
        $canvas->step(Task::Band, 'Colour one box for each pen of the legend.', 'legend');
        foreach ($this->places($x, $y) as $i => [$atX, $atY]) {
            $canvas->pen($this->palette->pens[$i]->colour);
            $canvas->band($atX, $atY, 1, 1);
        }
        $canvas->pen(null);
    }

    /** Begins the step that writes what each stands for. */
    public function names(Canvas $canvas, int $x, int $y): void
    {
        if (0 === $this->tall()) {
            return;
        }
        $canvas->step(Task::Write, 'Write beside each swatch what it stands for.', 'legend');
        $words = Fraction::of(2 * min($this->wide, self::ENTRY) - 3, 2);
        foreach ($this->places($x, $y) as $i => [$atX, $atY]) {
            $canvas->words(Layer::Writing, Fraction::of(4 * $atX + 5, 4), $atY, $words->minus(Fraction::of(1, 4)), 1, '' === $this->palette->pens[$i]->means ? '…' : $this->palette->pens[$i]->means);
        }
    }

    /** @return list<array{int, int}> */
    private function places(int $x, int $y): array
    {
        $places = [];
        foreach (array_keys($this->palette->pens) as $i) {
            $places[] = [$x + $i % $this->perRow() * self::ENTRY, $y + intdiv($i, $this->perRow())];
        }

        return $places;
    }

    private function perRow(): int
    {
        return max(1, intdiv($this->wide, self::ENTRY));
    }
}
