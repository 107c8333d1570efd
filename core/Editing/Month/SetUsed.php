<?php

/* The last page a month really took; null takes it back. */

declare(strict_types=1);

namespace AmpleMargin\Editing\Month;

use AmpleMargin\Editing\Edit;
use AmpleMargin\Editing\Edited;
use AmpleMargin\Paper\Stock;
use AmpleMargin\Plan\InUse;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class SetUsed implements Edit
{
    public function __construct(private readonly string $month, private readonly ?int $page)
    {
    }

    public static function type(): string
    {
        return 'set-used';
    }

    public static function read(Values $values): self
    {
        return new self($values->text('month', '', 10), $values->has('page') ? $values->count('page', 1, Stock::MOST_PAGES) : null);
    }

    public function on(Plan $plan, Catalogue $catalogue): Edited
    {
        $month = UsePattern::month($plan, $this->month)->iso();
        $used = $plan->inUse->used;
        unset($used[$month]);
        if (null !== $this->page) {
            $page = Values::of(['page' => $this->page], 'edit')->count('page', 1, $plan->stock->pages);
            foreach ($used as $other => $last) {
                if (($other < $month && $last >= $page) || ($other > $month && $last <= $page)) {
                    throw PlanProblem::at('edit/page', "$other already ends on page $last; months follow one another.");
                }
            }
            $used[$month] = $page;
        }
        ksort($used);

        return new Edited($plan->with(['inUse' => new InUse($used, $plan->inUse->lost)]), "Pages used by $month noted");
    }
}
