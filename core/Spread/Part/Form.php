<?php

/* How a kind of page is divided for what is asked of it. What stands on the page is drawn by what fills its parts, and by nothing else. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part;

use AmpleMargin\Spread\Page\Laid;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Setting\Field;

interface Form
{
    /** @return list<Field> all it can be asked for; a kind may leave some of them out */
    public function fields(): array;

    /** How many pages it takes and what does not fit; drawn when somebody looks at it. */
    public function layOut(Request $request): Laid;

    /** Whether one of its parts is reckoned by the months of the book, so that it means nothing within a month. */
    public function isByMonth(): bool;

    /** How its pages are parted. @throws PartRefused where what the plan says of it is no parting */
    public function parting(Request $request): Portion;

    /**
     * Where its parts stand.
     *
     * @throws PartRefused as above
     * @throws NoRoom      where there are more parts than boxes
     */
    public function parts(Request $request): PartsOfPage;
}
