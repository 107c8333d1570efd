<?php

/* What a component of a calendar or a card says, as the first property of a name. */

declare(strict_types=1);

namespace App\Import;

use Sabre\VObject\Component;
use Sabre\VObject\Property;
use Sabre\VObject\Property\ICalendar\DateTime;

final class Properties
{
    public static function first(Component $of, string $name): ?Property
    {
        foreach ($of->select($name) as $one) {
            if ($one instanceof Property) {
                return $one;
            }
        }

        return null;
    }

    public static function moment(Component $of, string $name): ?DateTime
    {
        $first = self::first($of, $name);

        return $first instanceof DateTime ? $first : null;
    }

    /** On one line; "" where it says nothing. */
    public static function text(Component $of, string $name): string
    {
        $value = self::first($of, $name)?->getValue();

        return trim((string) preg_replace('/\s+/u', ' ', \is_string($value) ? $value : ''));
    }
}
