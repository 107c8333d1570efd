<?php

/* How wide the person writes: the boxes a given sentence took on their paper, or null for an ordinary hand again. */

declare(strict_types=1);

namespace AmpleMargin\Editing\Book;

use AmpleMargin\Counting\Hand;
use AmpleMargin\Editing\Edit;
use AmpleMargin\Editing\Edited;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class SetHand implements Edit
{
    public function __construct(private readonly ?int $boxes)
    {
    }

    public static function type(): string
    {
        return 'set-hand';
    }

    public static function read(Values $values): self
    {
        return new self($values->has('boxes') ? $values->count('boxes', 1, 200) : null);
    }

    public function on(Plan $plan, Catalogue $catalogue): Edited
    {
        if (null === $this->boxes) {
            return new Edited($plan->with(['hand' => null]), 'An ordinary hand');
        }
        $tenths = intdiv($this->boxes * $plan->stock->pitch, 100);
        if ($tenths < Hand::LEAST || $tenths > Hand::MOST) {
            $least = intdiv(Hand::LEAST * 100 + $plan->stock->pitch - 1, $plan->stock->pitch);
            $most = intdiv(Hand::MOST * 100, $plan->stock->pitch);
            throw PlanProblem::at('edit/boxes', "By hand that sentence takes $least to $most boxes of this paper.");
        }

        return new Edited($plan->with(['hand' => Hand::measured($tenths)]), 'Your hand measured');
    }
}
