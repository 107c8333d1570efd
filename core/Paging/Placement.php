<?php

/* Where every spread stands, what stays empty, what could not be, and why each stands where it does. */

declare(strict_types=1);

namespace AmpleMargin\Paging;

use AmpleMargin\Drawing\Finding;

final class Placement
{
    /**
     * @param list<Placed>          $placed   in page order, pins among them
     * @param list<int>             $empty    pages between the first and the last used that nothing stands on
     * @param array<string, string> $why      id → reason
     * @param list<Finding>         $findings
     * @param int                   $next     the page after the last one used
     * @param int                   $moved    places moved from the wanted order, in all
     * @param bool                  $proven   false where the search was cut short and a better order may exist
     */
    public function __construct(
        public readonly array $placed,
        public readonly array $empty,
        public readonly array $why,
        public readonly array $findings,
        public readonly int $next,
        public readonly int $moved,
        public readonly bool $proven,
    ) {
    }

    public function pageOf(string $id): ?int
    {
        foreach ($this->placed as $placed) {
            if ($placed->spread->id === $id) {
                return $placed->page;
            }
        }

        return null;
    }
}
