<?php

/* How the book is dressed: one dress for all of it, others over it for a section, for the months, or for a spread. */

declare(strict_types=1);

namespace AmpleMargin\Plan;

final class Wardrobe
{
    /** The months, beside the sections. */
    public const MONTHS = 'months';

    /**
     * @param array<string, Dress> $sections section, or "months" → dress
     * @param array<string, Dress> $spreads  id → dress
     */
    public function __construct(
        public readonly Dress $all = new Dress(),
        public readonly array $sections = [],
        public readonly array $spreads = [],
    ) {
    }

    public function ofSpread(PlannedSpread $spread): Dress
    {
        return $this->ofSection($spread->section->value)->under($this->spreads[$spread->id] ?? new Dress());
    }

    public function ofMonths(): Dress
    {
        return $this->ofSection(self::MONTHS);
    }

    /** What a section, or the months, are dressed in; what is said for all where they say nothing. */
    public function ofSection(string $section): Dress
    {
        return $this->all->under($this->sections[$section] ?? new Dress());
    }

    /** With another dress for all, a section or a spread; a plain one is taken off. */
    public function with(Dress $dress, ?string $section, ?string $spread): self
    {
        return match (true) {
            null !== $spread => new self($this->all, $this->sections, self::hung($this->spreads, $spread, $dress)),
            null !== $section => new self($this->all, self::hung($this->sections, $section, $dress), $this->spreads),
            default => new self($dress, $this->sections, $this->spreads),
        };
    }

    /**
     * @param array<string, Dress> $some
     *
     * @return array<string, Dress>
     */
    private static function hung(array $some, string $name, Dress $dress): array
    {
        unset($some[$name]);

        return $dress->isPlain() ? $some : $some + [$name => $dress];
    }

    /**
     * @param array<string, Dress> $some
     *
     * @return array<string, object>
     */
    private static function each(array $some): array
    {
        return array_map(static fn (Dress $dress): object => (object) $dress->written(), $some);
    }

    /** @return array<string, mixed> */
    public function written(): array
    {
        return array_filter([
            'all' => $this->all->isPlain() ? null : (object) $this->all->written(),
            'sections' => [] === $this->sections ? null : (object) self::each($this->sections),
            'spreads' => [] === $this->spreads ? null : (object) self::each($this->spreads),
        ], static fn (mixed $value): bool => null !== $value);
    }

    /** @throws PlanProblem naming the field */
    public static function read(Values $values): self
    {
        $each = static function (string $name, ?array $known) use ($values): array {
            if (!$values->has($name)) {
                return [];
            }
            $inside = $values->inside($name);
            $some = [];
            foreach (array_keys($inside->all()) as $key) {
                $key = (string) $key;
                if (null !== $known && !\in_array($key, $known, true)) {
                    throw PlanProblem::at($inside->path($key), "There is no section “{$key}” to dress.");
                }
                $some[$key] = Dress::read($inside->inside($key));
            }

            return \count($some) > 1_000
                ? throw PlanProblem::at($values->path($name), 'A book has 1,000 dresses of its own at most.')
                : $some;
        };

        return new self(
            $values->has('all') ? Dress::read($values->inside('all')) : new Dress(),
            $each('sections', [...array_column(Section::cases(), 'value'), self::MONTHS]),
            $each('spreads', null),
        );
    }
}
