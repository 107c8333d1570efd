<?php

/* A way to fill a region of any size and place. It knows nothing of pages, of titles or of what stands beside it. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part;

use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Setting\Field;

interface Filling
{
    /** Its name in a list: "Lines". */
    public function name(): string;

    /** What it is for, in a line. */
    public function purpose(): string;

    /** @return list<Field> all it can be asked for: the same of every filling of its class */
    public function fields(): array;

    /** Boxes across it needs at least. */
    public function narrowest(Request $asked): int;

    /** Boxes down it needs at least in a region so wide. */
    public function least(Request $asked, int $wide): int;

    /** Boxes down it takes where it can have as many as it needs, in a region so wide. */
    public function tall(Request $asked, int $wide): int;

    /** @param int $from the entry it begins with, from 0, where it goes on from a page before */
    public function fill(Request $asked, Region $region, int $from): Filled;
}
