<?php

/* How many random trials a test makes: enough to notice what breaks, or with THOROUGH=1 as many as it takes to trust a release. */

declare(strict_types=1);

namespace Tests;

final class Thorough
{
    public static function of(int $usual, int $thorough): int
    {
        return self::is() ? $thorough : $usual;
    }

    public static function is(): bool
    {
        return '1' === getenv('THOROUGH');
    }
}
