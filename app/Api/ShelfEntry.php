<?php

/* What the shelf shows of a notebook: enough to recognise it, its fore-edges, and whether it lasts. */

declare(strict_types=1);

namespace App\Api;

use AmpleMargin\Book\Book;
use AmpleMargin\Book\ComposedPlan;
use AmpleMargin\Book\ForeEdge;
use AmpleMargin\Plan\Making\Evening;
use AmpleMargin\Plan\PlanWriter;
use AmpleMargin\Plan\Volume;

final class ShelfEntry
{
    /**
     * Raised when an entry holds something else, or when books come to other pages than before: entries kept with
     * notebooks are made anew then.
     */
    public const FORM = 3;

    /** @return array<string, mixed> without the notebook's id and version */
    public static function of(ComposedPlan $composed): array
    {
        return self::head($composed->book(Volume::FIRST)) + ['volumes' => self::volumes($composed)];
    }

    /** @return array<string, mixed> of one book */
    public static function head(Book $book): array
    {
        $names = $book->names();

        return [
            'title' => $book->plan->title,
            'stock' => PlanWriter::stock($book->plan->stock) + ['sizes' => array_column($book->plan->stock->sizes(), 'value')],
            'period' => [
                'start' => $book->plan->period->start->iso(),
                'end' => $book->plan->period->end->iso(),
                'words' => $names->monthAndYear($book->plan->period->start).' to '.$names->monthAndYear($book->plan->period->end),
                'months' => $book->plan->period->length(),
            ],
            'fit' => [
                'fits' => $book->runOut->fits,
                'pages' => $book->runOut->pages,
                'page' => $book->runOut->page,
                'month' => $book->runOut->month?->iso(),
                'sentence' => $book->runOut->sentence(),
                'planned' => \count($book->spreadPages()),
                'reserved' => $book->reserved(),
            ],
            'fore_edge' => ForeEdge::of($book),
            'evenings' => array_map(static fn (Evening $one): string => $one->key(), $book->plan->whole->making->evenings),
        ];
    }

    /**
     * All books of the plan, where there is more than one.
     *
     * @return list<array<string, mixed>>
     */
    public static function volumes(ComposedPlan $composed): array
    {
        $plan = $composed->plan;
        $volumes = [];
        foreach ([] === $plan->volumes ? [] : $plan->books() as $id) {
            $book = $composed->book($id);
            $volume = $plan->volume($id);
            $volumes[] = [
                'book' => $id,
                'title' => $volume->title ?? $plan->title,
                'from' => $volume?->from?->iso(),
                'stock' => PlanWriter::stock($book->plan->stock),
                'fits' => $book->runOut->fits,
                'pages' => $book->runOut->pages,
                'sentence' => $book->runOut->sentence(),
                'fore_edge' => ForeEdge::of($book),
            ];
        }

        return $volumes;
    }
}
