<?php

/* One word of a part of a month's pattern said otherwise, in all months that use it. */

declare(strict_types=1);

namespace AmpleMargin\Editing\Month;

use AmpleMargin\Editing\Edited;
use AmpleMargin\Editing\Offered;
use AmpleMargin\Plan\Pattern;
use AmpleMargin\Plan\PatternPart;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Values;
use AmpleMargin\Plan\Volume;
use AmpleMargin\Spread\Catalogue\Catalogue;
use AmpleMargin\Spread\Catalogue\Kind;
use AmpleMargin\Spread\Part\OfParts;
use AmpleMargin\Spread\Part\PartRefused;
use AmpleMargin\Spread\Setting\Settings;
use AmpleMargin\Spread\Word\LineWords;
use AmpleMargin\Spread\Word\SaidWords;
use AmpleMargin\Spread\Word\WordPlace;

final class SetPatternWord implements Offered
{
    /**
     * @param int    $part of the pattern, from 0
     * @param string $says without words: the title is the kind's again, a part has no name, a line goes
     */
    public function __construct(
        private readonly string $pattern,
        private readonly int $part,
        private readonly WordPlace $at,
        private readonly string $was,
        private readonly string $says,
    ) {
    }

    public static function type(): string
    {
        return 'set-pattern-word';
    }

    public static function read(Values $values): self
    {
        return new self(
            $values->text('pattern', '', 40),
            $values->count('part', 0, 30),
            WordPlace::read($values->text('at', null, 200))
                ?? throw PlanProblem::at('edit/at', 'A word is known by where it is kept, such as title or page/items/0.'),
            $values->text('was', ''),
            trim((string) preg_replace('/\s+/u', ' ', $values->text('says', '', LineWords::LONGEST))),
        );
    }

    public function on(Plan $plan, Catalogue $catalogue): Edited
    {
        $pattern = $plan->months->pattern($this->pattern);
        $part = $pattern->parts[$this->part] ?? null;
        $kind = null === $part ? null : $catalogue->kind($part->kind);
        if (null === $pattern || null === $part || null === $kind) {
            throw PlanProblem::at('edit/part', 'This pattern has no such part any more.');
        }
        $said = $this->said($plan, $catalogue, $kind, $part);
        $line = $said->at($this->at) ?? throw PlanProblem::at('edit/at', 'This word is not there any more.');
        if (!str_contains($line, $this->was)) {
            throw PlanProblem::at('edit/was', "It says “{$line}” by now. Look at it again.");
        }
        $settings = array_filter($this->changed($said, $part->settings), static fn (mixed $value): bool => null !== $value);
        $changed = new Pattern($pattern->id, $pattern->name, array_values(array_replace(
            $pattern->parts,
            [$this->part => new PatternPart($part->kind, $part->pages, $settings)],
        )));
        $now = '' === $this->says ? "“{$this->was}” left out" : "“{$this->says}” instead of “{$this->was}”";

        return new Edited((new SetPattern($changed))->on($plan, $catalogue)->plan, "Pattern “{$pattern->name}”: $now");
    }

    public function written(): array
    {
        return [
            'type' => self::type(),
            'pattern' => $this->pattern,
            'part' => $this->part,
            'at' => (string) $this->at,
            'was' => $this->was,
            'says' => $this->says,
        ];
    }

    /** @throws PlanProblem where its parts cannot be told */
    private function said(Plan $plan, Catalogue $catalogue, Kind $kind, PatternPart $part): SaidWords
    {
        $book = $plan->inBook(Volume::FIRST) ?? throw new \LogicException('There is a first book.');
        $request = $catalogue->requestOfMonth($kind, $part->settings, $book->period->start, $book, max(1, $part->pages));
        try {
            return SaidWords::of($kind, $request->title, $part->settings, $kind->form->parting($request));
        } catch (PartRefused $refused) {
            throw PlanProblem::at('edit/at', $refused->getMessage());
        }
    }

    /**
     * @param array<array-key, mixed> $settings of the part of the pattern
     *
     * @return array<array-key, mixed>
     */
    private function changed(SaidWords $said, array $settings): array
    {
        if (null === $this->at->setting && null === $this->at->part) {
            return array_replace($settings, [Kind::TITLED => '' === $this->says ? null : $this->says]);
        }
        if (null === $this->at->part) {
            return array_replace($settings, $said->saying($this->at, $this->was, $this->says));
        }
        $ofParts = OfParts::settings($settings[Settings::OF_PARTS] ?? null);
        $own = array_replace(OfParts::settings($ofParts[$this->at->part] ?? null), null === $this->at->setting
            ? [OfParts::NAME => $this->says]
            : $said->saying($this->at, $this->was, $this->says));
        $ofParts[$this->at->part] = array_filter($own, static fn (mixed $value): bool => null !== $value);

        return array_replace($settings, [Settings::OF_PARTS => $ofParts]);
    }
}
