<?php

/* A title across an opening: split at the gutter so that no letter sits on the fold. */

declare(strict_types=1);

namespace AmpleMargin\Counting;

final class FoldedTitle
{
    /** @param int $from box of the left page where the first letter begins */
    private function __construct(
        public readonly Lettering $left,
        public readonly Lettering $right,
        public readonly int $from,
        public readonly int $air,
    ) {
    }

    /**
     * The largest letters with which the part before the fold fits on the left page and the rest on the right,
     * each a letter gap away from it. Of the places to split, the one that stands most nearly in the middle
     * of the opening. Null where nothing fits, or there are fewer than two letters.
     *
     * @param int $side boxes across one page
     * @param int $tall boxes down at most
     */
    public static function largest(string $title, int $side, int $tall, int $widest = 7): ?self
    {
        $letters = Lettering::letters(trim($title));
        for ($wide = min($widest, $side); $wide >= 1 && \count($letters) >= 2; --$wide) {
            $gap = Lettering::gap($wide);
            $best = null;
            for ($split = 1; $split < \count($letters); ++$split) {
                $one = self::at($letters, $split, $side, $tall, $wide, $gap);
                if (null !== $one && (null === $best || $one->imbalance() < $best->imbalance())) {
                    $best = $one;
                }
            }
            if (null !== $best) {
                return $best;
            }
        }

        return null;
    }

    /** By how many boxes one side is longer than the other. */
    public function imbalance(): int
    {
        return abs($this->left->width - $this->right->width);
    }

    public function working(): string
    {
        return 'before the fold '
            .Plural::boxes($this->left->width)
            .", after it {$this->right->width}; $this->air free on either side of the fold, so that no letter sits on it";
    }

    /** @param non-empty-list<string> $letters */
    private static function at(array $letters, int $split, int $side, int $tall, int $wide, int $gap): ?self
    {
        // A space at the fold is the fold itself.
        $left = Lettering::sized(rtrim(implode('', \array_slice($letters, 0, $split))), $side - $gap, $tall, $wide, $gap);
        $right = Lettering::sized(ltrim(implode('', \array_slice($letters, $split))), $side - $gap, $tall, $wide, $gap);

        return null === $left || null === $right ? null : new self($left, $right, $side - $gap - $left->width, $gap);
    }
}
