<?php

/* The signs, against an astronomy library: no day of 1950 to 2060 is in another sign, and no hour of a cusp is wrong. */

declare(strict_types=1);

namespace Tests\Dates;

use AmpleMargin\Calendar\Day;
use AmpleMargin\Dates\Sign;
use AmpleMargin\Dates\Sun;
use PHPUnit\Framework\TestCase;

final class SignTest extends TestCase
{
    public function testEveryDayIsInTheSignOfTheReferenceAndEveryCuspIsSaidToTheHour(): void
    {
        $file = \dirname(__DIR__, 2).'/var/reference-cusps.json';
        self::assertFileExists($file, 'Run node tests/Reference/cusps.mjs var/reference-cusps.json first; bin/test does.');
        $cusps = [];
        foreach (json_decode((string) file_get_contents($file), true, 8, \JSON_THROW_ON_ERROR) as [$at, $sign]) {
            $cusps[substr($at, 0, 10)] = [$sign, 60 * (int) substr($at, 11, 2) + (int) substr($at, 14, 2)];
        }
        self::assertCount(12 * 111, $cusps);
        $sign = Sign::Capricorn->value;
        $farthest = $about = 0;
        for ($day = Day::read('1950-01-01'); null !== $day && $day->month->year < 2061; $day = $day->plus(1)) {
            [$sign, $minute] = $cusps[$day->iso()] ?? [$sign, null];
            self::assertSame(Sign::from($sign), Sign::of($day), $day->iso());
            if (null === $minute) {
                self::assertNull(Sign::cusp($day), $day->iso());
                continue;
            }
            $farthest = max($farthest, abs((int) Sun::enters($day) - $minute));
            $said = (string) Sign::cusp($day);
            if (str_starts_with($said, 'about ')) {
                ++$about;
                $hour = (int) substr($said, 6);
                self::assertLessThanOrEqual(2 * Sun::WITHIN, abs(60 * $hour - $minute), "{$day->iso()}: $said");
            } else {
                self::assertSame(intdiv($minute, 60).' h', $said, $day->iso());
            }
        }
        self::assertLessThanOrEqual(Sun::WITHIN, $farthest, 'minutes between the two');
        self::assertLessThan(12 * 111 / 3, $about, 'most are said without “about”');
    }

    /** Capricorn begins in one year and ends in the next. */
    public function testCapricornHoldsDatesOfTwoYears(): void
    {
        $sign = static fn (string $iso): ?Sign => null === ($day = Day::read($iso)) ? null : Sign::of($day);
        self::assertSame([Sign::Capricorn, Sign::Capricorn, Sign::Aquarius], [$sign('2027-12-31'), $sign('2028-01-01'), $sign('2028-01-25')]);
    }
}
