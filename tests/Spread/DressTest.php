<?php

/* A dressed page: titles as tall as was said, where they were said, and everything below them where they end. */

declare(strict_types=1);

namespace Tests\Spread;

use AmpleMargin\Book\Composer;
use AmpleMargin\Drawing\Band;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Frame;
use AmpleMargin\Drawing\Grain;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Mark;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Step;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Drawing\Words;
use AmpleMargin\Plan\Dress;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\Wardrobe;
use PHPUnit\Framework\TestCase;
use Tests\Books;

final class DressTest extends TestCase
{
    /** Whatever is said of titles, nothing stands on them, leaves the grid or is drawn out of order; on every page of a rich book. */
    public function testNothingStandsOnATitleHoweverTallItIs(): void
    {
        foreach ([1, 2, 4, 5, 8] as $title) {
            foreach (self::pages(new Dress(title: $title, larger: 0 === $title % 2, band: true, line: true, pen: '#1f5fa8')) as $page => $drawing) {
                $order = array_flip(array_column(Task::cases(), 'value'));
                $last = 0;
                // A spacing sheet is numbered before it is ticked.
                $numbered = str_contains(implode(' ', array_map(static fn (Step $step): string => $step->text, $drawing->steps)), 'shares of');
                foreach ($numbered ? [] : $drawing->steps as $step) {
                    self::assertGreaterThanOrEqual($last, $order[$step->task->value], "$title, page $page: $step->text");
                    $last = max($last, $order[$step->task->value]);
                }
                $numbers = array_map(static fn (Step $step): int => $step->number, $drawing->steps);
                self::assertSame($numbers, array_values(array_unique($numbers)), "page $page");
                $heading = array_values(array_filter($drawing->marks, static fn (Mark $mark): bool => $mark instanceof Words && 'heading' === $mark->note));
                foreach ($drawing->marks as $mark) {
                    self::assertContains($mark->step, $numbers, "page $page: each mark is drawn in one of its steps");
                    self::assertLessThanOrEqual(26 * Grain::PER_BOX, max($mark->x, $mark->x + $mark->wide), "page $page");
                    self::assertLessThanOrEqual(38 * Grain::PER_BOX, max($mark->y, $mark->y + $mark->tall), "page $page");
                    if (!$mark instanceof Words || 'heading' === $mark->note) {
                        continue;
                    }
                    foreach ($heading as $one) {
                        self::assertFalse(
                            $mark->x < $one->x + $one->wide && $one->x < $mark->x + $mark->wide
                                && $mark->y < $one->y + $one->tall && $one->y < $mark->y + $mark->tall,
                            "$title boxes, page $page: “{$mark->text}” on the title",
                        );
                    }
                }
            }
        }
    }

    public function testTheTitleIsWrittenAsItWasDressed(): void
    {
        $page = self::pages(new Dress(title: 5, place: 'middle', band: true, line: true, pen: '#1f5fa8'))['goals-by-area'];
        $title = self::heading($page)[0];
        self::assertSame(['#1f5fa8', 4 * Grain::PER_BOX, 'middle'], [$title->colour, $title->tall, $title->align->value]);
        self::assertCount(1, array_filter($page->marks, static fn (Mark $mark): bool => $mark instanceof Band && $mark->tall === $title->tall));
        self::assertCount(1, array_filter(
            $page->marks,
            static fn (Mark $mark): bool => $mark instanceof Frame && [0, 0, 26 * 840, 38 * 840] === [$mark->x, $mark->y, $mark->wide, $mark->tall],
        ));
        // The containers begin where the title ends.
        $frames = array_filter($page->marks, static fn (Mark $mark): bool => $mark instanceof Frame && Layer::Ink === $mark->layer && $mark->y > 0);
        self::assertSame(5 * Grain::PER_BOX, min(array_map(static fn (Mark $mark): int => $mark->y, $frames)));

        $larger = self::heading(self::pages(new Dress(title: 5, larger: true))['goals-by-area']);
        self::assertSame(['G', 'oals by area'], array_map(static fn (Words $one): string => $one->text, $larger));
        self::assertSame($larger[0]->tall, 2 * $larger[1]->tall);
        // As screen and print set them, 0.36 of their size below the middle of their height.
        $line = static fn (Words $one): float => $one->y + $one->tall / 2 + 0.36 * $one->size;
        self::assertEqualsWithDelta($line($larger[0]), $line($larger[1]), 0.1 * Grain::PER_BOX);
    }

    /** Each line and word in its pen, titles and what has a pen of its own as before; the first step that needs one says so. */
    public function testLinesAndWordsHaveTheirPens(): void
    {
        $plain = self::pages(new Dress());
        $penned = self::pages(new Dress(lines: '#2e6b5e', words: '#1f5fa8'));
        $changed = 0;
        foreach ($plain as $spread => $page) {
            foreach ($page->marks as $i => $mark) {
                $now = $penned[$spread]->marks[$i];
                $expected = match (true) {
                    // Known dates have the pens of their categories.
                    null !== $mark->colour, \in_array($mark->note, ['heading', 'dates'], true) => $mark->colour,
                    Layer::Ink === $mark->layer => '#2e6b5e',
                    Layer::Writing === $mark->layer => '#1f5fa8',
                    default => null,
                };
                self::assertSame($expected, $now->colour, (string) $spread);
                self::assertSame([$mark->x, $mark->y, $mark->wide, $mark->tall], [$now->x, $now->y, $now->wide, $now->tall], (string) $spread);
                $changed += $expected === $mark->colour ? 0 : 1;
            }
            $texts = array_column($penned[$spread]->steps, 'text');
            self::assertLessThanOrEqual(1, \count(preg_grep('/Take the pen for lines\.$/', $texts) ?: []), (string) $spread);
            self::assertLessThanOrEqual(1, \count(preg_grep('/Take the pen for words\.$/', $texts) ?: []), (string) $spread);
        }
        self::assertGreaterThan(500, $changed);
    }

    /** All of a page stands between its border and its free foot, and is counted from there; what is cut, and spacing sheets, have none. */
    public function testABorderAndAFreeFootAreKeptByEveryPage(): void
    {
        foreach ([[1, 0], [2, 4], [0, 6], [3, 3]] as [$border, $foot]) {
            $book = Composer::compose(Books::sample()->with(['dress' => new Wardrobe(new Dress(border: $border, foot: $foot))]));
            foreach (array_keys($book->slots) as $page) {
                $drawing = $book->drawing($page);
                if (null === $drawing || [] === $drawing->steps) {
                    continue;
                }
                self::assertSame([26, 38], [$drawing->across, $drawing->down], "page $page");
                $numbers = array_map(static fn (Step $step): int => $step->number, $drawing->steps);
                self::assertSame($numbers, array_values(array_unique($numbers)), "page $page");
                if (\in_array($book->slot($page)->spread, ['spacing-sheet', 'planner-doors'], true)) {
                    self::assertNotContains('border', array_column($drawing->steps, 'note'), "page $page has the edges of the paper");
                    continue;
                }
                self::assertStringStartsWith('Leave ', $drawing->steps[0]->text, "page $page");
                foreach ($drawing->marks as $mark) {
                    self::assertContains($mark->step, $numbers, "page $page: each mark is drawn in one of its steps");
                    if ('border' === $mark->note) {
                        continue;
                    }
                    foreach ([[$mark->x, $mark->wide, 26 - $border], [$mark->y, $mark->tall, 38 - $border - $foot]] as [$from, $long, $to]) {
                        self::assertGreaterThanOrEqual($border * Grain::PER_BOX, min($from, $from + $long), "page $page, “{$mark->note}”");
                        self::assertLessThanOrEqual($to * Grain::PER_BOX, max($from, $from + $long), "page $page, “{$mark->note}”");
                    }
                }
            }
        }
    }

    public function testABorderThatLeavesTooLittleIsRefusedWithTheSum(): void
    {
        $small = Books::edited(Books::starter(), [['type' => 'set-stock', 'stock' => [
            'width' => 74, 'height' => 105, 'pitch' => 5, 'across' => 13, 'down' => 20, 'pages' => 192,
        ]]]);
        $this->expectExceptionMessage('A border of 2 and 0 free at the foot leave 9 × 16 of 13 × 20 boxes; a page needs 10 × 10 at least.');
        Books::edited($small, [['type' => 'set-dress', 'dress' => ['border' => 2]]]);
    }

    /** A section goes over the book, a spread over its section. */
    public function testWhatIsNearerGoesOver(): void
    {
        $wardrobe = (new Wardrobe())
            ->with(new Dress(title: 4, line: true), null, null)
            ->with(new Dress(title: 2), 'goals', null)
            ->with(new Dress(place: 'middle'), null, 'goals-by-area');
        $plan = Books::starter()->with(['dress' => $wardrobe]);
        $goals = $plan->spread('goals-by-area') ?? throw new \LogicException();
        $year = $plan->spread('future-log') ?? throw new \LogicException();
        self::assertEquals(new Dress(title: 2, place: 'middle', line: true), $wardrobe->ofSpread($goals));
        self::assertEquals(new Dress(title: 4, line: true), $wardrobe->ofSpread($year));
        self::assertEquals(new Dress(title: 4, line: true), $wardrobe->ofMonths());
        self::assertEquals($wardrobe, Wardrobe::read(\AmpleMargin\Plan\Values::of(json_decode((string) json_encode($wardrobe->written())), 'dress')));
    }

    public function testATitleTooLongForItsDressIsNamedWithWhatWouldFit(): void
    {
        $plan = Books::edited(Books::starter(), [['type' => 'set-spread', 'spread' => 'notes', 'title' => 'Everything that did not fit anywhere']]);
        $says = static fn (Plan $plan): string => implode(' ', array_map(
            static fn (Finding $finding): string => $finding->says,
            Composer::compose($plan)->findings(),
        ));
        self::assertStringNotContainsString('too long for letters', $says($plan));
        self::assertStringContainsString(
            '“Everything that did not fit anywhere” is too long for letters 7 boxes tall',
            $says($plan->with(['dress' => new Wardrobe(new Dress(title: 8))])),
        );
    }

    /** @return array<array-key, PageDrawing> by spread, its first page; and by number every page */
    private static function pages(Dress $dress): array
    {
        $book = Composer::compose(Books::sample()->with(['dress' => new Wardrobe($dress)]));
        $pages = [];
        foreach (array_keys($book->slots) as $page) {
            $drawing = $book->drawing($page);
            if (null !== $drawing && 192 >= $page) {
                $pages[$page] = $drawing;
                $pages += '' === $book->slot($page)->spread ? [] : [$book->slot($page)->spread => $drawing];
            }
        }

        return $pages;
    }

    /** @return list<Words> */
    private static function heading(PageDrawing $page): array
    {
        return array_values(array_filter($page->marks, static fn (Mark $mark): bool => $mark instanceof Words && 'heading' === $mark->note));
    }
}
