<?php

/* Words of many scripts on the sheet, as poppler prints them, laid over the same words as Chromium sets them. */

declare(strict_types=1);

namespace Tests\Sheet;

use AmpleMargin\Drawing\Align;
use AmpleMargin\Paper\PaperSize;
use AmpleMargin\Sheet\Sheet;
use AmpleMargin\Sheet\SheetWords;
use AmpleMargin\Sheet\Tone;
use App\Export\Outlines;
use App\Export\PdfWriter;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Cache\Adapter\ArrayAdapter;

final class OutlinesTest extends TestCase
{
    /** Letters of 12.7 mm are 100 dots high at 200 dots to the inch. */
    private const SIZE = 12_700;

    private const DOTS = 200;

    public function testWordsOfEveryScriptArePrintedAsABrowserSetsThem(): void
    {
        $file = \dirname(__DIR__, 2).'/var/reference-letters.json';
        if (!is_file($file)) {
            throw new \RuntimeException('Run node tests/Reference/letters.mjs var/reference-letters.json first; bin/test does.');
        }
        /** @var list<array{text: string, wide: float, rows: list<string>}> $set */
        $set = json_decode((string) file_get_contents($file), true, 8, \JSON_THROW_ON_ERROR);
        self::assertGreaterThan(20, \count($set));
        $printed = $this->printed(array_column($set, 'text'));
        $outlines = (new Outlines())->of(array_column($set, 'text'));
        foreach ($set as $i => ['text' => $text, 'wide' => $wide, 'rows' => $rows]) {
            self::assertSame([], $outlines[$text]->missing, $text);
            self::assertEqualsWithDelta($wide, $outlines[$text]->width / 10, 1.0, "$text: hundredths of the letter size");
            [$ours, $theirs] = [self::trimmed($printed[$i]), self::trimmed($rows)];
            self::assertEqualsWithDelta(\count($theirs), \count($ours), 2, "$text: as high");
            self::assertEqualsWithDelta(self::widest($theirs), self::widest($ours), 3, "$text: as wide");
            // Of thin strokes more is edge, where a dot falls on either side.
            self::assertGreaterThan(0.82, self::likeness($ours, $theirs), "$text: the same ink");
        }
    }

    public function testWordsStandInTheirPlaceAndAreFoundAsWords(): void
    {
        $words = [];
        foreach ([Align::Start, Align::Middle, Align::End] as $i => $align) {
            $words[] = new SheetWords(Tone::Ink, 20_000, 20_000 + 20_000 * $i, 60_000, 10_000, 'जनवरी', 6_000, $align, '#c0392b');
        }
        $words[] = new SheetWords(Tone::Ink, 20_000, 100_000, 10_000, 10_000, 'कार्तिक ज्येष्ठ 2027', 6_000, Align::Start, null);
        $file = self::file($words);
        $reach = static function (int $top) use ($file): array {
            $ink = self::ink($file, 1, 20, $top, 60, 10);
            self::assertNotSame([], self::trimmed($ink));
            $left = min(array_map(static fn (string $row): int => '' === $row ? \PHP_INT_MAX : strspn($row, ' '), $ink));

            return [20 + $left * 25.4 / self::DOTS, 20 + max(array_map(strlen(...), $ink)) * 25.4 / self::DOTS];
        };
        [$from, $to] = $reach(20);
        self::assertEqualsWithDelta(20, $from, 0.4);
        self::assertGreaterThan(3 * 6 / 2, $wide = $to - $from, 'five letters of 6 mm');
        foreach ([[40, 50 - $wide / 2, 50 + $wide / 2], [60, 80 - $wide, 80]] as [$top, $left, $right]) {
            self::assertEqualsWithDelta([$left, $right], $reach($top), 0.4);
        }
        self::assertSame([], self::trimmed(self::ink($file, 1, 30.2, 100, 60, 10)), 'shrunk to its place');
        self::assertNotSame([], self::trimmed(self::ink($file, 1, 20, 100, 10, 10)));
        $found = (string) shell_exec('pdftotext '.escapeshellarg($file).' -');
        unlink($file);
        self::assertSame(4, substr_count($found, 'जनवरी') + substr_count($found, 'कार्तिक ज्येष्ठ 2027'));
    }

    public function testALetterNoFaceHasIsNamedOnce(): void
    {
        self::assertSame(
            ['🙂'],
            (new PdfWriter())->missing([self::sheet([new SheetWords(
                Tone::Ink,
                0,
                0,
                90_000,
                9_000,
                'हिन्दी 🙂🙂',
                5_000,
                Align::Start,
                null,
            )])]),
        );
    }

    public function testWhatWasSetOnceIsKept(): void
    {
        $kept = new ArrayAdapter();
        $first = (new Outlines($kept))->of(['한국어', '한국어']);
        self::assertSame(['한국어'], array_keys($first));
        self::assertCount(1, $kept->getValues());
        self::assertEquals($first, (new Outlines($kept))->of(['한국어']));
    }

    public function testWithoutNodeTheLettersAreNamedAndTheRestIsPrinted(): void
    {
        $path = (string) getenv('PATH');
        putenv('PATH=');
        $_SERVER['PATH'] = $_ENV['PATH'] = '';
        try {
            $sheet = self::sheet([new SheetWords(Tone::Ink, 0, 0, 90_000, 9_000, 'Seoul 서울', 5_000, Align::Start, null)]);
            self::assertSame(['서', '울'], (new PdfWriter())->missing([$sheet]));
            self::assertStringStartsWith('%PDF', (new PdfWriter())->write([$sheet], 'Test'));
        } finally {
            putenv("PATH=$path");
            $_SERVER['PATH'] = $_ENV['PATH'] = $path;
        }
    }

    /**
     * @param list<string> $texts
     *
     * @return list<list<string>> rows of ink, by text
     */
    private function printed(array $texts): array
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'words');
        file_put_contents(
            $file,
            (new PdfWriter())->write(
                array_map(
                    static fn (string $text): Sheet => self::sheet([new SheetWords(
                        Tone::Ink,
                        20_000,
                        20_000,
                        170_000,
                        25_000,
                        $text,
                        self::SIZE,
                        Align::Start,
                        '#000000',
                    )]),
                    $texts,
                ),
                'Words',
            ),
        );
        $printed = [];
        foreach (array_keys($texts) as $i) {
            $printed[] = self::ink($file, $i + 1, 0, 0, 200, 60);
        }
        unlink($file);

        return $printed;
    }

    /** @return list<string> what poppler prints in a place given in mm, "#" for ink */
    private static function ink(string $file, int $page, float $x, float $y, float $wide, float $tall): array
    {
        [$left, $top, $across, $down] = array_map(
            static fn (float $mm): int => (int) round($mm / 25.4 * self::DOTS),
            [$x, $y, $wide, $tall],
        );
        $grey = (string) shell_exec(\sprintf(
            'pdftoppm -gray -r %d -f %d -l %d -x %d -y %d -W %d -H %d %s',
            self::DOTS,
            $page,
            $page,
            $left,
            $top,
            $across,
            $down,
            escapeshellarg($file),
        ));
        self::assertSame(1, preg_match('/^P5\s(\d+)\s(\d+)\s255\s/', $grey, $head));
        $ink = strtr(
            substr($grey, \strlen($head[0])),
            implode('', array_map(chr(...), range(0, 255))),
            str_repeat('#', 128).str_repeat(' ', 128),
        );

        return array_map(rtrim(...), str_split($ink, (int) $head[1]));
    }

    /**
     * @param list<string> $rows
     *
     * @return list<string> without the empty rows and columns about the ink
     */
    private static function trimmed(array $rows): array
    {
        $inked = array_keys(array_filter($rows, static fn (string $row): bool => '' !== trim($row)));
        if ([] === $inked) {
            return [];
        }
        $rows = \array_slice($rows, $inked[0], end($inked) - $inked[0] + 1);
        $left = min(array_map(static fn (string $row): int => '' === trim($row) ? \PHP_INT_MAX : strspn($row, ' '), $rows));

        return array_map(static fn (string $row): string => substr($row, $left), $rows);
    }

    /** @param list<string> $rows */
    private static function widest(array $rows): int
    {
        return max(array_map(strlen(...), $rows));
    }

    /**
     * Ink in both to ink in either, at the best of nine places a dot apart.
     *
     * @param list<string> $one
     * @param list<string> $two
     */
    private static function likeness(array $one, array $two): float
    {
        $best = 0.0;
        foreach ([-1, 0, 1] as $down) {
            foreach ([-1, 0, 1] as $across) {
                [$both, $either] = [0, 0];
                for ($y = -1; $y <= max(\count($one), \count($two)); ++$y) {
                    $a = str_pad(' '.($one[$y] ?? ''), 1300);
                    $b = str_pad(str_repeat(' ', 1 + $across).($two[$y + $down] ?? ''), 1300);
                    $both += substr_count($a & $b, '#');
                    $either += substr_count(strtr($a, ' ', "\0") | strtr($b, ' ', "\0"), '#');
                }
                $best = max($best, $both / $either);
            }
        }

        return $best;
    }

    /** @param list<SheetWords> $words */
    private static function sheet(array $words): Sheet
    {
        return new Sheet(PaperSize::A4, 'Words', $words);
    }

    /** @param list<SheetWords> $words */
    private static function file(array $words): string
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'words');
        file_put_contents($file, (new PdfWriter())->write([self::sheet($words)], 'Words'));

        return $file;
    }
}
