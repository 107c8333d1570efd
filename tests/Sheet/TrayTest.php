<?php

/* The tray as it is printed: backs behind fronts, labels in their places, turned and mirrored words, SVG and PDF alike. */

declare(strict_types=1);

namespace Tests\Sheet;

use AmpleMargin\Book\Book;
use AmpleMargin\Book\Composer;
use AmpleMargin\Book\Making\Sittings;
use AmpleMargin\Book\Printing\BookTray;
use AmpleMargin\Book\Printing\Context;
use AmpleMargin\Book\Printing\Printables;
use AmpleMargin\Paper\PaperSize;
use AmpleMargin\Paper\Stock;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Sheet\Piece\Face;
use AmpleMargin\Sheet\Piece\Piece;
use AmpleMargin\Sheet\Piece\Placing;
use AmpleMargin\Sheet\PrintRoom;
use AmpleMargin\Sheet\Sheet;
use AmpleMargin\Sheet\SheetArea;
use AmpleMargin\Sheet\SheetLine;
use AmpleMargin\Sheet\SheetRefused;
use AmpleMargin\Sheet\SheetWords;
use AmpleMargin\Sheet\Tone;
use AmpleMargin\Sheet\Tray\Labels;
use AmpleMargin\Sheet\Tray\LaidPiece;
use AmpleMargin\Sheet\Tray\Tray;
use AmpleMargin\Sheet\Turn;
use App\Export\PdfWriter;
use App\Export\SvgWriter;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Books;

final class TrayTest extends TestCase
{
    /** A point of a card and the point behind it: seen from the front, the back's lies as far from the other edge. */
    public function testABackStandsBehindItsFrontUprightOrTurned(): void
    {
        $at = static fn (int $x, int $y): Face => new Face([new SheetLine(Tone::Ink, $x, $y, $x + 5, $y)]);
        $card = new Piece('Card', 'Cards', 100, 60, $at(10, 20), $at(100 - 15, 20));
        foreach ([false, true] as $turned) {
            $laid = new LaidPiece($card, 30, 40, $turned);
            [$front, $back] = [$laid->front()->marks[0], $laid->back(1_000)?->marks[0]];
            self::assertInstanceOf(SheetLine::class, $front);
            self::assertInstanceOf(SheetLine::class, $back);
            // 10 to 15 from the card's left edge in front is 85 to 90 from its left edge behind: the same place of the paper.
            self::assertEqualsCanonicalizing(
                [[$front->x, $front->y], [$front->toX, $front->toY]],
                [[1_000 - $back->x, $back->y], [1_000 - $back->toX, $back->toY]],
                $turned ? 'turned' : 'upright',
            );
        }
    }

    /** Turned four times, mirrored twice, or turned and turned back, everything is where and as it was. */
    public function testTurningAndMirroringComeRoundAgain(): void
    {
        $words = new SheetWords(Tone::Writing, 10, 20, 40, 8, 'May', 6);
        $marks = [$words, new SheetLine(Tone::Ink, 1, 2, 30, 2), new SheetArea(Tone::Band, 5, 6, 7, 9, true)];
        $turn = static fn (array $marks, int $wide, int $tall): array => Placing::turnedAt(0, 0, $wide, $tall)->marks($marks);
        $once = $turn($marks, 100, 60);
        self::assertEquals(new SheetWords(Tone::Writing, 20, 50, 8, 40, 'May', 6, turn: Turn::Upwards), $once[0]);
        self::assertEquals($marks, $turn($turn($turn($once, 60, 100), 100, 60), 60, 100));
        self::assertEquals($marks, Placing::turnedAt(0, 0, 60, 100, true)->marks($once));
        self::assertEquals(Placing::over(0, 0, 100, 60)->marks($marks), $turn($once, 60, 100));
        $mirrored = Placing::mirrored(100)->marks($marks);
        self::assertEquals(new SheetWords(Tone::Writing, 50, 20, 40, 8, 'May', 6, mirrored: true), $mirrored[0]);
        self::assertEquals($marks, Placing::mirrored(100)->marks($mirrored));
        // Mirrored and then turned is turned the other way and then mirrored.
        self::assertEquals(
            Placing::turnedAt(0, 0, 100, 60)->marks($mirrored),
            Placing::mirrored(60)->marks(Placing::turnedAt(0, 0, 100, 60, true)->marks($marks)),
        );
    }

    /** Words in all four directions, as poppler finds them on the paper: each within its place. */
    public function testWordsInEveryDirectionStandInTheirPlace(): void
    {
        $marks = [];
        foreach (Turn::cases() as $i => $turn) {
            [$wide, $tall] = $turn->isAlongTheSide() ? [8_000, 40_000] : [40_000, 8_000];
            $marks[] = new SheetWords(Tone::Writing, 20_000 + 45_000 * $i, 100_000, $wide, $tall, "Word$i", 6_000, turn: $turn);
        }
        $file = (string) tempnam(sys_get_temp_dir(), 'sheet');
        file_put_contents($file, (new PdfWriter())->write([new Sheet(PaperSize::A4, 'Words', $marks)], 'Words'));
        preg_match_all(
            '/<word xMin="([\d.]+)" yMin="([\d.]+)" xMax="([\d.]+)" yMax="([\d.]+)">Word(\d)</',
            (string) shell_exec('pdftotext -bbox '.escapeshellarg($file).' -'),
            $found,
            \PREG_SET_ORDER,
        );
        unlink($file);
        self::assertCount(4, $found);
        foreach ($found as [, $left, $top, $right, $foot, $i]) {
            $mm = array_map(static fn (string $points): float => (float) $points * 25.4 / 72, [$left, $top, $right, $foot]);
            $place = $marks[(int) $i];
            self::assertGreaterThanOrEqual($place->x / 1000 - 0.5, $mm[0], $place->text);
            self::assertGreaterThanOrEqual($place->y / 1000 - 0.5, $mm[1], $place->text);
            self::assertLessThanOrEqual(($place->x + $place->wide) / 1000 + 0.5, $mm[2], $place->text);
            self::assertLessThanOrEqual(($place->y + $place->tall) / 1000 + 0.5, $mm[3], $place->text);
        }
    }

    /** Every straight line of a mixed tray, read of the PDF by poppler and of the SVG by PHP's own XML reader: the same within 0.02 mm. */
    public function testSvgAndPdfHaveTheSameLinesAndWords(): void
    {
        $tray = $this->tray(['guides:7', 'card', 'months', 'trace-mirrored:8', 'cuts']);
        foreach ($tray->sides() as $side) {
            $pdf = array_map(self::key(...), SimulatedPrinter::lines((new PdfWriter())->write([$side], 'Sheet')));
            $svg = $this->svgLines((new SvgWriter())->write($side));
            self::assertNotEmpty($svg);
            foreach ($svg as $line) {
                self::assertTrue(
                    [] !== array_filter($pdf, static fn (array $one): bool => max(array_map(
                        static fn (float $a, float $b): float => abs($a - $b),
                        $one,
                        self::key($line),
                    )) <= 0.02),
                    "$side->title: ".implode(' ', $line),
                );
            }
            $lines = array_filter($side->marks, static fn (object $mark): bool => $mark instanceof SheetLine);
            self::assertCount(\count($lines), $svg, $side->title);
            // A reader takes mirrored words letter by letter.
            if ([] === array_filter($side->marks, static fn (object $mark): bool => $mark instanceof SheetWords && $mark->mirrored)) {
                $this->hasTheSameWords($side);
            }
        }
    }

    public function testTheLayersOfAnSvgHaveTheirNamesAndEveryWordIsThere(): void
    {
        $tray = $this->tray(['months']);
        $svg = (new SvgWriter())->write($tray->sides()[0]);
        $document = simplexml_load_string($svg) ?: self::fail('It is no XML.');
        $names = [];
        foreach ($document->g as $layer) {
            $names[] = (string) $layer['id'];
        }
        self::assertSame(['sheet', 'pencil', 'band', 'ink', 'writing', 'cut'], $names);
        $said = array_map(static fn (string $name): string => (string) $document[$name], ['width', 'height', 'viewBox']);
        self::assertSame(['210mm', '297mm', '0 0 210 297'], $said);
        foreach (['January 2027', 'December 2027', '31'] as $words) {
            self::assertStringContainsString("aria-label=\"$words\"", $svg);
        }
        self::assertStringNotContainsString('<text', $svg, 'words are outlines');
    }

    /** Labels of 38 × 42 mm, four across and six down with 2 mm between: the middle of every month is the middle of its label. */
    public function testEachMonthStandsInTheMiddleOfItsLabel(): void
    {
        $labels = Labels::said(PaperSize::A4, '38x42 4x6 gap 2');
        $pieces = Printables::pieces(new Context($this->book(), new PrintRoom(PaperSize::A4)), 'months');
        $tray = Tray::packed($pieces, new PrintRoom(PaperSize::A4), '', $labels);
        self::assertSame([1, 1, 0], [\count($tray->sheets), $tray->labels, $tray->bound]);
        $left = (210 - 4 * 38 - 3 * 2) / 2;
        $top = (297 - 6 * 42 - 5 * 2) / 2;
        $names = array_values(array_filter(
            $tray->sheets[0][0]->marks,
            static fn (object $mark): bool => $mark instanceof SheetWords && Tone::Writing === $mark->tone
                && str_ends_with($mark->text, ' 2027'),
        ));
        self::assertCount(12, $names);
        foreach ($names as $i => $name) {
            self::assertEqualsWithDelta($left + 40 * ($i % 4) + 19, ($name->x + $name->wide / 2) / 1000, 0.01, $name->text);
            // A month is 8 rows of 5 mm, its name the first of them.
            self::assertEqualsWithDelta($top + 44 * intdiv($i, 4) + 21 - 17.5, ($name->y + $name->tall / 2) / 1000, 0.01, $name->text);
        }
    }

    public function testWhatIsLargerThanALabelLiesOnPlainPaperAndIsSaid(): void
    {
        $context = new Context($this->book(), new PrintRoom(PaperSize::A4));
        $tray = BookTray::of($context, ['months:2', 'names'], Labels::said(PaperSize::A4, '60x20 3x12'));
        $says = 'Mini months: a piece of 70 × 80 mm is larger than a label of 60 × 20 mm. It lies on plain paper.';
        self::assertSame([$says], $tray->says());
        self::assertGreaterThan(1, \count($tray->tray->sheets));
        self::assertSame(1, $tray->tray->labels);
    }

    /** @return array<string, array{string}> */
    public static function noLabels(): array
    {
        return [
            'too many of them' => ['38x42 6x6 gap 2'],
            'none' => ['38x42 0x6'],
            'words' => ['the usual ones'],
            'beyond the edge' => ['38x42 4x6 gap 2 left 60'],
            'nothing but a number' => ['38'],
        ];
    }

    #[DataProvider('noLabels')]
    public function testLabelsThatCannotBeAreRefusedInWords(string $said): void
    {
        $this->expectException(SheetRefused::class);
        $this->expectExceptionMessageMatches('/count them|Say a sheet of labels/');
        Labels::said(PaperSize::A4, $said);
    }

    public function testLabelsMayBeSaidWithCommasAndUnits(): void
    {
        $labels = Labels::said(PaperSize::A4, '63,5 × 38,1 mm, 3 × 7, gap 2,5, left 7, top 15');
        self::assertSame([63_500, 38_100, 21], [$labels->wide, $labels->tall, $labels->count()]);
        self::assertSame([[7_000, 15_000], [73_000, 15_000]], [$labels->at(0), $labels->at(1)]);
    }

    public function testWhatABookHasNothingOfIsSaidAndTheRestIsPrinted(): void
    {
        $tray = $this->tray(['labels', 'patches', 'card', 'guides:999', 'openings:7', 'no-such-thing']);
        self::assertSame(['card' => 1, 'openings:7' => 1], $tray->counts);
        $says = implode("\n", $tray->says());
        foreach ([
            'No spread of this book has frames',
            'No slip of this book',
            '999',
            'Pages 6 and 7',
            'on A4 there is room for 200 × 277 mm',
            'cannot be printed',
        ] as $words) {
            self::assertStringContainsString($words, $says);
        }
        self::assertNotSame([], $tray->sides());
        self::assertSame([], $this->tray(['openings:7'], PaperSize::A3)->says(), 'an opening fits A3');
    }

    public function testAListIsReadWithPagesBetweenCommas(): void
    {
        self::assertSame(['guides:7, 20-21', 'card', 'letters:2027'], Printables::read(' guides:7, 20-21,card , letters:2027,'));
        $this->expectException(PlanProblem::class);
        $this->expectExceptionMessage('cannot be printed: choose from guides, openings');
        Printables::read('guides:7, cards');
    }

    /** Every word of what can be printed, with everything a full book has: each has pieces, or says why not. */
    public function testEverythingThatCanBePrintedIsPrintedOrSaysWhyNot(): void
    {
        $plan = Books::edited(Books::sample(), [
            ['type' => 'add-spread', 'kind' => 'named-swatches'],
            ['type' => 'add-spread', 'kind' => 'photos'],
            ['type' => 'add-spread', 'kind' => 'pocket'],
            ['type' => 'add-spread', 'kind' => 'folded-out'],
        ]);
        $context = new Context(Composer::compose($plan), new PrintRoom(PaperSize::A3));
        $said = ['letters' => 'Harbour', 'dummy' => 'quarter 1-16'];
        foreach (array_keys(Printables::all()) as $word) {
            if ('patches' === $word) {
                continue;
            }
            $tray = BookTray::of($context, [isset($said[$word]) ? "$word:{$said[$word]}" : $word]);
            self::assertSame([], $tray->says(), $word);
            self::assertStringStartsWith('%PDF', (new PdfWriter())->write($tray->sides(), $word));
        }
    }

    /** An instant print of 54 × 86 mm is cut along a template of 54 × 86 mm, whatever whole boxes its frame has. */
    public function testAPhotoTemplateHasTheSizeOfThePhoto(): void
    {
        $book = Composer::compose(Books::edited(Books::sample(), [['type' => 'add-spread', 'kind' => 'photos']]));
        $pieces = Printables::pieces(new Context($book, new PrintRoom(PaperSize::A4)), 'frames');
        self::assertSame([[54_000, 86_000]], array_map(static fn (Piece $one): array => [$one->wide, $one->tall], $pieces));
    }

    /** On paper that its grid fills, a guide keeps its ticks: A5 on A5 has 130 × 190 mm, as much as the sheet has room for. */
    public function testAGuideOnPaperAsSmallAsThePage(): void
    {
        $room = new PrintRoom(PaperSize::A5);
        $book = Composer::compose(Books::starter(new Stock(148_000, 210_000, 5_000, 26, 38, 192)));
        $tray = BookTray::of(new Context($book, $room), ['guides:7']);
        self::assertSame([], $tray->says());
        $ticks = array_filter(
            $tray->sides()[0]->marks,
            static fn (object $mark): bool => $mark instanceof SheetLine && Tone::Ruler === $mark->tone && $mark->x === $mark->toX,
        );
        self::assertGreaterThanOrEqual(2 * 27, \count($ticks));
    }

    /** On small paper the evening takes several sheets: no step is parted by them, each stands there once with its box. */
    public function testTheStepsOfAnEveningAreNotPartedBySheets(): void
    {
        $book = $this->book();
        $pieces = Printables::pieces(new Context($book, new PrintRoom(PaperSize::A5)), 'evening');
        self::assertGreaterThanOrEqual(2, \count($pieces));
        $boxes = 0;
        foreach ($pieces as $piece) {
            $words = array_values(array_filter($piece->front->marks, static fn (object $mark): bool => $mark instanceof SheetWords));
            $ticks = array_filter($piece->front->marks, static fn (object $mark): bool => $mark instanceof SheetLine);
            $boxes += \count($ticks) / 4;
            self::assertSame(0, $words[0]->y);
            // What begins behind the place of a box has one.
            $atOnce = array_filter($ticks, static fn (SheetLine $line): bool => $line->y < 4_600);
            self::assertTrue(0 === $words[0]->x || [] !== $atOnce, $words[0]->text);
            self::assertStringNotContainsString('…', implode(' ', array_map(static fn (SheetWords $one): string => $one->text, $words)));
        }
        $sittings = Sittings::of($book);
        $evening = $sittings->next() ?? self::fail('The sample has no evening.');
        $steps = array_sum(array_map(
            static fn ($piece): int => $piece->to - $piece->from,
            $sittings->packed->pieces[$evening->key()],
        ));
        self::assertSame($steps, (int) $boxes);
    }

    /** @param list<string> $asked */
    private function tray(array $asked, PaperSize $paper = PaperSize::A4): BookTray
    {
        return BookTray::of(new Context($this->book(), new PrintRoom($paper)), $asked);
    }

    private function book(): Book
    {
        return Composer::compose(Books::sample());
    }

    /** Every word of the SVG, as its outlines say it, is found in the PDF by poppler, as often. */
    private function hasTheSameWords(Sheet $side): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'sheet');
        file_put_contents($file, (new PdfWriter())->write([$side], 'Sheet'));
        $pdf = preg_split('/\s+/', trim((string) shell_exec('pdftotext -raw '.escapeshellarg($file).' -'))) ?: [];
        unlink($file);
        preg_match_all('/aria-label="([^"]*)"/', (new SvgWriter())->write($side), $labels);
        $svg = preg_split('/\s+/', trim(html_entity_decode(implode(' ', $labels[1]), \ENT_QUOTES | \ENT_XML1))) ?: [];
        [$found, $said] = [array_count_values($pdf), array_count_values($svg)];
        foreach ($said as $word => $times) {
            self::assertSame($times, $found[$word] ?? 0, "$side->title: $word");
        }
        self::assertGreaterThan(10, \count($said));
    }

    /** @return list<array{float, float, float, float}> */
    private function svgLines(string $svg): array
    {
        $document = simplexml_load_string($svg) ?: self::fail('It is no XML.');
        $lines = [];
        foreach ($document->g as $layer) {
            foreach ($layer->path as $path) {
                if (1 === preg_match('/^M([-\d.]+) ([-\d.]+)L([-\d.]+) ([-\d.]+)$/D', (string) $path['d'], $found)) {
                    $lines[] = [(float) $found[1], (float) $found[2], (float) $found[3], (float) $found[4]];
                }
            }
        }

        return $lines;
    }

    /**
     * The same line whichever end it begins at.
     *
     * @param array{float, float, float, float} $line
     *
     * @return array{float, float, float, float}
     */
    private static function key(array $line): array
    {
        [$x, $y, $toX, $toY] = $line;

        return [round($x, 2), round($y, 2)] <= [round($toX, 2), round($toY, 2)] ? [$x, $y, $toX, $toY] : [$toX, $toY, $x, $y];
    }
}
