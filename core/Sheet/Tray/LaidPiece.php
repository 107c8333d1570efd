<?php

/* A piece where it lies on a sheet of paper: µm from the upper left corner of the paper, and whether it is turned by a quarter. */

declare(strict_types=1);

namespace AmpleMargin\Sheet\Tray;

use AmpleMargin\Sheet\Piece\Face;
use AmpleMargin\Sheet\Piece\Piece;
use AmpleMargin\Sheet\Piece\Placing;

final class LaidPiece
{
    public function __construct(
        public readonly Piece $piece,
        public readonly int $x,
        public readonly int $y,
        public readonly bool $turned = false,
    ) {
    }

    public function wide(): int
    {
        return $this->turned ? $this->piece->tall : $this->piece->wide;
    }

    public function tall(): int
    {
        return $this->turned ? $this->piece->wide : $this->piece->tall;
    }

    /** @return array{int, int, int, int} left, top, right, foot */
    public function edges(): array
    {
        return [$this->x, $this->y, $this->x + $this->wide(), $this->y + $this->tall()];
    }

    public function front(): Face
    {
        return $this->piece->front->put($this->turned
            ? Placing::turnedAt($this->x, $this->y, $this->piece->wide, $this->piece->tall)
            : Placing::at($this->x, $this->y));
    }

    /**
     * Its back where the sheet is turned over along its long edge: as far from the right edge as the front is from the left, and turned
     * the other way round.
     *
     * @param int $width µm of the paper
     */
    public function back(int $width): ?Face
    {
        $x = $width - $this->x - $this->wide();

        return $this->piece->back?->put($this->turned
            ? Placing::turnedAt($x, $this->y, $this->piece->wide, $this->piece->tall, true)
            : Placing::at($x, $this->y));
    }
}
