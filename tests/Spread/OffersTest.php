<?php

/* What does not fit says what would: every offer a drawing makes is taken, and then it fits. */

declare(strict_types=1);

namespace Tests\Spread;

use AmpleMargin\Drawing\Finding;
use AmpleMargin\Paper\Stock;
use AmpleMargin\Plan\Plan;
use PHPUnit\Framework\TestCase;
use Tests\Books;

final class OffersTest extends TestCase
{
    public function testEveryOfferOfADrawingThatDoesNotFitMakesItFit(): void
    {
        $taken = 0;
        foreach ([[10, 14, 5_000], [12, 30, 3_700], [17, 26, 5_000], [26, 38, 5_000], [34, 20, 5_000]] as [$across, $down, $pitch]) {
            foreach ($this->demanding() as [$kind, $settings]) {
                $plan = Books::edited(
                    Books::starter(new Stock(210_000, 297_000, $pitch, $across, $down, 240)),
                    [['type' => 'add-spread', 'kind' => $kind, 'settings' => $settings]],
                );
                $id = array_values(array_filter($plan->spreads, static fn ($spread): bool => $settings == $spread->settings))[0]->id;
                foreach ($this->broken($plan, $id) as $finding) {
                    self::assertMatchesRegularExpression('/\d/', $finding->says, 'it says the number');
                    foreach ($finding->offers as $offer) {
                        $about = "$kind ".json_encode($settings)." on $across × $down: $finding->says → {$offer->say}";
                        $after = Books::edited($plan, [$offer->edit]);
                        $left = array_map(static fn (Finding $one): string => $one->says, $this->broken($after, $id));
                        // A part of a page answers for itself; the title above it and the pages it takes are said beside it.
                        $others = array_diff(array_column($this->broken($plan, $id), 'says'), [$finding->says]);
                        $left = array_filter($left, static fn (string $says): bool => !\in_array($says, $others, true)
                            && !str_starts_with($says, 'The title has') && !str_starts_with($says, 'This takes more than'));
                        self::assertSame([], $left, $about);
                        ++$taken;
                    }
                }
            }
        }
        self::assertGreaterThan(50, $taken);
    }

    /** @return list<array{string, array<string, mixed>}> */
    private function demanding(): array
    {
        return [
            ['year-at-a-glance', ['way' => 'mini', 'day' => '2', 'pages' => 1]],
            ['year-at-a-glance', ['way' => 'mini', 'day' => '1', 'columns' => 8]],
            ['year-at-a-glance', ['way' => 'notes', 'day' => '2', 'pages' => 2, 'week_numbers' => true]],
            ['year-at-a-glance', ['way' => 'split', 'day' => '2', 'pages' => 1]],
            ['year-at-a-glance', ['way' => 'matrix', 'pages' => 1]],
            ['year-at-a-glance', ['way' => 'printed', 'printed_width' => 120, 'printed_height' => 200]],
            ['month-at-a-glance', ['cells' => 'lines']],
            ['future-log', ['months_per_page' => 12, 'columns' => 4, 'mini' => 'beside']],
            ['future-log', ['months_per_page' => 6, 'columns' => 2, 'extra' => 'frame']],
            ['future-log', ['school' => 'category', 'categories' => ['a', 'b', 'c', 'd', 'e', 'f', 'g', 'h']]],
            ['future-log', ['school' => 'door', 'mini' => 'beside']],
            ['future-log', ['school' => 'columns']],
            ['key', ['row' => '2', 'key_columns' => 2, 'set' => 'outlines']],
            ['spacing-sheet', ['school' => 'corners', 'divisors_across' => [11, 12]]],
            ['books-read', ['rows' => 10]],
            ['expenses', ['columns' => ['What 20', 'Where 20+', 'Price 4']]],
            ['income-and-expenses', ['strip' => 30]],
            ['swatches', ['cell' => 30]],
            ['ideas', ['across' => 6]],
            ['timetable', ['items' => ['A name of some length, or two']]],
            ['page-of-parts', ['parts' => ['divide' => 'across', 'gap' => 0, 'parts' => [
                ['boxes' => 9, 'fill' => 'log', 'settings' => ['columns' => ['Title 10+', 'Author 7']]],
                ['fill' => 'words', 'settings' => ['line' => '3', 'words' => ['one', 'two', 'three', 'four', 'five', 'six', 'seven']]],
            ]]]],
            ['page-of-parts', ['parts' => ['divide' => 'down', 'gap' => 0, 'parts' => [
                ['boxes' => 2, 'fill' => 'table', 'settings' => ['line' => '3', 'items' => ['a']]],
                ['fill' => 'cells', 'settings' => ['cells' => ['a', 'b', 'c'], 'across' => 7]],
            ]]]],
        ];
    }

    /** @return list<Finding> of the drawing itself */
    private function broken(Plan $plan, string $id): array
    {
        $findings = [];
        foreach (Books::pagesOf($plan, $id) as $page) {
            array_push($findings, ...array_filter($page->findings, static fn (Finding $finding): bool => $finding->broken));
        }

        return $findings;
    }

    /** A log of 25 boxes on a page of 20 × 34: turned it has 34 across, and everything fits. */
    public function testAPageIsOfferedToBeTurnedWhereThatMakesRoom(): void
    {
        $plan = Books::edited(Books::starter(new Stock(210_000, 297_000, 5_000, 20, 34, 240)), [['type' => 'add-spread', 'kind' => 'books-read']]);
        $offers = array_merge(...array_map(static fn (Finding $one): array => $one->offers, $this->broken($plan, 'books-read')));
        self::assertContains('Turn the page sideways', array_column($offers, 'say'));

        $turned = Books::edited($plan, [$offers[0]->edit]);
        self::assertSame([], $this->broken($turned, 'books-read'));
        self::assertNotSame([], Books::pagesOf($turned, 'books-read')[0]->marks);

        // On 20 × 22 it fits neither way, and nothing of the kind is offered.
        $small = Books::edited(Books::starter(new Stock(210_000, 297_000, 5_000, 20, 22, 240)), [['type' => 'add-spread', 'kind' => 'books-read']]);
        $offers = array_merge(...array_map(static fn (Finding $one): array => $one->offers, $this->broken($small, 'books-read')));
        self::assertNotContains('Turn the page sideways', array_column($offers, 'say'));
    }
}
