<?php

/* Gives every mark another place, and leaves it what it is. */

declare(strict_types=1);

namespace AmpleMargin\Drawing;

/** @implements MarkVisitor<Mark> */
abstract class Replacing implements MarkVisitor
{
    /** @return array{Layer, int, int, int, int, int, string|null} what every mark begins with, at its new place */
    abstract protected function begin(Mark $mark): array;

    /** Whether words that read upwards do so no more, and the others do. */
    protected function turnsWords(): bool
    {
        return false;
    }

    public function line(Line $line): Line
    {
        return new Line(...[...$this->begin($line), $line->colour]);
    }

    public function frame(Frame $frame): Frame
    {
        return new Frame(...[...$this->begin($frame), $frame->colour]);
    }

    public function band(Band $band): Band
    {
        return new Band(...[...$this->begin($band), $band->colour]);
    }

    public function ring(Ring $ring): Ring
    {
        return new Ring(...[...$this->begin($ring), $ring->colour]);
    }

    public function words(Words $words): Words
    {
        return new Words(...[
            ...$this->begin($words),
            $words->text,
            $words->size,
            $words->align,
            $words->colour,
            $words->upwards !== $this->turnsWords(),
        ]);
    }
}
