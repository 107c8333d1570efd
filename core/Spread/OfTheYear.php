<?php

/* What fills a part with the months of the book: it means nothing within one of them, and takes what is known of each. */

declare(strict_types=1);

namespace AmpleMargin\Spread;

interface OfTheYear extends Filling
{
}
