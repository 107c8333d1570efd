<?php

/* A page divided into parts: nothing overlaps, nothing leaves the page, and the boxes add up; on thousands of random ones. */

declare(strict_types=1);

namespace Tests\Spread;

use AmpleMargin\Counting\Remainder;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Grain;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Mark;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Step;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Drawing\Words;
use AmpleMargin\Plan\Side;
use AmpleMargin\Spread\Filling\Fillings;
use AmpleMargin\Spread\Filling\Free;
use AmpleMargin\Spread\Filling\FutureLog;
use AmpleMargin\Spread\Filling\GoesOn;
use AmpleMargin\Spread\Filling\Lines;
use AmpleMargin\Spread\Filling\Log;
use AmpleMargin\Spread\Filling\Table;
use AmpleMargin\Spread\Filling\Title;
use AmpleMargin\Spread\Page\Direction;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Part\Asker;
use AmpleMargin\Spread\Part\FilledPart;
use AmpleMargin\Spread\Part\NoRoom;
use AmpleMargin\Spread\Part\Parted;
use AmpleMargin\Spread\Part\Parting;
use AmpleMargin\Spread\Part\PlacedLeaf;
use AmpleMargin\Spread\Part\Portion;
use AmpleMargin\Spread\Part\Run;
use AmpleMargin\Spread\Part\Size;
use PHPUnit\Framework\TestCase;
use Tests\Asking;

final class PartingTest extends TestCase
{
    /** Title 3 and two gaps of 1: 38 − 3 − 2 = 33, in the ratio 2 : 1 22 and 11. */
    public function testPartsOfARatioAddUpByLargestRemainder(): void
    {
        $regions = $this->placed(Parting::down(
            [Size::needed(), FilledPart::of(new Title())],
            [Size::share(2), FilledPart::of(new Free())],
            [Size::share(), FilledPart::of(new Free())],
        )->gap(1));
        self::assertSame([[0, 0, 26, 3], [0, 4, 26, 22], [0, 27, 26, 11]], $regions, '38 − 3 − 2 gaps = 33 = 22 + 11');
    }

    /** Equal shares are divided as the counting bench divides: 26 in 3 with the best gap is 8, skip 1, 8, skip 1, 8. */
    public function testEqualSharesAreThoseOfTheCountingBench(): void
    {
        $three = [[Size::share(), FilledPart::of(new Free())], [Size::share(), FilledPart::of(new Free())], [Size::share(), FilledPart::of(new Free())]];
        self::assertSame([[0, 0, 8, 38], [9, 0, 8, 38], [18, 0, 8, 38]], $this->placed(Parting::across(...$three)));
        self::assertSame([[1, 0, 8, 38], [9, 0, 8, 38], [17, 0, 8, 38]], $this->placed(Parting::across(...$three)->gap(0)));
        self::assertSame([[0, 0, 8, 38], [8, 0, 8, 38], [16, 0, 8, 38]], $this->placed(Parting::of(Direction::Across, $three, 0, Remainder::After)));
    }

    public function testAPartTooSmallForWhatFillsItIsSaidByItsName(): void
    {
        $form = new Parted(Parting::across([Size::boxes(3), FilledPart::of(new Log(), 'Books')], [Size::share(), FilledPart::of(new Free())]));
        self::assertSame('“Books” (the log) needs 6 boxes across; the part has 3.', $form->layOut(Asking::of($form))->broken()?->says);
        self::assertGreaterThan(1, \count($form->layOut(Asking::of($form))->drawings()[0]->marks), 'the other part is drawn all the same');
        $form = new Parted(Parting::down(...array_fill(0, 40, [Size::share(), FilledPart::of(new Lines())])));
        self::assertSame('40 parts do not fit down 38 boxes.', $form->layOut(Asking::of($form))->broken()?->says);
    }

    /** A list of 52 on 26 × 38: 34 and 18 at one box a row; 22, 22 and 8 at 1½ (docs/trade.md, "Filling"). */
    public function testALogGoesOnOverItsPagesWithItsNumbers(): void
    {
        foreach (['1' => [34, 18], '1.5' => [22, 22, 8], '2' => [17, 17, 17, 1]] as $line => $rows) {
            $drawn = Asking::drawn('books-read', ['line' => (string) $line]);
            self::assertSame($rows, array_map(static fn (PageDrawing $page): int => $page->rooms[0]->lines, $drawn), "$line boxes a row");
            $numbers = array_merge(...array_map(static fn (PageDrawing $page): array => array_values(array_filter(
                array_map(static fn (Mark $mark): int => property_exists($mark, 'text') && ctype_digit($mark->text) ? (int) $mark->text : 0, $page->marks),
            )), $drawn));
            self::assertSame(range(1, 52), $numbers);
        }
    }

    /** Number 2, author 7, stars 2, date 4: of 26 boxes 11 are left for the title, which needs 10. */
    public function testWhatIsLeftGoesToTheTitleColumn(): void
    {
        $page = Asking::drawn('books-read')[0];
        self::assertSame('number and box 2 + title 11 + author 7 + stars 2 + date 4 = 26', $page->workings[0]->arithmetic);
        $lines = array_values(array_filter($page->marks, static fn (Mark $mark): bool => 0 === $mark->wide && Layer::Ink === $mark->layer));
        self::assertSame([2, 13, 20, 22], array_map(static fn (Mark $line): int => intdiv($line->x, Grain::PER_BOX), $lines));
    }

    /** All pencil, then bands, then ink, then writing, whichever part they are of; each tick once. */
    public function testStepsAreThoseOfTheWholePageAndSharedTicksAreMadeOnce(): void
    {
        $lines = static fn (string $name): FilledPart => FilledPart::of(new Lines(), $name)->with(['framed' => true, 'look' => 'banded']);
        $form = new Parted(Parting::down(
            [Size::needed(), FilledPart::of(new Title())],
            [Size::share(), Parting::across([Size::share(), FilledPart::of(new Free())], [Size::share(), $lines('Why')])],
            [Size::share(), Parting::across([Size::share(), FilledPart::of(new Free())], [Size::share(), $lines('How')])],
        ));
        $page = $form->layOut(Asking::of($form))->drawings()[0];
        $order = [Task::Pencil, Task::Band, Task::Ink, Task::Write, Task::Wait, Task::Erase, Task::Check];
        $tasks = array_map(static fn (Step $step): int => (int) array_search($step->task, $order, true), $page->steps);
        $sorted = $tasks;
        sort($sorted);
        self::assertSame($sorted, $tasks);
        self::assertCount(1, array_filter($page->steps, static fn (Step $step): bool => Task::Wait === $step->task));
        $ticks = array_filter($page->marks, static fn (Mark $mark): bool => Layer::Pencil === $mark->layer && max($mark->wide, $mark->tall) < Grain::PER_BOX);
        $places = array_map(static fn (Mark $mark): string => "$mark->x $mark->y", $ticks);
        self::assertSame(array_values(array_unique($places)), array_values($places));
    }

    /** Common practice, no source: a leaf is cut from head to foot. */
    public function testADoorOfTheFutureLogStandsAloneOnItsLeaf(): void
    {
        $log = FilledPart::of(new FutureLog())->with(['school' => 'door', 'from' => '2027-01', 'months' => 12]);
        $title = [Size::needed(), FilledPart::of(new Title())];
        $alone = new Parted(Parting::down($title, [Size::share(), $log]));
        self::assertNotSame([], array_filter(
            $alone->layOut(Asking::of($alone))->drawings()[1]->steps,
            static fn (Step $step): bool => Task::Cut === $step->task,
        ));
        foreach ([
            Parting::down($title, [Size::share(), $log], [Size::boxes(4), FilledPart::of(new Free())]),
            Parting::down($title, [Size::boxes(4), FilledPart::of(new Free())], [Size::share(), $log]),
            Parting::down($title, [Size::share(), Parting::across([Size::share(), $log], [Size::boxes(4), FilledPart::of(new Free())])]),
        ] as $beside) {
            $form = new Parted($beside);
            $laid = $form->layOut(Asking::of($form));
            self::assertStringContainsString('is cut through the whole leaf', (string) $laid->broken()?->says);
            foreach ($laid->drawings() as $page) {
                self::assertNotContains(Task::Cut, array_column($page->steps, 'task'));
            }
        }
    }

    public function testRandomPartingsNeverOverlapOrLeaveThePage(): void
    {
        $drawn = 0;
        for ($seed = 1; $seed <= 3_000; ++$seed) {
            mt_srand($seed);
            $form = new Parted($parting = $this->random(0));
            $asked = Asking::of($form, [], mt_rand(10, 60), mt_rand(14, 80));
            $about = "seed $seed, {$asked->grid->across} × {$asked->grid->down}";
            try {
                $placed = $parting->place(new Asker($asked), new Region(0, 0, $asked->grid->across, $asked->grid->down));
            } catch (NoRoom $none) {
                self::assertMatchesRegularExpression('/\d+/', $none->getMessage(), $about);
                self::assertSame($none->getMessage(), $form->layOut($asked)->broken()?->says, $about);
                continue;
            }
            $this->apart($placed, $asked->grid->across, $asked->grid->down, $about);
            if (0 === $seed % 4) {
                foreach ($form->layOut($asked)->drawings() as $page) {
                    $this->inItsParts($page, $placed, $about);
                }
            }
            ++$drawn;
        }
        self::assertGreaterThan(800, $drawn);
    }

    /** @param list<PlacedLeaf> $placed */
    private function apart(array $placed, int $across, int $down, string $about): void
    {
        foreach ($placed as $i => $one) {
            $region = $one->region;
            self::assertTrue(
                $region->x >= 0 && $region->y >= 0 && $region->wide > 0 && $region->tall > 0
                    && $region->x + $region->wide <= $across && $region->y + $region->tall <= $down,
                $about,
            );
            foreach (\array_slice($placed, $i + 1) as $other) {
                self::assertFalse($region->meets($other->region), $about);
            }
        }
    }

    /**
     * Every mark but a tick at the edge lies within one part.
     *
     * @param list<PlacedLeaf> $placed
     */
    private function inItsParts(PageDrawing $page, array $placed, string $about): void
    {
        foreach ($page->marks as $mark) {
            if (Layer::Pencil === $mark->layer && (0 === $mark->x || 0 === $mark->y) && max($mark->wide, $mark->tall) < Grain::PER_BOX) {
                continue;
            }
            [$x, $toX] = [min($mark->x, $mark->x + $mark->wide), max($mark->x, $mark->x + $mark->wide)];
            [$y, $toY] = [min($mark->y, $mark->y + $mark->tall), max($mark->y, $mark->y + $mark->tall)];
            $within = array_filter($placed, static fn (PlacedLeaf $one): bool => $x >= Grain::of($one->region->x)
                && $toX <= Grain::of($one->region->x + $one->region->wide)
                && $y >= Grain::of($one->region->y)
                && $toY <= Grain::of($one->region->y + $one->region->tall));
            self::assertNotSame([], $within, "$about: ".$mark::class." $mark->x $mark->y $mark->wide $mark->tall");
        }
    }

    private function random(int $depth): Parting
    {
        $parts = [];
        for ($i = mt_rand(1, 4); $i > 0; --$i) {
            $size = [Size::share(mt_rand(1, 3)), Size::share(), Size::boxes(mt_rand(1, 12)), Size::needed()][mt_rand(0, 3)];
            $parts[] = [$size, $depth < 3 && 0 === mt_rand(0, 2) ? $this->random($depth + 1) : $this->leaf()];
        }
        $parting = 0 === mt_rand(0, 1) ? Parting::across(...$parts) : Parting::down(...$parts);
        $gap = mt_rand(-1, 3);

        return $gap < 0 ? $parting : Parting::of($parting->way, $parting->parts, $gap, [Remainder::Outside, Remainder::After, Remainder::ByRatio][mt_rand(0, 2)]);
    }

    private function leaf(): Portion
    {
        $all = array_values(Fillings::all());
        $filling = $all[mt_rand(0, \count($all) - 1)];
        $settings = [];
        foreach ($filling->fields() as $field) {
            if (0 === mt_rand(0, 1)) {
                $settings[$field->name] = Asking::value($field);
            }
        }

        return FilledPart::of($filling, [null, 'Why', 'A name of some length', '二〇二七年'][mt_rand(0, 3)])->with($settings);
    }

    /** @return list<array{int, int, int, int}> on 26 × 38 */
    private function placed(Parting $parting): array
    {
        $form = new Parted($parting);

        return array_map(
            static fn (PlacedLeaf $one): array => [$one->region->x, $one->region->y, $one->region->wide, $one->region->tall],
            $parting->place(new Asker(Asking::of($form)), new Region(0, 0, 26, 38)),
        );
    }

    /** Common practice, no source: 101 rows of a box below a title of 3, in two columns: 35 and 35 on the first page, 31 on the second. */
    public function testAListGoesOnInTheNextPartAndThenOnTheNextPage(): void
    {
        $pages = Asking::drawn('long-list', ['items' => array_map(static fn (int $i): string => "Thing $i", range(1, 101))]);
        self::assertCount(2, $pages);
        $columns = [];
        foreach ($pages as $i => $page) {
            foreach ($page->marks as $mark) {
                if ($mark instanceof Words && ctype_digit($mark->text)) {
                    $columns["$i, ".($mark->x < 13 * Grain::PER_BOX ? 'left' : 'right')][] = (int) $mark->text;
                }
                if ($mark instanceof Words && str_starts_with($mark->text, 'Thing ')) {
                    $items[$mark->text] = [$i, $mark->x < 13 * Grain::PER_BOX, intdiv($mark->y, Grain::PER_BOX)];
                }
            }
        }
        self::assertSame(['0, left' => range(1, 35), '0, right' => range(36, 70), '1, left' => range(71, 101)], $columns);
        // Each item stands beside its number.
        self::assertSame([0, true, 3], $items['Thing 1'] ?? null);
        self::assertSame([0, false, 3], $items['Thing 36'] ?? null);
        self::assertSame([1, true, 3 + 30], $items['Thing 101'] ?? null);
    }

    /** What cannot be taken up says so where it should go on, and nothing of it is lost. */
    public function testATableIsNotTakenUpAndWhatIsTooNarrowLeavesTheListToTheNextPage(): void
    {
        $table = new Parted(Parting::across(
            [Size::share(), FilledPart::of(new Table())->with(['rows_of' => 'numbers', 'row_count' => 100, 'columns_of' => 'numbers', 'column_count' => 5])],
            [Size::share(), FilledPart::of(new GoesOn())],
        ));
        $laid = $table->layOut(Asking::of($table));
        self::assertSame('The table goes on on the next page and not in another part.', ($laid->findings[0][0] ?? null)?->says);
        self::assertSame(3, $laid->pages);

        $list = new Parted(Parting::across(
            [Size::share(), FilledPart::of(new Lines())->with(['rows' => 80, 'numbered' => true])],
            [Size::boxes(2), FilledPart::of(new GoesOn())],
        ));
        $laid = $list->layOut(Asking::of($list));
        self::assertStringContainsString('need 5 boxes across; the part has 2', ($laid->findings[0][0] ?? null)->says ?? '');
        $numbers = [];
        foreach ($laid->drawings() as $page) {
            foreach ($page->marks as $mark) {
                if ($mark instanceof Words) {
                    $numbers[] = (int) $mark->text;
                }
            }
        }
        self::assertSame(range(1, 80), $numbers);
    }

    /** An opening: what is longer than its part goes on over the fold where a part takes it up, and says so where none does. */
    public function testOverTheFoldAListGoesOnInThePartThatTakesItUp(): void
    {
        $left = Parting::down([Size::boxes(4), FilledPart::of(new \AmpleMargin\Spread\Filling\CentredWords())], [Size::share(), FilledPart::of(new Lines(), 'Pieces')->with(['rows' => 50, 'numbered' => true])]);
        $right = Parting::across([Size::share(), FilledPart::of(new GoesOn())], [Size::share(), FilledPart::of(new Lines(), 'Notes')]);
        $form = new Parted(Run::of([$left, $right]));
        $laid = $form->layOut(Asking::of($form));
        self::assertSame([2, Side::Left], [$laid->pages, $laid->starts]);
        self::assertNull($laid->broken());
        $numbers = array_map(
            static fn (PageDrawing $page): array => array_values(array_map(
                static fn (Mark $mark): int => $mark instanceof Words ? (int) $mark->text : 0,
                array_filter($page->marks, static fn (Mark $mark): bool => $mark instanceof Words && ctype_digit($mark->text)),
            )),
            $laid->drawings(),
        );
        self::assertCount(33, $numbers[0], '38 boxes less 4 and the row of its name');
        self::assertCount(17, $numbers[1]);

        $lost = new Parted(Run::of([$left, FilledPart::of(new Lines())]));
        $laid = $lost->layOut(Asking::of($lost));
        self::assertStringContainsString('“Pieces” (the lines) is longer than the part.', $laid->broken()->says ?? '');

        // What is longer than both pages goes on on a third, which is the second drawn again.
        $long = new Parted(Run::of([FilledPart::of(new Lines())->with(['rows' => 90, 'numbered' => true]), FilledPart::of(new GoesOn())]));
        self::assertSame(3, $long->layOut(Asking::of($long))->pages);
    }

    /** Random openings and longer runs: each page keeps to its own parts, whatever goes on from the page before. */
    public function testRandomRunsKeepEachPageToItsParts(): void
    {
        $drawn = 0;
        for ($seed = 1; $seed <= 600; ++$seed) {
            mt_srand($seed);
            $pages = array_map(fn (): Parting => $this->random(0), range(1, mt_rand(2, 4)));
            $form = new Parted(Run::of($pages));
            $asked = Asking::of($form, [], mt_rand(10, 60), mt_rand(14, 80));
            $laid = $form->layOut($asked);
            $about = "seed $seed, {$asked->grid->across} × {$asked->grid->down}";
            $region = new Region(0, 0, $asked->grid->across, $asked->grid->down);
            try {
                $placed = array_map(static fn (Parting $page): array => $page->place(new Asker($asked), $region), $pages);
            } catch (NoRoom $none) {
                // A page that cannot be parted says so; the others are drawn.
                $says = array_map(static fn (Finding $one): string => $one->says, array_merge(...$laid->findings));
                self::assertContains($none->getMessage(), $says, $about);
                continue;
            }
            self::assertGreaterThanOrEqual(\count($pages), $laid->pages, $about);
            foreach ($laid->drawings() as $i => $page) {
                $this->inItsParts($page, $placed[$i] ?? $placed[\count($pages) - 1], "$about, page $i");
            }
            ++$drawn;
        }
        self::assertGreaterThan(60, $drawn);
    }
}
