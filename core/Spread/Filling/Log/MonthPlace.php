<?php

/* One month's container in a future log: where its name, mini month, lines and extra stand. All in boxes of the page. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling\Log;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Spread\Page\Region;

/** @internal to Spread */
final class MonthPlace
{
    /** Lines narrower than this hold no words. From memory. */
    private const NARROWEST = 4;

    /** Boxes a mini month takes across, with one of air beside it. */
    private const MINI = 8;

    /**
     * @param Region               $all      all of its box
     * @param Region               $write    the room for lines
     * @param array{int, int}|null $mini     x, y of the mini month's letters row
     * @param Region|null          $short    room for short lines beside a mini month that stands above
     * @param list<string>         $lessTall what is taken from the height, each as "− 1 for the name"
     * @param list<string>         $lessWide from the width
     */
    private function __construct(
        public readonly Month $month,
        public readonly Region $all,
        public readonly Region $write,
        public readonly ?array $mini,
        public readonly ?Region $short,
        public readonly ?Region $extra,
        public readonly Fraction $line,
        private readonly array $lessTall,
        private readonly array $lessWide,
    ) {
    }

    /** With the extra where it leaves most room to write. Null where no line is left, or a line would be too narrow for words. */
    public static function of(Month $month, Region $all, LogAsked $asked): ?self
    {
        $best = null;
        foreach ($asked->extras($all->wide) as [$across, $down, $beside]) {
            $fits = $across <= $all->wide && $down <= $all->tall;
            $place = $fits ? self::with($month, $all, $asked, $across, $down, $beside) : null;
            if (null !== $place && (null === $best || $place->room() > $best->room())) {
                $best = $place;
            }
        }

        return $best;
    }

    /** Whole lines that fit. */
    public function lines(): int
    {
        return Fraction::of($this->write->tall)->dividedBy($this->line)->floor();
    }

    /** Boxes from the left edge that the name may take. */
    public function nameWide(): int
    {
        // An extra as tall as the container stands beside the name too.
        return null !== $this->extra && $this->extra->y === $this->all->y ? $this->extra->x - $this->all->x : $this->all->wide;
    }

    /** The arithmetic of its lines. */
    public function working(): string
    {
        [$wide, $tall] = [$this->write->wide, $this->write->tall];
        $said = Plural::boxes($this->all->tall)
            .' '
            .implode(' ', $this->lessTall)
            ." = $tall; $tall ÷ $this->line a line = {$this->lines()} "
            .(1 === $this->lines() ? 'line' : 'lines');
        $said .= [] === $this->lessWide
            ? ' of '.Plural::boxes($wide)
            : '; '.Plural::boxes($this->all->wide).' '.implode(' ', $this->lessWide).' = '.Plural::boxes($wide).' a line';
        if (null !== $this->short) {
            $said .= '; beside the mini month '
                .Fraction::of($this->short->tall)->dividedBy($this->line)->floor()
                .' short lines of '
                .Plural::boxes($this->short->wide);
        }

        return $said;
    }

    /** Boxes of line, all lines together. */
    private function room(): int
    {
        return $this->lines() * $this->write->wide;
    }

    private static function with(Month $month, Region $all, LogAsked $asked, int $across, int $down, bool $beside): ?self
    {
        [$x, $y, $wide, $tall] = [$all->x, $all->y, $all->wide, $all->tall];
        [$writeX, $writeY, $writeWide, $writeTall] = [$x, $y + 1, $wide, $tall - 1];
        [$lessTall, $lessWide, $mini, $short, $extra] = [['− 1 for the name'], [], null, null, null];
        $what = "the $asked->extra";
        if ($beside) {
            $writeWide -= $across + 1;
            $lessWide[] = "− $across for $what − 1 beside it";
            $extra = new Region($x + $wide - $across, $down === $tall ? $y : $y + $tall - $down, $across, $down);
        } elseif ($down > 0) {
            $writeTall -= $down;
            $lessTall[] = "− $down for $what";
            $extra = new Region($x, $y + $tall - $down, $across, $down);
        }
        $rows = 1 + $asked->rowsOf($month);
        if ('none' !== $asked->mini) {
            $mini = [$x, $y + 1];
            if ($writeWide < self::MINI - 1 || $writeTall < $rows) {
                return null;
            }
        }
        if ('above' === $asked->mini) {
            $lessTall[] = "− $rows for the mini month";
            $left = $writeWide - self::MINI;
            $short = $left >= self::NARROWEST ? new Region($x + self::MINI, $writeY, $left, $rows) : null;
            [$writeY, $writeTall] = [$writeY + $rows, $writeTall - $rows];
        } elseif ('beside' === $asked->mini) {
            $lessWide[] = '− '.self::MINI.' for the mini month';
            [$writeX, $writeWide] = [$x + self::MINI, $writeWide - self::MINI];
        }
        if ($writeTall < 1 || $writeWide < self::NARROWEST) {
            return null;
        }
        $write = new Region($writeX, $writeY, $writeWide, $writeTall);
        $place = new self($month, $all, $write, $mini, $short, $extra, $asked->line, $lessTall, $lessWide);

        return $place->lines() < 1 ? null : $place;
    }
}
