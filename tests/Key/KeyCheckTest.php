<?php

declare(strict_types=1);

namespace Tests\Key;

use AmpleMargin\Editing\Edits;
use AmpleMargin\Key\KeyCheck;
use AmpleMargin\Key\KeyProblem;
use AmpleMargin\Key\KeyReader;
use AmpleMargin\Key\Likeness;
use AmpleMargin\Key\StarterKeys;
use AmpleMargin\Key\Stroke;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Values;
use PHPUnit\Framework\TestCase;
use Tests\Books;

final class KeyCheckTest extends TestCase
{
    private const UPRIGHT = [[2, 0, 2, 4]];

    public function testTheStarterKeysPassTheirOwnChecksFromAPitchOf3Point7On(): void
    {
        foreach (array_keys(StarterKeys::all()) as $id) {
            foreach ([3_700, 5_000, 7_000] as $pitch) {
                self::assertSame(
                    [],
                    array_map(
                        static fn (KeyProblem $one): string => "$id: $one->says",
                        (new KeyCheck(StarterKeys::set($id), $pitch))->problems(),
                    ),
                );
            }
        }
    }

    public function testTheSameMarkMovedInItsBoxIsTheSameMark(): void
    {
        $left = [new Stroke(0, 0, 0, 4)];
        $middle = [new Stroke(2, 0, 2, 4)];
        self::assertSame(0.0, Likeness::distance($left, $middle));
        self::assertSame(0.0, Likeness::distance($left, [new Stroke(0, 4, 0, 2), new Stroke(0, 2, 0, 0)]), 'drawn in two strokes, upwards');
    }

    /** By brute force: points every fiftieth of a stroke against points every fiftieth of the other, in both places. */
    public function testTheDistanceIsTheHausdorffDistanceOfTheStrokes(): void
    {
        mt_srand(11);
        $random = static function (): array {
            $strokes = [];
            for ($i = mt_rand(1, 4); $i > 0; --$i) {
                do {
                    $ends = [mt_rand(0, 4), mt_rand(0, 4), mt_rand(0, 4), mt_rand(0, 4)];
                } while ($ends[0] === $ends[2] && $ends[1] === $ends[3]);
                $strokes[] = new Stroke(...$ends);
            }

            return $strokes;
        };
        for ($i = 0; $i < 120; ++$i) {
            [$one, $two] = [$random(), $random()];
            self::assertEqualsWithDelta(self::bruteForce($one, $two), Likeness::distance($one, $two), 0.1, "pair $i");
            self::assertEqualsWithDelta(Likeness::distance($one, $two), Likeness::distance($two, $one), 1e-9, 'the same either way');
        }
    }

    /** The nearest mark is found with most pairs cut short; here every pair is measured to its end. */
    public function testTheNearestMarkIsTheNearestOfAllPairs(): void
    {
        mt_srand(17);
        for ($set = 0; $set < 12; ++$set) {
            $symbols = [];
            for ($i = 0; $i < 9; ++$i) {
                $strokes = [];
                for ($j = mt_rand(1, 5); $j > 0; --$j) {
                    [$x, $y] = [mt_rand(0, 4), mt_rand(0, 4)];
                    $strokes[] = [$x, $y, ($x + mt_rand(1, 4)) % 5, mt_rand(0, 4)];
                }
                $symbols[] = [
                    'name' => "kind $i",
                    'strokes' => $strokes,
                    'states' => [['name' => 'done', 'add' => [[mt_rand(0, 1), 0, mt_rand(2, 4), 4]]]],
                ];
            }
            $check = new KeyCheck(KeyReader::read(Values::of(['symbols' => $symbols])), 5_000);
            self::assertEquals(
                $check->problems(),
                KeyCheck::problemsOf(KeyReader::read(Values::of(['symbols' => $symbols])), 5_000),
                'the same is wrong without every distance',
            );
            foreach ($check->marks as $i => $one) {
                $least = min(array_map(
                    static fn (int $j): float => $j === $i ? \INF : Likeness::distance($one->strokes, $check->marks[$j]->strokes),
                    array_keys($check->marks),
                ));
                self::assertEqualsWithDelta($least * 0.8 / 4 * 5, $check->nearest[$i][1], 1e-9, "set $set, mark $i");
            }
        }
    }

    /** @return iterable<string, array{list<array<string, mixed>>, string, string}> */
    public static function ambiguous(): iterable
    {
        $task = ['name' => 'task', 'strokes' => self::UPRIGHT];
        yield 'two symbols drawn alike' => [
            [$task, ['name' => 'event', 'strokes' => [[1, 0, 1, 4]]]],
            'symbols/1',
            '“event” and “task” look alike: at writing size they stray 0 mm from one another, and 0.7 mm are needed.',
        ];
        yield 'a state that adds nothing' => [
            [$task + ['states' => [['name' => 'done', 'add' => []]]]],
            'symbols/0/states/0',
            '“task done” adds no stroke: in ink it cannot be told that anything changed.',
        ];
        yield 'a state whose stroke lies on what stands there' => [
            [$task + ['states' => [['name' => 'done', 'add' => [[2, 1, 2, 3]]]]]],
            'symbols/0/states/0',
            '“task done” and “task” look alike: at writing size they stray 0 mm from one another, and 0.7 mm are needed.',
        ];
        yield 'a state that turns into another symbol' => [
            [
                $task + ['states' => [['name' => 'done', 'add' => [[0, 0, 4, 0]]]]],
                ['name' => 'event', 'strokes' => [[0, 0, 4, 0], [2, 0, 2, 4]]],
            ],
            'symbols/1',
            '“event” and “task done” look alike: at writing size they stray 0 mm from one another, and 0.7 mm are needed.',
        ];
        yield 'states that lead round in a circle' => [
            [$task + ['states' => [
                ['name' => 'begun', 'add' => [[0, 0, 4, 0]], 'after' => 1],
                ['name' => 'done', 'add' => [[0, 4, 4, 4]], 'after' => 0],
            ]]],
            'symbols/0/states/0',
            '“task begun” cannot be reached: the states lead round in a circle, or from one that is not there.',
        ];
        yield 'a symbol without a name' => [[['name' => ' ', 'strokes' => self::UPRIGHT]], 'symbols/0', 'Say what this mark stands for.'];
        yield 'a symbol without a stroke' => [[['name' => 'task', 'strokes' => []]], 'symbols/0', '“task” has no stroke yet.'];
        yield 'two of one name' => [[$task, ['name' => 'Task', 'strokes' => [[0, 0, 4, 0]]]], 'symbols/1', 'Two marks are called “Task”.'];
        yield 'a stroke off its dots' => [
            [['name' => 'task', 'strokes' => [[0, 0, 5, 0]]]],
            'symbols/0/strokes',
            'A stroke goes from one dot to another of the 5 × 5 dots of a symbol.',
        ];
    }

    /** @param list<array<string, mixed>> $symbols */
    #[\PHPUnit\Framework\Attributes\DataProvider('ambiguous')]
    public function testAnAmbiguousKeyIsRefusedAtItsPlaceAndThePlanStays(array $symbols, string $field, string $says): void
    {
        try {
            Edits::apply(Books::starter(), ['type' => 'set-key', 'spread' => 'key', 'symbols' => $symbols]);
            self::fail('This key was taken.');
        } catch (PlanProblem $problem) {
            self::assertSame([$field, $says], [preg_replace('#^edit/#', '', $problem->field), $problem->getMessage()]);
        }
    }

    public function testAStateReachedFromAStateStandsOnAllStrokesBefore(): void
    {
        $set = KeyReader::read(Values::of(['symbols' => [[
            'name' => 'task',
            'strokes' => self::UPRIGHT,
            'states' => [['name' => 'begun', 'add' => [[0, 0, 4, 0]]], ['name' => 'done', 'add' => [[0, 4, 4, 4]], 'after' => 0]],
        ]]]));
        self::assertSame([[2, 0, 2, 4], [0, 0, 4, 0], [0, 4, 4, 4]], KeyReader::lines($set->symbols[0]->reached(1) ?? []));
        self::assertSame(3, $set->shapes());
        self::assertSame([], (new KeyCheck($set, 5_000))->problems());
    }

    public function testMoreThanNineShapesAreTooManyToRememberButMayBeUsed(): void
    {
        $symbols = [];
        foreach ([
            [0, 0, 4, 0],
            [0, 0, 0, 4],
            [0, 0, 4, 4],
            [4, 0, 0, 4],
            [0, 4, 2, 0],
            [2, 0, 4, 4],
            [0, 1, 4, 3],
            [1, 0, 3, 4],
            [4, 1, 0, 3],
            [3, 0, 1, 4],
        ] as $i => $stroke) {
            $symbols[] = ['name' => "kind $i", 'strokes' => [$stroke, [0, 0, 4, 4 - $i % 3]]];
        }
        $set = KeyReader::read(Values::of(['symbols' => $symbols]));
        $warned = array_filter((new KeyCheck($set, 5_000))->problems(), static fn (KeyProblem $one): bool => !$one->stops);
        self::assertStringStartsWith('10 shapes to remember', array_values($warned)[0]->says);
    }

    public function testAFineGridNeedsMarksFurtherApart(): void
    {
        $symbols = [['name' => 'task', 'strokes' => self::UPRIGHT], ['name' => 'event', 'strokes' => [[2, 0, 2, 4], [2, 0, 4, 0]]]];
        $set = KeyReader::read(Values::of(['symbols' => $symbols]));
        self::assertSame([], (new KeyCheck($set, 5_000))->problems());
        self::assertCount(1, (new KeyCheck($set, 3_000))->problems());
    }

    public function testADesignedKeyIsDrawnAndComesBackFromItsFile(): void
    {
        $symbols = [[
            'name' => 'shift',
            'strokes' => [[0, 0, 4, 0], [4, 0, 4, 4]],
            'states' => [['name' => 'swapped', 'add' => [[0, 4, 4, 4]]]],
        ]];
        $plan = Edits::apply(
            Books::starter(),
            [
                'type' => 'set-key',
                'spread' => 'key',
                'symbols' => $symbols,
                'colours' => true,
                'palette' => [['colour' => '#1F5FA8', 'means' => 'tram']],
            ],
        )->plan;
        self::assertSame($symbols, $plan->spread('key')->settings['symbols'] ?? null);
        self::assertSame('#1f5fa8', $plan->pens()->pens[0]->colour);
        $files = Books::files();
        [$again] = $files->read($files->file($plan, []));
        self::assertEquals($plan, $again);
        $drawing = Books::pagesOf($plan, 'key')[0];
        $words = array_map(static fn ($mark): string => $mark instanceof \AmpleMargin\Drawing\Words ? $mark->text : '', $drawing->marks);
        self::assertContains('shift swapped', $words);
        self::assertContains('tram', $words);
    }

    /**
     * @param list<Stroke> $one
     * @param list<Stroke> $two
     */
    private static function bruteForce(array $one, array $two): float
    {
        $points = static function (array $strokes): array {
            $all = [];
            foreach ($strokes as $stroke) {
                for ($i = 0; $i <= 50; ++$i) {
                    $all[] = [$stroke->x + ($stroke->toX - $stroke->x) * $i / 50, $stroke->y + ($stroke->toY - $stroke->y) * $i / 50];
                }
            }

            return $all;
        };
        [$a, $b] = [$points($one), $points($two)];
        $middle = static fn (array $all, int $way): float => (min(array_column($all, $way)) + max(array_column($all, $way))) / 2;
        $best = \INF;
        foreach ([[0.0, 0.0], [$middle($b, 0) - $middle($a, 0), $middle($b, 1) - $middle($a, 1)]] as [$dx, $dy]) {
            $moved = array_map(static fn (array $at): array => [$at[0] + $dx, $at[1] + $dy], $a);
            $far = static fn (array $from, array $to): float => max(array_map(
                static fn (array $p): float => min(array_map(static fn (array $q): float => hypot($p[0] - $q[0], $p[1] - $q[1]), $to)),
                $from,
            ));
            $best = min($best, max($far($moved, $b), $far($b, $moved)));
        }

        return $best;
    }
}
