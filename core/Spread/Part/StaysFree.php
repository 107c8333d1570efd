<?php

/* What keeps its part free: as much of it as there is, and any number of times. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part;

interface StaysFree extends Filling
{
}
