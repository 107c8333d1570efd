<?php

/* A kind of the person's own goes out of the plan; its spreads stay as they are, each a page of parts by itself. */

declare(strict_types=1);

namespace AmpleMargin\Editing\Kind;

use AmpleMargin\Editing\Edit;
use AmpleMargin\Editing\Edited;
use AmpleMargin\Plan\OwnKind;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlannedSpread;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class RemoveKind implements Edit
{
    public function __construct(private readonly string $kind)
    {
    }

    public static function type(): string
    {
        return 'remove-kind';
    }

    public static function read(Values $values): self
    {
        return new self($values->text('kind', '', 80));
    }

    public function on(Plan $plan, Catalogue $catalogue): Edited
    {
        $kind = $plan->kind($this->kind) ?? throw PlanProblem::at('edit/kind', 'This kind of your own is not in the plan any more.');
        $page = $catalogue->byHand()->id;

        return new Edited($plan->with([
            'kinds' => array_values(array_filter($plan->kinds, static fn (OwnKind $one): bool => $one !== $kind)),
            'spreads' => array_map(static fn (PlannedSpread $one): PlannedSpread => $one->kind === $kind->id
                ? $one->with(['kind' => $page, 'title' => $catalogue->title($one), 'settings' => ['parts' => $kind->parts]])
                : $one, $plan->spreads),
        ]), "$kind->name is a kind no more");
    }
}
