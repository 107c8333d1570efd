<?php

/* Plan in, book out: a pure function. */

declare(strict_types=1);

namespace AmpleMargin\Book;

use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Paging\Placement;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\Volume;
use AmpleMargin\Spread\Catalogue;
use AmpleMargin\Spread\IndexRow;

final class Composer
{
    private function __construct(private readonly Plan $plan, private readonly Requests $requests)
    {
    }

    /** One book of the plan; a plan has one unless it says otherwise. @throws \OutOfRangeException where it has no such book */
    public static function compose(Plan $plan, string $book = Volume::FIRST): Book
    {
        return self::books($plan, [$book])[$book] ?? throw new \OutOfRangeException("There is no book $book.");
    }

    /**
     * Every book of the plan, the first first.
     *
     * @return non-empty-array<array-key, Book> by id
     */
    public static function all(Plan $plan): array
    {
        $books = self::books($plan, $plan->books());

        return [] === $books ? throw new \LogicException('Every plan has a first book.') : $books;
    }

    /**
     * Some books of the plan; each is placed once, for the index of each says where the spreads of the others stand.
     *
     * @param non-empty-list<string> $ids
     *
     * @return array<array-key, Book> by id; those the plan has
     */
    private static function books(Plan $plan, array $ids): array
    {
        $parts = [];
        foreach ($plan->books() as $id) {
            $one = $plan->inBook($id);
            if (null !== $one) {
                $requests = new Requests($one);
                $parts[$id] = [new self($one, $requests), (new Pager($one, $requests))->page()];
            }
        }
        $books = [];
        foreach (array_intersect_key($parts, array_flip($ids)) as $id => [$composer, $paged]) {
            $books[$id] = $composer->book($paged, self::elsewhere(array_map(static fn (array $part): Paged => $part[1], array_diff_key($parts, [$id => true]))));
        }

        return $books;
    }

    /**
     * Where the spreads of the other books stand, as the index of one says it.
     *
     * @param array<array-key, Paged> $others
     *
     * @return array<string, string> id → "book 2, 14"
     */
    private static function elsewhere(array $others): array
    {
        $found = [];
        foreach ($others as $other => $paged) {
            foreach ([...$paged->front->placed, ...$paged->back->placed] as $placed) {
                $found[$placed->spread->id] = "book $other, $placed->page";
            }
        }

        return $found;
    }

    /** @param array<string, string> $elsewhere */
    private function book(Paged $paged, array $elsewhere): Book
    {
        $index = IndexEntries::of($this->plan, $this->requests->names, [$paged->front, $paged->back], $paged->months, $elsewhere);
        $numbering = $this->plan->stock->numbered ? [] : Numbering::steps($paged, $this->requests->names);
        $drawings = $this->draw($index, $numbering);
        $taken = new TakenTicks($this->plan);

        return new Book(
            $this->plan,
            $paged->front,
            $paged->back,
            $paged->months,
            $paged->runOut,
            (new Slots($this->plan, $this->requests->names))->fill($paged->front, $paged->back, $paged->months),
            $index,
            [...$this->findings($paged->front, $paged->back, $drawings), ...$this->lost($paged), ...$taken->findings()],
            $paged->corrections,
            $paged->forecast,
            $drawings,
            $this->requests,
            $taken,
        );
    }

    /**
     * @param list<IndexRow> $index
     * @param list<string>   $numbering
     *
     * @return array<string, list<PageDrawing>>
     */
    private function draw(array $index, array $numbering): array
    {
        $drawings = [];
        foreach ($this->plan->spreads as $spread) {
            $kind = Catalogue::kind($spread->kind);
            if (null !== $kind) {
                $drawings[$spread->id] = $kind->form->draw($this->requests->spread($spread, $index, $numbering));
            }
        }

        return $drawings;
    }

    /**
     * @param array<string, list<PageDrawing>> $drawings
     *
     * @return list<Finding>
     */
    private function findings(Placement $front, Placement $back, array $drawings): array
    {
        $findings = [...$front->findings, ...$back->findings];
        foreach ($this->plan->spreads as $spread) {
            if (null === Catalogue::kind($spread->kind)) {
                $findings[] = new Finding($spread->id, "This program does not know the kind “{$spread->kind}”. It is kept as it came, with one page, and nothing is drawn for it.");
            }
            if ($this->requests->isHalfAsked($spread) && !$this->requests->isHalf($spread)) {
                $findings[] = new Finding($spread->id, Requests::title($spread).' takes more than one page, so it cannot share one.', [['say' => 'Give it pages of its own', 'edit' => ['type' => 'set-spread', 'spread' => $spread->id, 'settings' => ['half' => null]]]], false);
            }
            array_push($findings, ...self::once($drawings[$spread->id] ?? [], $front->pageOf($spread->id) ?? $back->pageOf($spread->id)));
        }

        return [...$findings, ...(new Fillers($this->plan))->findings($front)];
    }

    /**
     * What the pages of a spread say, each thing once and where.
     *
     * @param list<PageDrawing> $pages
     * @param int|null          $first the page the first of them stands on
     *
     * @return list<Finding>
     */
    private static function once(array $pages, ?int $first): array
    {
        /** @var array<string, array{Finding, non-empty-list<int>}> $said */
        $said = [];
        foreach ($pages as $nth => $page) {
            foreach ($page->findings as $finding) {
                $said[$finding->says] = [$finding, [...$said[$finding->says][1] ?? [], ($first ?? 1) + $nth]];
            }
        }

        $findings = [];
        foreach ($said as [$finding, $on]) {
            $where = (null === $first ? 'On its pages ' : 'On pages ').self::listed($on);
            $findings[] = 1 === \count($on) ? $finding : new Finding($finding->about, "$where: $finding->says", $finding->offers, $finding->broken);
        }

        return $findings;
    }

    /**
     * "8–10" where they follow one another, else "8, 10".
     *
     * @param non-empty-list<int> $pages rising
     */
    private static function listed(array $pages): string
    {
        $last = $pages[\count($pages) - 1];

        return \count($pages) > 2 && \count($pages) === $last - $pages[0] + 1 ? "{$pages[0]}–$last" : implode(', ', $pages);
    }

    /**
     * What each skipped or ruined page does to the rest.
     *
     * @return list<Finding>
     */
    private function lost(Paged $paged): array
    {
        $moved = \count($paged->corrections);
        $says = match ($moved) {
            0 => 'nothing else moves',
            1 => 'one entry of the index changes',
            default => "$moved entries of the index change",
        };

        return array_map(static fn (int $page): Finding => new Finding("page-$page", "Page $page is passed over; openings behind it stay whole, and $says.", [
            ['say' => "Page $page can be used after all", 'edit' => ['type' => 'set-lost', 'page' => $page, 'lost' => false]],
        ], false), $this->plan->inUse->lost);
    }
}
