<?php

/* Months and weekdays are written in another language. */

declare(strict_types=1);

namespace AmpleMargin\Editing\Book;

use AmpleMargin\Editing\Edit;
use AmpleMargin\Editing\Edited;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanReader;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class SetLanguage implements Edit
{
    public function __construct(private readonly string $language)
    {
    }

    public static function type(): string
    {
        return 'set-language';
    }

    public static function read(Values $values): self
    {
        return new self(PlanReader::language($values));
    }

    public function on(Plan $plan, Catalogue $catalogue): Edited
    {
        return new Edited($plan->with(['language' => $this->language]), 'Language on paper changed');
    }
}
