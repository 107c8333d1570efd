<?php

/* A way out of what a finding says: words, and the edit that makes it (docs/format.md, "Edits"). */

declare(strict_types=1);

namespace AmpleMargin\Drawing;

final class Offer
{
    /** @param array<string, mixed> $edit as it is sent */
    public function __construct(public readonly string $say, public readonly array $edit)
    {
    }

    /** @param array<string, mixed> $changes of a spread: its pin, its side, whom it faces */
    public static function spread(string $spread, string $say, array $changes): self
    {
        return new self($say, ['type' => 'set-spread', 'spread' => $spread] + $changes);
    }

    /** @param array<array-key, mixed> $settings merged over those of a spread; null puts one back to its default */
    public static function settings(string $spread, string $say, array $settings): self
    {
        return self::spread($spread, $say, ['settings' => $settings]);
    }

    /** @return array<string, mixed> the settings of a spread it changes; none where it does something else */
    public function changes(): array
    {
        $settings = 'set-spread' === $this->edit['type'] ? $this->edit['settings'] ?? [] : [];

        return \is_array($settings) ? array_filter($settings, is_string(...), \ARRAY_FILTER_USE_KEY) : [];
    }

    public static function leaveOut(string $spread, string $say = 'Leave it out'): self
    {
        return new self($say, ['type' => 'remove-spread', 'spread' => $spread]);
    }
}
