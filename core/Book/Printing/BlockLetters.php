<?php

/* Words of one's own in guide boxes, a whole number of boxes to a letter, to trace or to stick in; figures as filled boxes. */

declare(strict_types=1);

namespace AmpleMargin\Book\Printing;

use AmpleMargin\Counting\BlockDigits;
use AmpleMargin\Counting\Lettering;
use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Caution;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Sheet\Piece\TrueSize;

final class BlockLetters implements Printable
{
    /** Boxes a letter is tall at most: 7 wide and 10 tall sets the proportion. */
    private const TALLEST = 10;

    private const LONGEST = 40;

    public static function word(): string
    {
        return 'letters';
    }

    public static function name(): string
    {
        return 'Block letters';
    }

    public static function asks(): string
    {
        return 'the words, up to '.self::LONGEST.' letters';
    }

    public function pieces(Context $context, string $said): array
    {
        $across = $context->book->plan->stock->across;
        if ('' === $said || mb_strlen($said) > self::LONGEST) {
            throw PlanProblem::at('letters', 'Say which words, 1 to '.self::LONGEST.' letters: letters:2027.');
        }
        $digits = BlockDigits::largest($said, $across, self::TALLEST);
        $lettering = null === $digits ? Lettering::largest($said, $across, self::TALLEST) : null;
        if (null === $digits && null === $lettering) {
            throw PlanProblem::at('letters', "“{$said}” has more letters than a page has boxes across, $across. Say fewer.");
        }
        $canvas = new Canvas($digits->width ?? $lettering->width ?? 1, $digits->tall ?? $lettering->tall ?? 1);
        $canvas->step(Task::Ink, 'Trace the letters.');
        if (null !== $digits) {
            $canvas->blocks($digits, 0, 0);
        }
        foreach ($lettering?->guides() ?? [] as $place) {
            $canvas->frame(Layer::Pencil, $place['from'], 0, $place['wide'], $lettering->tall ?? 1);
            $canvas->words(Layer::Ink, $place['from'], 0, $place['wide'], $lettering->tall ?? 1, $place['letter'], Align::Middle);
        }

        return [TrueSize::cutOut($canvas->finish(), $context->pitch(), "Block letters “{$said}”", self::name(), Caution::CUT, true, true)];
    }
}
