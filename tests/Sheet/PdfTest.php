<?php

declare(strict_types=1);

namespace Tests\Sheet;

use AmpleMargin\Book\Composer;
use AmpleMargin\Book\Slips\Asked;
use AmpleMargin\Book\Slips\Saving;
use AmpleMargin\Book\Slips\WhatNow;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Calendar\Weekday;
use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Grain;
use AmpleMargin\Drawing\Mark;
use AmpleMargin\Drawing\Words;
use AmpleMargin\Paper\PaperSize;
use AmpleMargin\Paper\Stock;
use AmpleMargin\Plan\Making\SlipKind;
use AmpleMargin\Sheet\Sheet;
use AmpleMargin\Sheet\SheetLine;
use AmpleMargin\Sheet\SheetRefused;
use AmpleMargin\Sheet\SheetWords;
use AmpleMargin\Sheet\Tone;
use App\Export\PdfWriter;
use PHPUnit\Framework\TestCase;
use Tests\Books;
use Tests\Printed;
use Tests\Reference\Luxon;

/** The PDFs as poppler (Debian) reads them: an eye that shares nothing with the writer. */
final class PdfTest extends TestCase
{
    private const MM = 25.4 / 72;

    public function testEveryTickStandsWhereItsBoxCountSays(): void
    {
        foreach ([[5_000, 26, 38], [3_700, 30, 45], [6_350, 20, 28]] as [$pitch, $across, $down]) {
            $book = Composer::compose(Books::starter(new Stock(148_000, 210_000, $pitch, $across, $down, 192)));
            $sheets = (new Printed($book, PaperSize::A4))->guides([9]);
            $read = $this->read($sheets);
            $left = (210_000 - $across * $pitch) / 2000;
            $ticks = $book->drawing(9)->steps ?? [];
            // The check line is found first: it tells that the page is at true size at all.
            self::assertTrue($this->has($read, 55, null, 155, null), 'a line of 100 mm');
            foreach ($ticks as $step) {
                foreach ('top' === $step->edge?->value ? $step->ticks : [] as $tick) {
                    $x = $left + (int) $tick * $pitch / 1000;
                    self::assertTrue(
                        $this->has($read, $x, null, $x, null),
                        "a vertical line at $x mm for tick $tick at a pitch of $pitch µm",
                    );
                }
            }
        }
    }

    public function testEveryLineOfTheSheetsIsInThePdfWithin5HundredthsOfAMillimetre(): void
    {
        $book = Composer::compose(Books::sample());
        foreach ([PaperSize::A4, PaperSize::Letter] as $paper) {
            $sheets = [...(new Printed($book, $paper))->guides([6, 7, 8, 17, 18]), ...(new Printed($book, $paper))->of('card')];
            foreach ($sheets as $sheet) {
                $read = $this->read([$sheet]);
                foreach ($sheet->marks as $mark) {
                    if ($mark instanceof SheetLine) {
                        self::assertTrue(
                            $this->has($read, $mark->x / 1000, $mark->y / 1000, $mark->toX / 1000, $mark->toY / 1000),
                            "$sheet->title: ".json_encode($mark),
                        );
                    }
                }
            }
        }
    }

    /** Every layout of the front of the book, as poppler reads it: a future log with half boxes, split days, bars, a key. */
    public function testDrawingsOfEveryLayoutAreInThePdfWithin5HundredthsOfAMillimetre(): void
    {
        foreach ([
            ['future-log', ['school' => 'months', 'line' => '1.5', 'months_per_page' => 3, 'columns' => 1, 'mini' => 'beside']],
            ['future-log', ['school' => 'door']],
            ['year-at-a-glance', ['way' => 'split', 'day' => '1.5']],
            ['year-at-a-glance', ['way' => 'matrix']],
            ['spacing-sheet', ['school' => 'corners']],
            ['spacing-sheet', ['school' => 'table']],
            ['key', ['set' => 'outlines', 'row' => '1.5']],
        ] as [$id, $settings]) {
            $book = Composer::compose(Books::edited(Books::sample(), [['type' => 'set-spread', 'spread' => $id, 'settings' => $settings]]));
            $sheets = (new Printed($book, PaperSize::A4))->guides([$book->pageOf($id) ?? self::fail($id)]);
            $read = $this->read($sheets);
            $lines = 0;
            foreach ($sheets[0]->marks as $mark) {
                if ($mark instanceof SheetLine && Tone::Ink === $mark->tone) {
                    self::assertTrue(
                        $this->has($read, $mark->x / 1000, $mark->y / 1000, $mark->toX / 1000, $mark->toY / 1000),
                        "$id ".json_encode($settings).': '.json_encode($mark),
                    );
                    ++$lines;
                }
            }
            self::assertGreaterThan(10, $lines, $id);
        }
    }

    /**
     * A printed log, table and matrix, as poppler reads them: their columns and rows counted by hand, in boxes of 5 mm, within
     * 0.05 mm. The grid of 26 × 38 begins 40 mm in and 52.5 mm down on A4, for the sheet’s own words take 9 mm more below than above.
     */
    public function testALogATableAndAMatrixArePrintedWhereTheirCountsSay(): void
    {
        foreach ([
            // Number 2, title 11, author 7, stars 2, date 4; title of 3 and headings of 1, then 34 rows.
            'books-read' => [[], [2, 13, 20, 22], [4, 5, 37, 38]],
            // 12 columns of a box, 14 left for the names; 22 rows of 1½ from box 4 on.
            'chores-by-month' => [[], [14, 15, 26], [4, 5.5, 34, 37]],
            // A box of figures, 12 columns; 31 rows from box 4 on.
            'mood' => [[], [1, 2, 13], [4, 5, 34, 35]],
        ] as $id => [$settings, $columns, $rows]) {
            $plan = Books::edited(
                Books::starter()->with(['spreads' => []]),
                [['type' => 'add-spread', 'kind' => $id, 'settings' => $settings]],
            );
            $book = Composer::compose($plan);
            $read = $this->read((new Printed($book, PaperSize::A4))->guides([$book->pageOf($id) ?? 0]));
            foreach ($columns as $x) {
                self::assertTrue($this->stands($read, 40 + 5 * $x, null), "$id: a line down at $x");
            }
            foreach ($rows as $y) {
                self::assertTrue($this->stands($read, null, 52.5 + 5 * $y), "$id: a line across at $y");
            }
        }
    }

    /**
     * Frames for instant prints of 54 × 86 mm (from memory) as poppler reads them: 11 × 18 boxes, two across with 4 between, and a
     * print goes in. A face of a door: the knife goes 18 boxes from the fold on its front, 8 from the edge on its back; rows level.
     */
    public function testFramesAndCutsArePrintedWhereTheirCountsSay(): void
    {
        $plan = Books::edited(Books::starter()->with(['spreads' => []]), [
            ['type' => 'add-spread', 'kind' => 'photos'],
            ['type' => 'add-spread', 'kind' => 'items-by-month', 'settings' => ['leaves' => 1]],
        ]);
        $book = Composer::compose($plan);
        $photos = $book->pageOf('photos') ?? 0;
        $read = $this->read((new Printed($book, PaperSize::A4))->guides([$photos]));
        foreach ([0, 11, 15, 26] as $x) {
            self::assertTrue($this->stands($read, 40 + 5 * $x, null), "a side of a frame at $x");
        }
        foreach ([3, 21] as $y) {
            self::assertTrue($this->stands($read, null, 52.5 + 5 * $y), "the head or the foot of a frame at $y");
        }
        self::assertGreaterThanOrEqual(54, 11 * 5);
        self::assertGreaterThanOrEqual(86, 18 * 5);

        $doors = $book->pageOf('items-by-month') ?? 0;
        foreach ([[0, [8], [4, 6, 38]], [1, [18, 9], [4, 6, 38]], [2, [8, 17], [4, 6, 38]], [3, [18], [4, 6, 38]]] as [$nth, $columns, $rows]) {
            $read = $this->read((new Printed($book, PaperSize::A4))->guides([$doors + $nth]));
            foreach ($columns as $x) {
                self::assertTrue($this->stands($read, 40 + 5 * $x, null), "page $nth of the doors: a line down at $x");
            }
            foreach ($rows as $y) {
                self::assertTrue($this->stands($read, null, 52.5 + 5 * $y), "page $nth of the doors: a line across at $y");
            }
            // The knife's line runs from the head to the foot of the grid.
            $x = 40 + 5 * (1 === $nth ? 18 : 8);
            self::assertSame(
                1 === $nth || 2 === $nth,
                $this->has($read, $x, 52.5, $x, 52.5 + 5 * 38),
                "page $nth of the doors: the line to cut along",
            );
        }
    }

    /**
     * The same log on its page turned, counted from the lower end of the left edge: number 2, title 23, author 7, stars 2, date 4 make
     * 38; a title of 2 and headings of 1, then 23 rows make 26. Its words read upwards, each in its own column of boxes.
     */
    public function testALogOnATurnedPageIsPrintedUpwards(): void
    {
        $plan = Books::edited(
            Books::starter()->with(['spreads' => []]),
            [['type' => 'add-spread', 'kind' => 'books-read', 'settings' => ['turned' => true]]],
        );
        $book = Composer::compose($plan);
        $sheets = (new Printed($book, PaperSize::A4))->guides([$book->pageOf('books-read') ?? 0]);
        $read = $this->read($sheets);
        foreach ([2, 25, 32, 34] as $along) {
            self::assertTrue($this->stands($read, null, 52.5 + 5 * (38 - $along)), "a line across $along up");
        }
        foreach ([3, 4, 25, 26] as $row) {
            self::assertTrue($this->stands($read, 40 + 5 * $row, null), "a line down at $row");
        }
        $file = $this->file((new PdfWriter())->write($sheets, 'Turned'));
        $xml = (string) shell_exec('pdftotext -bbox '.escapeshellarg($file).' -');
        unlink($file);
        foreach (['Title' => 2, 'Author' => 25, 'Stars' => 32, 'Date' => 34] as $word => $along) {
            $found = preg_match('/<word xMin="([\d.]+)" yMin="([\d.]+)" xMax="([\d.]+)" yMax="([\d.]+)">'.$word.'</', $xml, $at);
            self::assertSame(1, $found, $word);
            [$x, $y, $toX, $toY] = array_map(static fn (string $points): float => (float) $points * self::MM, \array_slice($at, 1));
            self::assertEqualsWithDelta(40 + 5 * 2.5, ($x + $toX) / 2, 0.6, "$word stands in the row of the headings");
            self::assertLessThan(52.5 + 5 * (38 - $along), $toY, "$word begins above its line");
            self::assertGreaterThan(52.5 + 5 * (38 - $along) - 2.5, $toY, "$word begins right above its line");
            self::assertGreaterThan($toX - $x, $toY - $y, "$word reads upwards");
        }
    }

    /** A patch over the figures of a month: 7 × 6 boxes at true size, every day of it read back where its box is. */
    public function testAPatchIsPrintedAtTrueSizeWithWhatStandsOnIt(): void
    {
        $book = Composer::compose(Books::starter());
        $page = (int) $book->pageOf('year-at-a-glance');
        $figure = array_values(array_filter(
            $book->drawing($page)->marks ?? [],
            static fn (Mark $one): bool => $one instanceof Words && '31' === $one->text,
        ))[0];
        $boxes = static fn (int $grains): int => intdiv($grains, Grain::PER_BOX);
        $found = WhatNow::of($book, new Asked(SlipKind::Figure, $page, $boxes($figure->x), $boxes($figure->y)));
        $way = array_values(array_filter($found->ways, static fn (Saving $one): bool => 'Cover the whole block' === $one->say))[0];
        $mend = $way->edit['slip']['mends'][0];
        $after = Composer::compose(Books::edited(Books::starter(), [json_decode((string) json_encode($way->edit), true)]));
        $file = $this->file((new PdfWriter())->write((new Printed($after, PaperSize::A4))->of('patches'), 'Patch'));
        $xml = (string) shell_exec('pdftotext -bbox '.escapeshellarg($file).' -');
        unlink($file);
        preg_match_all('/<word xMin="([\d.]+)" yMin="([\d.]+)" xMax="([\d.]+)" yMax="([\d.]+)">(\d{1,2})<\/word>/', $xml, $words, \PREG_SET_ORDER);
        $middles = array_map(static fn (array $one): array => [
            ((float) $one[1] + (float) $one[3]) / 2 * self::MM,
            ((float) $one[2] + (float) $one[4]) / 2 * self::MM,
        ], $words);
        // The head of the sheet says where it lies, in figures too.
        $days = array_filter($middles, static fn (array $one): bool => abs($one[0] - 105) < 20 && $one[1] > 30);
        self::assertCount(31, $days);
        // In the middle of the sheet: its left edge is half its width to the left of it.
        $left = 105 - 2.5 * $mend['wide'];
        foreach ($days as [$x]) {
            $box = ($x - $left) / 5;
            self::assertEqualsWithDelta(0.5, $box - floor($box), 0.1, 'each stands in the middle of a box');
        }
    }

    public function testAPrivatePageSaysSoWhereItIsPrinted(): void
    {
        $book = Composer::compose(Books::edited(Books::starter(), [['type' => 'add-spread', 'kind' => 'mood']]));
        foreach (['name-page' => 'Private: write only what a finder needs.', 'mood' => 'Private: think of who may see it', 'key' => ''] as $kind => $says) {
            $sheets = (new Printed($book, PaperSize::A4))->guides([(int) $book->pageOf($kind)]);
            $file = $this->file((new PdfWriter())->write($sheets, 'Private'));
            $text = (string) shell_exec('pdftotext '.escapeshellarg($file).' -');
            unlink($file);
            '' === $says ? self::assertStringNotContainsString('Private', $text) : self::assertStringContainsString($says, $text);
        }
    }

    /** Whether a line of a box or more runs down at x, or across at y, in mm. */
    private function stands(array $lines, ?float $x, ?float $y): bool
    {
        foreach ($lines as [$a, $b, $c, $d]) {
            $down = null !== $x && abs($a - $x) <= 0.05 && abs($c - $x) <= 0.05 && abs($d - $b) >= 5;
            $across = null !== $y && abs($b - $y) <= 0.05 && abs($d - $y) <= 0.05 && abs($c - $a) >= 5;
            if ($down || $across) {
                return true;
            }
        }

        return false;
    }

    /** What a pen draws is printed in its colour: the ticks of the spacing sheet, as poppler reads their strokes. */
    public function testPensKeepTheirColoursOnPaper(): void
    {
        $plan = Books::edited(
            Books::sample(),
            [
                ['type' => 'set-palette', 'palette' => [['colour' => '#112277', 'means' => ''], ['colour' => '#771122', 'means' => '']]],
                [
                    'type' => 'set-spread',
                    'spread' => 'spacing-sheet',
                    'settings' => ['divisors_across' => [2, 3], 'divisors_down' => [2, 3]],
                ],
            ],
        );
        $file = $this->file((new PdfWriter())->write((new Printed(Composer::compose($plan), PaperSize::A4))->guides([6]), 'Colours'));
        $svg = (string) shell_exec('pdftocairo -svg -noshrink -nocenter '.escapeshellarg($file).' -');
        unlink($file);
        preg_match_all('/stroke[:=]"?rgb\(([\d.]+)%, ?([\d.]+)%, ?([\d.]+)%\)/', $svg, $strokes, \PREG_SET_ORDER);
        $counts = array_count_values(array_map(
            static fn (array $one): string => \sprintf(
                '#%02x%02x%02x',
                round(2.55 * (float) $one[1]),
                round(2.55 * (float) $one[2]),
                round(2.55 * (float) $one[3]),
            ),
            $strokes,
        ));
        // A half has one tick, thirds have two, along each of two edges.
        self::assertSame([2, 4], [$counts['#112277'] ?? 0, $counts['#771122'] ?? 0]);
    }

    /**
     * Card 26 × 38 at 5 mm: the pocket is 27 boxes wide and two thirds of 38 deep, its flaps 2 boxes (docs/trade.md, "The grid spacing sheet", practice; the depth
     * from memory).
     */
    public function testThePocketIsWiderThanItsCardByABoxAndFoldsWhereItSays(): void
    {
        $read = $this->read((new Printed(Composer::compose(Books::sample()), PaperSize::A4))->of('pocket'));
        $left = (210 - 31 * 5) / 2;
        $top = 9 + (277 - 28 * 5) / 2;
        self::assertTrue($this->has($read, $left + 10, $top, $left + 145, $top), 'the mouth, 135 mm for a card of 130');
        foreach ([[10, 0, 10, 130], [145, 0, 145, 130], [10, 130, 145, 130]] as [$x, $y, $toX, $toY]) {
            self::assertTrue($this->has($read, $left + $x, $top + $y, $left + $toX, $top + $toY), "a fold from $x, $y to $toX, $toY mm");
        }
        self::assertTrue($this->has($read, $left, $top + 5, $left, $top + 125), 'the outer edge of the left flap');
    }

    public function testAPocketLargerThanThePaperIsRefused(): void
    {
        $this->expectException(SheetRefused::class);
        (new Printed(Composer::compose(Books::starter(new Stock(210_000, 297_000, 5_000, 42, 59, 192))), PaperSize::A4))->of('pocket');
    }

    /** The months to cut out: as large as their frames on the page, every number of the year among them. */
    public function testPrintedMonthsHaveTheSizeOfTheirFrames(): void
    {
        $plan = Books::edited(
            Books::sample(),
            [[
                'type' => 'set-spread',
                'spread' => 'year-at-a-glance',
                'settings' => ['way' => 'printed', 'printed_width' => 38, 'printed_height' => 40],
            ]],
        );
        $sheets = (new Printed(Composer::compose($plan), PaperSize::A4))->of('months');
        self::assertCount(12, $sheets);
        foreach ($sheets as $sheet) {
            $widths = [];
            foreach ($this->read([$sheet]) as [$x, $y, $toX, $toY]) {
                if (abs($y - $toY) < 0.01 && abs(abs($toX - $x) - 38) < 0.05) {
                    $widths[] = (string) round($y, 1);
                }
            }
            self::assertCount(2, array_unique($widths), "an upper and a lower edge of 38 mm: $sheet->title");
        }
        $file = $this->file((new PdfWriter())->write($sheets, 'Months'));
        preg_match_all('/>(\d{1,2})<\/word>/', (string) shell_exec('pdftotext -bbox '.escapeshellarg($file).' -'), $numbers);
        unlink($file);
        self::assertCount(365, $numbers[1]);
    }

    /** A guide is laid against the page: along its cut edges a tick stands for every box. */
    public function testAGuideHasATickForEveryBoxAtItsCutEdges(): void
    {
        $read = $this->read((new Printed(Composer::compose(Books::sample()), PaperSize::A4))->guides([7]));
        [$left, $top] = [(210 - 148) / 2, 9 + (277 - 210) / 2];
        for ($box = 0; $box <= 26; ++$box) {
            $x = 40 + 5 * $box;
            self::assertTrue($this->has($read, $x, $top, $x, null), "upper edge, $box");
            self::assertTrue($this->has($read, $x, $top + 210, $x, null), "lower edge, $box");
        }
        for ($box = 0; $box <= 38; ++$box) {
            $y = $top + 10 + 5 * $box;
            self::assertTrue($this->has($read, $left, $y, null, $y), "left edge, $box");
        }
    }

    public function testTheCardsBarsStandWhereTheTradeCountsThem(): void
    {
        $sheets = (new Printed(Composer::compose(Books::sample()), PaperSize::A4))->of('card');
        $left = (210 - 26 * 5) / 2;
        $verticals = [];
        foreach ($this->read([$sheets[0]]) as [$x, $y, $toX, $toY]) {
            if (abs($x - $toX) < 0.01 && abs(abs($toY - $y) - 5) < 0.02) {
                $verticals[] = round(($x - $left) / 5, 2);
            }
        }
        // Thirds with a gap of 1: 8, 9, 17, 18 (common practice, no source).
        foreach ([0, 13, 8, 9, 17, 18, 12, 14, 26] as $boxes) {
            self::assertContains((float) $boxes, $verticals, "$boxes boxes");
        }
    }

    public function testSizeFontsTextAndPrintScaling(): void
    {
        $book = Composer::compose(Books::sample());
        foreach ([[PaperSize::A4, '595.276 x 841.89 pts (A4)'], [PaperSize::Letter, '612 x 792 pts (letter)']] as [$paper, $size]) {
            $pdf = (new PdfWriter())->write((new Printed($book, $paper))->guides([7]), 'Year');
            $file = $this->file($pdf);
            self::assertStringContainsString($size, (string) shell_exec('pdfinfo '.escapeshellarg($file)));
            self::assertStringContainsString('/PrintScaling /None', $pdf);
            $fonts = \array_slice(explode("\n", trim((string) shell_exec('pdffonts '.escapeshellarg($file)))), 2);
            self::assertNotEmpty($fonts);
            foreach ($fonts as $font) {
                self::assertMatchesRegularExpression('/\byes +yes +yes\b/', $font, 'embedded, subset, with a map to Unicode');
            }
            $text = (string) shell_exec('pdftotext -layout '.escapeshellarg($file).' -');
            foreach (['Year at a glance', 'September', 'This line is 100 mm'] as $words) {
                self::assertStringContainsString($words, $text);
            }
            preg_match_all('/\b31\b/', $text, $found);
            self::assertGreaterThanOrEqual(7, \count($found[0]), 'seven months have a 31st');
            unlink($file);
        }
    }

    /** Figures on paper, read back by poppler: the centre of every number of the year lies in its own box. Days and weekdays from luxon. */
    public function testEveryPrintedNumberOfTheYearLiesInItsBox(): void
    {
        $book = Composer::compose(Books::sample());
        $file = $this->file((new PdfWriter())->write((new Printed($book, PaperSize::A4))->guides([7]), 'Year'));
        $xml = (string) shell_exec('pdftotext -bbox '.escapeshellarg($file).' -');
        unlink($file);
        preg_match_all(
            '/<word xMin="([\d.]+)" yMin="([\d.]+)" xMax="([\d.]+)" yMax="([\d.]+)">(\d{1,2})<\/word>/',
            $xml,
            $words,
            \PREG_SET_ORDER,
        );
        // A5's grid of 130 × 190 mm on A4, between a head of 9 and a foot of 11 mm.
        [$left, $top] = [40.0, 9 + (277 - 190) / 2];
        $found = [];
        foreach ($words as [, $x, $y, $toX, $toY, $number]) {
            $box = [
                (int) floor((((float) $x + (float) $toX) / 2 * self::MM - $left) / 5),
                (int) floor((((float) $y + (float) $toY) / 2 * self::MM - $top) / 5),
            ];
            if ($box[0] >= 0 && $box[1] >= 0) {
                $found[] = [...$box, (int) $number];
            }
        }
        $expected = [];
        for ($month = 1; $month <= 12; ++$month) {
            $said = Luxon::months()[\sprintf('2027-%02d', $month)];
            for ($day = 1; $day <= $said['days']; ++$day) {
                $at = $said['weekday'] - 1 + $day - 1;
                $expected[] = [9 * (($month - 1) % 3) + $at % 7, 5 + 9 * intdiv($month - 1, 3) + intdiv($at, 7), $day];
            }
        }
        sort($found);
        sort($expected);
        self::assertSame($expected, $found);
        self::assertCount(365, $found);
    }

    public function testLettersThePrintFaceDoesNotHaveAreNamed(): void
    {
        $titled = static fn (string $title): array => (new Printed(
            Composer::compose(Books::edited(Books::sample(), [['type' => 'set-spread', 'spread' => 'goals-by-area', 'title' => $title]])),
            PaperSize::A4,
        ))->guides([10]);

        self::assertSame([], (new PdfWriter())->missing($titled('Käytävä, أهداف, שלום, Łódź, Ψυχή')));
        self::assertSame([], (new PdfWriter())->missing($titled('今年の予定, 한국어, योजना')));
        self::assertSame(['🙂', '⏰'], (new PdfWriter())->missing($titled('Käytävä 🙂⏰')));
    }

    /** Every language ICU names months and weekdays in can be printed, with every letter of them. */
    public function testTheMonthsAndWeekdaysOfEveryLanguageHaveAllTheirLetters(): void
    {
        $words = [];
        foreach (array_column(Names::languages(), 'id') as $language) {
            $names = new Names($language);
            $all = implode(' ', [...array_map($names->month(...), range(1, 12)), ...array_map($names->weekday(...), Weekday::cases())]);
            $words[$all] = new SheetWords(Tone::Ink, 0, 0, 200_000, 9_000, $all, 5_000, Align::Start, null);
        }
        self::assertGreaterThan(200, \count($words));
        self::assertSame([], (new PdfWriter())->missing([new Sheet(PaperSize::A4, 'Names', array_values($words))]));
    }

    /** A year in Japanese: its months and weekdays are drawn as outlines, and are words that poppler reads back. */
    public function testAYearInJapaneseIsPrintedWithItsOwnLetters(): void
    {
        $plan = Books::edited(
            Books::sample(),
            [['type' => 'set-language', 'language' => 'ja'], ['type' => 'set-spread', 'spread' => 'year-at-a-glance', 'title' => '二〇二七年']],
        );
        $file = $this->file((new PdfWriter())->write((new Printed(Composer::compose($plan), PaperSize::A4))->guides([7]), 'Year'));
        $text = (string) shell_exec('pdftotext -layout '.escapeshellarg($file).' -');
        $fonts = (string) shell_exec('pdffonts '.escapeshellarg($file));
        unlink($file);
        foreach (['二〇二七年', '12月', '日', '木'] as $words) {
            self::assertStringContainsString($words, $text);
        }
        self::assertSame(1, preg_match_all('/ yes yes yes /', $fonts), 'one face, embedded');
    }

    public function testAGridLargerThanThePaperIsRefusedWithTheRoomThereIs(): void
    {
        $book = Composer::compose(Books::starter(new Stock(210_000, 297_000, 5_000, 42, 59, 192)));
        $this->expectException(SheetRefused::class);
        $this->expectExceptionMessage('The grid is 210 × 295 mm; on A4 there is room for 200 × 277 mm at true size.');
        (new Printed($book, PaperSize::A4))->guides([9]);
    }

    public function testCropMarksFrameThePageOrWhereItDoesNotFitTheGrid(): void
    {
        $book = Composer::compose(Books::sample());
        $cuts = array_filter(
            (new Printed($book, PaperSize::A4))->guides([9])[0]->marks,
            static fn ($mark): bool => $mark instanceof SheetLine && Tone::Cut === $mark->tone && $mark->x === $mark->toX,
        );
        self::assertEqualsCanonicalizing(
            [31_000, 31_000, 179_000, 179_000],
            array_values(array_map(static fn (SheetLine $line): int => $line->x, $cuts)),
            'A5 stands in the middle of A4',
        );
    }

    /**
     * Straight lines of a PDF in mm from the upper left corner of its first page.
     *
     * @param list<Sheet> $sheets
     *
     * @return list<array{float, float, float, float}>
     */
    private function read(array $sheets): array
    {
        $file = $this->file((new PdfWriter())->write($sheets, 'Test'));
        $svg = (string) shell_exec('pdftocairo -svg -noshrink -nocenter -f 1 -l 1 '.escapeshellarg($file).' -');
        unlink($file);
        $lines = [];
        preg_match_all('/<path [^>]*?d="M ([-\d.]+) ([-\d.]+) L ([-\d.]+) ([-\d.]+) ?"[^>]*>/', $svg, $paths, \PREG_SET_ORDER);
        foreach ($paths as $path) {
            $matrix = 1 === preg_match('/matrix\(([^)]+)\)/', $path[0], $found) ? explode(',', $found[1]) : [1, 0, 0, 1, 0, 0];
            [$a, $b, $c, $d, $e, $f] = array_map(floatval(...), $matrix);
            $point = static fn (string $x, string $y): array => [
                ($a * (float) $x + $c * (float) $y + $e) * self::MM,
                ($b * (float) $x + $d * (float) $y + $f) * self::MM,
            ];
            $lines[] = [...$point($path[1], $path[2]), ...$point($path[3], $path[4])];
        }
        self::assertNotEmpty($lines);

        return $lines;
    }

    /** Whether some line has these ends, either way round, within 0.05 mm; null is anywhere. */
    private function has(array $lines, ?float $x, ?float $y, ?float $toX, ?float $toY): bool
    {
        $near = static fn (?float $want, float $is): bool => null === $want || abs($want - $is) <= 0.05;
        foreach ($lines as [$a, $b, $c, $d]) {
            if (($near($x, $a) && $near($y, $b) && $near($toX, $c) && $near($toY, $d))
                || ($near($x, $c) && $near($y, $d) && $near($toX, $a) && $near($toY, $b))) {
                return true;
            }
        }

        return false;
    }

    private function file(string $pdf): string
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'sheet');
        file_put_contents($file, $pdf);

        return $file;
    }
}
