<?php

/* What luxon said of months and names; bin/test has it written afresh before PHPUnit runs. */

declare(strict_types=1);

namespace Tests\Reference;

final class Luxon
{
    /** @return array<string, array{days: int, weekday: int, weeks: list<int>}> */
    public static function months(): array
    {
        return self::said()['months'];
    }

    /** @return array<string, array{months: list<string>, short: list<string>, weekdays: list<string>, initials: list<string>}> */
    public static function names(): array
    {
        return self::said()['names'];
    }

    private static function said(): array
    {
        static $said = null;
        $file = \dirname(__DIR__, 2).'/var/reference-dates.json';
        if (!is_file($file)) {
            throw new \RuntimeException('Run node tests/Reference/dates.mjs var/reference-dates.json first; bin/test does.');
        }

        return $said ??= json_decode((string) file_get_contents($file), true, 16, \JSON_THROW_ON_ERROR);
    }
}
