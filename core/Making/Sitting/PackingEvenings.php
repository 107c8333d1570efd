<?php

/*
 * Pages into free evenings. All packings are walked where there are few, the likely ones first; a branch is left when what it has
 * already cost, and what must be left at least, is no better than the best that was found. Where there are too many the best found
 * stands, with what no packing can do better than. The same pages and evenings give the same packing.
 */

declare(strict_types=1);

namespace AmpleMargin\Making\Sitting;

final class PackingEvenings
{
    /** Places tried before the best one found is taken: some 40 ms. */
    public const MOST_TRIED = 1_200;

    /** Pages up to which every packing is walked, if there is time for it. */
    private const EXACT = 6;

    /** Ways to draw a page in two that are tried for an evening where there are more. */
    private const LIKELY = 2;

    /** How much more than others it counts how late that is drawn with which one begins. From memory. */
    private const FIRST = 1_000;

    /** @var list<ToDraw> in the order in which they are given room */
    private readonly array $pages;

    /** @var array<int, list<Stint>> by sitting */
    private array $in;

    /** @var array<int, Timeline> by sitting */
    private array $lines;

    /** @var array{list<int>, array<int, list<Stint>>, list<ToDraw>}|null */
    private ?array $best = null;

    /** @var list<Stint> each page in one */
    private readonly array $whole;

    /** @var array<int, list<array{Stint, Stint}>> each page in two */
    private array $halves = [];

    /** @var array<int, int> minutes of the pages from one on */
    private array $ahead = [];

    /** @var array<int, int> the same of those that are needed from the first day */
    private array $first = [];

    /** @var array<int, int> minutes of work in each sitting */
    private array $work;

    private int $tried = 0;

    private readonly Timelines $timelines;

    /**
     * @param list<ToDraw> $pages
     * @param list<FreeEvening>   $rooms in the order of time
     * @param int          $most  places tried
     */
    public function __construct(array $pages, private readonly array $rooms, private readonly int $most = self::MOST_TRIED)
    {
        $pages = array_filter($pages, static fn (ToDraw $page): bool => $page->whole()->minutes() > 0);
        // The pages of an opening one after another, so that they find room together; the large ones first.
        $openings = [];
        foreach ($pages as $page) {
            $openings["$page->rank {$page->opening}"] = ($openings["$page->rank {$page->opening}"] ?? 0) + $page->whole()->minutes();
        }
        $key = static fn (ToDraw $page): array => [
            !$page->first,
            null === $page->put,
            $page->rank,
            -$openings["$page->rank {$page->opening}"],
            $page->page,
            $page->key,
        ];
        usort($pages, static fn (ToDraw $one, ToDraw $two): int => $key($one) <=> $key($two));
        $this->timelines = new Timelines();
        $this->pages = $pages;
        $this->whole = array_map(static fn (ToDraw $page): Stint => $page->whole(), $this->pages);
        $this->in = array_fill(0, \count($rooms), []);
        $this->work = array_fill(0, \count($rooms), 0);
        $this->lines = array_fill(0, \count($rooms), new Timeline([]));
    }

    /**
     * @param list<ToDraw> $pages
     * @param list<FreeEvening>   $rooms in the order of time
     */
    public static function of(array $pages, array $rooms, int $most = self::MOST_TRIED): PackedEvenings
    {
        return (new self($pages, $rooms, $most))->packed();
    }

    private function packed(): PackedEvenings
    {
        $this->ahead[\count($this->pages)] = $this->first[\count($this->pages)] = 0;
        for ($i = \count($this->pages) - 1; $i >= 0; --$i) {
            $minutes = $this->whole[$i]->minutes();
            $this->ahead[$i] = $this->ahead[$i + 1] + $minutes;
            $this->first[$i] = $this->first[$i + 1] + (0 === $this->pages[$i]->rank ? $minutes : 0);
        }
        $this->place(0, [0, 0, 0, 0], []);
        [$cost, $in, $left] = $this->best ?? [[0, 0, 0, 0, 0, 0, 0], $this->in, $this->pages];
        $timelines = $pieces = [];
        foreach ($this->rooms as $i => $room) {
            $pieces[$room->key] = $in[$i];
            $timelines[$room->key] = new Timeline($in[$i]);
        }
        $bound = $this->bound();
        $isLeast = $cost[0] + $cost[1] <= $bound && 0 === $cost[2] && $cost[3] <= $this->mustSplit();
        $proven = $isLeast || ($this->isExact() && $this->tried < $this->most);

        return new PackedEvenings($timelines, $pieces, $left, $cost, $proven, $bound);
    }

    /**
     * Minutes of work that have no room however the pages are packed. Beside its work a page that is alone on its opening and wet takes
     * the minutes until it may be closed, but for the last of each evening; what must be left is least where pages go that take most
     * for their work.
     */
    private function bound(): int
    {
        $alone = array_count_values(array_map(static fn (ToDraw $page): int => $page->opening, $this->pages));
        $free = array_sum(array_map(static fn (FreeEvening $room): int => $room->minutes, $this->rooms));
        $takes = $closes = [];
        foreach ($this->whole as $i => $whole) {
            $closes[$i] = 1 === $alone[$whole->page->opening] && $whole->wet ? $whole->page->closes : 0;
            $takes[$i] = [$whole->minutes(), $closes[$i]];
        }
        rsort($closes);
        $over = $this->ahead[0] + array_sum($closes) - array_sum(\array_slice($closes, 0, \count($this->rooms))) - $free;
        usort($takes, static fn (array $one, array $two): int => $two[1] * $one[0] <=> $one[1] * $two[0]);
        $left = 0.0;
        foreach ($takes as [$work, $waits]) {
            if ($over > 0) {
                $share = min(1.0, $over / ($work + $waits));
                $left += $share * $work;
                $over -= $share * ($work + $waits);
            }
        }

        return max(0, $this->ahead[0] - $free, (int) ceil($left - 1e-6));
    }

    /** Pages that no sitting has room for in one. */
    private function mustSplit(): int
    {
        $longest = [] === $this->rooms ? 0 : max(array_map(static fn (FreeEvening $room): int => $room->minutes, $this->rooms));

        return \count(array_filter(
            $this->pages,
            static fn (ToDraw $page): bool => null === $page->put && $page->whole()->minutes() > $longest,
        ));
    }

    /**
     * @param array{int, int, int, int} $so   cost so far: left of rank 0, left of others, late, in two
     * @param list<ToDraw>              $left
     */
    private function place(int $i, array $so, array $left): void
    {
        if (null !== $this->best && ($this->tried >= $this->most || $this->atLeast($i, $so) >= $this->best[0])) {
            return;
        }
        if (!isset($this->pages[$i])) {
            $cost = $this->cost($so);
            if (null === $this->best || $cost < $this->best[0]) {
                $this->best = [$cost, $this->in, $left];
            }

            return;
        }
        $page = $this->pages[$i];
        $whole = $this->whole[$i];
        foreach ($this->rooms as $at => $room) {
            if (null !== $page->put && $page->put !== $room->key) {
                continue;
            }
            $before = $this->add($at, $whole, null !== $page->put);
            if (null !== $before) {
                $this->place($i + 1, [$so[0], $so[1], $so[2] + self::late($whole, $room), $so[3]], $left);
                $this->takeBack($at, $before);
                if (null !== $page->put) {
                    return;
                }
            } elseif (!$this->isExact()) {
                $this->overNight($i, $page, $at, $so, $left);
            }
        }
        $this->inTwo($i, $page, $so, $left);
        $so[0 === $page->rank ? 0 : 1] += $whole->minutes();
        $this->place($i + 1, $so, [...$left, $page]);
    }

    /**
     * Drawn in one evening, left lying open over night, and finished in the next that has a minute for it.
     *
     * @param array{int, int, int, int} $so
     * @param list<ToDraw>              $left
     */
    private function overNight(int $i, ToDraw $page, int $at, array $so, array $left): void
    {
        foreach ($this->halves[$i] ??= $page->halves() as [$first, $second]) {
            if (!$first->isLeftToDry()) {
                continue;
            }
            $before = $this->add($at, $first, false);
            for ($later = $at + 1; null !== $before && $later < \count($this->rooms); ++$later) {
                $then = $this->add($later, $second, false);
                if (null !== $then) {
                    $late = self::late($first, $this->rooms[$at]) + self::late($second, $this->rooms[$later]);
                    $this->place($i + 1, [$so[0], $so[1], $so[2] + $late, $so[3]], $left);
                    $this->takeBack($later, $then);
                    break;
                }
            }
            if (null !== $before) {
                $this->takeBack($at, $before);
            }
        }
    }

    /**
     * @param array{int, int, int, int} $so
     * @param list<ToDraw>              $left
     */
    private function inTwo(int $i, ToDraw $page, array $so, array $left): void
    {
        // Where everything has room with as few in two, there is nothing to be won.
        if (null !== $this->best && $so > \array_slice($this->best[0], 0, 4)) {
            return;
        }
        foreach ($this->rooms as $at => $room) {
            foreach ($this->halvesFor($i, $page, $room->minutes - $this->work[$at]) as [$first, $second]) {
                $before = $this->add($at, $first, false);
                if (null === $before) {
                    continue;
                }
                for ($later = $at + 1; $later < \count($this->rooms); ++$later) {
                    $then = $this->add($later, $second, false);
                    if (null !== $then) {
                        $late = self::late($first, $room) + self::late($second, $this->rooms[$later]);
                        $this->place($i + 1, [$so[0], $so[1], $so[2] + $late, $so[3] + ($first->isLeftToDry() ? 0 : 1)], $left);
                        $this->takeBack($later, $then);
                        if (!$this->isExact()) {
                            break;
                        }
                    }
                }
                $this->takeBack($at, $before);
            }
        }
    }

    /** Few enough to walk every way there is to draw each in two. */
    private function isExact(): bool
    {
        return \count($this->pages) <= self::EXACT;
    }

    /**
     * A page in two, of which the first has room: every way where there are few pages, else those that leave least of it free.
     *
     * @return list<array{Stint, Stint}>
     */
    private function halvesFor(int $i, ToDraw $page, int $free): array
    {
        $halves = array_values(array_filter(
            $this->halves[$i] ??= $page->halves(),
            static fn (array $two): bool => $two[0]->minutes() <= $free,
        ));

        return $this->isExact() ? $halves : \array_slice(array_reverse($halves), 0, self::LIKELY);
    }

    /** @return array{list<Stint>, Timeline}|null how it stood before; null where there is no room */
    private function add(int $at, Stint $piece, bool $anyway): ?array
    {
        // A sum is quicker than a timeline, and never more.
        if (!$anyway && $this->work[$at] + $piece->minutes() > $this->rooms[$at]->minutes) {
            return null;
        }
        ++$this->tried;
        $line = $this->timelines->of([...$this->in[$at], $piece]);
        if (!$anyway && $line->length > $this->rooms[$at]->minutes) {
            return null;
        }
        $before = [$this->in[$at], $this->lines[$at]];
        $this->in[$at][] = $piece;
        $this->lines[$at] = $line;
        $this->work[$at] += $piece->minutes();

        return $before;
    }

    /** @param array{list<Stint>, Timeline} $before */
    private function takeBack(int $at, array $before): void
    {
        $this->work[$at] -= array_sum(array_map(static fn (Stint $one): int => $one->minutes(), $this->in[$at]));
        [$this->in[$at], $this->lines[$at]] = $before;
        $this->work[$at] += array_sum(array_map(static fn (Stint $one): int => $one->minutes(), $this->in[$at]));
    }

    /** Minutes drawn when they should have been. */
    private static function late(Stint $piece, FreeEvening $room): int
    {
        return $room->begins >= $piece->page->needed ? $piece->minutes() : 0;
    }

    /**
     * @param array{int, int, int, int} $so
     *
     * @return list<int>
     */
    private function cost(array $so): array
    {
        return [...$so, ...$this->ofSittings(), array_sum(array_map(static fn (Timeline $line): int => $line->idle, $this->lines))];
    }

    /**
     * @return array{int, int} those with a knife, and how late what is needed first is drawn: what is needed from the first day counts
     *     most
     */
    private function ofSittings(): array
    {
        [$knives, $lateness] = [0, 0];
        foreach ($this->in as $at => $pieces) {
            $knife = false;
            foreach ($pieces as $piece) {
                $knife = $knife || $piece->craft;
                $lateness += $at * ($piece->page->first ? self::FIRST : max(1, 4 - $piece->page->rank)) * $piece->minutes();
            }
            $knives += (int) $knife;
        }

        return [$knives, $lateness];
    }

    /**
     * What any packing costs that goes on from here. What is left over is of what can wait, if it can be.
     *
     * @param array{int, int, int, int} $so
     *
     * @return list<int>
     */
    private function atLeast(int $i, array $so): array
    {
        $free = 0;
        foreach ($this->rooms as $at => $room) {
            $free += max(0, $room->minutes - $this->work[$at]);
        }
        $ofFirst = max(0, $this->first[$i] - $free);
        $over = max(0, $this->ahead[$i] - $free);

        return [$so[0] + $ofFirst, $so[1] + $over - $ofFirst, $so[2], $so[3], ...$this->ofSittings(), 0];
    }
}
