<?php

/* The legend of a page: a swatch of each pen and what it stands for. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling;

use AmpleMargin\Colour\Palette;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Page\TooLong;
use AmpleMargin\Spread\Part\FromHere;
use AmpleMargin\Spread\Setting\Field;

/** @internal to Spread */
final class PenLegend
{
    /** Boxes an entry takes: the swatch, a little air, a word. */
    private const ENTRY = 7;

    /** @param int $wide boxes */
    public function __construct(private readonly Palette $palette, private readonly int $wide)
    {
    }

    /**
     * @param array<string, list<string>> $when other setting → the values one of which it must have for a page to have a legend
     *
     * @return list<Field>
     */
    public static function fields(array $when): array
    {
        $legend = Field::choice('legend', 'Legend', ['book' => 'the pens of the book', 'own' => 'its own', 'none' => 'none']);
        foreach ($when as $setting => $values) {
            $legend = $legend->when($setting, $values);
        }

        return [$legend, Field::lines('legend_names', 'What the colours mean')->when('legend', ['own'])];
    }

    /** The legend a spread asks for: of the book's pens, of its own names for them, or none. @param int $wide boxes */
    public static function asked(Request $request, int $wide): self
    {
        return new self(match ($request->settings->choice('legend')) {
            'none' => new Palette([]),
            // Without names there is a swatch for each pen, to be named by hand.
            'own' => $request->palette->meaning(
                $request->settings->linesOrNull('legend_names') ?? array_fill(0, \count($request->palette->pens), ''),
            ),
            default => $request->palette,
        }, $wide);
    }

    /** @return list<Finding> whether two entries would have to share a pen */
    public static function sharedPens(Request $request): array
    {
        $own = $request->settings->lines('legend_names');
        $names = \count($own);
        $pens = \count($request->palette->pens);

        return 'own' === $request->settings->choice('legend')
            ? [...TooFewPens::of($request->id, $names, $pens), ...TooLong::in($request, $own, self::ENTRY - 2, 'the line of an entry')]
            : [];
    }

    /** Boxes it is tall; 0 where there is nothing to explain or no room to. */
    public function tall(): int
    {
        return $this->wide < 3 ? 0 : intdiv(\count($this->palette->pens) + $this->perRow() - 1, $this->perRow());
    }

    /** Begins the step that colours the swatches. */
    public function swatches(Canvas $canvas, int $x, int $y, ?FromHere $here = null): void
    {
        if (0 === $this->tall()) {
            return;
        }
        $says = 'Colour one box for each pen of the legend.';
        null === $here ? $canvas->step(Task::Band, $says, 'legend') : $here->step($canvas, Task::Band, $says, 'legend');
        foreach ($this->places($x, $y) as $i => [$atX, $atY]) {
            $canvas->pen($this->palette->pens[$i]->colour);
            $canvas->band($atX, $atY, 1, 1);
        }
        $canvas->pen(null);
    }

    /** Begins the step that writes what each stands for. */
    public function names(Canvas $canvas, int $x, int $y, ?FromHere $here = null): void
    {
        if (0 === $this->tall()) {
            return;
        }
        $says = 'Write beside each swatch what it stands for.';
        null === $here ? $canvas->step(Task::Write, $says, 'legend') : $here->step($canvas, Task::Write, $says, 'legend');
        $words = Fraction::of(2 * min($this->wide, self::ENTRY) - 3, 2);
        foreach ($this->places($x, $y) as $i => [$atX, $atY]) {
            $canvas->words(
                Layer::Writing,
                Fraction::of(4 * $atX + 5, 4),
                $atY,
                $words->minus(Fraction::of(1, 4)),
                1,
                '' === $this->palette->pens[$i]->means ? '…' : $this->palette->pens[$i]->means,
            );
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
