<?php

/* A ring or oval drawn inside its rectangle. */

declare(strict_types=1);

namespace AmpleMargin\Drawing;

final class Ring extends Mark
{
    public function visit(MarkVisitor $visitor): mixed
    {
        return $visitor->ring($this);
    }
}
