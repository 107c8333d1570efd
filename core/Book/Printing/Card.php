<?php

/* The loose spacing card: widths in front, heights behind. */

declare(strict_types=1);

namespace AmpleMargin\Book\Printing;

use AmpleMargin\Counting\Division;
use AmpleMargin\Drawing\Caution;
use AmpleMargin\Sheet\Piece\TrueSize;
use AmpleMargin\Sheet\SpacingCard;

final class Card implements Printable
{
    public static function word(): string
    {
        return 'card';
    }

    public static function name(): string
    {
        return 'Loose spacing card';
    }

    public static function asks(): string
    {
        return '';
    }

    public function pieces(Context $context, string $said): array
    {
        $stock = $context->book->plan->stock;
        [$widths, $heights] = SpacingCard::faces($stock, ...self::divisors($context));

        return [TrueSize::cutOut(
            $widths,
            $stock->pitch,
            "Loose spacing card, $stock->across × $stock->down boxes: widths on one side, heights on the other",
            'Loose spacing cards',
            Caution::CUT,
            back: $heights,
        )];
    }

    /**
     * @return array{list<int>, list<int>, array<int, string>} across, down and the pen of each, as the book's own spacing sheet has them
     */
    private static function divisors(Context $context): array
    {
        foreach ($context->book->plan->spreads as $spread) {
            $asked = $context->book->spacing($spread);
            if (null !== $asked) {
                return [$asked->across, $asked->down, $asked->colours()];
            }
        }

        return [Division::USUAL, Division::USUAL, []];
    }
}
