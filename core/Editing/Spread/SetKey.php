<?php

/* The symbols of a key are drawn anew; refused while two of them look alike. */

declare(strict_types=1);

namespace AmpleMargin\Editing\Spread;

use AmpleMargin\Colour\Palette;
use AmpleMargin\Editing\Edit;
use AmpleMargin\Editing\Edited;
use AmpleMargin\Key\KeyCheck;
use AmpleMargin\Key\KeyReader;
use AmpleMargin\Key\SymbolSet;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\PlanReader;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue\Catalogue;
use AmpleMargin\Spread\Catalogue\Fact;

final class SetKey implements Edit
{
    /** The screen a kind is designed on that keeps its symbols as a key does. */
    private const DESIGNER = 'key';

    /** @param bool $colours whether the page explains the pens' colours */
    public function __construct(
        private readonly string $spread,
        private readonly SymbolSet $set,
        private readonly bool $colours,
        private readonly ?Palette $palette,
    ) {
    }

    public static function type(): string
    {
        return 'set-key';
    }

    public static function read(Values $values): self
    {
        $set = KeyReader::read($values);
        if ([] === $set->symbols) {
            throw PlanProblem::at($values->path('symbols'), 'A key has at least one symbol.');
        }

        return new self($values->text('spread', '', 40), $set, $values->flag('colours', false), PlanReader::palette($values));
    }

    public function on(Plan $plan, Catalogue $catalogue): Edited
    {
        $spread = $plan->spread($this->spread);
        if (null === $spread || self::DESIGNER !== $catalogue->kind($spread->kind)?->says(Fact::Designer)) {
            throw PlanProblem::at('edit/spread', 'This key is not in the book any more.');
        }
        foreach (KeyCheck::problemsOf($this->set, $plan->stock->pitch) as $problem) {
            if ($problem->stops) {
                throw PlanProblem::at("edit/{$problem->field()}", $problem->says);
            }
        }
        $settings = ['symbols' => KeyReader::written($this->set), 'colours' => $this->colours];
        $edited = (new SetSpread($this->spread, ['settings' => $settings]))->on($plan, $catalogue);

        return new Edited($edited->plan->with(['palette' => $this->palette ?? $plan->palette]), 'Key changed');
    }
}
