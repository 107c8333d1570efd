<?php

/* What fills a part with the title of its page: what stands below it is counted from there. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part;

interface HeadsPage extends Filling
{
    /** What goes on below a title that stands in the middle of its page with what is above it. */
    public function rest(): Filling;
}
