<?php

/* The free evenings, and how many months are drawn before the first day. */

declare(strict_types=1);

namespace AmpleMargin\Editing\Making;

use AmpleMargin\Counting\Plural;
use AmpleMargin\Editing\Edited;
use AmpleMargin\Editing\Offered;
use AmpleMargin\Plan\Making\Evening;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class SetEvenings implements Offered
{
    /** @param list<Evening> $evenings in the order of time */
    public function __construct(private readonly array $evenings, private readonly ?int $months = null)
    {
    }

    public static function type(): string
    {
        return 'set-evenings';
    }

    public static function read(Values $values): self
    {
        return new self(Evening::all($values, 'evenings'), $values->has('months') ? $values->count('months', 0, 12) : null);
    }

    public function on(Plan $plan, Catalogue $catalogue): Edited
    {
        $keys = array_map(static fn (Evening $one): string => $one->key(), $this->evenings);

        return new Edited($plan->with(['making' => $plan->making->with([
            'evenings' => $this->evenings,
            'months' => $this->months ?? $plan->making->months,
            // What was put on an evening that is none any more is packed again.
            'put' => array_filter($plan->making->put, static fn (string $evening): bool => \in_array($evening, $keys, true)),
        ])]), Plural::of(\count($this->evenings), 'evening', 'evenings').' for drawing');
    }

    public function written(): array
    {
        return ['type' => self::type(), 'evenings' => array_map(static fn (Evening $one): array => $one->written(), $this->evenings)]
            + (null === $this->months ? [] : ['months' => $this->months]);
    }
}
