<?php

/* Leaves that are cut: both sides of a leaf lose the same, what is drawn stays on what is left, strips and faces are level. */

declare(strict_types=1);

namespace Tests\Spread;

use AmpleMargin\Drawing\Grain;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Line;
use AmpleMargin\Drawing\Mark;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Step;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Drawing\Words;
use AmpleMargin\Plan\Side;
use AmpleMargin\Spread\Filling\Cells;
use AmpleMargin\Spread\Filling\Lines;
use AmpleMargin\Spread\Filling\PartingFile;
use AmpleMargin\Spread\Filling\Table;
use AmpleMargin\Spread\Page\Laid;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Part\Cuts;
use AmpleMargin\Spread\Part\FilledPart;
use AmpleMargin\Spread\Part\Parted;
use AmpleMargin\Spread\Part\Parting;
use AmpleMargin\Spread\Part\PartRefused;
use AmpleMargin\Spread\Part\Portion;
use AmpleMargin\Spread\Part\Run;
use AmpleMargin\Spread\Part\Size;
use PHPUnit\Framework\TestCase;
use Tests\Asking;

final class CutsTest extends TestCase
{
    /** What goes from the front of a leaf goes from its back, mirrored; nothing is drawn where there is no paper. */
    public function testWhatIsDrawnIsDrawnOnPaper(): void
    {
        $cut = 0;
        for ($seed = 1; $seed <= 400; ++$seed) {
            [$piece, $laid, $across] = self::random($seed);
            $starts = $laid->starts;
            if ([] === $laid->removed) {
                continue;
            }
            ++$cut;
            $drawings = $laid->drawings();
            foreach ($laid->removed as $page => $regions) {
                // An even page is a left one where the spread starts left.
                $isFront = (Side::Left === $starts) === (1 === $page % 2);
                $other = $laid->removed[$isFront ? $page + 1 : $page - 1] ?? null;
                self::assertEquals(
                    $regions,
                    array_map(static fn (Region $one): Region => new Region($across - $one->x - $one->wide, $one->y, $one->wide, $one->tall), $other ?? []),
                    "seed $seed, page $page: both sides of the leaf",
                );
                foreach ($drawings[$page]->marks as $mark) {
                    foreach ($regions as $region) {
                        self::assertFalse(self::isIn($mark, $region), "seed $seed, page $page, {$piece->cut?->word()}: a mark where no paper is");
                    }
                }
                $tasks = array_map(static fn (Step $step): Task => $step->task, $drawings[$page]->steps);
                self::assertSame($isFront, \in_array(Task::Cut, $tasks, true), "seed $seed: the knife is taken on the front");
            }
        }
        self::assertGreaterThan(250, $cut);
    }

    /** 2 + 2d pages from a left page for doors; a window with what is before and behind it; two pages a tab. */
    public function testHowManyPagesThereAreAndWhereTheyStart(): void
    {
        foreach (range(1, 12) as $leaves) {
            $laid = self::laid('doors', ['leaves' => $leaves], 3);
            self::assertSame([2 + 2 * $leaves, Side::Left, 2 * $leaves], [$laid->pages, $laid->starts, \count($laid->removed)]);
        }
        foreach ([2 => [2, Side::Right], 3 => [3, Side::Right], 4 => [4, Side::Left]] as $partings => $expected) {
            foreach (['window', 'short-leaf'] as $word) {
                $laid = self::laid($word, [], $partings);
                self::assertSame([...$expected, 2], [$laid->pages, $laid->starts, \count($laid->removed)], $word);
            }
        }
        $laid = self::laid('tabs', ['tab_names' => ['a', 'b', 'c', 'd', 'e']], 2);
        self::assertSame([10, Side::Right], [$laid->pages, $laid->starts]);
    }

    /** Six months need three leaves, and each face its month; twelve need six; quarters two. */
    public function testFacesCarryTheMonthsInOrder(): void
    {
        foreach ([['month', '2027-06', 3], ['month', '2027-12', 6], ['month', '2027-05', 3], ['quarter', '2027-12', 2], ['half', '2027-12', 1]] as [$for, $end, $leaves]) {
            $piece = Run::of([FilledPart::of(new Lines()), FilledPart::of(new Cells())->with(['of' => 'months'])], Cuts::named('doors')?->set(['face_for' => $for]));
            $laid = (new Parted($piece))->layOut(Asking::of(new Parted($piece), end: $end));
            self::assertSame(2 + 2 * $leaves, $laid->pages, "$for to $end");
            $names = [];
            foreach ($laid->drawings() as $page) {
                foreach ($page->marks as $mark) {
                    if ($mark instanceof Words && 1 === preg_match('/^[A-Z][a-z]+/', $mark->text, $found)) {
                        $names[] = $found[0];
                    }
                }
            }
            $months = array_map(static fn (int $month): string => date('F', (int) mktime(0, 0, 0, $month, 1)), range(1, (int) substr($end, 5)));
            self::assertSame($months, $names, "$for to $end");
        }
    }

    /** The rows of the strip, of both outer pages and of every face stand at the same heights. */
    public function testStripAndFacesAreLevel(): void
    {
        mt_srand(5);
        for ($nth = 0; $nth < 60; ++$nth) {
            $items = array_map(static fn (int $i): string => "Item $i", range(1, mt_rand(1, 14)));
            $settings = ['items' => $items, 'line' => ['1', '1.5', '2', '3'][mt_rand(0, 3)], 'sum' => 0 === mt_rand(0, 1), 'leaves' => mt_rand(1, 4)];
            $kind = Asking::kind('items-by-month');
            $pages = $kind->form->layOut(Asking::of($kind, $settings, mt_rand(17, 34), mt_rand(24, 52)))->drawings();
            $heights = array_map(self::rows(...), $pages);
            self::assertGreaterThan(2, \count($heights[0]));
            foreach ($heights as $page => $rows) {
                // Under the first leaf notes are ruled too, or not: the strip's lines are among them.
                self::assertSame($heights[1], array_values(array_intersect($rows, $heights[1])), "page $page");
            }
        }
    }

    public function testTabsStandBelowOneAnotherAndNoneIsCutAway(): void
    {
        foreach ([1, 2, 5, 7, 12, 24] as $count) {
            $names = array_map(static fn (int $i): string => "T$i", range(1, $count));
            $laid = self::laid('tabs', ['tab_names' => $names, 'tab_wide' => 2], 1);
            self::assertSame(2 * $count, $laid->pages);
            $each = intdiv(38, $count);
            for ($i = 0; $i < $count; ++$i) {
                $left = array_fill(0, 38, true);
                foreach ($laid->removed[2 * $i] ?? [] as $region) {
                    for ($y = $region->y; $y < $region->y + $region->tall; ++$y) {
                        $left[$y] = false;
                    }
                }
                self::assertSame(range($i * $each, ($i + 1) * $each - 1), array_keys(array_filter(1 === $count ? \array_slice($left, 0, 38) : $left)), "$count tabs, tab $i");
            }
        }
    }

    public function testWhatCannotBeCutIsSaidInWords(): void
    {
        foreach ([
            'Make the strip 22 boxes at most' => ['doors', ['door_strip' => 24]],
            'it can have 24' => ['window', ['window_wide' => 25]],
            'it can have 36' => ['window', ['window_tall' => 37]],
            'Leave it 3 at least' => ['short-leaf', ['short_by' => 24]],
            'tabs do not fit down' => ['tabs', ['tab_names' => array_fill(0, 24, 'x')], 10],
            'hard to cut' => ['tabs', ['tab_names' => array_map(strval(...), range(1, 22))]],
            '30 tabs are named' => ['tabs', ['tab_names' => array_map(strval(...), range(1, 30))]],
        ] as $says => $case) {
            $laid = self::laid($case[0], $case[1], 2, $case[2] ?? 38);
            self::assertStringContainsString($says, implode(' ', array_map(static fn ($one): string => $one->says, array_merge(...$laid->findings))));
        }
    }

    public function testACutIsWrittenAndReadBack(): void
    {
        foreach (Cuts::all() as $word => $cut) {
            $run = Run::of(
                array_fill(0, $cut->least(), FilledPart::of(new Lines(), 'Notes')),
                $cut->set([$cut->all()[0]->name => Asking::value($cut->all()[0])])->open($cut->all()[0]->name),
            );
            self::assertEquals($run, PartingFile::read(json_decode((string) json_encode(PartingFile::written($run)))), $word);
        }
        foreach ([['cut' => 'guillotine', 'pages' => [['fill' => 'lines']]], ['cut' => 'doors', 'pages' => [['fill' => 'lines']]], ['cut' => 'tabs', 'pages' => []]] as $wrong) {
            try {
                PartingFile::read($wrong);
                self::fail('Read '.json_encode($wrong));
            } catch (PartRefused $refused) {
                self::assertNotSame('', $refused->getMessage());
            }
        }
    }

    /** @return array{Run, Laid, int} */
    private static function random(int $seed): array
    {
        mt_srand($seed);
        $words = array_keys(Cuts::all());
        $cut = Cuts::named($words[$seed % \count($words)]) ?? throw new \LogicException();
        $settings = [];
        foreach ($cut->all() as $field) {
            if (mt_rand(0, 2) > 0) {
                $settings[$field->name] = \in_array($field->name, ['tab_names', 'face_for', 'strip_at'], true) ? Asking::value($field) : mt_rand(1, 14);
            }
        }
        $fill = static fn (): Portion => [
            FilledPart::of(new Lines(), 'A part'),
            FilledPart::of(new Table())->with(['rows_of' => 'days', 'columns_of' => 'months']),
            Parting::down([Size::needed(), FilledPart::of(new \AmpleMargin\Spread\Filling\Title())], [Size::share(), FilledPart::of(new Lines())]),
            FilledPart::of(new Cells())->with(['of' => 'months']),
        ][mt_rand(0, 3)];
        $partings = array_map($fill, range(1, mt_rand($cut->least(), \count($cut->roles()))));
        $run = Run::of($partings, $cut->set($settings));
        $across = mt_rand(12, 40);

        return [$run, (new Parted($run))->layOut(Asking::of(new Parted($run), [], $across, mt_rand(16, 60))), $across];
    }

    /** @param array<string, mixed> $settings */
    private static function laid(string $word, array $settings, int $partings, int $down = 38): Laid
    {
        $cut = Cuts::named($word)?->set($settings) ?? throw new \LogicException($word);
        $run = Run::of(array_fill(0, $partings, FilledPart::of(new Lines(), 'Notes')), $cut);

        return (new Parted($run))->layOut(Asking::of(new Parted($run), down: $down));
    }

    /** Whether a mark goes into a region; ticks along the edges of the page, made before the cut, may. */
    private static function isIn(Mark $mark, Region $region): bool
    {
        if ($mark instanceof Line && Layer::Pencil === $mark->layer) {
            return false;
        }
        [$x, $right] = [min($mark->x, $mark->x + $mark->wide), max($mark->x, $mark->x + $mark->wide)];
        [$y, $foot] = [min($mark->y, $mark->y + $mark->tall), max($mark->y, $mark->y + $mark->tall)];

        return $x < Grain::of($region->x + $region->wide) && $right > Grain::of($region->x)
            && $y < Grain::of($region->y + $region->tall) && $foot > Grain::of($region->y);
    }

    /** @return list<int> heights of the lines across, each once, of ink */
    private static function rows(PageDrawing $page): array
    {
        $rows = [];
        foreach ($page->marks as $mark) {
            if ($mark instanceof Line && Layer::Ink === $mark->layer && 0 === $mark->tall && $mark->wide > 0 && 'rows' === $mark->note) {
                $rows[$mark->y] = true;
            }
        }
        $rows = array_keys($rows);
        sort($rows);

        return $rows;
    }
}
