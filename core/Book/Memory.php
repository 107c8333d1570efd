<?php

/*
 * What was worked out of a book before, each under a hash of all it was worked out from: asked for again, it is not worked out again.
 * Whoever keeps books may keep this beside them. Where it is lost, nothing is lost but time.
 */

declare(strict_types=1);

namespace AmpleMargin\Book;

final class Memory
{
    /** Things kept at least, where there are so many; else twice what was asked for last. What was not asked for longest goes first. */
    public const LEAST = 60;

    /** @var array<string, mixed> by what it was worked out from; asked for since */
    private array $now = [];

    /** @param array<string, mixed> $before what `all` gave, of the same program */
    public function __construct(private readonly array $before = [])
    {
    }

    /** What was worked out from this, or null. */
    public function recall(string $from): mixed
    {
        $known = $this->now[$from] ?? $this->before[$from] ?? null;
        if (null !== $known) {
            $this->now[$from] = $known;
        }

        return $known;
    }

    /**
     * What was worked out from this before, or now.
     *
     * @template T
     *
     * @param \Closure(): T         $work
     * @param (\Closure(): bool)|null $may  whether what was worked out now may be kept; null where it always may
     *
     * @return T
     */
    public function of(string $from, \Closure $work, ?\Closure $may = null): mixed
    {
        /** @var T|null $known kept under this name before */
        $known = $this->recall($from);
        if (null === $known) {
            $known = $work();
            if (null === $may || $may()) {
                $this->keep($from, $known);
            }
        }

        return $known;
    }

    /** @param mixed $worked not null, and only of values: it may be written down */
    public function keep(string $from, mixed $worked): void
    {
        $this->now[$from] = $worked;
    }

    /** @return array<string, mixed> what was asked for last first */
    public function all(): array
    {
        return \array_slice($this->now + $this->before, 0, max(self::LEAST, 2 * \count($this->now)), true);
    }

    /** Whether there is something that was not there before. */
    public function hasMore(): bool
    {
        return [] !== array_diff_key($this->now, $this->before);
    }

    /**
     * A name for what something is worked out from.
     *
     * @param string $what sort of thing it is
     * @param mixed  ...$from values only
     */
    public static function from(string $what, mixed ...$from): string
    {
        return "$what ".hash('xxh128', serialize($from));
    }
}
