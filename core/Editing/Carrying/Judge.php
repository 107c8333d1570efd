<?php

/* What a person says of one spread of the old book; what is not named stays as it was said before. */

declare(strict_types=1);

namespace AmpleMargin\Editing\Carrying;

use AmpleMargin\Editing\Edit;
use AmpleMargin\Editing\Edited;
use AmpleMargin\Plan\Old\OldBook;
use AmpleMargin\Plan\Old\OldReader;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class Judge implements Edit
{
    /** @param array<array-key, mixed> $said looked, verdict, how, took, half, filled, items: those that are said */
    public function __construct(private readonly string $spread, private readonly array $said)
    {
    }

    public static function type(): string
    {
        return 'judge';
    }

    public static function read(Values $values): self
    {
        return new self($values->text('spread', '', 40), array_diff_key($values->all(), ['type' => true, 'spread' => true]));
    }

    public function on(Plan $plan, Catalogue $catalogue): Edited
    {
        $old = self::old($plan);
        $spread = $old->spread($this->spread) ?? throw PlanProblem::at('edit/spread', 'The old book has no such spread.');
        $judged = OldReader::said(Values::of($this->said, 'edit'), $spread);
        $title = $catalogue->title($judged->spread);

        return new Edited(
            $plan->with(['old' => $old->judged($judged)]),
            $title.': '.($judged->verdict === $spread->verdict ? 'reviewed' : $judged->verdict->value ?? 'not judged'),
        );
    }

    /** @internal @throws PlanProblem where the plan has no old book */
    public static function old(Plan $plan): OldBook
    {
        return $plan->old ?? throw PlanProblem::at('edit', 'No old book was chosen to be reviewed.');
    }
}
