<?php

/* A form whose pages are divided into parts that a person can take hold of, and divide otherwise. */

declare(strict_types=1);

namespace AmpleMargin\Spread;

use AmpleMargin\Spread\Part\NoRoom;
use AmpleMargin\Spread\Part\PartRefused;
use AmpleMargin\Spread\Part\PartsOfPage;
use AmpleMargin\Spread\Part\Piece;

interface HasParts
{
    /** Whether one of its parts is reckoned by the months of the book, so that it means nothing within a month. */
    public function isByMonth(): bool;

    /** Whether it is drawn as those parts already, and not by a hand of its own. */
    public function isDrawnAsParts(): bool;

    /** How a page of it is parted. @throws PartRefused where what the plan says of it is no parting */
    public function parting(Request $request): Piece;

    /** Drawn as those parts, which is what it becomes when they are changed. @throws PartRefused as above */
    public function asParts(Request $request): Laid;

    /**
     * Where its parts stand on the first page.
     *
     * @throws PartRefused as above
     * @throws NoRoom      where there are more parts than boxes
     */
    public function parts(Request $request): PartsOfPage;
}
