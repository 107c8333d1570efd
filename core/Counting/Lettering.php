<?php

/* Guide boxes for a title: each letter a boxes wide and b tall, with gaps, as large as the page allows. */

declare(strict_types=1);

namespace AmpleMargin\Counting;

final class Lettering
{
    private const NARROW = ['I' => true, '1' => true, 'i' => true, 'l' => true];

    /** @param list<string> $letters one grapheme each */
    private function __construct(
        public readonly array $letters,
        public readonly int $wide,
        public readonly int $tall,
        public readonly int $gap,
        public readonly int $width,
    ) {
    }

    /**
     * The largest letters that fit, or null where not even letters of one box do. A narrow letter (I, 1)
     * takes one box less, a space one less than a letter, both never under one.
     * Among gaps it prefers the one that lets the title stand truly in the middle.
     *
     * @param int $side boxes across
     * @param int $tall boxes down at most
     * @param int $widest boxes a letter takes at most
     *
     * Source: handbook, "Placing titles and figures" (common practice, no source). Letters 7 wide and 10 tall
     * set the proportion.
     */
    public static function largest(string $title, int $side, int $tall, int $widest = 7): ?self
    {
        preg_match_all('/\X/u', $title, $found);
        $letters = $found[0];
        if ([] === $letters || $tall < 1) {
            return null;
        }
        for ($wide = min($widest, $side); $wide >= 1; --$wide) {
            $fits = [];
            foreach (1 === $wide ? [0] : [1, 2] as $gap) {
                $width = self::width($letters, $wide, $gap);
                if ($width <= $side) {
                    $fits[] = new self($letters, $wide, min($tall, max(1, intdiv($wide * 10 + 3, 7))), $gap, $width);
                }
            }
            foreach ($fits as $fit) {
                if (0 === ($side - $fit->width) % 2) {
                    return $fit;
                }
            }
            if ([] !== $fits) {
                return $fits[0];
            }
        }

        return null;
    }

    /**
     * Each letter with its first box and its width, counted from the start of the title.
     *
     * @return list<array{letter: string, from: int, wide: int}>
     */
    public function places(): array
    {
        $places = [];
        $at = 0;
        foreach ($this->letters as $letter) {
            $wide = self::letterWidth($letter, $this->wide);
            $places[] = ['letter' => $letter, 'from' => $at, 'wide' => $wide];
            $at += $wide + $this->gap;
        }

        return $places;
    }

    public function working(): string
    {
        $count = \count($this->letters);

        return "$count letters, $this->wide boxes wide and $this->tall tall, ".($count - 1)." gaps of $this->gap: $this->width boxes";
    }

    /** @param list<string> $letters */
    private static function width(array $letters, int $wide, int $gap): int
    {
        $width = (\count($letters) - 1) * $gap;
        foreach ($letters as $letter) {
            $width += self::letterWidth($letter, $wide);
        }

        return $width;
    }

    private static function letterWidth(string $letter, int $wide): int
    {
        return isset(self::NARROW[$letter]) || ' ' === $letter ? max(1, $wide - 1) : $wide;
    }
}
