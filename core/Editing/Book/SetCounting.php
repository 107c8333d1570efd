<?php

/* Counts are said as boxes or as dots. */

declare(strict_types=1);

namespace AmpleMargin\Editing\Book;

use AmpleMargin\Counting\Tally;
use AmpleMargin\Editing\Edit;
use AmpleMargin\Editing\Edited;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class SetCounting implements Edit
{
    public function __construct(private readonly Tally $counting)
    {
    }

    public static function type(): string
    {
        return 'set-counting';
    }

    public static function read(Values $values): self
    {
        return new self($values->choice('counting', Tally::class));
    }

    public function on(Plan $plan, Catalogue $catalogue): Edited
    {
        return new Edited($plan->with(['counting' => $this->counting]), 'Counting changed');
    }
}
