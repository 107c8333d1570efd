<?php

/* Frames of a real size, with the sums of docs/trade.md, "Filling", as cases. */

declare(strict_types=1);

namespace Tests\Spread;

use AmpleMargin\Compare\Candidate;
use AmpleMargin\Compare\Comparison;
use AmpleMargin\Drawing\Frame;
use AmpleMargin\Drawing\Grain;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Words;
use AmpleMargin\Making\Pace;
use AmpleMargin\Spread\Part\HasLayouts;
use PHPUnit\Framework\TestCase;
use Tests\Asking;

final class FramesTest extends TestCase
{
    /** An instant print of 54 × 86 mm is 11 × 18 boxes of 5 mm; two stand across 26 with a gap of 4. */
    public function testAnInstantPrintTakesElevenByEighteenBoxes(): void
    {
        $pages = Asking::drawn('photos');
        self::assertSame([[0, 3, 11, 18], [15, 3, 11, 18]], $this->frames($pages[0]));
        $figures = array_column($pages[0]->workings, 'arithmetic', 'figure');
        self::assertSame('54 mm are 10.8 boxes, so 11; 86 mm are 17.2 boxes, so 18', $figures['11 × 18 boxes']);
        self::assertSame('26 boxes = 2 × 11 + 1 × 4', $figures['2 across']);
        // A row of 18 and its caption; a second would need 39 of 35.
        self::assertCount(6, $pages);
    }

    /**
     * 54 × 86 mm at 6 mm are 9 × 15 boxes. Upright, 17 boxes take one across (two need 19) and one down (two need 31); turned, 28 take
     * two across, and what is left of 17 below the title is 15: enough for a frame, and not for its caption.
     */
    public function testPhotosOnASmallPageCanBeComparedUprightAndTurned(): void
    {
        $kind = Asking::kind('photos');
        $asked = Asking::of($kind, across: 17, down: 28, pitch: 6_000);
        self::assertInstanceOf(HasLayouts::class, $kind->form);
        $comparison = Comparison::of($kind->form, $asked, Pace::starting());
        self::assertNotNull($comparison);
        $pages = array_map(static fn (Candidate $one): int => \count($one->pages), $comparison->candidates);
        self::assertSame(
            ['Page upright, captions below' => 12, 'Page upright, no captions' => 12, 'Page turned, no captions' => 6],
            array_combine(array_map(static fn (Candidate $one): string => $one->layout->name, $comparison->candidates), $pages),
        );
        self::assertSame('The frames need 16 boxes down; the part has 15.', $comparison->refused[0]->refused);
        self::assertSame(2, $comparison->best);
        foreach ($comparison->candidates[2]->pages as $page) {
            self::assertCount(2, $this->frames($page));
        }
    }

    /** Ten months on a page with room for eight: eight, and two more on the next. */
    public function testTenMonthsAreEightAndTwoOnALargerPage(): void
    {
        $kind = Asking::kind('photos');
        $laid = $kind->form->layOut(Asking::of($kind, across: 52, down: 43, start: '2027-01', end: '2027-10'));
        self::assertSame([8, 2], array_map(fn (PageDrawing $page): int => \count($this->frames($page)), $laid->drawings()));
    }

    /** Whatever the millimetres and the paper: what is glued in always fits its frame, and a frame is never a box too large. */
    public function testMillimetresAreRoundedUpToBoxesAndNoFurther(): void
    {
        $drawn = 0;
        for ($seed = 1; $seed <= 400; ++$seed) {
            mt_srand($seed);
            $pitch = [3_700, 4_000, 5_000, 6_000, 6_350][mt_rand(0, 4)];
            [$wide, $tall, $count, $caption] = [mt_rand(3, 120), mt_rand(3, 120), mt_rand(1, 60), mt_rand(0, 3)];
            $kind = Asking::kind('covers');
            $settings = ['frame_width' => $wide, 'frame_height' => $tall, 'frame_count' => $count, 'caption' => $caption];
            [$across, $down] = [mt_rand(10, 60), mt_rand(14, 80)];
            $laid = $kind->form->layOut(Asking::of($kind, $settings, $across, $down, pitch: $pitch));
            if (null !== $laid->broken()) {
                self::assertMatchesRegularExpression('/\d/', $laid->broken()->says);
                continue;
            }
            $numbers = [];
            foreach ($laid->drawings() as $page) {
                $frames = $this->frames($page);
                foreach ($frames as $i => [$x, $y, $w, $h]) {
                    self::assertTrue($w * $pitch >= 1000 * $wide && ($w - 1) * $pitch < 1000 * $wide, "seed $seed: $w boxes for $wide mm");
                    self::assertTrue($h * $pitch >= 1000 * $tall && ($h - 1) * $pitch < 1000 * $tall);
                    self::assertTrue($x >= 0 && $x + $w <= $across && $y + $h + $caption <= $down, "seed $seed: it leaves the page");
                    foreach (\array_slice($frames, $i + 1) as [$x2, $y2]) {
                        self::assertTrue($x2 >= $x + $w || $x >= $x2 + $w || $y2 >= $y + $h + $caption || $y >= $y2 + $h + $caption, "seed $seed: they overlap");
                    }
                }
                foreach ($page->marks as $mark) {
                    if ($mark instanceof Words && ctype_digit($mark->text)) {
                        $numbers[] = (int) $mark->text;
                    }
                }
                ++$drawn;
            }
            self::assertSame(range(1, $count), $numbers, "seed $seed: each has its number, over all pages");
        }
        self::assertGreaterThan(300, $drawn);
    }

    public function testSwatchesKeepTheOrderTheyAreTypedInAndALongNameIsSaid(): void
    {
        $kind = Asking::kind('named-swatches');
        $names = ['Slate', 'Moss', 'A green that nobody has a name for yet'];
        $laid = $kind->form->layOut(Asking::of($kind, ['frame_names' => $names]));
        $written = array_values(array_filter(
            array_map(static fn ($mark): string => $mark instanceof Words ? $mark->text : '', $laid->drawings()[0]->marks),
            static fn (string $text): bool => \in_array($text, $names, true),
        ));
        self::assertSame($names, $written);
        self::assertStringContainsString('a frame has 5. Shorten it.', ($laid->findings[0][0] ?? null)->says ?? '');
    }

    /** @return list<array{int, int, int, int}> in boxes */
    private function frames(PageDrawing $page): array
    {
        $frames = [];
        foreach ($page->marks as $mark) {
            if ($mark instanceof Frame) {
                $frames[] = array_map(static fn (int $grains): int => intdiv($grains, Grain::PER_BOX), [$mark->x, $mark->y, $mark->wide, $mark->tall]);
            }
        }

        return $frames;
    }
}
