<?php

/* Sittings without a browser: each with its pages, minutes, tools and pauses, what is short, and the calendar file. */

declare(strict_types=1);

namespace Tests\Command;

use App\Import\Quietly;
use Sabre\VObject\Reader;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Bundle\FrameworkBundle\Test\KernelTestCase;
use Symfony\Component\Console\Tester\CommandTester;

final class MakingSittingsTest extends KernelTestCase
{
    private const SAMPLE = 'app/Plan/samples/full-year-2027.plan.json';

    public function testTwoEveningsArePrintedMinuteByMinute(): void
    {
        $ics = sys_get_temp_dir().'/ample-'.bin2hex(random_bytes(4)).'.ics';
        $done = $this->sittings(['--evenings' => '2026-12-20 19:00 90, 2026-12-22 19:00 120', '--ics' => $ics]);
        $says = $done->getDisplay();
        self::assertSame(0, $done->getStatusCode(), $says);
        self::assertMatchesRegularExpression('/^2026-12-20 19:00, 90 minutes: \d+ planned\.$/m', $says);
        self::assertMatchesRegularExpression('/^  Lay out: .*Black 0\.3 from the tin, Blue-black gel/m', $says);
        self::assertMatchesRegularExpression('/^  19:00  Page \d+, .+ \(\d+ min\)$/m', $says);
        self::assertStringContainsString('Let it dry before the book is turned.', $says);
        self::assertMatchesRegularExpression('/^\d+ minutes have no room; \d+ of them have none however the pages are packed\.$/m', $says);
        self::assertMatchesRegularExpression('/^- Another evening, Thursday 31 December, \d+ minutes$/m', $says);
        $read = Quietly::do(static fn (): array => array_map(
            static fn ($event): array => [(string) $event->DTSTART, (string) $event->DURATION, (string) $event->DESCRIPTION],
            array_values(Reader::read((string) file_get_contents($ics))->select('VEVENT')),
        ));
        unlink($ics);
        self::assertCount(2, $read);
        self::assertSame(['20261222T190000', 'PT120M'], \array_slice($read[1], 0, 2));
        self::assertMatchesRegularExpression('/^19:00  .*page \d+, /mi', $read[1][2]);
        $again = $this->sittings(['--evenings' => '2026-12-20 19:00 90, 2026-12-22 19:00 120', '--ics' => $ics])->getDisplay();
        unlink($ics);
        self::assertSame($says, $again, 'the same plan gives the same sittings');
    }

    public function testTheEveningsOfThePlanAreTakenWhereNoneAreGiven(): void
    {
        $says = $this->sittings([])->getDisplay();
        self::assertSame(7, preg_match_all('/^2026-12-\d\d 19:00, \d+ minutes:/m', $says));
    }

    public function testWhatCannotBeAnEveningIsRefusedInWords(): void
    {
        foreach (['2026-12-20 19:00 4' => '5 to 600 minutes', 'whenever' => 'is no evening', '2026-12-20 19:00 90, 2026-12-20 19:30 90' => 'overlap'] as $said => $why) {
            $done = $this->sittings(['--evenings' => $said]);
            self::assertSame(1, $done->getStatusCode());
            self::assertStringContainsString($why, $done->getDisplay());
        }
        $after = $this->sittings(['--evenings' => '2027-01-02 19:00 90']);
        self::assertStringContainsString('(after the first day)', $after->getDisplay());
    }

    /** @param array<string, string> $options */
    private function sittings(array $options): CommandTester
    {
        $tester = new CommandTester((new Application(self::bootKernel()))->find('making:sittings'));
        $tester->execute(['plan' => self::SAMPLE] + $options);

        return $tester;
    }
}
