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

    /**
     * @param Region               $all      all of its box
     * @param Region               $write    the room for lines
     * @param Region|null          $mini     the mini month's room, its letters' row first
     * @param Region|null          $short    room for short lines beside a mini month that stands above
     * @param array<string, Region> $extras   what is ruled off at the foot, from there up, and the frame of a photo => its room
     * @param list<string>         $lessTall what is taken from the height, each as "− 1 for the name"
     * @param list<string>         $lessWide from the width
     */
    private function __construct(
        public readonly Month $month,
        public readonly Region $all,
        public readonly Region $write,
        public readonly ?Region $mini,
        public readonly ?Region $short,
        private readonly array $extras,
        public readonly Fraction $line,
        private readonly array $lessTall,
        private readonly array $lessWide,
    ) {
    }

    /**
     * Months with their photos all in the same place, where that leaves most room to write; null where nowhere all of them fit.
     *
     * @param \Closure(array{int, int, bool}): (array<int, list<self>>|null) $placed with a photo, as WithMonth says its places
     *
     * @return array<int, list<self>>|null
     */
    public static function alike(LogAsked $asked, \Closure $placed): ?array
    {
        [$best, $most] = [null, -1];
        foreach ($asked->with->photos() as $photo) {
            $places = $placed($photo);
            $room = null === $places ? -1 : array_sum(array_map(static fn (self $one): int => $one->room(), array_merge(...$places)));
            if ($room > $most) {
                [$best, $most] = [$places, $room];
            }
        }

        return $best;
    }

    /**
     * Null where no line is left, or a line would be too narrow for words.
     *
     * @param array{int, int, bool} $photo boxes wide, boxes tall, whether it stands beside the lines
     */
    public static function of(Month $month, Region $all, LogAsked $asked, array $photo): ?self
    {
        [$across, $down, $beside] = $photo;
        $fits = $across <= $all->wide && $down + $asked->with->ruledOff() <= $all->tall;

        return $fits ? self::with($month, $all, $asked, $across, $down, $beside) : null;
    }

    /** Whole lines that fit. */
    public function lines(): int
    {
        return Fraction::of($this->write->tall)->dividedBy($this->line)->floor();
    }

    /** Boxes from the left edge that the name may take. */
    public function nameWide(): int
    {
        // A photo as tall as the container stands beside the name too.
        $photo = $this->photo();

        return null !== $photo && $photo->y === $this->all->y ? $photo->x - $this->all->x : $this->all->wide;
    }

    /** The frame for a photo. */
    public function photo(): ?Region
    {
        return $this->extras[WithMonth::FRAME] ?? null;
    }

    /** @return array<string, Region> what is ruled off at the foot, from there up */
    public function strips(): array
    {
        return array_diff_key($this->extras, [WithMonth::FRAME => true]);
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
        [$lessTall, $lessWide, $mini, $short, $extras] = [['− 1 for the name'], [], null, null, []];
        $foot = $y + $tall;
        foreach ($asked->with->rows as $what => $rows) {
            $foot -= $rows;
            $extras[$what] = new Region($x, $foot, $wide, $rows);
            $writeTall -= $rows;
            $lessTall[] = "− $rows for the $what";
        }
        if ($beside) {
            $writeWide -= $across + 1;
            $lessWide[] = "− $across for the frame − 1 beside it";
            $extras[WithMonth::FRAME] = new Region($x + $wide - $across, $foot - $down, $across, $down);
        } elseif ($down > 0) {
            $writeTall -= $down;
            $lessTall[] = "− $down for the frame";
            $extras[WithMonth::FRAME] = new Region($x, $foot - $down, $across, $down);
        }
        $where = $asked->mini->where($month);
        [$miniWide, $rows] = [$asked->mini->wide(), $asked->mini->tall($month)];
        if ('none' !== $where) {
            $mini = new Region($x, $y + 1, $miniWide, $rows);
            if ($writeWide < $miniWide || $writeTall < $rows) {
                return null;
            }
        }
        if ('above' === $where) {
            $lessTall[] = "− $rows for the mini month";
            $left = $writeWide - $miniWide - 1;
            $short = $left >= self::NARROWEST ? new Region($x + $miniWide + 1, $writeY, $left, $rows) : null;
            [$writeY, $writeTall] = [$writeY + $rows, $writeTall - $rows];
        } elseif ('beside' === $where) {
            $lessWide[] = '− '.($miniWide + 1).' for the mini month';
            [$writeX, $writeWide] = [$x + $miniWide + 1, $writeWide - $miniWide - 1];
        }
        if ($writeTall < 1 || $writeWide < self::NARROWEST) {
            return null;
        }
        $write = new Region($writeX, $writeY, $writeWide, $writeTall);
        $place = new self($month, $all, $write, $mini, $short, $extras, $asked->line, $lessTall, $lessWide);

        return $place->lines() < 1 ? null : $place;
    }
}
