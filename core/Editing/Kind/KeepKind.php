<?php

/*
 * A page that was divided is kept as a kind of the person's own, and is one from then on. Under a name that is there already,
 * that kind changes, and every spread of it with it.
 */

declare(strict_types=1);

namespace AmpleMargin\Editing\Kind;

use AmpleMargin\Editing\Edit;
use AmpleMargin\Editing\Edited;
use AmpleMargin\Plan\OwnKind;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlannedSpread;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Section;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue\Catalogue;
use AmpleMargin\Spread\Catalogue\Kind;
use AmpleMargin\Spread\Catalogue\TakesDates;
use AmpleMargin\Spread\Filling\PartingFile;
use AmpleMargin\Spread\Page\PageGrid;
use AmpleMargin\Spread\Part\Asker;
use AmpleMargin\Spread\Part\PartRefused;

final class KeepKind implements Edit
{
    /**
     * @param list<string> $ask  settings that stay open, of whatever part has them
     * @param string|null  $kind the id of the kind that changes, with all its spreads; null for one of that name, or a new one
     */
    public function __construct(
        private readonly string $spread,
        private readonly string $name,
        private readonly Section $section,
        private readonly string $purpose,
        private readonly array $ask,
        private readonly ?string $kind = null,
    ) {
    }

    public static function type(): string
    {
        return 'keep-kind';
    }

    public static function read(Values $values): self
    {
        $name = trim($values->text('name', '', 80));
        if ('' === $name) {
            throw PlanProblem::at($values->path('name'), 'Give the kind a name.');
        }

        return new self(
            $values->text('spread', '', 40),
            $name,
            $values->choice('section', Section::class),
            trim($values->text('purpose', '', 200)),
            $values->words('ask', 40),
            $values->textOrNull('kind', 80),
        );
    }

    public function on(Plan $plan, Catalogue $catalogue): Edited
    {
        $spread = $plan->spread($this->spread) ?? throw PlanProblem::at('edit/spread', 'This spread is not in the book any more.');
        $form = $catalogue->kind($spread->kind)?->form;
        $book = $plan->inBook($spread->book);
        if (null === $form || null === $book) {
            throw PlanProblem::at('edit/spread', 'This spread is not made of parts, so it cannot be a kind of your own.');
        }
        $request = $catalogue->request($spread, $book, PageGrid::of($book->stock, $book->counting));
        try {
            $piece = $form->parting($request)->settled(new Asker($request))->asking($this->ask);
        } catch (PartRefused $refused) {
            throw PlanProblem::at('edit/spread', $refused->getMessage());
        }
        $kind = new OwnKind($this->id($plan), $this->name, $this->section, $this->purpose, PartingFile::written($piece));
        $others = array_values(array_filter($plan->kinds, static fn (OwnKind $one): bool => $one->id !== $kind->id));
        if (\count($others) >= OwnKind::MOST) {
            throw PlanProblem::at('edit/name', 'A plan has '.OwnKind::MOST.' kinds of your own at most; take one out first.');
        }

        return new Edited($plan->with([
            'kinds' => [...$others, $kind],
            'spreads' => array_map(static fn (PlannedSpread $one): PlannedSpread => $one->id === $spread->id
                ? $one->with([
                    'kind' => $kind->id,
                    'settings' => array_intersect_key($spread->settings, [TakesDates::SETTING => true, Kind::IN_INDEX => true]),
                    'title' => $catalogue->title($spread),
                ])
                : $one, $plan->spreads),
        ]), "$this->name kept as a kind");
    }

    /** That of the kind that changes, or of one of this name, or a new one. */
    private function id(Plan $plan): string
    {
        if (null !== $this->kind) {
            return $plan->kind($this->kind)->id ?? throw PlanProblem::at('edit/kind', 'This kind of your own is not in the plan any more.');
        }
        foreach ($plan->kinds as $kind) {
            if ($kind->name === $this->name) {
                return $kind->id;
            }
        }
        $id = $first = OwnKind::idOf($this->name);
        for ($n = 2; null !== $plan->kind($id); ++$n) {
            $id = "$first-$n";
        }

        return $id;
    }
}
