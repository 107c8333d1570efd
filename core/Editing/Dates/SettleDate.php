<?php

/* What became of a date when its month was set up: copied into it, dropped, put off to another month, or open again. */

declare(strict_types=1);

namespace AmpleMargin\Editing\Dates;

use AmpleMargin\Dates\KnownDates;
use AmpleMargin\Editing\Edit;
use AmpleMargin\Editing\Edited;
use AmpleMargin\Plan\DatesReader;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class SettleDate implements Edit
{
    /** @param string|null $as "copied", "dropped", a month, or null where it is open again */
    private function __construct(private readonly string $key, private readonly ?string $as)
    {
    }

    public static function type(): string
    {
        return 'settle-date';
    }

    public static function read(Values $values): self
    {
        $key = $values->text('key', '', 60);
        if (1 !== preg_match('/^[a-z0-9-]+@\d{4}-\d{2}(-\d{2})?!?$/', $key)) {
            throw PlanProblem::at($values->path('key'), 'This names no date of a month.');
        }

        return new self(
            $key,
            $values->has('as') ? DatesReader::settlement($values->text('as', '', 10), $values->path('as')) : null,
        );
    }

    public function on(Plan $plan, Catalogue $catalogue): Edited
    {
        $words = SetDate::entry($plan, explode('@', $this->key)[0])->words;

        return new Edited($plan->with(['dates' => $plan->dates->settling($this->key, $this->as)]), "“{$words}” ".match ($this->as) {
            null => 'open again',
            KnownDates::COPIED => 'copied',
            KnownDates::DROPPED => 'dropped',
            default => "put off to $this->as",
        });
    }
}
