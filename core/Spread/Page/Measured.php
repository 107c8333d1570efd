<?php

/*
 * What a spread takes, known before any of it is drawn: its pages, what does not fit, where it must begin, what is cut away, glued in and
 * folds out of them. A value that can be kept; whatever joins pages joins all of it.
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Page;

use AmpleMargin\Drawing\Finding;
use AmpleMargin\Plan\Side;

class Measured
{
    /**
     * @param int                                 $pages    1 or more
     * @param array<int, list<Finding>>           $findings page from 0 → what it says
     * @param Side                                $starts   the side it must start on, whatever its kind says
     * @param array<int, non-empty-list<Region>>  $removed  page from 0 → what the knife takes of it
     * @param int                                 $glued    layers glued in where it is thickest
     * @param array<int, non-empty-list<FlipOut>> $flips    page from 0 → what folds out of it
     */
    public function __construct(
        public readonly int $pages,
        public readonly array $findings = [],
        public readonly Side $starts = Side::Any,
        public readonly array $removed = [],
        public readonly int $glued = 0,
        public readonly array $flips = [],
    ) {
    }

    /** As it was measured, without the hand that draws it. */
    final public function measured(): self
    {
        return new self($this->pages, $this->findings, $this->starts, $this->removed, $this->glued, $this->flips);
    }

    /** These pages, and others after them. */
    final protected function joined(self $next): self
    {
        return new self(
            $this->pages + $next->pages,
            $this->findings + self::behind($this->pages, $next->findings),
            $this->starts,
            $this->removed + self::behind($this->pages, $next->removed),
            $this->glued + $next->glued,
            $this->flips + self::behind($this->pages, $next->flips),
        );
    }

    /** So many pages: the same again and again, and of the last time as many as are needed. */
    final protected function repeated(int $count): self
    {
        $all = $this->measured();
        while ($all->pages < $count) {
            $all = $all->joined($this);
        }
        $here = static fn (int $page): bool => $page < $count;

        return new self(
            $count,
            array_filter($all->findings, $here, \ARRAY_FILTER_USE_KEY),
            $this->starts,
            array_filter($all->removed, $here, \ARRAY_FILTER_USE_KEY),
            $all->glued,
            array_filter($all->flips, $here, \ARRAY_FILTER_USE_KEY),
        );
    }

    /** Why it cannot be drawn: the first finding that says so, or null where it can. */
    final public function broken(): ?Finding
    {
        foreach (array_merge(...array_values($this->findings)) as $finding) {
            if ($finding->broken) {
                return $finding;
            }
        }

        return null;
    }

    /**
     * What is said of pages, so many pages further on.
     *
     * @template T
     *
     * @param array<int, T> $pages
     *
     * @return array<int, T>
     */
    private static function behind(int $by, array $pages): array
    {
        return array_combine(array_map(static fn (int $page): int => $page + $by, array_keys($pages)), $pages);
    }
}
