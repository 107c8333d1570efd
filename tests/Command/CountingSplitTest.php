<?php

declare(strict_types=1);

namespace Tests\Command;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

final class CountingSplitTest extends TestCase
{
    public function testASideIsSplitFromTheCommandLineInEveryWayItIsCounted(): void
    {
        $said = $this->split(['26', '3', '--gap=best'])->getOutput();
        self::assertStringContainsString("Exactly, by every school: 8, skip 1, 8, skip 1, 8 (nothing left over)\n", $said);
        self::assertStringContainsString('tick at 8, 9, 17, 18; mm 40, 45, 85, 90', $said);
        self::assertStringContainsString('tick on dot 14; mm 65', $this->split(['26', '2', '--dots'])->getOutput());
        self::assertStringContainsString('In the ratio, whole boxes: 13, 7, 6', $this->split(['26', '2:1:1'])->getOutput());
        self::assertStringContainsString(
            'tick at 11, 20, 29; mm 40.7, 74, 107.3',
            $this->split(['27', '3', '--from=11', '--pitch=3.7'])->getOutput(),
        );
    }

    public function testBadCountsEndInTheWordsOfTheTrade(): void
    {
        foreach ([
            [['26', '0'], 'Split it into 1 to 60 parts.'],
            [['26', '3', '--gap=wide'], 'A gap has 0 to 200 boxes.'],
            [['many', '3'], 'A side has 1 to 200 boxes.'],
        ] as [$arguments, $says]) {
            $run = $this->split($arguments);
            self::assertSame([1, $says], [$run->getExitCode(), trim($run->getErrorOutput())]);
        }
    }

    /** @param list<string> $arguments */
    private function split(array $arguments): Process
    {
        $process = new Process([\PHP_BINARY, 'bin/console', 'counting:split', ...$arguments], \dirname(__DIR__, 2), ['APP_ENV' => 'test']);
        $process->run();

        return $process;
    }
}
