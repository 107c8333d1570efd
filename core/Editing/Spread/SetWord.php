<?php

/* One word of a spread's pages said otherwise: its title, the name of a part, a setting, or a line of one; what stands around it stays. */

declare(strict_types=1);

namespace AmpleMargin\Editing\Spread;

use AmpleMargin\Editing\Edited;
use AmpleMargin\Editing\Offered;
use AmpleMargin\Editing\OtherWord;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlannedSpread;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue\Catalogue;
use AmpleMargin\Spread\Catalogue\Kind;
use AmpleMargin\Spread\Page\PageGrid;
use AmpleMargin\Spread\Part\OfParts;
use AmpleMargin\Spread\Part\PartRefused;
use AmpleMargin\Spread\Word\LineWords;
use AmpleMargin\Spread\Word\SaidWords;

final class SetWord implements Offered
{
    public function __construct(private readonly string $spread, private readonly OtherWord $word)
    {
    }

    public static function type(): string
    {
        return 'set-word';
    }

    public static function read(Values $values): self
    {
        return new self($values->text('spread', '', 40), OtherWord::read($values));
    }

    public function on(Plan $plan, Catalogue $catalogue): Edited
    {
        $spread = InPlan::spread($plan, $this->spread);
        $kind = $catalogue->kind($spread->kind) ?? throw PlanProblem::at('edit/spread', 'Nobody knows what this spread is.');
        $said = $this->said($plan, $catalogue, $spread, $kind);
        $line = $this->word->in($said);
        [$at, $was, $says] = [$this->word->at, $this->word->was, $this->word->says];
        $edited = match (true) {
            null === $at->setting && null === $at->part => new SetSpread($spread->id, ['title' => $says]),
            null === $at->setting => new SetPart($spread->id, (string) $at->part, [OfParts::NAME => $says]),
            null === $at->part => new SetSpread($spread->id, ['settings' => $said->saying($at, $was, $says)
                // What is answered of a line goes with it.
                + $kind->settings->answeredOf(
                    $spread->settings,
                    $at->setting,
                    $line,
                    LineWords::with($line, $at->piece, $was, $says),
                )]),
            default => new SetPart($spread->id, $at->part, $said->saying($at, $was, $says)),
        };

        return new Edited($edited->on($plan, $catalogue)->plan, InPlan::name($spread, $catalogue).': '.$this->word->said());
    }

    public function written(): array
    {
        return ['type' => self::type(), 'spread' => $this->spread] + $this->word->written();
    }

    /** @throws PlanProblem where its parts cannot be told */
    private function said(Plan $plan, Catalogue $catalogue, PlannedSpread $spread, Kind $kind): SaidWords
    {
        $book = $plan->inBook($spread->book) ?? throw PlanProblem::at('edit/spread', 'This spread stands in no book.');
        try {
            $piece = $kind->form->parting($catalogue->request($spread, $book, PageGrid::of($book->stock, $book->counting)));
        } catch (PartRefused $refused) {
            throw PlanProblem::at('edit/at', $refused->getMessage());
        }

        return SaidWords::of($kind, $catalogue->title($spread), $spread->settings, $piece);
    }
}
