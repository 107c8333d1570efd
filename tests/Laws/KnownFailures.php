<?php

/*
 * What the laws find and nobody has mended yet, in one list: tests/Laws/known-failures.txt, a line each, "law | what | why". It may only
 * shrink: a line whose failure is gone must go, and there are never more than MOST.
 */

declare(strict_types=1);

namespace Tests\Laws;

use PHPUnit\Framework\Assert;

final class KnownFailures
{
    /** Lines there were when the laws were written. Lower it with every line that goes; it is raised only where a law is widened. */
    public const MOST = 0;

    /** @return array<string, string> what fails → why it still does */
    public static function of(string $law): array
    {
        $known = [];
        foreach (self::lines() as [$of, $what, $why]) {
            $known += $of === $law ? [$what => $why] : [];
        }

        return $known;
    }

    /** @return list<array{string, string, string}> */
    public static function lines(): array
    {
        $lines = [];
        foreach (file(__DIR__.'/known-failures.txt', \FILE_IGNORE_NEW_LINES | \FILE_SKIP_EMPTY_LINES) ?: [] as $line) {
            if (!str_starts_with($line, '#')) {
                $parts = array_map(trim(...), explode('|', $line, 3));
                Assert::assertCount(3, $parts, "“{$line}” says a law, what fails, and why");
                $lines[] = [$parts[0], $parts[1], $parts[2]];
            }
        }

        return $lines;
    }

    /**
     * What was found is what is known, no more and no less.
     *
     * @param array<string, string> $found  what fails → how
     * @param bool                  $all    whether everything was looked at, so that what was not found is mended
     */
    public static function assertKnown(string $law, array $found, bool $all): void
    {
        $known = self::of($law);
        $new = array_diff_key($found, $known);
        Assert::assertSame([], $new, \count($new)." failures of the law of $law that nobody knew");
        if ($all) {
            $gone = array_keys(array_diff_key($known, $found));
            Assert::assertSame([], $gone, 'These are mended: take them out of known-failures.txt, and lower MOST.');
        }
    }
}
