<?php

/* A flat stripe of highlighter or light marker. */

declare(strict_types=1);

namespace AmpleMargin\Drawing;

final class Band extends Mark
{
    public function visit(MarkVisitor $visitor): mixed
    {
        return $visitor->band($this);
    }
}
