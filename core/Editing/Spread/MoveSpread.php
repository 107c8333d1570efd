<?php

/* A spread goes before another one, or to the end of a section. */

declare(strict_types=1);

namespace AmpleMargin\Editing\Spread;

use AmpleMargin\Editing\Edit;
use AmpleMargin\Editing\Edited;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlannedSpread;
use AmpleMargin\Plan\Section;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class MoveSpread implements Edit
{
    /**
     * @param Section|null $section null for the one it stands in
     * @param string|null  $before  a spread's id; null for the end of the section
     */
    public function __construct(private readonly string $spread, private readonly ?Section $section, private readonly ?string $before)
    {
    }

    public static function type(): string
    {
        return 'move-spread';
    }

    public static function read(Values $values): self
    {
        return new self(
            $values->text('spread', '', 40),
            $values->has('section') ? $values->choice('section', Section::class) : null,
            $values->textOrNull('before', 40),
        );
    }

    public function on(Plan $plan, Catalogue $catalogue): Edited
    {
        $moved = InPlan::spread($plan, $this->spread);
        $said = InPlan::name($moved, $catalogue).' moved';
        if ($this->before === $moved->id) {
            return new Edited($plan, $said);
        }
        $others = array_values(array_filter($plan->spreads, static fn (PlannedSpread $spread): bool => $spread->id !== $moved->id));
        $moved = $moved->with(['section' => $this->section ?? $moved->section]);

        return new Edited($plan->with(['spreads' => InPlan::insert($others, $moved, $this->before)]), $said);
    }
}
