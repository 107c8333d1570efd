<?php

/* A word of a page said otherwise, whoever's page it is: where it is kept, what it was when it was pointed at, and what it says now. */

declare(strict_types=1);

namespace AmpleMargin\Editing;

use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Word\LineWords;
use AmpleMargin\Spread\Word\SaidWords;
use AmpleMargin\Spread\Word\WordPlace;

/** @internal to Editing */
final class OtherWord
{
    /** @param string $says without words: the title is the kind's again, a part has no name, a line goes */
    private function __construct(public readonly WordPlace $at, public readonly string $was, public readonly string $says)
    {
    }

    /** @throws PlanProblem where that is no place, or the word has more letters than a page holds */
    public static function read(Values $values): self
    {
        return new self(
            WordPlace::read($values->text('at', null, 200))
                ?? throw PlanProblem::at('edit/at', 'A word is known by where it is kept, such as title or page/items/0.'),
            $values->text('was', ''),
            trim((string) preg_replace('/\s+/u', ' ', $values->text('says', '', LineWords::LONGEST))),
        );
    }

    /** What stands there now. @throws PlanProblem where nothing does, or something else than was pointed at */
    public function in(SaidWords $said): string
    {
        $line = $said->at($this->at) ?? throw PlanProblem::at('edit/at', 'This word is not there any more.');

        return str_contains($line, $this->was) ? $line : throw PlanProblem::at('edit/was', "It says “{$line}” by now. Look at it again.");
    }

    /** For the list of edits. */
    public function said(): string
    {
        return '' === $this->says ? "“{$this->was}” left out" : "“{$this->says}” instead of “{$this->was}”";
    }

    /** @return array{at: string, was: string, says: string} */
    public function written(): array
    {
        return ['at' => (string) $this->at, 'was' => $this->was, 'says' => $this->says];
    }
}
