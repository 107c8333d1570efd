<?php

declare(strict_types=1);

namespace Tests\Drawing;

use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Step;
use AmpleMargin\Drawing\Task;
use PHPUnit\Framework\TestCase;

final class StepTest extends TestCase
{
    /** What was ticked stays ticked when the program says the act in other words, on every page and in every half it is drawn. */
    public function testAnActThatIsSaidOtherwiseKeepsItsTick(): void
    {
        $before = self::step('Write the names over the columns.');
        $now = self::step('Write the heads.', ['Write the names.', 'Write the names over the columns.']);
        self::assertNotSame($before->key, $now->key);
        foreach ([
            static fn (Step $step): Step => $step,
            static fn (Step $step): Step => $step->onPage(2),
            static fn (Step $step): Step => $step->below(19, 4, 'lower-', 'in the lower half'),
            static fn (Step $step): Step => $step->later(7)->adding('Then rest.'),
        ] as $nth => $drawn) {
            self::assertTrue($drawn($now)->isDone([$drawn($before)->key => true]), "way $nth");
            self::assertFalse($drawn($now)->isDone([$drawn(self::step('Write the dates.'))->key => true]), "way $nth");
        }
    }

    public function testWhatIsSaidUnderItsOwnKeyCounts(): void
    {
        $now = self::step('Write the heads.', ['Write the names.']);
        $old = self::step('Write the names.')->key;
        self::assertFalse($now->isDone([$old => true, $now->key => false]), 'taken back since');
        self::assertTrue($now->isDone([$old => false, $now->key => true]));
        self::assertFalse($now->isDone([]));
    }

    public function testAStepInOtherCountsIsAnotherAct(): void
    {
        $now = self::step('Write the heads.', ['Write the names.']);
        self::assertFalse($now->retold('Write 8 heads.', ['3'])->isDone([$now->key => true, self::step('Write the names.')->key => true]));
    }

    /** Two acts in the same words are two steps, and so they were before. */
    public function testTheSameWordsTwiceAreTwoSteps(): void
    {
        $both = static function (string $text, array $was): array {
            $canvas = new Canvas(26, 38);
            $canvas->step(Task::Write, $text, was: $was);
            $canvas->step(Task::Write, $text, was: $was);

            return $canvas->finish()->steps;
        };
        [$first, $second] = $both('Rule.', []);
        [$now, $next] = $both('Draw.', ['Rule.']);
        self::assertTrue($now->isDone([$first->key => true]));
        self::assertFalse($next->isDone([$first->key => true]));
        self::assertTrue($next->isDone([$second->key => true]));
    }

    /** @param list<string> $was */
    private static function step(string $text, array $was = []): Step
    {
        $canvas = new Canvas(26, 38);
        $canvas->step(Task::Write, $text, was: $was);

        return $canvas->finish()->steps[0];
    }
}
