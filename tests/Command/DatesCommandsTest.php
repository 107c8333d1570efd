<?php

/* Dates without a browser: looked at, taken, listed for a month, written as a calendar and read again. */

declare(strict_types=1);

namespace Tests\Command;

use PHPUnit\Framework\Attributes\After;
use PHPUnit\Framework\Attributes\Before;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Bundle\FrameworkBundle\Test\KernelTestCase;
use Symfony\Component\Console\Tester\CommandTester;

final class DatesCommandsTest extends KernelTestCase
{
    private const SAMPLE = 'app/Plan/samples/full-year-2027.plan.json';

    private string $folder = '';

    #[Before]
    public function ownFolder(): void
    {
        $this->folder = sys_get_temp_dir().'/ample-dates-'.bin2hex(random_bytes(4));
        mkdir($this->folder);
    }

    #[After]
    public function dropFolder(): void
    {
        array_map(unlink(...), glob("$this->folder/*") ?: []);
        rmdir($this->folder);
    }

    public function testFilesAreLookedAtThenTakenAndWrittenIntoAnotherPlan(): void
    {
        file_put_contents("$this->folder/list.txt", "12 June Rowing race 14:00\n31 June Nothing\n12 March Dentist\n");
        $files = ['plan' => self::SAMPLE, 'files' => ["$this->folder/list.txt"]];
        $look = $this->command('dates:import', $files + ['--dry-run' => true]);
        self::assertSame(0, $look->getStatusCode());
        self::assertStringContainsString("new      2027-06-12 Rowing race\n", $look->getDisplay());
        self::assertStringContainsString("skipped  line 2  June 2027 has 30 days, not 31.\n", $look->getDisplay());
        self::assertStringContainsString("double   2027-03-12 Dentist  “Dentist” is there on that day already.\n1 new, 1 double, 1 skipped.", $look->getDisplay());
        self::assertSame(1, $this->command('dates:import', $files)->getStatusCode());

        $into = "$this->folder/new.json";
        self::assertSame(0, $this->command('dates:import', $files + ['--into' => $into])->getStatusCode());
        $june = $this->command('dates:month', ['plan' => $into, 'month' => '2027-06'])->getDisplay();
        self::assertSame("8 Choir committee 19:30\n12 Rowing race 14:00\n26 Midsummer\n\nTo prepare for the months after:\n17 Harbour fee for 1 Jul\n", $june);

        foreach (['ics', 'csv'] as $ending) {
            $file = "$this->folder/dates.$ending";
            self::assertSame(0, $this->command('dates:export', ['plan' => $into, 'file' => $file])->getStatusCode());
            $again = $this->command('dates:import', ['plan' => $into, 'files' => [$file], '--dry-run' => true])->getDisplay();
            self::assertStringEndsWith("30 same.\n", $again);
        }
    }

    public function testWhatCannotBeIsSaidSo(): void
    {
        $says = fn (string $command, array $input): string => $this->command($command, $input)->getDisplay();
        self::assertStringContainsString('is not a month', $says('dates:month', ['plan' => self::SAMPLE, 'month' => 'March']));
        self::assertStringContainsString('There is no file', $says('dates:import', ['plan' => self::SAMPLE, 'files' => ['none.ics'], '--dry-run' => true]));
        self::assertStringContainsString('Write a calendar (.ics) or a table (.csv).', $says('dates:export', ['plan' => self::SAMPLE, 'file' => 'dates.doc']));
        file_put_contents("$this->folder/two.csv", "Date,What\n03/04/2027,Dentist\n");
        self::assertStringContainsString('could be read two ways', $says('dates:import', ['plan' => self::SAMPLE, 'files' => ["$this->folder/two.csv"], '--dry-run' => true]));
        self::assertStringContainsString('no time zone', $says('dates:import', ['plan' => self::SAMPLE, 'files' => ["$this->folder/two.csv"], '--dry-run' => true, '--zone' => 'Atlantis']));
    }

    /** @param array<string, mixed> $input */
    private function command(string $command, array $input): CommandTester
    {
        $tester = new CommandTester((new Application(self::bootKernel()))->find($command));
        $tester->execute($input);

        return $tester;
    }
}
