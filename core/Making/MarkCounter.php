<?php

/* Counts marks by what the hand has to do for them. */

declare(strict_types=1);

namespace AmpleMargin\Making;

use AmpleMargin\Drawing\Band;
use AmpleMargin\Drawing\Frame;
use AmpleMargin\Drawing\Grain;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Line;
use AmpleMargin\Drawing\MarkVisitor;
use AmpleMargin\Drawing\Ring;
use AmpleMargin\Drawing\Words;
use AmpleMargin\Plan\Making\Work;

/**
 * @internal to counting; the only thing here that changes
 *
 * @implements MarkVisitor<null>
 */
final class MarkCounter implements MarkVisitor
{
    /** Boxes of a frame or a line that nobody takes a ruler for. From memory. */
    private const BY_HAND = 2;

    private int $figures = 0;

    private int $words = 0;

    private int $letters = 0;

    private int $lines = 0;

    private int $ticks = 0;

    private int $bands = 0;

    public function work(): Work
    {
        return new Work($this->figures, $this->words, $this->letters, $this->lines, $this->ticks, $this->bands);
    }

    public function line(Line $line): mixed
    {
        $isRuled = Layer::Pencil !== $line->layer && max(abs($line->wide), abs($line->tall)) > self::BY_HAND * Grain::PER_BOX;
        $isRuled ? ++$this->lines : ++$this->ticks;

        return null;
    }

    public function frame(Frame $frame): mixed
    {
        // A box to tick is drawn in one go, without a ruler; an outline of more is four lines along it.
        max($frame->wide, $frame->tall) <= self::BY_HAND * Grain::PER_BOX ? $this->ticks += 2 : $this->lines += 4;

        return null;
    }

    public function band(Band $band): mixed
    {
        ++$this->bands;

        return null;
    }

    public function ring(Ring $ring): mixed
    {
        ++$this->ticks;

        return null;
    }

    public function words(Words $words): mixed
    {
        if ($words->isFigure()) {
            ++$this->figures;
        } else {
            ++$this->words;
            $this->letters += mb_strlen($words->text);
        }

        return null;
    }
}
