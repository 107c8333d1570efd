<?php

declare(strict_types=1);

namespace Tests;

use PHPUnit\Framework\TestCase;

/** What the code cites is there: docs/trade.md, section by section, each line with where it comes from. */
final class TradeTest extends TestCase
{
    public function testEverySectionThatIsCitedIsThere(): void
    {
        $sections = self::sections();
        $cited = [];
        foreach (self::code() as $file => $code) {
            // A citation may be broken by the end of a line of its comment.
            $flat = (string) preg_replace('/\s*\n\s*(?:\*|\/\/)\s*/', ' ', $code);
            preg_match_all('/trade\.md`?, "([^"]+)"/', $flat, $found);
            foreach ($found[1] as $section) {
                self::assertArrayHasKey($section, $sections, "$file cites a section of docs/trade.md");
                $cited[$section] = true;
            }
            self::assertTrue(
                str_ends_with($file, 'TradeTest.php') || false === stripos($code, 'handbook'),
                "$file cites what is not in the repository",
            );
        }
        self::assertGreaterThan(15, \count($cited));
    }

    /** Published with its name, practice, or from memory: a line says which, so that nobody takes one for another. */
    public function testEveryLineSaysWhereItComesFrom(): void
    {
        foreach (self::sections() as $section => $lines) {
            self::assertNotSame([], $lines, $section);
            foreach ($lines as $line) {
                self::assertMatchesRegularExpression('/\*(published: \S.*|practice\b.*|memory)\*$/', $line, $section);
            }
        }
    }

    /** @return array<string, list<string>> section → its lines */
    private static function sections(): array
    {
        $sections = [];
        $at = '';
        foreach (explode("\n", (string) file_get_contents(\dirname(__DIR__).'/docs/trade.md')) as $line) {
            if (str_starts_with($line, '## ')) {
                $sections[$at = substr($line, 3)] = [];
            } elseif ('' !== $at && '' !== $line) {
                $sections[$at][] = $line;
            }
        }

        return $sections;
    }

    /** @return iterable<string, string> path → text */
    private static function code(): iterable
    {
        $root = \dirname(__DIR__);
        foreach (['core', 'app', 'tests', 'web', 'docs'] as $room) {
            foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator("$root/$room", \FilesystemIterator::SKIP_DOTS)) as $file) {
                if (1 === preg_match('/\.(php|ts|svelte|md)$/', (string) $file)) {
                    yield substr((string) $file, \strlen($root) + 1) => (string) file_get_contents((string) $file);
                }
            }
        }
    }
}
