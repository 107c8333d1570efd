<?php

/* What rrule said of random recurrence rules; bin/test has it written afresh before PHPUnit runs. */

declare(strict_types=1);

namespace Tests\Reference;

final class Rules
{
    /** @return list<array{string, string, string, string, list<string>}> the rule, its first day, from, to, its days between */
    public static function said(): array
    {
        $file = \dirname(__DIR__, 2).'/var/reference-rules.json';
        if (!is_file($file)) {
            throw new \RuntimeException('Run node tests/Reference/rules.mjs var/reference-rules.json first; bin/test does.');
        }

        return json_decode((string) file_get_contents($file), true, 16, \JSON_THROW_ON_ERROR);
    }
}
