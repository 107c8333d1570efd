<?php

/*
 * The law of true sentences: every step, finding, reason and working that holds a number is read by patterns written in the tests, and
 * its number compared with what is drawn, or the sum done once more. A sentence with a number that no pattern reads fails.
 */

declare(strict_types=1);

namespace Tests\Laws;

use AmpleMargin\Book\Book;
use AmpleMargin\Book\Composer;
use AmpleMargin\Book\SlotKind;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Calendar\Weekday;
use AmpleMargin\Colour\Palette;
use AmpleMargin\Counting\Tally;
use AmpleMargin\Spread\Catalogue\Catalogue;
use AmpleMargin\Spread\Catalogue\Kind;
use AmpleMargin\Spread\Page\CalendarFacts;
use AmpleMargin\Spread\Page\IndexRow;
use AmpleMargin\Spread\Page\Laid;
use AmpleMargin\Spread\Page\PageGrid;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Setting\LinesField;
use AmpleMargin\Spread\Setting\TextField;
use PHPUnit\Framework\TestCase;
use Tests\Asking;
use Tests\Books;
use Tests\Thorough;

final class SentencesTest extends TestCase
{
    private const PAPERS = [[10, 14], [17, 28], [26, 38], [31, 46], [60, 80]];
    private const PERIODS = [['2027-01', '2027-12'], ['2027-07', '2027-12'], ['2027-11', '2028-02'], ['2027-05', '2027-05']];

    public function testWhatStepsSayIsDrawn(): void
    {
        $found = [];
        $read = 0;
        $this->everyCase(Thorough::of(24, 300), static function (Kind $kind, Laid $laid, Tally $tally, string $about) use (&$found, &$read): void {
            foreach ($laid->drawings() as $page) {
                $lying = $page->lying();
                foreach ($lying->steps as $step) {
                    $wrong = StepSentences::wrong($lying, $step, $tally);
                    ++$read;
                    if (null !== $wrong) {
                        $found[preg_replace('/[\d½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅐⅛⅜⅝⅞⅑⅒\/]+/u', '#', mb_substr($wrong, 0, 60))] ??= "$kind->id, $about: $wrong";
                    }
                }
            }
        });
        self::assertGreaterThan(3_000, $read);
        KnownFailures::assertKnown('steps', $found, Thorough::is());
    }

    public function testTheSumsOfWorkingsHold(): void
    {
        $found = [];
        $sums = 0;
        $this->everyCase(Thorough::of(24, 300), static function (Kind $kind, Laid $laid, Tally $tally, string $about) use (&$found, &$sums): void {
            foreach ($laid->drawings() as $page) {
                foreach ($page->workings as $working) {
                    $arithmetic = InBoxes::sum($working->arithmetic, $tally);
                    [$count, $wrong] = Sums::of($arithmetic);
                    $sums += $count;
                    if ([] !== $wrong) {
                        $found["$kind->id $working->note"] ??= "$about: ".implode(' | ', $wrong)." in “{$working->arithmetic}”";
                    }
                    if (0 === $count && !self::isRead($arithmetic, self::WORKINGS)) {
                        $found['unread '.preg_replace('/[\d½⅓⅔¼¾]+/u', '#', mb_substr($working->arithmetic, 0, 60))] ??= "$about: $working->arithmetic";
                    }
                }
            }
        });
        self::assertGreaterThan(2_000, $sums);
        KnownFailures::assertKnown('workings', $found, Thorough::is());
    }

    /** Workings that are no sums: where a part of them could be one, it is read. */
    private const WORKINGS = [
        '/^$/',
        '/^\D*$/u',
        '/^\d+ in steps of \d+/',
        '/^\d+ letters?, /',
        '/a row of/', '/a shelf|and one between/', '/for the sums, in halves/', '/for the corner serves both/',
        '/each thickens the book/', '/divides the area of the jar/', '/ mm (are|a box)|mm, at/', '/÷ \d+ across/', '/÷ [\d½]+, rounded down/',
        '/the values are written/', '/centres \d+ box/', '/ Dec |h; /', '/of at most \d+ dots/', '/^for the names/', '/best gap/', '/missing of/',
        '/^\d+ lines? of /', '/in all/', '/^one /',
    ];

    public function testWhatFindingsSayCanBe(): void
    {
        $found = [];
        $read = 0;
        $this->everyCase(Thorough::of(12, 400), static function (Kind $kind, Laid $laid, Tally $tally, string $about, Request $request) use (&$found, &$read): void {
            foreach (array_merge(...array_values($laid->findings), ...[[]]) as $finding) {
                ++$read;
                $wrong = FindingSentences::wrong($finding->says, $request->grid->across, $request->grid->down);
                if (null !== $wrong) {
                    $found[preg_replace('/\d+/', '#', mb_substr($wrong, 0, 60))] ??= "$kind->id, $about: $wrong";
                }
            }
        });
        self::assertGreaterThan(200, $read);
        KnownFailures::assertKnown('findings', $found, Thorough::is());
    }

    /** Why a spread stands where it stands: the pages that are named are its own, or beside it, or free. */
    public function testReasonsNameThePagesTheySpeakOf(): void
    {
        $read = 0;
        for ($seed = 1; $seed <= Thorough::of(30, 400); ++$seed) {
            $book = Composer::compose(Books::random($seed));
            foreach ([$book->front, $book->back] as $placement) {
                foreach ($placement->placed as $placed) {
                    $why = (string) preg_replace('/“[^”]*”/u', '', $placement->why[$placed->spread->id] ?? '');
                    $last = $placed->page + $placed->spread->pages() - 1;
                    preg_match_all('/(?:page|pages|from page|to page|starts on a left page,|left page,|right page:|the (?:left|right)(?: page)?) (\d+)/u', $why, $named);
                    foreach (array_map(intval(...), $named[1]) as $page) {
                        ++$read;
                        self::assertTrue(
                            ($page >= $placed->page - 1 && $page <= $last + 1) || SlotKind::Spread !== $book->slot($page)->is || str_contains($why, 'fill page'),
                            "seed $seed: $why ({$placed->range()})",
                        );
                    }
                    if (1 === preg_match('/^(\d+) pages/', $why, $pages)) {
                        self::assertSame($placed->spread->pages(), (int) $pages[1], "seed $seed: $why");
                    }
                }
            }
            self::fits($book, "seed $seed");
        }
        self::assertGreaterThan(100, $read);
    }

    /** Whether it lasts is what the pages say. */
    private static function fits(Book $book, string $about): void
    {
        $says = $book->runOut->sentence();
        $last = max([0, ...array_map(static fn ($month): int => $month->pages > 0 ? $month->lastPage() : 0, $book->months)]);
        if (1 === preg_match('/^Fits, (\d+) pages? spare\.$/', $says, $found)) {
            self::assertLessThanOrEqual($book->plan->stock->pages, $last, "$about: $says");
        } else {
            self::assertSame(1, preg_match('/^Runs out on page (\d+).*: (\d+) pages? short\./', $says, $found), "$about: $says");
            self::assertSame([] === $book->months ? (int) $found[2] : $last - (int) $found[1], (int) $found[2], "$about: $says");
        }
    }

    /** One helper makes plurals: no sentence says “1 boxes” or “2 box”. */
    public function testCountsAgreeWithTheirWords(): void
    {
        $words = ['box' => 'boxes', 'page' => 'pages', 'line' => 'lines', 'row' => 'rows', 'column' => 'columns', 'month' => 'months', 'day' => 'days', 'gap' => 'gaps', 'part' => 'parts', 'leaf' => 'leaves', 'minute' => 'minutes', 'date' => 'dates', 'letter' => 'letters', 'place' => 'places', 'week' => 'weeks', 'sheet' => 'sheets', 'dot' => 'dots', 'entry' => 'entries', 'figure' => 'figures', 'tab' => 'tabs', 'cell' => 'cells', 'circle' => 'circles', 'name' => 'names', 'frame' => 'frames', 'layer' => 'layers', 'heading' => 'headings', 'category' => 'categories', 'payday' => 'paydays', 'spread' => 'spreads'];
        $one = '/(?<![\d.,×÷–−½⅓⅔¼¾\/] )(?<![\d.,½⅓⅔¼¾\/×–])\b1 ('.implode('|', $words).')\b/u';
        $many = '/(?<![\d\/.,])\b(0|[2-9]|\d\d+) ('.implode('|', array_keys($words)).')\b(?! (?:of|a|each|tall|wide|across|down|strip|\d))/u';
        $found = [];
        $read = 0;
        $look = static function (string $kind, string $sentence) use (&$found, &$read, $one, $many): void {
            $sentence = (string) preg_replace('/“[^”]*”/u', '“…”', $sentence);
            ++$read;
            if (1 === preg_match($one, $sentence, $bad) || 1 === preg_match($many, $sentence, $bad)) {
                $found["$kind: $bad[0]"] ??= $sentence;
            }
        };
        $this->everyCase(Thorough::of(8, 200), static function (Kind $kind, Laid $laid) use ($look): void {
            foreach (array_merge(...array_values($laid->findings), ...[[]]) as $finding) {
                $look($kind->id, $finding->says);
                array_map(static fn ($offer) => $look($kind->id, $offer->say), $finding->offers);
            }
            foreach ($laid->drawings() as $page) {
                array_map(static fn ($step) => $look($kind->id, $step->text), $page->steps);
                array_map(static fn ($working) => $look($kind->id, "$working->figure; $working->arithmetic"), $page->workings);
            }
        });
        for ($seed = 1; $seed <= Thorough::of(25, 300); ++$seed) {
            $book = Composer::compose(Books::random($seed));
            foreach ($book->findings() as $finding) {
                $look('book', $finding->says);
                array_map(static fn ($offer) => $look('book', $offer->say), $finding->offers);
            }
            array_map(static fn (string $why) => $look('why', $why), [...$book->front->why, ...$book->back->why]);
            array_map(static fn ($month) => $look('month', $month->working), $book->months);
            $look('fit', $book->runOut->sentence());
        }
        self::assertGreaterThan(5_000, $read);
        KnownFailures::assertKnown('plurals', $found, Thorough::is());
    }

    /** @param \Closure(Kind, Laid, Tally, string, Request): void $look */
    private function everyCase(int $each, \Closure $look): void
    {
        $catalogue = new Catalogue();
        foreach ([...$catalogue->spreads(), ...$catalogue->monthParts()] as $kind) {
            for ($seed = 1; $seed <= $each; ++$seed) {
                mt_srand(crc32($kind->id) + $seed);
                [$across, $down] = self::PAPERS[mt_rand(0, 4)];
                $period = self::PERIODS[mt_rand(0, 3)];
                $values = [];
                foreach ($kind->fields() as $field) {
                    if (1 === $seed || 0 === mt_rand(0, 1)) {
                        continue;
                    }
                    // Words without figures, so that a figure in a sentence is the program's.
                    $values[$field->name] = match (true) {
                        $field instanceof LinesField => array_map(static fn (int $i): string => 'Word'.\chr(64 + $i), range(1, mt_rand(1, 9))),
                        $field instanceof TextField => 'Words',
                        default => Asking::value($field),
                    };
                }
                $settings = $kind->settings($values);
                $months = Asking::period(...$period);
                $tally = Tally::cases()[$seed % 2];
                // Sentences are English; the names in them are the paper’s.
                $language = ['en', 'en', 'de', 'tr', 'ar', 'ja'][mt_rand(0, 5)];
                $request = new Request(
                    'one',
                    'Title',
                    $settings,
                    (new PageGrid($across, $down, $tally, 5_000))->lying($settings->turned()),
                    new CalendarFacts($months, Weekday::Monday, new Names($language), null === $kind->section ? $months->start : null),
                    Palette::usual(),
                );
                $look($kind, $kind->form->layOut($request->reading([new IndexRow('Entry', '1')])), $tally, "$language, $across × $down, {$period[0]} to {$period[1]}, ".json_encode($values, \JSON_UNESCAPED_UNICODE), $request);
            }
        }
    }

    /** @param list<string> $patterns */
    private static function isRead(string $sentence, array $patterns): bool
    {
        foreach ($patterns as $pattern) {
            if (1 === preg_match($pattern, $sentence)) {
                return true;
            }
        }

        return false;
    }
}
