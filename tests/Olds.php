<?php

/* Old books for tests: random ones, with random things said of them. */

declare(strict_types=1);

namespace Tests;

use AmpleMargin\Book\Carrying\OldBookOf;
use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Period;
use AmpleMargin\Calendar\Weekday;
use AmpleMargin\Plan\Old\ItemFate;
use AmpleMargin\Plan\Old\Looked;
use AmpleMargin\Plan\Old\OldBook;
use AmpleMargin\Plan\Old\OldItem;
use AmpleMargin\Plan\Old\OldSpread;
use AmpleMargin\Plan\Old\OldWriter;
use AmpleMargin\Plan\Old\Verdict;
use AmpleMargin\Plan\PlannedSpread;
use AmpleMargin\Plan\Section;
use AmpleMargin\Plan\WeekPlan;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class Olds
{
    /** @var array<string, mixed>|null */
    private static ?array $sample = null;

    /** A random book of so many spreads; some judged, some not. */
    public static function random(int $spreads, ?Catalogue $catalogue = null): OldBook
    {
        $catalogue ??= new Catalogue();
        $kinds = $catalogue->spreads();
        $olds = [];
        $page = 1;
        for ($i = 0; $i < $spreads; ++$i) {
            $kind = $kinds[mt_rand(0, \count($kinds) - 1)];
            $known = 0 !== mt_rand(0, 9);
            $pages = mt_rand(1, 4);
            $olds[] = self::judged(new OldSpread(
                new PlannedSpread("old-$i", $known ? $kind->id : '', $kind->section ?? Section::Back, 0 === mt_rand(0, 2) ? "Old $i" : null),
                $page,
                $pages,
                items: array_map(
                    static fn (int $n): OldItem => new OldItem(
                        "Thing $i $n",
                        ItemFate::cases()[mt_rand(0, 5)] ?? null,
                        0 === mt_rand(0, 3) ? "Other $i $n" : null,
                    ),
                    0 === mt_rand(0, 1) ? range(1, mt_rand(1, 5)) : [],
                ),
            ));
            $page += $pages;
        }
        [$months, $planned] = self::months();

        return new OldBook(
            'Book of last year',
            Books::a5(),
            new Period(new Month(2026, 1), new Month(2026, 12)),
            new WeekPlan(Weekday::Monday),
            $olds,
            $months,
            $planned,
            $page - 1,
            hold: mt_rand(1, 12),
        );
    }

    public static function judged(OldSpread $old): OldSpread
    {
        return $old->with([
            'looked' => Looked::cases()[mt_rand(0, 3)] ?? null,
            'verdict' => Verdict::cases()[mt_rand(0, 4)] ?? null,
            'how' => 0 === mt_rand(0, 3) ? 'smaller' : '',
            'took' => 0 === mt_rand(0, 3) ? mt_rand(0, 6) : null,
            'half' => 0 === mt_rand(0, 4),
            'filled' => 0 === mt_rand(0, 3) ? mt_rand(0, 40) : null,
        ]);
    }

    /** @return array{array<string, int>, array<string, int>} pages of the months that have ended, and those that were held for all */
    private static function months(): array
    {
        $months = $planned = [];
        $ended = mt_rand(0, 12);
        for ($i = 1; $i <= 12; ++$i) {
            $month = \sprintf('2026-%02d', $i);
            $planned[$month] = mt_rand(6, 14);
            $months += $i <= $ended ? [$month => max(0, $planned[$month] + mt_rand(-2, 4))] : [];
        }

        return [$months, $planned];
    }

    /** @return array<string, mixed> the sample as it is sent to be reviewed */
    public static function sample(): array
    {
        return self::$sample ??= OldWriter::book(OldBookOf::plan(Books::sample()));
    }
}
