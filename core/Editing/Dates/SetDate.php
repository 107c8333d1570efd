<?php

/* Something that is known, put otherwise: its day, its words, how it comes again. */

declare(strict_types=1);

namespace AmpleMargin\Editing\Dates;

use AmpleMargin\Dates\Entry;
use AmpleMargin\Editing\Edited;
use AmpleMargin\Editing\Offered;
use AmpleMargin\Plan\DatesWriter;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class SetDate implements Offered
{
    /** @param array<string, mixed> $changes over what it says; null takes a thing away */
    public function __construct(private readonly string $date, private readonly array $changes)
    {
    }

    public static function type(): string
    {
        return 'set-date';
    }

    public static function read(Values $values): self
    {
        $changes = SaidEntry::given($values);

        return new self($values->text('date', '', 40), $changes);
    }

    public function on(Plan $plan, Catalogue $catalogue): Edited
    {
        $old = self::entry($plan, $this->date);
        $entry = SaidEntry::of(['id' => $old->id] + $this->changes + DatesWriter::entry($old), $plan);

        return new Edited($plan->with(['dates' => $plan->dates->with($entry)]), "“{$entry->words}” changed");
    }

    public function written(): array
    {
        return ['type' => self::type(), 'date' => $this->date] + $this->changes;
    }

    /** @internal @throws PlanProblem where there is none */
    public static function entry(Plan $plan, string $id): Entry
    {
        return $plan->dates->entry($id) ?? throw PlanProblem::at('edit/date', 'There is no such date.');
    }
}
