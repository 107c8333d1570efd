<?php

/* A notebook as it is when the next one is planned from it: what stood where, what its months took, what is unfinished. */

declare(strict_types=1);

namespace AmpleMargin\Book\Carrying;

use AmpleMargin\Book\Book;
use AmpleMargin\Book\Composer;
use AmpleMargin\Plan\InUse;
use AmpleMargin\Plan\Old\Gone;
use AmpleMargin\Plan\Old\OldBook;
use AmpleMargin\Plan\Old\OldItem;
use AmpleMargin\Plan\Old\OldSpread;
use AmpleMargin\Plan\Old\Verdict;
use AmpleMargin\Plan\OwnKind;
use AmpleMargin\Plan\Pattern;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlannedSpread;
use AmpleMargin\Plan\Volume;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class OldBookOf
{
    /** @param list<array{drawing: string, step: string}> $ticks steps that are ticked, of spreads and months */
    public static function plan(Plan $plan, array $ticks = [], Catalogue $catalogue = new Catalogue()): OldBook
    {
        $ticked = array_count_values(array_column($ticks, 'drawing'));
        $books = Composer::all($plan, $catalogue);
        $meant = $plan->inUse->isEmpty() ? $books : Composer::all($plan->with(['inUse' => new InUse([], [])]), $catalogue);
        $spreads = $months = $planned = [];
        foreach ($books as $id => $book) {
            array_push($spreads, ...self::spreads($book, $ticked));
            $months += self::months($book, $plan->inUse->used);
            foreach ($meant[$id]->months as $block) {
                $planned[$block->month->iso()] = min(OldBook::MOST_PAGES, $block->pages);
            }
        }
        ksort($months);
        ksort($planned);
        $used = array_map(static fn (OldSpread $old): string => $old->spread->kind, $spreads);

        return new OldBook(
            $plan->title,
            $plan->stock,
            $plan->period,
            $plan->weeks,
            \array_slice($spreads, 0, OldBook::MOST_SPREADS),
            $months,
            $planned,
            max(0, ($books[Volume::FIRST] ?? $books[array_key_first($books)])->front->next - 1),
            array_values(array_filter($plan->kinds, static fn (OwnKind $kind): bool => \in_array($kind->id, $used, true))),
            self::patterns($plan),
            $plan->dates,
            notes: $plan->nextTime,
            gone: self::gone($plan, $catalogue->having($plan)),
            made: $plan->making->remembered(),
        );
    }

    /**
     * @param array<array-key, int> $ticked drawing → steps of it that are ticked
     *
     * @return list<OldSpread> in the order of its pages; what had no page last
     */
    private static function spreads(Book $book, array $ticked): array
    {
        $found = [];
        foreach ([...$book->front->placed, ...$book->back->placed] as $placed) {
            $found[$placed->spread->id] ??= [$placed->page, $placed->spread->pages()];
        }
        $olds = array_map(static function (PlannedSpread $spread) use ($book, $found, $ticked): OldSpread {
            [$page, $pages] = $found[$spread->id] ?? [null, 0];
            $steps = ($ticked[$spread->id] ?? 0) > 0 ? self::steps($book, $spread->id) : 0;

            return new OldSpread(
                // Where it stood is no wish for where it stands next.
                $spread->with(['pin' => null, 'faces' => null, 'mustFace' => false, 'book' => Volume::FIRST]),
                $page,
                $pages,
                half: $steps > ($ticked[$spread->id] ?? 0),
                items: self::items($spread, $book->catalogue()),
            );
        }, $book->plan->spreads);
        usort($olds, static fn (OldSpread $one, OldSpread $other): int => ($one->page ?? \PHP_INT_MAX) <=> ($other->page ?? \PHP_INT_MAX));

        return $olds;
    }

    private static function steps(Book $book, string $spread): int
    {
        $steps = 0;
        foreach ($book->spreadDrawings($spread) as $page) {
            $steps += \count($page->steps);
        }

        return $steps;
    }

    /** @return list<OldItem> the lines of its list */
    private static function items(PlannedSpread $spread, Catalogue $catalogue): array
    {
        $kind = $catalogue->kind($spread->kind);
        $setting = $kind?->undone();
        $lines = null === $kind || null === $setting ? [] : $kind->settings($spread->settings)->lines($setting);

        return array_map(
            static fn (string $line): OldItem => new OldItem(mb_substr($line, 0, OldItem::LONGEST)),
            \array_slice($lines, 0, OldSpread::MOST_ITEMS),
        );
    }

    /**
     * Those that have ended: up to the last whose page was noted.
     *
     * @param array<string, int> $used
     *
     * @return array<string, int>
     */
    private static function months(Book $book, array $used): array
    {
        $last = [] === $used ? '' : max(array_keys($used));
        $months = [];
        foreach ($book->months as $block) {
            if ($block->month->iso() <= $last) {
                $months[$block->month->iso()] = min(OldBook::MOST_PAGES, $block->pages);
            }
        }

        return $months;
    }

    /** @return list<Pattern> those its months have, the one they share first */
    private static function patterns(Plan $plan): array
    {
        $used = [$plan->months->usual => 0] + array_flip(array_values($plan->months->overrides));
        $patterns = array_values(array_filter(
            $plan->months->patterns,
            static fn (Pattern $pattern): bool => isset($used[$pattern->id]) && [] !== $pattern->parts,
        ));
        $isUsual = static fn (Pattern $pattern): bool => $pattern->id === $plan->months->usual;
        usort($patterns, static fn (Pattern $one, Pattern $other): int => $isUsual($other) <=> $isUsual($one));

        return $patterns;
    }

    /** @return list<Gone> what was dropped when it was planned, and before */
    private static function gone(Plan $plan, Catalogue $catalogue): array
    {
        $old = $plan->old;
        if (null === $old) {
            return [];
        }
        $dropped = array_filter($old->spreads, static fn (OldSpread $one): bool => Verdict::Drop === $one->verdict);
        $gone = array_map(static fn (OldSpread $one): Gone => new Gone(
            mb_substr($catalogue->title($one->spread), 0, 200),
            $one->spread->kind,
            $old->period->end->year,
            '' === $one->how && null !== $one->looked ? "{$one->looked->value} looked at" : $one->how,
        ), array_values($dropped));

        return \array_slice([...$gone, ...$old->gone], 0, Gone::MOST);
    }
}
