<?php

/*
 * How the pages of a booklet stand on a sheet that is printed on both sides and folded once, twice or three times, head to head.
 * Common practice of printers, no source; the tests fold it.
 */

declare(strict_types=1);

namespace AmpleMargin\Sheet\Booklet;

enum Fold: int
{
    case Four = 4;
    case Eight = 8;
    case Sixteen = 16;

    /**
     * Pages of the outer side, which has the first and the last, row by row; those of the upper of two rows stand on their heads.
     *
     * @return non-empty-list<non-empty-list<int>>
     */
    public function outer(): array
    {
        return match ($this) {
            self::Four => [[4, 1]],
            self::Eight => [[5, 4], [8, 1]],
            self::Sixteen => [[5, 12, 9, 8], [4, 13, 16, 1]],
        };
    }

    /** @return non-empty-list<non-empty-list<int>> the inner side, as it is seen when the sheet is turned over along its side */
    public function inner(): array
    {
        return match ($this) {
            self::Four => [[2, 3]],
            self::Eight => [[3, 6], [2, 7]],
            self::Sixteen => [[7, 10, 11, 6], [2, 15, 14, 3]],
        };
    }

    public function columns(): int
    {
        return \count($this->outer()[0]);
    }

    public function rows(): int
    {
        return \count($this->outer());
    }

    /** How it is folded, its second page in sight and upright. */
    public function says(): string
    {
        return match ($this) {
            self::Four => 'Each piece with its second page up and upright: fold the right half over the left.',
            self::Eight => 'Each piece with its second page up and upright: fold the upper half down, then the right half over the left; '
                .'slit the folds at the head.',
            self::Sixteen => 'Each piece with its second page up and upright: fold the right half over the left, the upper half down, and '
                .'the right half over the left once more; slit the folds at the head and at the outer edge.',
        };
    }
}
