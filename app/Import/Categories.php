<?php

/* The category of a book that a file names. */

declare(strict_types=1);

namespace App\Import;

use AmpleMargin\Dates\KnownDates;

final class Categories
{
    /** Its id, by its id or name; "" where the book has none of that name. */
    public static function named(KnownDates $known, string $said): string
    {
        $plain = mb_strtolower(trim($said));
        foreach ($known->sorts() as $category) {
            $names = [$category->id, mb_strtolower($category->name), mb_strtolower(rtrim($category->name, 's'))];
            if ('' !== $plain && \in_array($plain, $names, true)) {
                return $category->id;
            }
        }

        return '';
    }
}
