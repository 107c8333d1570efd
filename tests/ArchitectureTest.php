<?php

declare(strict_types=1);

namespace Tests;

use PHPUnit\Framework\TestCase;

final class ArchitectureTest extends TestCase
{
    /** Each room of core/ with the rooms it may lean on. */
    private const ROOMS = [
        'Paper' => [],
        'Counting' => [],
        'Calendar' => [],
        'Colour' => [],
        'Saving' => ['Calendar', 'Counting'],
        'Dates' => ['Calendar', 'Counting'],
        'Carrying' => ['Spread', 'Plan', 'Dates', 'Calendar', 'Counting', 'Paper'],
        'Drawing' => ['Counting', 'Colour'],
        'Plan' => ['Dates', 'Paper', 'Counting', 'Calendar', 'Colour'],
        'Key' => ['Plan', 'Colour', 'Drawing', 'Counting', 'Paper'],
        'Spread' => ['Dates', 'Key', 'Saving', 'Colour', 'Drawing', 'Plan', 'Counting', 'Calendar', 'Paper'],
        'Find' => ['Book', 'Dates', 'Paging', 'Spread', 'Calendar'],
        'Paging' => ['Plan', 'Drawing', 'Calendar', 'Counting', 'Paper'],
        'Bench' => ['Drawing', 'Counting', 'Paper'],
        'Sheet' => ['Drawing', 'Counting', 'Paper'],
        'Making' => ['Plan', 'Drawing', 'Calendar', 'Counting', 'Paper'],
        'Compare' => ['Making', 'Plan', 'Spread', 'Drawing', 'Calendar', 'Counting'],
        'Editing' => ['Carrying', 'Dates', 'Key', 'Colour', 'Spread', 'Plan', 'Calendar', 'Counting', 'Paper'],
        'Book' => [
            'Carrying',
            'Making',
            'Dates',
            'Editing',
            'Compare',
            'Colour',
            'Bench',
            'Sheet',
            'Paging',
            'Spread',
            'Plan',
            'Drawing',
            'Calendar',
            'Counting',
            'Paper',
        ],
    ];

    /** The rooms inside Spread, each with those it may lean on. */
    private const SPREAD = [
        'Word' => ['Catalogue', 'Part', 'Page', 'Setting'],
        'Catalogue' => ['Filling', 'Part', 'Page', 'Setting'],
        'Filling' => ['Part', 'Page', 'Setting'],
        'Part' => ['Page', 'Setting'],
        'Page' => ['Setting'],
        'Setting' => [],
    ];

    public function testArrowsPointDownAndNowhereElse(): void
    {
        $rooms = array_map(basename(...), glob(\dirname(__DIR__).'/core/*', \GLOB_ONLYDIR) ?: []);
        self::assertEqualsCanonicalizing(array_keys(self::ROOMS), $rooms);
        foreach ($this->core() as $file => $code) {
            $room = explode('/', $file)[0];
            preg_match_all('/\\\\?AmpleMargin\\\\(\w+)\\\\/', preg_replace('/^namespace .*$/m', '', $code) ?? '', $found);
            foreach (array_unique($found[1]) as $other) {
                self::assertContains($other, [$room, ...self::ROOMS[$room]], "core/$file leans on $other");
            }
        }
    }

    /** Catalogue, fillings, parts, page, settings: and no class stands outside them. */
    public function testInsideSpreadArrowsPointDownToo(): void
    {
        $read = 0;
        foreach ($this->core() as $file => $code) {
            if (!str_starts_with($file, 'Spread/')) {
                continue;
            }
            $room = explode('/', $file)[1];
            self::assertArrayHasKey($room, self::SPREAD, "core/$file");
            preg_match_all('/\\\\?AmpleMargin\\\\Spread\\\\(\w+)\\\\/', preg_replace('/^namespace .*$/m', '', $code) ?? '', $found);
            foreach (array_unique($found[1]) as $other) {
                self::assertContains($other, [$room, ...self::SPREAD[$room]], "core/$file leans on $other");
                ++$read;
            }
        }
        self::assertGreaterThan(200, $read);
    }

    public function testTheCoreKnowsNoFrameworkNoClockNoChanceAndNoFiles(): void
    {
        foreach ($this->core() as $file => $code) {
            self::assertDoesNotMatchRegularExpression('/\b(Symfony|Doctrine|App|Opis|TCPDF)\\\\/', $code, $file);
            self::assertDoesNotMatchRegularExpression(
                '/\b(time|date|microtime|hrtime|rand|mt_rand|random_int|shuffle|uniqid|file_get_contents|file_put_contents|fopen|getenv|new \\\\?DateTime\w*)\(/',
                $code,
                $file,
            );
        }
    }

    public function testNoFileIsTooLongToHoldInTheHead(): void
    {
        foreach ($this->core() as $file => $code) {
            self::assertLessThanOrEqual(360, substr_count($code, "\n"), $file);
        }
    }

    /** Wide lines hide long methods. Types of arrays and uses of closures cannot be broken. */
    public function testNoLineIsWiderThanAPage(): void
    {
        foreach ($this->core() as $file => $code) {
            foreach (explode("\n", $code) as $i => $line) {
                self::assertTrue(
                    mb_strlen($line) <= 140 || 1 === preg_match('/^\s*(\*|\/\*\* @)|\) use \(|\* self::/', $line),
                    "core/$file, line ".($i + 1),
                );
            }
        }
    }

    /** One word for one thing. */
    public function testNoNameServesTwoThings(): void
    {
        $names = [];
        foreach ($this->core() as $file => $code) {
            $names[basename($file, '.php')][] = $file;
        }
        $twice = array_keys(array_filter($names, static fn (array $files): bool => \count($files) > 1));
        self::assertSame([], $twice);
    }

    /**
     * More than nine things said at once are several values. Only what is written down field by field keeps its fields: what a plan's
     * file says of one thing, and a row of what stands on paper.
     */
    public function testNoConstructorTakesMoreThanNineThings(): void
    {
        $rows = [
            // A plan, and each of what it lists, as its file has it (docs/plan.schema.json).
            'Plan', 'PlannedSpread', 'OldBook', 'OldSpread', 'Stock', 'Dress', 'Entry', 'Work', 'TestedPen',
            // What stands on paper: where, in which layer and step, and what; a page with all that is known of it.
            'Words', 'SheetWords', 'PageDrawing',
            // A row of the search for places: what of a spread decides where it may stand.
            'Placeable',
        ];
        $many = [];
        foreach ($this->core() as $file => $code) {
            if (1 === preg_match('/function __construct\((.*?)\)\s*\{/s', $code, $found)) {
                $many += preg_match_all('/\$\w+(?=\s*[,=)\n]|$)/', (string) preg_replace('/=[^,]*/', '', $found[1])) > 9
                    ? [basename($file, '.php') => $file]
                    : [];
            }
        }
        self::assertEqualsCanonicalizing($rows, array_map(strval(...), array_keys($many)));
    }

    /** What a room says is its own is used nowhere else. */
    public function testWhatIsPrivateToARoomStaysInIt(): void
    {
        $private = [];
        foreach ($this->core() as $file => $code) {
            if (1 === preg_match('/@internal.*?\n(?: \*.*\n)*(?:final |abstract )*(?:class|interface) (\w+)/', $code, $found)) {
                $private['AmpleMargin\\'.strtr(substr($file, 0, -4), '/', '\\')] = explode('/', $file)[0];
            }
        }
        self::assertGreaterThan(15, \count($private));
        foreach ($this->core() as $file => $code) {
            foreach ($private as $class => $room) {
                self::assertTrue(
                    str_starts_with($file, "$room/") || !str_contains($code, "use $class;"),
                    "core/$file uses $class, which is private to $room",
                );
            }
        }
    }

    /** @return iterable<string, string> path below core/ → code */
    private function core(): iterable
    {
        $root = \dirname(__DIR__).'/core/';
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($root, \FilesystemIterator::SKIP_DOTS)) as $file) {
            yield substr((string) $file, \strlen($root)) => (string) file_get_contents((string) $file);
        }
    }
}
