<?php

/*
 * A word or a number in guide boxes, as large as its part takes it: the word of the year, a cover; or one half of it, so that two
 * pages that are seen together are read as one.
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling;

use AmpleMargin\Counting\Lettering;
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
use AmpleMargin\Spread\Part\Check;
use AmpleMargin\Spread\Part\Filled;
use AmpleMargin\Spread\Part\Filling;
use AmpleMargin\Spread\Part\GivesWay;
use AmpleMargin\Spread\Part\Layers;
use AmpleMargin\Spread\Setting\Field;

final class LargeLetters implements Filling, GivesWay
{
    /** A letter a box and a box between: what can be read at all. */
    private const LOWEST = 2;

    public function name(): string
    {
        return 'Large letters';
    }

    public function purpose(): string
    {
        return 'A word or a number in guide boxes, as large as it fits; whole, or one half of it.';
    }

    public function fields(): array
    {
        return [
            Field::text('lettering', 'Letters (else the years of the book)'),
            Field::choice('half_of', 'Of these letters, here', [
                'all' => 'all of them',
                'first' => 'the first half',
                'second' => 'the second half',
            ]),
        ];
    }

    public function narrowest(Request $asked): int
    {
        return 2;
    }

    public function least(Request $asked, int $wide): int
    {
        return self::LOWEST;
    }

    public function tall(Request $asked, int $wide): int
    {
        return Lettering::largest(self::letters($asked), $wide, $wide)->tall ?? self::LOWEST;
    }

    public function ways(Request $asked, Region $region): array
    {
        return [['say' => 'The years of the book', 'settings' => ['lettering' => null]]];
    }

    public function fill(Request $asked, Region $region, int $from): Filled
    {
        $said = self::letters($asked);
        $lettering = Lettering::largest($said, $region->wide, $region->tall);
        if (null === $lettering) {
            return new Filled(findings: [new Finding(
                $asked->id,
                Plural::of(mb_strlen($said), 'letter', 'letters')." do not fit in $region->wide × $region->tall boxes, not even at one "
                    .'box a letter. Shorten '.Heading::quoted($said).'.',
            )]);
        }
        // What belongs to another half stands at the side where that begins.
        $free = $region->wide - $lettering->width;
        $x = $region->x + match ($asked->settings->choice('half_of')) {
            'first' => $free,
            'second' => min(1, $free),
            default => intdiv($free, 2),
        };
        $y = $region->y + intdiv($region->tall - $lettering->tall, 2);
        $top = [];
        foreach ($lettering->places() as $place) {
            $top[$x + $place['from']] = $top[$x + $place['from'] + $place['wide']] = Heading::quoted($said).' in guide boxes';
        }

        return new Filled(
            top: $top,
            side: [$y => 'the letters', $y + $lettering->tall => 'the letters'],
            workings: static fn (): array => [new Working('letters', Plural::boxes($lettering->width), $lettering->working())],
            layers: new Layers(
                pencil: static function (Canvas $canvas) use ($lettering, $x, $y): void {
                    $canvas->step(Task::Pencil, 'Draw a guide box for each letter.', 'letters');
                    foreach ($lettering->guides() as $place) {
                        $canvas->frame(Layer::Pencil, $x + $place['from'], $y, $place['wide'], $lettering->tall);
                    }
                },
                ink: static function (Canvas $canvas) use ($lettering, $x, $y, $said): void {
                    $canvas->step(Task::Ink, 'Draw the letters '.Heading::quoted($said).' inside their guide boxes.', 'letters');
                    foreach ($lettering->guides() as $place) {
                        $canvas->words(
                            Layer::Ink,
                            $x + $place['from'],
                            $y,
                            $place['wide'],
                            $lettering->tall,
                            $place['letter'],
                            Align::Middle,
                        );
                    }
                },
            ),
            check: new Check('Count the boxes before the first letter and after the last.'),
        );
    }

    private static function letters(Request $asked): string
    {
        $all = $asked->settings->textOrNull('lettering') ?? $asked->calendar->period->years();
        $half = intdiv(mb_strlen($all) + 1, 2);

        return match ($asked->settings->choice('half_of')) {
            'first' => mb_substr($all, 0, $half),
            'second' => mb_strlen($all) > 1 ? mb_substr($all, $half) : $all,
            default => $all,
        };
    }
}
