<?php

/* An edit that the program itself proposes: it writes itself, so that an offer can be pressed. */

declare(strict_types=1);

namespace AmpleMargin\Editing;

interface Offered extends Edit
{
    /** @return array<string, mixed> as it is sent, its type first */
    public function written(): array;
}
