<?php

/* Ways to save a page, each tried on the plan and composed: what it changes in an index that is inked, where everything stands then. */

declare(strict_types=1);

namespace AmpleMargin\Book\Slips;

use AmpleMargin\Book\Book;
use AmpleMargin\Book\Composer;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Editing\Month\SetLost;
use AmpleMargin\Editing\Offered;
use AmpleMargin\Editing\Spread\SetSpread;
use AmpleMargin\Making\Worked;
use AmpleMargin\Paging\IndexCorrection;
use AmpleMargin\Paging\PlacedSpread;
use AmpleMargin\Paper\Leaf;
use AmpleMargin\Paper\Millimetres;
use AmpleMargin\Plan\Medium;
use AmpleMargin\Plan\PlannedSpread;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Page\IndexRow;

/** @internal to Book */
final class Trial
{
    /** Pages a displaced spread is tried on: those that are free, the nearest first. */
    private const MOST_TRIED = 12;

    /** Spreads further back that are tried on a leaf that was skipped, one by one and two by two. */
    private const MOST_LATER = 6;

    /** Minutes a sheet of paper takes that is cut to the page and glued on. From memory. */
    private const COVERING = 6;

    /** @var array<array-key, Saving> */
    private array $ways = [];

    public function __construct(private readonly Book $book, private readonly Asked $asked)
    {
    }

    /**
     * Tries a way; one that cannot be, or after which the spread does not stand where it should, is left out.
     *
     * @param list<Offered> $edits
     * @param string     $group of those the best is kept, the first of equals; "" for a way of its own
     */
    public function add(
        string $say,
        string $how,
        int $minutes,
        array $edits,
        ?string $spread = null,
        ?int $at = null,
        string $group = '',
    ): void {
        try {
            $plan = $this->book->plan->whole;
            foreach ($edits as $edit) {
                $plan = $edit->on($plan, $this->book->catalogue())->plan;
            }
            $after = Composer::compose($plan, $this->book->plan->id, $this->book->catalogue(), memory: $this->book->memory());
        } catch (PlanProblem|\OutOfRangeException) {
            return;
        }
        if ((null !== $spread && $after->pageOf($spread) !== $at) || \count($after->front->homeless) + \count($after->back->homeless)
            > \count($this->book->front->homeless) + \count($this->book->back->homeless)) {
            return;
        }
        $corrections = self::corrections($this->book->index, $after->index);
        $short = null !== $after->runOut->month && null === $this->book->runOut->month ? ' The book then runs out before the end.' : '';
        $before = '' === $group ? null : $this->ways[$group] ?? null;
        if (null !== $before && \count($before->corrections) <= \count($corrections)) {
            return;
        }
        $this->ways['' === $group ? \count($this->ways) : $group] = new Saving(
            $say,
            $how.' '.self::counted($corrections).$short,
            // An entry of the index is a patch or a correction pen: a minute. From memory.
            $minutes + \count($corrections),
            Here::edit($this->book, $this->asked, $say, [], $edits),
            $corrections,
        );
    }

    /** @param list<IndexCorrection> $corrections */
    private static function counted(array $corrections): string
    {
        return [] === $corrections ? 'The index stays as it is.' : Plural::of(\count($corrections), 'entry', 'entries').' of the index '
            .(1 === \count($corrections) ? 'changes.' : 'change.');
    }

    /**
     * Entries that were inked and say something else now.
     *
     * @param list<IndexRow> $before
     * @param list<IndexRow> $after
     *
     * @return list<IndexCorrection>
     */
    public static function corrections(array $before, array $after): array
    {
        $now = [];
        foreach ($after as $row) {
            $now[$row->name][] = $row->pages;
        }
        $corrections = [];
        foreach ($before as $row) {
            $stands = array_shift($now[$row->name]);
            if ($stands !== $row->pages) {
                $corrections[] = new IndexCorrection($row->name, $row->pages, $stands ?? '–');
            }
        }

        return $corrections;
    }

    /** @return list<Saving> fewest corrections first, then least work; the same outcome once */
    public function fewestFirst(): array
    {
        $ways = [];
        foreach ($this->ways as $way) {
            $ways[json_encode([$way->corrections, \count($way->corrections) > 0 ? 0 : $way->say], \JSON_THROW_ON_ERROR)] ??= $way;
        }

        return Saving::cheapestFirst(array_values($ways));
    }

    /**
     * Where what stood there could go: nowhere in particular, to the page that is free now, or to an empty one.
     *
     * @param list<PlannedSpread> $displaced
     *
     * @return list<array{string, list<Offered>, string}> what is said of it, the edits, of which group
     */
    public function targets(array $displaced, int $from, int $pages): array
    {
        $targets = [[[] === $displaced ? '' : ', everything else flows', [], '']];
        $long = array_sum(array_map(fn (PlannedSpread $one): int => $this->placed($one->id)[1], $displaced));
        if ([] !== $displaced && $long <= $pages) {
            $at = $from;
            $edits = [];
            foreach ($displaced as $one) {
                $edits[] = self::pin($one->id, $at);
                $at += $this->placed($one->id)[1];
            }
            $targets[] = [", and swap it with {$this->book->catalogue()->title($displaced[0])}", $edits, ''];
        }
        if (1 === \count($displaced) && 1 === $this->placed($displaced[0]->id)[1]) {
            foreach ($this->free($from) as $page) {
                $targets[] = [
                    ", and put {$this->book->catalogue()->title($displaced[0])} on page $page",
                    [self::pin($displaced[0]->id, $page)],
                    'put',
                ];
            }
        }

        return $targets;
    }

    /** @return list<PlannedSpread> the spreads that stand on some pages, without one */
    public function on(int $page, int $pages, string $but): array
    {
        $found = [];
        for ($at = $page; $at < $page + $pages; ++$at) {
            $slot = $this->book->slot($at);
            foreach ([$slot->spread, $slot->lower->spread ?? ''] as $id) {
                $spread = $this->book->plan->spread($id);
                if (null !== $spread && $id !== $but) {
                    $found[$id] = $spread;
                }
            }
        }

        return array_values($found);
    }

    /** @return array{int, int} its first page and how many it has */
    public function placed(string $id): array
    {
        foreach ([...$this->book->front->placed, ...$this->book->back->placed] as $placed) {
            if ($placed instanceof PlacedSpread && $placed->spread->id === $id) {
                return [$placed->page, $placed->spread->pages()];
            }
        }

        return [1, 1];
    }

    /** @return list<int> pages nothing stands on, the nearest first */
    public function free(int $near): array
    {
        $free = [];
        for ($page = 1; $page <= $this->book->plan->stock->pages; ++$page) {
            if ($this->book->slot($page)->is->isFree()) {
                $free[] = $page;
            }
        }
        usort($free, static fn (int $one, int $two): int => [abs($one - $near), $one] <=> [abs($two - $near), $two]);

        return \array_slice($free, 0, self::MOST_TRIED);
    }

    /** @return list<PlannedSpread> single pages that stand behind a page, the last of the front first */
    public function later(int $page): array
    {
        $found = [];
        foreach (array_reverse($this->book->front->placed) as $placed) {
            $spread = $this->book->plan->spread($placed->spread->id);
            if (null !== $spread && null === $spread->pin && $placed->page > $page && 2 === $placed->spread->halves) {
                $found[] = $spread;
            }
        }

        return \array_slice($found, 0, self::MOST_LATER);
    }

    public function gluedShut(int $page, string $say): void
    {
        $facing = Leaf::isLeft($page) ? $page + 1 : $page - 1;
        if ($facing < 1 || $facing > $this->book->plan->stock->pages) {
            return;
        }
        $this->add(
            $say,
            'Pages '.min($page, $facing).' and '.max($page, $facing).' are closed: two leaves are one, and the book is a leaf thicker '
                .'there. Stick for '
                .'thin paper, tape for thick.',
            4,
            [new SetLost($page, true), new SetLost($facing, true)],
        );
    }

    public function coverPage(int $page, string $say, string $what): void
    {
        $stock = $this->book->plan->stock;
        $pitch = $stock->pitch;
        $mm = Millimetres::written($stock->across * $pitch).' × '.Millimetres::written($stock->down * $pitch);
        $this->add(
            $say,
            "Cut $what of $stock->across × $stock->down boxes ($mm mm) from paper of the same dots, lay it on so that the dots line up, "
                .'and glue it at '
                .'its edges. What stood there is drawn again.',
            self::COVERING + $this->drawing($page),
            [],
        );
    }

    /** Minutes it takes to draw a page, about. */
    public function drawing(int $page): int
    {
        $drawing = $this->book->drawing($page);

        return null === $drawing ? 0 : $this->book->pace()->minutes(Worked::of([$drawing]))->likely;
    }

    public static function pin(string $spread, int $page): Offered
    {
        return SetSpread::read(Values::of(['spread' => $spread, 'pin' => $page], 'edit'));
    }

    public static function medium(string $spread, Medium $medium): Offered
    {
        return SetSpread::read(Values::of(['spread' => $spread, 'medium' => $medium->value], 'edit'));
    }
}
