<?php

/* A legend with more entries than the book has pens: the same colour stands twice in it. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling;

use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Finding;

/** @internal to Spread */
final class TooFewPens
{
    /** @return list<Finding> none where every entry has a colour of its own */
    public static function of(string $about, int $entries, int $colours): array
    {
        return $entries <= $colours ? [] : [new Finding(
            $about,
            "The legend has $entries entries and the book ".Plural::of($colours, 'pen', 'pens').': colours are used again from entry '
                .($colours + 1).' on. Add pens on the key, or leave entries out.',
            [],
            false,
            'key',
        )];
    }
}
