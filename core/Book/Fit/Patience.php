<?php

/* How long a search may go on. The core has no clock: whoever asks hands one in; without one it goes on to the end. */

declare(strict_types=1);

namespace AmpleMargin\Book\Fit;

final class Patience
{
    /**
     * @param float                   $seconds for everything
     * @param \Closure(): float|null  $clock   seconds, from any moment on
     */
    public function __construct(private readonly float $seconds = \INF, private readonly ?\Closure $clock = null)
    {
        $this->from = null === $clock ? 0.0 : $clock();
    }

    private readonly float $from;

    /** Whether this share of the time, from 0 to 1, is over. */
    public function isOver(float $share): bool
    {
        return null !== $this->clock && ($this->clock)() - $this->from > $share * $this->seconds;
    }
}
