<?php

/* The ways to cut leaves, by the word a plan file has for each. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part;

use AmpleMargin\Spread\Part\Cut\Doors;
use AmpleMargin\Spread\Part\Cut\ShortLeaf;
use AmpleMargin\Spread\Part\Cut\Tabs;
use AmpleMargin\Spread\Part\Cut\Window;

final class Cuts
{
    /** @return array<string, Cut> by its word, with nothing said of it */
    public static function all(): array
    {
        return [
            Doors::word() => Doors::of(),
            Window::word() => Window::of(),
            ShortLeaf::word() => ShortLeaf::of(),
            Tabs::word() => Tabs::of(),
        ];
    }

    public static function named(string $word): ?Cut
    {
        return self::all()[$word] ?? null;
    }
}
