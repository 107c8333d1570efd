<?php

declare(strict_types=1);

namespace Tests\Spread;

use AmpleMargin\Drawing\Band;
use AmpleMargin\Drawing\Grain;
use AmpleMargin\Drawing\Line;
use AmpleMargin\Drawing\Mark;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Words;
use AmpleMargin\Key\KeyReader;
use AmpleMargin\Key\StarterKeys;
use AmpleMargin\Key\Stroke;
use PHPUnit\Framework\TestCase;
use Tests\Asking;
use Tests\Books;

final class KeyPageTest extends TestCase
{
    /** Every mark on its page is the set's own, drawn four fifths of a box large in the middle of its box, beside its name. */
    public function testEveryMarkStandsInItsBoxBesideItsName(): void
    {
        foreach (array_keys(StarterKeys::all()) as $id) {
            foreach ([['row' => '2'], ['row' => '1'], ['row' => '1.5', 'key_columns' => 2], []] as $settings) {
                [$page] = $this->draw(['set' => $id] + $settings, 26, 38);
                $strokes = [];
                $names = [];
                foreach ($page->marks as $mark) {
                    if ($mark instanceof Line && 'rows' === $mark->note && 0 !== $mark->step && $mark->y > 0 && self::isStroke($mark)) {
                        $strokes[intdiv($mark->x, Grain::PER_BOX).'/'.self::row($mark)][] = $mark;
                    }
                    if ($mark instanceof Words && 'rows' === $mark->note) {
                        $names[(intdiv($mark->x, Grain::PER_BOX) - 2).'/'.$mark->y] = $mark->text;
                    }
                }
                $marks = StarterKeys::set($id)->marks();
                self::assertSame(
                    array_map(static fn ($mark): string => $mark->name, $marks),
                    array_values($names),
                    "$id ".json_encode($settings),
                );
                $all = array_sum(array_map(static fn ($mark): int => \count($mark->strokes), $marks));
                self::assertSame($all, array_sum(array_map(\count(...), $strokes)), 'every stroke is drawn');
            }
        }
    }

    /** What a state shows begins with all that its symbol shows: it can be reached in ink. */
    public function testAStateIsItsSymbolWithStrokesAdded(): void
    {
        foreach (array_keys(StarterKeys::all()) as $id) {
            foreach (StarterKeys::set($id)->symbols as $symbol) {
                foreach (array_keys($symbol->states) as $state) {
                    $reached = array_map(static fn (Stroke $stroke): string => $stroke->key(), $symbol->reached($state) ?? []);
                    $first = array_map(static fn (Stroke $stroke): string => $stroke->key(), $symbol->strokes);
                    self::assertSame([], array_diff($first, $reached), "$id: $symbol->name");
                    self::assertGreaterThan(\count($first), \count($reached));
                }
            }
        }
    }

    /** Of the roomiest rows that leave four to add, in one column or two; where nothing does, over as many pages as it takes. */
    public function testThePageLaysItselfOutAndLeavesRoomToAdd(): void
    {
        foreach ([
            [26, 38, 1, '2'],
            [26, 30, 1, '2'],
            [26, 19, 1, '2'],
            [17, 24, 1, '1½'],
            [17, 19, 1, '1'],
        ] as [$across, $down, $count, $row]) {
            $pages = $this->draw(['set' => 'upright'], $across, $down);
            self::assertCount($count, $pages, "$across × $down");
            $step = array_values(array_filter(
                $pages[0]->steps,
                static fn ($step): bool => str_starts_with($step->text, 'Draw the symbols'),
            ))[0];
            self::assertStringContainsString('1' === $row ? 'one every box' : "one every $row boxes", $step->text, "$across × $down");
            self::assertGreaterThanOrEqual(4, array_sum(array_column($pages[0]->rooms, 'lines')), "$across × $down: rows to add");
        }
        $symbols = array_map(
            static fn (int $i): array => [
                'name' => "kind $i",
                'strokes' => [[0, $i % 5, 4, 4 - $i % 3], [$i % 4, 0, 4, 4]],
                'states' => [['name' => 'done', 'add' => [[0, 4, 4, 0]]]],
            ],
            range(0, 11),
        );
        self::assertCount(3, $this->draw(['symbols' => $symbols, 'row' => '2', 'key_columns' => 1], 12, 20), '24 marks on 9 rows a page');
    }

    public function testColoursStandAtTheFootWithWhatTheyMean(): void
    {
        [$page] = $this->draw(['colours' => true], 26, 38);
        $bands = array_values(array_filter($page->marks, static fn ($mark): bool => $mark instanceof Band));
        self::assertSame(['#1f5fa8', '#c8553d', '#e6b93d', '#7a3b69', '#58a08c'], array_column($bands, 'colour'));
        self::assertSame([36, 36, 36, 37, 37], array_map(static fn (Band $band): int => intdiv($band->y, Grain::PER_BOX), $bands));
        $words = array_map(static fn ($mark): string => $mark instanceof Words ? $mark->text : '', $page->marks);
        self::assertSame(
            ['Work', 'Dates', 'Home', 'People', 'Health'],
            \array_slice(array_values(array_filter($words, static fn (string $text): bool => '' !== $text)), -5),
        );
    }

    public function testAnAmbiguousKeyFromAFileIsDrawnAndSaidToBeAmbiguous(): void
    {
        $symbols = [
            ['name' => 'one', 'strokes' => [[0, 0, 0, 4]], 'states' => []],
            ['name' => 'two', 'strokes' => [[4, 0, 4, 4]], 'states' => []],
        ];
        self::assertSame($symbols, KeyReader::written(KeyReader::setting($symbols) ?? self::fail()));
        [$page] = $this->draw(['symbols' => $symbols], 26, 38);
        self::assertStringContainsString('look alike', $page->findings[0]->says);
        self::assertTrue($page->findings[0]->broken);
        self::assertNull(KeyReader::setting([['name' => 'one', 'strokes' => [[9, 9, 9, 9]]]]), 'what cannot be read counts as not given');
    }

    private static function isStroke(Line $line): bool
    {
        return 0 === $line->wide % 168 && 0 === $line->tall % 168;
    }

    private static function row(Line $line): int
    {
        return intdiv(min($line->y, $line->y + $line->tall), Grain::PER_BOX);
    }

    /** A key whose page is parted otherwise is still the book's key. */
    public function testAPartedKeyIsStillTheKeyOfTheBook(): void
    {
        $symbols = [['name' => 'Rehearse', 'strokes' => [[0, 0, 4, 4]], 'states' => []]];
        $plan = Books::edited(Books::starter(), [
            ['type' => 'set-key', 'spread' => 'key', 'symbols' => $symbols],
            ['type' => 'add-spread', 'kind' => 'page-of-parts', 'settings' => ['parts' => ['fill' => 'key-marks']]],
        ]);
        $parted = Books::edited($plan, [
            ['type' => 'part-page', 'spread' => 'key', 'at' => '1', 'do' => 'divide', 'way' => 'down', 'parts' => 2, 'gap' => null],
        ]);
        self::assertSame('page-of-parts', $parted->spread('key')?->kind);
        foreach ([$plan, $parted, Books::files()->stored(Books::files()->write($parted))] as $one) {
            $words = array_map(
                static fn (Mark $mark): string => $mark instanceof Words ? $mark->text : '',
                Books::pagesOf($one, 'page-of-parts')[0]->marks,
            );
            self::assertContains('Rehearse', $words);
        }
    }

    /**
     * @param array<string, mixed> $settings
     *
     * @return list<PageDrawing>
     */
    private function draw(array $settings, int $across, int $down): array
    {
        return Asking::kind('key')->form->layOut(Asking::of(Asking::kind('key'), $settings, $across, $down))->drawings();
    }
}
