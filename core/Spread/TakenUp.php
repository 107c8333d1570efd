<?php

/* A filling that counts entries: wherever it stops, a part of any size can take it up. */

declare(strict_types=1);

namespace AmpleMargin\Spread;

interface TakenUp extends Filling
{
}
