<?php

/*
 * A title across the fold of an opening: a letter in so many whole boxes, as wide as the pages allow, and none on the fold. A space near
 * the middle is the fold.
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Page;

use AmpleMargin\Counting\Fraction;

/** @internal to Spread */
final class FoldedTitle
{
    /** Letters by which the fold may be off the middle, so that no word is parted. From memory. */
    private const OFF = 2;

    /**
     * @param int          $cell  boxes a letter
     * @param list<string> $left  letters of the left page, which end at the fold
     * @param list<string> $right of the right page, which begin at it
     */
    private function __construct(public readonly int $cell, public readonly array $left, public readonly array $right)
    {
    }

    /**
     * @param int      $wide boxes of one page
     * @param Fraction $tall boxes the letters are tall
     *
     * @return self|null null where it has more letters than there are boxes, or letters that join and run from the right
     */
    public static function of(string $title, int $wide, Fraction $tall): ?self
    {
        $title = trim($title);
        preg_match_all('/\X/u', $title, $found);
        $letters = $found[0];
        if (\count($letters) < 2 || 1 === preg_match('/[\p{Arabic}\p{Hebrew}\p{Syriac}\p{Thaana}\p{Nko}]/u', $title)) {
            return null;
        }
        for ($cell = max(1, $tall->floor()); $cell > 0; --$cell) {
            $halves = self::halves($letters, intdiv($wide, $cell));
            if (null !== $halves) {
                return new self($cell, ...$halves);
            }
        }

        return null;
    }

    /**
     * @param list<string> $letters
     * @param int          $most    letters a page
     *
     * @return array{list<string>, list<string>}|null
     */
    private static function halves(array $letters, int $most): ?array
    {
        $count = \count($letters);
        $ways = [];
        for ($at = 1; $at < $count; ++$at) {
            $isSpace = '' === trim($letters[$at]);
            $right = $count - $at - (int) $isSpace;
            if ($at <= $most && $right <= $most && $right > 0) {
                $off = abs($at - $right);
                $ways[] = [$isSpace && $off <= 2 * self::OFF ? 0 : 1, $off, -$at, $isSpace];
            }
        }
        sort($ways);

        return [] === $ways
            ? null
            : [\array_slice($letters, 0, -$ways[0][2]), \array_slice($letters, -$ways[0][2] + (int) $ways[0][3])];
    }

    /** Boxes from the left edge of a page so many boxes wide to where its first letter begins. */
    public function begins(bool $isRight, int $wide): int
    {
        return $isRight ? 0 : $wide - $this->cell * \count($this->left);
    }
}
