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
    public const CHOICE = 'choice';
    public const COUNTS = 'counts';
    public const MONTH = 'month';

    private function __construct(
        public readonly string $name,
        public readonly string $label,
        public readonly string $type,
        public readonly int $least = 0,
        public readonly int $most = 0,
        /** What a flag is where the person says nothing. */
        public readonly bool $on = false,
        /** @var list<array{string, string}> of a choice: a value and what a person reads; the first is the default */
        public readonly array $choices = [],
        /** @var array<string, list<string>> other settings that must have one of these values for this one to matter */
        public readonly array $when = [],
    ) {
    }

    /**
     * Asked for only while another setting has one of these values.
     *
     * @param list<string> $values
     */
    public function when(string $setting, array $values): self
    {
        return new self(
            $this->name,
            $this->label,
            $this->type,
            $this->least,
            $this->most,
            $this->on,
            $this->choices,
            [$setting => $values] + $this->when,
        );
    }

    /** The first day of the week, where a spread has another than its book (common practice: Sunday-first months and Monday-first weeks in one book). */
    public static function weekStart(): self
    {
        return self::choice(
            'week_start',
            'Weeks begin on',
            ['book' => 'as in the book', '1' => 'Monday', '7' => 'Sunday', '6' => 'Saturday'],
        );
    }

    /** A month of the calendar. */
    public static function month(string $name, string $label): self
    {
        return new self($name, $label, self::MONTH);
    }

    /**
     * A length of 1, 1½ or 2 boxes.
     *
     * @param '1'|'1.5'|'2' $default
     */
    public static function boxes(string $name, string $label, string $default = '1'): self
    {
        $choices = ['1' => '1 box', '1.5' => '1½ boxes', '2' => '2 boxes'];

        return self::choice($name, $label, [$default => $choices[$default]] + $choices);
    }

    public static function count(string $name, string $label, int $least, int $most): self
    {
        return new self($name, $label, self::COUNT, $least, $most);
    }

    /** @param non-empty-array<string, string>|non-empty-array<int|string, string> $choices value → what a person reads; the first is the default */
    public static function choice(string $name, string $label, array $choices): self
    {
        return new self(
            $name,
            $label,
            self::CHOICE,
            choices: array_map(
                static fn (int|string $value, string $words): array => [(string) $value, $words],
                array_keys($choices),
                $choices,
            ),
        );
    }

    /** Several whole numbers, such as divisors. */
    public static function counts(string $name, string $label, int $least, int $most): self
    {
        return new self($name, $label, self::COUNTS, $least, $most);
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
