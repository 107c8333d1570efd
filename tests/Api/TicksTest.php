<?php

/* Ticks of several devices: the later one counts, none is lost or doubled, whatever order they come in and whatever a clock says. */

declare(strict_types=1);

namespace Tests\Api;

use Tests\Thorough;

final class TicksTest extends ApiTestCase
{
    public function testOfTwoDevicesTheLaterTickCountsWhicheverIsSentFirst(): void
    {
        $path = $this->path();
        // The phone ticked an hour ago without the program; the laptop took the tick back half an hour ago.
        $this->send($path, [$this->change('mood', 'aa', false, 1_800_000)]);
        $this->send($path, [$this->change('mood', 'aa', true, 3_600_000)]);
        self::assertSame([], $this->ticked($path));
        $this->send($path, [$this->change('mood', 'aa', true, 900_000)]);
        self::assertSame(['mood aa'], $this->ticked($path));
    }

    public function testWhatIsSentTwiceCountsOnceAndChangesNothing(): void
    {
        $path = $this->path();
        $changes = [$this->change('mood', 'aa', true, 5_000), $this->change('mood', 'bb', true, 4_000)];
        $first = $this->send($path, $changes);
        self::assertSame($first, $this->send($path, $changes), 'the answer that was lost is asked for again');
        self::assertSame(['mood aa', 'mood bb'], $this->ticked($path));
    }

    /** A slow request must not turn a device's own order round: it counts its changes. */
    public function testChangesOfOneDeviceKeepTheirOrderHoweverLongTheyWereUnderWay(): void
    {
        $path = $this->path();
        $named = fn (int $nth, bool $done, int $ago): array => ['id' => "abcdef012345-$nth"] + $this->change('mood', 'aa', $done, $ago);
        $this->send($path, [$named(1_800_000_000_001, true, 0)]);
        // Taken back after that, though it seems to have been a second before.
        $this->send($path, [$named(1_800_000_000_002, false, 1_000)]);
        self::assertSame([], $this->ticked($path));
        $this->send($path, [$named(1_800_000_000_001, true, 0)]);
        self::assertSame([], $this->ticked($path), 'the first one again');
        $this->send($path, [['id' => 'fedcba987654-1'] + $this->change('mood', 'aa', true, 0)]);
        self::assertSame(['mood aa'], $this->ticked($path), 'another device, later');
        $this->send($path, [$named(1_800_000_000_003, false, 3_600_000)]);
        self::assertSame(['mood aa'], $this->ticked($path), 'and this one, an hour earlier than that');
    }

    /** A device that was put back a day, one that is a year ahead, and one without a battery: only how long ago it was is said. */
    public function testAClockThatIsWrongDoesNoHarm(): void
    {
        $path = $this->path();
        $this->send($path, [$this->change('mood', 'aa', true, -86_400_000)]);
        $this->send($path, [['ago' => 9_000_000_000_000_000] + $this->change('mood', 'bb', true, 0)]);
        $this->send($path, [$this->change('mood', 'aa', false, 0)]);
        self::assertSame(['mood bb'], $this->ticked($path));
    }

    public function testTheTimeOfATickIsWhenItWasMadeNotWhenItWasSent(): void
    {
        $path = $this->path();
        $this->send($path, [$this->change('mood', 'aa', true, 7_200_000)]);
        $at = (string) (new \PDO("sqlite:$this->database"))->query('SELECT at FROM ticked_step')->fetchColumn();
        self::assertEqualsWithDelta(time() - 7_200, (int) strtotime($at), 5);
        // Ticked again, it was still done then: the page was timed by the first.
        $this->send($path, [$this->change('mood', 'aa', true, 0)]);
        self::assertSame($at, (new \PDO("sqlite:$this->database"))->query('SELECT at FROM ticked_step')->fetchColumn());
    }

    public function testAllChangesAreKeptOrNone(): void
    {
        $path = $this->path();
        foreach ([
            ['step' => 'AA'],
            ['drawing' => ''],
            ['done' => 'yes'],
            ['id' => '../x'],
            ['ago' => '5'],
            ['ago' => 1.5],
        ] as $wrong) {
            $changes = [$this->change('mood', 'aa', true, 0), $wrong + $this->change('mood', 'bb', true, 0)];
            $problem = $this->call('POST', "$path/ticks", ['changes' => $changes], 422);
            self::assertStringStartsWith('changes/1', $problem['field']);
        }
        $this->call('POST', "$path/ticks", ['changes' => array_fill(0, 501, $this->change('mood', 'aa', true, 0))], 422);
        $this->call('POST', "$path/ticks", ['changes' => 'all'], 422);
        self::assertSame([], $this->ticked($path));
        self::assertSame(0, $this->call('GET', "$path/state")['ticks']);
    }

    public function testTheStateTellsAnotherDeviceThatSomethingChanged(): void
    {
        $path = $this->path();
        $was = $this->call('GET', "$path/state");
        $this->send($path, [$this->change('mood', 'aa', true, 0)]);
        $now = $this->call('GET', "$path/state");
        self::assertSame([$was['version'], $was['ticks'] + 1], [$now['version'], $now['ticks']]);
        $this->call('GET', '/notebooks/none/state', null, 404);
    }

    /**
     * Random journeys of three devices that tick without the program, come back in any order and send some of it twice: what stands at the
     * end is what a list of all changes in the order they were made gives.
     */
    public function testRandomJourneysOfThreeDevicesEndAsTheyWereTicked(): void
    {
        for ($seed = 1; $seed <= Thorough::of(12, 80); ++$seed) {
            mt_srand($seed);
            $path = $this->path();
            $made = [];
            for ($i = 0; $i < 60; ++$i) {
                // A minute apart, so that no two are made at the same moment.
                $made[] = $this->change('mood', 's'.mt_rand(1, 8), 0 !== mt_rand(0, 2), 60_000 * (100 - $i));
            }
            $expected = [];
            foreach ($made as $change) {
                $expected["mood {$change['step']}"] = $change['done'];
            }
            $queues = [[], [], []];
            foreach ($made as $change) {
                $queues[mt_rand(0, 2)][] = $change;
            }
            while ([] !== array_filter($queues, static fn (array $queue): bool => [] !== $queue)) {
                $device = mt_rand(0, 2);
                $some = \array_slice($queues[$device], 0, mt_rand(1, 10));
                if ([] !== $some) {
                    $this->send($path, $some);
                    // The answer was lost: the same is sent again.
                    $queues[$device] = 0 === mt_rand(0, 3) ? $queues[$device] : \array_slice($queues[$device], \count($some));
                }
            }
            $ticked = array_keys(array_filter($expected));
            sort($ticked);
            self::assertSame($ticked, $this->ticked($path), "seed $seed");
        }
    }

    /** Drawing goes on where it stopped: on that page while something is left of it, then on the next one, whichever was drawn first. */
    public function testDrawingGoesOnWhereItStopped(): void
    {
        $book = $this->make();
        $at = "/notebooks/{$book['id']}";
        $begun = fn (): array => [
            $this->call('GET', '/notebooks')['notebooks'][0]['begun'],
            $this->call('GET', "$at/sittings/stopped")['stopped']['page'] ?? null,
        ];
        self::assertSame([false, null], $begun());
        $spreads = array_values(array_filter($book['spreads'], static fn (array $one): bool => null !== $one['page']));
        usort($spreads, static fn (array $one, array $other): int => $one['page'] <=> $other['page']);
        $steps = function (int $page) use ($at): array {
            $found = [];
            foreach ($this->call('GET', "$at/openings/$page")['groups'] as $group) {
                foreach ($group['steps'] as $step) {
                    if ($step['page'] === $page) {
                        $found[] = [$group['drawing'], $step['key']];
                    }
                }
            }

            return $found;
        };
        $moment = 9_000_000;
        $tick = function (array $steps) use ($at, &$moment): void {
            foreach ($steps as [$drawing, $step]) {
                $this->send($at, [$this->change($drawing, $step, true, $moment -= 1_000)]);
            }
        };
        [$third, $first] = [$spreads[2]['page'], $spreads[0]['page']];
        $tick(\array_slice($steps($third), 0, 2));
        self::assertSame([true, $third], $begun());
        $tick(\array_slice($steps($first), 0, 1));
        self::assertSame([true, $first], $begun(), 'the last thing done counts, not the first page');
        $tick($steps($third));
        $next = $begun()[1];
        self::assertGreaterThan($third, $next);
        self::assertNotSame([], $steps((int) $next));
    }

    private function path(): string
    {
        return "/notebooks/{$this->make()['id']}";
    }

    /** @return array<string, mixed> */
    private function change(string $drawing, string $step, bool $done, int $ago): array
    {
        return ['id' => bin2hex(random_bytes(16)), 'drawing' => $drawing, 'step' => $step, 'done' => $done, 'ago' => $ago];
    }

    /**
     * @param list<array<string, mixed>> $changes
     *
     * @return array<string, mixed>
     */
    private function send(string $path, array $changes): array
    {
        return $this->call('POST', "$path/ticks", ['changes' => $changes]);
    }

    /** @return list<string> */
    private function ticked(string $path): array
    {
        return array_map(
            static fn (array $tick): string => "{$tick['drawing']} {$tick['step']}",
            $this->call('GET', "$path/openings/1")['ticked'],
        );
    }
}
