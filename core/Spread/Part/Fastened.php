<?php

/* What is glued into a part, or taped on it. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part;

use AmpleMargin\Spread\Page\FlipOut;

final class Fastened
{
    /**
     * @param int          $layers where it is thickest
     * @param FlipOut|null $flip   what is taped on and folds out
     */
    public function __construct(public readonly int $layers = 0, public readonly ?FlipOut $flip = null)
    {
    }
}
