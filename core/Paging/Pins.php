<?php

/* Which pins can be kept. One that cannot is let go, with a finding that says why and what would do. */

declare(strict_types=1);

namespace AmpleMargin\Paging;

use AmpleMargin\Drawing\Finding;
use AmpleMargin\Paper\Leaf;
use AmpleMargin\Plan\Side;

final class Pins
{
    /** @var list<Placed> */
    public array $kept = [];

    /** @var list<Finding> */
    public array $findings = [];

    /** @param list<Placeable> $spreads in book order; of two pins on one page the earlier spread's is kept */
    public function __construct(array $spreads, PageRules $rules)
    {
        foreach ($spreads as $spread) {
            if (null === $spread->pin) {
                continue;
            }
            $trouble = $this->trouble($spread, $spread->pin, $rules);
            if (null === $trouble) {
                $this->kept[] = new Placed($spread, $spread->pin);
            } else {
                $this->findings[] = new Finding($spread->id, $trouble, $this->offers($spread, $spread->pin, $rules));
            }
        }
    }

    private function trouble(Placeable $spread, int $page, PageRules $rules): ?string
    {
        $last = $page + $spread->pages() - 1;
        if ($page < $rules->first) {
            return "$spread->name is pinned to page $page, which the stock’s first leaf takes; the plan starts on page $rules->first.";
        }
        if ($last > $rules->last) {
            return "$spread->name is pinned to page $page and would end on page $last; the book has $rules->last pages.";
        }
        if ($spread->startsLeft && !Leaf::isLeft($page)) {
            return "$spread->name is an opening; page $page is a right page and would split it.";
        }
        if ((Side::Left === $spread->side && !Leaf::isLeft($page)) || (Side::Right === $spread->side && Leaf::isLeft($page))) {
            return "$spread->name wants a {$spread->side->value} page and is pinned to page $page, which is a ".Leaf::side($page).'.';
        }
        foreach ((new Ground($rules, $this->kept))->pinned as $other) {
            if ($page <= $other->lastPage() && $last >= $other->page) {
                return "$spread->name is pinned to page $page, where {$other->spread->name} is pinned already.";
            }
        }
        if (!(new Ground($rules, $this->kept))->takes($spread, $page, null)) {
            return "$spread->name cannot stand on page $page: the page, or the back of its leaf, does not suit it.";
        }

        return null;
    }

    /** @return list<array{say: string, edit: array<string, mixed>}> */
    private function offers(Placeable $spread, int $page, PageRules $rules): array
    {
        $offers = [];
        $ground = new Ground($rules, $this->kept);
        foreach ([$page - 1, $page + 1, $page - 2, $page + 2] as $near) {
            if ($near >= $rules->first && $near + $spread->pages() - 1 <= $rules->last && \count($offers) < 2 && $ground->takes($spread, $near, null)) {
                $offers[] = ['say' => "Pin it to page $near", 'edit' => ['type' => 'set-spread', 'spread' => $spread->id, 'pin' => $near]];
            }
        }
        $offers[] = ['say' => 'Take the pin out', 'edit' => ['type' => 'set-spread', 'spread' => $spread->id, 'pin' => null]];

        return $offers;
    }
}
