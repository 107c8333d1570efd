<?php

/* What fills a part with the title of its page: what stands below it is counted from there. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part;

interface HeadsPage extends Filling
{
}
