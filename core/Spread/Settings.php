<?php

/* A spread's settings, read with the kind's own defaults; a value that makes no sense counts as not given. */

declare(strict_types=1);

namespace AmpleMargin\Spread;

final class Settings
{
    /** @param array<string, mixed> $values the person's over the kind's */
    public function __construct(private readonly array $values)
    {
    }

    public function count(string $name, int $default, int $least, int $most): int
    {
        $value = $this->values[$name] ?? null;

        return \is_int($value) && $value >= $least && $value <= $most ? $value : $default;
    }

    public function text(string $name, string $default = ''): string
    {
        $value = $this->values[$name] ?? null;

        return \is_string($value) && '' !== trim($value) ? trim($value) : $default;
    }

    public function flag(string $name, bool $default): bool
    {
        $value = $this->values[$name] ?? null;

        return \is_bool($value) ? $value : $default;
    }

    /**
     * @param list<string> $default
     *
     * @return list<string> words that are not empty
     */
    public function lines(string $name, array $default = []): array
    {
        $value = $this->values[$name] ?? null;
        if (!\is_array($value)) {
            return $default;
        }
        $lines = [];
        foreach ($value as $line) {
            if (\is_string($line) && '' !== trim($line)) {
                $lines[] = trim($line);
            }
        }

        return $lines;
    }
}
