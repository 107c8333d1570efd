<?php

/* Strips and patches of paper that cover slips, with what is drawn on them again, to cut out along whole boxes. */

declare(strict_types=1);

namespace AmpleMargin\Book\Printing;

use AmpleMargin\Drawing\Caution;
use AmpleMargin\Drawing\Grain;
use AmpleMargin\Plan\Making\MendKind;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Sheet\Piece\Crop;
use AmpleMargin\Sheet\Piece\Piece;

final class Patches implements Printable
{
    public static function word(): string
    {
        return 'patches';
    }

    public static function name(): string
    {
        return 'Cover strips and patches';
    }

    public static function asks(): string
    {
        return '';
    }

    public function pieces(Context $context, string $said): array
    {
        $slips = [];
        foreach ($context->book->plan->whole->making->slips as $slip) {
            $slips["$slip->on $slip->nth"][] = $slip;
        }
        $pieces = [];
        for ($page = 1; [] !== $slips && $page <= $context->book->plan->stock->pages; ++$page) {
            [$name, $nth] = $context->book->nameAndNth($page);
            foreach ($slips["$name $nth"] ?? [] as $slip) {
                array_push($pieces, ...self::of($context, $page, $slip->mends));
            }
        }
        if ([] === $pieces) {
            throw PlanProblem::at('slips', 'No slip of this book is covered with paper: choose a way that does under “What now?”.');
        }

        return $pieces;
    }

    /**
     * @param list<\AmpleMargin\Plan\Making\Mend> $mends
     *
     * @return list<Piece>
     */
    private static function of(Context $context, int $page, array $mends): array
    {
        $drawing = $context->book->drawing($page)?->lying();
        $pieces = [];
        foreach ($mends as $mend) {
            if (null !== $drawing && MendKind::Patch === $mend->is && $mend->x + $mend->wide <= $drawing->across
                && $mend->y + $mend->tall <= $drawing->down) {
                $pieces[] = Crop::of(
                    $drawing,
                    array_map(Grain::of(...), [$mend->x, $mend->y, $mend->wide, $mend->tall]),
                    $context->pitch(),
                    "To cover a slip on page $page, from box $mend->x across and $mend->y down",
                    self::name(),
                    Caution::CUT,
                    true,
                );
            }
        }

        return $pieces;
    }
}
