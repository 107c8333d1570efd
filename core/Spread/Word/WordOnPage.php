<?php

/* A word as it stands on a page, and where it is kept; null where it is worked out. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Word;

use AmpleMargin\Drawing\Words;

final class WordOnPage
{
    /**
     * @param int         $page of the spread, from 0
     * @param string|null $says   in full, where the page has room for its first letters only
     * @param string|null $called what its place is called
     */
    public function __construct(
        public readonly int $page,
        public readonly Words $mark,
        public readonly ?WordPlace $place = null,
        public readonly ?string $says = null,
        public readonly ?string $called = null,
    ) {
    }
}
