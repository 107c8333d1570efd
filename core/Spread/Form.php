<?php

/* A way to fill boxes, with the rule that sizes it. Many kinds share one form. */

declare(strict_types=1);

namespace AmpleMargin\Spread;

use AmpleMargin\Spread\Setting\Field;

interface Form
{
    /** @return list<Field> all it can be asked for; a kind may leave some of them out */
    public function fields(): array;

    /** How many pages it takes and what does not fit; drawn when somebody looks at it. */
    public function layOut(Request $request): Laid;
}
