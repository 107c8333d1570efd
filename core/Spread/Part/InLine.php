<?php

/* What fills a part in line with the columns of one above or below it, where nobody says otherwise. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part;

use AmpleMargin\Spread\Page\Request;

interface InLine extends Filling
{
    /** @return array<string, mixed> settings that bring it in line; none where they are not its columns, or where it is said how it stands */
    public function inLine(Request $asked, Columns $with): array;
}
