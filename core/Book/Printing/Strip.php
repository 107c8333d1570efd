<?php

/* Words in large letters on a strip of whole boxes, to cut out and stick in or to trace. */

declare(strict_types=1);

namespace AmpleMargin\Book\Printing;

use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Letters;
use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Caution;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Sheet\Piece\Piece;
use AmpleMargin\Sheet\Piece\TrueSize;

/** @internal to Printing */
final class Strip
{
    /** As wide as its letters are, and never wider than the page. @param int $tall boxes */
    public static function of(Context $context, string $words, int $tall, string $sort): Piece
    {
        $letters = max(1, mb_strwidth($words));
        $wide = min($context->book->plan->stock->across, max(1, Fraction::of($letters * $tall * Letters::WIDEST, 100)->ceil()));
        $canvas = new Canvas($wide, $tall);
        $canvas->step(Task::Write, 'Cut along the edges.');
        $canvas->words(Layer::Writing, 0, 0, $wide, $tall, $words, Align::Middle);

        return TrueSize::cutOut($canvas->finish(), $context->pitch(), "“{$words}”", $sort, Caution::CUT, false, true);
    }
}
