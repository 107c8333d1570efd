<?php

/* How weeks are drawn in every month: first day, school, pages. */

declare(strict_types=1);

namespace AmpleMargin\Plan;

use AmpleMargin\Calendar\Weekday;
use AmpleMargin\Calendar\WeekSchool;

final class WeekPlan
{
    public function __construct(
        public readonly Weekday $first = Weekday::Monday,
        public readonly WeekSchool $school = WeekSchool::MostDays,
        public readonly WeekPages $pages = WeekPages::One,
    ) {
    }
}
