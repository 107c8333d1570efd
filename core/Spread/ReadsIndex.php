<?php

/* A form whose pages depend on how many entries the index has. */

declare(strict_types=1);

namespace AmpleMargin\Spread;

interface ReadsIndex
{
}
