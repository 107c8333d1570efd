<?php

/*
 * A database of the program as it was, every kind half ticked and timed, is opened by the program as it is: no tick is lost, none moves to
 * another act, no page loses its minutes. What a step draws says which act it is.
 */

declare(strict_types=1);

namespace Tests\Golden;

use AmpleMargin\Book\Composer;
use App\Repository\Notebooks;
use Symfony\Component\Process\Process;
use Tests\Api\ApiTestCase;
use Tests\Books;

final class TickedTest extends ApiTestCase
{
    /** Acts that are the same and look otherwise since: lines down a table no longer go through the rows that head a group. */
    private const DRAWN_OTHERWISE = ['income-and-expenses' => 'ink'];

    public function testEveryTickIsWhereItWas(): void
    {
        self::ensureKernelShutdown();
        file_put_contents($this->database, gzdecode((string) file_get_contents(Ticked::DATABASE)));
        (new Process(
            [\PHP_BINARY, 'bin/console', 'doctrine:migrations:migrate', '-n'],
            \dirname(__DIR__, 2),
            ['APP_ENV' => 'test', 'AMPLE_DATABASE' => $this->database],
        ))->mustRun();
        $this->restart();
        $notebooks = self::getContainer()->get(Notebooks::class);
        $known = [];
        foreach ($notebooks->some(0, 10) as $notebook) {
            $known[Books::files()->stored($notebook->plan())->title] = $notebook;
        }
        $lost = [];
        $seen = 0;
        foreach (self::kept() as $title => $acts) {
            $notebook = $known[$title];
            $plan = Books::files()->stored($notebook->plan());
            $book = Composer::compose($plan);
            [$now, $ticks] = [Ticked::acts($book), Ticked::ticks($book)];
            $done = $notebooks->doneSteps($notebook);
            foreach ($acts as $name => [$task, $marks, $was]) {
                ++$seen;
                [$drawing, $key] = explode(' ', $name);
                $is = $now[$name] ?? null;
                // Ticks of several parts were one step once: they may be several now, under the same key, with others beside them.
                $otherwise = self::DRAWN_OTHERWISE[explode('-2', $drawing)[0]] ?? null;
                $same = 'pencil' === $task
                    ? [] === array_diff_key(self::pencil()["$title $name"] ?? [], $ticks[$name] ?? [])
                    : $otherwise === $task || \in_array($marks, ['-', $is[1] ?? ''], true);
                if (null === $is || !$same || ($done[$drawing][$key] ?? false) !== ('done' === $was)) {
                    $lost[] = "$title: $name ($task) ".(null === $is ? 'is gone' : 'draws something else');
                }
            }
            self::assertSame(substr_count(implode(' ', array_column($acts, 2)), 'done'), array_sum(array_map(\count(...), $done)), "$title: ticks");
        }
        self::assertGreaterThan(8_000, $seen);
        self::assertSame([], \array_slice($lost, 0, 20), \count($lost)." of $seen");
    }

    /** @return array<string, array<string, bool>> "A notebook future-log 1a2b…" → its ticks */
    private static function pencil(): array
    {
        static $pencil = [];
        foreach ([] !== $pencil ? [] : explode("\n", trim((string) gzdecode((string) file_get_contents(Ticked::PENCIL)))) as $line) {
            [$nth, $drawing, $key, $ticks] = explode(' ', $line);
            $pencil[Ticked::TITLES[(int) $nth]." $drawing $key"] = '-' === $ticks ? [] : array_fill_keys(explode(',', $ticks), true);
        }

        return $pencil;
    }

    /** @return array<string, array<string, array{string, string, string}>> title → what each step was: its task, what it drew, "done" or "open" */
    private static function kept(): array
    {
        $kept = [];
        foreach (explode("\n", trim((string) gzdecode((string) file_get_contents(Ticked::ACTS)))) as $line) {
            [$nth, $drawing, $key, $task, $marks, $was] = explode(' ', $line);
            $kept[Ticked::TITLES[(int) $nth]]["$drawing $key"] = [$task, $marks, $was];
        }

        return $kept;
    }
}
