<?php

/* What fills a part with what the part before it has no room for. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part;

interface TakesUp extends Filling
{
}
