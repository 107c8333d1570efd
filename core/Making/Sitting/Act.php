<?php

/* One thing that is done in a sitting, and when. */

declare(strict_types=1);

namespace AmpleMargin\Making\Sitting;

final class Act
{
    public const DRAW = 'draw';
    public const FINISH = 'finish';
    public const DRY = 'dry';
    public const PAUSE = 'pause';
    public const LAY_OUT = 'lay-out';

    /**
     * @param string     $is      "draw", "finish" (erase and check), "dry" (nothing to do meanwhile), "pause" or "lay-out" (mat and knife)
     * @param int        $at      minutes from the beginning
     * @param int        $minutes it takes, 1 or more
     * @param Stint|null $piece   what is drawn or finished
     */
    public function __construct(
        public readonly string $is,
        public readonly int $at,
        public readonly int $minutes,
        public readonly ?Stint $piece = null,
    ) {
    }
}
