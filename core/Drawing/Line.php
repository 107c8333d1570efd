<?php

/* A ruled line, from (x, y) over (wide, tall); either may be negative or nought. */

declare(strict_types=1);

namespace AmpleMargin\Drawing;

final class Line extends Mark
{
    public function visit(MarkVisitor $visitor): mixed
    {
        return $visitor->line($this);
    }

    public function takesRoom(): bool
    {
        return false;
    }
}
