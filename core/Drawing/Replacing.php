<?php

/* Gives every mark another place or pen, and leaves it what it is. */

declare(strict_types=1);

namespace AmpleMargin\Drawing;

/** @implements MarkVisitor<Mark> */
abstract class Replacing implements MarkVisitor
{
    /** @return array{Layer, int, int, int, int, int, string|null} what every mark begins with, at its new place */
    abstract protected function begin(Mark $mark): array;

    /** Its pen. */
    protected function colour(Mark $mark): ?string
    {
        return $mark->colour;
    }

    /** Whether words that read upwards do so no more, and the others do. */
    protected function turnsWords(): bool
    {
        return false;
    }

    public function line(Line $line): Line
    {
        return new Line(...[...$this->begin($line), $this->colour($line)]);
    }

    public function frame(Frame $frame): Frame
    {
        return new Frame(...[...$this->begin($frame), $this->colour($frame)]);
    }

    public function band(Band $band): Band
    {
        return new Band(...[...$this->begin($band), $this->colour($band)]);
    }

    public function ring(Ring $ring): Ring
    {
        return new Ring(...[...$this->begin($ring), $this->colour($ring)]);
    }

    public function words(Words $words): Words
    {
        return new Words(...[
            ...$this->begin($words),
            $words->text,
            $words->size,
            $words->align,
            $this->colour($words),
            $words->upwards !== $this->turnsWords(),
        ]);
    }
}
