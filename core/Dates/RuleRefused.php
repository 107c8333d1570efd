<?php

/* A repeat that cannot be read, in words. */

declare(strict_types=1);

namespace AmpleMargin\Dates;

final class RuleRefused extends \DomainException
{
    public static function unknown(string $part): self
    {
        return new self("A repeat does not know “{$part}”.");
    }

    public static function often(string $frequency): self
    {
        return new self('This comes again every '.strtolower(str_replace(['LY', 'I'], ['', 'Y'], $frequency))
            .': a paper book has room for what comes once a day, or less often.');
    }

    public static function twice(): self
    {
        return new self('A repeat ends after so many times, or on a day: not both.');
    }

    public static function without(string $part): self
    {
        return new self("A repeat needs $part.");
    }

    public static function outside(string $part, string $value, string $bounds): self
    {
        return new self("“{$part}={$value}” in a repeat: $bounds.");
    }
}
