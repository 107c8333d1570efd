<?php

/* The old book as the screen shows it: its spreads with what became of them, what was measured, and the book that would come of it. */

declare(strict_types=1);

namespace App\Api;

use AmpleMargin\Book\Carrying\Carried;
use AmpleMargin\Book\Carrying\OldForeEdge;
use AmpleMargin\Book\Carrying\OldPages;
use AmpleMargin\Book\ForeEdge;
use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Carrying\LastingWords;
use AmpleMargin\Carrying\Over;
use AmpleMargin\Carrying\Switching;
use AmpleMargin\Carrying\Taken;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Making\Pace;
use AmpleMargin\Plan\Making\SlipKind;
use AmpleMargin\Plan\Old\Gone;
use AmpleMargin\Plan\Old\OldBook;
use AmpleMargin\Plan\Old\OldSpread;
use AmpleMargin\Plan\Old\OldWriter;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class OldView
{
    private readonly Names $names;

    public function __construct(private readonly Catalogue $catalogue)
    {
        $this->names = new Names('en');
    }

    /** @return array<string, mixed>|null null where the plan has no old book */
    public function of(Plan $plan): ?array
    {
        $carried = Carried::of($plan, $this->catalogue);
        if (null === $carried || null === $plan->old) {
            return null;
        }
        $old = $plan->old;

        return [
            'title' => $old->title,
            'pages' => $old->stock->pages,
            'period' => ['start' => $old->period->start->iso(), 'end' => $old->period->end->iso()],
            'carried' => $old->carried,
            'judged' => $carried->judged(),
            'spreads' => array_map(fn (OldSpread $one): array => $this->spread($one, $carried, $old), $carried->old->spreads),
            'months' => $this->months($old),
            'measured' => $this->measured($old),
            'switch' => null === $carried->switching ? null : $this->switching($carried->switching),
            'between' => $carried->between(),
            'missing' => $old->missing,
            'notes' => OldWriter::notes($old->notes),
            'gone' => array_map(self::gone(...), $old->gone),
            'hold' => $old->hold,
            'fore_edge' => OldForeEdge::of($old, $this->names),
            'after' => $this->after($carried),
        ];
    }

    /**
     * The pages of a spread of it.
     *
     * @return list<array<string, mixed>>
     */
    public function pages(OldBook $old, OldSpread $one): array
    {
        return array_map(static fn (PageDrawing $page): array => [
            'across' => $page->across,
            'down' => $page->down,
            'marks' => DrawingView::marks($page),
        ], OldPages::of($old, $one, $this->catalogue));
    }

    /** @return array<string, mixed> */
    private function spread(OldSpread $one, Carried $carried, OldBook $old): array
    {
        $kind = $carried->book->catalogue()->kind($one->spread->kind);
        $placed = $carried->placed($one);
        $isOfItsKind = static fn (Gone $gone): bool => '' !== $gone->kind && $gone->kind === $one->spread->kind;
        $before = array_values(array_filter($old->gone, $isOfItsKind));

        return [
            'id' => $one->spread->id,
            'title' => $one->spread->title ?? $kind->name ?? ('' === $one->spread->kind ? 'A page' : $one->spread->kind),
            'kind' => $one->spread->kind,
            'section' => $one->spread->section->value,
            'page' => $one->page,
            'pages' => $one->pages,
            'looked' => $one->looked?->value,
            'verdict' => $one->verdict?->value,
            'how' => $one->how,
            'took' => $one->took,
            'half' => $one->half,
            'filled' => $one->filled,
            'counts' => null !== $kind?->counter(),
            'items' => array_map(static fn (array $pair): array => OldWriter::item($pair[0]) + [
                'as' => null,
                'reworded' => null,
                'head' => $pair[0]->isHead(),
                'became' => $pair[1]->value,
            ], $carried->items($one)),
            'became' => $one->became,
            'new_page' => $placed?->page,
            'new_pages' => $carried->pages($one),
            'says' => $carried->says($one),
            'gone' => [] === $before ? null : self::gone($before[0])['says'],
        ];
    }

    /** @return list<array<string, mixed>> */
    private function months(OldBook $old): array
    {
        return array_map(fn (Month $month): array => [
            'month' => $month->iso(),
            'name' => $this->names->monthAndYear($month),
            'took' => $old->months[$month->iso()] ?? null,
            'planned' => $old->planned[$month->iso()] ?? null,
        ], $old->period->months());
    }

    /** @return array<string, mixed> */
    private function measured(OldBook $old): array
    {
        $taken = new Taken($old);
        $day = $taken->lastDay();

        return [
            'made' => self::made($old),
            'front' => $old->front,
            'median' => $taken->median(),
            'most' => $taken->most(),
            'over' => array_map(fn (string $month, int $more): array => [
                'name' => $this->name($month),
                'more' => $more,
            ], array_keys($taken->over()), $taken->over()),
            'last_page' => $taken->lastPage(),
            'last_day' => $day?->iso(),
            'half' => array_map(fn (OldSpread $one): string => $this->catalogue->title($one->spread), $taken->halfFilled()),
            'never' => $taken->neverUsed(),
        ];
    }

    /** @return list<string> what is remembered of its making */
    private static function made(OldBook $old): array
    {
        $said = [];
        $slips = [];
        foreach ($old->made->slips as $slip) {
            $slips[$slip->kind->value] = [$slip->kind, ($slips[$slip->kind->value][1] ?? 0) + 1];
        }
        if ([] !== $slips) {
            $words = array_map(static fn (array $one): string => $one[0]->counted($one[1]), array_values($slips));
            $said[] = ucfirst(implode(', ', $words)).'.'.($old->made->slipsOf(SlipKind::counting()) >= Over::OFTEN
                ? ' With the carrying over every fifth dot is marked first, to count from.'
                : '');
        }
        $pace = Pace::learned($old->made->timed)->says();

        return null === $pace ? $said : [...$said, $pace];
    }

    /** @return array<string, mixed> */
    private function switching(Switching $switching): array
    {
        return [
            'month' => $switching->month->iso(),
            'name' => $this->names->monthAndYear($switching->month),
            'ends' => $switching->ends,
            'wasted' => $switching->wasted,
            'undone' => array_map($this->names->monthAndYear(...), $switching->undone),
        ];
    }

    /** @return array<string, mixed> the book that would come of it */
    private function after(Carried $carried): array
    {
        $book = $carried->book;
        $lasting = $book->lasting();
        $counts = $carried->counts();

        return [
            'fits' => $book->runOut->fits,
            'short' => $book->runOut->fits ? 0 : $book->runOut->pages,
            'sentence' => $book->runOut->sentence($this->names),
            'sure' => null === $lasting ? null : LastingWords::of($lasting, $this->names),
            'counts' => array_map(
                static fn (int $pages, int $of): array => ['pages' => $pages, 'of_hundred' => $of],
                array_keys($counts),
                $counts,
            ),
            'two' => $carried->two(),
            'more' => $carried->more(),
            'pages' => $book->plan->stock->pages,
            'spreads' => \count($book->plan->whole->spreads),
            'reserved' => $book->reserved(),
            'pattern' => $book->plan->months->pattern($book->plan->months->usual)->name ?? '',
            'fore_edge' => ForeEdge::of($book),
            'tight' => array_map(BookView::finding(...), $carried->tight()),
            'edit' => $carried->edit->written(),
            'months_edit' => $carried->monthsAgain()?->written(),
        ];
    }

    /** @return array{title: string, says: string} */
    private static function gone(Gone $gone): array
    {
        return ['title' => $gone->title, 'says' => "dropped in $gone->year".('' === $gone->why ? '' : ": $gone->why")];
    }

    private function name(string $month): string
    {
        $read = Month::read($month);

        return null === $read ? $month : $this->names->monthAndYear($read);
    }
}
