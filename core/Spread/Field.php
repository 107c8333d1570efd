<?php

/* A setting a kind offers, described so that any interface can ask for it. */

declare(strict_types=1);

namespace AmpleMargin\Spread;

final class Field
{
    public const COUNT = 'count';
    public const TEXT = 'text';
    public const LINES = 'lines';
    public const FLAG = 'flag';

    private function __construct(
        public readonly string $name,
        public readonly string $label,
        public readonly string $type,
        public readonly int $least = 0,
        public readonly int $most = 0,
        /** What a flag is where the person says nothing. */
        public readonly bool $on = false,
    ) {
    }

    public static function count(string $name, string $label, int $least, int $most): self
    {
        return new self($name, $label, self::COUNT, $least, $most);
    }

    public static function text(string $name, string $label): self
    {
        return new self($name, $label, self::TEXT);
    }

    public static function lines(string $name, string $label): self
    {
        return new self($name, $label, self::LINES);
    }

    public static function flag(string $name, string $label, bool $on): self
    {
        return new self($name, $label, self::FLAG, on: $on);
    }
}
