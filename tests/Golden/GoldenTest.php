<?php

/*
 * Whatever is rebuilt in the program, pages stay as they were: every kind on six papers, the samples and 300 books by chance are drawn as
 * golden.txt has them. Where a page changes, changes.txt says which and why; bin/golden.php writes both.
 */

declare(strict_types=1);

namespace Tests\Golden;

use PHPUnit\Framework\TestCase;
use Tests\Thorough;

final class GoldenTest extends TestCase
{
    public function testEveryPageIsDrawnAsItWas(): void
    {
        $kept = Golden::kept();
        $found = [];
        $seen = 0;
        foreach (Golden::now(Thorough::of(7, 1)) as $name => $print) {
            ++$seen;
            if (($kept[$name] ?? null) !== $print) {
                $found[] = Difference::said($name, $kept[$name] ?? null, $print);
            }
        }
        self::assertGreaterThan(500, $seen);
        self::assertSame([], \array_slice($found, 0, 20), \count($found).' differ; bin/golden.php "why" writes them down where they should.');
    }

    public function testWhatChangedIsWrittenDownWithItsReason(): void
    {
        $changes = file(Golden::CHANGES, \FILE_IGNORE_NEW_LINES) ?: [];
        self::assertSame(Difference::hash(), end($changes), 'golden.txt was changed without a word in changes.txt.');
        foreach (preg_grep('/^## /', $changes) ?: [] as $why) {
            self::assertGreaterThan(30, \strlen($why), 'Say why the pages change.');
        }
    }
}
