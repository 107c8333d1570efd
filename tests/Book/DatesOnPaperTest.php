<?php

/* Known dates on the pages that take them: nothing beside its room, nothing twice, nothing counted that is not drawn. */

declare(strict_types=1);

namespace Tests\Book;

use AmpleMargin\Book\Composer;
use AmpleMargin\Calendar\Month;
use AmpleMargin\Drawing\Mark;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Ring;
use AmpleMargin\Drawing\Room;
use AmpleMargin\Drawing\Step;
use AmpleMargin\Drawing\Words;
use AmpleMargin\Plan\Plan;
use PHPUnit\Framework\TestCase;
use Tests\Books;
use Tests\Thorough;

final class DatesOnPaperTest extends TestCase
{
    private const LAYOUTS = [
        ['months_per_page' => 6, 'columns' => 2],
        ['months_per_page' => 3, 'columns' => 1, 'mini' => 'beside'],
        ['months_per_page' => 4, 'columns' => 2, 'mini' => 'above', 'line' => '1.5'],
        ['months_per_page' => 2, 'columns' => 1, 'line' => '2'],
        ['school' => 'columns'],
        ['school' => 'dates'],
        ['school' => 'door'],
        ['school' => 'category', 'months_per_page' => 6],
        ['months_per_page' => 6, 'columns' => 2, 'months_beyond' => 2],
        ['months_per_page' => 3, 'columns' => 1, 'extra' => 'all', 'photo_width' => 40, 'photo_height' => 40],
        ['months_per_page' => 6, 'columns' => 2, 'mini' => 'above-stuck', 'order' => 'along'],
        ['months_per_page' => 3, 'columns' => 1, 'mini' => 'beside', 'mini_for' => 6, 'then_a_page' => 6],
    ];

    /** The lines reckoned for a month are the lines drawn in it, where they fit; where they do not, fewer are drawn and none outside. */
    public function testTheLinesReckonedAreTheLinesDrawn(): void
    {
        mt_srand(31);
        $full = $fit = 0;
        foreach (self::LAYOUTS as $layout) {
            for ($i = 0; $i < Thorough::of(3, 6); ++$i) {
                $plan = self::knowing(Books::starter(), mt_rand(5, 120), ['spread' => 'future-log', 'settings' => $layout + ['school' => 'months']]);
                $book = Composer::compose($plan);
                $pages = $book->spreadDrawings('future-log');
                $drawn = [];
                foreach ($pages as $page) {
                    foreach (self::words($page) as $one) {
                        $drawn[self::roomOf($one, $page)->for][] = $one;
                    }
                }
                foreach ($book->dates->loads() as $load) {
                    $lines = \count($drawn[$load->month->iso()] ?? []);
                    if (null === $load->room) {
                        continue;
                    }
                    ++$full;
                    if (0 === $load->over) {
                        ++$fit;
                        self::assertSame($load->lines, $lines, json_encode($layout).' '.$load->month->iso());
                    } else {
                        self::assertLessThan($load->lines, $lines);
                    }
                }
            }
        }
        self::assertGreaterThan(Thorough::of(50, 100), $fit);
        self::assertGreaterThan($fit, $full);
    }

    /** What an offered layout says of broken words is what is drawn: one beginning of the long word for each that is not whole. */
    public function testLayoutsAreOfferedWithTheWordsTheyBreakAndThoseThatBreakManyLater(): void
    {
        $broken = $whole = 0;
        $long = 'Harbourmastersandassistants';
        foreach ([[40, 40], [60, 0], [60, 2], [80, 3]] as [$dates, $longOnes]) {
            mt_srand($dates);
            $edits = array_map(static fn (int $nth): array => [
                'type' => 'add-date',
                'day' => \sprintf('2027-%02d-%02d', 1 + min(mt_rand(0, 11), mt_rand(0, 11)), mt_rand(1, 28)),
                'words' => ($nth <= $longOnes ? $long : 'Hat').' tea',
            ], range(1, $dates));
            $plan = Books::edited(Books::starter(), [
                ['type' => 'set-spread', 'spread' => 'future-log', 'settings' => ['school' => 'months', 'months_per_page' => 12]],
                ...$edits,
            ]);
            $ranks = [];
            foreach (Composer::compose($plan)->dates->findingsWithLayouts()[0]->offers ?? [] as $offer) {
                if (1 !== preg_match('/everything fits, (\d+) pages?(?:, (\d+) words? broken)?$/', $offer->say, $said)) {
                    continue;
                }
                $pages = Composer::compose(Books::edited($plan, [$offer->edit]))->spreadDrawings('future-log');
                $texts = array_map(static fn (Words $one): string => $one->text, array_merge(...array_map(self::words(...), $pages)));
                self::assertSame($dates, \count(preg_grep('/\bH/', $texts) ?: []));
                $fragments = array_filter($texts, static fn (string $one): bool => 1 === preg_match('/\bH(?!at\b)/', $one)
                    && !str_contains($one, $long));
                self::assertSame([\count($pages), \count($fragments)], [(int) $said[1], (int) ($said[2] ?? 0)], $offer->say);
                [] === $fragments ? ++$whole : ++$broken;
                $ranks[] = 3 * \count($pages) + \count($fragments);
            }
            $sorted = $ranks;
            sort($sorted);
            self::assertSame($sorted, $ranks);
        }
        self::assertGreaterThan(0, $whole);
        self::assertGreaterThan(0, $broken);
    }

    /** On every page of a book with everything in it: within the page, in a step of its own, never on other written words. */
    public function testNothingKnownIsWrittenOverAnythingElse(): void
    {
        foreach ([1, 2, 3] as $seed) {
            mt_srand($seed);
            $plan = self::knowing(Books::sample(), 80);
            foreach ([['kind' => 'birthdays', 'settings' => ['of' => 'signs']], ['kind' => 'important-dates'], ['kind' => 'duties'], ['kind' => 'timetable'], ['kind' => 'half-year-at-a-glance'], ['kind' => 'term-at-a-glance'], ['kind' => 'next-year'], ['kind' => 'month-at-a-glance', 'settings' => ['cells' => 'lines']]] as $more) {
                $plan = Books::edited($plan, [['type' => 'add-spread'] + $more]);
            }
            $plan = Books::edited($plan, [['type' => 'set-weeks', 'weeks' => ['first' => 1, 'pages' => ['1', '2', '1/2'][$seed - 1]]]]);
            $book = Composer::compose($plan);
            $written = 0;
            foreach (array_keys($book->slots) as $number) {
                $page = $book->drawing($number);
                if (null === $page) {
                    continue;
                }
                $numbers = array_map(static fn (Step $step): int => $step->number, $page->steps);
                self::assertSame(array_values(array_unique($numbers)), $numbers, "page $number");
                $known = self::words($page);
                $written += \count($known);
                $others = array_filter($page->marks, static fn (Mark $mark): bool => $mark instanceof Words && 'dates' !== $mark->note);
                foreach ($known as $i => $one) {
                    self::assertContains($one->step, $numbers);
                    self::assertGreaterThanOrEqual(0, min($one->x, $one->y));
                    self::assertLessThanOrEqual(840 * $page->across, $one->x + $one->wide, "page $number: $one->text");
                    self::assertLessThanOrEqual(840 * $page->down, $one->y + $one->tall, "page $number: $one->text");
                    foreach ([...\array_slice($known, $i + 1), ...$others] as $other) {
                        self::assertFalse(self::meet($one, $other), "page $number: “{$one->text}” on “{$other->text}”");
                    }
                }
            }
            self::assertGreaterThan(150, $written);
        }
    }

    /** A ring stands round the figure of its day, and every day that something is known of has one. */
    public function testEveryDayThatIsKnownIsRinged(): void
    {
        $plan = Books::edited(Books::starter(), [
            ['type' => 'add-date', 'day' => '12 March', 'words' => 'Dentist'],
            ['type' => 'add-date', 'day' => '30 March – 2 April', 'words' => 'Sailing'],
            ['type' => 'add-date', 'day' => '1 May', 'words' => 'Fee', 'is' => 'duty', 'lead' => 20],
            ['type' => 'add-date', 'day' => '4 January', 'words' => 'Rowing', 'repeat' => 'FREQ=WEEKLY'],
        ]);
        $book = Composer::compose($plan);
        $ringed = [];
        foreach ($book->spreadDrawings('year-at-a-glance') as $page) {
            foreach ($page->marks as $mark) {
                if ($mark instanceof Ring && 'dates' === $mark->note) {
                    $figure = array_values(array_filter($page->marks, static fn (Mark $one): bool => $one instanceof Words && 'dates' !== $one->note && self::meet($one, $mark)));
                    self::assertCount(1, $figure);
                    $ringed[] = $figure[0]->text;
                }
            }
        }
        // What comes every week is not marked, and a duty only on its day.
        self::assertSame(['12', '30', '31', '1', '2', '1'], $ringed);
    }

    /** Birthdays and what comes once a year go to pages of their own where the book has them, and to the future log where it has not. */
    public function testWhatHasAPageOfItsOwnIsNotInTheFutureLogAsWell(): void
    {
        $known = [
            ['type' => 'add-date', 'day' => '29.5.1980', 'words' => 'Ione', 'is' => 'birthday'],
            ['type' => 'add-date', 'day' => '1 May', 'words' => 'Wedding day', 'repeat' => 'FREQ=YEARLY'],
            ['type' => 'add-date', 'day' => '3 May', 'words' => 'Off', 'category' => 'holidays'],
            ['type' => 'add-date', 'day' => '5 May', 'words' => 'Dentist'],
        ];
        $written = static function (array $edits) use ($known): array {
            $book = Composer::compose(Books::edited(Books::starter(), [...$edits, ...$known]));
            $on = static fn (string $spread): array => array_merge(...array_map(
                static fn (PageDrawing $page): array => array_map(static fn (Words $one): string => $one->text, self::words($page)),
                $book->spreadDrawings($spread),
            ), ...[[]]);

            return [$on('future-log'), $on('birthdays'), $on('important-dates')];
        };
        $all = ['1 Wedding day', '3 Off', '5 Dentist', '29 Ione (47)'];
        self::assertSame([$all, [], []], $written([]));
        self::assertSame([['5 Dentist'], ['29 Ione (47)'], ['1 Wedding day', '3 Off']], $written([
            ['type' => 'add-spread', 'kind' => 'birthdays'],
            ['type' => 'add-spread', 'kind' => 'important-dates'],
        ]));
    }

    /** A spread in whose columns categories stand has each date in the column of its own, the others in the last. */
    public function testACategoryStandsInItsColumn(): void
    {
        $plan = Books::edited(Books::starter(), [
            ['type' => 'set-spread', 'spread' => 'future-log', 'settings' => ['school' => 'category', 'months_per_page' => 6]],
            ['type' => 'add-date', 'day' => '12 March', 'words' => 'Off', 'category' => 'holidays'],
            ['type' => 'add-date', 'day' => '13 March', 'words' => 'Fee', 'category' => 'deadlines'],
            ['type' => 'add-date', 'day' => '14 March', 'words' => 'See', 'category' => 'appointments'],
        ]);
        $page = Composer::compose($plan)->spreadDrawings('future-log')[0];
        $rooms = array_values(array_filter($page->rooms, static fn (Room $room): bool => '2027-03' === $room->for));
        $at = [];
        foreach (self::words($page) as $one) {
            $at[$one->text] = array_search(self::roomOf($one, $page), $rooms, true);
        }
        self::assertSame(['12 Off' => 0, '14 See' => 2, '13 Fee' => 3], $at);
    }

    /** In the calendar of a month: on its first day with its words, on the others as going on, in the next month again. */
    public function testWhatLastsDaysStandsOnEachOfThem(): void
    {
        $plan = Books::edited(Books::starter(), [
            ['type' => 'add-spread', 'kind' => 'month-at-a-glance', 'settings' => ['from' => '2027-03']],
            ['type' => 'add-date', 'day' => '29 March – 2 April', 'words' => 'Sail'],
        ]);
        $book = Composer::compose($plan);
        $on = [];
        foreach ($book->spreadDrawings('month-at-a-glance') as $page) {
            foreach (self::words($page) as $one) {
                foreach ($page->days as $room) {
                    [$x, $y, $wide, $tall] = $room->place;
                    if ($one->x >= $x && $one->x < $x + $wide && $one->y >= $y && $one->y < $y + $tall) {
                        $on[$room->for] = $one->text;
                    }
                }
            }
        }
        self::assertSame(['2027-03-29' => 'Sail', '2027-03-30' => '… Sail', '2027-03-31' => '… Sail'], $on);
        $log = array_merge(...array_map(
            static fn (PageDrawing $page): array => array_map(static fn (Words $one): string => $one->text, self::words($page)),
            $book->spreadDrawings('future-log'),
        ));
        self::assertSame(['29–2 Apr Sail', '1–2 Sail'], $log);
    }

    /** Whoever parts a page otherwise that dates were written into, keeps them there. */
    public function testAFutureLogThatIsPartedByHandStillTakesItsDates(): void
    {
        $plan = Books::edited(Books::starter(), [
            ['type' => 'add-date', 'day' => '12 March', 'words' => 'Dentist'],
            ['type' => 'part-page', 'spread' => 'future-log', 'at' => '1', 'do' => 'name', 'name' => 'Later'],
        ]);
        self::assertSame('page-of-parts', $plan->spread('future-log')?->kind);
        $book = Composer::compose($plan);
        $words = array_merge(...array_map(self::words(...), $book->spreadDrawings('future-log')));
        self::assertSame(['12 Dentist'], array_map(static fn (Words $one): string => $one->text, $words));
        self::assertSame('future-log', $book->dates->log?->id);
        $none = Books::edited($plan, [['type' => 'set-spread', 'spread' => 'future-log', 'settings' => ['dates' => null]]]);
        self::assertNull(Composer::compose($none)->dates->log);
    }

    /** @param array<string, mixed>|null $change of a spread */
    private static function knowing(Plan $plan, int $count, ?array $change = null): Plan
    {
        $edits = null === $change ? [] : [['type' => 'set-spread'] + $change];
        for ($i = 0; $i < $count; ++$i) {
            $month = Month::read('2027-01')?->plus(min(mt_rand(0, 13), mt_rand(0, 13)));
            $edits[] = [
                'type' => 'add-date',
                'day' => 0 === mt_rand(0, 9) ? $month?->iso() : $month?->iso().\sprintf('-%02d', mt_rand(1, 28)),
                'words' => implode(' ', array_map(static fn (): string => ['boat', 'choir', 'harbour', 'a', 'rehearsal', 'of'][mt_rand(0, 5)], range(1, mt_rand(1, 6)))),
                'category' => ['', 'holidays', 'events', 'deadlines'][mt_rand(0, 3)],
                'time' => [null, '18:30'][mt_rand(0, 1)],
            ];
        }
        $edits[] = ['type' => 'add-date', 'day' => '5 January', 'words' => 'Rowing 17:00', 'repeat' => 'FREQ=WEEKLY;INTERVAL=2'];
        $edits[] = ['type' => 'add-date', 'day' => '29.5.1980', 'words' => 'Ione', 'is' => 'birthday'];
        $edits[] = ['type' => 'add-date', 'day' => '1 April', 'words' => 'Fee', 'is' => 'duty', 'lead' => 14, 'repeat' => 'FREQ=MONTHLY;INTERVAL=3'];

        return Books::edited($plan, $edits);
    }

    /** @return list<Words> */
    private static function words(PageDrawing $page): array
    {
        return array_values(array_filter($page->marks, static fn (Mark $mark): bool => $mark instanceof Words && 'dates' === $mark->note));
    }

    private static function roomOf(Words $words, PageDrawing $page): Room
    {
        foreach ($page->rooms as $room) {
            [$x, $y, $wide, $tall] = $room->place;
            if ($words->x >= $x && $words->y >= $y && $words->x + $words->wide <= $x + $wide && $words->y + $words->tall <= $y + $tall) {
                return $room;
            }
        }
        self::fail("“{$words->text}” stands in no room");
    }

    private static function meet(Mark $one, Mark $other): bool
    {
        return $one->x < $other->x + $other->wide && $other->x < $one->x + $one->wide
            && $one->y < $other->y + $other->tall && $other->y < $one->y + $one->tall;
    }
}
