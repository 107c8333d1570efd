<?php

/* Two half pages drawn on one page: the lower one moved down, its steps after the upper one's. */

declare(strict_types=1);

namespace AmpleMargin\Book;

use AmpleMargin\Drawing\PageDrawing;

/** @internal to Book */
final class HalfPages
{
    /** Put before the notes and keys of the lower half, so that they are its own. */
    private const LOWER = 'l';

    /** @param int $down boxes of the whole page; with an odd count the row in the middle stays free */
    public static function together(PageDrawing $upper, ?PageDrawing $lower, int $down): PageDrawing
    {
        $upper = $upper->with(['down' => $down]);

        return null === $lower ? $upper : $upper->and($lower->below(
            $down - $lower->down,
            $down,
            \count($upper->steps),
            self::LOWER,
            'lower half',
        ));
    }
}
