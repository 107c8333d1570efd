<?php

declare(strict_types=1);

namespace Tests\Calendar;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Calendar\Weekday;
use PHPUnit\Framework\TestCase;

final class NamesTest extends TestCase
{
    /** Source: CLDR, the pattern of a month with its year in each language. */
    public function testAMonthWithItsYearIsWrittenAsItsLanguageDoes(): void
    {
        $said = static fn (string $language): string => (new Names($language))->monthAndYear(new Month(2027, 5));
        self::assertSame('May 2027', $said('en'));
        self::assertSame('tháng 5 năm 2027', $said('vi'));
        self::assertSame('2027年5月', $said('ja'));
        self::assertSame('mayo de 2027', $said('es'));
        self::assertStringContainsString('2027', $said('ar_EG'), 'with the figures of the rest of the page');
    }

    /** No language has two months of one name with their year. */
    public function testTwelveMonthsHaveTwelveNames(): void
    {
        foreach (['en', 'vi', 'ja', 'zh_Hant', 'ko', 'hi', 'ar_EG', 'fa', 'th', 'hu', 'eu', 'am'] as $language) {
            $names = new Names($language);
            self::assertCount(
                12,
                array_unique(array_map(static fn (int $month): string => $names->monthAndYear(new Month(2027, $month)), range(1, 12))),
                $language,
            );
            self::assertCount(12, array_unique(array_map($names->month(...), range(1, 12))), $language);
        }
    }

    /** What is read out of ICU's tables is what ICU makes up for every language it knows. */
    public function testAMonthAndItsYearAreWrittenAsIcuWritesThem(): void
    {
        foreach (array_filter((array) \ResourceBundle::getLocales(''), is_string(...)) as $locale) {
            if ('gregorian' !== \IntlCalendar::createInstance(null, $locale)?->getType()) {
                // There ICU makes up the pattern of another calendar.
                continue;
            }
            $pattern = (string) (new \IntlDatePatternGenerator($locale))->getBestPattern('yMMMM');
            $whole = new \IntlDateFormatter("$locale@numbers=latn", \IntlDateFormatter::NONE, \IntlDateFormatter::NONE, 'UTC', \IntlDateFormatter::GREGORIAN, $pattern);
            self::assertSame($whole->format(new \DateTimeImmutable('2027-05-01')), (new Names($locale))->monthAndYear(new Month(2027, 5)), $locale);
        }
    }

    /** Source: CLDR as ICU has it; English names are written down in the program, for most books ask for no others. */
    public function testEnglishNamesAreThoseOfIcu(): void
    {
        $icu = new \IntlDateFormatter('en', \IntlDateFormatter::NONE, \IntlDateFormatter::NONE, 'UTC', \IntlDateFormatter::GREGORIAN);
        $said = static function (string $pattern, string $day) use ($icu): string {
            $icu->setPattern($pattern);

            return (string) $icu->format(new \DateTimeImmutable($day));
        };
        $names = new Names('en');
        for ($month = 1; $month <= 12; ++$month) {
            $first = \sprintf('2027-%02d-01', $month);
            self::assertSame(
                [$said('LLLL', $first), $said('LLL', $first), $said('LLLLL', $first), $said('LLLL y', $first)],
                [$names->month($month), $names->monthShort($month), $names->monthInitial($month), $names->monthAndYear(new Month(2027, $month))],
            );
        }
        foreach (Weekday::cases() as $day) {
            $date = '2027-02-0'.$day->value;
            self::assertSame(
                [$said('cccc', $date), $said('ccc', $date), $said('ccccc', $date)],
                [$names->weekday($day), $names->weekdayShort($day), $names->weekdayInitial($day)],
            );
        }
        self::assertTrue(Names::knows('en'));
        self::assertFalse(Names::knows('en-nowhere'));
    }
}
