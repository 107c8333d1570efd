<?php

/* For commands that are given a plan file. */

declare(strict_types=1);

namespace App\Command;

use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanProblem;
use App\Plan\PlanFiles;

trait ReadsPlan
{
    private function said(mixed $argument): string
    {
        return \is_string($argument) ? $argument : '';
    }

    /** @throws PlanProblem */
    private function plan(PlanFiles $files, mixed $file): Plan
    {
        [$plan] = $files->read($this->contents($this->said($file)));

        return $plan;
    }

    /** @throws PlanProblem where there is no such file */
    private function contents(string $file): string
    {
        $contents = @file_get_contents('-' === $file ? 'php://stdin' : $file, false, null, 0, PlanFiles::LARGEST + 1);

        return false === $contents ? throw PlanProblem::at('', "There is no file “{$file}” that can be read.") : $contents;
    }

    /** Whole or not at all. @throws PlanProblem where it cannot be written */
    private function write(string $file, string $contents): void
    {
        $part = "$file.part";
        if (false === @file_put_contents($part, $contents) || !@rename($part, $file)) {
            throw PlanProblem::at('', "“{$file}” cannot be written.");
        }
    }
}
