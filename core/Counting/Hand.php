<?php

/*
 * A person's handwriting: how wide it is. They write one sentence on their own paper and say how many boxes it took; from
 * that every strip, column and entry is judged. In mm, for a hand stays the same on other paper.
 */

declare(strict_types=1);

namespace AmpleMargin\Counting;

final class Hand
{
    /** What is written to find out. */
    public const SENTENCE = 'A dry boat floats whatever the tide says';

    /** Tenths of a mm that sentence takes in an ordinary hand: 24 boxes of 5 mm. From memory. */
    private const USUAL = 1_200;

    /** Smaller or larger than this nobody writes by hand. From memory. */
    public const LEAST = 400;
    public const MOST = 4_000;

    /** @param int $sentence tenths of a mm its sentence takes */
    private function __construct(public readonly int $sentence, public readonly bool $own)
    {
    }

    /** An ordinary hand, where nobody has measured theirs. */
    public static function usual(): self
    {
        return new self(self::USUAL, false);
    }

    /** @param int $sentence tenths of a mm, within its bounds */
    public static function measured(int $sentence): self
    {
        return new self(max(self::LEAST, min(self::MOST, $sentence)), true);
    }

    /** Whole boxes that so many letters take. East Asian letters count twice. @param int $pitch µm a box */
    public function boxes(int $letters, int $pitch): int
    {
        return intdiv($letters * $this->sentence * 100 + self::sentenceLetters() * $pitch - 1, self::sentenceLetters() * $pitch);
    }

    /** Letters that stand in so many boxes. @param int $pitch µm a box */
    public function letters(Fraction $boxes, int $pitch): int
    {
        return $boxes->times($pitch * self::sentenceLetters())->dividedBy($this->sentence * 100)->floor();
    }

    /** The same for words. @param int $pitch µm a box */
    public function boxesOf(string $words, int $pitch): int
    {
        return $this->boxes(mb_strwidth($words), $pitch);
    }

    /** "in your hand", or what was taken in its place. */
    public function said(): string
    {
        return $this->own ? 'in your hand' : 'in an ordinary hand';
    }

    private static function sentenceLetters(): int
    {
        return \strlen(self::SENTENCE);
    }
}
