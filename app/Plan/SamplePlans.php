<?php

/* The sample notebooks: invented, for the demo. */

declare(strict_types=1);

namespace App\Plan;

use AmpleMargin\Book\Composer;
use AmpleMargin\Plan\Plan;

final class SamplePlans
{
    public function __construct(private readonly PlanFiles $files)
    {
    }

    /** A full year 2027 in an A5 book of 26 × 38 boxes and 192 pages. */
    public function fullYear(): Plan
    {
        return $this->read('full-year-2027');
    }

    /** July to December 2027 in a B5 book of 31 × 46 boxes and 160 pages, which carries on from that: doors, a window, savings. */
    public function halfYear(): Plan
    {
        return $this->read('half-year-2027');
    }

    /** 2026 in an A5 book of 168 pages, used until October; its months ran over. What the others can be planned from. */
    public function lastYear(): Plan
    {
        return $this->read('last-year-2026');
    }

    /**
     * The steps that are done of a sample: all of each page that was timed.
     *
     * @return list<array{drawing: string, step: string}>
     */
    public static function done(Plan $plan): array
    {
        $book = Composer::compose($plan);
        $done = [];
        foreach ($plan->making->timed as $timed) {
            foreach ($book->spreadDrawings($timed->on)[$timed->nth]->steps ?? [] as $step) {
                $done[] = ['drawing' => $timed->on, 'step' => $step->key];
            }
        }

        return $done;
    }

    private function read(string $name): Plan
    {
        [$plan] = $this->files->read((string) file_get_contents(__DIR__."/samples/$name.plan.json"));

        return $plan;
    }
}
