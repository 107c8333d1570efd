<?php

/* The kinds of spread there are. A new kind is one entry here; only a new form is new code. */

declare(strict_types=1);

namespace AmpleMargin\Spread;

use AmpleMargin\Spread\Kinds\FrontKinds;
use AmpleMargin\Spread\Kinds\ListKinds;
use AmpleMargin\Spread\Kinds\MonthKinds;
use AmpleMargin\Spread\Kinds\YearKinds;

final class Catalogue
{
    /** @var array<string, Kind>|null */
    private static ?array $kinds = null;

    public static function kind(string $id): ?Kind
    {
        return self::kinds()[$id] ?? null;
    }

    /**
     * The kinds a person adds to a book, in the order people make them.
     *
     * @return list<Kind>
     */
    public static function spreads(): array
    {
        return array_values(array_filter(self::kinds(), static fn (Kind $kind): bool => null !== $kind->section));
    }

    /**
     * The kinds a month's pattern is made of, the weeks among them.
     *
     * @return list<Kind>
     */
    public static function monthParts(): array
    {
        return array_values(array_filter(self::kinds(), static fn (Kind $kind): bool => null === $kind->section));
    }

    /** @return array<string, Kind> */
    private static function kinds(): array
    {
        if (null === self::$kinds) {
            self::$kinds = [];
            foreach ([...FrontKinds::all(), ...YearKinds::all(), ...ListKinds::all(), ...MonthKinds::all()] as $kind) {
                self::$kinds[$kind->id] = $kind;
            }
        }

        return self::$kinds;
    }
}
