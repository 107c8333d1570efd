<?php

declare(strict_types=1);

namespace Tests\Spread;

use AmpleMargin\Book\Composer;
use AmpleMargin\Drawing\Frame;
use AmpleMargin\Drawing\Grain;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Line;
use AmpleMargin\Drawing\Mark;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Words;
use AmpleMargin\Plan\Plan;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Books;

/**
 * The ways people vary a page (docs/trade.md, "As people vary it"; common practice, no source): of each, at most four things that are said
 * from where the page stands, and what is on it then. Nobody divides anything by hand.
 */
final class VariationsTest extends TestCase
{
    private const MOST = 4;

    /**
     * @param list<array<string, mixed>> $says   what is said of the spread, as edits without their type
     * @param list<string>               $stands words in the order in which they are written
     * @param list<string>               $gone   words that are nowhere
     */
    #[DataProvider('variations')]
    public function testWhatIsSaidIsDrawn(string $kind, array $says, array $stands, array $gone = []): void
    {
        self::assertLessThanOrEqual(self::MOST, \count($says));
        $plan = Books::edited(Books::starter()->with(['spreads' => []]), [['type' => 'add-spread', 'kind' => $kind, 'title' => 'Of mine']]);
        $spread = $plan->spreads[0]->id;
        foreach ($says as $one) {
            $type = match (true) {
                isset($one['at']) => 'set-word',
                isset($one['part']) => 'set-part',
                default => 'set-spread',
            };
            $plan = Books::edited($plan, [['type' => $type, 'spread' => $spread] + $one]);
        }
        $words = self::words($plan, $spread);
        $from = 0;
        foreach ($stands as $word) {
            $at = array_search($word, \array_slice($words, $from), true);
            self::assertNotFalse($at, "“{$word}” is not written behind what comes before it: ".implode(' | ', $words));
            $from += (int) $at + 1;
        }
        self::assertSame([], array_values(array_intersect($gone, $words)));
        $book = Composer::compose($plan);
        self::assertNull($book->findings()[0]->broken ?? false ? $book->findings()[0]->says : null);
        $read = Books::files()->read(Books::files()->write($plan))[0];
        self::assertSame($words, self::words($read, $spread), 'what is kept is what is drawn');
    }

    /** @return array<string, array{string, list<array<string, mixed>>, list<string>, 3?: list<string>}> */
    public static function variations(): array
    {
        return [
            'Notes beside a calendar become a focus' => [
                'month-at-a-glance',
                [['settings' => ['pages' => 2]], ['part' => 'month in cells', 'settings' => ['notes_named' => 'Focus']]],
                ['Focus'],
                ['Notes'],
            ],
            'then and now become two dates' => [
                'then-and-now',
                [['at' => 'name/lines', 'says' => 'June 2026'], ['at' => 'name/lines 2', 'says' => 'June 2027']],
                ['June 2026', 'June 2027'],
                ['Then', 'Now'],
            ],
            'a board has states of its own' => [
                'board',
                [
                    ['at' => 'name/lines', 'says' => 'Some day'],
                    ['at' => 'name/lines 2', 'says' => 'On the bench'],
                    ['at' => 'name/lines 3', 'says' => 'Varnished'],
                ],
                ['Some day', 'On the bench', 'Varnished'],
                ['Wanted', 'Begun', 'Done'],
            ],
            'the last row of a budget is what is left' => [
                'income-and-expenses',
                [['at' => 'part/table/sum_named', 'was' => 'Sum', 'says' => 'left']],
                ['left'],
                ['Sum'],
            ],
            'six months as often as twelve' => [
                'chores-by-month',
                [['settings' => ['months' => 6]]],
                ['Jan', 'Feb', 'March', 'April', 'May', 'June'],
                ['July', 'Jul', 'Dec'],
            ],
            'a column for last December, to compare with' => [
                'savings-by-month',
                [['settings' => ['from' => '2026-12', 'months' => 13]]],
                ['Dec', 'Jan', 'Feb', 'March', 'Dec'],
            ],
            'the school year' => [
                'gratitude',
                [['settings' => ['from' => '2026-09', 'months' => 10]]],
                ['September', 'December', 'January', 'June'],
                ['July', 'August'],
            ],
            'two quarters, since only half a year is planned' => [
                'goals-by-quarter',
                [['settings' => ['from' => '2027-07', 'months' => 6]]],
                ['July to September', 'October to December'],
                ['January to March'],
            ],
            'weeks 27 to 52 by their numbers' => [
                'chores-by-week',
                [['settings' => ['first_week' => 27, 'weeks' => 26, 'weeks_by' => 'number']]],
                ['27', '28', '40', '52'],
                ['26', '53', '1'],
            ],
            'weeks that begin in the half-year: 26' => [
                'chores-by-week',
                [['settings' => ['from' => '2027-07', 'which_weeks' => 'begin']]],
                ['5', '12', '19', '26'],
                ['28 '],
            ],
            'a week of five days for school' => [
                'timetable',
                [['settings' => ['week_of' => '5']]],
                ['Monday', 'Tue', 'Wed', 'Thu', 'Friday'],
                ['Sat', 'Sun', 'Sunday'],
            ],
            'Sundays first in one spread' => [
                'timetable',
                [['settings' => ['week_start' => '7']]],
                ['Sun', 'Mon', 'Sat'],
            ],
            'months down and amounts across' => [
                'measurements',
                [['part' => 'table', 'settings' => ['swapped' => true]]],
                ['Jan', 'Feb', 'Mar', 'Apr', 'Dec'],
            ],
            'one month of days with their weekdays' => [
                'hours-by-week',
                [
                    ['part' => 'table', 'settings' => ['rows_of' => 'days', 'columns_of' => 'items', 'heads' => ['From', 'To', 'Hours']]],
                    ['settings' => ['from' => '2027-02', 'months' => 1]],
                    ['part' => 'table', 'settings' => ['days_by' => 'weekday']],
                ],
                ['From', 'To', 'Hours', '1 M', '2 T', '28 S'],
                ['29 M', '29', '31'],
            ],
            'months of a log before the book and after it' => [
                'future-log',
                [['settings' => ['from' => '2026-12', 'months' => 12, 'months_beyond' => 2]]],
                ['December 2026', 'January', 'January 2028'],
            ],
            'a future log: twelve months on a page, a count and a memory with each' => [
                'future-log',
                [['settings' => ['months_per_page' => 12, 'columns' => 3, 'extra' => 'statistic-memory', 'memory_rows' => 2]]],
                ['January', 'December'],
            ],
            'the next half-year in smaller boxes without calendars, on the third page' => [
                'future-log',
                [['settings' => ['months_per_page' => 3, 'columns' => 1, 'mini' => 'beside', 'mini_for' => 6, 'then_a_page' => 6]]],
                ['January', 'June', '31', 'July', 'December'],
            ],
            'a verse over a future log' => [
                'future-log',
                [['settings' => ['verse' => ['Slow is the tide', 'and sure'], 'verse_at' => 'over']]],
                ['Slow is the tide', 'and sure', 'January', 'December'],
            ],
            'months that are stuck are not written' => [
                'future-log',
                [['settings' => ['mini' => 'above-stuck', 'month_width' => 40]]],
                ['January', 'December'],
                ['31', 'M'],
            ],
            'the title is left out, since the cover before says it' => [
                'gratitude',
                [['settings' => ['title_at' => 'none']]],
                ['January'],
                ['Of mine'],
            ],
            'the title stands upright along an edge' => [
                'gratitude',
                [['settings' => ['title_at' => 'up-right']]],
                ['Of mine'],
            ],
            'the title goes once across the opening, letter by letter' => [
                'books-read',
                [['settings' => ['title_at' => 'fold']]],
                ['O', 'f', 'm', 'i', 'n', 'e'],
                ['Of mine'],
            ],
            'rows of a table are named as well as numbered' => [
                'things-n-times',
                [['part' => 'table', 'settings' => ['items' => ['Swims', 'Walks by the river']]]],
                ['1 Swims', '2 Walks by the river', '3', '22'],
            ],
            'months run down the columns' => [
                'gratitude',
                [['part' => 'cells', 'settings' => ['order' => 'down']]],
                ['January', 'February', 'March'],
            ],
            'a list whose groups have heads' => [
                'long-list',
                [['settings' => ['numbered' => true, 'items' => ['At home:', 'Windows', 'Oven', 'Aboard:', 'Bilge pump']]]],
                ['1', '2', '3', 'At home', 'Windows', 'Oven', 'Aboard', 'Bilge pump'],
                ['At home:', 'Aboard:'],
            ],
            'a habit table’s weeks of items get heads of one’s own' => [
                'books-read',
                [['at' => 'page/columns/0', 'was' => 'Title', 'says' => 'Story']],
                ['Story'],
                ['Title'],
            ],
        ];
    }

    public function testColumnsOfOneBoxAndAHalfHoldADecimal(): void
    {
        $plan = Books::edited(Books::starter()->with(['spreads' => []]), [
            ['type' => 'add-spread', 'kind' => 'measurements'],
            ['type' => 'set-spread', 'spread' => 'measurements', 'settings' => ['column' => '1.5']],
        ]);
        $page = Composer::compose($plan)->spreadDrawings('measurements')[0];
        self::assertStringContainsString('6 × 1½', implode(' ', array_map(static fn ($step): string => $step->text, $page->steps)));
    }

    public function testMonthsDownTheColumnsStandBelowOneAnother(): void
    {
        $at = static function (array $settings): array {
            $plan = Books::edited(Books::starter()->with(['spreads' => []]), [
                ['type' => 'add-spread', 'kind' => 'gratitude', 'settings' => ['of_parts' => ['cells' => $settings]]],
            ]);
            $places = [];
            foreach (Composer::compose($plan)->spreadDrawings('gratitude')[0]->marks as $mark) {
                if ($mark instanceof Words) {
                    $places[$mark->text] = [$mark->x, $mark->y];
                }
            }

            return $places;
        };
        [$across, $down] = [$at([]), $at(['order' => 'down'])];
        self::assertSame($across['January'], $down['January']);
        self::assertSame($across['January'][1], $across['February'][1]);
        self::assertSame($down['January'][0], $down['February'][0]);
        self::assertEqualsCanonicalizing(array_values($across), array_values($down), 'the same places');
    }

    /** A month's box: name, calendar, lines, photo of a size, memory and count, each where and as large as it is said. */
    public function testWhatStandsWithEachMonthOfAFutureLog(): void
    {
        $marks = static function (array $settings, int $page = 0): array {
            $plan = Books::edited(Books::starter()->with(['spreads' => []]), [
                ['type' => 'add-spread', 'kind' => 'future-log', 'settings' => ['school' => 'months'] + $settings],
            ]);

            return Books::pagesOf($plan, 'future-log')[$page]->marks;
        };
        $frames = static fn (array $marks, Layer $layer = Layer::Ink): array => array_values(array_map(
            static fn (Frame $one): array => array_map(
                static fn (int $grains): int => intdiv($grains, Grain::PER_BOX),
                [$one->x, $one->y, $one->wide, $one->tall],
            ),
            array_filter($marks, static fn (Mark $mark): bool => $mark instanceof Frame && $layer === $mark->layer),
        ));
        $at = static function (array $marks): array {
            $at = [];
            foreach ($marks as $mark) {
                if ($mark instanceof Words) {
                    $at[$mark->text] ??= [$mark->x, $mark->y];
                }
            }

            return $at;
        };

        // Three of 26 × 11 on the page, from 3 down; 40 mm are 8 boxes, above 2 of a memory and 1 of a count.
        $all = ['columns' => 1, 'extra' => 'all', 'photo_width' => 40];
        $drawn = $marks($all + ['months_per_page' => 3, 'memory_rows' => 2, 'photo_height' => 30]);
        self::assertContains([18, 3 + 11 - 3 - 6, 8, 6], $frames($drawn));
        $levels = array_map(
            static fn (Line $one): int => intdiv($one->y, Grain::PER_BOX),
            array_values(array_filter($drawn, static fn (Mark $mark): bool => $mark instanceof Line && $mark->y < 14 * Grain::PER_BOX
                && 26 * Grain::PER_BOX === $mark->wide)),
        );
        self::assertSame([4, 13, 11], $levels, 'below the name; the count; the memory above it');

        // Where months have four to six rows of dates a photo stands in all of them alike.
        $photos = array_filter(
            $frames($marks($all + ['months_per_page' => 2, 'mini' => 'beside', 'photo_height' => 35])),
            static fn (array $one): bool => 8 === $one[2],
        );
        self::assertSame([[8, 7], [8, 7]], array_map(static fn (array $one): array => [$one[2], $one[3]], array_values($photos)));
        self::assertCount(1, array_unique(array_column($photos, 0)));

        [$down, $along] = [$at($marks([])), $at($marks(['order' => 'along']))];
        self::assertSame($down['January'], $along['January']);
        self::assertSame($down['April'], $along['February']);
        self::assertSame($down['February'], $along['March']);

        // 38 × 34 mm are 8 × 7 boxes of 5 mm.
        self::assertContains([0, 4, 8, 7], $frames($marks(['mini' => 'above-stuck']), Layer::Pencil));

        $third = $at($marks(['months_per_page' => 3, 'columns' => 1, 'mini' => 'above', 'mini_for' => 6, 'then_a_page' => 6], 2));
        self::assertSame(['July', 'August', 'September', 'October', 'November', 'December'], array_keys($third));
    }

    public function testAnUprightTitleReadsFromTheFootUp(): void
    {
        $plan = Books::edited(Books::starter()->with(['spreads' => []]), [
            ['type' => 'add-spread', 'kind' => 'gratitude', 'settings' => ['title_at' => 'up-left']],
        ]);
        $title = array_values(array_filter(
            Composer::compose($plan)->spreadDrawings('gratitude')[0]->marks,
            static fn (Mark $mark): bool => $mark instanceof Words && $mark->upwards,
        ));
        self::assertCount(1, $title);
        self::assertSame([0, 0], [$title[0]->x, $title[0]->y]);
    }

    /** What goes on stands above it and below: free room, parts, squares with their numbers; what does not leaves it at the head. */
    public function testATitleInTheMiddleOfItsPage(): void
    {
        $laid = static function (string $kind): array {
            $plan = Books::edited(Books::starter()->with(['spreads' => []]), [
                ['type' => 'add-spread', 'kind' => $kind, 'title' => 'Lamps', 'settings' => ['title_at' => 'centre']],
            ]);
            $laid = Books::laid($plan, $plan->spreads[0]->id) ?? self::fail($kind);

            return [$laid->drawings(), array_column(array_merge(...$laid->findings), 'says')];
        };
        $rows = static function (array $marks): array {
            $rows = [];
            foreach ($marks as $mark) {
                if ($mark instanceof Words) {
                    $rows[$mark->text] = $mark->y / Grain::PER_BOX;
                }
            }

            return $rows;
        };
        foreach ([
            'vision-board' => [],
            'action-plan' => ['Why', 'Each month, or once'],
            'swatches' => ['1', '48'],
            'covers' => ['1', '24'],
        ] as $kind => $around) {
            [$drawings, $says] = $laid($kind);
            $at = $rows($drawings[0]->marks);
            self::assertSame([], array_filter($says, static fn (string $one): bool => str_contains($one, 'in the middle')), $kind);
            self::assertGreaterThan(14, $at['Lamps'], $kind);
            self::assertLessThan(26, $at['Lamps'], $kind);
            if ([] !== $around) {
                self::assertLessThan($at['Lamps'], $at[$around[0]], $kind);
                self::assertGreaterThan($at['Lamps'], $at[$around[1]], $kind);
            }
        }
        [$drawings, $says] = $laid('timetable');
        self::assertLessThan(3, $rows($drawings[0]->marks)['Lamps']);
        self::assertStringContainsString('“Lamps” stands at the head, and not in the middle of the page', implode(' ', $says));
    }

    /** A short name on a divider, and on the first of its two pages only. */
    public function testADividerHasAShortNameOnce(): void
    {
        $said = static function (array $settings): array {
            $plan = Books::edited(Books::starter()->with(['spreads' => []]), [
                ['type' => 'set-pattern', 'pattern' => ['id' => 'one', 'name' => 'One', 'parts' => [
                    ['kind' => 'month-divider', 'pages' => 2, 'settings' => ['of_parts' => ['letters of a cover' => $settings]]],
                ]]],
                ['type' => 'use-pattern', 'pattern' => 'one'],
            ]);
            $book = Composer::compose($plan);
            $pages = array_map(static fn (int $page): string => implode('', array_map(
                static fn (Mark $mark): string => $mark instanceof Words ? $mark->text : '',
                $book->drawing($page)->marks ?? [],
            )), range($book->months[0]->page, $book->months[0]->page + 1));

            return array_map(static fn (string $text): string => str_replace('2027', '', $text), $pages);
        };
        self::assertSame(['January', 'January'], $said([]));
        self::assertSame(['JAN', ''], $said(['month_called' => 'capitals', 'once' => true]));
    }

    public function testAGraphWithoutValuesHasLines(): void
    {
        $plan = Books::edited(Books::starter()->with(['spreads' => []]), [
            ['type' => 'add-spread', 'kind' => 'graph-by-week', 'settings' => ['of_parts' => ['graph' => ['graph_lines' => 2]]]],
        ]);
        $page = Composer::compose($plan)->spreadDrawings('graph-by-week')[0];
        $text = implode(' ', array_map(static fn ($step): string => $step->text, $page->steps));
        self::assertMatchesRegularExpression('/Rule 16 lines across the graph, one every 2 boxes, the first 4 down\./', $text);
    }

    /** A door with more months than faces: as many a face as it takes, the first faces the fuller ones. */
    public function testSevenMonthsOnSixFaces(): void
    {
        $plan = Books::edited(Books::starter()->with(['spreads' => []]), [
            ['type' => 'add-spread', 'kind' => 'items-by-month', 'settings' => ['from' => '2027-01', 'months' => 7, 'leaves' => 3]],
        ]);
        $said = implode("\n", array_map(static fn ($finding): string => $finding->says, Composer::compose($plan)->findings()));
        self::assertStringContainsString('the first ones the fuller: 2, 1, 1, 1, 1, 1.', $said);
        self::assertCount(8, Composer::compose($plan)->spreadDrawings('items-by-month'));
    }

    /** A group is never torn from its head: that is not alone at the foot, is said again after the page's turn, and has no cells. */
    public function testAGroupKeepsItsHead(): void
    {
        for ($before = 20; $before <= 40; ++$before) {
            $items = ['First:', ...array_map(static fn (int $i): string => "a $i", range(1, $before)), 'Second:'];
            array_push($items, ...array_map(static fn (int $i): string => "b $i", range(1, 30)));
            $plan = Books::edited(Books::starter()->with(['spreads' => []]), [
                ['type' => 'add-spread', 'kind' => 'self-care', 'settings' => ['items' => $items, 'months' => 3, 'line' => '1']],
            ]);
            $seen = [];
            foreach (Composer::compose($plan)->spreadDrawings('self-care') as $nth => $page) {
                $names = array_values(array_filter(
                    array_map(static fn (Mark $mark): string => $mark instanceof Words ? $mark->text : '', $page->marks),
                    static fn (string $text): bool => 1 === preg_match('/^(First|Second|[ab] \d+)$/', $text),
                ));
                self::assertContains($names[0], ['First', 'Second'], "$before before, page $nth");
                self::assertMatchesRegularExpression('/^[ab] /', $names[\count($names) - 1], "$before before, page $nth");
                array_push($seen, ...array_filter($names, static fn (string $name): bool => str_contains($name, ' ')));
            }
            self::assertSame(array_values(array_filter($items, static fn (string $item): bool => !str_ends_with($item, ':'))), $seen);
        }
    }

    /** @return list<string> */
    private static function words(Plan $plan, string $spread): array
    {
        return array_merge(...array_map(
            static fn (PageDrawing $page): array => array_map(
                static fn (Words $mark): string => $mark->text,
                array_values(array_filter($page->marks, static fn (Mark $mark): bool => $mark instanceof Words)),
            ),
            Composer::compose($plan)->spreadDrawings($spread),
        ));
    }

    /** A graph of months stands in line with the table of months above it, or below it, on two papers; unless it is said how it stands. */
    public function testAGraphStandsInLineWithItsMonths(): void
    {
        $rows = ['rows_of' => 'items', 'items' => ['Weight', 'Pulse']];
        $table = ['fill' => 'table', 'needed' => true, 'settings' => $rows + ['columns_of' => 'months']];
        $graph = ['fill' => 'graph', 'share' => 1, 'settings' => ['graph_of' => 'months']];
        foreach (\array_slice(Books::papers(), 0, 2) as $stock) {
            foreach ([[$table, $graph], [$graph, $table]] as $parts) {
                foreach ([[], ['graph_strip' => 0]] as $said) {
                    $named = array_map(static fn (array $part): array => 'graph' === $part['fill']
                        ? ['settings' => $part['settings'] + $said] + $part
                        : $part, $parts);
                    $divided = ['parts' => ['divide' => 'down', 'parts' => $named]];
                    $plan = Books::edited(Books::starter($stock)->with(['spreads' => []]), [
                        ['type' => 'add-spread', 'kind' => 'page-of-parts', 'settings' => $divided],
                    ]);
                    $months = [];
                    foreach (Books::pagesOf($plan, $plan->spreads[0]->id)[0]->marks as $mark) {
                        if ($mark instanceof Words && \in_array($mark->text, ['J', 'F', 'M', 'Jan', 'Feb', 'Mar', 'D', 'Dec'], true)) {
                            $months[$mark->y][] = $mark->x;
                        }
                    }
                    self::assertCount(2, $months, 'the months are written above the table and below the graph');
                    [$one, $other] = array_values($months);
                    [] === $said ? self::assertSame($one, $other) : self::assertNotSame($one, $other);
                }
            }
        }
    }
}
