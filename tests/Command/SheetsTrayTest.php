<?php

/* The tray without a browser. */

declare(strict_types=1);

namespace Tests\Command;

use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Bundle\FrameworkBundle\Test\KernelTestCase;
use Symfony\Component\Console\Tester\CommandTester;

final class SheetsTrayTest extends KernelTestCase
{
    private const SAMPLE = 'app/Plan/samples/full-year-2027.plan.json';
    private const WITHOUT_TRAY = 'app/Plan/samples/last-year-2026.plan.json';

    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/ample-tray-'.bin2hex(random_bytes(4));
        mkdir($this->folder);
    }

    protected function tearDown(): void
    {
        foreach (glob("$this->folder/*") ?: [] as $file) {
            unlink($file);
        }
        rmdir($this->folder);
        parent::tearDown();
    }

    public function testGuidesTheCardAndTheMonthsBecomeOnePdf(): void
    {
        $done = $this->tray(['--print' => 'guides:front, card, months', '--paper' => 'A4', '--out' => "$this->folder/all.pdf"]);
        self::assertSame(0, $done->getStatusCode(), $done->getDisplay());
        self::assertSame(1, preg_match('/^(\d+) sheets? of plain A4 \((\d+) at least\), (\d+) sides?\.$/m', $done->getDisplay(), $said));
        $info = (string) shell_exec('pdfinfo '.escapeshellarg("$this->folder/all.pdf"));
        self::assertMatchesRegularExpression("/^Pages: +{$said[3]}$/m", $info);
        self::assertSame((int) $said[1] + 1, (int) $said[3], 'one sheet has a back');
    }

    public function testEachSideBecomesAnSvg(): void
    {
        $done = $this->tray(['--print' => 'card, letters:2027', '--out' => "$this->folder/card.svg"]);
        self::assertSame(0, $done->getStatusCode(), $done->getDisplay());
        self::assertSame(['card-1.svg', 'card-2.svg'], array_map(basename(...), glob("$this->folder/*") ?: []));
        foreach (glob("$this->folder/*.svg") ?: [] as $file) {
            self::assertNotFalse(simplexml_load_file($file), $file);
        }
    }

    public function testWhatCannotBePrintedEndsWithAMessageAndWritesNothing(): void
    {
        foreach ([
            [['--print' => 'cards'], 'cannot be printed'],
            [['--print' => 'labels'], 'No spread of this book has frames'],
            [['--print' => 'card', '--paper' => 'B5'], 'A4, A5, A3 or Letter'],
            [['--print' => 'card', '--printer' => 'nobody’s'], 'was not calibrated with A4'],
            [['--print' => 'card', '--out' => "$this->folder/card.doc"], 'ends in .pdf, .svg or .png'],
            [['--print' => 'card', '--out' => "$this->folder/none/card.pdf"], 'cannot be written'],
            [['--print' => 'months', '--labels' => 'large'], 'Say a sheet of labels'],
            [['plan' => self::WITHOUT_TRAY], 'Nothing is asked for'],
            [['--print' => 'card', '--book' => '9'], 'no book “9”'],
        ] as [$options, $says]) {
            $done = $this->tray($options + ['--out' => "$this->folder/all.pdf"]);
            self::assertSame(1, $done->getStatusCode(), $says);
            self::assertStringContainsString($says, $done->getDisplay());
        }
        self::assertSame([], glob("$this->folder/*"));
    }

    /** @param array<string, string> $options */
    private function tray(array $options): CommandTester
    {
        $tester = new CommandTester((new Application(self::bootKernel()))->find('sheets:tray'));
        $tester->execute($options + ['plan' => self::SAMPLE]);

        return $tester;
    }
}
