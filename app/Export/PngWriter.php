<?php

/* Writes a sheet as a picture of 300 dots to the inch, by png.mjs from its SVG. */

declare(strict_types=1);

namespace App\Export;

use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Sheet\Sheet;
use Psr\Log\LoggerInterface;
use Psr\Log\NullLogger;
use Symfony\Component\Process\Exception\ExceptionInterface;
use Symfony\Component\Process\Process;

final class PngWriter
{
    /** Seconds one sheet may take; A3 takes two. */
    private const PATIENCE = 60;

    public function __construct(private readonly SvgWriter $svg, private readonly LoggerInterface $log = new NullLogger())
    {
    }

    /** @throws PlanProblem where Node.js cannot be run, which the log says */
    public function write(Sheet $sheet): string
    {
        try {
            return (new Process(
                ['node', __DIR__.'/png.mjs'],
                input: $this->svg->write($sheet),
                timeout: self::PATIENCE,
            ))->mustRun()->getOutput();
        } catch (ExceptionInterface $failure) {
            $this->log->error('A sheet could not be drawn as a picture: {failure}', ['failure' => $failure->getMessage()]);
            throw PlanProblem::at('as', 'Pictures need Node.js on this machine. Take the sheet as PDF or SVG.');
        }
    }
}
