<?php

/* Plan files: JSON in and out, checked against docs/plan.schema.json on the way in. */

declare(strict_types=1);

namespace App\Plan;

use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\PlanReader;
use AmpleMargin\Plan\PlanWriter;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;

final class PlanFiles
{
    public const LARGEST = 5_000_000;

    private const WRITTEN = \JSON_UNESCAPED_SLASHES | \JSON_UNESCAPED_UNICODE | \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION;

    public function __construct(private readonly string $schema)
    {
    }

    /** As it is kept: one line, always the same for the same plan. */
    public function write(Plan $plan): string
    {
        return json_encode(PlanWriter::plan($plan), self::WRITTEN);
    }

    /**
     * As it is downloaded.
     *
     * @param list<array{drawing: string, step: string}> $ticked
     */
    public function file(Plan $plan, array $ticked): string
    {
        $written = PlanWriter::plan($plan);
        if ([] !== $ticked) {
            $written['ticked'] = $ticked;
        }

        return json_encode($written, self::WRITTEN | \JSON_PRETTY_PRINT)."\n";
    }

    /** A plan this program has kept itself. */
    public function stored(string $json): Plan
    {
        return PlanReader::plan(json_decode($json, true, 64, \JSON_THROW_ON_ERROR));
    }

    /**
     * A plan file from anywhere.
     *
     * @return array{Plan, list<array{drawing: string, step: string}>} the plan and the steps ticked
     *
     * @throws PlanProblem
     */
    public function read(string $json): array
    {
        if (\strlen($json) > self::LARGEST) {
            throw PlanProblem::at('', \sprintf('This file has %.1f MB; a plan file has 5 MB at most.', \strlen($json) / 1_000_000));
        }
        try {
            $plan = json_decode($json, true, 64, \JSON_THROW_ON_ERROR);
        } catch (\JsonException $broken) {
            throw PlanProblem::at('', '' === trim($json) ? 'This file is empty.' : 'This file is not whole: it is cut off or not JSON ('.lcfirst($broken->getMessage()).'). Download the plan again from where it came.');
        }
        // The reader comes first: it says what is wrong in the handbook's words. The schema then refuses what
        // the reader would not keep, so that nothing in a file is ever dropped unsaid.
        $read = PlanReader::plan($plan);
        $this->check($json);
        $ticked = [];
        foreach (\is_array($plan) && \is_array($plan['ticked'] ?? null) ? $plan['ticked'] : [] as $tick) {
            if (\is_array($tick) && \is_string($tick['drawing'] ?? null) && \is_string($tick['step'] ?? null)) {
                $ticked[] = ['drawing' => $tick['drawing'], 'step' => $tick['step']];
            }
        }

        return [$read, $ticked];
    }

    private function check(string $json): void
    {
        $validator = new Validator();
        $result = $validator->validate(json_decode($json, false, 64, \JSON_THROW_ON_ERROR), (string) file_get_contents($this->schema));
        if (!$result->isValid() && null !== $result->error()) {
            /** @var array<string, list<string>> $errors */
            $errors = (new ErrorFormatter())->format($result->error(), true);
            $field = (string) array_key_first($errors);
            throw PlanProblem::at(ltrim($field, '/'), 'This file does not follow the format of plan files at "'.$field.'": '.($errors[$field][0] ?? '').'.');
        }
    }
}
