<?php

/* How long a page took: by the timer, or as a person says; nothing, and it is forgotten. */

declare(strict_types=1);

namespace AmpleMargin\Editing\Making;

use AmpleMargin\Editing\Edit;
use AmpleMargin\Editing\Edited;
use AmpleMargin\Paper\Stock;
use AmpleMargin\Plan\Making\MakingPlan;
use AmpleMargin\Plan\Making\TimedPage;
use AmpleMargin\Plan\Making\Work;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class TimePage implements Edit
{
    private function __construct(private readonly string $drawing, private readonly int $nth, private readonly ?TimedPage $timed)
    {
    }

    public static function type(): string
    {
        return 'time-page';
    }

    public static function read(Values $values): self
    {
        $drawing = $values->text('drawing', null, 60);
        if (!MakingPlan::isDrawing($drawing)) {
            throw PlanProblem::at($values->path('drawing'), 'This is no page of any book.');
        }
        $nth = $values->count('nth', 0, Stock::MOST_PAGES, 0);
        $timed = $values->has('minutes') ? new TimedPage(
            $drawing,
            $nth,
            TimedPage::minutes($values),
            Work::read($values->inside('work')),
            $values->flag('said', false),
        ) : null;

        return new self($drawing, $nth, $timed);
    }

    public function on(Plan $plan, Catalogue $catalogue): Edited
    {
        $others = array_values(array_filter(
            $plan->making->timed,
            fn (TimedPage $one): bool => $one->on !== $this->drawing || $one->nth !== $this->nth,
        ));
        if (null !== $this->timed && \count($others) >= TimedPage::MOST) {
            throw PlanProblem::at('edit/minutes', 'A book keeps the minutes of '.TimedPage::MOST.' pages at most.');
        }

        return new Edited(
            $plan->with(['making' => $plan->making->with(['timed' => null === $this->timed ? $others : [...$others, $this->timed]])]),
            null === $this->timed ? 'Minutes of a page forgotten' : "A page took {$this->timed->minutes} minutes",
        );
    }
}
