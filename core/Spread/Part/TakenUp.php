<?php

/* A filling that counts entries: wherever it stops, a part of any size can take it up. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part;

interface TakenUp extends Filling
{
}
