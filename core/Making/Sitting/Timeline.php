<?php

/*
 * What is done in one sitting, minute by minute. What is begun comes first, and something easy for a hand that never drew; else figures
 * while one is fresh, with a pause every 25 minutes of them; what wants a knife comes together; an opening is turned only when it is dry
 * to the touch; what has dried meanwhile is finished, and what has not at the end. The book may be left lying open.
 */

declare(strict_types=1);

namespace AmpleMargin\Making\Sitting;

final class Timeline
{
    /** Minutes of figures after which a hand rests (docs/trade.md, "Care": every 20 to 30), and for how long. The latter from memory. */
    public const FIGURES = 25;
    public const PAUSE = 5;

    /** Minutes to lay out mat, knife and ruler, and to clear them away. From memory. */
    public const KNIFE = 5;

    /** Minutes in all. */
    public readonly int $length;

    /** Minutes with nothing to do but wait. */
    public readonly int $idle;

    /** @var list<array{string, int, int, Stint|null}> what is done, when, for how long; as acts only where somebody looks at them */
    private array $done = [];

    private int $now = 0;

    private int $waits = 0;

    /** The opening the book lies open at. */
    private ?int $open = null;

    /** @var array<int, int> opening → when it may be closed */
    private array $wet = [];

    /** @param list<Stint> $pieces */
    public function __construct(array $pieces)
    {
        $figures = 0;
        $laidOut = false;
        /** @var list<array{int, Stint}> $drying when it may be finished */
        $drying = [];
        foreach (self::inOrder($pieces) as $piece) {
            $opening = $piece->page->opening;
            // What has dried on another opening is finished when this one is left anyway.
            if ($this->open !== $opening && null !== $this->open) {
                $this->turn($opening);
                foreach ($drying as $i => [$ready, $waiting]) {
                    if ($ready <= $this->now) {
                        $this->do(Act::FINISH, $waiting->finish, $waiting);
                        unset($drying[$i]);
                    }
                }
            }
            $this->open = $opening;
            if ($piece->craft && !$laidOut) {
                $this->do(Act::LAY_OUT, self::KNIFE);
                $laidOut = true;
            }
            // A rest before the figures that would be too many, and within a page that has more of them than that.
            if ($figures > 0 && $piece->figures > 0 && $figures + $piece->figures > self::FIGURES) {
                $this->do(Act::PAUSE, self::PAUSE);
                $figures = 0;
            }
            $figures += $piece->figures;
            $rests = intdiv(max(0, $figures - 1), self::FIGURES);
            for ($part = 0; $part <= $rests; ++$part) {
                $minutes = intdiv($piece->main * ($part + 1), $rests + 1) - intdiv($piece->main * $part, $rests + 1);
                $this->do($piece->isOnlyFinished() ? Act::FINISH : Act::DRAW, $minutes, $piece);
                if ($part < $rests) {
                    $this->do(Act::PAUSE, self::PAUSE);
                }
            }
            $figures -= $rests * self::FIGURES;
            $drawn = $this->now;
            if ($piece->wet) {
                $this->wet[$opening] = max($this->wet[$opening] ?? 0, $drawn + $piece->page->closes);
            }
            if ($piece->finish > 0) {
                $drying[] = [$drawn + ($piece->wet ? $piece->page->dries : 0), $piece];
            }
        }
        usort($drying, static fn (array $one, array $two): int => $one[0] <=> $two[0]);
        foreach ($drying as [$ready, $piece]) {
            $this->turn($piece->page->opening);
            $this->dry($ready);
            $this->do(Act::FINISH, $piece->finish, $piece);
        }
        $this->length = $this->now;
        $this->idle = $this->waits;
    }

    /** @return list<Act> */
    public function acts(): array
    {
        return array_map(static fn (array $one): Act => new Act(...$one), $this->done);
    }

    private function do(string $is, int $minutes, ?Stint $piece = null): void
    {
        if ($minutes > 0) {
            $this->done[] = [$is, $this->now, $minutes, $piece];
            $this->now += $minutes;
        }
    }

    private function dry(int $until): void
    {
        $this->waits += max(0, $until - $this->now);
        $this->do(Act::DRY, $until - $this->now);
    }

    /** An opening is left when it is dry to the touch. */
    private function turn(int $to): void
    {
        if (null !== $this->open && $this->open !== $to) {
            $this->dry($this->wet[$this->open] ?? 0);
        }
        $this->open = $to;
    }

    /**
     * What a hand begins with, what only has to be finished, then figures, then the rest, then what wants a knife; the pages of an
     * opening one after another.
     *
     * @param list<Stint> $pieces
     *
     * @return list<Stint>
     */
    private static function inOrder(array $pieces): array
    {
        $figures = $craft = $begun = [];
        foreach ($pieces as $piece) {
            $opening = $piece->page->opening;
            $figures[$opening] = ($figures[$opening] ?? 0) + $piece->figures;
            $craft[$opening] = ($craft[$opening] ?? false) || $piece->craft;
            $begun[$opening] = ($begun[$opening] ?? true) && !$piece->wet;
        }
        $keys = [];
        foreach ($pieces as $i => $piece) {
            $opening = $piece->page->opening;
            // One number a piece, the first of these the heaviest: a sitting is put in order thousands of times.
            $kind = $piece->page->first ? 0 : 1 + ($begun[$opening] ? 0 : 2) + ($craft[$opening] ? 1 : 0);
            $keys[$i] = (($kind * 2048 + 2047 - min(2047, $figures[$opening])) * 2048 + $piece->page->page) * 256 + min(255, $piece->from);
        }
        asort($keys);

        return array_map(static fn (int $i): Stint => $pieces[$i], array_keys($keys));
    }
}
