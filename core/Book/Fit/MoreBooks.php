<?php

/* Making a book last with a second one: the year's collections in a book of their own, or two books and the best month to switch. */

declare(strict_types=1);

namespace AmpleMargin\Book\Fit;

use AmpleMargin\Book\Known;
use AmpleMargin\Book\Layouts;
use AmpleMargin\Book\Pager;
use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Editing\Offered;
use AmpleMargin\Editing\Several;
use AmpleMargin\Editing\Spread\SetSpread;
use AmpleMargin\Editing\Volume\AddBook;
use AmpleMargin\Paging\PlacingSearch;
use AmpleMargin\Paging\RunOut;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlannedSpread;
use AmpleMargin\Plan\Section;
use AmpleMargin\Plan\Volume;
use AmpleMargin\Spread\Catalogue\Catalogue;

/** @internal to Book */
final class MoreBooks
{
    /** From memory: more than any change within the book. */
    private const OWN_BOOK = 30;
    private const TWO_BOOKS = 40;

    private readonly Known $known;

    private readonly Names $names;

    public function __construct(
        private readonly Plan $plan,
        ?Known $known = null,
        private readonly Patience $patience = new Patience(),
        private readonly Catalogue $catalogue = new Catalogue(),
        ?Names $names = null,
    ) {
        $this->known = $known ?? new Known(PlacingSearch::MOST_NODES);
        $this->names = $names ?? new Names($plan->language);
    }

    /** @return list<WayToLast> none for a plan that has more books already */
    public function ways(): array
    {
        if ([] !== $this->plan->volumes) {
            return [];
        }

        return array_values(array_filter([$this->collections(), $this->bestSwitch()], static fn (?WayToLast $way): bool => null !== $way));
    }

    /** The yearly spreads in a book of their own, of the same stock. */
    private function collections(): ?WayToLast
    {
        $yearly = array_values(array_filter(
            $this->plan->spreads,
            static fn (PlannedSpread $spread): bool => \in_array(
                $spread->section,
                [Section::Year, Section::Goals, Section::Trackers],
                true,
            ),
        ));
        if ([] === $yearly) {
            return null;
        }
        $edits = [AddBook::titled("{$this->plan->title}: collections")];
        foreach ($yearly as $spread) {
            $edits[] = new SetSpread($spread->id, ['book' => '2']);
        }
        $say = 'The yearly pages in a book of their own';

        return $this->way(
            $say,
            'everyday book and yearly pages lie apart',
            self::OWN_BOOK,
            new Several($edits, $say),
        );
    }

    /** The month to switch to a second book: of those where both last, the one that leaves the fuller book most spare. */
    private function bestSwitch(): ?WayToLast
    {
        $best = null;
        foreach (\array_slice($this->plan->period->months(), 1) as $month) {
            if ($this->patience->isOver(1.0)) {
                break;
            }
            $plan = AddBook::from($month)->on($this->plan, $this->catalogue)->plan;
            [$first, $second] = [$this->runOut($plan, Volume::FIRST), $this->runOut($plan, '2')];
            $spare = min($first->pages, $second->pages);
            if ($first->fits && $second->fits && (null === $best || $spare > $best[0])) {
                $best = [$spare, $month];
            }
        }
        if (null === $best) {
            return null;
        }
        $name = $this->names->monthAndYear($best[1]);

        return $this->way(
            "Two books, switching in $name",
            'a second book to buy, and what carries over',
            self::TWO_BOOKS,
            AddBook::from($best[1]),
        );
    }

    private function way(string $say, string $lost, int $regret, Offered $edit): WayToLast
    {
        $before = $this->runOut($this->plan, Volume::FIRST);
        $after = $this->runOut($edit->on($this->plan, $this->catalogue)->plan, Volume::FIRST);

        return new WayToLast($say, [$lost], $regret, $after->slack() - $before->slack(), $after->fits, $edit->written());
    }

    private function runOut(Plan $plan, string $book): RunOut
    {
        $one = $plan->inBook($book) ?? throw new \LogicException("Book $book was made just now.");

        $layouts = new Layouts($one, $this->catalogue, $this->names, memory: $this->known->memory);

        return (new Pager($one, $layouts, $this->known))->page()->runOut;
    }
}
