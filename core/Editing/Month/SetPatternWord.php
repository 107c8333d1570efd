<?php

/* One word of a part of a month's pattern said otherwise, in all months that use it. */

declare(strict_types=1);

namespace AmpleMargin\Editing\Month;

use AmpleMargin\Editing\Edited;
use AmpleMargin\Editing\Offered;
use AmpleMargin\Editing\OtherWord;
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
use AmpleMargin\Spread\Word\SaidWords;

final class SetPatternWord implements Offered
{
    /** @param int $part of the pattern, from 0 */
    public function __construct(
        private readonly string $pattern,
        private readonly int $part,
        private readonly OtherWord $word,
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
            OtherWord::read($values),
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
        $this->word->in($said);
        $settings = array_filter($this->changed($said, $part->settings), static fn (mixed $value): bool => null !== $value);
        $changed = new Pattern($pattern->id, $pattern->name, array_values(array_replace(
            $pattern->parts,
            [$this->part => new PatternPart($part->kind, $part->pages, $settings)],
        )));

        return new Edited((new SetPattern($changed))->on($plan, $catalogue)->plan, "Pattern “{$pattern->name}”: ".$this->word->said());
    }

    public function written(): array
    {
        return ['type' => self::type(), 'pattern' => $this->pattern, 'part' => $this->part] + $this->word->written();
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
        [$at, $was, $says] = [$this->word->at, $this->word->was, $this->word->says];
        if (null === $at->setting && null === $at->part) {
            return array_replace($settings, [Kind::TITLED => '' === $says ? null : $says]);
        }
        if (null === $at->part) {
            return array_replace($settings, $said->saying($at, $was, $says));
        }
        $ofParts = OfParts::settings($settings[Settings::OF_PARTS] ?? null);
        $own = array_replace(OfParts::settings($ofParts[$at->part] ?? null), null === $at->setting
            ? [OfParts::NAME => $says]
            : $said->saying($at, $was, $says));
        $ofParts[$at->part] = array_filter($own, static fn (mixed $value): bool => null !== $value);

        return array_replace($settings, [Settings::OF_PARTS => $ofParts]);
    }
}
