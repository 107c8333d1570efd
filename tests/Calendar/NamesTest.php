<?php

declare(strict_types=1);

namespace Tests\Calendar;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Names;
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
}
