<?php

/* A kind as it would stand in a book, and the settings that make it fit there, where the usual ones do not. */

declare(strict_types=1);

namespace AmpleMargin\Book;

use AmpleMargin\Spread\Page\Laid;

final class Sample
{
    /** @param array<string, mixed> $settings none where it fits with nothing said of it, or not at all */
    public function __construct(public readonly Laid $laid, public readonly array $settings = [])
    {
    }
}
