<?php

/*
 * A whole shelf as one file: a line that says what it is and how many notebooks follow, then a plan file on each line. A file that is
 * cut off is known by that number.
 */

declare(strict_types=1);

namespace App\Plan;

use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanProblem;

final class ShelfFile
{
    /** Bytes of a shelf. */
    public const LARGEST = 20_000_000;

    private const FORMAT = 'ample-margin-shelf';

    public function __construct(private readonly PlanFiles $files)
    {
    }

    /** @param list<array{Plan, list<array{drawing: string, step: string}>}> $notebooks each with its steps ticked */
    public function write(array $notebooks): string
    {
        $lines = [json_encode(['format' => self::FORMAT, 'version' => 1, 'notebooks' => \count($notebooks)], \JSON_THROW_ON_ERROR)];
        foreach ($notebooks as [$plan, $ticked]) {
            // On one line: a line break within words is written as \n.
            $lines[] = str_replace("\n", ' ', $this->files->file($plan, $ticked));
        }

        return implode("\n", $lines)."\n";
    }

    public static function isOne(string $text): bool
    {
        return str_starts_with(ltrim(substr($text, 0, 200)), '{"format":"'.self::FORMAT.'"');
    }

    /**
     * @return list<array{Plan, list<array{drawing: string, step: string}>}>
     *
     * @throws PlanProblem naming the notebook that cannot be read
     */
    public function read(string $text): array
    {
        if (\strlen($text) > self::LARGEST) {
            throw PlanProblem::at('', 'This file has more than '.self::LARGEST / 1_000_000 .' MB; so large is no shelf.');
        }
        $lines = array_values(array_filter(explode("\n", trim($text)), static fn (string $line): bool => '' !== trim($line)));
        $head = json_decode($lines[0] ?? '', true);
        if (!\is_array($head) || self::FORMAT !== ($head['format'] ?? null) || 1 !== ($head['version'] ?? null)) {
            throw PlanProblem::at('', 'This is no file of a whole shelf, or one of a later version of the program.');
        }
        $said = $head['notebooks'] ?? 0;
        $count = \count($lines) - 1;
        if ($said !== $count || 0 === $count) {
            throw PlanProblem::at('', 0 === $count && 0 === $said
                ? 'No notebook is in this file.'
                : "This file is damaged: it should have {$this->number($said)} notebooks and has $count. Take another copy.");
        }
        $read = [];
        foreach (\array_slice($lines, 1) as $i => $line) {
            try {
                $read[] = $this->files->read($line);
            } catch (PlanProblem $problem) {
                throw PlanProblem::at($problem->field, 'Notebook '.($i + 1)." of $count cannot be read: {$problem->getMessage()}");
            }
        }

        return $read;
    }

    private function number(mixed $said): string
    {
        return \is_int($said) ? (string) $said : 'other';
    }
}
