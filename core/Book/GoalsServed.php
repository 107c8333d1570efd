<?php

/* Goals of the quarters and challenges of the months know each other: which challenge serves no goal there is, and which goal
 * no month serves. Nothing is said where one of the two is not written down yet. */

declare(strict_types=1);

namespace AmpleMargin\Book;

use AmpleMargin\Drawing\Finding;
use AmpleMargin\Plan\BookPlan;
use AmpleMargin\Spread\Catalogue\Catalogue;
use AmpleMargin\Spread\Catalogue\Fact;
use AmpleMargin\Spread\Catalogue\HeldLists;
use AmpleMargin\Spread\Filling\Challenge;

/** @internal to Book */
final class GoalsServed implements SaysFindings
{
    public function __construct(private readonly BookPlan $plan, private readonly Catalogue $catalogue)
    {
    }

    /** @return list<Finding> */
    public function findings(): array
    {
        [$goals, $challenges] = [$this->goals(), $this->challenges()];
        if ([] === $goals || [] === $challenges) {
            return [];
        }
        $findings = [];
        $served = [];
        foreach ($challenges as [$spread, $challenge]) {
            $serves = self::alike($challenge->serves ?? '');
            if (isset($goals[$serves])) {
                $served[$serves] = true;
            } else {
                $findings[] = new Finding($spread, null === $challenge->serves
                    ? "“{$challenge->says}” names no goal of a quarter. Write → and the goal behind it."
                    : "“{$challenge->says}” serves “{$challenge->serves}”, which is no goal of a quarter.", [], false);
            }
        }
        foreach (array_diff_key($goals, $served) as [$spread, $goal]) {
            $findings[] = new Finding($spread, "No month’s challenge serves “{$goal}”.", [], false);
        }

        return $findings;
    }

    /** @return array<string, array{string, string}> as it is compared → spread and goal */
    private function goals(): array
    {
        $goals = [];
        foreach ($this->written(goals: true) as [$spread, $line]) {
            if (!str_ends_with($line, ':')) {
                $goals[self::alike($line)] = [$spread, $line];
            }
        }

        return $goals;
    }

    /** @return list<array{string, Challenge}> spread and challenge */
    private function challenges(): array
    {
        return array_map(
            static fn (array $one): array => [$one[0], Challenge::read($one[1])],
            $this->written(goals: false),
        );
    }

    /** @return list<array{string, string}> spread and line */
    private function written(bool $goals): array
    {
        $written = [];
        foreach ($this->plan->spreads as $spread) {
            $kind = $this->catalogue->of($spread);
            $lines = null === $kind ? [] : HeldLists::of($kind, $goals ? Fact::Goals : Fact::Challenges, $spread->settings);
            foreach ($lines as $line) {
                $written[] = [$spread->id, $line];
            }
        }

        return $written;
    }

    /** Capitals and blanks make no other goal. */
    private static function alike(string $words): string
    {
        return mb_strtolower((string) preg_replace('/\s+/u', ' ', trim($words)));
    }
}
