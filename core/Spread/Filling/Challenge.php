<?php

/* A month's challenge as a person writes it down: "Ten pages a day → Read twelve books". */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling;

final class Challenge
{
    /** @param string|null $serves the goal, where it names one */
    private function __construct(public readonly string $says, public readonly ?string $serves)
    {
    }

    /** Reads "→" and what people type for it, "->". */
    public static function read(string $line): self
    {
        $parts = preg_split('/\s*(?:→|->)\s*/u', $line, 2);
        [$says, $serves] = [$parts[0] ?? $line, $parts[1] ?? ''];

        return new self(trim($says), '' === trim($serves) ? null : trim($serves));
    }
}
