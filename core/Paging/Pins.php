<?php

/* Which pins can be kept. One that cannot is let go, with a finding that says why and what would do. */

declare(strict_types=1);

namespace AmpleMargin\Paging;

use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Offer;
use AmpleMargin\Paper\Leaf;
use AmpleMargin\Plan\Side;

final class Pins
{
    /** @var list<PlacedSpread> */
    public array $kept = [];

    /** @var list<Finding> */
    public array $findings = [];

    /**
     * @param list<Placeable> $spreads in book order; of two pins on one page the earlier spread's is kept, of two halves both
     * @param list<PlacedSpread>    $others  pins of the rest of the book, kept already
     */
    public function __construct(array $spreads, private readonly PageRules $rules, private readonly array $others = [])
    {
        foreach ($spreads as $spread) {
            if (null === $spread->pin) {
                continue;
            }
            $ground = new Ground($rules, [...$others, ...$this->kept]);
            $trouble = $this->trouble($spread, $spread->pin, $ground);
            if (null === $trouble) {
                $this->kept[] = new PlacedSpread($spread, $spread->pin, $ground->isHalfTaken($spread->pin) ? 1 : 0);
            } else {
                $this->findings[] = new Finding($spread->id, $trouble, $this->offers($spread, $spread->pin, $ground));
            }
        }
    }

    public function keeps(string $id): bool
    {
        foreach ($this->kept as $placed) {
            if ($placed->spread->id === $id) {
                return true;
            }
        }

        return false;
    }

    /** @return list<int> the pages pins stand on */
    public function pages(): array
    {
        $pages = [];
        foreach ($this->kept as $placed) {
            array_push($pages, ...range($placed->page, $placed->lastPage()));
        }

        return array_values(array_unique($pages));
    }

    private function trouble(Placeable $spread, int $page, Ground $ground): ?string
    {
        $last = $page + $spread->pages() - 1;
        if ($page < $this->rules->first) {
            return "$spread->name is pinned to page $page, which the stock’s first leaf takes; the plan starts on page "
                ."{$this->rules->first}.";
        }
        if ($last > $this->rules->last) {
            return "$spread->name is pinned to page $page and would end on page $last; the book has {$this->rules->last} pages.";
        }
        if ($spread->startsLeft && !Leaf::isLeft($page)) {
            return "$spread->name is an opening; page $page is a right page and would split it.";
        }
        if ((Side::Left === $spread->side && !Leaf::isLeft($page)) || (Side::Right === $spread->side && Leaf::isLeft($page))) {
            return "$spread->name wants a {$spread->side->value} page and is pinned to page $page, which is a ".Leaf::side($page).'.';
        }
        foreach ($ground->pinned as $other) {
            if ($page <= $other->lastPage() && $last >= $other->page && !($spread->isHalf() && $ground->isHalfTaken($page))) {
                return "$spread->name is pinned to page $page, where {$other->spread->name} is pinned already.";
            }
        }
        $why = $ground->trouble($spread, $page, null);

        return null === $why ? null : "$spread->name cannot stand on page $page: $why.";
    }

    /** @return list<Offer> */
    private function offers(Placeable $spread, int $page, Ground $ground): array
    {
        $offers = [];
        foreach ([$page - 1, $page + 1, $page - 2, $page + 2] as $near) {
            if ($near >= $this->rules->first
                && $near + $spread->pages() - 1 <= $this->rules->last
                && \count($offers) < 2
                && $ground->takes($spread, $near, null)) {
                $offers[] = Offer::spread($spread->id, "Pin it to page $near", ['pin' => $near]);
            }
        }
        $offers[] = Offer::spread($spread->id, 'Take the pin out', ['pin' => null]);

        return $offers;
    }
}
