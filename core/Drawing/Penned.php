<?php

/* Lines and words of a page drawn with other pens: what has a pen of its own keeps it. */

declare(strict_types=1);

namespace AmpleMargin\Drawing;

final class Penned extends Replacing
{
    /**
     * @param string|null $lines #rrggbb; null for ink
     * @param string|null $words the same
     * @param string      $but   the note of what is left as it is
     */
    public function __construct(private readonly ?string $lines, private readonly ?string $words, private readonly string $but)
    {
    }

    protected function begin(Mark $mark): array
    {
        return [$mark->layer, $mark->x, $mark->y, $mark->wide, $mark->tall, $mark->step, $mark->note];
    }

    protected function colour(Mark $mark): ?string
    {
        $pen = match (true) {
            $mark->note === $this->but => null,
            Layer::Ink === $mark->layer => $this->lines,
            Layer::Writing === $mark->layer => $this->words,
            default => null,
        };

        return $mark->colour ?? $pen;
    }
}
