<?php

/* Evenings with what is drawn in each, as the API answers them. */

declare(strict_types=1);

namespace App\Api;

use AmpleMargin\Book\Book;
use AmpleMargin\Book\Making\LaidOut;
use AmpleMargin\Book\Making\Pending;
use AmpleMargin\Book\Making\Short;
use AmpleMargin\Book\Making\Sittings;
use AmpleMargin\Book\Making\SittingWords;
use AmpleMargin\Making\Sitting\Act;
use AmpleMargin\Making\Sitting\StepTime;
use AmpleMargin\Making\Sitting\Stint;
use AmpleMargin\Making\Sitting\ToDraw;
use AmpleMargin\Plan\Making\Evening;
use AmpleMargin\Spread\Catalogue\Fact;

final class SittingsView
{
    /**
     * @param int|null           $now   minutes from the first midnight of 1970 by the person's clock
     * @param array<string, int> $taken minutes that were drawn, by day
     *
     * @return array<string, mixed>
     */
    public static function of(Sittings $sittings, ?int $now, array $taken): array
    {
        $book = $sittings->book;
        $packed = $sittings->packed;
        $pages = $sittings->pending->pages;
        [$drawings, $undrawn] = SmallDrawings::of($book, array_column([...$pages, ...$sittings->pending->later], 'page'));

        return [
            'across' => $book->plan->stock->across,
            'down' => $book->plan->stock->down,
            'first_day' => $book->plan->period->start->iso().'-01',
            'months' => $book->plan->whole->making->months,
            'pace' => $book->pace()->says(),
            'evenings' => array_map(static fn (Evening $one): array => self::evening($sittings, $one, $now, $taken), $sittings->evenings),
            'left' => array_map(static fn (ToDraw $one): array => self::page($sittings, $one->whole()), $packed->left),
            'later' => array_map(static fn (ToDraw $one): array => self::page($sittings, $one->whole()), $sittings->pending->later),
            'pages' => \count($pages),
            'done' => $sittings->pending->done,
            'states' => array_map(
                static fn (int $page, string $state): array => ['page' => $page, 'state' => $state],
                array_keys($sittings->pending->states),
                array_values($sittings->pending->states),
            ),
            'minutes' => self::range($sittings, array_map(static fn (ToDraw $one): Stint => $one->whole(), $pages)),
            'free' => array_sum($sittings->minutes),
            'short' => $packed->short(),
            'bound' => $packed->bound,
            'proven' => $packed->proven,
            'late' => $packed->cost[2],
            'ways' => array_map(
                static fn (Short $one): array => ['say' => $one->say, 'saves' => $one->saves, 'edit' => $one->edit],
                Short::ways($sittings, $now),
            ),
            'practice' => $sittings->pending->isBeginning ? self::practice($book) : null,
            'drawings' => $drawings,
            'undrawn' => $undrawn,
        ];
    }

    /**
     * The page to try one's hand on, and where it stands.
     *
     * @return array{kind: string, page: int|null}|null null where there is no such kind
     */
    private static function practice(Book $book): ?array
    {
        foreach ($book->slots as $page => $slot) {
            $spread = '' === $slot->spread ? null : $book->plan->spread($slot->spread);
            if (null !== $spread && true === $book->catalogue()->kind($spread->kind)?->is(Fact::ForPractice)) {
                return ['kind' => $spread->kind, 'page' => $page];
            }
        }
        foreach ($book->catalogue()->spreads() as $kind) {
            if ($kind->is(Fact::ForPractice)) {
                return ['kind' => $kind->id, 'page' => null];
            }
        }

        return null;
    }

    /**
     * @param array<string, int> $taken
     *
     * @return array<string, mixed>
     */
    private static function evening(Sittings $sittings, Evening $evening, ?int $now, array $taken): array
    {
        $pieces = $sittings->packed->pieces[$evening->key()] ?? [];
        $line = $sittings->packed->timelines[$evening->key()] ?? null;
        $acts = $line?->acts() ?? [];
        $laid = LaidOut::for($sittings->book, $pieces);
        $today = null !== $now && intdiv($now, 1440) === $evening->day->number;

        return $evening->written() + [
            'key' => $evening->key(),
            'weekday' => $sittings->book->names()->weekday($evening->day->weekday()),
            'over' => null !== $now && $evening->ends() <= $now,
            'today' => $today,
            'after_first_day' => $evening->day->number >= intdiv(Pending::first($sittings->book), 1440),
            'free' => $sittings->minutes[$evening->key()] ?? 0,
            'planned' => $line->length ?? 0,
            'too_long' => max(0, ($line->length ?? 0) - ($sittings->minutes[$evening->key()] ?? 0)),
            'minutes_range' => self::range($sittings, $pieces),
            'taken' => $taken[$evening->day->iso()] ?? 0,
            'pages' => array_map(static fn (Stint $one): array => self::page($sittings, $one), self::inActs($pieces, $acts)),
            'acts' => array_map(static fn (Act $act): array => [
                'is' => $act->is,
                'at' => $sittings->gone($evening) + $act->at,
                'clock' => SittingWords::clock($evening, $sittings->gone($evening) + $act->at),
                'minutes' => $act->minutes,
                'page' => $act->piece?->page->page,
                'says' => SittingWords::act($sittings, $act),
            ], $acts),
            'tools' => $laid->tools,
            'pens' => $laid->pens,
            'sheets' => $laid->sheets,
            'cautions' => $laid->cautions,
        ];
    }

    /**
     * In the order in which they are drawn.
     *
     * @param list<Stint> $pieces
     * @param list<Act>   $acts
     *
     * @return list<Stint>
     */
    private static function inActs(array $pieces, array $acts): array
    {
        $order = [];
        foreach ($acts as $act) {
            if (null !== $act->piece) {
                $order[$act->piece->page->key.' '.$act->piece->from] ??= $act->piece;
            }
        }
        foreach ($pieces as $piece) {
            $order[$piece->page->key.' '.$piece->from] ??= $piece;
        }

        return array_values($order);
    }

    /** @return array<string, mixed> */
    private static function page(Sittings $sittings, Stint $piece): array
    {
        [$drawing, $nth] = $sittings->book->nameAndNth($piece->page->page);

        return [
            'page' => $piece->page->page,
            'title' => $sittings->book->slot($piece->page->page)->title,
            'drawing' => $drawing,
            'nth' => $nth,
            'minutes' => max(1, $piece->minutes()),
            'dries' => $piece->wet ? $piece->page->dries : 0,
            'part' => match (true) {
                $piece->isWhole() => 'whole',
                $piece->isLeftToDry() => 'dries',
                $piece->isOnlyFinished() => 'finished',
                0 === $piece->from => 'begun',
                default => 'rest',
            },
            'steps' => array_map(
                static fn (StepTime $step): string => $step->key,
                \array_slice($piece->page->steps, $piece->from, $piece->to - $piece->from),
            ),
            'put' => null !== $piece->page->put,
        ];
    }

    /**
     * @param list<Stint> $pieces
     *
     * @return array<string, mixed>
     */
    private static function range(Sittings $sittings, array $pieces): array
    {
        $minutes = array_sum(array_map(static fn (Stint $one): int => $one->minutes(), $pieces));

        return MinutesView::of($sittings->book->pace()->range(60.0 * $minutes, \count($pieces)));
    }
}
