<?php

/* A spread leaves the book, and with it what was taken into its pages. */

declare(strict_types=1);

namespace AmpleMargin\Editing\Spread;

use AmpleMargin\Editing\Edited;
use AmpleMargin\Editing\Offered;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\TakenSplit;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class RemoveSpread implements Offered
{
    public function __construct(private readonly string $spread)
    {
    }

    public static function type(): string
    {
        return 'remove-spread';
    }

    public static function read(Values $values): self
    {
        return new self($values->text('spread', '', 40));
    }

    public function on(Plan $plan, Catalogue $catalogue): Edited
    {
        $gone = InPlan::spread($plan, $this->spread);
        $left = [];
        foreach ($plan->spreads as $spread) {
            if ($spread->id !== $gone->id) {
                // Nothing may face a spread that is gone.
                $left[] = $spread->faces === $gone->id ? $spread->with(['faces' => null, 'mustFace' => false]) : $spread;
            }
        }
        $taken = array_values(array_filter($plan->taken, static fn (TakenSplit $one): bool => $one->on !== $gone->id));

        return new Edited($plan->with(['spreads' => $left, 'taken' => $taken]), InPlan::name($gone, $catalogue).' removed');
    }

    public function written(): array
    {
        return ['type' => self::type(), 'spread' => $this->spread];
    }
}
