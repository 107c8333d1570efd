<?php

/* The title of every spread on a strip, as tall as it stands on its page. */

declare(strict_types=1);

namespace AmpleMargin\Book\Printing;

use AmpleMargin\Drawing\Grain;
use AmpleMargin\Drawing\Words;
use AmpleMargin\Plan\PlannedSpread;
use AmpleMargin\Sheet\Piece\Piece;

final class Titles implements Printable
{
    /** What a title is drawn for. */
    private const NOTE = 'heading';

    public static function word(): string
    {
        return 'titles';
    }

    public static function name(): string
    {
        return 'Titles';
    }

    public static function asks(): string
    {
        return '';
    }

    public function pieces(Context $context, string $said): array
    {
        return array_map(static fn (PlannedSpread $spread): Piece => Strip::of(
            $context,
            $context->book->catalogue()->title($spread),
            self::tall($context, $spread),
            self::name(),
        ), $context->book->plan->spreads);
    }

    /** Boxes its letters take where it stands; two where it stands on no page yet. */
    private static function tall(Context $context, PlannedSpread $spread): int
    {
        foreach ($context->book->spreadDrawings($spread->id) as $drawing) {
            foreach ($drawing->marks as $mark) {
                if ($mark instanceof Words && self::NOTE === $mark->note) {
                    return max(1, intdiv($mark->tall + Grain::PER_BOX - 1, Grain::PER_BOX));
                }
            }
        }

        return 2;
    }
}
