<?php

/* Plans for tests: the sample, and random ones. */

declare(strict_types=1);

namespace Tests;

use AmpleMargin\Book\Layouts;
use AmpleMargin\Book\StarterPlan;
use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Period;
use AmpleMargin\Calendar\Weekday;
use AmpleMargin\Calendar\WeekSchool;
use AmpleMargin\Counting\Tally;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Editing\Edits;
use AmpleMargin\Paper\FirstLeaf;
use AmpleMargin\Paper\Stock;
use AmpleMargin\Plan\BookPlan;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\Volume;
use AmpleMargin\Plan\WeekPages;
use AmpleMargin\Plan\WeekPlan;
use AmpleMargin\Spread\Catalogue\Catalogue;
use AmpleMargin\Spread\Catalogue\Kind;
use AmpleMargin\Spread\Page\Laid;
use App\Plan\PlanFiles;
use App\Plan\SamplePlans;

final class Books
{
    /** It reads the schema once. */
    private static ?PlanFiles $files = null;

    /** @var array<string, Plan> made once: they never change */
    private static array $starters = [];

    public static function files(): PlanFiles
    {
        return self::$files ??= new PlanFiles(\dirname(__DIR__).'/docs/plan.schema.json');
    }

    public static function sample(): Plan
    {
        return self::$starters['sample'] ??= (new SamplePlans(self::files()))->fullYear();
    }

    public static function a5(int $pages = 192, FirstLeaf $leaf = FirstLeaf::Ordinary): Stock
    {
        return new Stock(148_000, 210_000, 5_000, 26, 38, $pages, $leaf);
    }

    public static function starter(?Stock $stock = null, string $start = '2027-01', string $end = '2027-12'): Plan
    {
        $stock ??= self::a5();

        return self::$starters[serialize([$stock, $start, $end])] ??= StarterPlan::for('A notebook', $stock, new Period(
            Month::read($start) ?? throw new \LogicException(),
            Month::read($end) ?? throw new \LogicException(),
        ), Weekday::Monday);
    }

    /**
     * The pages of one spread as its first book draws them, without composing that: no index is read and no date written.
     *
     * @return list<PageDrawing>
     */
    public static function pagesOf(Plan $plan, string $spread): array
    {
        return self::laid($plan, $spread)?->drawings() ?? [];
    }

    /** The same before it is drawn; null where there is no such spread, or nobody knows its kind. */
    public static function laid(Plan $plan, string $spread): ?Laid
    {
        $book = self::first($plan);
        $planned = $book->spread($spread);

        return null === $planned ? null : (new Layouts($book, (new Catalogue())->having($plan)))->ofSpread($planned, []);
    }

    /** @return list<Stock> of A5, B5 and A6, with a box every 5 mm */
    public static function papers(): array
    {
        return [self::a5(), new Stock(176_000, 250_000, 5_000, 32, 46, 192), new Stock(105_000, 148_000, 5_000, 17, 26, 120)];
    }

    /** The first book of a plan. */
    public static function first(Plan $plan): BookPlan
    {
        return $plan->inBook(Volume::FIRST) ?? throw new \LogicException('Every plan has a first book.');
    }

    /** @param list<array<string, mixed>> $edits */
    public static function edited(Plan $plan, array $edits): Plan
    {
        foreach ($edits as $edit) {
            $plan = Edits::apply($plan, $edit)->plan;
        }

        return $plan;
    }

    /** A plan of random stock, period, weeks, patterns and spreads; the same for the same seed. */
    public static function random(int $seed): Plan
    {
        mt_srand($seed);
        $across = mt_rand(10, 60);
        $down = mt_rand(14, 80);
        $pitch = [3_700, 4_000, 5_000, 6_350][mt_rand(0, 3)];
        $stock = new Stock(
            max(50_000, min(400_000, $across * $pitch + 12_000)),
            min(400_000, $down * $pitch + 14_000),
            min($pitch, intdiv(380_000, $down)),
            $across,
            $down,
            2 * mt_rand(20, 150),
            FirstLeaf::cases()[mt_rand(0, 3)],
        );
        $start = new Month(mt_rand(1990, 2060), mt_rand(1, 12));
        $plan = new Plan(
            "Random $seed",
            $stock,
            new Period($start, $start->plus(mt_rand(0, 23))),
            new WeekPlan(
                [Weekday::Monday, Weekday::Saturday, Weekday::Sunday][mt_rand(0, 2)],
                WeekSchool::cases()[mt_rand(0, 3)],
                WeekPages::cases()[mt_rand(0, 2)],
            ),
            [],
            self::starter()->months,
            Tally::cases()[mt_rand(0, 1)],
        );
        $kinds = (new Catalogue())->spreads();
        $edits = [['type' => 'use-pattern', 'pattern' => ['bare', 'plain', 'ordinary', 'rich'][mt_rand(0, 3)]]];
        for ($i = mt_rand(0, 14); $i > 0; --$i) {
            $settings = 0 === mt_rand(0, 3) ? ['settings' => ['turned' => true]] : [];
            $edits[] = ['type' => 'add-spread', 'kind' => $kinds[mt_rand(0, \count($kinds) - 1)]->id] + $settings;
        }
        if (0 === mt_rand(0, 1)) {
            $edits[] = ['type' => 'set-pattern', 'pattern' => self::randomPattern()];
            $edits[] = ['type' => 'use-pattern', 'pattern' => 'random'];
        }

        return self::edited($plan, $edits);
    }

    /** @return array<string, mixed> of any kinds a month can have, the weeks in any way they are drawn */
    private static function randomPattern(): array
    {
        $kinds = array_values(array_filter((new Catalogue())->ofMonths(), static fn (Kind $kind): bool => !$kind->ofMonth->byWeeks));
        $parts = [];
        for ($i = mt_rand(1, 6); $i > 0; --$i) {
            $kind = $kinds[mt_rand(0, \count($kinds) - 1)];
            $parts[] = ['kind' => $kind->id, 'pages' => mt_rand(0, 3)];
        }
        $ways = ['below', 'quarters', 'columns', 'rolling'];
        $parts[] = ['kind' => 'weeks', 'pages' => 0, 'settings' => [
            'days_as' => $ways[mt_rand(0, 3)],
            ...(1 === mt_rand(0, 2) ? ['week_of' => '5', 'week_called' => 'days'] : []),
        ]];

        return ['id' => 'random', 'name' => 'Random', 'parts' => $parts];
    }
}
