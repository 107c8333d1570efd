<?php

/* Which sections may stand among one another, so that fewer pages stay empty. */

declare(strict_types=1);

namespace AmpleMargin\Editing\Book;

use AmpleMargin\Editing\Edit;
use AmpleMargin\Editing\Edited;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanReader;
use AmpleMargin\Plan\Section;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class SetMixing implements Edit
{
    /** @param list<Section> $mixing */
    public function __construct(private readonly array $mixing)
    {
    }

    public static function type(): string
    {
        return 'set-mixing';
    }

    public static function read(Values $values): self
    {
        return new self(PlanReader::mixing($values));
    }

    public function on(Plan $plan, Catalogue $catalogue): Edited
    {
        return new Edited($plan->with(['mixing' => $this->mixing]), 'Mixing of sections changed');
    }
}
