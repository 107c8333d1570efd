<?php

/*
 * What makes a book look like one hand made it: how tall titles are and where they stand, a band behind them, the pen they are
 * written with, a line round the grid (docs/trade.md, "Dressing the book"). Null where nothing is said.
 */

declare(strict_types=1);

namespace AmpleMargin\Plan;

final class Dress
{
    /** Boxes of a title. From memory. */
    public const TALLEST = 8;

    public const PLACES = ['left', 'middle'];

    /** Boxes of a border, on each side of the page. From memory. */
    public const WIDEST = 3;

    /** Boxes left free at the foot. From memory. */
    public const FREE = 15;

    /**
     * @param int|null    $title  boxes a title takes with the air below it, 1 to 8
     * @param string|null $place  "left" or "middle" of the grid
     * @param bool|null   $larger first letter twice as large as the others
     * @param bool|null   $band   behind the title
     * @param bool|null   $line   round the grid
     * @param string|null $pen    of the title, #rrggbb
     * @param string|null $lines  the pen lines are drawn with, #rrggbb; what has a pen of its own keeps it
     * @param string|null $words  the pen words and figures are written with, but for titles
     * @param int|null    $border boxes on each side of the page for a pattern of one's own, 0 to 3; all else stands within
     * @param int|null    $foot   boxes left free at the foot for drawing or tape, 0 to 15
     * @param bool|null   $fives  every fifth dot is marked in pencil along both edges before anything is counted
     */
    public function __construct(
        public readonly ?int $title = null,
        public readonly ?string $place = null,
        public readonly ?bool $larger = null,
        public readonly ?bool $band = null,
        public readonly ?bool $line = null,
        public readonly ?string $pen = null,
        public readonly ?int $border = null,
        public readonly ?int $foot = null,
        public readonly ?string $lines = null,
        public readonly ?string $words = null,
        public readonly ?bool $fives = null,
    ) {
    }

    /** This one, with what another says over it. */
    public function under(self $other): self
    {
        return new self(
            $other->title ?? $this->title,
            $other->place ?? $this->place,
            $other->larger ?? $this->larger,
            $other->band ?? $this->band,
            $other->line ?? $this->line,
            $other->pen ?? $this->pen,
            $other->border ?? $this->border,
            $other->foot ?? $this->foot,
            $other->lines ?? $this->lines,
            $other->words ?? $this->words,
            $other->fives ?? $this->fives,
        );
    }

    /** Whether it says nothing. */
    public function isPlain(): bool
    {
        return [] === $this->written();
    }

    /** @return array<string, int|string|bool> what it says */
    public function written(): array
    {
        return array_filter([
            'title' => $this->title,
            'place' => $this->place,
            'larger' => $this->larger,
            'band' => $this->band,
            'line' => $this->line,
            'pen' => $this->pen,
            'border' => $this->border,
            'foot' => $this->foot,
            'lines' => $this->lines,
            'words' => $this->words,
            'fives' => $this->fives,
        ], static fn (int|string|bool|null $value): bool => null !== $value);
    }

    /** @throws PlanProblem naming the field */
    public static function read(Values $values): self
    {
        $flag = static fn (string $name): ?bool => $values->has($name) ? $values->flag($name, false) : null;
        $place = $values->textOrNull('place', 10);
        if (null !== $place && !\in_array($place, self::PLACES, true)) {
            throw PlanProblem::at($values->path('place'), 'Titles stand left, or in the middle of the grid.');
        }

        return new self(
            $values->has('title') ? $values->count('title', 1, self::TALLEST) : null,
            $place,
            $flag('larger'),
            $flag('band'),
            $flag('line'),
            self::pen($values, 'pen'),
            $values->has('border') ? $values->count('border', 0, self::WIDEST) : null,
            $values->has('foot') ? $values->count('foot', 0, self::FREE) : null,
            self::pen($values, 'lines'),
            self::pen($values, 'words'),
            $flag('fives'),
        );
    }

    private static function pen(Values $values, string $name): ?string
    {
        $pen = $values->textOrNull($name, 7);

        return null === $pen || 1 === preg_match('/^#[0-9a-fA-F]{6}$/', $pen)
            ? $pen
            : throw PlanProblem::at($values->path($name), 'A pen is a colour such as #22304A.');
    }
}
