<?php

/* A page is skipped or ruined, or can be used after all. */

declare(strict_types=1);

namespace AmpleMargin\Editing\Month;

use AmpleMargin\Editing\Edited;
use AmpleMargin\Editing\Offered;
use AmpleMargin\Paper\Stock;
use AmpleMargin\Plan\InUse;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class SetLost implements Offered
{
    public function __construct(private readonly int $page, private readonly bool $lost)
    {
    }

    public static function type(): string
    {
        return 'set-lost';
    }

    public static function read(Values $values): self
    {
        return new self($values->count('page', 1, Stock::MOST_PAGES), $values->flag('lost', true));
    }

    public function on(Plan $plan, Catalogue $catalogue): Edited
    {
        $page = Values::of(['page' => $this->page], 'edit')->count('page', 1, $plan->stock->pages);
        $others = array_values(array_filter($plan->inUse->lost, static fn (int $lost): bool => $lost !== $page));
        $lost = $this->lost ? [...$others, $page] : $others;
        sort($lost);

        return new Edited(
            $plan->with(['inUse' => new InUse($plan->inUse->used, $lost)]),
            $this->lost ? "Page $page skipped" : "Page $page back in use",
        );
    }

    public function written(): array
    {
        return ['type' => self::type(), 'page' => $this->page, 'lost' => $this->lost];
    }
}
