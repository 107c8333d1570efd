<?php

declare(strict_types=1);

namespace Tests\Spread;

use AmpleMargin\Book\Book;
use AmpleMargin\Book\Composer;
use AmpleMargin\Drawing\Frame;
use AmpleMargin\Drawing\Grain;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Line;
use AmpleMargin\Drawing\Mark;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Step;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Drawing\Words;
use AmpleMargin\Paper\PaperSize;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Sheet\SheetWords;
use AmpleMargin\Sheet\SpacingCard;
use PHPUnit\Framework\TestCase;
use Tests\Books;
use Tests\Printed;

/** What only shows once it is printed. */
final class OnPaperTest extends TestCase
{
    public function testTheUsualDivisorsHaveAColourEach(): void
    {
        $book = Composer::compose(Books::starter());
        $sheet = $book->plan->spread('spacing-sheet') ?? self::fail();
        $colours = $book->spacing($sheet)?->colours() ?? self::fail();
        self::assertSame([2, 3, 4, 5], array_keys($colours), 'the fifth, 7, is in ink');
        self::assertSame($colours, array_unique($colours));

        $more = Composer::compose(Books::edited(
            $book->plan->whole,
            [['type' => 'set-spread', 'spread' => 'spacing-sheet', 'settings' => ['divisors_across' => [2, 3, 4, 5, 6, 7]]]],
        ));
        self::assertStringContainsString('6 divisors share 5 colours', implode(' ', array_column($more->findings(), 'says')));
    }

    /** January 2027 begins on a Friday: three days, and the rest of the page for notes (practice). By hand. */
    public function testAShortWeekHasItsDaysAndNotesInTheRest(): void
    {
        [$week] = $this->weeks('split', '1');
        $frames = array_values(array_filter($week->marks, static fn (Mark $mark): bool => $mark instanceof Frame));
        // 38 − 4 for the title = 34 = 7 × 4 + 6 × 1: three days of 4, then 34 − 3 × 5 = 19.
        self::assertSame(
            [[4, 4], [9, 4], [14, 4], [19, 19]],
            array_map(static fn (Frame $frame): array => [intdiv($frame->y, 840), intdiv($frame->tall, 840)], $frames),
        );
        $ticks = array_values(array_filter($week->steps, static fn (Step $step): bool => Task::Pencil === $step->task))[0]->ticks;
        self::assertSame(['4', '8', '9', '13', '14', '18', '19'], $ticks);
    }

    public function testDaysOfHalfAPageHaveTwoBoxes(): void
    {
        $rolling = $this->weeks('most-days', '1/2')[0];
        $days = array_values(array_filter($rolling->marks, static fn (Mark $mark): bool => $mark instanceof Frame));
        self::assertCount(14, $days);
        self::assertSame([2 * 840], array_values(array_unique(array_column($days, 'tall'))));
    }

    /** @return list<PageDrawing> of January's weeks */
    private function weeks(string $school, string $pages): array
    {
        $plan = Books::edited(
            Books::starter(null, '2027-01', '2027-01'),
            [
                ['type' => 'use-pattern', 'pattern' => 'plain'],
                ['type' => 'set-weeks', 'weeks' => ['first' => 1, 'school' => $school, 'pages' => $pages]],
            ],
        );
        $book = Composer::compose($plan);
        $weeks = array_values(array_filter($book->months[0]->parts, static fn ($part): bool => 'weeks' === $part->kind));

        return array_map(static fn ($part): PageDrawing => $book->drawing($part->page) ?? self::fail(), $weeks);
    }

    public function testNoTickRunsThroughWords(): void
    {
        $checked = 0;
        foreach ([Books::sample(), ...array_map(Books::random(...), range(1, 25))] as $plan) {
            $checked += $this->ticksApart(Composer::compose($plan), $plan);
        }
        self::assertGreaterThan(5_000, $checked);
    }

    private function ticksApart(Book $book, Plan $plan): int
    {
        $checked = 0;
        for ($page = 1; $page <= min(60, $plan->stock->pages); ++$page) {
            // A turned page is looked at as it lies.
            $marks = $book->drawing($page)?->lying()->marks ?? [];
            $ticks = array_filter(
                $marks,
                static fn (Mark $mark): bool => $mark instanceof Line
                    && Layer::Pencil === $mark->layer
                    && (0 === $mark->x && 0 === $mark->tall)
                    && $mark->wide < Grain::PER_BOX,
            );
            foreach (array_filter(
                $marks,
                static fn (Mark $mark): bool => $mark instanceof Words && Layer::Writing === $mark->layer && $mark->wide > Grain::PER_BOX,
            ) as $words) {
                foreach ($ticks as $tick) {
                    ++$checked;
                    self::assertFalse(
                        $words->x < $tick->wide && $tick->y > $words->y && $tick->y < $words->y + $words->tall,
                        "$plan->title, page $page: “{$words->text}”",
                    );
                }
            }
        }

        return $checked;
    }

    public function testTheFiguresOfTheCardHaveOneSizeAndItsCautionIsWhole(): void
    {
        foreach (SpacingCard::faces(Books::a5()) as $face) {
            $sizes = array_map(
                static fn (Words $words): int => $words->size,
                array_filter($face->marks, static fn (Mark $mark): bool => $mark instanceof Words),
            );
            self::assertLessThan(1.2, max($sizes) / min($sizes));
        }
        foreach ([PaperSize::A4, PaperSize::Letter] as $paper) {
            foreach ((new Printed(Composer::compose(Books::sample()), $paper))->of('card') as $sheet) {
                $words = implode(
                    ' ',
                    array_map(static fn ($mark): string => $mark instanceof SheetWords ? $mark->text : '', $sheet->marks),
                );
                self::assertStringContainsString('in light passes, fingers behind the blade’s path.', $words);
                self::assertStringNotContainsString('…', $words);
            }
        }
    }

    public function testEveryCornerHasItsSizeWritten(): void
    {
        $book = Composer::compose(Books::edited(
            Books::starter(),
            [['type' => 'set-spread', 'spread' => 'spacing-sheet', 'settings' => ['school' => 'corners']]],
        ));
        $words = array_map(
            static fn (Mark $mark): string => $mark instanceof Words ? $mark->text : '',
            $book->spreadDrawings('spacing-sheet')[0]->marks,
        );
        // 26 ÷ 5 = 5⅕, 38 ÷ 5 = 7⅗. By hand.
        self::assertSame([], array_diff(['½', '13 × 19', '⅓', '8⅔ × 12⅔', '¼', '6½ × 9½', '⅕', '5⅕ × 7⅗'], $words));
    }

    public function testWhatAPageShowsIsNotLostByTicksAHalfOrAFurtherPage(): void
    {
        $plain = Composer::compose(Books::starter());
        $page = $plain->pageOf('spacing-sheet') ?? self::fail();
        $shown = $plain->drawing($page)->shown ?? [];
        self::assertNotSame([], $shown);
        $taken = Composer::compose(Books::edited(
            $plain->plan->whole,
            [[
                'type' => 'take-split',
                'on' => 'spacing-sheet',
                'edge' => 'top',
                'x' => 0,
                'y' => 0,
                'wide' => 26,
                'tall' => 38,
                'parts' => 3,
                'gap' => 1,
                'policy' => 'outside',
            ]],
        ));
        self::assertSame($shown, $taken->drawing($page)->shown ?? []);
        $drawing = $plain->drawing($page) ?? self::fail();
        self::assertSame([$shown, $shown], [$drawing->later(3)->shown, $drawing->below(2, 60, 1, 'l', 'lower half')->shown]);
        self::assertSame($shown, $drawing->and($drawing)->shown, 'each once');
    }

    public function testALegendIsTheBooksItsOwnOrNone(): void
    {
        $words = static function (array $settings): array {
            $book = Composer::compose(Books::edited(
                Books::starter(),
                [['type' => 'set-spread', 'spread' => 'year-at-a-glance', 'settings' => $settings]],
            ));

            return array_map(
                static fn (Mark $mark): string => $mark instanceof Words ? $mark->text : '',
                $book->spreadDrawings('year-at-a-glance')[0]->marks,
            );
        };
        self::assertContains('Work', $words(['way' => 'matrix']));
        self::assertSame(
            ['Calm', 'Grey'],
            array_values(array_intersect(
                $words(['way' => 'matrix', 'legend' => 'own', 'legend_names' => ['Calm', 'Grey']]),
                ['Calm', 'Grey', 'Work'],
            )),
        );
        self::assertNotContains('Work', $words(['way' => 'matrix', 'legend' => 'none']));
        self::assertSame(
            ['Headache', 'Fever'],
            array_values(array_intersect($words(['way' => 'dots', 'marks' => ['Headache', 'Fever']]), ['Headache', 'Fever'])),
        );
    }

    public function testAHalfYearStandsOverAnotherHalfPage(): void
    {
        $plan = Books::edited(Books::starter(null, '2027-01', '2027-06'), [
            ['type' => 'set-spread', 'spread' => 'half-year-at-a-glance', 'settings' => ['way' => 'mini', 'half' => true]],
            ['type' => 'add-spread', 'kind' => 'notes', 'section' => 'year', 'title' => 'Birthdays', 'settings' => ['half' => true]],
        ]);
        $book = Composer::compose($plan);
        self::assertSame($book->pageOf('half-year-at-a-glance'), $book->pageOf('notes-2'));
        self::assertCount(6, $book->spreadDrawings('half-year-at-a-glance')[0]->copying);
        self::assertSame([], array_filter($book->findings(), static fn ($finding): bool => $finding->broken));
    }
}
