<?php

/* Marks of a part, drawn as if it were a page, at their place on the page, in another step. */

declare(strict_types=1);

namespace AmpleMargin\Drawing;

/** @implements MarkVisitor<Mark> */
final class Moving implements MarkVisitor
{
    /**
     * @param int         $x    grains to the right
     * @param int         $y    grains down
     * @param int         $step that draws them now
     * @param string|null $note of that step
     */
    public function __construct(
        private readonly int $x,
        private readonly int $y,
        private readonly int $step,
        private readonly ?string $note,
    ) {
    }

    /**
     * @param array{int, int, int, int} $place x, y, wide, tall in grains
     *
     * @return array{int, int, int, int}
     */
    public function place(array $place): array
    {
        return [$place[0] + $this->x, $place[1] + $this->y, $place[2], $place[3]];
    }

    public function line(Line $line): Line
    {
        return new Line(...[...$this->all($line), $line->colour]);
    }

    public function frame(Frame $frame): Frame
    {
        return new Frame(...[...$this->all($frame), $frame->colour]);
    }

    public function band(Band $band): Band
    {
        return new Band(...[...$this->all($band), $band->colour]);
    }

    public function ring(Ring $ring): Ring
    {
        return new Ring(...[...$this->all($ring), $ring->colour]);
    }

    public function words(Words $words): Words
    {
        return new Words(...[...$this->all($words), $words->text, $words->size, $words->align, $words->colour, $words->upwards]);
    }

    /** @return array{Layer, int, int, int, int, int, string|null} */
    private function all(Mark $mark): array
    {
        return [$mark->layer, $mark->x + $this->x, $mark->y + $this->y, $mark->wide, $mark->tall, $this->step, $this->note];
    }
}
