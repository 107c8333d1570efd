<?php

/* How many mini months stand across and down a page, and with what gaps. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Form;

use AmpleMargin\Counting\Division;

final class MiniMonthLayout
{
    private const WIDE = 7;
    private const DATE_ROWS = 6;

    private function __construct(public readonly Division $across, public readonly Division $down, public readonly bool $letters)
    {
    }

    /**
     * The layout with the fewest pages, then with weekday letters in every block, then the fewest columns, so
     * that most is left beside the blocks. Every block has six date rows: no month can run out of them.
     * Null where not one block fits.
     *
     * @param int $down boxes below the title
     */
    public static function fit(int $across, int $down, int $months): ?self
    {
        for ($pages = 1; $pages <= $months; ++$pages) {
            $share = intdiv($months + $pages - 1, $pages);
            foreach ([true, false] as $letters) {
                for ($columns = 1; $columns <= $share; ++$columns) {
                    $layout = self::with($across, $down, $columns, intdiv($share + $columns - 1, $columns), $letters);
                    if (null !== $layout) {
                        return $layout;
                    }
                }
            }
        }

        return null;
    }

    /** Rows of the name and the weekday letters. */
    public function headRows(): int
    {
        return $this->letters ? 2 : 1;
    }

    /** Months a page takes. */
    public function months(): int
    {
        return \count($this->across->parts) * \count($this->down->parts);
    }

    private static function with(int $across, int $down, int $columns, int $rows, bool $letters): ?self
    {
        $wide = Division::ofSize($across, $columns, self::WIDE);
        $tall = Division::ofSize($down, $rows, self::DATE_ROWS + ($letters ? 2 : 1));

        return null === $wide || null === $tall ? null : new self($wide, $tall, $letters);
    }
}
