<?php

/* What the stock's first leaf allows: often it is partly glued to the cover, opens short, or has no dots. */

declare(strict_types=1);

namespace AmpleMargin\Paper;

enum FirstLeaf: string
{
    /** Page 1 takes any single page. */
    case Ordinary = 'ordinary';

    /** Page 1 has no grid: it takes only what needs no counting (a name page, a quote). */
    case Undotted = 'undotted';

    /** The whole first leaf is left blank: the plan starts on page 3. */
    case Blank = 'blank';

    /** The front of the first leaf is glued to the cover: the plan starts on page 2. */
    case Glued = 'glued';

    /** The first page the plan may use. */
    public function firstPage(): int
    {
        return match ($this) {
            self::Ordinary, self::Undotted => 1,
            self::Glued => 2,
            self::Blank => 3,
        };
    }
}
