<?php

/* The holidays kept with the program, against the library of the data they are from. */

declare(strict_types=1);

namespace Tests\Import;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Period;
use AmpleMargin\Dates\Found;
use AmpleMargin\Dates\KnownDates;
use App\Import\PublicHolidays;
use PHPUnit\Framework\TestCase;

final class PublicHolidaysTest extends TestCase
{
    /** What the data lacks: each with its reason in app/Import/holidays/mended.json. */
    private const LACKING = ['US-CA' => [2028 => ['2028-11-10']], 'JP' => [2032 => ['2032-09-21']]];

    public function testTenRegionsHaveTheDaysOfTheDataFourYearsLong(): void
    {
        $file = \dirname(__DIR__, 2).'/var/reference-holidays.json';
        self::assertFileExists($file, 'Run node tests/Reference/holidays.mjs var/reference-holidays.json first; bin/test does.');
        $said = json_decode((string) file_get_contents($file), true, 8, \JSON_THROW_ON_ERROR);
        self::assertCount(10, $said);
        foreach ($said as $place => $years) {
            [$country, $region] = explode('-', $place, 2) + [1 => ''];
            foreach ($years as $year => $days) {
                self::assertNotSame([], $days);
                $days = [...$days, ...self::LACKING[$place][$year] ?? []];
                sort($days);
                self::assertSame($days, self::days($country, $region, (int) $year), "$place $year");
            }
        }
    }

    public function testNamesAreInTheLanguageOfTheBookWhereTheDataHasThem(): void
    {
        $first = static fn (string $language): ?string => PublicHolidays::of('CH', 'ZH', self::year(2027), $language, new KnownDates())[0]->entry?->words;
        self::assertSame(['Neujahr', 'Nouvel An', 'New Year\'s Day'], [$first('de'), $first('fr_CH'), $first('en')]);
    }

    /** 11 November: kept on the Friday before a Saturday, on the Monday after a Sunday, for all twelve years. */
    public function testWhereTheDataIsWrongItIsMended(): void
    {
        for ($year = 2025; $year <= 2036; ++$year) {
            $day = new \DateTimeImmutable("$year-11-11");
            $kept = match ($day->format('N')) {
                '6' => [$day->modify('-1 day')->format('Y-m-d'), $day->format('Y-m-d')],
                '7' => [$day->format('Y-m-d'), $day->modify('+1 day')->format('Y-m-d')],
                default => [$day->format('Y-m-d')],
            };
            $november = array_filter(self::days('US', '', $year), static fn (string $one): bool => $one >= "$year-11-08" && $one <= "$year-11-14");
            self::assertSame($kept, array_values($november));
            self::assertSame($year >= 2027 || 2025 === $year, \in_array("$year-05-08", self::days('SK', '', $year), true), "$year");
            self::assertSame($year >= 2027 || 2025 === $year, \in_array("$year-09-15", self::days('SK', '', $year), true), "$year");
        }
        self::assertNotContains('2027-03-29', self::days('CA', 'ON', 2027));
        self::assertContains('2027-03-29', self::days('CA', 'NT', 2027));
        self::assertContains('2032-09-21', self::days('JP', '', 2032));
        $names = array_map(static fn (Found $one): ?string => $one->entry?->words, PublicHolidays::of('JP', '', self::year(2032), 'ja', new KnownDates()));
        self::assertContains('国民の休日', $names);
        foreach (json_decode((string) file_get_contents(\dirname(__DIR__, 2).'/app/Import/holidays/mended.json'), true) as $one) {
            self::assertGreaterThan(40, mb_strlen($one['reason']));
        }
    }

    public function testWhatIsNotKnownIsSaidSo(): void
    {
        self::assertSame('Nothing is known of the holidays there.', PublicHolidays::of('XX', '', self::year(2027), 'en', new KnownDates())[0]->says);
        self::assertSame('Holidays are known from 2025 to 2036.', PublicHolidays::of('FI', '', self::year(2050), 'en', new KnownDates())[0]->says);
    }

    /** Each country can be read, and each of its regions has holidays. */
    public function testEveryCountryCanBeRead(): void
    {
        $count = 0;
        foreach (PublicHolidays::countries()['countries'] as $country => $regions) {
            foreach (array_keys($regions) as $region) {
                $found = PublicHolidays::of($country, (string) $region, self::year(2027), 'en', new KnownDates());
                self::assertSame([], array_filter($found, static fn (Found $one): bool => null === $one->entry), "$country $region");
                ++$count;
            }
        }
        self::assertGreaterThan(600, $count);
        self::assertFileExists(\dirname(__DIR__, 2).'/app/Import/holidays/LICENSE');
    }

    /** @return list<string> */
    private static function days(string $country, string $region, int $year): array
    {
        $days = [];
        foreach (PublicHolidays::of($country, $region, self::year($year), 'en', new KnownDates()) as $one) {
            $days[] = (string) $one->entry?->when->first?->iso();
        }
        $days = array_values(array_unique($days));
        sort($days);

        return $days;
    }

    private static function year(int $year): Period
    {
        return new Period(new Month($year, 1), new Month($year, 12));
    }
}
