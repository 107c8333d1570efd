<?php

/* A page is put on an evening by hand, or packed again where no evening is named. */

declare(strict_types=1);

namespace AmpleMargin\Editing\Making;

use AmpleMargin\Editing\Edit;
use AmpleMargin\Editing\Edited;
use AmpleMargin\Paper\Stock;
use AmpleMargin\Plan\Making\Evening;
use AmpleMargin\Plan\Making\MakingPlan;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class PutPage implements Edit
{
    public function __construct(private readonly string $drawing, private readonly int $nth, private readonly ?string $evening)
    {
    }

    public static function type(): string
    {
        return 'put-page';
    }

    public static function read(Values $values): self
    {
        $drawing = $values->text('drawing', null, 60);

        return MakingPlan::isDrawing($drawing)
            ? new self($drawing, $values->count('nth', 0, Stock::MOST_PAGES, 0), $values->textOrNull('evening', 20))
            : throw PlanProblem::at($values->path('drawing'), 'This is no page of any book.');
    }

    public function on(Plan $plan, Catalogue $catalogue): Edited
    {
        $keys = array_map(static fn (Evening $one): string => $one->key(), $plan->making->evenings);
        if (null !== $this->evening && !\in_array($this->evening, $keys, true)) {
            throw PlanProblem::at('edit/evening', 'This evening is not among the free ones any more.');
        }
        $page = MakingPlan::page($this->drawing, $this->nth);
        $put = array_diff_key($plan->making->put, [$page => true]) + (null === $this->evening ? [] : [$page => $this->evening]);

        return new Edited(
            $plan->with(['making' => $plan->making->with(['put' => MakingPlan::atMost($put, 'edit/drawing')])]),
            null === $this->evening ? 'Page packed again' : 'Page put on '.strtr($this->evening, ['T' => ', ']),
        );
    }
}
