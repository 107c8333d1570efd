<?php

/*
 * Sorts of pens and colours. What each usually does on paper is from memory, with docs/trade.md, "Paper and ink" (practice): it
 * stands where nothing was tested, and says so.
 */

declare(strict_types=1);

namespace AmpleMargin\Plan\Making;

enum PenSort: string
{
    case Pencil = 'pencil';
    case Fineliner = 'fineliner';
    case Ballpoint = 'ballpoint';
    case Gel = 'gel';
    case Fountain = 'fountain';
    case Brush = 'brush';
    case Highlighter = 'highlighter';
    case Alcohol = 'alcohol';
    case School = 'school';
    case Watercolour = 'watercolour';
    case Opaque = 'opaque';
    case Stamp = 'stamp';

    public function words(): string
    {
        return match ($this) {
            self::Pencil => 'pencil',
            self::Fineliner => 'fineliner',
            self::Ballpoint => 'ballpoint',
            self::Gel => 'gel pen',
            self::Fountain => 'fountain pen',
            self::Brush => 'water-based brush pen',
            self::Highlighter => 'highlighter',
            self::Alcohol => 'alcohol marker',
            self::School => 'school marker',
            self::Watercolour => 'watercolour',
            self::Opaque => 'opaque paint or white pen',
            self::Stamp => 'stamp',
        };
    }

    /** Minutes until it is dry to the touch. From memory. */
    public function dries(): int
    {
        return match ($this) {
            self::Pencil => 0,
            self::Fineliner, self::Ballpoint, self::Alcohol => 1,
            self::Highlighter, self::Brush, self::School => 2,
            self::Gel => 4,
            self::Fountain, self::Opaque, self::Stamp => 5,
            self::Watercolour => 20,
        };
    }

    /** Whether it usually comes through. @param int $grammage g/m² */
    public function bleeds(int $grammage): bool
    {
        return match ($this) {
            self::Alcohol => true,
            self::School, self::Fountain => $grammage < 100,
            self::Watercolour => $grammage < 200,
            default => false,
        };
    }

    /** How it is usually seen on the back. @param int $grammage g/m² */
    public function ghosts(int $grammage): Ghost
    {
        return match (true) {
            self::Pencil === $this => Ghost::None,
            $this->bleeds($grammage) => Ghost::Strong,
            $grammage < 100 => Ghost::Slight,
            default => Ghost::None,
        };
    }

    /** Solvents want fresh air. */
    public function isSolvent(): bool
    {
        return self::Alcohol === $this;
    }
}
