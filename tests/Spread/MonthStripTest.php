<?php

/* A table of items by month. Sums checked by hand (docs/trade.md, "Filling"). */

declare(strict_types=1);

namespace Tests\Spread;

use AmpleMargin\Drawing\Grain;
use AmpleMargin\Drawing\Line;
use AmpleMargin\Drawing\Mark;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Words;
use AmpleMargin\Spread\Page\Request;
use PHPUnit\Framework\TestCase;
use Tests\Asking;

final class MonthStripTest extends TestCase
{
    /** Strip 12 + 12 × 1 = 24 of 26; 38 − 3 for the title − 1 for the months = 34 rows. */
    public function testTwelveTicksStandBehindAStripOfTwelve(): void
    {
        [$page] = $this->drawn(['items' => ['Tram ticket', 'Library']]);
        self::assertSame(range(12, 24), $this->columns($page));
        self::assertCount(35, $this->rows($page), '34 rows have 35 lines');
        self::assertSame('12 for the strip + 12 × 1 = 24 of 26 boxes', $page->workings[0]->arithmetic);
        self::assertSame(
            '38 boxes − 3 for the title − 1 for the months = 34; 34 ÷ 1 a row = 34: 2 for the items + 32 to add',
            $page->workings[1]->arithmetic,
        );
        self::assertSame(32, $page->rooms[0]->lines);
        $said = array_map(static fn (Words $words): string => $words->text, $this->words($page));
        self::assertSame(['Subscriptions by month', 'J', 'F', 'M', 'A', 'M', 'J', 'J', 'A', 'S', 'O', 'N', 'D', 'Tram ticket', 'Library'], $said);
        foreach (\array_slice($this->words($page), 1, 12) as $i => $letter) {
            self::assertSame([12 + $i, 3], [intdiv($letter->x, Grain::PER_BOX), intdiv($letter->y, Grain::PER_BOX)], $letter->text);
        }
    }

    /** 12 columns of 4 beside a strip of 10 fit no opening (52 − 10 = 42): four a page, three pages. */
    public function testMonthsThatDoNotFitGoOnBehindTheStripOnTheNextPage(): void
    {
        $pages = $this->drawn(['items' => ['Rent', 'Food'], 'strip' => 10, 'column' => 4]);
        self::assertCount(3, $pages);
        foreach ($pages as $page) {
            self::assertSame([10, 14, 18, 22, 26], $this->columns($page));
        }
        self::assertSame(['Subscriptions by month', 'Jan', 'Feb', 'Mar', 'Apr', 'Rent', 'Food'], array_column($this->words($pages[0]), 'text'));
        self::assertSame(['Sep', 'Oct', 'Nov', 'Dec', 'Rent', 'Food'], array_column($this->words($pages[2]), 'text'));
    }

    public function testItemsThatDoNotFitGoOnWithTheSameMonthsAndASumOnEveryPage(): void
    {
        $items = array_map(static fn (int $i): string => "Item $i", range(1, 50));
        $pages = $this->drawn(['items' => $items, 'line' => '1.5', 'sum' => true]);
        self::assertCount(3, $pages, '34 ÷ 1½ = 22 rows, one of them for the sum: 21 + 21 + 8');
        $written = array_map(fn (PageDrawing $page): array => array_values(array_filter(
            array_column($this->words($page), 'text'),
            static fn (string $text): bool => str_starts_with($text, 'Item') || 'Sum' === $text,
        )), $pages);
        self::assertSame([22, 22, 9], array_map(\count(...), $written));
        self::assertSame($items, array_values(array_diff(array_merge(...$written), ['Sum'])));
    }

    public function testAnItemTooLongForTheStripIsSaidWithTheStripThatHoldsIt(): void
    {
        $laid = Asking::kind('subscriptions-by-month')->form->layOut(self::asked(['items' => [str_repeat('a', 60)], 'strip' => 8]));
        self::assertSame('The longest item has 60 letters; a strip of 8 boxes holds 28 that can be read.', $laid->findings[0][0]->says);
        self::assertSame(['strip' => 17], $laid->findings[0][0]->offers[0]->edit['settings']);
        $wider = self::asked(['items' => [str_repeat('a', 60)], 'strip' => 17]);
        self::assertSame([], Asking::kind('subscriptions-by-month')->form->layOut($wider)->findings[0]);
    }

    public function testAStripAsWideAsThePageIsRefusedWithOneThatFits(): void
    {
        $laid = Asking::kind('subscriptions-by-month')->form->layOut(self::asked(['strip' => 26]));
        self::assertSame(
            'A strip of 26 and a month of 1 box need 27 boxes across and a row below the title and the months; the page has 26 × 34.',
            $laid->broken()?->says,
        );
        $mended = self::asked($laid->findings[0][0]->offers[0]->edit['settings']);
        self::assertNull(Asking::kind('subscriptions-by-month')->form->layOut($mended)->broken());
    }

    /** @param array<string, mixed> $settings */
    private static function asked(array $settings): Request
    {
        return Asking::of(Asking::kind('subscriptions-by-month'), $settings + ['items' => []]);
    }

    /**
     * @param array<string, mixed> $settings
     *
     * @return list<PageDrawing>
     */
    private function drawn(array $settings): array
    {
        return Asking::kind('subscriptions-by-month')->form->layOut(self::asked($settings))->drawings();
    }

    /** @return list<int> boxes across where a line runs down below the title */
    private function columns(PageDrawing $page): array
    {
        return $this->places($page, static fn (Line $line): ?int => 0 === $line->wide && $line->tall > Grain::PER_BOX ? $line->x : null);
    }

    /** @return list<int> boxes down where a line runs across from the page's edge */
    private function rows(PageDrawing $page): array
    {
        return $this->places(
            $page,
            static fn (Line $line): ?int => 0 === $line->tall && 0 === $line->x && $line->wide > Grain::PER_BOX ? $line->y : null,
        );
    }

    /**
     * @param \Closure(Line): ?int $at grains
     *
     * @return list<int> whole boxes, rising
     */
    private function places(PageDrawing $page, \Closure $at): array
    {
        $lines = array_filter($page->marks, static fn (Mark $mark): bool => $mark instanceof Line);
        $places = array_map(static fn (int $grains): int => intdiv($grains, Grain::PER_BOX), array_values(array_filter(
            array_map($at, $lines),
            static fn (?int $grains): bool => null !== $grains,
        )));
        sort($places);

        return $places;
    }

    /** @return list<Words> */
    private function words(PageDrawing $page): array
    {
        return array_values(array_filter($page->marks, static fn (Mark $mark): bool => $mark instanceof Words));
    }
}
