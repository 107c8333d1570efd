<?php

/* The pens of the book; null for the usual ones. */

declare(strict_types=1);

namespace AmpleMargin\Editing\Book;

use AmpleMargin\Colour\Palette;
use AmpleMargin\Editing\Edit;
use AmpleMargin\Editing\Edited;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanReader;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class SetPalette implements Edit
{
    public function __construct(private readonly ?Palette $palette)
    {
    }

    public static function type(): string
    {
        return 'set-palette';
    }

    public static function read(Values $values): self
    {
        return new self(PlanReader::palette($values));
    }

    public function on(Plan $plan, Catalogue $catalogue): Edited
    {
        return new Edited($plan->with(['palette' => $this->palette]), 'Pens changed');
    }
}
