<?php

/* How the blocks of a year at a glance stand: months across × down, with the best gaps, on one page, an opening or more. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling\Year;

use AmpleMargin\Calendar\MonthGrid;
use AmpleMargin\Counting\Division;
use AmpleMargin\Counting\Remainder;

/** @internal to Spread */
final class BlockLayout
{
    private const SIX = 6;

    /**
     * @param non-empty-list<BlockPage> $pages
     * @param bool                      $letters in every block; else once over every column of blocks
     */
    private function __construct(public readonly BlockAsked $asked, public readonly array $pages, public readonly bool $letters)
    {
    }

    /**
     * The layout with the fewest pages, then with weekday letters in every block, then with six date rows in
     * every block, then the fewest columns. Where six rows everywhere do not fit, a row of blocks has as many
     * as its longest month needs: no month ever runs out of rows. Null where not one block fits on a page.
     *
     * @param int                       $down  boxes below the title
     * @param non-empty-list<MonthGrid> $grids
     */
    public static function fit(BlockAsked $asked, int $across, int $down, array $grids): ?self
    {
        $count = \count($grids);
        foreach ($asked->pages > 0 ? [min($asked->pages, $count)] : range(1, $count) as $pages) {
            $share = intdiv($count + $pages - 1, $pages);
            if (intdiv($count + $share - 1, $share) !== $pages && 0 === $asked->pages) {
                continue;
            }
            foreach (null === $asked->every ? [true, false] : [$asked->every] as $letters) {
                foreach ([true, false] as $six) {
                    for ($columns = 1; $columns <= $share; ++$columns) {
                        if (0 !== $asked->columns && $columns !== min($asked->columns, $count)) {
                            continue;
                        }
                        $layout = self::with($asked, $across, $down, array_chunk($grids, $share), $columns, $letters, $six);
                        if (null !== $layout) {
                            return $layout;
                        }
                    }
                }
            }
        }

        return null;
    }

    /** Boxes below the title before the blocks begin: the letters' row, where they stand once over each column. */
    public function head(): int
    {
        return $this->letters ? 0 : $this->asked->name();
    }

    /** @param list<non-empty-list<MonthGrid>> $shares */
    private static function with(BlockAsked $asked, int $across, int $down, array $shares, int $columns, bool $letters, bool $six): ?self
    {
        $wide = $asked->notes ? Division::containers($across, $columns) : Division::ofSize($across, $columns, $asked->wide());
        if (null === $wide || ($asked->notes && $wide->size() < $asked->wide() + 1 + BlockAsked::NOTES)) {
            return null;
        }
        $pages = [];
        foreach ($shares as $grids) {
            $rows = array_map(
                static fn (array $band): int => $six ? self::SIX : max(array_map(static fn (MonthGrid $grid): int => $grid->rows, $band)),
                array_chunk($grids, max(1, $columns)),
            );
            $sizes = array_map(static fn (int $count): int => $asked->tall($count, $letters), $rows);
            $tall = [] === $sizes ? null : Division::ofSizes(
                $down - ($letters ? 0 : $asked->name()),
                $sizes,
                1,
                3,
                $letters ? Remainder::Outside : Remainder::After,
            );
            if (null === $tall) {
                return null;
            }
            $pages[] = new BlockPage($grids, $wide, $tall, $rows);
        }

        return [] === $pages ? null : new self($asked, $pages, $letters);
    }
}
