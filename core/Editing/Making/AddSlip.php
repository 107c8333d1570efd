<?php

/* A slip and what saved it: the changes that save it, and its line in the log, as one. */

declare(strict_types=1);

namespace AmpleMargin\Editing\Making;

use AmpleMargin\Editing\Edit;
use AmpleMargin\Editing\Edited;
use AmpleMargin\Editing\Edits;
use AmpleMargin\Editing\Offered;
use AmpleMargin\Editing\Several;
use AmpleMargin\Plan\Making\Slip;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class AddSlip implements Offered
{
    /** Changes that save one slip: a shift or a swap, a setting, a note. */
    private const MOST = 40;

    /** @param list<Edit> $edits made before it is written down */
    public function __construct(private readonly Slip $slip, private readonly array $edits = [])
    {
    }

    public static function type(): string
    {
        return 'add-slip';
    }

    public static function read(Values $values): self
    {
        return new self(Slip::read($values->inside('slip'), 'slip'), array_map(
            static fn (Values $edit): Edit => Edits::read($edit->all()),
            $values->each('edits', self::MOST),
        ));
    }

    public function on(Plan $plan, Catalogue $catalogue): Edited
    {
        foreach ($this->edits as $edit) {
            $plan = $edit->on($plan, $catalogue->having($plan))->plan;
        }
        $slips = $plan->making->slips;
        if (\count($slips) >= Slip::MOST) {
            throw PlanProblem::at('edit/slip', 'A book keeps '.Slip::MOST.' slips at most.');
        }
        $ids = array_column($slips, 'id');
        $n = 1;
        while (\in_array("slip-$n", $ids, true)) {
            ++$n;
        }
        $making = $plan->making->with(['slips' => [...$slips, $this->slip->as("slip-$n")]]);

        return new Edited($plan->with(['making' => $making]), "Slip on page {$this->slip->page}: {$this->slip->saved}");
    }

    public function written(): array
    {
        return ['type' => self::type(), 'slip' => array_diff_key($this->slip->written(), ['id' => true])]
            + ([] === $this->edits ? [] : ['edits' => Several::each($this->edits)]);
    }
}
