<?php

/*
 * Pages as they are drawn, against how they were (tests/Golden). About a minute.
 *
 *   php bin/golden.php           says what differs
 *   php bin/golden.php "why"     keeps how they are now, and writes into changes.txt what changed and why
 */

declare(strict_types=1);

use Tests\Golden\Difference;
use Tests\Golden\Golden;

require dirname(__DIR__).'/vendor/autoload.php';
ini_set('memory_limit', '2G');

$kept = is_file(Golden::FILE) ? Golden::kept() : [];
$now = iterator_to_array(Golden::now());
$changed = Difference::summed($kept, $now);
if (!isset($argv[1])) {
    echo [] === $changed ? "Every page is as it was.\n" : implode("\n", $changed)."\n";
    exit([] === $changed ? 0 : 1);
}
file_put_contents(Golden::FILE, implode('', array_map(
    static fn (string $name, string $print): string => "$name: $print\n",
    array_keys($now),
    $now,
)));
$lines = [] === $kept ? [count($now).' lines'] : $changed;
file_put_contents(Golden::CHANGES, "## {$argv[1]}\n".implode("\n", $lines)."\n".Difference::hash()."\n", \FILE_APPEND);
echo count($changed)." changes kept.\n";
