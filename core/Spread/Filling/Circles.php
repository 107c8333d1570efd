<?php

/* Two to four circles that overlap: a word in each, and one in what all of them share. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling;

use AmpleMargin\Counting\Listed;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Drawing\Working;
use AmpleMargin\Spread\Page\Heading;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Page\TooLong;
use AmpleMargin\Spread\Part\Check;
use AmpleMargin\Spread\Part\Filled;
use AmpleMargin\Spread\Part\Filling;
use AmpleMargin\Spread\Part\Layers;
use AmpleMargin\Spread\Setting\Field;

final class Circles implements Filling
{
    /** Where the centres stand, in halves of a radius from the middle of all of them. */
    private const CENTRES = [
        2 => [[-1, 0], [1, 0]],
        3 => [[0, -1], [-1, 1], [1, 1]],
        4 => [[-1, -1], [1, -1], [-1, 1], [1, 1]],
    ];

    /** Boxes of a radius in which a word can still be written. From memory. */
    private const LEAST = 3;

    /** Circles that all overlap. */
    private const MOST = 4;

    public function name(): string
    {
        return 'Circles';
    }

    public function purpose(): string
    {
        return 'Two to four circles that overlap, a word in each and in what they share.';
    }

    public function fields(): array
    {
        return [
            Field::lines('circles', 'A word for each circle, two to four', ['…', '…', '…']),
            Field::text('shared', 'What they share'),
        ];
    }

    public function narrowest(Request $asked): int
    {
        return 3 * self::LEAST + 1;
    }

    public function least(Request $asked, int $wide): int
    {
        return 2 === $this->count($asked) ? 2 * self::LEAST : 3 * self::LEAST + 1;
    }

    public function tall(Request $asked, int $wide): int
    {
        $radius = $this->radius($asked, $wide, \PHP_INT_MAX);

        return $this->height($asked, $radius);
    }

    public function fill(Request $asked, Region $region, int $from): Filled
    {
        $radius = $this->radius($asked, $region->wide, $region->tall);
        $half = intdiv($radius, 2);
        $x = $region->x + intdiv($region->wide, 2);
        $y = $region->y + intdiv($region->tall - $this->height($asked, $radius), 2) + $radius + (2 === $this->count($asked) ? 0 : $half);
        $circles = array_map(
            static fn (array $at): array => [$x + $at[0] * $half, $y + $at[1] * $half],
            self::CENTRES[$this->count($asked)],
        );
        $words = $asked->settings->lines('circles');

        return new Filled(
            workings: fn (): array => [new Working(
                'circles',
                'radius '.Plural::boxes($radius),
                "{$this->count($asked)} circles in $region->wide × $region->tall boxes; centres ".Plural::boxes(2 * $half).' apart',
            )],
            findings: [
                ...self::findings($asked, $words),
                ...TooLong::in($asked, \array_slice($words, 0, self::MOST), max(2, $radius - 1), 'a circle’s line'),
                ...TooLong::in($asked, [$asked->settings->textOrNull('shared') ?? ''], max(2, $half), 'the middle'),
            ],
            layers: new Layers(
                pencil: static function (Canvas $canvas) use ($circles): void {
                    $canvas->step(Task::Pencil, 'Mark the centres: '.implode('; ', array_map(
                        static fn (array $at): string => $canvas->tally->place($at[0]).' across, '.$canvas->tally->place($at[1]).' down',
                        $circles,
                    )).'.', 'circles');
                    foreach ($circles as [$atX, $atY]) {
                        $canvas->line(Layer::Pencil, $atX, $atY, 1, 0);
                        $canvas->line(Layer::Pencil, $atX, $atY, 0, 1);
                    }
                },
                ink: static function (Canvas $canvas) use ($circles, $radius): void {
                    $canvas->step(Task::Ink, 'Draw '.\count($circles).' circles with a radius of '.Plural::boxes($radius).'.', 'circles');
                    foreach ($circles as [$atX, $atY]) {
                        $canvas->ring(Layer::Ink, $atX - $radius, $atY - $radius, 2 * $radius, 2 * $radius);
                    }
                },
                write: static function (Canvas $canvas) use ($asked, $circles, $words, $radius, $half, $x, $y): void {
                    $canvas->step(Task::Write, 'Write a word in each circle, clear of what they share.', 'circles');
                    foreach ($circles as $i => [$atX, $atY]) {
                        // Outwards from the middle, so that it stands where no other circle is.
                        $outX = $atX + ($atX <=> $x) * intdiv($half, 2);
                        $outY = $atY + (2 === \count($circles) ? 0 : ($atY <=> $y) * intdiv($half, 2));
                        $wide = max(2, $radius - 1);
                        $canvas->words(Layer::Writing, $outX - intdiv($wide, 2), $outY, $wide, 1, $words[$i] ?? '…', Align::Middle);
                    }
                    $shared = $asked->settings->textOrNull('shared');
                    if (null !== $shared) {
                        $canvas->step(Task::Write, 'Write '.Heading::quoted($shared).' in the middle.', 'circles');
                        $wide = max(2, $half);
                        $canvas->words(Layer::Writing, $x - intdiv($wide, 2), $y, $wide, 1, $shared, Align::Middle);
                    }
                },
            ),
            check: new Check('Check that the circles pass through one another’s centres or near them.'),
        );
    }

    /**
     * @param list<string> $words
     *
     * @return list<Finding>
     */
    private static function findings(Request $asked, array $words): array
    {
        $more = array_map(Heading::quoted(...), \array_slice($words, self::MOST));

        return [] === $more ? [] : [new Finding(
            $asked->id,
            'More than four circles cannot all overlap: '.Plural::of(\count($more), 'word has', 'words have').' none, '
                .Listed::all($more).'. Take '.(1 === \count($more) ? 'it' : 'them').' out, or put what belongs together into one.',
            [],
            false,
        )];
    }

    private function count(Request $asked): int
    {
        return max(2, min(self::MOST, \count($asked->settings->lines('circles'))));
    }

    /** The largest even radius that fits: even, so that centres stand on dots. */
    private function radius(Request $asked, int $wide, int $tall): int
    {
        $radius = intdiv($wide, 3);
        while ($radius > self::LEAST && (3 * $radius > $wide || $this->height($asked, $radius) > $tall)) {
            --$radius;
        }

        return $radius > self::LEAST ? $radius - $radius % 2 : $radius;
    }

    /** Boxes all of them are tall. */
    private function height(Request $asked, int $radius): int
    {
        return 2 === $this->count($asked) ? 2 * $radius : 2 * $radius + 2 * intdiv($radius, 2);
    }
}
