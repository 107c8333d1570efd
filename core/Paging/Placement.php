<?php

/* Where every spread stands, what stays empty, what could not be, and why each stands where it does. */

declare(strict_types=1);

namespace AmpleMargin\Paging;

use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Offer;

final class Placement
{
    /**
     * @param list<PlacedSpread>          $placed   in page order, pins among them
     * @param list<int>             $empty    pages between the first and the last used that nothing stands on
     * @param array<string, string> $why      id → reason
     * @param list<Finding>         $findings
     * @param int                   $next     the page after the last one used
     * @param int                   $moved    places moved from the wanted order, in all
     * @param bool                  $proven   false where the search was cut short and a better order may exist
     * @param list<PlacedSpread>          $homeless what has no page, because the book has no more or they are given to others
     */
    public function __construct(
        public readonly array $placed,
        public readonly array $empty,
        public readonly array $why,
        public readonly array $findings,
        public readonly int $next,
        public readonly int $moved,
        public readonly bool $proven,
        public readonly array $homeless = [],
    ) {
    }

    /**
     * What stands on pages up to this one, or is pinned; all else has none, which is said of each.
     *
     * @param string $because as the end of a sentence
     */
    public function upTo(int $last, Pins $pins, string $because): self
    {
        $fits = static fn (PlacedSpread $placed): bool => $placed->lastPage() <= $last || $pins->keeps($placed->spread->id);
        $homeless = array_values(array_filter($this->placed, static fn (PlacedSpread $placed): bool => !$fits($placed)));
        $findings = array_map(static fn (PlacedSpread $placed): Finding => new Finding(
            $placed->spread->id,
            "{$placed->spread->name} has no page: $because.",
            [Offer::leaveOut($placed->spread->id, "Leave {$placed->spread->name} out")],
        ), $homeless);
        $why = array_diff_key(
            $this->why,
            array_fill_keys(array_map(static fn (PlacedSpread $placed): string => $placed->spread->id, $homeless), ''),
        );

        return [] === $homeless ? $this : new self(
            array_values(array_filter($this->placed, $fits)),
            array_values(array_filter($this->empty, static fn (int $page): bool => $page <= $last)),
            $why,
            [...$this->findings, ...$findings],
            $this->next,
            $this->moved,
            $this->proven,
            $homeless,
        );
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
