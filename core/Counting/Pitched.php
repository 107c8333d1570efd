<?php

/* Stamps or stickers in a row: each so many mm wide, on a side of so many mm. */

declare(strict_types=1);

namespace AmpleMargin\Counting;

final class Pitched
{
    /** @param int $start µm from the edge to the first one */
    private function __construct(
        public readonly int $room,
        public readonly int $each,
        public readonly int $between,
        public readonly int $count,
        public readonly int $start,
    ) {
    }

    /**
     * As many as fit, or as many as are asked for, in the middle of the side. Null where they do not fit.
     * All lengths in µm.
     *
     * @param int      $each    width of one, 1 or more
     * @param int      $between left free between two
     * @param int|null $count   null for as many as fit
     *
     * Source: docs/trade.md, "Titles and figures" (common practice, no source)
     */
    public static function on(int $room, int $each, int $between = 0, ?int $count = null): ?self
    {
        if ($each < 1 || $between < 0) {
            return null;
        }
        $most = intdiv($room + $between, $each + $between);
        $count ??= $most;
        if ($count < 1 || $count > $most) {
            return null;
        }

        return new self($room, $each, $between, $count, intdiv($room - $count * $each - ($count - 1) * $between, 2));
    }

    /** µm that no stamp takes. */
    public function left(): int
    {
        return $this->room - $this->count * $this->each - ($this->count - 1) * $this->between;
    }

    /**
     * Where each begins, µm from the edge.
     *
     * @return list<int>
     */
    public function places(): array
    {
        $places = [];
        for ($i = 0; $i < $this->count; ++$i) {
            $places[] = $this->start + $i * ($this->each + $this->between);
        }

        return $places;
    }
}
