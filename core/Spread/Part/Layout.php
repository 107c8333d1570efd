<?php

/* One way to lay a spread out: a name, and the settings that make it. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part;

final class Layout
{
    /** @param array<string, mixed> $settings over the spread's own; null puts one back to its default */
    public function __construct(public readonly string $name, public readonly array $settings)
    {
    }
}
