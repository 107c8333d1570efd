<?php

/* The pages of a spread of the old book, drawn on its paper as the program would have drawn them. */

declare(strict_types=1);

namespace AmpleMargin\Book\Carrying;

use AmpleMargin\Book\Composer;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Plan\MonthPlan;
use AmpleMargin\Plan\Old\OldBook;
use AmpleMargin\Plan\Old\OldSpread;
use AmpleMargin\Plan\Pattern;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class OldPages
{
    /** @return list<PageDrawing> none where nobody knows its kind */
    public static function of(OldBook $old, OldSpread $one, Catalogue $catalogue): array
    {
        $pattern = new Pattern('none', 'None', []);
        $plan = new Plan(
            $old->title,
            $old->stock,
            $old->period,
            $old->weeks,
            [$one->spread],
            new MonthPlan([$pattern], $pattern->id),
            kinds: $old->kinds,
            dates: $old->dates,
        );

        return null === $catalogue->having($plan)->kind($one->spread->kind)
            ? []
            : Composer::compose($plan, catalogue: $catalogue)->spreadDrawings($one->spread->id);
    }
}
