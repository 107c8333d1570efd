<?php

/* An entry of an inked index that no longer says the truth. */

declare(strict_types=1);

namespace AmpleMargin\Paging;

use AmpleMargin\Calendar\Names;

final class IndexCorrection
{
    public function __construct(public readonly string $name, public readonly string $was, public readonly string $now)
    {
    }

    /**
     * The spreads that stand elsewhere than was inked.
     *
     * @return list<self>
     */
    public static function ofSpreads(Placement $inked, Placement $now): array
    {
        $corrections = [];
        foreach ($now->placed as $placed) {
            $was = $inked->pageOf($placed->spread->id);
            if (null !== $was && $was !== $placed->page) {
                $corrections[] = new self($placed->spread->name, (string) $was, (string) $placed->page);
            }
        }

        return $corrections;
    }

    /**
     * The months whose ranges are not what was inked before the book was in use.
     *
     * @param list<MonthBlock> $inked
     * @param list<MonthBlock> $now
     *
     * @return list<self>
     */
    public static function ofMonths(array $inked, array $now, Names $names): array
    {
        $corrections = [];
        foreach ($now as $i => $block) {
            if ($inked[$i]->range() !== $block->range()) {
                $corrections[] = new self($names->monthAndYear($block->month), $inked[$i]->range(), $block->range());
            }
        }

        return $corrections;
    }

    /**
     * The months that were inked in this book and stand in another since.
     *
     * @param list<MonthBlock>          $inked
     * @param list<MonthBlock>          $now       of this book
     * @param array<string, MonthBlock> $elsewhere "2 2027-12" → of the other books, by their number and month
     *
     * @return list<self>
     */
    public static function ofMoved(array $inked, array $now, array $elsewhere, Names $names): array
    {
        $here = array_map(static fn (MonthBlock $block): string => $block->month->iso(), $now);
        $corrections = [];
        foreach ($inked as $was) {
            foreach (\in_array($was->month->iso(), $here, true) ? [] : $elsewhere as $book => $block) {
                if ($block->month->equals($was->month)) {
                    $then = '→ Book '.explode(' ', $book)[0].", {$block->range()}";
                    $corrections[] = new self($names->monthAndYear($was->month), $was->range(), $then);
                }
            }
        }

        return $corrections;
    }
}
