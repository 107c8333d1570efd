<?php

/* Two spreads change places: in the order, in their sections and books, and where they are pinned. */

declare(strict_types=1);

namespace AmpleMargin\Editing\Spread;

use AmpleMargin\Editing\Edit;
use AmpleMargin\Editing\Edited;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlannedSpread;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class SwapSpreads implements Edit
{
    public function __construct(private readonly string $spread, private readonly string $with)
    {
    }

    public static function type(): string
    {
        return 'swap-spreads';
    }

    public static function read(Values $values): self
    {
        return new self($values->text('spread', '', 40), $values->text('with', '', 40));
    }

    public function on(Plan $plan, Catalogue $catalogue): Edited
    {
        $one = InPlan::spread($plan, $this->spread);
        $other = InPlan::spread($plan, $this->with);
        $spreads = array_map(static fn (PlannedSpread $spread): PlannedSpread => match ($spread->id) {
            $one->id => self::inPlaceOf($other, $one),
            $other->id => self::inPlaceOf($one, $other),
            default => $spread,
        }, $plan->spreads);

        return new Edited(
            $plan->with(['spreads' => $spreads]),
            InPlan::name($one, $catalogue).' and '.InPlan::name($other, $catalogue).' changed places',
        );
    }

    private static function inPlaceOf(PlannedSpread $spread, PlannedSpread $place): PlannedSpread
    {
        return $spread->with(['section' => $place->section, 'book' => $place->book, 'pin' => $place->pin]);
    }
}
