<?php

/* What is to be printed, all of it. */

declare(strict_types=1);

namespace AmpleMargin\Editing\Making;

use AmpleMargin\Counting\Plural;
use AmpleMargin\Editing\Edit;
use AmpleMargin\Editing\Edited;
use AmpleMargin\Plan\Making\MakingPlan;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class SetTray implements Edit
{
    /** @param list<string> $tray */
    public function __construct(private readonly array $tray)
    {
    }

    public static function type(): string
    {
        return 'set-tray';
    }

    public static function read(Values $values): self
    {
        return new self(MakingPlan::tray($values));
    }

    public function on(Plan $plan, Catalogue $catalogue): Edited
    {
        $said = [] === $this->tray ? 'Print tray emptied' : Plural::of(\count($this->tray), 'thing', 'things').' in the print tray';

        return new Edited($plan->with(['making' => $plan->making->with(['tray' => $this->tray])]), $said);
    }
}
