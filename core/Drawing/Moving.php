<?php

/* Marks of a part, drawn as if it were a page, at their place on the page, in another step. */

declare(strict_types=1);

namespace AmpleMargin\Drawing;

final class Moving extends Replacing
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

    protected function begin(Mark $mark): array
    {
        return [$mark->layer, $mark->x + $this->x, $mark->y + $this->y, $mark->wide, $mark->tall, $this->step, $this->note];
    }
}
