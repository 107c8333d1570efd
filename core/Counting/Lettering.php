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
     * Source: docs/trade.md, "Titles and figures" (common practice, no source). Letters 7 wide and 10 tall
     * set the proportion.
     */
    public static function largest(string $title, int $side, int $tall, int $widest = 7): ?self
    {
        $letters = self::letters($title);
        if ([] === $letters || $tall < 1) {
            return null;
        }
        for ($wide = min($widest, $side); $wide >= 1; --$wide) {
            $fits = [];
            foreach (1 === $wide ? [0] : [1, 2] as $gap) {
                $fit = self::fitting($letters, $side, $tall, $wide, $gap);
                if (null !== $fit) {
                    $fits[] = $fit;
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

    /** @return list<string> one grapheme each */
    public static function letters(string $title): array
    {
        preg_match_all('/\X/u', $title, $found);

        return $found[0];
    }

    /**
     * Letters of the size asked for, or null where they do not fit.
     *
     * @param int $side boxes across
     * @param int $tall boxes down at most
     * @param int $wide boxes a letter takes, 1 or more
     * @param int $gap  boxes between letters
     */
    public static function sized(string $title, int $side, int $tall, int $wide, int $gap = 1): ?self
    {
        $letters = self::letters($title);
        if ([] === $letters || $tall < 1 || $wide < 1 || $gap < 0) {
            return null;
        }

        return self::fitting($letters, $side, $tall, $wide, $gap);
    }

    /** Boxes between letters where none are asked for. */
    public static function gap(int $wide): int
    {
        return 1 === $wide ? 0 : 1;
    }

    /**
     * The title on two lines, broken at the space that lets its letters be largest, both lines of one size;
     * null where it has no space or does not fit. `$between` boxes stay free between the lines.
     *
     * @return array{self, self}|null
     */
    public static function onTwoLines(string $title, int $side, int $tall, int $widest = 7, int $between = 1): ?array
    {
        $words = preg_split('/\s+/u', trim($title));
        $words = false === $words ? [] : $words;
        $best = null;
        for ($break = 1; $break < \count($words); ++$break) {
            $lines = [implode(' ', \array_slice($words, 0, $break)), implode(' ', \array_slice($words, $break))];
            for ($wide = min($widest, $side); $wide >= 1; --$wide) {
                [$one, $two] = array_map(
                    static fn (string $line): ?self => self::sized($line, $side, intdiv($tall - $between, 2), $wide, self::gap($wide)),
                    $lines,
                );
                if (null !== $one && null !== $two) {
                    if (null === $best || $wide > $best[0]->wide) {
                        $best = [$one, $two];
                    }
                    break;
                }
            }
        }

        return $best;
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

    /**
     * The places of letters, spaces left out: each is a guide box.
     *
     * @return list<array{letter: string, from: int, wide: int}>
     */
    public function guides(): array
    {
        return array_values(array_filter($this->places(), static fn (array $place): bool => ' ' !== $place['letter']));
    }

    public function working(): string
    {
        $count = \count($this->letters);

        return Plural::of($count, 'letter', 'letters').', '
            .Plural::boxes($this->wide)
            ." wide and $this->tall tall, "
            .(1 === $count ? 'no gap' : Plural::of($count - 1, 'gap', 'gaps')." of $this->gap").': '
            .Plural::boxes($this->width);
    }

    /** @param list<string> $letters */
    private static function fitting(array $letters, int $side, int $tall, int $wide, int $gap): ?self
    {
        $width = self::width($letters, $wide, $gap);

        return $width > $side ? null : new self($letters, $wide, min($tall, max(1, intdiv($wide * 10 + 3, 7))), $gap, $width);
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
