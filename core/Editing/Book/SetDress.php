<?php

/* How the book is dressed: all of it, a section, the months, or one spread; a dress that says nothing is taken off. */

declare(strict_types=1);

namespace AmpleMargin\Editing\Book;

use AmpleMargin\Editing\Edit;
use AmpleMargin\Editing\Edited;
use AmpleMargin\Editing\Spread\InPlan;
use AmpleMargin\Paper\Stock;
use AmpleMargin\Plan\Dress;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Section;
use AmpleMargin\Plan\Values;
use AmpleMargin\Plan\Wardrobe;
use AmpleMargin\Spread\Catalogue\Catalogue;
use AmpleMargin\Spread\Page\PageGrid;

final class SetDress implements Edit
{
    private function __construct(
        private readonly Dress $dress,
        private readonly ?string $section,
        private readonly ?string $spread,
    ) {
    }

    public static function type(): string
    {
        return 'set-dress';
    }

    public static function read(Values $values): self
    {
        $section = $values->textOrNull('section', 20);
        if (null !== $section && Wardrobe::MONTHS !== $section && null === Section::tryFrom($section)) {
            throw PlanProblem::at($values->path('section'), "There is no section “{$section}” to dress.");
        }

        return new self(Dress::read($values->inside('dress')), $section, $values->textOrNull('spread', 40));
    }

    public function on(Plan $plan, Catalogue $catalogue): Edited
    {
        $whose = match (true) {
            null !== $this->spread => InPlan::name(InPlan::spread($plan, $this->spread), $catalogue),
            null !== $this->section => Section::tryFrom($this->section)?->words() ?? 'the months',
            default => 'the book',
        };

        $this->leavesRoom($plan->stock);

        return new Edited(
            $plan->with(['dress' => $plan->dress->with($this->dress, $this->section, $this->spread)]),
            'Another dress for '.$whose,
        );
    }

    /** @throws PlanProblem where a border and a free foot leave too little of a page */
    private function leavesRoom(Stock $stock): void
    {
        [$border, $foot] = [$this->dress->border ?? 0, $this->dress->foot ?? 0];
        [$across, $down] = [$stock->across - 2 * $border, $stock->down - 2 * $border - $foot];
        if (min($across, $down) < PageGrid::LEAST) {
            throw PlanProblem::at('dress', "A border of $border and $foot free at the foot leave $across × $down of $stock->across × "
                ."$stock->down boxes; a page needs ".PageGrid::LEAST.' × '.PageGrid::LEAST.' at least.');
        }
    }
}
