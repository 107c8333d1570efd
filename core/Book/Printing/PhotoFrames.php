<?php

/* Templates of the book's frames: a photo, a cover, a card is cut along one and fits its frame. One of each size. */

declare(strict_types=1);

namespace AmpleMargin\Book\Printing;

use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Caution;
use AmpleMargin\Paper\Millimetres;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Sheet\Piece\Face;
use AmpleMargin\Sheet\Piece\Piece;
use AmpleMargin\Sheet\SheetWords;
use AmpleMargin\Sheet\Tone;

final class PhotoFrames implements Printable
{
    public static function word(): string
    {
        return 'frames';
    }

    public static function name(): string
    {
        return 'Photo templates';
    }

    public static function asks(): string
    {
        return '';
    }

    public function pieces(Context $context, string $said): array
    {
        $pieces = [];
        foreach (Insets::of($context, ['frame', 'card']) as [$title, $inset]) {
            $mm = Millimetres::written($inset->wide).' × '.Millimetres::written($inset->tall).' mm';
            $height = min(4_000, intdiv($inset->tall, 2));
            $pieces["$inset->wide $inset->tall"] ??= new Piece(
                "Photo template $mm",
                self::name(),
                $inset->wide,
                $inset->tall,
                new Face([new SheetWords(
                    Tone::Writing,
                    0,
                    intdiv($inset->tall - $height, 2),
                    $inset->wide,
                    $height,
                    "$mm: $title",
                    intdiv($height * 7, 10),
                    Align::Middle,
                )]),
                caution: Caution::CUT,
            );
        }
        if ([] === $pieces) {
            throw PlanProblem::at('frames', 'No spread of this book has frames: add photos, covers or swatches to it.');
        }

        return array_values($pieces);
    }
}
