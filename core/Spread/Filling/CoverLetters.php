<?php

/* A word, a name or a year as large as it goes: in guide boxes on a line, on two, across the fold of an opening, or in block figures. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Counting\BlockDigits;
use AmpleMargin\Counting\FoldedTitle;
use AmpleMargin\Counting\Lettering;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Counting\TitlePlace;
use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Edge;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Drawing\Working;
use AmpleMargin\Spread\Page\Heading;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Page\TooLong;
use AmpleMargin\Spread\Part\Check;
use AmpleMargin\Spread\Part\EdgeTicks;
use AmpleMargin\Spread\Part\Filled;
use AmpleMargin\Spread\Part\Filling;
use AmpleMargin\Spread\Part\FitsAnywhere;
use AmpleMargin\Spread\Part\FromHere;
use AmpleMargin\Spread\Part\HasLayouts;
use AmpleMargin\Spread\Part\Layers;
use AmpleMargin\Spread\Part\Layout;
use AmpleMargin\Spread\Setting\Field;

final class CoverLetters implements Filling, HasLayouts
{
    use FitsAnywhere;

    public const WAYS = [
        'guide' => 'guide boxes, on one line',
        'two' => 'guide boxes, on two lines',
        'fold' => 'guide boxes, across the fold of an opening',
        'block' => 'block figures',
    ];

    private const CHECK = 'Count the boxes before the first letter and after the last: they are as the working says.';

    public function name(): string
    {
        return 'Letters of a cover';
    }

    public function purpose(): string
    {
        return 'A year, a name or a word a little above the middle, as large as it goes, and a line below it.';
    }

    public function fields(): array
    {
        return [
            Field::text('lettering', 'Lettering'),
            Field::choice('figures', 'Drawn in', self::WAYS),
            Field::text('subtitle', 'Line below'),
            Field::choice('month_called', 'A month is called by', [
                'full' => 'its name',
                'short' => 'its short name',
                'capitals' => 'its short name in capitals',
            ]),
            Field::flag('once', 'On the first of its pages only', false),
        ];
    }

    public function tall(Request $asked, int $wide): int
    {
        return $wide;
    }

    public function layouts(Request $request): array
    {
        return array_map(
            static fn (string $way, string $name): Layout => new Layout(ucfirst($name), ['figures' => $way]),
            array_keys(self::WAYS),
            self::WAYS,
        );
    }

    public function fill(Request $asked, Region $region, int $from): Filled
    {
        $once = $asked->settings->flag('once') && $asked->pages > 1;
        $next = $once && $from + 1 < $asked->pages ? $from + 1 : null;
        if ($once && $from > 0) {
            return new Filled(next: $next);
        }
        $month = $asked->calendar->month;
        $title = null === $month
            ? $asked->settings->textOrNull('lettering') ?? $asked->calendar->period->years()
            : self::called($asked, $month);
        $room = TitlePlace::room($region->tall);

        // A month's divider is always on one line.
        $drawn = match (null === $month ? $asked->settings->choice('figures') : 'guide') {
            'fold' => $this->acrossTheFold($asked, $region, $title, FoldedTitle::largest($title, $region->wide, $room), $from),
            'two' => $this->onTwoLines($asked, $region, $title, Lettering::onTwoLines($title, $region->wide, $room)),
            'block' => $this->inBlocks($asked, $region, $title, BlockDigits::largest($title, $region->wide, $room)),
            default => $this->onOneLine($asked, $region, $title),
        };
        $below = $asked->settings->textOrNull('subtitle');

        $drawn = null === $below || $from > 0
            ? $drawn
            : $drawn->adding(TooLong::in($asked, [$below], $region->wide, 'the line below'));

        return $once ? $drawn->goingOn($next) : $drawn;
    }

    private static function called(Request $asked, Month $month): string
    {
        $names = $asked->calendar->names;

        return match ($asked->settings->choice('month_called')) {
            'short' => $names->monthShort($month->month),
            'capitals' => mb_strtoupper($names->monthShort($month->month)),
            default => $names->month($month->month),
        };
    }

    private function acrossTheFold(Request $asked, Region $region, string $title, ?FoldedTitle $folded, int $page): Filled
    {
        if (null === $folded) {
            return $this->instead($asked, $region, $title, Heading::quoted($title).' does not fit across the fold');
        }
        $left = 0 === $page;
        $lettering = $left ? $folded->left : $folded->right;
        $x = $region->x + ($left ? $folded->from : $folded->air);

        $sums = [new Working('letters', Plural::boxes($lettering->width), $lettering->working().'; '.$folded->working())];

        return $this->guided(
            $asked,
            $region,
            [[$lettering, $x, $this->above($region, $lettering->tall)]],
            $sums,
            "Count from the fold: $folded->air free, then the ".($left ? 'last letter.' : 'first letter. No letter sits on it.'),
            $left ? null : $lettering->tall,
            [],
            $left ? 1 : null,
        );
    }

    /** @param list<Finding> $findings said beside what is drawn */
    private function onOneLine(Request $asked, Region $region, string $title, array $findings = []): Filled
    {
        $lettering = Lettering::largest($title, $region->wide, TitlePlace::room($region->tall));
        if (null === $lettering) {
            return new Filled(findings: [...$findings, new Finding(
                $asked->id,
                mb_strlen($title)
                    .' letters do not fit in '
                    .Plural::boxes($region->wide)
                    .', not even at one box a letter. Shorten the title, or write it on two lines.',
            )]);
        }
        $centre = TitlePlace::across($region->wide, $lettering->width);

        return $this->guided(
            $asked,
            $region,
            [[$lettering, $region->x + $centre->before, $this->above($region, $lettering->tall)]],
            [new Working('letters', $lettering->width.' boxes', $lettering->working().'; '.$centre->working())],
            self::CHECK,
            $lettering->tall,
            $findings,
        );
    }

    /** @param list<Lettering>|null $lines */
    private function onTwoLines(Request $asked, Region $region, string $title, ?array $lines): Filled
    {
        if (null === $lines) {
            $why = Heading::quoted($title).' has no space to break it at, or does not fit on two lines';

            return $this->instead($asked, $region, $title, $why);
        }
        $tall = $lines[0]->tall + 1 + $lines[1]->tall;
        $top = $this->above($region, $tall);
        $placed = $workings = [];
        foreach ($lines as $i => $line) {
            $centre = TitlePlace::across($region->wide, $line->width);
            $workings[] = new Working("letters-$i", Plural::boxes($line->width), $line->working().'; '.$centre->working());
            $placed[] = [$line, $region->x + $centre->before, 0 === $i ? $top : $top + $lines[0]->tall + 1];
        }

        return $this->guided($asked, $region, $placed, $workings, self::CHECK, $tall);
    }

    private function inBlocks(Request $asked, Region $region, string $title, ?BlockDigits $block): Filled
    {
        if (null === $block) {
            return $this->instead(
                $asked,
                $region,
                $title,
                BlockDigits::knows($title)
                    ? Heading::quoted($title).' needs more than '.Plural::boxes($region->wide).' in block figures of 3 × 5'
                    : 'Block figures are drawn for years and other numbers',
            );
        }
        $centre = TitlePlace::across($region->wide, $block->width);
        [$x, $top] = [$region->x + $centre->before, $this->above($region, $block->tall)];
        $here = new FromHere($asked, $region, 'the letters');

        return new Filled(
            ticks: $here->ticks([
                new EdgeTicks(Edge::Top, [$x, $x + $block->width], Heading::quoted($title).' in block figures', 'letters'),
                new EdgeTicks(Edge::Side, [$top, $top + $block->tall], "figures $block->tall tall", 'letters'),
            ]),
            workings: [new Working($here->note('letters'), Plural::boxes($block->width), $block->working().'; '.$centre->working())],
            layers: new Layers(
                ink: static function (Canvas $canvas) use ($here, $block, $x, $top): void {
                    $text = 'Fill '.Plural::boxes($block->filled()).' with ink, row by row, as drawn.';
                    $here->step($canvas, Task::Ink, $text, 'letters');
                    $canvas->blocks($block, $x, $top);
                },
                write: fn (Canvas $canvas) => $this->below($canvas, $asked, $region, $block->tall),
            ),
            check: new Check('Count the filled boxes of the first figure’s top row before you go on: as drawn, '
                            .Plural::boxes($centre->before)
                            .' before it.', $here->note('letters')),
        );
    }

    /** The title on one line where the way asked for cannot be, and why. */
    private function instead(Request $asked, Region $region, string $title, string $why): Filled
    {
        $finding = new Finding($asked->id, "$why. Guide boxes on one line are drawn instead.", [], false);

        return $this->onOneLine($asked, $region, $title, [$finding]);
    }

    /**
     * Letters in their guide boxes.
     *
     * @param list<array{Lettering, int, int}>           $lines    each with the box across and the box down where it begins
     * @param list<Working>        $workings
     * @param int|null                                   $tall     boxes of all lines, with words below them; null for none
     * @param list<Finding>                              $findings
     */
    private function guided(
        Request $asked,
        Region $region,
        array $lines,
        array $workings,
        string $check,
        ?int $tall,
        array $findings = [],
        ?int $next = null,
    ): Filled {
        $across = $down = $said = $letters = [];
        foreach ($lines as [$lettering, $x, $y]) {
            foreach ($lettering->places() as $place) {
                array_push($across, $x + $place['from'], $x + $place['from'] + $place['wide']);
            }
            array_push($down, $y, $y + $lettering->tall);
            $said[] = Heading::quoted(implode('', $lettering->letters));
            foreach ($lettering->guides() as $place) {
                $letters[] = [$place['letter'], $x + $place['from'], $y, $place['wide'], $lettering->tall];
            }
        }
        $words = implode(' and ', $said);
        $each = $letters[0][4] ?? 1;
        $here = new FromHere($asked, $region, 'the letters');

        return new Filled(
            ticks: $here->ticks([
                new EdgeTicks(Edge::Top, $across, "$words in guide boxes", 'letters'),
                new EdgeTicks(Edge::Side, $down, "letters $each tall", 'letters'),
            ]),
            workings: array_map(
                static fn (Working $one): Working => new Working($here->note($one->note), $one->figure, $one->arithmetic),
                $workings,
            ),
            findings: $findings,
            layers: new Layers(
                pencil: static function (Canvas $canvas) use ($here, $letters): void {
                    $here->step($canvas, Task::Pencil, 'Draw a guide box for each letter.', 'letters');
                    foreach ($letters as [, $x, $y, $wide, $tall]) {
                        $canvas->frame(Layer::Pencil, $x, $y, $wide, $tall);
                    }
                },
                ink: static function (Canvas $canvas) use ($here, $letters, $words): void {
                    $here->step($canvas, Task::Ink, "Draw the letters $words inside their guide boxes.", 'letters');
                    foreach ($letters as [$letter, $x, $y, $wide, $tall]) {
                        $canvas->words(Layer::Ink, $x, $y, $wide, $tall, $letter, Align::Middle);
                    }
                },
                write: function (Canvas $canvas) use ($asked, $region, $tall): void {
                    if (null !== $tall) {
                        $this->below($canvas, $asked, $region, $tall);
                    }
                },
            ),
            check: new Check($check, $here->note('letters')),
            next: $next,
        );
    }

    /** Box down where letters so tall begin. */
    private function above(Region $region, int $tall): int
    {
        return $region->y + TitlePlace::above($region->tall, $tall);
    }

    /** The line below the letters: of a month its theme, or the year. */
    private function below(Canvas $canvas, Request $asked, Region $region, int $tall): void
    {
        $words = $asked->settings->textOrNull('subtitle')
            ?? (null === $asked->calendar->month ? '' : (string) $asked->calendar->month->year);
        $top = $this->above($region, $tall) + $tall + 2;
        if ('' !== $words && $top + 2 <= $region->y + $region->tall) {
            $canvas->step(Task::Write, 'Write '.Heading::quoted($words).' below, in the middle, 2 boxes under the letters.');
            $canvas->words(Layer::Writing, $region->x, $top, $region->wide, 2, $words, Align::Middle);
        }
    }
}
