<?php

/* The sorts of entries a person tells apart, each with its pen. */

declare(strict_types=1);

namespace AmpleMargin\Editing\Dates;

use AmpleMargin\Dates\Category;
use AmpleMargin\Dates\Entry;
use AmpleMargin\Dates\KnownDates;
use AmpleMargin\Editing\Edit;
use AmpleMargin\Editing\Edited;
use AmpleMargin\Plan\DatesReader;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class SetCategories implements Edit
{
    /** @param list<Category> $categories none for the usual ones */
    private function __construct(private readonly array $categories)
    {
    }

    public static function type(): string
    {
        return 'set-date-categories';
    }

    public static function read(Values $values): self
    {
        return new self(DatesReader::categories($values));
    }

    /** What was of a category that is gone is of none. */
    public function on(Plan $plan, Catalogue $catalogue): Edited
    {
        $dates = $plan->dates->sorted($this->categories);
        $entries = array_map(
            static fn (Entry $entry): Entry => null === $dates->category($entry->category) ? $entry->with(['category' => '']) : $entry,
            $dates->entries,
        );

        return new Edited(
            $plan->with(['dates' => new KnownDates($entries, $dates->categories, $dates->settled)]),
            'Categories of dates changed',
        );
    }
}
