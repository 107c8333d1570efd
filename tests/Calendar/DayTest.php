<?php

/* A day is one the calendar has. Weekdays and weeks are checked against a date library in MonthGridTest. */

declare(strict_types=1);

namespace Tests\Calendar;

use AmpleMargin\Calendar\Day;
use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\NoSuchDay;
use PHPUnit\Framework\TestCase;

final class DayTest extends TestCase
{
    public function testThereIsNoFortiethOfFebruary(): void
    {
        $february = new Month(2027, 2);
        self::assertSame('2027-02-28', Day::of($february, 28)->iso());
        foreach ([0, 29, 40, -1] as $day) {
            try {
                Day::of($february, $day);
                self::fail("day $day");
            } catch (NoSuchDay $none) {
                self::assertSame("2027-02 has 28 days; there is no day $day.", $none->getMessage());
            }
        }
    }
}
