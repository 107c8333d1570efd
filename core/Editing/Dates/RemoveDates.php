<?php

/* Dates taken out again. */

declare(strict_types=1);

namespace AmpleMargin\Editing\Dates;

use AmpleMargin\Counting\Plural;
use AmpleMargin\Dates\KnownDates;
use AmpleMargin\Editing\Edit;
use AmpleMargin\Editing\Edited;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class RemoveDates implements Edit
{
    /** @param list<string> $dates their ids */
    private function __construct(private readonly array $dates)
    {
    }

    public static function type(): string
    {
        return 'remove-dates';
    }

    public static function read(Values $values): self
    {
        return new self($values->words('dates', KnownDates::MOST));
    }

    public function on(Plan $plan, Catalogue $catalogue): Edited
    {
        $some = array_map(static fn (string $id): string => SetDate::entry($plan, $id)->words, $this->dates);

        return new Edited(
            $plan->with(['dates' => $plan->dates->without(...$this->dates)]),
            1 === \count($some) ? "“{$some[0]}” taken out" : Plural::of(\count($some), 'date', 'dates').' taken out',
        );
    }
}
