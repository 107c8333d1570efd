<?php

/* The outline of a container. */

declare(strict_types=1);

namespace AmpleMargin\Drawing;

final class Frame extends Mark
{
    public function visit(MarkVisitor $visitor): mixed
    {
        return $visitor->frame($this);
    }
}
