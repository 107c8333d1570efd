<?php

/*
 * A step ticked or not, as a device says it: how long ago by its own clock, so that a clock that is wrong does no harm, and under a
 * name of its own, so that it may be sent twice: twelve letters of the device, a hyphen, and a number that rises with every change.
 */

declare(strict_types=1);

namespace App\Api;

use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Values;
use App\Entity\TickedStep;

final class TickChange
{
    /** Changes that are sent at once. */
    public const MOST = 500;

    /** Milliseconds ago it may have been made: a year without the program. */
    private const OLDEST = 31_536_000_000;

    private function __construct(
        public readonly string $id,
        public readonly string $drawing,
        public readonly string $step,
        public readonly bool $done,
        public readonly int $moment,
    ) {
    }

    /** When it was made. */
    public function at(): \DateTimeImmutable
    {
        return (new \DateTimeImmutable('@'.intdiv($this->moment, 1000)))->setTimezone(new \DateTimeZone(date_default_timezone_get()));
    }

    /**
     * @param int $now ms since 1970
     *
     * @throws PlanProblem naming the field
     */
    public static function read(Values $values, int $now): self
    {
        $done = $values->all()['done'] ?? null;
        if (!\is_bool($done)) {
            throw PlanProblem::at($values->path('done'), 'Say whether the step is done.');
        }
        [$drawing, $step] = [$values->text('drawing', null, 60), $values->text('step', null, 20)];
        if (!TickedStep::isNamed($drawing, $step)) {
            throw PlanProblem::at($values->path('step'), 'This is not a step of any page.');
        }
        $id = $values->text('id', '', 36);
        if ('' !== $id && 1 !== preg_match('/^[0-9a-f-]{8,36}$/D', $id)) {
            throw PlanProblem::at($values->path('id'), 'A change is named by small letters a to f, figures and hyphens.');
        }
        $ago = $values->all()['ago'] ?? 0;
        if (!\is_int($ago)) {
            throw PlanProblem::at($values->path('ago'), 'Say how many milliseconds ago it was, as a whole number.');
        }

        // A device whose clock was put back meanwhile would say it is yet to come.
        return new self('' === $id ? bin2hex(random_bytes(16)) : $id, $drawing, $step, $done, $now - max(0, min(self::OLDEST, $ago)));
    }
}
