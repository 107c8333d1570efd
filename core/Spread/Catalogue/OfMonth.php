<?php

/* A kind as a part of a month's pattern: how many pages it has there, and how its months part with them. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Catalogue;

final class OfMonth
{
    /** How much a part of a month is regretted beside its pages, where its kind says nothing else (from memory). */
    private const MISSED = 4;

    /**
     * @param int      $pages   it begins with
     * @param bool     $byWeeks as many pages as its month's weeks need
     * @param bool     $yields  its pages hang together loosely, and give way where one is lost
     * @param int|null $regret  of it dropped, whatever its pages (from memory); null for more with every page
     */
    public function __construct(
        public readonly int $pages = 1,
        public readonly bool $byWeeks = false,
        public readonly bool $yields = false,
        private readonly ?int $regret = null,
    ) {
    }

    /** How much so many pages of it are missed when it is dropped. */
    public function regretOf(int $pages): int
    {
        return $this->regret ?? self::MISSED + $pages;
    }
}
