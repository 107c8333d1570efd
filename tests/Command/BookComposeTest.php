<?php

declare(strict_types=1);

namespace Tests\Command;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;
use Tests\Books;

final class BookComposeTest extends TestCase
{
    private string $folder = '';

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/ample-compose-'.bin2hex(random_bytes(4));
        mkdir($this->folder);
        file_put_contents("$this->folder/plan.json", Books::files()->file(Books::sample(), []));
    }

    protected function tearDown(): void
    {
        (new Process(['rm', '-r', $this->folder]))->mustRun();
    }

    public function testTheBookIsPrintedAsTextWithItsStepsAndTheSheetsAreWritten(): void
    {
        $run = $this->compose(["$this->folder/plan.json", "--sheets=$this->folder/sheets"]);

        self::assertSame(0, $run->getExitCode(), $run->getErrorOutput());
        self::assertStringContainsString('Fits, 10 pages spare.', $run->getOutput());
        self::assertStringContainsString('8–9      Future log', $run->getOutput());
        self::assertStringContainsString('Tick at 12, 14 along the top', $run->getOutput());
        self::assertStringStartsWith('%PDF-', (string) file_get_contents("$this->folder/sheets/page-guides.pdf"));
        self::assertSame(
            ['months.pdf', 'page-guides.pdf', 'pocket.pdf', 'spacing-card.pdf'],
            array_values(array_diff(scandir("$this->folder/sheets") ?: [], ['.', '..'])),
        );
    }

    public function testTheBookIsPrintedAsJson(): void
    {
        $book = json_decode($this->compose(["$this->folder/plan.json", '--format=json'])->getOutput(), true, 64, \JSON_THROW_ON_ERROR);

        self::assertCount(12, $book['months']);
        self::assertTrue($book['fit']['fits']);
    }

    public function testWhatCannotBeReadEndsWithAMessageAndAFailure(): void
    {
        file_put_contents("$this->folder/cut.json", substr((string) file_get_contents("$this->folder/plan.json"), 0, 300));
        foreach ([
            ["$this->folder/cut.json"],
            ["$this->folder/missing.json"],
            ["$this->folder/plan.json", '--format=poem'],
            ["$this->folder/plan.json", '--book=2'],
            ["$this->folder/plan.json", '--sheets=/dev/null/x'],
            ["$this->folder/plan.json", "--sheets=$this->folder", '--paper=A9'],
        ] as $arguments) {
            $run = $this->compose($arguments);
            self::assertSame(1, $run->getExitCode(), implode(' ', $arguments));
            self::assertNotSame('', trim($run->getErrorOutput()));
        }
    }

    /** @param list<string> $arguments */
    private function compose(array $arguments): Process
    {
        $process = new Process([\PHP_BINARY, 'bin/console', 'book:compose', ...$arguments], \dirname(__DIR__, 2), ['APP_ENV' => 'test']);
        $process->run();

        return $process;
    }
}
