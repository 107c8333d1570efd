<?php

/* The old book carried over into the plan, as it is judged; the old notebook is not changed. */

declare(strict_types=1);

namespace AmpleMargin\Editing\Carrying;

use AmpleMargin\Carrying\Over;
use AmpleMargin\Editing\Edited;
use AmpleMargin\Editing\Offered;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class CarryOver implements Offered
{
    public static function type(): string
    {
        return 'carry-over';
    }

    public static function read(Values $values): self
    {
        return new self();
    }

    public function on(Plan $plan, Catalogue $catalogue): Edited
    {
        return new Edited(Over::into($plan, $catalogue), '“'.Judge::old($plan)->title.'” carried over');
    }

    public function written(): array
    {
        return ['type' => self::type()];
    }
}
