<?php

/* What saves a slip: every way is an edit that can be made, its counts add up, and the page then stands as it is on paper. */

declare(strict_types=1);

namespace Tests\Book;

use AmpleMargin\Book\Book;
use AmpleMargin\Book\Composer;
use AmpleMargin\Book\Slips\Asked;
use AmpleMargin\Book\Slips\Saving;
use AmpleMargin\Book\Slips\Trial;
use AmpleMargin\Book\Slips\WhatNow;
use AmpleMargin\Book\SlotKind;
use AmpleMargin\Counting\Division;
use AmpleMargin\Counting\Remainder;
use AmpleMargin\Drawing\Grain;
use AmpleMargin\Drawing\Mark;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Stretched;
use AmpleMargin\Drawing\Words;
use AmpleMargin\Plan\Making\SlipKind;
use AmpleMargin\Plan\Plan;
use PHPUnit\Framework\TestCase;
use Tests\Books;
use Tests\Thorough;

final class WhatNowTest extends TestCase
{
    /** A week on one page: seven boxes of 4 with a gap of 1, below a title that is 4 boxes too. */
    public function testACountThatWasOffIsDividedAgainByEverySchool(): void
    {
        $book = Composer::compose(Books::sample());
        $page = (int) array_key_first(array_filter($book->slots, static fn ($slot): bool => 'January 2027: week 1' === $slot->title));
        $lines = [];
        foreach ($book->drawing($page)->marks ?? [] as $mark) {
            if (0 === $mark->x && 0 === $mark->tall && 'pencil' === $mark->layer->value && $mark->wide < Grain::PER_BOX) {
                $lines[] = intdiv($mark->y, Grain::PER_BOX);
            }
        }
        self::assertContains(18, $lines);
        // The line that ends Wednesday was drawn at 19 and not at 18. A gap of 1 behind it, and 38 − 20 = 18 boxes are left for four days.
        $ways = self::ways($book, new Asked(SlipKind::Count, $page, 1, 18, 1, true));
        foreach ([
            [Remainder::After, 'at the end'],
            [Remainder::Exact, 'exactly'],
            [Remainder::IntoGaps, 'into the gaps'],
            [Remainder::IntoParts, 'into the parts'],
            [Remainder::Outside, 'outside'],
        ] as [$school, $word]) {
            $division = Division::of(18, 4, 1, $school);
            $said = array_values(array_filter($ways, static fn (Saving $one): bool => str_contains($one->say, $word)));
            if (null === $division) {
                self::assertSame([], $said, "three boxes left over in four parts never read the same from both ends: $word");
                continue;
            }
            self::assertCount(1, $said, $word);
            self::assertStringContainsString("{$division->working()}: {$division->run()}", $said[0]->how);
            $ticks = array_map(static fn ($tick): string => (string) $tick->plus(20), $division->ticks());
            self::assertStringContainsString('Tick at '.(0 === $division->before ? '20, ' : '').implode(', ', $ticks), $said[0]->how);
        }
    }

    public function testThePageStandsThenAsItIsOnPaper(): void
    {
        $plan = Books::edited(Books::starter(), [['type' => 'add-spread', 'kind' => 'goals-by-area']]);
        $book = Composer::compose($plan);
        $page = (int) $book->pageOf('goals-by-area');
        $way = self::ways($book, new Asked(SlipKind::Count, $page, 1, 21, 1, true))[1];
        self::assertSame('The last one takes what is left', $way->say);
        $after = Composer::compose(Books::edited($plan, [self::sent($way->edit)]));
        $was = self::lying($book, $page);
        $now = self::lying($after, $page);
        self::assertSame(self::words($was), self::words($now), 'every word is still there');
        $step = array_values(array_filter($now->steps, static fn ($one): bool => str_contains($one->text, 'divided again')))[0];
        self::assertNotContains($step->key, array_column($was->steps, 'key'), 'ticks done before are not taken for those to do');
        self::assertStringContainsString('22', implode(' ', $step->ticks));
        $back = Composer::compose(Books::edited($plan, [self::sent($way->edit), ['type' => 'remove-slip', 'slip' => 'slip-1']]));
        self::assertEquals($book->drawing($page), $back->drawing($page));
    }

    /** Six rows of a month, five boxes down: the row of the fifth week was skipped. */
    public function testAPatchIsCutInWholeBoxesAndSaysItsMillimetres(): void
    {
        $book = Composer::compose(Books::sample());
        foreach ($book->spreadPages() as $page) {
            foreach ([SlipKind::Skipped, SlipKind::Figure, SlipKind::TitleWide, SlipKind::Last] as $kind) {
                foreach (self::ways($book, new Asked($kind, $page, 5, 12)) as $way) {
                    foreach ($way->edit['slip']['mends'] ?? [] as $mend) {
                        if ('patch' !== $mend['is']) {
                            continue;
                        }
                        $mm = 5 * $mend['wide'].' × '. 5 * $mend['tall'].' mm';
                        self::assertStringContainsString("{$mend['wide']} × {$mend['tall']} ", $way->how);
                        self::assertStringContainsString($mm, $way->how);
                        self::assertStringContainsString($mm, $mend['say']);
                        self::assertLessThanOrEqual(26, $mend['x'] + $mend['wide']);
                        self::assertLessThanOrEqual(38, $mend['y'] + $mend['tall']);
                    }
                }
            }
        }
    }

    public function testASixthRowThatWasSkippedSharesTheLastBox(): void
    {
        $plan = Books::edited(Books::starter(), [['type' => 'add-spread', 'kind' => 'books-read']]);
        $book = Composer::compose($plan);
        $page = (int) $book->pageOf('books-read');
        $ways = self::ways($book, new Asked(SlipKind::Skipped, $page, 4, 10));
        self::assertStringContainsString('split the last box', $ways[0]->say);
        self::assertStringContainsString('2.5 mm each', $ways[0]->how);
        $after = Composer::compose(Books::edited($plan, [self::sent($ways[0]->edit)]));
        self::assertSame(self::words(self::lying($book, $page)), self::words(self::lying($after, $page)), 'every row number is still there');
    }

    public function testAWrongFigureSaysTheCheckThatClosesItsMonth(): void
    {
        $book = Composer::compose(Books::starter());
        $page = (int) $book->pageOf('year-at-a-glance');
        $figure = array_values(array_filter($book->drawing($page)->marks ?? [], static fn (Mark $one): bool => $one instanceof Words && '17' === $one->text))[0];
        $found = WhatNow::of($book, new Asked(SlipKind::Figure, $page, intdiv($figure->x, Grain::PER_BOX), intdiv($figure->y, Grain::PER_BOX)));
        self::assertStringContainsString('“17”', $found->where);
        self::assertStringContainsString('The check that closes it', $found->where);
        self::assertSame('Correction pen over it', $found->ways[0]->say);
        $block = array_values(array_filter($found->ways, static fn (Saving $one): bool => 'Cover the whole block' === $one->say))[0];
        self::assertMatchesRegularExpression('/7 × [456] boxes \(35 × (20|25|30) mm\).*(28|29|30|31) figures/', $block->how);
    }

    /** Whatever happened, wherever: each way can be made, is written and read as the same plan, and leaves a whole book. */
    public function testEveryWayOfRandomSlipsCanBeMadeAndTakenOutInAnyOrder(): void
    {
        $made = [];
        for ($seed = 1; $seed <= Thorough::of(12, 24); ++$seed) {
            $plan = 0 === $seed % 3 ? Books::sample() : Books::random($seed);
            mt_srand($seed);
            $first = $plan;
            for ($n = 0; $n < 6; ++$n) {
                $book = Composer::compose($plan);
                $kind = SlipKind::cases()[mt_rand(0, \count(SlipKind::cases()) - 1)];
                $page = mt_rand(1, min(60, $book->plan->stock->pages));
                $asked = new Asked(
                    $kind,
                    $page,
                    mt_rand(0, 40),
                    mt_rand(0, 60),
                    mt_rand(0, 1) ? mt_rand(1, 3) : -mt_rand(1, 3),
                    [null, true, false][mt_rand(0, 2)],
                    mt_rand(1, min(60, $book->plan->stock->pages)),
                    1000 * mt_rand(5, 90),
                    1000 * mt_rand(5, 90),
                );
                $found = WhatNow::of($book, $asked);
                self::assertMatchesRegularExpression('/\.$/', $found->where, "seed $seed");
                if ([] === $found->ways) {
                    continue;
                }
                foreach ($found->ways as $way) {
                    self::assertGreaterThan(0, $way->minutes);
                    self::assertMatchesRegularExpression('/[.]$/u', $way->how, $way->say);
                }
                $way = $found->ways[mt_rand(0, \count($found->ways) - 1)];
                $plan = Books::edited($plan, [self::sent($way->edit)]);
                $made[$kind->value] = true;
                $written = Books::files()->write($plan);
                self::assertSame($written, Books::files()->write(Books::files()->read($written)[0]), "seed $seed");
                $after = Composer::compose($plan);
                foreach (self::drawn($after, $page) as $one) {
                    $this->isOnThePage($after->drawing($one), "seed $seed, {$kind->value}, page $one");
                }
                self::assertSame(
                    self::compared(Trial::corrections($book->index, $after->index)),
                    self::compared($way->corrections),
                    "seed $seed: {$kind->value}, $way->say",
                );
            }
            $ids = array_values(array_diff(array_column($plan->making->slips, 'id'), array_column($first->making->slips, 'id')));
            shuffle($ids);
            foreach ($ids as $id) {
                $page = array_column($plan->making->slips, 'page', 'id')[$id];
                $plan = Books::edited($plan, [['type' => 'remove-slip', 'slip' => $id]]);
                $book = Composer::compose($plan);
                foreach (self::drawn($book, $page) as $one) {
                    $this->isOnThePage($book->drawing($one), "seed $seed, without $id");
                }
            }
            if ($plan->spreads == $first->spreads && $plan->inUse == $first->inUse) {
                self::assertSame(Books::files()->write($first), Books::files()->write($plan), "seed $seed: nothing of it is left");
            }
        }
        self::assertGreaterThan(11, \count($made));
    }

    /** Every way to stand single pages on pages, by trying all: none changes fewer entries of the index than the first one offered. */
    public function testNoOrderOfThePagesNeedsFewerCorrections(): void
    {
        for ($seed = 1; $seed <= 12; ++$seed) {
            mt_srand($seed);
            $count = mt_rand(3, 5);
            $edits = [];
            for ($i = 0; $i < $count; ++$i) {
                $edits[] = ['type' => 'add-spread', 'kind' => 'quote', 'title' => "Quote $i", 'section' => 'front'];
            }
            $plan = Books::edited(Books::starter(Books::a5(40))->with(['spreads' => []]), $edits);
            $book = Composer::compose($plan);
            [$drawn, $there] = [mt_rand(1, $count), mt_rand(1, $count)];
            if ($drawn === $there) {
                continue;
            }
            $ways = self::ways($book, new Asked(SlipKind::WrongPage, $drawn, other: $there));
            $fewest = min(array_map(static fn (Saving $one): int => \count($one->corrections), $ways));
            self::assertCount($fewest, $ways[0]->corrections, 'the fewest come first');
            $ids = array_column($plan->spreads, 'id');
            $moved = $book->slot($there)->spread;
            $best = \PHP_INT_MAX;
            foreach (self::orders(array_values(array_diff($ids, [$moved]))) as $order) {
                array_splice($order, $drawn - 1, 0, [$moved]);
                $changed = array_filter($order, static fn (string $id, int $i): bool => $book->pageOf($id) !== $i + 1, \ARRAY_FILTER_USE_BOTH);
                $best = min($best, \count($changed));
            }
            self::assertSame($best, $fewest, "seed $seed: page $there drawn on page $drawn of $count");
        }
    }

    /** On every page of random books: what is divided again adds up, by each school, to the boxes that are left, tick by tick. */
    public function testWhatIsDividedAgainAddsUpOnEveryPage(): void
    {
        $checked = [];
        $ticks = 0;
        for ($seed = 1; $seed <= 25; ++$seed) {
            $book = Composer::compose(Books::random($seed));
            mt_srand($seed);
            foreach (\array_slice($book->spreadPages(), 0, 20) as $page) {
                foreach ([true, false] as $down) {
                    $by = mt_rand(0, 1) ? 1 : -1;
                    foreach (self::ways($book, new Asked(SlipKind::Count, $page, mt_rand(0, 40), mt_rand(0, 60), $by, $down)) as $way) {
                        if (1 !== preg_match('/: (\S+) box(?:es)? = .*: ([^:.]+)\.(?: No room|$)/u', $way->how, $found)) {
                            continue;
                        }
                        [, $side, $run] = $found;
                        $parts = array_sum(array_map(self::number(...), explode(', ', str_replace('skip ', '', $run))));
                        $left = 1 === preg_match('/\+ (\d+) left over/', $way->how, $over) ? (int) $over[1] : 0;
                        $before = str_starts_with($run, 'skip ') ? self::number(substr(explode(',', $run)[0], 5)) : 0.0;
                        self::assertEqualsWithDelta(self::number($side), $parts + max(0.0, $left - $before), 0.01, "seed $seed, page $page: $way->how");
                        $checked[$way->say] = ($checked[$way->say] ?? 0) + 1;
                        $mend = $way->edit['slip']['mends'][0];
                        self::assertSame(\count($mend['was']), \count($mend['now']));
                        // A tick that is said is one that a line of the page follows.
                        if (1 === preg_match('/^Tick (?:at|on dots?) ([^:]+):/', $way->how, $said)) {
                            $first = str_contains($way->how, 'on dot') ? 1.0 : 0.0;
                            foreach (explode(', ', $said[1]) as $tick) {
                                $grains = (int) round((self::number($tick) - $first) * Grain::PER_BOX);
                                self::assertContains($grains, $mend['now'], "seed $seed, page $page: no line stands at $tick. $way->how");
                                ++$ticks;
                            }
                        }
                        self::assertSame($by * Grain::PER_BOX, $mend['now'][0] - $mend['was'][0], 'the pen stands where it stands');
                    }
                }
            }
        }
        self::assertGreaterThan(4, \count($checked), implode(', ', array_keys($checked)));
        self::assertGreaterThan(100, array_sum($checked));
        self::assertGreaterThan(300, $ticks);
    }

    /** The letters of a title stand apart, and the margins beside them are no letters, though they are as wide. */
    public function testTheLettersOfATitleAreDividedAgainAndNotItsMargins(): void
    {
        $book = Composer::compose(Books::edited(Books::starter(), [['type' => 'use-pattern', 'pattern' => 'ordinary']]));
        $page = $book->months[0]->page;
        $ways = self::ways($book, new Asked(SlipKind::Count, $page, 4, 12, 1, false));
        $said = array_map(static fn (Saving $one): string => "$one->say: $one->how", $ways);
        // “January”: seven letters of 2 boxes, a box between, 3 left on either side.
        self::assertNotSame([], preg_grep('/^Go on with the same counts: Tick at .* 2 boxes left at the end/', $said), implode("\n", $said));
        foreach ($ways as $way) {
            self::assertDoesNotMatchRegularExpression('/÷ 8|8 parts/', $way->how);
            if (1 !== preg_match('/^Tick (?:at|on dots?) ([^:]+):/', $way->how, $told)) {
                continue;
            }
            $after = Composer::compose(Books::edited(Books::edited(Books::starter(), [['type' => 'use-pattern', 'pattern' => 'ordinary']]), [$way->edit]));
            $steps = array_filter($after->drawing($page)->steps ?? [], static fn ($step): bool => 'top' === $step->edge?->value && [] !== $step->ticks);
            self::assertCount(1, $steps, 'one row of ticks is said along an edge');
        }
    }

    /** "3", "3½", "26/7". */
    private static function number(string $said): float
    {
        foreach (['½' => 1 / 2, '⅓' => 1 / 3, '⅔' => 2 / 3, '¼' => 1 / 4, '¾' => 3 / 4, '⅕' => 1 / 5, '⅖' => 2 / 5, '⅗' => 3 / 5, '⅘' => 4 / 5, '⅙' => 1 / 6, '⅚' => 5 / 6, '⅛' => 1 / 8, '⅜' => 3 / 8, '⅝' => 5 / 8, '⅞' => 7 / 8] as $sign => $share) {
            if (str_ends_with($said, $sign)) {
                return (float) str_replace($sign, '', $said) + $share;
            }
        }
        if (1 === preg_match('#^(?:(\d+)\D+)?(\d+)/(\d+)$#u', $said, $found)) {
            return (float) $found[1] + (int) $found[2] / (int) $found[3];
        }

        return (float) $said;
    }

    public function testWhatCannotBeIsSaidInWords(): void
    {
        $book = Composer::compose(Books::sample());
        $spare = (int) array_key_last(array_filter($book->slots, static fn ($slot): bool => SlotKind::Spare === $slot->is));
        foreach ([
            'Nothing is drawn on page' => new Asked(SlipKind::Count, $spare),
            'there is no page 999' => new Asked(SlipKind::Count, 999),
            'Measure it' => new Asked(SlipKind::Sticker, 10),
            'Say which page it belonged on' => new Asked(SlipKind::WrongPage, 10),
        ] as $says => $asked) {
            $found = WhatNow::of($book, $asked);
            self::assertStringContainsString($says, $found->where);
            self::assertSame([], $found->ways);
        }
    }

    /** @return list<int> the pages about one on which a spread is drawn */
    private static function drawn(Book $book, int $page): array
    {
        return array_values(array_filter($book->spreadPages(), static fn (int $one): bool => abs($one - $page) <= 3));
    }

    /** @return list<Saving> */
    private static function ways(Book $book, Asked $asked): array
    {
        return WhatNow::of($book, $asked)->ways;
    }

    /** @param array<string, mixed> $edit @return array<string, mixed> as it goes over the wire */
    private static function sent(array $edit): array
    {
        return json_decode((string) json_encode($edit), true);
    }

    private static function lying(Book $book, int $page): PageDrawing
    {
        return $book->drawing($page)?->lying() ?? self::fail("nothing is drawn on page $page");
    }

    /** @return list<string> */
    private static function words(PageDrawing $page): array
    {
        $words = array_map(
            static fn (Mark $mark): string => $mark instanceof Words ? $mark->text : '',
            array_filter($page->marks, static fn (Mark $mark): bool => $mark instanceof Words),
        );
        sort($words);

        return $words;
    }

    private function isOnThePage(?PageDrawing $page, string $about): void
    {
        self::assertNotNull($page, $about);
        $numbers = array_column($page->steps, 'number');
        self::assertSame($numbers, array_values(array_unique($numbers)), "$about: each step has its number");
        foreach ($page->marks as $mark) {
            [$x, $y, $wide, $tall] = Stretched::round($mark);
            self::assertTrue(
                $x >= 0 && $y >= 0 && $x + $wide <= Grain::of($page->across) && $y + $tall <= Grain::of($page->down),
                "$about: $x $y $wide $tall",
            );
        }
    }

    /** @param list<\AmpleMargin\Paging\IndexCorrection> $all @return list<string> */
    private static function compared(array $all): array
    {
        return array_map(static fn ($one): string => "$one->name $one->was $one->now", $all);
    }

    /**
     * @param list<string> $all
     *
     * @return iterable<list<string>>
     */
    private static function orders(array $all): iterable
    {
        if ([] === $all) {
            yield [];
        }
        foreach ($all as $i => $one) {
            foreach (self::orders(array_values(array_diff_key($all, [$i => true]))) as $rest) {
                yield [$one, ...$rest];
            }
        }
    }
}
