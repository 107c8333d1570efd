<?php

/* Words in the middle of a part, or at its left edge: a quote, a verse, a word in large letters. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling;

use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Letters;
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

final class CentredWords implements Filling, GivesWay
{
    /** Lines kept where nothing is written yet. */
    private const USUAL_LINES = 3;

    /** How their place is found: two ticks beside other parts, a count where they stand by themselves. */
    public const FOUND = 'found';

    public function name(): string
    {
        return 'Words';
    }

    public function purpose(): string
    {
        return 'A quote, a verse, a word: in the middle of the part, or at its edge.';
    }

    public function fields(): array
    {
        return [
            Field::lines('words', 'Words'),
            Field::choice('at', 'Where they stand', ['middle' => 'in the middle', 'left' => 'at the left edge']),
            Field::boxes('line', 'Boxes a line', '2', three: true),
            Field::choice(self::FOUND, 'Their place is found', ['ticked' => 'by ticks', 'counted' => 'by counting'])->unasked(),
        ];
    }

    public function narrowest(Request $asked): int
    {
        return 3;
    }

    public function least(Request $asked, int $wide): int
    {
        return $asked->settings->boxes('line')->ceil();
    }

    public function tall(Request $asked, int $wide): int
    {
        return $asked->settings->boxes('line')->times(max(1, \count($asked->settings->lines('words'))))->ceil() + 2;
    }

    public function ways(Request $asked, Region $region): array
    {
        return [
            ['say' => '1½ boxes a line', 'settings' => ['line' => '1.5']],
            ['say' => 'A box a line', 'settings' => ['line' => '1']],
        ];
    }

    public function fill(Request $asked, Region $region, int $from): Filled
    {
        $words = $asked->settings->lines('words');
        $line = $asked->settings->boxes('line');
        $lines = [] === $words ? max(1, min(self::USUAL_LINES, Fraction::of($region->tall)->dividedBy($line)->floor())) : \count($words);
        $tall = $line->times($lines);
        if ($tall->compare($region->tall) > 0) {
            return new Filled(findings: [new Finding(
                $asked->id,
                Plural::of($lines, 'line', 'lines')." of $line boxes need {$tall->ceil()} down; the part has $region->tall.",
            )]);
        }
        $counted = 'counted' === $asked->settings->choice(self::FOUND);
        if ($counted && [] === $words) {
            return self::toCome($region);
        }
        $above = intdiv($region->tall - $tall->ceil(), 2);
        $below = $region->tall - $tall->ceil() - $above;
        $align = 'middle' === $asked->settings->choice('at') ? Align::Middle : Align::Start;
        $at = static fn (int $i): Fraction => $line->times($i)->plus($region->y + $above);
        $note = $counted ? 'lines' : null;

        return new Filled(
            side: $counted ? [] : [$region->y + $above => 'the words', $region->y + $above + $tall->ceil() => 'the words'],
            workings: static fn (): array => [new Working(
                $note ?? "words-$region->x-$region->y",
                Plural::of($lines, 'line', 'lines').' of words',
                ($tall->isWhole() ? '' : "$lines × $line = $tall, which take {$tall->ceil()} boxes; ")
                    ."$region->tall boxes − ".($tall->isWhole() ? "$lines × $line" : (string) $tall->ceil())
                    .' = '.($above + $below).": $above above, $below below",
            )],
            findings: self::tooLong($asked, $words, $region->wide),
            layers: new Layers(
                pencil: static function (Canvas $canvas) use ($words, $region, $above, $tall, $line, $counted, $note): void {
                    if ($counted) {
                        $text = 'Count '.Plural::boxes($region->y + $above)." down; the words take the next $tall, one line every "
                            .Plural::boxes($line).', centred across.';
                        $canvas->step(Task::Pencil, $text, $note);
                    } elseif ([] === $words) {
                        $canvas->step(Task::Pencil, "Mark the room for the words: $region->wide × {$tall->ceil()} boxes.");
                        $canvas->frame(Layer::Pencil, $region->x, $region->y + $above, $region->wide, $tall);
                    }
                },
                write: static function (Canvas $canvas) use ($words, $region, $line, $at, $align, $above, $tall, $note): void {
                    if ([] === $words) {
                        $canvas->step(Task::Write, 'Write your words here'.(Align::Middle === $align ? ', in the middle.' : '.'));
                        $canvas->room("$region->x-$region->y", 'the words', $region->x, $region->y + $above, $region->wide, $tall, $line);
                    }
                    foreach ($words as $i => $one) {
                        // The same words twice are told apart by their line.
                        $alike = array_keys($words, $one, true);
                        $nth = (int) array_search($i, $alike, true) + 1;
                        $text = 'Write '.Heading::quoted($one);
                        1 === \count($alike)
                            ? $canvas->step(Task::Write, "$text.", $note)
                            : $canvas->step(Task::Write, "$text, line ".($i + 1).'.', $note, was: ["$text.".(1 === $nth ? '' : " $nth")]);
                        $canvas->words(Layer::Writing, $region->x, $at($i), $region->wide, $line, $one, $align);
                    }
                },
            ),
            check: new Check($counted
                            ? "Count the boxes above the first line, $above, and below the last, $below."
                            : 'Count the boxes above the words and below them.', $note),
        );
    }

    /** A place that is marked for words nobody has chosen yet: a quarter of the part, with air beside it. */
    private static function toCome(Region $region): Filled
    {
        return new Filled(
            layers: new Layers(
                write: static function (Canvas $canvas) use ($region): void {
                    $canvas->step(Task::Write, 'Write your words here, in the middle of the page.');
                    $inset = min(2, intdiv($region->wide - 1, 2));
                    $tall = max(1, intdiv($region->tall, 4));
                    $y = $region->y + intdiv($region->tall - $tall, 2);
                    $canvas->frame(Layer::Pencil, $region->x + $inset, $y, $region->wide - 2 * $inset, $tall);
                },
            ),
        );
    }

    /**
     * @param list<string> $words
     *
     * @return list<Finding>
     */
    private static function tooLong(Request $asked, array $words, int $wide): array
    {
        $long = array_filter($words, static fn (string $line): bool => mb_strwidth($line) > Letters::most($wide));

        return array_values(array_map(static fn (string $line): Finding => new Finding(
            $asked->id,
            'A line of '.mb_strlen($line).' letters is too long to be read in '.Plural::boxes($wide).'. Break it in two.',
        ), $long));
    }
}
