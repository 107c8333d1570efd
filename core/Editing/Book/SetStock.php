<?php

/* The notebook has other paper. */

declare(strict_types=1);

namespace AmpleMargin\Editing\Book;

use AmpleMargin\Editing\Edit;
use AmpleMargin\Editing\Edited;
use AmpleMargin\Paper\Stock;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanReader;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class SetStock implements Edit
{
    public function __construct(private readonly Stock $stock)
    {
    }

    public static function type(): string
    {
        return 'set-stock';
    }

    public static function read(Values $values): self
    {
        return new self(PlanReader::stock($values->inside('stock')));
    }

    public function on(Plan $plan, Catalogue $catalogue): Edited
    {
        return new Edited($plan->with(['stock' => $this->stock]), 'Stock changed');
    }
}
