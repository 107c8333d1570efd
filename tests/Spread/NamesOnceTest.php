<?php

/*
 * The names of a table written once over an opening: on the left page only, with every column once and in order, the rows of both pages
 * level, and the pages lying open beside one another; in a spread and in a part of the months.
 */

declare(strict_types=1);

namespace Tests\Spread;

use AmpleMargin\Book\Composer;
use AmpleMargin\Drawing\Grain;
use AmpleMargin\Drawing\Line;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Words;
use AmpleMargin\Paper\Leaf;
use AmpleMargin\Paper\Stock;
use AmpleMargin\Plan\PlannedSpread;
use AmpleMargin\Plan\Section;
use AmpleMargin\Plan\Side;
use AmpleMargin\Spread\Page\Laid;
use PHPUnit\Framework\TestCase;
use Tests\Books;

final class NamesOnceTest extends TestCase
{
    private const ITEMS = ['Fern', 'Lemon', 'Ivy', 'Basil', 'Cactus'];

    public function testTheNamesStandOnLeftPagesAndEveryColumnOnce(): void
    {
        $opened = 0;
        foreach (Books::papers() as $stock) {
            foreach (['days', 'weeks', 'months', 'numbers'] as $columns) {
                foreach ([1, 2, 3] as $column) {
                    foreach ([2, 5, 9] as $strip) {
                        $said = ['columns_of' => $columns, 'column' => $column, 'strip' => $strip, 'items' => self::ITEMS]
                            + ('numbers' === $columns ? ['column_count' => 31] : []);
                        $opened += $this->isOverAnOpening($stock, $said) ? 1 : 0;
                    }
                }
            }
        }
        self::assertGreaterThan(60, $opened);
    }

    /** @param array<string, mixed> $said of the table */
    private function isOverAnOpening(Stock $stock, array $said): bool
    {
        [$each, $once] = [self::laid($stock, $said), self::laid($stock, $said + ['names_once' => true])];
        if (null !== $each->broken()) {
            return false;
        }
        if (1 === $each->pages) {
            self::assertEquals($each->drawings()[0]->marks, $once->drawings()[0]->marks, 'on one page nothing is otherwise');

            return false;
        }
        $about = json_encode([$stock->across, $said]);
        self::assertSame(Side::Left, $once->starts);
        $heads = [];
        $levels = [];
        foreach ($once->drawings() as $nth => $page) {
            $words = array_map(static fn (Words $one): string => $one->text, self::words($page));
            $names = array_values(array_intersect($words, self::ITEMS));
            self::assertSame(0 === $nth % 2 ? self::ITEMS : [], $names, "page $nth of $about");
            array_push($heads, ...self::headings($page));
            $levels[intdiv($nth, 2)][] = self::levels($page);
        }
        $all = array_merge(...array_map(self::headings(...), $each->drawings()));
        self::assertSame($all, $heads, "every column once, in order: $about");
        foreach ($levels as $opening) {
            self::assertCount(1, array_unique($opening, \SORT_REGULAR), "the rows of both pages are level: $about");
        }

        return true;
    }

    public function testAPartOfAMonthBeginsOnALeftPage(): void
    {
        $month = Books::edited(Books::starter(Books::a5(400))->with(['spreads' => []]), [
            ['type' => 'set-pattern', 'pattern' => ['id' => 'watered', 'name' => 'Watered', 'parts' => [
                ['kind' => 'long-list', 'pages' => 1],
                ['kind' => 'plants-watered', 'pages' => 2, 'settings' => [
                    'of_parts' => ['table' => ['columns_of' => 'days', 'names_once' => true]],
                ]],
            ]]],
            ['type' => 'use-pattern', 'pattern' => 'watered'],
        ]);
        $book = Composer::compose($month);
        $seen = 0;
        foreach ($book->months as $block) {
            foreach ($block->parts as $part) {
                if ('plants-watered' === $part->kind) {
                    self::assertTrue(Leaf::isLeft($part->page));
                    ++$seen;
                }
            }
        }
        self::assertSame(12, $seen);
    }

    /** @return list<Words> */
    private static function words(PageDrawing $page): array
    {
        return array_values(array_filter($page->marks, static fn ($mark): bool => $mark instanceof Words));
    }

    /** @return list<string> what stands in the lowest row of headings, from left to right */
    private static function headings(PageDrawing $page): array
    {
        $others = [...self::ITEMS, 'Watered'];
        $words = array_filter(self::words($page), static fn (Words $one): bool => !\in_array($one->text, $others, true));
        $low = max([0, ...array_map(static fn (Words $one): int => $one->y, $words)]);
        $heads = array_filter($words, static fn (Words $one): bool => $one->y === $low);
        usort($heads, static fn (Words $one, Words $two): int => $one->x <=> $two->x);

        return array_map(static fn (Words $one): string => $one->text, $heads);
    }

    /** @return list<int> where its lines across stand, in grains */
    private static function levels(PageDrawing $page): array
    {
        $levels = [];
        foreach ($page->marks as $mark) {
            if ($mark instanceof Line && 0 === $mark->tall && $mark->wide > Grain::PER_BOX) {
                $levels[$mark->y] = $mark->y;
            }
        }
        sort($levels);

        return $levels;
    }

    /** @param array<string, mixed> $said */
    private static function laid(Stock $stock, array $said): Laid
    {
        $spread = new PlannedSpread('spread', 'page-of-parts', Section::Back, 'Watered', ['parts' => [
            'divide' => 'down',
            'parts' => [
                ['fill' => 'title', 'needed' => true],
                ['fill' => 'table', 'share' => 1, 'settings' => ['rows_of' => 'items'] + $said],
            ],
        ]]);
        $plan = Books::starter($stock)->with(['spreads' => [$spread]]);

        return Books::laid($plan, 'spread') ?? self::fail('There is no such kind.');
    }
}
