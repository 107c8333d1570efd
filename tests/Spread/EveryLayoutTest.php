<?php

/* Every kind of the catalogue with random settings on random stock: what is drawn stays on the grid and off what else is drawn. */

declare(strict_types=1);

namespace Tests\Spread;

use AmpleMargin\Book\Composer;
use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Calendar\Period;
use AmpleMargin\Calendar\Weekday;
use AmpleMargin\Colour\Palette;
use AmpleMargin\Counting\Tally;
use AmpleMargin\Drawing\Edge;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Grain;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Line;
use AmpleMargin\Drawing\Mark;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Step;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Drawing\Words;
use AmpleMargin\Paper\Stock;
use AmpleMargin\Spread\Catalogue\Catalogue;
use AmpleMargin\Spread\Catalogue\Kind;
use AmpleMargin\Spread\Page\CalendarFacts;
use AmpleMargin\Spread\Page\IndexRow;
use AmpleMargin\Spread\Page\Laid;
use AmpleMargin\Spread\Page\PageGrid;
use AmpleMargin\Spread\Page\Request;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Asking;
use Tests\Books;

final class EveryLayoutTest extends TestCase
{
    public function testNothingLeavesTheGridNothingIsCrossedOut(): void
    {
        $drawn = 0;
        for ($seed = 1; $seed <= 560; ++$seed) {
            mt_srand($seed);
            $kinds = (new Catalogue())->spreads();
            $kind = $kinds[mt_rand(0, \count($kinds) - 1)];
            $request = self::random($kind);
            $laid = self::laid($kind, $request);
            $pages = $laid->drawings();
            $about = "seed $seed, $kind->id, {$request->grid->across} × {$request->grid->down}";
            self::assertCount($laid->pages, $pages, $about);
            self::assertSame($pages, $laid->drawings(), "$about: drawn once");
            foreach ($pages as $page) {
                $this->onTheGrid($page, $about);
                $this->apart($page, $about);
                $drawn += \count($page->marks);
            }
            $this->stepsInOrder($pages, $kind, $about);
            $broken = array_filter(
                array_merge(...array_map(static fn (PageDrawing $page): array => $page->findings, $pages)),
                static fn (Finding $finding): bool => $finding->broken,
            );
            foreach ($pages as $page) {
                self::assertTrue([] !== $page->marks || [] !== $broken || \count($pages) > 1, "$about: an empty page says why");
            }
        }
        self::assertGreaterThan(60_000, $drawn);
    }

    /** @return array<string, array{int, int}> */
    public static function grids(): array
    {
        return ['10 × 14' => [10, 14], '17 × 28' => [17, 28], '26 × 38' => [26, 38], '31 × 46' => [31, 46], '60 × 80' => [60, 80]];
    }

    /**
     * Every spread and every part of a month, with nothing said of it, as the drawer shows it on this paper: nothing over another,
     * nothing off the grid; and what cannot be drawn says so.
     */
    #[DataProvider('grids')]
    public function testTheWholeCatalogueStandsOnThisGrid(int $across, int $down): void
    {
        // A fine grid where boxes are many.
        $pitch = $across > 40 ? 4_000 : 5_000;
        $stock = new Stock($pitch * ($across + 3), $pitch * ($down + 4), $pitch, $across, $down, 192);
        $book = Composer::compose(Books::starter($stock));
        $catalogue = new Catalogue();
        $samples = [
            ...array_map(static fn (Kind $kind): array => [$kind, $book->sampleOf($kind)], $catalogue->spreads()),
            ...array_map(static fn (Kind $kind): array => [$kind, $book->sampleOfPart($kind)], $catalogue->monthParts()),
        ];
        $drawn = $refused = 0;
        foreach ($samples as [$kind, $sample]) {
            $about = "$kind->id, $across × $down";
            $refused += null === $sample->laid->broken() ? 0 : 1;
            $marks = 0;
            foreach ($sample->laid->drawings() as $page) {
                $this->onTheGrid($page, $about);
                $this->apart($page, $about);
                $marks += \count($page->marks);
            }
            self::assertTrue($marks > 0 || null !== $sample->laid->broken(), "$about: an empty page says why");
            $drawn += $marks;
        }
        self::assertGreaterThan(1_000, $drawn);
        // On the papers people buy everything can be drawn.
        self::assertSame(0, $across < 26 ? 0 : $refused, "$refused of ".\count($samples)." on $across × $down");
    }

    /**
     * What a hand is told to tick is what is drawn, from tick to tick it adds up to the place, and with what is left
     * at the end it adds up to the page: so a slip shows at once.
     */
    public function testEveryTickStepAddsUpToThePageAndIsDrawnWhereItSays(): void
    {
        $checked = 0;
        for ($seed = 1; $seed <= 400; ++$seed) {
            mt_srand($seed);
            $kinds = (new Catalogue())->spreads();
            $kind = $kinds[mt_rand(0, \count($kinds) - 1)];
            $request = self::random($kind);
            foreach (self::laid($kind, $request)->drawings() as $page) {
                foreach ($page->steps as $step) {
                    if (1 !== preg_match('/From tick to tick: ([^;]+); ([^; ]+) box(?:es)? left at the end\.$/u', $step->text, $said)) {
                        continue;
                    }
                    $this->addsUp(
                        $page,
                        $step,
                        array_map(self::boxes(...), explode(', ', $said[1])),
                        self::boxes($said[2]),
                        Tally::Dots === $request->grid->tally ? 1.0 : 0.0,
                        "seed $seed, $kind->id: $step->text",
                    );
                    ++$checked;
                }
            }
        }
        self::assertGreaterThan(500, $checked);
    }

    /** @param list<float> $steps boxes from tick to tick */
    private function addsUp(PageDrawing $page, Step $step, array $steps, float $left, float $first, string $about): void
    {
        $side = Edge::Top === $step->edge ? $page->across : $page->down;
        self::assertEqualsWithDelta($side, array_sum($steps) + $left, 1e-9, $about);
        $at = 0.0;
        $places = [];
        foreach ($steps as $i => $boxes) {
            $at += $boxes;
            $places[] = (int) round($at * Grain::PER_BOX);
            self::assertEqualsWithDelta($at + $first, self::boxes($step->ticks[$i]), 1e-9, $about);
        }
        $drawn = [];
        foreach ($page->marks as $mark) {
            if ($mark instanceof Line && Layer::Pencil === $mark->layer && $mark->step === $step->number) {
                $drawn[] = Edge::Top === $step->edge ? $mark->x : $mark->y;
            }
        }
        self::assertSame($places, $drawn, $about);
    }

    /** "8⅔", "3 2/9", "13" as a number. */
    private static function boxes(string $written): float
    {
        $glyphs = [
            '½' => 1 / 2,
            '⅓' => 1 / 3,
            '⅔' => 2 / 3,
            '¼' => 1 / 4,
            '¾' => 3 / 4,
            '⅕' => 1 / 5,
            '⅖' => 2 / 5,
            '⅗' => 3 / 5,
            '⅘' => 4 / 5,
            '⅙' => 1 / 6,
            '⅚' => 5 / 6,
            '⅐' => 1 / 7,
            '⅑' => 1 / 9,
            '⅒' => 1 / 10,
            '⅛' => 1 / 8,
            '⅜' => 3 / 8,
            '⅝' => 5 / 8,
            '⅞' => 7 / 8,
        ];
        self::assertSame(1, preg_match('/^(\d*)(?:\x{a0}?(\d+)\/(\d+)|(\D))?$/u', $written, $said), $written);

        return (float) $said[1] + (isset($said[4])
            ? $glyphs[$said[4]]
            : (isset($said[3]) && '' !== $said[3] ? (int) $said[2] / (int) $said[3] : 0.0));
    }

    /** Laid out in a book with an index of some entries. */
    private static function laid(Kind $kind, Request $request): Laid
    {
        $rows = array_map(static fn (int $i): IndexRow => new IndexRow("Entry $i", (string) $i), range(1, mt_rand(3, 40)));

        return $kind->form->layOut($request->reading($rows));
    }

    private static function random(Kind $kind): Request
    {
        $values = $kind->settings->defaults;
        foreach ($kind->fields() as $field) {
            if (0 !== mt_rand(0, 2)) {
                $values[$field->name] = Asking::value($field);
            }
        }
        $start = new Month(mt_rand(1990, 2060), mt_rand(1, 12));

        return new Request(
            'one',
            ['Title', str_repeat('Eighty letters ', 6), 'Äijänsuo', 'خريف', '二〇二七年の計画'][mt_rand(0, 4)],
            $kind->settings($values),
            new PageGrid(mt_rand(10, 60), mt_rand(14, 80), Tally::cases()[mt_rand(0, 1)], [3_700, 5_000, 6_350][mt_rand(0, 2)]),
            new CalendarFacts(
                new Period($start, $start->plus(mt_rand(0, 23))),
                [Weekday::Monday, Weekday::Saturday, Weekday::Sunday][mt_rand(0, 2)],
                new Names(['en', 'fi', 'ar', 'ja', 'hu'][mt_rand(0, 4)]),
            ),
            Palette::usual(),
        );
    }

    private function onTheGrid(PageDrawing $page, string $about): void
    {
        foreach ($page->marks as $mark) {
            foreach ([
                [$mark->x, $mark->x + $mark->wide, $page->across],
                [$mark->y, $mark->y + $mark->tall, $page->down],
            ] as [$from, $to, $side]) {
                if (min($from, $to) < 0 || max($from, $to) > $side * Grain::PER_BOX) {
                    self::fail("$about: a mark leaves the grid, from $from to $to of ".$side * Grain::PER_BOX);
                }
            }
            self::assertGreaterThan(0, $mark->step, "$about: every mark is drawn in a step");
        }
    }

    /** No words over words, and no upright or level ink line through words. */
    private function apart(PageDrawing $page, string $about): void
    {
        $words = array_values(array_filter($page->marks, static fn (Mark $mark): bool => $mark instanceof Words));
        usort($words, static fn (Words $a, Words $b): int => $a->y <=> $b->y);
        foreach ($words as $i => $one) {
            for ($j = $i + 1; $j < \count($words) && $words[$j]->y < $one->y + $one->tall; ++$j) {
                if ($words[$j]->x < $one->x + $one->wide && $one->x < $words[$j]->x + $words[$j]->wide) {
                    self::fail("$about: “{$one->text}” and “{$words[$j]->text}” stand on one another");
                }
            }
        }
        foreach ($page->marks as $line) {
            if (!$line instanceof Line || Layer::Ink !== $line->layer || (0 !== $line->wide && 0 !== $line->tall)) {
                continue;
            }
            foreach ($words as $one) {
                $crosses = 0 === $line->tall
                    ? $line->y > $one->y
                        && $line->y < $one->y + $one->tall
                        && min($line->x, $line->x + $line->wide) < $one->x + $one->wide
                        && max($line->x, $line->x + $line->wide) > $one->x
                    : $line->x > $one->x
                        && $line->x < $one->x + $one->wide
                        && min($line->y, $line->y + $line->tall) < $one->y + $one->tall
                        && max($line->y, $line->y + $line->tall) > $one->y;
                if ($crosses) {
                    self::fail("$about: a line crosses “{$one->text}”");
                }
            }
        }
    }

    /** @param list<PageDrawing> $pages */
    private function stepsInOrder(array $pages, Kind $kind, string $about): void
    {
        $order = array_flip(array_column(Task::cases(), 'value'));
        $number = 0;
        foreach ($pages as $page) {
            $last = 0;
            foreach ($page->steps as $step) {
                self::assertSame(++$number, $step->number, $about);
                // A spacing sheet is numbered before it is ticked: the ticks are found by the numbers.
                self::assertTrue(
                    'spacing-sheet' === $kind->id || $order[$step->task->value] >= $last,
                    "$about: {$step->task->value} too late: $step->text",
                );
                $last = $order[$step->task->value];
            }
            self::assertCount(
                \count($page->steps),
                array_unique(array_map(static fn (Step $step): string => $step->key, $page->steps)),
                "$about: each step has a key of its own",
            );
        }
    }
}
