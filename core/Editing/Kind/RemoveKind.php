<?php

/* A kind of the person's own goes out of the plan; its spreads stay as they are, each a page of parts by itself. */

declare(strict_types=1);

namespace AmpleMargin\Editing\Kind;

use AmpleMargin\Editing\Edit;
use AmpleMargin\Editing\Edited;
use AmpleMargin\Plan\OwnKind;
use AmpleMargin\Plan\PatternPart;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlannedSpread;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue\Catalogue;
use AmpleMargin\Spread\Catalogue\Kind;
use AmpleMargin\Spread\Catalogue\TakesDates;
use AmpleMargin\Spread\Filling\PartingFile;
use AmpleMargin\Spread\Page\PageGrid;
use AmpleMargin\Spread\Part\Asker;
use AmpleMargin\Spread\Part\PartRefused;
use AmpleMargin\Spread\Setting\Settings;

final class RemoveKind implements Edit
{
    /** What is said of a spread whatever it is. */
    private const STAYS = [TakesDates::SETTING, Kind::IN_INDEX, Settings::TURNED];

    public function __construct(private readonly string $kind)
    {
    }

    public static function type(): string
    {
        return 'remove-kind';
    }

    public static function read(Values $values): self
    {
        return new self($values->text('kind', '', 80));
    }

    public function on(Plan $plan, Catalogue $catalogue): Edited
    {
        $kind = $plan->kind($this->kind) ?? throw PlanProblem::at('edit/kind', 'This kind of your own is not in the plan any more.');
        foreach ($plan->months->patterns as $pattern) {
            if (\in_array($kind->id, array_map(static fn (PatternPart $part): string => $part->kind, $pattern->parts), true)) {
                $says = "“{$kind->name}” is a part of the month’s pattern “{$pattern->name}”. Take it out there first.";
                throw PlanProblem::at('edit/kind', $says);
            }
        }
        $page = $catalogue->byHand()->id;

        return new Edited($plan->with([
            'kinds' => array_values(array_filter($plan->kinds, static fn (OwnKind $one): bool => $one !== $kind)),
            'spreads' => array_map(static fn (PlannedSpread $one): PlannedSpread => $one->kind === $kind->id
                ? $one->with([
                    'kind' => $page,
                    'title' => $catalogue->title($one),
                    'settings' => ['parts' => self::parts($kind, $one, $plan, $catalogue)]
                        + array_intersect_key($one->settings, array_flip(self::STAYS)),
                ])
                : $one, $plan->spreads),
        ]), "$kind->name is a kind no more");
    }

    /**
     * Its parts with what was said of them in this spread.
     *
     * @return array<array-key, mixed>
     */
    private static function parts(OwnKind $kind, PlannedSpread $spread, Plan $plan, Catalogue $catalogue): array
    {
        $book = $plan->inBook($spread->book);
        $form = $catalogue->kind($kind->id)?->form;
        if (null === $book || null === $form) {
            return $kind->parts;
        }
        $request = $catalogue->request($spread, $book, PageGrid::of($book->stock, $book->counting));
        try {
            return PartingFile::written($form->parting($request)->settled(new Asker($request)));
        } catch (PartRefused) {
            return $kind->parts;
        }
    }
}
