<?php

/* Carrying over without a browser: what became of each spread is printed, the new plan is written, the old one is not. */

declare(strict_types=1);

namespace Tests\Command;

use PHPUnit\Framework\Attributes\After;
use PHPUnit\Framework\Attributes\Before;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Bundle\FrameworkBundle\Test\KernelTestCase;
use Symfony\Component\Console\Tester\CommandTester;
use Tests\Books;

final class BookCarryTest extends KernelTestCase
{
    private const SAMPLE = 'app/Plan/samples/last-year-2026.plan.json';

    private string $folder = '';

    #[Before]
    public function ownFolder(): void
    {
        $this->folder = sys_get_temp_dir().'/ample-carry-'.bin2hex(random_bytes(4));
        mkdir($this->folder);
    }

    #[After]
    public function dropFolder(): void
    {
        array_map(unlink(...), glob("$this->folder/*") ?: []);
        rmdir($this->folder);
    }

    public function testAnOldBookIsCarriedOntoOtherPaperByWhatAFileSaysOfIt(): void
    {
        $before = (string) file_get_contents(self::SAMPLE);
        file_put_contents("$this->folder/use.txt", "Books read: keep, often\nmood: drop, never, too small a box\nYear at a glance: refer\ngoals-by-quarter: change, smaller headings\n");
        $into = "$this->folder/new.plan.json";
        $done = $this->carry(['--to' => '2027-01..2027-12', '--stock' => 'B5:31x46:160', '--use' => "$this->folder/use.txt", '--into' => $into, '--title' => 'Next']);
        self::assertSame(0, $done->getStatusCode(), $done->getDisplay());
        $says = $done->getDisplay();
        self::assertStringContainsString("Mood of every day: dropped: too small a box, 1 page won\n", $says);
        self::assertStringContainsString("Year at a glance: stays in the old book, page 8\n", $says);
        self::assertMatchesRegularExpression("/Goals of the quarters: changed: page \\d+, smaller headings\n  Strip the hull: goes on in its list\n/", $says);
        self::assertMatchesRegularExpression('/Gifts: not judged yet/', $says);
        self::assertStringContainsString('Best switch: December 2026; the old book ends on page 155, 10 pages wasted.', $says);
        self::assertMatchesRegularExpression('/^(Fits|Runs out)/m', $says);
        self::assertMatchesRegularExpression('/^Lasts in /m', $says);
        [$new] = Books::files()->read((string) file_get_contents($into));
        self::assertSame(['Next', 31, 160, null], [$new->title, $new->stock->across, $new->stock->pages, $new->spread('mood')]);
        self::assertSame($before, (string) file_get_contents(self::SAMPLE));

        // Reviewed further, and carried again into the same plan.
        file_put_contents("$this->folder/more.json", '{"gifts": {"verdict": "drop"}}');
        $again = $this->carry(['plan' => $into, '--use' => "$this->folder/more.json", '--into' => $into]);
        self::assertSame(0, $again->getStatusCode(), $again->getDisplay());
        self::assertNull(Books::files()->read((string) file_get_contents($into))[0]->spread('gifts'));
    }

    public function testWithNothingSaidAllIsKept(): void
    {
        $says = $this->carry(['--to' => '2027-01..2027-12'])->getDisplay();
        self::assertSame(27, preg_match_all('/: kept: pages? [\d–]+$/m', $says));
        self::assertStringNotContainsString('dropped', $says);
    }

    public function testWhatCannotBeIsSaidSo(): void
    {
        file_put_contents("$this->folder/bad.txt", "Mood of every day: burn\n");
        file_put_contents("$this->folder/none.txt", "Soup: keep\n");
        foreach ([
            [[], 'Say which months the new book is for: --to=2028-01..2028-12.'],
            [['--to' => '2027'], '“2027” is no period: write it as 2028-01..2028-12.'],
            [['--to' => '2027-12..2027-01'], 'before it starts'],
            [['--to' => '2027-01..2027-12', '--stock' => 'A5'], '“A5” is no paper'],
            [['--to' => '2027-01..2027-12', '--stock' => 'A5:99x38:192'], '99 boxes of 5 mm do not fit across'],
            [['--to' => '2027-01..2027-12', '--use' => "$this->folder/bad.txt"], 'say keep, change, drop or refer.'],
            [['--to' => '2027-01..2027-12', '--use' => "$this->folder/none.txt"], 'the old book has no spread “Soup”.'],
            [['plan' => "$this->folder/gone.json"], 'There is no file'],
        ] as [$asked, $says]) {
            $done = $this->carry($asked);
            self::assertSame(1, $done->getStatusCode());
            self::assertStringContainsString($says, $done->getDisplay());
        }
    }

    /** @param array<string, mixed> $asked */
    private function carry(array $asked): CommandTester
    {
        $tester = new CommandTester((new Application(self::bootKernel()))->find('book:carry'));
        $tester->execute($asked + ['plan' => self::SAMPLE]);

        return $tester;
    }
}
