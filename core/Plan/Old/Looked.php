<?php

/* How often a spread of the old book was looked at. */

declare(strict_types=1);

namespace AmpleMargin\Plan\Old;

enum Looked: string
{
    case Often = 'often';
    case Sometimes = 'sometimes';
    case Never = 'never';

    /** What it is worth in the next book, 1 to 5. From memory. */
    public function worth(): int
    {
        return match ($this) {
            self::Often => 5,
            self::Sometimes => 3,
            self::Never => 1,
        };
    }

    /** What is looked at most stands earliest (docs/trade.md, "Placement"). */
    public function rank(): int
    {
        return match ($this) {
            self::Often => 0,
            self::Sometimes => 1,
            self::Never => 2,
        };
    }
}
