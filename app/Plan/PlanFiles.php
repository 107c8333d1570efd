<?php

/* Plan files: JSON in and out, checked against docs/plan.schema.json on the way in. */

declare(strict_types=1);

namespace App\Plan;

use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\PlanReader;
use AmpleMargin\Plan\PlanWriter;
use AmpleMargin\Plan\Values;
use App\Entity\TickedStep;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;

final class PlanFiles
{
    /** Bytes of a plan file. */
    public const LARGEST = 5_000_000;

    /** Bytes of the plan in it, as this program writes it on one line; the rest is for the steps ticked. */
    public const LARGEST_PLAN = 2_800_000;

    private const WRITTEN = \JSON_UNESCAPED_SLASHES | \JSON_UNESCAPED_UNICODE | \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION;

    /** What the schema calls itself. */
    private const SCHEMA = 'urn:ample-margin:plan:2';

    private ?Validator $validator = null;

    public function __construct(private readonly string $schema)
    {
    }

    /** As it is kept: one line, always the same for the same plan. @throws PlanProblem where it is larger than any may be */
    public function write(Plan $plan): string
    {
        $written = json_encode(PlanWriter::plan($plan), self::WRITTEN);
        if (\strlen($written) > self::LARGEST_PLAN) {
            throw PlanProblem::at(
                '',
                \sprintf(
                    'The plan would have %s MB; it has %s MB at most.',
                    self::megabytes(\strlen($written)),
                    self::megabytes(self::LARGEST_PLAN),
                ),
            );
        }

        return $written;
    }

    /**
     * As it is downloaded: with the steps ticked, and set out to be read where that leaves it small enough to be uploaded again.
     *
     * @param list<array{drawing: string, step: string}> $ticked
     */
    public function file(Plan $plan, array $ticked): string
    {
        $written = PlanWriter::plan($plan) + ([] === $ticked ? [] : ['ticked' => $ticked]);
        $file = json_encode($written, self::WRITTEN | \JSON_PRETTY_PRINT)."\n";

        return \strlen($file) > self::LARGEST ? json_encode($written, self::WRITTEN)."\n" : $file;
    }

    /** A plan this program has kept itself. @throws Unreadable whatever has become of it since */
    public function stored(string $json): Plan
    {
        try {
            return PlanReader::plan(ExactJson::own($json));
        } catch (\Throwable $failure) {
            throw new Unreadable($failure);
        }
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
            throw PlanProblem::at('', self::tooLarge(\strlen($json)));
        }
        try {
            $plan = ExactJson::read($json);
        } catch (\JsonException $broken) {
            throw PlanProblem::at(
                '',
                '' === trim($json)
                    ? 'This file is empty.'
                    : 'This file is not whole: it is cut off or not JSON ('
                        .lcfirst($broken->getMessage())
                        .'). Download the plan again from where it came.',
            );
        }
        // The reader comes first: it says what is wrong in the words of the trade. The schema then refuses what
        // the reader would not keep, so that nothing in a file is ever dropped unsaid.
        $read = PlanReader::plan($plan);
        $this->check($json);
        $this->write($read);
        $ticked = array_map(self::tick(...), Values::of($plan)->each('ticked', TickedStep::MOST));

        return [$read, $ticked];
    }

    /**
     * Ticks as the core reads them.
     *
     * @param list<array{drawing: string, step: string}> $ticked
     *
     * @return array<string, array<string, bool>> drawing → true for steps that are done, by key
     */
    public static function done(array $ticked): array
    {
        $done = [];
        foreach ($ticked as $tick) {
            $done[$tick['drawing']][$tick['step']] = true;
        }

        return $done;
    }

    /** @return array{drawing: string, step: string} */
    private static function tick(Values $tick): array
    {
        [$drawing, $step] = [$tick->text('drawing', null, 60), $tick->text('step', null, 20)];

        return TickedStep::isNamed($drawing, $step)
            ? ['drawing' => $drawing, 'step' => $step]
            : throw PlanProblem::at($tick->path('step'), 'This is not a step of any page.');
    }

    /** @param int|null $bytes of a file that has too many; null where they were not counted to the end */
    public static function tooLarge(?int $bytes): string
    {
        $most = self::megabytes(self::LARGEST);

        return 'This file has '.(null === $bytes ? "more than $most" : self::megabytes($bytes))." MB; a plan file has $most MB at most.";
    }

    /** To the tenth, rounded up, so that what is too large never reads as what is allowed. */
    private static function megabytes(int $bytes): string
    {
        return rtrim(rtrim(number_format(ceil($bytes / 100_000) / 10, 1), '0'), '.');
    }

    /** It reads the schema once, which takes longer than most plans. */
    private function validator(): Validator
    {
        if (null === $this->validator) {
            $this->validator = new Validator();
            $this->validator->resolver()?->registerFile(self::SCHEMA, $this->schema);
        }

        return $this->validator;
    }

    private function check(string $json): void
    {
        $result = $this->validator()->validate(json_decode($json, false, ExactJson::DEEPEST, \JSON_THROW_ON_ERROR), self::SCHEMA);
        if (!$result->isValid() && null !== $result->error()) {
            /** @var array<string, list<string>> $errors */
            $errors = (new ErrorFormatter())->format($result->error(), true);
            $field = (string) array_key_first($errors);
            throw PlanProblem::at(
                ltrim($field, '/'),
                'This file does not follow the format of plan files at "'.$field.'": '.($errors[$field][0] ?? '').'.',
            );
        }
    }
}
