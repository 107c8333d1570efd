<?php

/*
 * A figure, a letter or a line of words, written inside its place; `size` is the height of the letters' line in grains. Words that
 * read upwards stand on a page that is turned to be written on: they begin at the lower end of their place.
 */

declare(strict_types=1);

namespace AmpleMargin\Drawing;

final class Words extends Mark
{
    public function __construct(
        Layer $layer,
        int $x,
        int $y,
        int $wide,
        int $tall,
        int $step,
        ?string $note,
        public readonly string $text,
        public readonly int $size,
        public readonly Align $align,
        ?string $colour = null,
        public readonly bool $upwards = false,
    ) {
        parent::__construct($layer, $x, $y, $wide, $tall, $step, $note, $colour);
    }

    public function visit(MarkVisitor $visitor): mixed
    {
        return $visitor->words($this);
    }

    /** A number to be copied: a day, a box, a page, a year. */
    public function isFigure(): bool
    {
        return 1 === preg_match('/^\d{1,4}$/', $this->text);
    }
}
