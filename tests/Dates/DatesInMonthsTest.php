<?php

declare(strict_types=1);

namespace Tests\Dates;

use AmpleMargin\Book\Composer;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Spread\Catalogue\Catalogue;
use AmpleMargin\Spread\Catalogue\TakesDates;
use PHPUnit\Framework\TestCase;
use Tests\Books;

/** Whatever holds months takes what is known of them when it is asked to, as its kind is drawn and divided by hand. */
final class DatesInMonthsTest extends TestCase
{
    public function testEveryKindThatHoldsMonths(): void
    {
        $seen = 0;
        foreach ((new Catalogue())->spreads() as $kind) {
            if (!\in_array(TakesDates::SETTING, array_column($kind->fields(), 'name'), true) || 'page-of-parts' === $kind->id) {
                continue;
            }
            $plan = self::with($kind->id, ['dates' => 'months']);
            self::assertSame(1, self::written($plan, $kind->id), $kind->id);
            self::assertSame(0, self::written(self::with($kind->id, []), $kind->id), "$kind->id, not asked");
            $parts = Composer::compose($plan)->partsOf($plan->spreads[0])->drawn() ?? self::fail($kind->id);
            $parted = Books::edited($plan, [
                ['type' => 'part-page', 'spread' => $kind->id, 'at' => $parts->leaves[0]->path, 'do' => 'set', 'settings' => []],
            ]);
            self::assertSame(1, self::written($parted, $kind->id), "$kind->id, divided by hand");
            ++$seen;
        }
        self::assertGreaterThan(5, $seen);
    }

    public function testMonthsOfItsOwnTakeTheirs(): void
    {
        self::assertSame(1, self::written(self::with('gratitude', ['dates' => 'months', 'from' => '2027-03', 'months' => 1]), 'gratitude'));
        self::assertSame(0, self::written(self::with('gratitude', ['dates' => 'months', 'from' => '2027-04', 'months' => 6]), 'gratitude'));
    }

    public function testWhatFindsNoPlaceIsSaidWithItsNumber(): void
    {
        $plan = self::with('gratitude', ['dates' => 'months', 'months' => 24, 'across' => 4]);
        foreach (range(1, 12) as $day) {
            $plan = Books::edited($plan, [['type' => 'add-date', 'day' => "$day March 2027", 'words' => "Rehearsal $day"]]);
        }
        $said = implode("\n", array_map(static fn ($finding): string => $finding->says, Composer::compose($plan)->findings()));
        self::assertMatchesRegularExpression('/“Something good of every month” has too little room .*March 2027 needs \d+ lines and has \d/', $said);
        foreach (Composer::compose($plan)->spreadDrawings('gratitude') as $page) {
            foreach ($page->steps as $step) {
                self::assertStringNotContainsString('0 dates', $step->text);
            }
        }
    }

    /** @param array<string, mixed> $settings */
    private static function with(string $kind, array $settings): Plan
    {
        return Books::edited(Books::starter()->with(['spreads' => []]), [
            ['type' => 'add-spread', 'kind' => $kind, 'settings' => $settings],
            ['type' => 'add-date', 'day' => '2027-03-12', 'words' => 'Dentist'],
        ]);
    }

    private static function written(Plan $plan, string $spread): int
    {
        return substr_count((string) json_encode(Composer::compose($plan)->spreadDrawings($spread), \JSON_UNESCAPED_UNICODE), 'Dentist"');
    }
}
