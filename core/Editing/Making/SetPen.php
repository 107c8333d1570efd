<?php

/* A pen as it was seen on this paper: a new row of the test page, or one filled in again. */

declare(strict_types=1);

namespace AmpleMargin\Editing\Making;

use AmpleMargin\Editing\Edit;
use AmpleMargin\Editing\Edited;
use AmpleMargin\Plan\Making\TestedPen;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class SetPen implements Edit
{
    private function __construct(private readonly TestedPen $pen, private readonly bool $new)
    {
    }

    public static function type(): string
    {
        return 'set-pen';
    }

    public static function read(Values $values): self
    {
        $pen = $values->inside('pen');

        return new self(TestedPen::read($pen, 'pen'), !$pen->has('id'));
    }

    public function on(Plan $plan, Catalogue $catalogue): Edited
    {
        $pens = $plan->making->pens;
        $ids = array_column($pens, 'id');
        if (!$this->new) {
            $at = array_search($this->pen->id, $ids, true);
            if (false === $at) {
                throw PlanProblem::at('edit/pen', 'This pen is not on the list any more.');
            }
            $pens[$at] = $this->pen;

            return new Edited($plan->with(['making' => $plan->making->with(['pens' => array_values($pens)])]), "{$this->pen->name} tested");
        }
        if (\count($pens) >= TestedPen::MOST) {
            throw PlanProblem::at('edit/pen', 'A book keeps '.TestedPen::MOST.' pens at most.');
        }
        $n = 1;
        while (\in_array("pen-$n", $ids, true)) {
            ++$n;
        }
        $pen = TestedPen::read(Values::of(['id' => "pen-$n"] + $this->pen->written(), 'edit/pen'));

        return new Edited($plan->with(['making' => $plan->making->with(['pens' => [...$pens, $pen]])]), "$pen->name added");
    }
}
