<?php

/*
 * The best order of the spreads that may flow: fewest empty pages, then least departure from the wanted
 * order, then most pairs kept.
 *
 * Spreads of the same shape never need to change places with one another, so a state is how many of each
 * shape are placed, not which. The states are walked in layers, one spread at a time, for 0 empty half
 * pages, then one more, until an order is found: the first found has the fewest.
 *
 * In a large section only orders that move no spread further than a window are walked. If one spread moves
 * by more than w places, the places moved in all are at least 2w + 2; so an order without empty pages that
 * moves fewer in all is the best of all orders, not only of those in the window. The same holds for as many empty pages as
 * no order can do without. Once an order is known, those that must move more are not walked on: over a
 * section the places that spreads come earlier and later are as many, so what came early so far will be made up for.
 *
 * A spread goes to the first page that takes it: who stands further on can always be copied by waiting, so that never ends
 * later. Only a spread that should face another is also tried further on, for that depends on the side it stands on, and a
 * half page where another half is pinned that it could join.
 */

declare(strict_types=1);

namespace AmpleMargin\Paging;

use AmpleMargin\Paper\Leaf;
use AmpleMargin\Plan\Side;

final class PlacingSearch
{
    public const MOST_NODES = 60_000;

    /** Places looked at that cost as much as one state. */
    private const LOOKS = 10;

    /** Places a spread may be moved in the first walk, and how much wider the next ones are. */
    private const FIRST_WINDOW = 3;
    private const WIDER = 3;

    /** Places moved in all that the first orders may move, one walk after another. */
    private const LITTLE = [8, 16, 32, 64, 128];

    /** @var array<int, PlacingNode> */
    private array $nodes = [];

    private int $budget;

    private int $looked = 0;

    /** The best found so far: with no fewer empty pages, only what moves no more can be better. */
    private ?PlacingResult $best = null;

    /** @param list<list<Placeable>> $groups sections in book order; spreads never leave theirs */
    public function __construct(
        private readonly array $groups,
        private readonly Ground $ground,
        private readonly Facing $facing,
        int $mostNodes = self::MOST_NODES,
    ) {
        $this->budget = $mostNodes;
    }

    /** Null where no order was found in which every pair that must face each other does. */
    public function run(): ?PlacingResult
    {
        $longest = max([0, ...array_map(\count(...), $this->groups)]);
        $window = 0;
        do {
            $window = $this->wider($window);
            $found = $this->inWindow($window);
            if (null !== $found && (null === $this->best || $found->isBetterThan($this->best))) {
                $this->best = $found;
            }
            $whole = $window >= $longest;
            if (null !== $this->best && $this->budget > 0 && $whole || $this->isSettledWithin($window)) {
                return $this->best?->proven();
            }
        } while ($this->budget > 0 && !$whole);

        return $this->best ?? (!$this->facing->hasRules() ? WantedOrder::place($this->groups, $this->ground) : null);
    }

    /** The next window to walk: where an order is known, as wide as it takes to know that no other moves less. */
    private function wider(int $window): int
    {
        return $this->leavesFewest()
            ? max($window + 1, intdiv($this->best->moved ?? 0, 2))
            : max(self::FIRST_WINDOW, self::WIDER * $window);
    }

    /** Whether no order could leave fewer pages empty than the best known. */
    private function leavesFewest(): bool
    {
        return null !== $this->best && $this->best->empty === $this->emptyHalves()[0];
    }

    /** Whether every order that is not walked in this window moves at least as much as the best known. */
    private function isSettledWithin(int $window): bool
    {
        return null !== $this->best && $this->leavesFewest() && $this->best->moved < 2 * $window + 2;
    }

    private function inWindow(int $window): ?PlacingResult
    {
        foreach ($this->caps() as [$mostEmpty, $mostMoved]) {
            $found = $this->withEmpty($mostEmpty, $mostMoved, $window);
            if (null !== $found || $this->budget <= 0) {
                return $found;
            }
        }

        return null;
    }

    /**
     * How many half pages may stay empty, and how many places be moved, in one walk after another. The best of a walk has the
     * fewest empty pages there are, so before an order is known they may be twice as many each time; after that it is asked
     * for fewer, and then for as many with no more moved.
     *
     * @return list<array{int, int|null}>
     */
    private function caps(): array
    {
        [$least, $step] = $this->emptyHalves();
        if (null !== $this->best) {
            return [
                ...$this->best->empty - $step >= $least ? [[$this->best->empty - $step, null]] : [],
                [$this->best->empty, $this->best->moved - ($this->facing->hasPairs() ? 0 : 1)],
            ];
        }
        $most = 4 * (array_sum(array_map(\count(...), $this->groups)) + \count($this->ground->pinned)) + 4;
        // Most orders move little, and walks that may move little end soon.
        $caps = [...array_map(static fn (int $moved): array => [$least, $moved], self::LITTLE), [$least, null]];
        for ($more = $step; $least + $more < $most; $more *= 2) {
            $caps[] = [$least + $more, null];
        }

        return [...$caps, [$most, null]];
    }

    /**
     * The fewest half pages that could stay empty, and by how many more: where what follows must start on a left page and
     * nothing is pinned, whole pages that do not come out even leave one over whatever their order.
     *
     * @return array{int, int}
     */
    private function emptyHalves(): array
    {
        if ($this->hasHalves()) {
            return [0, 1];
        }
        $rules = $this->ground->rules;
        if (Side::Left !== $rules->then || [] !== $this->ground->pinned || [] !== $rules->closed) {
            return [0, 2];
        }
        $pages = 0;
        foreach ($this->groups as $group) {
            foreach ($group as $spread) {
                $pages += $spread->pages();
            }
        }

        return [Leaf::isLeft($rules->first + $pages) ? 0 : 2, 4];
    }

    /** Walks the orders that leave at most so many half pages empty. */
    private function withEmpty(int $mostEmpty, ?int $mostMoved, int $window): ?PlacingResult
    {
        $this->nodes = [new PlacingNode($this->ground->rules->first)];
        $layer = [0];
        foreach ($this->groups as $group) {
            $shapes = Shapes::of($group, $this->facing, [] !== $this->ground->rules->undotted);
            foreach ($layer as $at) {
                $this->nodes[$at]->counts = $shapes->none();
            }
            for ($rank = 0; $rank < \count($group); ++$rank) {
                $layer = $this->layer($layer, $shapes, $rank, [$mostEmpty, $mostMoved, $window]);
                if ($this->budget <= 0) {
                    return null;
                }
            }
        }

        return $this->best($layer, $mostEmpty);
    }

    /**
     * @param list<int>             $layer  nodes with `$rank` spreads of this group placed
     * @param array{int, int|null, int} $limits half pages empty, places moved in all, places any one is moved
     *
     * @return list<int>
     */
    private function layer(array $layer, Shapes $shapes, int $rank, array $limits): array
    {
        $next = [];
        [$mostEmpty, $mostMoved, $window] = $limits;
        $halfPins = $this->ground->hasHalfPins();
        foreach ($layer as $at) {
            $node = $this->nodes[$at];
            $open = $shapes->open($node->counts, $rank, $window);
            foreach ($this->places($node, $mostEmpty) as [$page, $half, $empty]) {
                $behind = Leaf::isLeft($page) && $node->lastPage() === $page - 1 ? $node->lastMedium : null;
                // Looking costs as well: a tenth of a state.
                $this->looked += \count($open);
                foreach ($open as $shape => $spread) {
                    if ((1 === $half && 1 !== $spread->halves)
                        || !$this->facing->keeps($spread, $page, $node)
                        || !$this->ground->takes($spread, $page, $behind)) {
                        continue;
                    }
                    $paired = $this->facing->isPaired($spread);
                    if (!$paired && !($halfPins && $spread->isHalf())) {
                        unset($open[$shape]);
                    }
                    $counts = $node->counts;
                    $early = $shapes->next($shape, $counts) - $rank;
                    $moved = $node->moved + abs($early);
                    // What came early in all, the rest of the section comes late in all: it moves by so much at least.
                    $owed = $node->owed + $early;
                    ++$counts[$shape];
                    if (null !== $mostMoved && $moved + abs($owed) > $mostMoved) {
                        continue;
                    }
                    $child = $node->placing(
                        $spread,
                        $page,
                        $half,
                        $empty,
                        $counts,
                        $moved,
                        $owed,
                        $at,
                        $this->facing->kept($spread, $page, $node),
                    );
                    $key = $child->key($paired);
                    if (!isset($next[$key])) {
                        --$this->budget;
                        $next[$key] = \count($this->nodes);
                        $this->nodes[] = $child;
                    } elseif ($child->isBetterThan($this->nodes[$next[$key]])) {
                        $this->nodes[$next[$key]] = $child;
                    }
                }
                if ([] === $open) {
                    break;
                }
            }
        }
        $this->budget -= intdiv($this->looked, self::LOOKS);
        $this->looked %= self::LOOKS;

        return array_values($next);
    }

    /**
     * The places the next spread may take: here, or after leaving pages empty.
     *
     * @return iterable<array{int, int, int}> page, half, empty half pages so far
     */
    private function places(PlacingNode $node, int $mostEmpty): iterable
    {
        [$page, $half, $empty] = [$node->page, $node->half, $node->empty];
        while ($empty <= $mostEmpty) {
            if (0 === $half && $this->ground->isHalfTaken($page)) {
                // The half below a pinned half; passed over it is not counted as empty, for the pin wants it so.
                yield [$page, 1, $empty];
                ++$page;
                continue;
            }
            if (0 === $half && $page !== $this->ground->freeFrom($page)) {
                ++$page;
                continue;
            }
            yield [$page, $half, $empty];
            $empty += 2 - $half;
            [$page, $half] = [$page + 1, 0];
        }
    }

    /** @param list<int> $layer */
    private function best(array $layer, int $mostEmpty): ?PlacingResult
    {
        $best = null;
        $bestEmpty = 0;
        foreach ($layer as $at) {
            $node = $this->nodes[$at];
            $empty = $node->empty + $node->half;
            $next = $this->ground->freeFrom($node->page + $node->half);
            if (Side::Left === $this->ground->rules->then && !Leaf::isLeft($next)) {
                $empty += 2;
            }
            if ($empty <= $mostEmpty
                && null === $this->facing->waitsFor($node)
                && (null === $best || $empty < $bestEmpty || $empty === $bestEmpty && $node->isBetterThan($this->nodes[$best]))) {
                [$best, $bestEmpty] = [$at, $empty];
            }
        }
        if (null === $best) {
            return null;
        }
        $placed = [];
        for ($node = $this->nodes[$best]; null !== $node->spread; $node = $this->nodes[$node->parent]) {
            $placed[] = new PlacedSpread($node->spread, $node->at, $node->atHalf());
        }

        return new PlacingResult(array_reverse($placed), $bestEmpty, $this->nodes[$best]->moved, $this->nodes[$best]->kept, false);
    }

    private function hasHalves(): bool
    {
        foreach ($this->groups as $group) {
            foreach ($group as $spread) {
                if (1 === $spread->halves) {
                    return true;
                }
            }
        }

        return false;
    }
}
