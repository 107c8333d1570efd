<?php

/* What is to become of a spread of the old book. */

declare(strict_types=1);

namespace AmpleMargin\Plan\Old;

enum Verdict: string
{
    case Keep = 'keep';
    /** Kept, and done otherwise: how stands beside it. */
    case Change = 'change';
    case Drop = 'drop';
    /** Still good where it is: not drawn again, the new index says where it stands. */
    case Refer = 'refer';

    /** Whether it is drawn again. */
    public function goesOn(): bool
    {
        return self::Keep === $this || self::Change === $this;
    }
}
