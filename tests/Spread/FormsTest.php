<?php

declare(strict_types=1);

namespace Tests\Spread;

use AmpleMargin\Book\Book;
use AmpleMargin\Book\Composer;
use AmpleMargin\Calendar\Month;
use AmpleMargin\Drawing\Grain;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Line;
use AmpleMargin\Drawing\Mark;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Step;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Drawing\Words;
use PHPUnit\Framework\TestCase;
use Tests\Books;
use Tests\Reference\Luxon;
use Tests\Thorough;

final class FormsTest extends TestCase
{
    /** Random stocks from 10 × 14 to 60 × 80 boxes, every page that is drawn, months among them. */
    public function testNoMarkLeavesTheGrid(): void
    {
        $seen = 0;
        for ($seed = 1; $seed <= 60; ++$seed) {
            $book = Composer::compose(Books::random($seed));
            foreach (array_keys($book->slots) as $page) {
                $drawing = $book->drawing($page);
                foreach ($drawing->marks ?? [] as $mark) {
                    $this->inside($mark, $drawing, "seed $seed, page $page: {$book->slot($page)->title}");
                    ++$seen;
                }
            }
        }
        self::assertGreaterThan(50_000, $seen);
    }

    private function inside(Mark $mark, PageDrawing $drawing, string $about): void
    {
        [$wide, $tall] = [$drawing->across * Grain::PER_BOX, $drawing->down * Grain::PER_BOX];
        foreach ([[$mark->x, $wide], [$mark->x + $mark->wide, $wide], [$mark->y, $tall], [$mark->y + $mark->tall, $tall]] as [$at, $most]) {
            if ($at < 0 || $at > $most) {
                self::fail("$about: a mark leaves the grid at $at of $most.");
            }
        }
        if ($mark->step <= 0) {
            self::fail("$about: a mark is drawn in no step.");
        }
    }

    /** No two words on one another, on any page of any random book: a figure written over another is lost. */
    public function testNoTwoWordsStandOnOneAnother(): void
    {
        $seen = 0;
        for ($seed = 1; $seed <= Thorough::of(20, 40); ++$seed) {
            $book = Composer::compose(Books::random($seed));
            foreach (array_keys($book->slots) as $page) {
                $taken = [];
                foreach ($book->drawing($page)->marks ?? [] as $mark) {
                    for ($x = intdiv($mark->x, 420); $mark instanceof Words && $x * 420 < $mark->x + $mark->wide; ++$x) {
                        for ($y = intdiv($mark->y, 420); $y * 420 < $mark->y + $mark->tall; ++$y) {
                            if (isset($taken["$x/$y"])) {
                                self::fail("seed $seed, page $page ({$book->slot($page)->title}): “{$mark->text}” over “{$taken["$x/$y"]}”");
                            }
                            $taken["$x/$y"] = $mark->text;
                        }
                    }
                }
                $seen += \count($taken);
            }
        }
        self::assertGreaterThan(500_000, $seen);
    }

    /** Order of work: pencil, band, ink, write, wait, erase, check (common practice, no source). */
    public function testStepsComeInTheOrderOfWork(): void
    {
        $order = array_flip(array_column(Task::cases(), 'value'));
        $book = Composer::compose(Books::sample());
        foreach (range(1, 192) as $page) {
            $steps = $book->drawing($page)->steps ?? [];
            if ([] === $steps || 'spacing-sheet' === $book->slot($page)->spread) {
                continue;
            }
            $tasks = array_map(static fn (Step $step): int => $order[$step->task->value], $steps);
            $sorted = $tasks;
            sort($sorted);
            self::assertSame($sorted, $tasks, "page $page: {$book->slot($page)->title}");
            self::assertSame(\count($steps), \count(array_unique(array_column($steps, 'key'))), "page $page");
        }
    }

    /** A tick step's words and its marks name the same places. */
    public function testTicksAreDrawnWhereTheStepSays(): void
    {
        $book = Composer::compose(Books::sample());
        $checked = 0;
        foreach ($book->spreadPages() as $page) {
            $drawing = $book->drawing($page) ?? self::fail();
            foreach ($drawing->steps as $step) {
                if (Task::Pencil !== $step->task || null === $step->edge) {
                    continue;
                }
                $drawn = [];
                foreach ($drawing->marks as $mark) {
                    if ($mark instanceof Line && $mark->step === $step->number && Layer::Pencil === $mark->layer) {
                        $drawn[] = (string) (('top' === $step->edge->value ? $mark->x : $mark->y) / Grain::PER_BOX);
                    }
                }
                self::assertSame($step->ticks, $drawn, "page $page, step $step->number");
                ++$checked;
            }
        }
        self::assertGreaterThan(10, $checked);
    }

    public function testAFutureLogPageSaysItsTicksAndLines(): void
    {
        $book = Composer::compose(Books::sample());
        $texts = array_map(static fn (Step $step): string => $step->text, $book->drawing(9)->steps ?? []);

        self::assertContains(
            'Tick at 12, 14 along the top (26 boxes: 12, skip 2, 12). From tick to tick: 12, 2; 12 boxes left at the end.',
            $texts,
        );
        self::assertContains('Count the lines below a month’s name: 10.', $texts);
    }

    public function testWhoCountsDotsIsToldDots(): void
    {
        $book = Composer::compose(Books::edited(Books::sample(), [['type' => 'set-counting', 'counting' => 'dots']]));

        self::assertStringStartsWith('Tick on dots 13, 15 along the top', ($book->drawing(9)->steps ?? [])[0]->text);
    }

    /** Every number of every month of 1990 to 2060 in its box, read off the marks; days and weekdays from luxon. */
    public function testEveryFigureOfTheYearAtAGlanceIsInItsBox(): void
    {
        foreach ([1, 6, 7] as $first) {
            for ($year = 1990; $year <= 2060; ++$year) {
                $plan = Books::edited(Books::starter(), [
                    ['type' => 'set-period', 'period' => ['start' => "$year-01", 'end' => "$year-12"]],
                    ['type' => 'set-weeks', 'weeks' => ['first' => $first, 'school' => 'split', 'pages' => '1']],
                ]);
                $this->checkYear(Composer::compose($plan), $year, $first);
            }
        }
    }

    private function checkYear(Book $book, int $year, int $first): void
    {
        $figures = [];
        foreach ($book->spreadDrawings('year-at-a-glance')[0]->marks ?? [] as $mark) {
            if ($mark instanceof Words && ctype_digit($mark->text)) {
                $figures[$mark->note ?? ''][] = [(int) $mark->text, intdiv($mark->x, 840), intdiv($mark->y, 840)];
            }
        }
        for ($month = 1; $month <= 12; ++$month) {
            $iso = \sprintf('%d-%02d', $year, $month);
            $said = Luxon::months()[$iso];
            // On 26 × 38: blocks 7 wide with gaps of 2 from the left edge; 8 tall with gaps of 1 below a title of 3; two rows of names.
            [$left, $top] = [9 * (($month - 1) % 3), 3 + 9 * intdiv($month - 1, 3) + 2];
            $column = ($said['weekday'] - $first + 7) % 7;
            $expected = [];
            for ($day = 1; $day <= $said['days']; ++$day) {
                $expected[] = [$day, $left + ($column + $day - 1) % 7, $top + intdiv($column + $day - 1, 7)];
            }
            self::assertSame($expected, $figures[$iso], "$iso, weeks begin on $first");
        }
    }

    public function testASpacingSheetGivesSharesAndContainers(): void
    {
        $words = [];
        foreach (Composer::compose(Books::sample())->spreadDrawings('spacing-sheet')[0]->marks ?? [] as $mark) {
            $words[] = $mark instanceof Words ? $mark->text : '';
        }
        // Common practice, no source: what people read off their sheets for 26 × 38.
        foreach ([
            '2 of 13',
            '2 of 12, gap 2',
            '3 of 8, gap 1',
            '4 of 5, gap 2',
            '5 of 4, gap 1, 2 left',
            '7 of 2, gap 2',
            '3 of 12, gap 1',
            '4 of 8, gap 2',
            '5 of 6, gap 2',
            '7 of 4, gap 1, 4 left',
        ] as $said) {
            self::assertContains($said, $words);
        }
        self::assertContains('38', $words);
    }

    public function testTheIndexIsWrittenNowForWhatIsThereAndLaterForTheMonths(): void
    {
        $steps = array_column(Composer::compose(Books::sample())->spreadDrawings('index')[0]->steps ?? [], 'text');

        self::assertContains(
            'Keep 12 rows for the months: write the names now, the ranges in pencil, and ink each range when its month is drawn.',
            $steps,
        );
        self::assertContains('Write now: 17 entries, one a row, names from the left edge, page numbers at the right.', $steps);
    }

    public function testABookWithoutPageNumbersSaysWhichToWriteOnWhichLeaves(): void
    {
        $stock = [
            'width' => 148,
            'height' => 210,
            'pitch' => 5,
            'across' => 26,
            'down' => 38,
            'pages' => 192,
            'first_leaf' => 'ordinary',
            'numbered' => false,
        ];
        $book = Composer::compose(Books::edited(
            Books::sample(),
            [['type' => 'set-stock', 'stock' => $stock], ['type' => 'set-spread', 'spread' => 'index', 'settings' => ['columns' => 2]]],
        ));
        $steps = array_column($book->spreadDrawings('index')[0]->steps ?? [], 'text');

        self::assertContains('Number pages 1 to 16, on leaves 1 to 8: odd on the front of a leaf, even on its back.', $steps);
        // Page 17 is the front of leaf 9, page 30 the back of leaf 15: leaf k carries 2k − 1 and 2k.
        self::assertStringContainsString('Jan 17 (front of leaf 9); Feb 30 (back of leaf 15)', implode(' ', $steps));
        self::assertContains(
            'Tick at 12, 14 along the top (26 boxes: 12, skip 2, 12). From tick to tick: 12, 2; 12 boxes left at the end.',
            $steps,
        );
    }

    /** docs/trade.md, "Doors, tabs and other cuts": 2 + 2d pages from a left page; six months need three leaves; the same strip goes from both faces. */
    public function testADoorGroupIsCutTheSameOnBothFacesOfALeaf(): void
    {
        $book = Composer::compose(Books::edited(
            Books::starter(null, '2027-01', '2027-06'),
            [['type' => 'add-spread', 'kind' => 'items-by-month']],
        ));
        $pages = $book->spreadDrawings('items-by-month');
        self::assertCount(8, $pages);
        self::assertSame(0, $book->pageOf('items-by-month') % 2);
        $cuts = [];
        foreach (\array_slice($pages, 1, 6) as $i => $page) {
            foreach ($page->marks as $mark) {
                if ($mark instanceof Line && Layer::Pencil === $mark->layer && $mark->tall === 38 * 840) {
                    $cuts[$i] = intdiv($mark->x, 840);
                }
            }
        }
        // From the outer edge: a right page's is on the right (26 − 8), a left page's on the left (8).
        self::assertSame([18, 8, 18, 8, 18, 8], $cuts);
        $heads = array_map(
            static fn (PageDrawing $page): string => implode(
                ' ',
                array_map(static fn (Mark $mark): string => $mark instanceof Words ? $mark->text : '', $page->marks),
            ),
            $pages,
        );
        self::assertStringContainsString('Rent', $heads[0]);
        self::assertStringContainsString('Saved Sum', $heads[0]);
        // 38 − 3 for the title − 1 for the headings = 34 = 17 × 2; 6 items and the sum leave 10 to add.
        self::assertContains('35 boxes − 1 for the headings; 17 × 2 = 34, 10 to add', array_column($pages[0]->workings, 'arithmetic'));
        self::assertSame(
            ['January 2027 Planned Really', 'June 2027 Planned Really'],
            array_map(static fn (string $words): string => trim((string) preg_replace('/ +/', ' ', $words)), [$heads[1], $heads[6]]),
        );
    }

    public function testADividerNamesItsMonthInTheLanguageOfThePaper(): void
    {
        $book = Composer::compose(Books::edited(
            Books::starter(),
            [['type' => 'set-language', 'language' => 'fi'], ['type' => 'use-pattern', 'pattern' => 'ordinary']],
        ));
        $letters = '';
        foreach ($book->drawing($book->months[0]->page)->marks ?? [] as $mark) {
            $letters .= $mark instanceof Words && Layer::Ink === $mark->layer ? $mark->text : '';
        }

        self::assertSame('tammikuu', $letters);
        self::assertTrue($book->months[0]->month->equals(new Month(2027, 1)));
    }

    public function testALongOrRightToLeftTitleIsKeptAndFindingSaysItCannotBeRead(): void
    {
        foreach ([str_repeat('ab ', 3300), 'أهداف السنة', '今年の予定'] as $title) {
            $book = Composer::compose(Books::edited(
                Books::starter(),
                [['type' => 'set-spread', 'spread' => 'goals-by-area', 'title' => $title]],
            ));
            $says = implode(' ', array_column($book->findings(), 'says'));
            self::assertSame(mb_strlen($title) > 100, str_contains($says, 'too many to be read'));
        }
    }
}
