<?php

/* One short evening for a book that takes ten: what is drawn in it is what is opened on the first day. */

declare(strict_types=1);

namespace Tests\Book;

use AmpleMargin\Book\Beginning;
use AmpleMargin\Book\Book;
use AmpleMargin\Book\Composer;
use AmpleMargin\Book\Making\Sittings;
use AmpleMargin\Book\StarterPlan;
use AmpleMargin\Calendar\Day;
use AmpleMargin\Calendar\Weekday;
use AmpleMargin\Making\Sitting\Stint;
use AmpleMargin\Plan\Making\Evening;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\Section;
use PHPUnit\Framework\TestCase;
use Tests\Asking;
use Tests\Books;

final class FewEveningsTest extends TestCase
{
    public function testALogWaitsWhereMinutesAreFew(): void
    {
        $plan = Books::edited(Books::starter(), [['type' => 'add-spread', 'kind' => 'books-read'], ['type' => 'add-spread', 'kind' => 'swatches']]);
        foreach ([20, 30, 40, 60] as $minutes) {
            $sections = self::drawn($plan, $minutes);
            self::assertNotSame([], $sections, "in $minutes minutes");
            self::assertSame([], array_diff($sections, ['front', 'year']), "in $minutes minutes");
        }
    }

    public function testWhatThePersonThinksMostOfIsDrawnFirst(): void
    {
        $plan = Books::edited(Books::starter(), [['type' => 'add-spread', 'kind' => 'films-seen', 'settings' => ['rows' => 10]]]);
        $front = array_map(
            static fn ($spread): array => ['type' => 'set-spread', 'spread' => $spread->id, 'worth' => 1],
            array_values(array_filter($plan->spreads, static fn ($spread): bool => 'films-seen' !== $spread->kind)),
        );
        self::assertContains('trackers', self::drawn(Books::edited($plan, [
            ...$front,
            ['type' => 'set-spread', 'spread' => 'films-seen', 'worth' => 5],
        ]), 30));
    }

    /** A hand that never drew begins with a page that is done in ten minutes and has no figures; one that has goes by what is needed. */
    public function testABeginnersFirstPageIsEasy(): void
    {
        foreach (Books::papers() as $name => $stock) {
            foreach (Beginning::cases() as $as) {
                $plan = StarterPlan::for('Mine', $stock, Asking::period('2027-01', '2027-12'), Weekday::Monday, as: $as);
                $day = Day::of($plan->period->start->plus(-1), 20);
                $evenings = [new Evening($day, '19:00', 50), new Evening($day->plus(2), '19:00', 90)];
                $plan = $plan->with(['making' => $plan->making->with(['evenings' => $evenings])]);
                $book = Composer::compose($plan);
                $first = self::firstAct($book, []);
                self::assertNotNull($first, "$name, $as->value");
                self::assertLessThanOrEqual(10, $first->minutes(), "$name, $as->value: page {$first->page->page}");
                self::assertSame(0, $first->figures);
                self::assertFalse($first->craft);
                self::assertTrue($first->page->first);
                $later = self::firstAct($book, ['some-page' => ['aa' => true]]);
                self::assertFalse($later?->page->first);
            }
        }
    }

    /** @param array<string, array<string, bool>> $ticked */
    private static function firstAct(Book $book, array $ticked): ?Stint
    {
        $sittings = Sittings::of($book, $ticked);
        foreach ($sittings->packed->timelines as $line) {
            foreach ($line->acts() as $act) {
                if (null !== $act->piece) {
                    return $act->piece;
                }
            }
        }

        return null;
    }

    /** @return list<string> sections of the pages drawn in one evening of so many minutes */
    private static function drawn(Plan $plan, int $minutes): array
    {
        $evening = new Evening(Day::of($plan->period->start->plus(-1), 20), '19:00', $minutes);
        $plan = $plan->with(['making' => $plan->making->with(['evenings' => [$evening]])]);
        $book = Composer::compose($plan);
        $sections = [];
        foreach (Sittings::of($book)->packed->pieces[$evening->key()] ?? [] as $piece) {
            $section = $plan->spread($book->slot($piece->page->page)->spread)?->section;
            $sections[] = $section instanceof Section ? $section->value : 'month';
        }

        return $sections;
    }
}
