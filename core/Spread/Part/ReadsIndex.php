<?php

/* What fills a part with the index of its book: it is drawn anew when that changes. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part;

interface ReadsIndex extends Filling
{
}
