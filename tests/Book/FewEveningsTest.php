<?php

/* One short evening for a book that takes ten: what is drawn in it is what is opened on the first day. */

declare(strict_types=1);

namespace Tests\Book;

use AmpleMargin\Book\Composer;
use AmpleMargin\Book\Making\Sittings;
use AmpleMargin\Calendar\Day;
use AmpleMargin\Plan\Making\Evening;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\Section;
use PHPUnit\Framework\TestCase;
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
