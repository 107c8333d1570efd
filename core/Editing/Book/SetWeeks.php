<?php

/* Weeks begin, are cut and have pages otherwise. */

declare(strict_types=1);

namespace AmpleMargin\Editing\Book;

use AmpleMargin\Editing\Edited;
use AmpleMargin\Editing\Offered;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanReader;
use AmpleMargin\Plan\PlanWriter;
use AmpleMargin\Plan\Values;
use AmpleMargin\Plan\WeekPlan;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class SetWeeks implements Offered
{
    public function __construct(private readonly WeekPlan $weeks)
    {
    }

    public static function type(): string
    {
        return 'set-weeks';
    }

    public static function read(Values $values): self
    {
        return new self(PlanReader::weeks($values->inside('weeks')));
    }

    public function on(Plan $plan, Catalogue $catalogue): Edited
    {
        return new Edited($plan->with(['weeks' => $this->weeks]), 'Weeks changed');
    }

    public function written(): array
    {
        return ['type' => self::type(), 'weeks' => PlanWriter::weeks($this->weeks)];
    }
}
