<?php

/* One word of a spread's pages said otherwise: its title, the name of a part, a setting, or a line of one; what stands around it stays. */

declare(strict_types=1);

namespace AmpleMargin\Editing\Spread;

use AmpleMargin\Editing\Edited;
use AmpleMargin\Editing\Offered;
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
use AmpleMargin\Spread\Word\WordPlace;

final class SetWord implements Offered
{
    /**
     * @param WordPlace $at   where it is kept
     * @param string    $was  as it was read when it was pointed at
     * @param string    $says without words: the title is the kind's again, a part has no name, a line goes
     */
    public function __construct(
        private readonly string $spread,
        private readonly WordPlace $at,
        private readonly string $was,
        private readonly string $says,
    ) {
    }

    public static function type(): string
    {
        return 'set-word';
    }

    public static function read(Values $values): self
    {
        $at = $values->text('at', null, 200);

        return new self(
            $values->text('spread', '', 40),
            WordPlace::read($at) ?? throw PlanProblem::at('edit/at', 'A word is known by where it is kept, such as title or page/items/0.'),
            $values->text('was', ''),
            trim((string) preg_replace('/\s+/u', ' ', $values->text('says', '', LineWords::LONGEST))),
        );
    }

    public function on(Plan $plan, Catalogue $catalogue): Edited
    {
        $spread = InPlan::spread($plan, $this->spread);
        $kind = $catalogue->kind($spread->kind) ?? throw PlanProblem::at('edit/spread', 'Nobody knows what this spread is.');
        $said = $this->said($plan, $catalogue, $spread, $kind);
        $line = $said->at($this->at) ?? throw PlanProblem::at('edit/at', 'This word is not there any more.');
        if (!str_contains($line, $this->was)) {
            throw PlanProblem::at('edit/was', "It says “{$line}” by now. Look at it again.");
        }
        $edited = match (true) {
            null === $this->at->setting && null === $this->at->part => new SetSpread($spread->id, ['title' => $this->says]),
            null === $this->at->setting => new SetPart($spread->id, (string) $this->at->part, [OfParts::NAME => $this->says]),
            null === $this->at->part => new SetSpread($spread->id, ['settings' => $said->saying($this->at, $this->was, $this->says)
                // What is answered of a line goes with it.
                + $kind->settings->answeredOf(
                    $spread->settings,
                    $this->at->setting,
                    $line,
                    LineWords::with($line, $this->at->piece, $this->was, $this->says),
                )]),
            default => new SetPart($spread->id, $this->at->part, $said->saying($this->at, $this->was, $this->says)),
        };
        $now = '' === $this->says ? "“{$this->was}” left out" : "“{$this->says}” instead of “{$this->was}”";

        return new Edited($edited->on($plan, $catalogue)->plan, InPlan::name($spread, $catalogue).": $now");
    }

    public function written(): array
    {
        return ['type' => self::type(), 'spread' => $this->spread, 'at' => (string) $this->at, 'was' => $this->was, 'says' => $this->says];
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
