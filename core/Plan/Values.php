<?php

/* Reads values out of decoded JSON, each with its field's path, so that every refusal names its place. */

declare(strict_types=1);

namespace AmpleMargin\Plan;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Paper\Millimetres;

final class Values
{
    public const LONGEST_TEXT = 10_000;

    /** @param array<array-key, mixed> $values */
    private function __construct(private readonly array $values, private readonly string $path)
    {
    }

    public static function of(mixed $values, string $path = ''): self
    {
        // What an array would mistake for a list arrives as an object.
        $values = $values instanceof \stdClass ? get_object_vars($values) : $values;
        if (!\is_array($values)) {
            throw PlanProblem::at($path, ('' === $path ? 'This' : "\"$path\"").' should hold named values.');
        }

        return new self($values, $path);
    }

    /** @return array<array-key, mixed> */
    public function all(): array
    {
        return $this->values;
    }

    public function has(string $name): bool
    {
        return isset($this->values[$name]);
    }

    /** Whether it is there at all, perhaps as null. */
    public function names(string $name): bool
    {
        return \array_key_exists($name, $this->values);
    }

    public function path(string $name): string
    {
        return '' === $this->path ? $name : "$this->path/$name";
    }

    public function inside(string $name): self
    {
        return self::of($this->values[$name] ?? null, $this->path($name));
    }

    /** @return list<self> */
    public function each(string $name, int $most): array
    {
        $list = $this->values[$name] ?? [];
        if (!\is_array($list) || !array_is_list($list)) {
            throw PlanProblem::at($this->path($name), "\"{$this->path($name)}\" should be a list.");
        }
        if (\count($list) > $most) {
            throw PlanProblem::at($this->path($name), 'There are '.\count($list)." in \"{$this->path($name)}\": at most $most.");
        }

        return array_map(fn (int $i): self => self::of($list[$i], $this->path("$name/$i")), array_keys($list));
    }

    public function text(string $name, ?string $default = null, int $longest = self::LONGEST_TEXT): string
    {
        $text = $this->values[$name] ?? $default;
        if (!\is_string($text)) {
            throw PlanProblem::at($this->path($name), "\"{$this->path($name)}\" should be words.");
        }
        if (!mb_check_encoding($text, 'UTF-8')) {
            throw PlanProblem::at($this->path($name), 'These words are not in UTF-8.');
        }
        if (mb_strlen($text) > $longest) {
            throw PlanProblem::at(
                $this->path($name),
                'This has '.number_format(mb_strlen($text)).' letters: at most '.number_format($longest).'.',
            );
        }

        return $text;
    }

    public function textOrNull(string $name, int $longest = self::LONGEST_TEXT): ?string
    {
        return $this->has($name) ? $this->text($name, null, $longest) : null;
    }

    public function count(string $name, int $least, int $most, ?int $default = null): int
    {
        $count = $this->values[$name] ?? $default;
        if (!\is_int($count)) {
            throw PlanProblem::at($this->path($name), "\"{$this->path($name)}\" should be a whole number.");
        }
        if ($count < $least || $count > $most) {
            throw PlanProblem::at(
                $this->path($name),
                "\"{$this->path($name)}\" is $count: it goes from $least to ".number_format($most).'.',
            );
        }

        return $count;
    }

    public function flag(string $name, bool $default): bool
    {
        $flag = $this->values[$name] ?? $default;

        return \is_bool($flag) ? $flag : throw PlanProblem::at($this->path($name), "\"{$this->path($name)}\" should be true or false.");
    }

    /** @return list<string> */
    public function words(string $name, int $most): array
    {
        return array_map(
            fn (mixed $word): string => \is_string($word) ? $word : throw PlanProblem::at(
                $this->path($name),
                "\"{$this->path($name)}\" should hold words.",
            ),
            $this->plainList($name, $most),
        );
    }

    /** @return list<int> pages, rising, each once */
    public function pages(string $name, int $last): array
    {
        $pages = array_map(
            fn (mixed $page): int => \is_int($page) && $page >= 1 && $page <= $last
                ? $page
                : throw PlanProblem::at($this->path($name), "\"{$this->path($name)}\" should hold pages from 1 to $last."),
            $this->plainList($name, $last),
        );
        $pages = array_unique($pages);
        sort($pages);

        return $pages;
    }

    /** @return list<int> whole numbers, in the order given */
    public function counts(string $name, int $least, int $most, int $longest): array
    {
        return array_map(
            fn (mixed $count): int => \is_int($count) && $count >= $least && $count <= $most
                ? $count
                : throw PlanProblem::at($this->path($name), "\"{$this->path($name)}\" should hold whole numbers from $least to $most."),
            $this->plainList($name, $longest),
        );
    }

    /** @return list<mixed> */
    private function plainList(string $name, int $most): array
    {
        $list = $this->values[$name] ?? [];
        if (!\is_array($list) || !array_is_list($list) || \count($list) > $most) {
            throw PlanProblem::at($this->path($name), "\"{$this->path($name)}\" should be a list of at most $most.");
        }

        return $list;
    }

    /** A length in mm, given as a number, returned in µm. */
    public function millimetres(string $name): int
    {
        $mm = $this->values[$name] ?? null;
        if ((!\is_int($mm) && !\is_float($mm)) || !is_finite($mm) || abs($mm) > 100_000) {
            throw PlanProblem::at($this->path($name), "\"{$this->path($name)}\" should be a length in mm.");
        }

        return Millimetres::read($mm);
    }

    /**
     * @template T of \BackedEnum
     *
     * @param class-string<T> $enum
     * @param T|null          $default
     *
     * @return T
     */
    public function choice(string $name, string $enum, ?\BackedEnum $default = null): \BackedEnum
    {
        if (!$this->has($name) && null !== $default) {
            return $default;
        }
        $value = $this->values[$name] ?? null;
        $found = \is_string($value) || \is_int($value) ? array_values(array_filter(
            $enum::cases(),
            static fn (\BackedEnum $case): bool => $case->value === $value,
        )) : [];
        if ([] === $found) {
            $known = implode(', ', array_map(static fn (\BackedEnum $case): string => (string) $case->value, $enum::cases()));
            throw PlanProblem::at($this->path($name), "\"{$this->path($name)}\" should be one of: $known.");
        }

        return $found[0];
    }

    /** @return array<array-key, mixed> a name that is a whole number, such as "12", comes as one */
    public function map(string $name): array
    {
        $map = $this->values[$name] ?? [];
        if ($map instanceof \stdClass) {
            return get_object_vars($map);
        }
        if (!\is_array($map) || ([] !== $map && array_is_list($map))) {
            throw PlanProblem::at($this->path($name), "\"{$this->path($name)}\" should hold named values.");
        }

        return $map;
    }

    /**
     * Whole numbers by month, as "2027-05".
     *
     * @return array<string, int> rising
     */
    public function byMonth(string $name, int $least, int $most, string $says): array
    {
        $numbers = [];
        foreach ($this->map($name) as $month => $number) {
            if (null === Month::read((string) $month) || !\is_int($number) || $number < $least || $number > $most) {
                throw PlanProblem::at($this->path("$name/$month"), "“{$month}”: $says.");
            }
            $numbers[(string) $month] = $number;
        }
        ksort($numbers);

        return $numbers;
    }

    /**
     * Named values of any shape, kept as they came within the bounds of `Kept`.
     *
     * @return array<array-key, mixed>
     */
    public function kept(string $name): array
    {
        return Kept::within($this->map($name), $this->path($name));
    }
}
