<?php

/* A plan as it would be with the old book carried over: what became of each spread, and whether the new book lasts. */

declare(strict_types=1);

namespace AmpleMargin\Book\Carrying;

use AmpleMargin\Book\Book;
use AmpleMargin\Book\Composer;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Carrying\Between;
use AmpleMargin\Carrying\ItemBecame;
use AmpleMargin\Carrying\Switching;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Editing\Offered;
use AmpleMargin\Editing\Several;
use AmpleMargin\Paging\PlacedSpread;
use AmpleMargin\Plan\Old\OldBook;
use AmpleMargin\Plan\Old\OldItem;
use AmpleMargin\Plan\Old\OldSpread;
use AmpleMargin\Plan\Old\Verdict;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\PlanWriter;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class Carried
{
    /** Pages of books there are to buy. Common practice, no source. */
    public const COUNTS = [160, 192, 208, 240];

    /** @param OldBook $old as it is after carrying */
    private function __construct(
        private readonly OldBook $before,
        public readonly OldBook $old,
        public readonly Book $book,
        public readonly Offered $edit,
        public readonly ?Switching $switching,
        private readonly Catalogue $catalogue,
    ) {
    }

    /** Null for a plan without an old book. @throws PlanProblem where it cannot be carried over */
    public static function of(Plan $plan, Catalogue $catalogue): ?self
    {
        $old = $plan->old;
        if (null === $old) {
            return null;
        }
        $edit = CarryEdit::of($plan, $old, $catalogue->having($plan));
        $after = $edit->on($plan, $catalogue->having($plan))->plan;

        return new self(
            $old,
            $after->old ?? $old,
            Composer::compose($after, catalogue: $catalogue),
            $edit,
            Switching::of($old),
            $catalogue->having($after),
        );
    }

    /** @return list<string> months that are in both books, or in neither */
    public function between(): array
    {
        return Between::of($this->before->period, $this->book->plan->whole->period, $this->switching?->month)
            ->says(new Names('en'));
    }

    /** Where what came of a spread stands in the new book; null where nothing did, or it has no page. */
    public function placed(OldSpread $old): ?PlacedSpread
    {
        foreach (null === $old->became ? [] : [...$this->book->front->placed, ...$this->book->back->placed] as $placed) {
            if ($placed->spread->id === $old->became) {
                return $placed;
            }
        }

        return null;
    }

    /** What became of a spread, in words. */
    public function says(OldSpread $old): string
    {
        $placed = $this->placed($old);
        $where = null === $placed ? 'no page' : ($placed->spread->pages() > 1 ? 'pages ' : 'page ').$placed->range();

        return match ($old->verdict) {
            null => null === $placed ? 'not judged yet' : "not judged yet, stands on $where",
            Verdict::Keep => "kept: $where",
            Verdict::Change => "changed: $where".('' === $old->how ? '' : ", $old->how"),
            Verdict::Drop => 'dropped'.('' === $old->how ? '' : ": $old->how").', '
                .Plural::of($old->pagesTaken(), 'page', 'pages').' won',
            Verdict::Refer => 'stays in the old book'.(null === $old->page ? '' : ", page $old->page"),
        };
    }

    /** Pages it costs in the new book, beside those it took in the old one: more is a loss. */
    public function pages(OldSpread $old): int
    {
        return $this->placed($old)?->spread->pages() ?? 0;
    }

    /**
     * The months sized anew once the old book was carried over; null before that, and where they are so already.
     *
     * @throws PlanProblem
     */
    public function monthsAgain(): ?Offered
    {
        $plan = $this->book->plan->whole;
        $edits = $this->before->carried ? CarryEdit::months($plan, $this->old, $this->catalogue) : [];
        if ([] === $edits) {
            return null;
        }
        $edit = Several::of($edits, 'Months as those of the old book really were');

        $written = static fn (Plan $one): string|false => json_encode(PlanWriter::plan($one)['months']);

        return $written($edit->on($plan, $this->catalogue)->plan) === $written($plan) ? null : $edit;
    }

    /** Pages that all that was judged takes more than in the old book; fewer where that is negative. */
    public function more(): int
    {
        $more = 0;
        foreach ($this->old->spreads as $old) {
            $more += null === $old->verdict ? 0 : $this->pages($old) - $old->pagesTaken();
        }

        return $more;
    }

    /** @return list<array{OldItem, ItemBecame}> the things of its list, each once */
    public function items(OldSpread $old): array
    {
        return array_map(fn (OldItem $item): array => [$item, ItemBecame::of($old, $item, $this->catalogue)], $old->items);
    }

    /** How many spreads were judged. */
    public function judged(): int
    {
        return \count(array_filter($this->old->spreads, static fn (OldSpread $one): bool => null !== $one->verdict));
    }

    /** @return list<Finding> of spreads that came of the old book and do not fit the new paper */
    public function tight(): array
    {
        $came = array_map(static fn (OldSpread $one): ?string => $one->became, $this->old->spreads);

        return array_values(array_filter(
            $this->book->findings(),
            static fn (Finding $finding): bool => $finding->broken && \in_array($finding->about, $came, true),
        ));
    }

    /** Years of a hundred in which two books of its paper would last, one after the other; null for a book without months to come. */
    public function two(): ?int
    {
        $share = $this->book->lastingAs(2);

        return null === $share ? null : (int) round(100 * $share);
    }

    /** @return array<int, int> pages of a book to buy → years of a hundred in which it would last */
    public function counts(): array
    {
        $counts = [];
        foreach (self::COUNTS as $count) {
            $lasting = $this->book->lasting($count - $this->book->plan->stock->pages);
            if (null !== $lasting) {
                $counts[$count] = $lasting->ofHundred();
            }
        }

        return $counts;
    }
}
