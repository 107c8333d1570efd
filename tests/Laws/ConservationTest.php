<?php

/*
 * The law of conservation: what is asked for is on the page once, or a finding names what is not and how many. Names, months, days and
 * numbers are read from the marks by the test itself (Reading), over every kind and part of a month, in any setting, on five papers, in
 * five languages and six periods.
 */

declare(strict_types=1);

namespace Tests\Laws;

use AmpleMargin\Book\Composer;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Calendar\Weekday;
use AmpleMargin\Colour\Palette;
use AmpleMargin\Counting\Tally;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Room;
use AmpleMargin\Paper\Stock;
use AmpleMargin\Spread\Catalogue\Catalogue;
use AmpleMargin\Spread\Catalogue\Kind;
use AmpleMargin\Spread\Page\CalendarFacts;
use AmpleMargin\Spread\Page\IndexRow;
use AmpleMargin\Spread\Page\Laid;
use AmpleMargin\Spread\Page\PageGrid;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Setting\ChoiceField;
use AmpleMargin\Spread\Setting\FlagField;
use AmpleMargin\Spread\Setting\LinesField;
use PHPUnit\Framework\TestCase;
use Tests\Asking;
use Tests\Books;
use Tests\Thorough;

final class ConservationTest extends TestCase
{
    private const PAPERS = [[10, 14], [17, 28], [26, 38], [31, 46], [60, 80]];
    private const LANGUAGES = ['en', 'de', 'tr', 'ar', 'ja'];
    private const PERIODS = [
        ['2027-01', '2027-12'],
        ['2027-07', '2027-12'],
        ['2027-03', '2027-12'],
        ['2027-11', '2028-02'],
        ['2027-05', '2027-05'],
        ['2027-01', '2028-12'],
    ];

    /** Lines that are read as something else than names: months with a weight, marks that are drawn. */
    private const NO_NAMES = ['lighter', 'marks'];

    /** Lists whose names may stand on every page, since each page is read by itself: a strip, headings. */
    /** The same prompts on two dates; a name on its tab and above its list. */
    private const TWICE = ['then-and-now' => 2, 'tabbed-lists' => 2];

    private const HEADINGS = ['items', 'heads', 'columns', 'tab_names', 'frame_names', 'categories', 'legend_names', 'entries'];

    public function testEveryNameThatIsAskedForIsOnThePageOrMissed(): void
    {
        $found = [];
        $names = 0;
        $this->everyCase(Thorough::of(10, 400), static function (Kind $kind, array $values, Laid $laid, Reading $read, string $about) use (&$found, &$names): void {
            foreach ($values as $name => $items) {
                if (!\is_array($items) || null !== $laid->broken()) {
                    continue;
                }
                $names += \count($items);
                $missing = array_values(array_filter($items, static fn (string $one): bool => 0 === $read->times($one)));
                if ([] !== $missing && !self::isNamed($laid, $missing)) {
                    $found["$kind->id: $name missing"] ??= "$about: ".implode(', ', \array_slice($missing, 0, 3)).' of '.\count($items);
                }
                $twice = array_values(array_filter($items, static function (string $one) use ($read, $name, $kind, $values): bool {
                    // Below a title in the middle of its page the columns have their heads again.
                    $again = 'centre' === ($values['title_at'] ?? null) && \in_array($name, self::HEADINGS, true) ? 1 : 0;
                    $most = \in_array($name, self::HEADINGS, true)
                        ? max(array_map(static fn (int $page): int => $read->timesOn($one, $page), array_keys($read->words)))
                        : $read->times($one);

                    return $most > (self::TWICE[$kind->id] ?? 1) + $again;
                }));
                if ([] !== $twice) {
                    $found["$kind->id: $name twice"] ??= "$about: ".implode(', ', \array_slice($twice, 0, 3)).' of '.\count($items);
                }
            }
        });
        self::assertGreaterThan(1_000, $names);
        KnownFailures::assertKnown('names', $found, Thorough::is());
    }

    /** Where some months of its time are named all are, and none more often on a page than another. */
    public function testWhereMonthsAreNamedAllAre(): void
    {
        $found = [];
        $named = 0;
        $this->everyCase(Thorough::of(5, 200), static function (Kind $kind, array $values, Laid $laid, Reading $read, string $about, Request $request, string $language) use (&$found, &$named): void {
            // Of a glance the months it is for, counted here once more.
            $count = isset(array_column($kind->fields(), null, 'name')['months']) ? $request->settings->countOrNull('months') : null;
            $months = null === $count ? $request->calendar->months() : $request->calendar->period->start->run($count);
            $times = $read->months($months, $language);
            $there = array_filter($times, static fn (int $count): bool => $count > 0);
            // One or two of them may be words of a title or of a date.
            if (null !== $laid->broken() || \count($there) < 3) {
                return;
            }
            $named += \count($there);
            $missing = array_values(array_filter(
                array_diff(array_keys($times), array_keys($there)),
                static fn (string $iso): bool => !$read->hasInitial($iso, $language),
            ));
            $isTwice = \count($months) > 12;
            if ([] !== $missing && !self::isNamed($laid, $missing)) {
                $found["$kind->id: months"] ??= "$about: ".implode(', ', $missing);
            }
            if ($isTwice) {
                // A name that comes twice in the period stands there twice.
                $once = array_keys(array_filter($times, static fn (int $count): bool => 1 === $count));
                if ([] !== $once && !self::isNamed($laid, $once)) {
                    $found["$kind->id: months of the second year"] ??= "$about: ".implode(', ', $once);
                }
            }
        });
        self::assertGreaterThan(500, $named);
        KnownFailures::assertKnown('months', $found, Thorough::is());
    }

    /** Where the days of a month are figures, from the first to the last, each stands there. */
    public function testWhereDaysAreFiguresAllAre(): void
    {
        $found = [];
        $checked = 0;
        $this->everyCase(Thorough::of(4, 150), static function (Kind $kind, array $values, Laid $laid, Reading $read, string $about, Request $request) use (&$found, &$checked): void {
            $month = $request->calendar->month;
            if (null === $month || null !== $laid->broken() || true === ($values['numbered'] ?? false)) {
                return;
            }
            $days = array_map($read->figures(...), range(1, $month->days()));
            if (\count(array_filter($days)) < 20) {
                return;
            }
            ++$checked;
            $missing = array_keys(array_filter($days, static fn (int $count): bool => 0 === $count));
            if ([] !== $missing && !self::isNamed($laid, array_map(strval(...), $missing))) {
                $found["$kind->id: days"] ??= "$about: ".implode(', ', array_map(static fn (int $i): int => $i + 1, $missing));
            }
            if ($read->figures($month->days() + 1) > 0 && $month->days() < 31 && 0 === \count($missing) && max($days) === $read->figures($month->days() + 1)) {
                $found["$kind->id: a day too many"] ??= $about;
            }
        });
        self::assertGreaterThan(10, $checked);
        KnownFailures::assertKnown('days', $found, Thorough::is());
    }

    /** A list of so many rows has so many numbers, each once, over all of its pages. */
    public function testANumberedListHasEveryNumberOnce(): void
    {
        $found = [];
        $checked = 0;
        foreach ((new Catalogue())->spreads() as $kind) {
            $fields = array_column($kind->fields(), null, 'name');
            // Behind tabs each list has its own numbers.
            if (!isset($fields['rows'], $fields['numbered']) || 'tabbed-lists' === $kind->id) {
                continue;
            }
            for ($seed = 1; $seed <= Thorough::of(3, 60); ++$seed) {
                mt_srand(crc32($kind->id) + $seed);
                $first = isset($fields['first']) ? mt_rand(1, 60) : 1;
                $rows = mt_rand(5, 120);
                $values = ['rows' => $rows, 'numbered' => true, 'first' => $first];
                if (!\in_array('rows', $kind->asked($values), true)) {
                    continue;
                }
                [$laid, $about] = self::laid($kind, $values, self::PAPERS[mt_rand(1, 4)], 'en', self::PERIODS[0]);
                $read = Reading::of($laid->drawings());
                if (null !== $laid->broken()) {
                    continue;
                }
                ++$checked;
                $times = array_map($read->figures(...), range($first, $first + $rows - 1));
                $missing = \count(array_filter($times, static fn (int $count): bool => 0 === $count));
                if (($missing > 0 && !self::isNamed($laid, array_fill(0, $missing, '-'))) || max($times) > 1) {
                    $found["$kind->id: numbers"] ??= "$about, $rows rows from $first: $missing missing, at most ".max($times).' times';
                }
            }
        }
        self::assertGreaterThan(20, $checked);
        KnownFailures::assertKnown('numbers', $found, Thorough::is());
    }

    /** Whatever is known of the year stands somewhere in the book, or it is said how much of it has no room, and where. */
    public function testEveryDateThatIsKnownIsInTheBookOrMissed(): void
    {
        $found = [];
        $missed = 0;
        for ($seed = 1; $seed <= Thorough::of(14, 250); ++$seed) {
            mt_srand($seed);
            [$across, $down] = self::PAPERS[mt_rand(1, 3)];
            $stock = new Stock(5_000 * ($across + 3), 5_000 * ($down + 4), 5_000, $across, $down, 192);
            $edits = [['type' => 'use-pattern', 'pattern' => ['bare', 'plain', 'ordinary', 'rich'][mt_rand(0, 3)]]];
            foreach (['birthdays', 'important-dates', 'duties', 'next-year', 'timetable'] as $kind) {
                $edits[] = 0 === mt_rand(0, 1) ? ['type' => 'add-spread', 'kind' => $kind] : $edits[0];
            }
            $count = mt_rand(1, 45);
            $days = [['12 March'], ['3 May', '4 May', '5 May'], ['2 January', '17 March', '30 June', '9 November', '24 December']][mt_rand(0, 2)];
            for ($i = 1; $i <= $count; ++$i) {
                $is = ['date', 'date', 'duty', 'birthday'][mt_rand(0, 3)];
                $edits[] = ['type' => 'add-date', 'day' => $days[$i % \count($days)], 'words' => "Quoll$i", 'is' => $is, 'lead' => 0];
            }
            $book = Composer::compose(Books::edited(Books::starter($stock), $edits));
            $pages = array_values(array_filter(array_map($book->drawing(...), range(1, 192))));
            $read = Reading::of($pages);
            $missing = array_filter(range(1, $count), static fn (int $i): bool => 0 === $read->times("Quoll$i"));
            $missed += \count($missing);
            $said = 0;
            foreach ([...$book->findings(), ...array_merge(...array_map(static fn (PageDrawing $page): array => $page->findings, $pages))] as $finding) {
                preg_match_all('/needs (\d+) lines? and has (\d+|none)/', $finding->says, $short, \PREG_SET_ORDER);
                $said += array_sum(array_map(static fn (array $one): int => (int) $one[1] - (int) $one[2], $short));
                $said += 1 === preg_match('/(One|\d+) dates? of .* (?:has|have) no room here/', $finding->says, $of) ? max(1, (int) $of[1]) : 0;
            }
            if (\count($missing) > $said) {
                $found["seed $seed"] = "$across × $down: ".\count($missing)." of $count missing, $said said";
            }
        }
        self::assertGreaterThan(20, $missed);
        KnownFailures::assertKnown('entries', $found, Thorough::is());
    }

    public function testTheListOfWhatIsKnownOnlyShrinks(): void
    {
        $lines = KnownFailures::lines();
        self::assertCount(KnownFailures::MOST, $lines, 'MOST is lowered with every line that goes.');
        self::assertCount(\count($lines), array_unique(array_map(static fn (array $line): string => "$line[0] | $line[1]", $lines)));
    }

    /** @param \Closure(Kind, array<string, mixed>, Laid, Reading, string, Request, string): void $look */
    private function everyCase(int $each, \Closure $look): void
    {
        $catalogue = new Catalogue();
        foreach ([...$catalogue->spreads(), ...$catalogue->monthParts()] as $kind) {
            for ($seed = 1; $seed <= $each; ++$seed) {
                mt_srand(crc32($kind->id) + $seed);
                $language = self::LANGUAGES[$seed % 5];
                $values = self::values($kind);
                [$laid, $about, $request] = self::laid($kind, $values, self::PAPERS[mt_rand(0, 4)], $language, self::PERIODS[mt_rand(0, 5)]);
                $asked = array_intersect_key($values, array_flip($kind->asked($values)));
                $look($kind, $asked, $laid, Reading::of($laid->drawings()), $about, $request, $language);
            }
        }
    }

    /** @return array<string, mixed> names nobody would find by chance; choices and yes or no by chance */
    private static function values(Kind $kind): array
    {
        $values = [];
        foreach ($kind->fields() as $field) {
            if ($field instanceof LinesField && !\in_array($field->name, self::NO_NAMES, true) && mt_rand(0, 3) > 0) {
                $count = [1, 2, 3, 5, 8, 13, 24][mt_rand(0, 6)];
                $values[$field->name] = array_map(static fn (int $i): string => mb_substr(ucfirst($field->name), 0, 3)."q$i", range(1, $count));
            } elseif ($field instanceof ChoiceField && 0 === mt_rand(0, 1)) {
                $values[$field->name] = Asking::value($field);
            } elseif ($field instanceof FlagField && 0 === mt_rand(0, 3)) {
                $values[$field->name] = true;
            }
        }

        return $values;
    }

    /**
     * @param array<string, mixed>     $values
     * @param array{int, int}          $paper
     * @param array{string, string}    $period
     *
     * @return array{Laid, string, Request}
     */
    private static function laid(Kind $kind, array $values, array $paper, string $language, array $period): array
    {
        [$across, $down] = $paper;
        $settings = $kind->settings($values);
        $months = Asking::period(...$period);
        $request = new Request(
            'one',
            'Titleq',
            $settings,
            (new PageGrid($across, $down, Tally::Boxes, 5_000))->lying($settings->turned()),
            new CalendarFacts($months, Weekday::Monday, new Names($language), null === $kind->section ? $months->start : null),
            Palette::usual(),
        );

        return [$kind->form->layOut($request->reading([new IndexRow('Entry', '1')])), "$across × $down, $language, {$period[0]} to {$period[1]}, ".json_encode($values, \JSON_UNESCAPED_UNICODE), $request];
    }

    /**
     * Whether some finding names what is missing, or how many: by the count, or by how many there are and how many have room.
     *
     * @param list<string> $missing
     */
    private static function isNamed(Laid $laid, array $missing): bool
    {
        $count = \count($missing);
        $short = 0;
        foreach (array_merge(...array_values($laid->findings), ...[[]]) as $finding) {
            /** @var Finding $finding */
            preg_match_all('/\d+/', $finding->says, $found);
            $numbers = array_map(intval(...), $found[0]);
            if (\in_array($count, $numbers, true) || [] === array_filter($missing, static fn (string $one): bool => !str_contains($finding->says, $one))) {
                return true;
            }
            // "“March” has room for 4 lines; 5 are written in it."
            $short += 1 === preg_match('/(\d+) lines?; (\d+) are/', $finding->says, $of) ? (int) $of[2] - (int) $of[1] : 0;
        }

        return $short === $count;
    }
}
