<?php

/* The notebook has another title. */

declare(strict_types=1);

namespace AmpleMargin\Editing\Book;

use AmpleMargin\Editing\Edit;
use AmpleMargin\Editing\Edited;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanReader;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class SetTitle implements Edit
{
    public function __construct(private readonly string $title)
    {
    }

    public static function type(): string
    {
        return 'set-title';
    }

    public static function read(Values $values): self
    {
        return new self(PlanReader::title($values));
    }

    public function on(Plan $plan, Catalogue $catalogue): Edited
    {
        return new Edited($plan->with(['title' => $this->title]), 'Title changed');
    }
}
