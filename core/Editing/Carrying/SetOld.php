<?php

/* The old book comes beside a plan, to be judged; null takes it away with all that was said of it. */

declare(strict_types=1);

namespace AmpleMargin\Editing\Carrying;

use AmpleMargin\Editing\Edit;
use AmpleMargin\Editing\Edited;
use AmpleMargin\Plan\Old\OldBook;
use AmpleMargin\Plan\Old\OldReader;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class SetOld implements Edit
{
    public function __construct(private readonly ?OldBook $old)
    {
    }

    public static function type(): string
    {
        return 'set-old';
    }

    public static function read(Values $values): self
    {
        return new self($values->has('old') ? OldReader::book($values->inside('old')) : null);
    }

    public function on(Plan $plan, Catalogue $catalogue): Edited
    {
        return new Edited(
            $plan->with(['old' => $this->old]),
            null === $this->old ? 'The old book put away' : "“{$this->old->title}” to be reviewed",
        );
    }
}
