<?php

declare(strict_types=1);

namespace Tests\Compare;

use AmpleMargin\Book\Composer;
use AmpleMargin\Book\Memory;
use AmpleMargin\Compare\Candidate;
use AmpleMargin\Compare\Comparison;
use AmpleMargin\Compare\Measures;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Making\Pace;
use AmpleMargin\Making\Worked;
use AmpleMargin\Paper\Stock;
use AmpleMargin\Plan\Making\Work;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Spread\Catalogue\Catalogue;
use AmpleMargin\Spread\Catalogue\Kind;
use AmpleMargin\Spread\Part\HasLayouts;
use PHPUnit\Framework\TestCase;
use Tests\Books;
use Tests\Thorough;

final class ComparisonTest extends TestCase
{
    public function testMeasuresAreCountedFromWhatIsDrawn(): void
    {
        $canvas = new Canvas(10, 10);
        $canvas->step(Task::Ink, 'Rule.');
        $canvas->frame(Layer::Ink, 0, 0, 4, 5);
        $canvas->line(Layer::Ink, 0, 1, 4, 0);
        $canvas->step(Task::Write, 'Write.');
        $canvas->words(Layer::Writing, 6, 0, 1, 1, '17');
        $canvas->words(Layer::Writing, 7, 0, 3, 1, 'May');
        $canvas->room('2027-05', 'May', 0, 1, 4, 4, 1);
        $page = $canvas->finish();
        $measures = Measures::of([$page, $page]);
        self::assertSame([2, 8, 2, 10], [$measures->pages, $measures->rooms['2027-05']['lines'], $measures->figures, $measures->lines]);
        self::assertSame(2 * (100 - 4 * 5 - 4), $measures->leftOver);
        self::assertSame(['lines of less than 1½ boxes'], $measures->limits);
        self::assertEquals(new Work(figures: 2, words: 2, letters: 6, lines: 10, pages: 2), $measures->work);
    }

    public function testFiguresInLessThanABoxBreakALimit(): void
    {
        $canvas = new Canvas(10, 10);
        $canvas->step(Task::Write, 'Write.');
        $canvas->words(Layer::Writing, 0, 0, \AmpleMargin\Counting\Fraction::of(3, 4), 1, '17');
        self::assertSame(['figures in less than a box'], Measures::of([$canvas->finish()])->limits);
    }

    /**
     * Pages a practitioner timed (docs/trade.md, "Time"; common practice, no source): a day matrix of a year 17 minutes; a year of figures is
     * about an hour.
     */
    public function testMinutesComeNearThePagesThatWereTimed(): void
    {
        $minutes = [];
        foreach (['matrix', 'mini'] as $way) {
            $plan = Books::edited(
                Books::starter(),
                [['type' => 'set-spread', 'spread' => 'year-at-a-glance', 'settings' => ['way' => $way]]],
            );
            $minutes[$way] = Pace::starting()->minutes(Worked::of(Books::pagesOf($plan, 'year-at-a-glance')))->likely;
        }
        self::assertEqualsWithDelta(17, $minutes['matrix'], 6);
        self::assertEqualsWithDelta(60, $minutes['mini'], 10);
    }

    /**
     * Every kind with layouts, on papers from A6 to B5: three to six that fit where the page is not tiny, each as its own settings draw
     * it.
     */
    public function testEveryComparisonShowsTrueDrawingsAndRecommendsTheBestByItsOwnRule(): void
    {
        $compared = 0;
        $papers = [[26, 38, 5_000], [17, 26, 5_000], [31, 46, 5_000], [35, 50, 3_700]];
        foreach (\array_slice($papers, 0, Thorough::of(2, 4)) as [$across, $down, $pitch]) {
            $plan = Books::starter(new Stock($across * $pitch + 12_000, $down * $pitch + 14_000, $pitch, $across, $down, 240));
            // Of these books only the compared spread differs: the others are laid out once.
            $memory = new Memory();
            foreach ((new Catalogue())->spreads() as $kind) {
                if (!$kind->form instanceof HasLayouts) {
                    continue;
                }
                [$comparison, $with, $id] = $this->compare($plan, $kind);
                $about = "$kind->id on $across × $down";
                self::assertLessThanOrEqual(6, \count($comparison->candidates), $about);
                // A log of 25 boxes fits no page of 17 that is upright, whatever its rows; that is refused, and says so.
                $now = Composer::compose($with, memory: $memory)->spreadDrawings($id);
                $broken = array_filter(array_merge(...array_column($now, 'findings')), static fn ($one): bool => $one->broken);
                self::assertCount(
                    [] === $broken ? 1 : 0,
                    array_filter($comparison->candidates, static fn (Candidate $one): bool => $one->current),
                    "$about: as it is now is among them",
                );
                self::assertNotSame([], [...$comparison->candidates, ...$comparison->refused], $about);
                foreach ($comparison->candidates as $one) {
                    $drawn = Composer::compose(Books::edited(
                        $with,
                        [['type' => 'set-spread', 'spread' => $id, 'settings' => $one->layout->settings]],
                    ), memory: $memory)->spreadDrawings($id);
                    // An index that takes other pages than before lists other pages.
                    self::assertTrue(
                        'index' === $kind->id ? \count($drawn) === \count($one->pages) : $drawn == $one->pages,
                        "$about: {$one->layout->name}",
                    );
                    self::assertSame(\count($drawn), $one->measures->pages);
                }
                $this->bestIsBest($comparison, $about);
                $compared += \count($comparison->candidates) >= 3 ? 1 : 0;
            }
        }
        self::assertGreaterThanOrEqual(Thorough::of(15, 30), $compared, 'three or more candidates nearly everywhere');
    }

    /** Whatever layout a spread has, it is among those compared, once, also where it is none of the usual ones. */
    /** Counted by hand on 26 × 38: exact shares and the table of whole boxes, with gaps and without, by 2, 3, 4, 5 and 7. */
    public function testASpacingSheetIsWeighedByTheDivisionsItShows(): void
    {
        $plan = Books::sample();
        $found = Composer::compose($plan)->layouts($plan->spread('spacing-sheet') ?? throw new \LogicException())
            ?? throw new \LogicException();
        $shown = [];
        foreach ($found->candidates as $one) {
            $shown[$one->layout->name] = $one->measures->shown;
        }
        // 26 in 2 is 13 exactly and in whole boxes, 38 in 2 is 19: each is one division, though it stands there twice.
        self::assertSame(
            [
                'Numbered edges' => 28,
                'Four corners' => 16,
                'Table of containers' => 20,
                'Half a page, with a quote' => 20,
                'Loose card, with its pocket here' => 0,
            ],
            $shown,
        );
        self::assertSame(0, $found->best);
        self::assertStringContainsString('shows 28 divisions', $found->reason);
    }

    /** A year in mini months and one as a matrix take a page and break no limit: nothing but custom decides, and it says so. */
    public function testWhereOnlyCustomDecidesTheReasonSaysSo(): void
    {
        $plan = Books::sample();
        $found = Composer::compose($plan)->layouts($plan->spread('year-at-a-glance') ?? throw new \LogicException())
            ?? throw new \LogicException();
        self::assertStringEndsWith('“Day matrix” does as well by these; this one is drawn more often.', $found->reason);
        $log = Composer::compose($plan)->layouts($plan->spread('future-log') ?? throw new \LogicException()) ?? throw new \LogicException();
        self::assertStringNotContainsString('as well', $log->reason);
    }

    public function testTheLayoutASpreadHasIsAlwaysAmongThose(): void
    {
        foreach ([
            'cover' => [['figures' => 'fold'], ['figures' => 'two']],
            'future-log' => [
                ['school' => 'columns'],
                ['school' => 'dates'],
                ['months_per_page' => 2, 'columns' => 1, 'extra' => 'frame'],
                ['line' => '2'],
            ],
            'year-at-a-glance' => [['way' => 'printed'], ['week_numbers' => true]],
            'key' => [['row' => '1', 'key_columns' => 2]],
        ] as $id => $all) {
            foreach ($all as $settings) {
                $plan = Books::edited(Books::starter(), [['type' => 'set-spread', 'spread' => $id, 'settings' => $settings]]);
                $comparison = Composer::compose($plan)->layouts($plan->spread($id) ?? self::fail()) ?? self::fail();
                $now = array_values(array_filter($comparison->candidates, static fn (Candidate $one): bool => $one->current));
                self::assertCount(1, $now, "$id ".json_encode($settings));
                $marks = static fn (PageDrawing $page): array => $page->marks;
                self::assertEquals(array_map($marks, Books::pagesOf($plan, $id)), array_map($marks, $now[0]->pages));
            }
        }
    }

    public function testAnotherPaperRanksTheLayoutsAnew(): void
    {
        $order = [];
        foreach ([[26, 38], [60, 20]] as [$across, $down]) {
            $plan = Books::starter(new Stock(400_000, 400_000, 4_000, $across, $down, 240));
            $candidates = (Composer::compose($plan)->layouts($plan->spread('goals-by-area') ?? self::fail()) ?? self::fail())->candidates;
            usort($candidates, static fn (Candidate $a, Candidate $b): int => $b->measures->leastRoom() <=> $a->measures->leastRoom());
            $order[] = $candidates[0]->layout->name;
        }
        self::assertNotSame($order[0], $order[1]);
    }

    public function testAPaperTooSmallSaysOfEachLayoutWhyNot(): void
    {
        $plan = Books::starter(new Stock(60_000, 80_000, 5_000, 10, 14, 96));
        $comparison = Composer::compose($plan)->layouts($plan->spread('year-at-a-glance') ?? self::fail()) ?? self::fail();
        self::assertNotSame([], $comparison->refused);
        foreach ($comparison->refused as $one) {
            self::assertMatchesRegularExpression('/\d/', $one->refused, 'it says how many boxes are missing');
        }
    }

    /** The rule, written again: fewest limits broken, an opening at most, most room where there is least, fewest pages. */
    private function bestIsBest(Comparison $comparison, string $about): void
    {
        if (null === $comparison->best) {
            self::assertSame([], $comparison->candidates, $about);

            return;
        }
        $best = $comparison->candidates[$comparison->best];
        foreach ($comparison->candidates as $other) {
            $limits = \count($best->measures->limits) <=> \count($other->measures->limits);
            $pages = max(2, $best->measures->pages) <=> max(2, $other->measures->pages);
            $room = $other->measures->leastRoom() <=> $best->measures->leastRoom();
            self::assertTrue(
                $limits < 0 || (0 === $limits && ($pages < 0 || (0 === $pages && $room <= 0))),
                "$about: {$best->layout->name} before {$other->layout->name}",
            );
        }
        self::assertStringContainsString(
            'takes '.Pace::starting()->minutes($best->measures->work, $best->measures->pages)->says(),
            $comparison->reason,
        );
    }

    /** @return array{Comparison, Plan, string} with the id of the spread that is compared */
    private function compare(Plan $plan, Kind $kind): array
    {
        $with = Books::edited($plan, [['type' => 'add-spread', 'kind' => $kind->id]]);
        foreach ($with->spreads as $spread) {
            if (null === $plan->spread($spread->id)) {
                return [Composer::compose($with)->layouts($spread) ?? self::fail($kind->id), $with, $spread->id];
            }
        }
        self::fail('The spread was not added.');
    }
}
