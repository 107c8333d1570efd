<?php

/* A legend: each entry a box of colour, or one to be coloured, and what it stands for; with room to add a third more. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling;

use AmpleMargin\Colour\Pen;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Drawing\Working;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Page\TooLong;
use AmpleMargin\Spread\Part\Filled;
use AmpleMargin\Spread\Part\Filling;
use AmpleMargin\Spread\Part\Layers;
use AmpleMargin\Spread\Part\PartName;
use AmpleMargin\Spread\Setting\Field;

final class Legend implements Filling
{
    /** Boxes an entry takes: the swatch, a little air, a word (common practice, no source). */
    private const ENTRY = 7;

    public function name(): string
    {
        return 'Legend';
    }

    public function purpose(): string
    {
        return 'What the colours stand for, with room to add some.';
    }

    public function fields(): array
    {
        return [
            Field::choice('of', 'Entries', ['book' => 'the pens of the book', 'own' => 'names of its own']),
            Field::lines('entries', 'Names, one for each colour')->when('of', ['own']),
            PartName::field(),
        ];
    }

    public function narrowest(Request $asked): int
    {
        return 4;
    }

    public function least(Request $asked, int $wide): int
    {
        return 1 + PartName::rows($asked);
    }

    public function tall(Request $asked, int $wide): int
    {
        $entries = \count($this->pens($asked));

        return PartName::rows($asked) + (int) ceil(($entries + intdiv($entries + 2, 3)) / $this->perRow($wide));
    }

    public function fill(Request $asked, Region $region, int $from): Filled
    {
        $pens = $this->pens($asked);
        $perRow = $this->perRow($region->wide);
        $room = ($region->tall - PartName::rows($asked)) * $perRow;
        if (\count($pens) > $room) {
            return new Filled(findings: [new Finding(
                $asked->id,
                'The legend has '.Plural::of(\count($pens), 'entry', 'entries')." and room for $room: $perRow a row. "
                    .'Make its part taller, or leave some out.',
            )]);
        }
        $places = [];
        foreach (array_keys($pens) as $i) {
            $places[] = [
                $region->x + $i % $perRow * self::ENTRY,
                $region->y + PartName::rows($asked) + intdiv($i, $perRow),
            ];
        }
        $words = Fraction::of(2 * min($region->wide, self::ENTRY) - 3, 2)->minus(Fraction::of(1, 4));

        return new Filled(
            side: [$region->y => 'the legend'],
            workings: static fn (): array => [new Working(
                'legend',
                Plural::of(\count($pens), 'entry', 'entries'),
                "$perRow a row of ".self::ENTRY." boxes, $room in all; ".($room - \count($pens)).' to add',
            )],
            findings: [
                ...self::shared($asked, $pens),
                ...TooLong::in($asked, array_column($pens, 'means'), max(1, $words->floor()), 'the line of an entry'),
            ],
            layers: new Layers(
                band: static function (Canvas $canvas) use ($pens, $places): void {
                    if ([] === $pens) {
                        return;
                    }
                    $canvas->step(Task::Band, 'Colour one box for each entry of the legend.', 'legend');
                    foreach ($places as $i => [$x, $y]) {
                        $canvas->pen($pens[$i]->colour);
                        $canvas->band($x, $y, 1, 1);
                    }
                    $canvas->pen(null);
                },
                write: static function (Canvas $canvas) use ($asked, $pens, $places, $words, $region): void {
                    PartName::write($canvas, $asked, $region);
                    if ([] !== $pens) {
                        $canvas->step(Task::Write, 'Write beside each colour what it stands for.', 'legend');
                    }
                    foreach ($places as $i => [$x, $y]) {
                        $means = '' === $pens[$i]->means ? '…' : $pens[$i]->means;
                        $canvas->words(Layer::Writing, Fraction::of(4 * $x + 5, 4), $y, $words, 1, $means);
                    }
                },
            ),
        );
    }

    /** @return list<Pen> */
    private function pens(Request $asked): array
    {
        $palette = $asked->palette;
        if ('own' === $asked->settings->choice('of')) {
            $palette = $palette->meaning($asked->settings->linesOrNull('entries') ?? array_fill(0, \count($palette->pens), ''));
        }

        return $palette->pens;
    }

    private function perRow(int $wide): int
    {
        return max(1, intdiv($wide, self::ENTRY));
    }

    /**
     * Whether two entries share a colour.
     *
     * @param list<Pen> $pens
     *
     * @return list<Finding>
     */
    private static function shared(Request $asked, array $pens): array
    {
        $colours = \count(array_unique(array_column($pens, 'colour')));

        return TooFewPens::of($asked->id, \count($pens), $colours);
    }
}
