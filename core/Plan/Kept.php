<?php

/*
 * Values of any shape that a plan keeps as they came, because a newer program or an unknown kind may mean something by
 * them. What is kept has bounds, so that no plan grows beyond what can be composed, written and read again.
 */

declare(strict_types=1);

namespace AmpleMargin\Plan;

/** @internal to Plan */
final class Kept
{
    /**
     * Levels of lists and names, one inside another: a key's symbols take five. A page of parts takes most: its settings, the parting
     * and its pages, each page, two for each of six divisions, and a part's settings with a list of lists in them are 19.
     */
    public const DEEPEST = 24;

    /** Entries of one list, and names on one level. */
    public const LONGEST_LIST = 500;

    /** Values in all, for one spread: a key of the most symbols, states and strokes has under 6,000. */
    public const MOST = 10_000;

    private int $left = self::MOST;

    private function __construct(private readonly string $path)
    {
    }

    /**
     * The same values, once they are known to be within bounds.
     *
     * @param array<array-key, mixed> $values
     *
     * @return array<array-key, mixed>
     *
     * @throws PlanProblem naming the place
     */
    public static function within(array $values, string $path): array
    {
        (new self($path))->check($values, $path, self::DEEPEST);

        return $values;
    }

    private function check(mixed $value, string $path, int $deeper): void
    {
        if (--$this->left < 0) {
            throw PlanProblem::at($this->path, 'There are more than '.number_format(self::MOST)." values in \"$this->path\".");
        }
        if (\is_string($value)) {
            $this->words($value, $path);
        }
        if (!\is_array($value) && !$value instanceof \stdClass) {
            return;
        }
        $inside = (array) $value;
        if ($deeper < 1) {
            throw PlanProblem::at($path, "\"$path\" lies too deep: ".self::DEEPEST.' levels inside one another at most.');
        }
        if (\count($inside) > self::LONGEST_LIST) {
            throw PlanProblem::at($path, 'There are '.number_format(\count($inside))." in \"$path\": at most ".self::LONGEST_LIST.'.');
        }
        foreach ($inside as $name => $one) {
            $this->words((string) $name, $path);
            $this->check($one, mb_strimwidth("$path/$name", 0, 200, '…'), $deeper - 1);
        }
    }

    private function words(string $words, string $path): void
    {
        if (!mb_check_encoding($words, 'UTF-8')) {
            throw PlanProblem::at($path, 'These words are not in UTF-8.');
        }
        if (mb_strlen($words) > Values::LONGEST_TEXT) {
            throw PlanProblem::at(
                $path,
                'This has '.number_format(mb_strlen($words)).' letters: at most '.number_format(Values::LONGEST_TEXT).'.',
            );
        }
    }
}
