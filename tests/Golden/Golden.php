<?php

/*
 * Pages as they were drawn before anything was rebuilt: every kind on six papers in all its layouts and in settings by chance (cases), the
 * samples and 300 books by chance (plans). Both were written down once, so that a new kind does not make other books of them.
 */

declare(strict_types=1);

namespace Tests\Golden;

use AmpleMargin\Book\Composer;
use AmpleMargin\Calendar\MonthWeeks;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Calendar\Weekday;
use AmpleMargin\Calendar\WeekSchool;
use AmpleMargin\Colour\Palette;
use AmpleMargin\Counting\Tally;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Spread\Page\CalendarFacts;
use AmpleMargin\Spread\Page\IndexRow;
use AmpleMargin\Spread\Page\Laid;
use AmpleMargin\Spread\Page\PageGrid;
use AmpleMargin\Spread\Page\Request;
use Tests\Asking;
use Tests\Books;

final class Golden
{
    public const FILE = __DIR__.'/golden.txt';
    public const CHANGES = __DIR__.'/changes.txt';
    private const CASES = __DIR__.'/cases.jsonl.gz';
    private const PLANS = __DIR__.'/plans.jsonl.gz';
    private const PAPERS = [[8, 8], [10, 14], [17, 28], [26, 38], [31, 46], [60, 80]];
    private const PERIODS = [['2027-01', '2027-12'], ['2027-07', '2027-12'], ['2027-03', '2028-02'], ['2027-05', '2027-05'], ['2027-01', '2028-12']];
    private const RANDOM = 300;

    /**
     * Every line of what is drawn now: its name → its fingerprint.
     *
     * @param int $every of the cases and of the books, so many are left out after each
     *
     * @return \Generator<string, string>
     */
    public static function now(int $every = 1): \Generator
    {
        foreach (self::lines(self::CASES) as $i => $case) {
            if (0 === $i % $every) {
                /** @var array{kind: string, settings: array<string, mixed>, paper: int, period: int, first: int, language: string} $case */
                $laid = self::laid($case);
                yield "case $i {$case['kind']} ".implode('×', self::PAPERS[$case['paper']]) => Fingerprint::of($laid->drawings());
            }
        }
        foreach (self::plans() as $name => $plan) {
            if (0 === $name % $every || $name >= self::RANDOM) {
                yield from self::book("plan $name", $plan);
            }
        }
    }

    /** @return \Generator<string, string> */
    private static function book(string $name, Plan $plan): \Generator
    {
        foreach (Composer::all($plan) as $volume => $book) {
            $drawn = [];
            for ($page = 1; $page <= $book->plan->stock->pages; ++$page) {
                $drawing = $book->drawing($page);
                if (null !== $drawing) {
                    // A month is one line, all its parts.
                    $drawn[explode('/', $book->drawingName($page))[0]][] = $drawing;
                }
            }
            foreach ($drawn as $of => $pages) {
                yield "$name $volume $of" => Fingerprint::of($pages);
            }
        }
    }

    /** @return array<string, string> as it was kept */
    public static function kept(): array
    {
        $kept = [];
        foreach (file(self::FILE, \FILE_IGNORE_NEW_LINES) ?: [] as $line) {
            [$name, $print] = explode(': ', $line, 2);
            $kept[$name] = $print;
        }

        return $kept;
    }

    /** @return \Generator<int, Plan> the random ones from 0, then the samples */
    public static function plans(): \Generator
    {
        foreach (self::lines(self::PLANS) as $i => $written) {
            yield $i => Books::files()->stored(json_encode($written, \JSON_THROW_ON_ERROR));
        }
    }

    /** @param array{kind: string, settings: array<string, mixed>, paper: int, period: int, first: int, language: string} $case */
    private static function laid(array $case): Laid
    {
        $kind = Asking::kind($case['kind']);
        $settings = $kind->settings($case['settings']);
        $months = Asking::period(...self::PERIODS[$case['period']]);
        $month = null === $kind->section ? $months->start : null;
        $first = Weekday::from($case['first']);
        $weeks = $kind->ofMonth->byWeeks && null !== $month ? MonthWeeks::of($month, $first, WeekSchool::Split, $months) : [];
        $pages = null === $month ? 0 : $kind->ofMonth->pages;
        $laid = $kind->form->layOut((new Request(
            'one',
            $kind->name,
            $settings,
            (new PageGrid(...[...self::PAPERS[$case['paper']], Tally::Boxes, 5_000]))->lying($settings->turned()),
            new CalendarFacts($months, $settings->weekStart($first), new Names($case['language']), $month, \array_slice($weeks, 0, 2)),
            Palette::usual(),
            $pages,
        ))->reading(array_map(static fn (int $i): IndexRow => new IndexRow("Entry $i", "$i", 0 === $i % 3), range(1, 20))));

        return null === $month ? $laid : $laid->upTo(max(1, $pages));
    }

    /** @return \Generator<int, array<string, mixed>> */
    private static function lines(string $file): \Generator
    {
        foreach (explode("\n", (string) gzdecode((string) file_get_contents($file))) as $i => $line) {
            /** @var array<string, mixed> $read */
            $read = json_decode($line, true, 64, \JSON_THROW_ON_ERROR);
            yield $i => $read;
        }
    }
}
