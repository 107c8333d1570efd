<?php

/* A label for every frame and swatch: its name or number, as wide as the place kept for it, a box tall. */

declare(strict_types=1);

namespace AmpleMargin\Book\Printing;

use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Caution;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Sheet\Piece\TrueSize;

final class FrameLabels implements Printable
{
    public static function word(): string
    {
        return 'labels';
    }

    public static function name(): string
    {
        return 'Swatch and frame labels';
    }

    public static function asks(): string
    {
        return '';
    }

    public function pieces(Context $context, string $said): array
    {
        $pieces = [];
        foreach (Insets::of($context, ['frame']) as [$title, $inset]) {
            if ('' !== $inset->name && $inset->label > 0) {
                $canvas = new Canvas($inset->label, 1);
                $canvas->step(Task::Write, 'Cut along the edges.');
                $canvas->words(Layer::Writing, 0, 0, $inset->label, 1, $inset->name, Align::Middle);
                $pieces[] = TrueSize::cutOut(
                    $canvas->finish(),
                    $context->pitch(),
                    "“{$inset->name}”, $title",
                    self::name(),
                    Caution::CUT,
                    false,
                    true,
                );
            }
        }
        if ([] === $pieces) {
            throw PlanProblem::at(
                'labels',
                'No spread of this book has frames with names or numbers: add swatches, photos or covers to it.',
            );
        }

        return $pieces;
    }
}
