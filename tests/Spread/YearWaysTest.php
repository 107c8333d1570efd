<?php

/* The day matrix, dot lines and printed months: counts, places and what does not fit. */

declare(strict_types=1);

namespace Tests\Spread;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Colour\Palette;
use AmpleMargin\Colour\Pen;
use AmpleMargin\Drawing\Band;
use AmpleMargin\Drawing\Frame;
use AmpleMargin\Drawing\Grain;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Line;
use AmpleMargin\Drawing\Mark;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Ring;
use AmpleMargin\Drawing\Words;
use AmpleMargin\Spread\Page\Request;
use PHPUnit\Framework\TestCase;
use Tests\Asking;
use Tests\Reference\Luxon;

final class YearWaysTest extends TestCase
{
    /** Open cells are days: columns × rows as ruled, less those struck out, is the number of days of the months. */
    public function testAMatrixHasACellForEveryDayWhateverThePaperAndPeriod(): void
    {
        $turned = 0;
        foreach ([[26, 38], [31, 46], [60, 80], [40, 24], [36, 20], [13, 40]] as [$across, $down]) {
            foreach ([['2027-01', 12], ['2027-07', 6], ['2028-02', 1], ['2027-03', 24]] as [$from, $months]) {
                $pages = $this->draw(['way' => 'matrix'], $across, $down, $from, $months);
                $open = 0;
                foreach ($pages as $page) {
                    $lines = array_values(array_filter(
                        $page->marks,
                        static fn (Mark $mark): bool => $mark instanceof Line && Layer::Ink === $mark->layer,
                    ));
                    $columns = \count(array_filter($lines, static fn (Line $line): bool => 0 === $line->wide)) - 1;
                    $rows = \count(array_filter($lines, static fn (Line $line): bool => 0 === $line->tall)) - 1;
                    $open += $columns * $rows - \count(array_filter(
                        $lines,
                        static fn (Line $line): bool => 0 !== $line->wide && 0 !== $line->tall,
                    ));
                    $turned += 31 === $columns && 31 !== $rows ? 1 : 0;
                }
                self::assertSame($this->days($from, $months), $open, "$across × $down, $months months from $from");
                self::assertStringContainsString(' cells that are left open: ', implode(' ', array_column($pages[0]->steps, 'text')));
            }
        }
        self::assertGreaterThan(5, $turned, 'where 31 rows do not fit the days run across');
    }

    public function testAMatrixPutsItsLegendBesideOrBelowOrLeavesItOut(): void
    {
        $bands = static fn (array $pages): array => array_values(array_filter(
            $pages[0]->marks,
            static fn (Mark $mark): bool => $mark instanceof Band,
        ));
        self::assertGreaterThanOrEqual(
            7 * Grain::PER_BOX,
            $bands($this->draw(['way' => 'matrix'], 26, 38, '2027-01', 6))[0]->x,
            'beside six months',
        );
        self::assertSame(0, $bands($this->draw(['way' => 'matrix'], 26, 38, '2027-01', 12))[0]->x, 'below twelve');
        self::assertSame([], $bands($this->draw(['way' => 'matrix'], 13, 35, '2027-01', 12)), 'no room for it');
        $many = new Palette(array_map(static fn (int $i): Pen => new Pen('#1f5fa8', "pen $i"), range(1, 12)));
        self::assertCount(12, $bands($this->draw(['way' => 'matrix'], 40, 38, '2027-01', 6, $many)));
    }

    public function testDotsStandABoxApartAndTheFifthsAreNumbered(): void
    {
        foreach ([[60, 38, 1], [26, 38, 2], [17, 40, 3], [11, 40, 4]] as [$across, $down, $lines]) {
            foreach ($this->draw(['way' => 'dots'], $across, $down, '2027-01', 12) as $page) {
                $rows = [];
                foreach ($page->marks as $mark) {
                    if ($mark instanceof Ring) {
                        $rows[$mark->y][] = $mark->x;
                    }
                }
                foreach ($rows as $dots) {
                    foreach (\array_slice($dots, 1) as $i => $x) {
                        self::assertSame(Grain::PER_BOX, $x - $dots[$i], 'a box from dot to dot');
                    }
                    self::assertLessThanOrEqual((int) ceil(31 / $lines), \count($dots));
                }
                $figures = array_map(
                    static fn (Mark $mark): int => $mark instanceof Words && $mark->x > 0 ? (int) $mark->text : 0,
                    $page->marks,
                );
                foreach ([5, 10, 15, 20, 25] as $fifth) {
                    self::assertContains($fifth, $figures, "$across × $down");
                }
                self::assertStringContainsString(
                    1 === $lines ? 'one line of at most 31 dots' : "$lines lines of at most ",
                    $page->workings[0]->arithmetic,
                );
            }
        }
    }

    /** A printed month fills its frame: what is cut out is as large as, and stands where, the page has its frame. */
    public function testPrintedMonthsAreCutOutAsLargeAsTheirFrames(): void
    {
        foreach ([
            [],
            ['day' => '1.5'],
            ['printed_width' => 38, 'printed_height' => 41],
            ['printed_width' => 61],
            ['pages' => 3],
        ] as $settings) {
            foreach ([5_000, 3_700] as $pitch) {
                $request = $this->request(['way' => 'printed'] + $settings, 31, 46, '2027-01', 12, Palette::usual(), $pitch);
                $form = Asking::kind('year-at-a-glance')->form;
                $frames = static fn (array $pages): array => array_map(
                    static fn (PageDrawing $page): array => array_map(
                        static fn (Mark $mark): array => [$mark->x, $mark->y, $mark->wide, $mark->tall],
                        array_values(array_filter($page->marks, static fn (Mark $mark): bool => $mark instanceof Frame)),
                    ),
                    $pages,
                );
                $page = $frames($form->layOut($request)->drawings());
                self::assertSame($page, $frames(Asking::cutOut($form, $request)));
                self::assertCount(12, array_merge(...$page));
                if (isset($settings['printed_width'])) {
                    self::assertEqualsWithDelta(
                        $settings['printed_width'] * 1000 / $pitch * Grain::PER_BOX,
                        $page[0][0][2],
                        1.0,
                        'as wide as was asked, in mm',
                    );
                }
                foreach ($page as $all) {
                    foreach ($all as $i => [$x, $y, $wide, $tall]) {
                        self::assertSame([0, 0], [$x % Grain::PER_BOX, $y % Grain::PER_BOX], 'each is counted from a dot');
                        foreach (\array_slice($all, $i + 1) as [$otherX, $otherY, $otherWide, $otherTall]) {
                            self::assertTrue(
                                $x + $wide <= $otherX || $otherX + $otherWide <= $x || $y + $tall <= $otherY || $otherY + $otherTall <= $y,
                                'no frame lies on another',
                            );
                        }
                    }
                }
            }
        }
        self::assertSame(
            [],
            Asking::cutOut(
                Asking::kind('year-at-a-glance')->form,
                $this->request(['way' => 'mini'], 26, 38, '2027-01', 12, Palette::usual()),
            ),
            'nothing is cut out of a year that is written',
        );
    }

    public function testAMonthLargerThanThePageIsRefusedInMillimetres(): void
    {
        $finding = $this->draw(['way' => 'printed', 'printed_width' => 140, 'printed_height' => 50], 26, 38, '2027-01', 12)[0]->findings[0];
        self::assertSame(
            'A printed month of 140 × 50 mm does not fit below the title: 130 × 175 mm are there. Print them smaller.',
            $finding->says,
        );
        self::assertSame('Size the months to the boxes, 1 box a day', $finding->offers[0]->say);
    }

    /** Quarters of a day: every day has four corners free of lines round its figure, and none of a day that does not exist. */
    public function testASplitDayKeepsItsFigureFreeAndIsTickedOnEverySide(): void
    {
        foreach ([['2', 2.0], ['1.5', 1.5]] as [$day, $size]) {
            $pages = $this->draw(['way' => 'split', 'day' => $day], 31, 46, '2027-02', 1);
            $ticks = array_values(array_filter(
                $pages[0]->marks,
                static fn (Mark $mark): bool => $mark instanceof Line
                    && Layer::Ink === $mark->layer
                    && max($mark->wide, $mark->tall) < $size * Grain::PER_BOX,
            ));
            $reach = 1 / 8;
            $total = array_sum(array_map(static fn (Mark $mark): int => $mark->wide + $mark->tall, $ticks));
            self::assertEqualsWithDelta(28 * 4 * $reach * Grain::PER_BOX, $total, 1.0, 'four ticks for each of 28 days');
            foreach ($pages[0]->marks as $figure) {
                if (!$figure instanceof Words || 1 !== preg_match('/^\d+$/', $figure->text)) {
                    continue;
                }
                self::assertSame([Grain::PER_BOX, Grain::PER_BOX], [$figure->wide, $figure->tall], 'a figure has a box');
                foreach ($ticks as $tick) {
                    self::assertFalse($tick->x < $figure->x + $figure->wide
                        && $figure->x < $tick->x + $tick->wide
                        && $tick->y < $figure->y + $figure->tall
                        && $figure->y < $tick->y + $tick->tall);
                }
            }
        }
    }

    private function days(string $from, int $months): int
    {
        $first = Month::read($from) ?? self::fail($from);

        return array_sum(array_map(static fn (int $i): int => Luxon::months()[$first->plus($i)->iso()]['days'], range(0, $months - 1)));
    }

    /**
     * @param array<string, mixed> $settings
     *
     * @return list<PageDrawing>
     */
    private function draw(array $settings, int $across, int $down, string $from, int $months, ?Palette $palette = null): array
    {
        return Asking::kind('year-at-a-glance')->form->layOut($this->request(
            $settings,
            $across,
            $down,
            $from,
            $months,
            $palette ?? Palette::usual(),
        ))->drawings();
    }

    /** @param array<string, mixed> $settings */
    private function request(
        array $settings,
        int $across,
        int $down,
        string $from,
        int $months,
        Palette $palette,
        int $pitch = 5_000,
    ): Request {
        $first = Month::read($from) ?? self::fail($from);

        return Asking::of(
            Asking::kind('year-at-a-glance'),
            $settings,
            $across,
            $down,
            $from,
            $first->plus($months - 1)->iso(),
            palette: $palette,
            pitch: $pitch,
        );
    }
}
