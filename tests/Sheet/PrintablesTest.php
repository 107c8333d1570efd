<?php

/* Each thing that can be printed: its size in mm and its counts, reckoned by hand or known from elsewhere. */

declare(strict_types=1);

namespace Tests\Sheet;

use AmpleMargin\Book\Book;
use AmpleMargin\Book\Composer;
use AmpleMargin\Book\Printing\Chosen;
use AmpleMargin\Book\Printing\Context;
use AmpleMargin\Book\Printing\PagesAsked;
use AmpleMargin\Book\Printing\Printables;
use AmpleMargin\Key\StarterKeys;
use AmpleMargin\Paper\PaperSize;
use AmpleMargin\Paper\Stock;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Sheet\Piece\Piece;
use AmpleMargin\Sheet\PrintRoom;
use AmpleMargin\Sheet\SheetArea;
use AmpleMargin\Sheet\SheetLine;
use AmpleMargin\Sheet\SheetWords;
use AmpleMargin\Sheet\Tone;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Books;
use Tests\Reference\Luxon;

final class PrintablesTest extends TestCase
{
    /** @return array<string, array{string, float}> */
    public static function days(): array
    {
        return [
            'a box a day' => ['months:1', 5.0],
            'one and a half' => ['months:1½', 7.5],
            'the same with a point' => ['months:1.5', 7.5],
            'two' => ['months:2', 10.0],
        ];
    }

    /** Every number of a printed year stands under its weekday: days and weekdays from luxon. */
    #[DataProvider('days')]
    public function testEveryDayOfAPrintedMonthStandsUnderItsWeekday(string $asked, float $day): void
    {
        $pieces = $this->pieces($asked);
        self::assertCount(12, $pieces);
        foreach ($pieces as $i => $piece) {
            $said = Luxon::months()[\sprintf('2027-%02d', $i + 1)];
            // Seven days and eight rows, up to whole boxes of 5 mm.
            $size = [5_000 * (int) ceil(7 * $day / 5), 5_000 * (int) ceil(8 * $day / 5)];
            self::assertSame($size, [$piece->wide, $piece->tall], $piece->name);
            $numbers = [];
            foreach (self::words($piece) as $words) {
                if (1 === preg_match('/^\d{1,2}$/', $words->text)) {
                    $numbers[(int) $words->text] = [
                        (int) floor(($words->x + $words->wide / 2) / 1000 / $day),
                        (int) floor(($words->y + $words->tall / 2) / 1000 / $day) - 2,
                    ];
                }
            }
            self::assertCount($said['days'], $numbers, $piece->name);
            foreach ($numbers as $nth => $at) {
                $place = $said['weekday'] - 1 + $nth - 1;
                self::assertSame([$place % 7, intdiv($place, 7)], $at, "$piece->name, $nth");
            }
        }
    }

    /** @return array<string, array{string, int, int}> what, mm wide and tall of the piece it is cut from */
    public static function nets(): array
    {
        return [
            // Two boxes of flap on both sides; back, front and two boxes to close it.
            'an envelope of 50 × 40 mm' => ['glued:envelope 10x8', 70, 90],
            // Two boxes of flap on both sides and below.
            'a pocket of 60 × 45 mm' => ['glued:pocket 12x9', 80, 55],
            'a leaf folded out below' => ['glued:flip-out 10x14 foot', 50, 80],
            'a leaf folded out beside' => ['glued:flip-out 10×14 outer', 60, 70],
        ];
    }

    #[DataProvider('nets')]
    public function testWhatIsGluedInIsCutFromAPieceOfItsSizeAndFlaps(string $asked, int $wide, int $tall): void
    {
        [$piece] = $this->pieces($asked);
        self::assertSame([1_000 * $wide, 1_000 * $tall], [$piece->wide, $piece->tall]);
        $reach = [0, 0];
        $ends = [];
        foreach (self::lines($piece, Tone::Cut) as $line) {
            $reach = [max($reach[0], $line->x, $line->toX), max($reach[1], $line->y, $line->toY)];
            $ends[] = "$line->x $line->y";
            $ends[] = "$line->toX $line->toY";
        }
        self::assertSame([$piece->wide, $piece->tall], $reach, 'the outline reaches its edges');
        self::assertSame([2], array_values(array_unique(array_count_values($ends))), 'and is closed: two lines meet at every corner');
        self::assertNotSame([], self::lines($piece, Tone::Fold));
    }

    /**
     * Two leaves of doors in the sample, each with a strip of seven boxes at its outer edge: the knife goes 9 mm of margin and 19 boxes
     * from
     * the binding, from the upper edge of the paper to the lower one.
     */
    public function testACuttingGuideHasItsLineWhereTheDoorIsCut(): void
    {
        $pieces = $this->pieces('cuts');
        self::assertCount(2, $pieces);
        foreach ($pieces as $piece) {
            self::assertSame([148_000, 210_000], [$piece->wide, $piece->tall]);
            $cuts = self::lines($piece, Tone::Cut);
            self::assertCount(1, $cuts);
            $at = 9_000 + 19 * 5_000;
            self::assertSame([$at, 0, $at, 210_000], [$cuts[0]->x, $cuts[0]->y, $cuts[0]->toX, $cuts[0]->toY]);
            foreach (self::lines($piece, Tone::Ruler) as $hatch) {
                self::assertGreaterThanOrEqual(104_000, min($hatch->x, $hatch->toX), 'only what goes is hatched');
            }
            $words = self::words($piece)[0];
            self::assertLessThanOrEqual(104_000, $words->x + $words->wide, 'and nothing is written on it');
        }
    }

    public function testATracingGuideHasInkWithoutPencilAndDots(): void
    {
        [$guide] = $this->pieces('guides:8');
        [$trace] = $this->pieces('trace:8');
        [$mirrored] = $this->pieces('trace-mirrored:8');
        self::assertNotSame([], $guide->front->grids);
        self::assertSame([], $trace->front->grids);
        self::assertSame([], self::lines($trace, Tone::Pencil));
        $ink = array_map(static fn (SheetLine $one): array => [$one->x, $one->y, $one->toX, $one->toY], self::lines($trace, Tone::Ink));
        self::assertGreaterThan(20, \count($ink));
        self::assertSame(
            array_map(static fn (array $one): array => [148_000 - $one[0], $one[1], 148_000 - $one[2], $one[3]], $ink),
            array_map(static fn (SheetLine $one): array => [$one->x, $one->y, $one->toX, $one->toY], self::lines($mirrored, Tone::Ink)),
        );
        self::assertTrue(self::words($mirrored)[0]->mirrored);
        self::assertFalse(self::words($trace)[0]->mirrored);
    }

    /** An opening is both pages side by side, the fold in the middle; asked for by either of them it is one. */
    public function testAnOpeningIsBothPagesWithTheFoldBetween(): void
    {
        $pieces = $this->pieces('openings:8-9, 17', PaperSize::A3);
        self::assertCount(2, $pieces);
        self::assertSame([296_000, 210_000], [$pieces[0]->wide, $pieces[0]->tall]);
        $fold = self::lines($pieces[0], Tone::Fold)[0];
        self::assertSame([148_000, 0, 148_000, 210_000], [$fold->x, $fold->y, $fold->toX, $fold->toY]);
        self::assertStringStartsWith('Pages 8 and 9: Future log', $pieces[0]->name);
        self::assertStringStartsWith('Pages 16 and 17', $pieces[1]->name);
        $sides = array_map(static fn (SheetLine $one): bool => $one->x < 148_000, self::lines($pieces[0], Tone::Ink));
        self::assertEqualsCanonicalizing([true, false], array_unique($sides), 'both have something drawn');
    }

    /** "2027" in figures of 3 × 5: 10 + 12 + 10 + 7 boxes filled at scale 1, from the set of figures drawn by hand. */
    public function testBlockFiguresAreFilledBoxes(): void
    {
        [$piece] = $this->pieces('letters:2027');
        $areas = array_values(array_filter($piece->front->marks, static fn (object $mark): bool => $mark instanceof SheetArea));
        $filled = array_sum(array_map(static fn (SheetArea $one): int => intdiv($one->wide, 5_000) * intdiv($one->tall, 5_000), $areas));
        // 15 boxes across, so that 26 hold them once.
        self::assertSame([15 * 5_000, 5 * 5_000], [$piece->wide, $piece->tall]);
        $figures = ['110 001 011 100 111', '111 101 101 101 111', '110 001 011 100 111', '111 001 010 010 010'];
        self::assertSame(array_sum(array_map(self::boxes(...), $figures)), $filled);
    }

    public function testEveryTitleAndMonthHasAStripOfWholeBoxes(): void
    {
        $book = $this->book();
        foreach (['titles' => \count($book->plan->spreads), 'names' => 12] as $asked => $count) {
            $pieces = $this->pieces($asked);
            self::assertCount($count, $pieces);
            foreach ($pieces as $piece) {
                self::assertSame([0, 0], [$piece->wide % 5_000, $piece->tall % 5_000], $piece->name);
                self::assertLessThanOrEqual(130_000, $piece->wide, 'no wider than the page');
                self::assertTrue($piece->sticks);
            }
        }
    }

    /** Swatches that have names: a label for each, as wide as its frame's place, a box tall. */
    public function testEverySwatchHasALabel(): void
    {
        $book = Composer::compose(Books::edited(Books::sample(), [[
            'type' => 'add-spread',
            'kind' => 'named-swatches',
            'settings' => ['frame_names' => ['Harbour blue', 'Rust', 'Chalk']],
        ]]));
        $pieces = Printables::pieces(new Context($book, new PrintRoom(PaperSize::A4)), 'labels');
        $said = array_map(static fn (Piece $one): string => self::words($one)[0]->text, $pieces);
        self::assertSame(['Harbour blue', 'Rust', 'Chalk'], $said);
        foreach ($pieces as $piece) {
            self::assertSame(5_000, $piece->tall);
        }
    }

    public function testPagesAreAskedForByNumberMonthSectionAndSpread(): void
    {
        $book = $this->book();
        self::assertSame([8, 9], PagesAsked::of($book, 'future-log'));
        self::assertSame([8, 9], PagesAsked::of($book, ' 8 - 9 '));
        self::assertSame($book->spreadPages(), PagesAsked::of($book, ''));
        $march = PagesAsked::of($book, '2027-03');
        $months = array_map(static fn (int $page): ?string => $book->slot($page)->month?->iso(), $march);
        self::assertSame(['2027-03'], array_values(array_unique($months)));
        self::assertContains(8, PagesAsked::of($book, 'year'));
        self::assertNotContains(8, PagesAsked::of($book, 'trackers'));
        foreach ([
            'none such' => 'neither a page',
            '2031-01' => 'Nothing is drawn',
            '0' => 'not in the book',
            '7-' => 'not a page',
        ] as $said => $why) {
            try {
                PagesAsked::of($book, (string) $said);
                self::fail("$said was taken.");
            } catch (PlanProblem $problem) {
                self::assertStringContainsString($why, $problem->getMessage());
            }
        }
    }

    /** On other papers and pitches everything that can be printed lies within its own edges, front and back. */
    /** What is listed to choose from is understood, each once, and named as a person names it. */
    public function testEveryChoiceIsUnderstood(): void
    {
        $book = $this->book();
        $context = new Context($book, new PrintRoom(PaperSize::A4));
        $chosen = array_filter(Printables::all(), static fn (object $one): bool => $one instanceof Chosen);
        self::assertCount(6, $chosen);
        foreach ($chosen as $word => $one) {
            $choices = $one::choices($book);
            $said = array_column($choices, 'say');
            self::assertSame($said, array_values(array_unique($said)), $word);
            foreach ($choices as ['say' => $say, 'name' => $name]) {
                $asked = '' === $say ? $word : "$word:$say";
                self::assertNotSame([], Printables::pieces($context, $asked), $asked);
                self::assertSame($one::name().('' === $say ? '' : ": $name"), Printables::says($asked, $book));
            }
        }
        self::assertSame('front', $chosen['guides'] instanceof Chosen ? $chosen['guides']::choices($book)[0]['say'] : '');
    }

    /** Ten boxes of its paper across and as tall as the page; every mark of the book's key on it, front and back. */
    public function testABookmarkHasTheKeyAndTheSizeOfItsPage(): void
    {
        foreach ([Books::a5(), new Stock(105_000, 148_000, 3_700, 26, 38, 120)] as $stock) {
            [$piece] = $this->printed($stock);
            self::assertSame([10 * $stock->pitch, $stock->down * $stock->pitch], [$piece->wide, $piece->tall]);
            $words = [];
            foreach ([$piece->front, $piece->back] as $face) {
                foreach ($face->marks ?? [] as $mark) {
                    $words[] = $mark instanceof SheetWords ? $mark->text : '';
                }
            }
            self::assertSame([], array_diff(array_column(StarterKeys::set('upright')->marks(), 'name'), $words));
        }
    }

    /** @return non-empty-list<Piece> */
    private function printed(Stock $stock): array
    {
        $pieces = Printables::pieces(new Context(Composer::compose(Books::starter($stock)), new PrintRoom(PaperSize::A3)), 'bookmark');

        return [] === $pieces ? self::fail('There is no bookmark.') : $pieces;
    }

    public function testNothingOfAPieceLiesBeyondItsEdges(): void
    {
        $asks = [
            'guides:front', 'openings:front', 'trace:front', 'trace-mirrored:front', 'card', 'pocket', 'bookmark', 'months:1', 'names', 'titles',
            'letters:Harbour', 'dummy:third',
        ];
        foreach ([
            new Stock(105_000, 148_000, 5_000, 17, 26, 120),
            new Stock(176_000, 250_000, 5_000, 31, 46, 160),
            new Stock(148_000, 210_000, 3_700, 36, 52, 192),
        ] as $stock) {
            $context = new Context(Composer::compose(Books::starter($stock)), new PrintRoom(PaperSize::A3));
            foreach ($asks as $asked) {
                foreach (Printables::pieces($context, $asked) as $piece) {
                    foreach ([$piece->front, $piece->back] as $face) {
                        foreach ($face->marks ?? [] as $mark) {
                            [$x, $y, $toX, $toY] = self::reach($mark);
                            // Numbers beside a ruler are centred on their tick, and stand free.
                            $free = $mark instanceof SheetWords && Tone::Ruler === $mark->tone ? 3_000 : 1;
                            self::assertTrue(
                                $x >= -$free && $y >= -$free && $toX <= $piece->wide + $free && $toY <= $piece->tall + $free,
                                "$asked, $piece->name ({$stock->across} × {$stock->down}): ".json_encode($mark),
                            );
                        }
                    }
                }
            }
        }
    }

    /** @return array{int, int, int, int} */
    private static function reach(SheetLine|SheetArea|SheetWords $mark): array
    {
        return $mark instanceof SheetLine ? [
            min($mark->x, $mark->toX),
            min($mark->y, $mark->toY),
            max($mark->x, $mark->toX),
            max($mark->y, $mark->toY),
        ] : [$mark->x, $mark->y, $mark->x + $mark->wide, $mark->y + $mark->tall];
    }

    private static function boxes(string $rows): int
    {
        return substr_count($rows, '1');
    }

    /** @return list<SheetWords> */
    private static function words(Piece $piece): array
    {
        return array_values(array_filter($piece->front->marks, static fn (object $mark): bool => $mark instanceof SheetWords));
    }

    /** @return list<SheetLine> */
    private static function lines(Piece $piece, Tone $tone): array
    {
        $lines = [];
        foreach ($piece->front->marks as $mark) {
            if ($mark instanceof SheetLine && $tone === $mark->tone) {
                $lines[] = $mark;
            }
        }

        return $lines;
    }

    private function book(): Book
    {
        return Composer::compose(Books::sample());
    }

    /** @return list<Piece> */
    private function pieces(string $asked, PaperSize $paper = PaperSize::A4): array
    {
        return Printables::pieces(new Context($this->book(), new PrintRoom($paper)), $asked);
    }
}
