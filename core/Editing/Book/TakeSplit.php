<?php

/* A split of the counting bench goes as pencil ticks into a page. */

declare(strict_types=1);

namespace AmpleMargin\Editing\Book;

use AmpleMargin\Counting\Plural;
use AmpleMargin\Editing\Edit;
use AmpleMargin\Editing\Edited;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\SplitReader;
use AmpleMargin\Plan\TakenSplit;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class TakeSplit implements Edit
{
    public function __construct(private readonly TakenSplit $taken)
    {
    }

    public static function type(): string
    {
        return 'take-split';
    }

    public static function read(Values $values): self
    {
        $taken = SplitReader::taken($values, 'taken');
        if (null === $taken->split()) {
            throw PlanProblem::at($values->path('policy'), 'This school has no answer for this side: choose another, or another gap.');
        }

        return new self($taken);
    }

    public function on(Plan $plan, Catalogue $catalogue): Edited
    {
        if (\count($plan->taken) >= TakenSplit::MOST) {
            throw PlanProblem::at('edit/on', 'A plan takes at most '.TakenSplit::MOST.' splittings from the counting bench.');
        }
        $taken = $this->taken->as('taken-'.(\count($plan->taken) + 1));

        return new Edited($plan->with(['taken' => [...$plan->taken, $taken]]), Plural::boxes($taken->side()).' split');
    }
}
