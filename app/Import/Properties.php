<?php

/* What a card says, as the first property of a name. */

declare(strict_types=1);

namespace App\Import;

use Sabre\VObject\Component;
use Sabre\VObject\Property;

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

    /** On one line; "" where it says nothing. */
    public static function text(Component $of, string $name): string
    {
        $value = self::first($of, $name)?->getValue();

        return trim((string) preg_replace('/\s+/u', ' ', \is_string($value) ? $value : ''));
    }
}
