<?php

/* What its spreads say: kinds nobody knows, settings that make no sense, what has no room, pages that stay empty. */

declare(strict_types=1);

namespace AmpleMargin\Book;

use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Offer;
use AmpleMargin\Editing\Spread\SetPart;
use AmpleMargin\Plan\BookPlan;
use AmpleMargin\Plan\PlannedSpread;
use AmpleMargin\Spread\Catalogue\Kind;
use AmpleMargin\Spread\Part\OfParts;
use AmpleMargin\Spread\Part\PartRefused;
use AmpleMargin\Spread\Setting\Settings;

/** @internal to Book */
final class SpreadFindings implements SaysFindings
{
    public function __construct(
        private readonly BookPlan $plan,
        private readonly Layouts $layouts,
        private readonly Paged $paged,
        private readonly Drawings $drawings,
    ) {
    }

    public function findings(): array
    {
        [$front, $back] = [$this->paged->front, $this->paged->back];
        $findings = [...$front->findings, ...$back->findings];
        foreach ($this->plan->spreads as $spread) {
            if (null === $this->layouts->catalogue->kind($spread->kind)) {
                $findings[] = new Finding(
                    $spread->id,
                    "This program does not know the kind “{$spread->kind}”. It is kept as it came, with one page, and nothing is "
                        .'drawn for it.',
                );
            }
            array_push($findings, ...$this->wrongSettings($spread));
            if ($this->layouts->isHalfAsked($spread) && !$this->layouts->isHalf($spread)) {
                $findings[] = new Finding(
                    $spread->id,
                    $this->layouts->catalogue->title($spread).' takes more than one page, so it cannot share one.',
                    [Offer::settings($spread->id, 'Give it pages of its own', [Kind::HALF => null])],
                    false,
                );
            }
            array_push(
                $findings,
                ...self::once(
                    $this->drawings->laid($spread->id)->findings ?? [],
                    $front->pageOf($spread->id) ?? $back->pageOf($spread->id),
                    $this->layouts->catalogue->title($spread),
                ),
            );
        }

        return [...$findings, ...(new Fillers($this->plan, $this->layouts->catalogue))->findings($front)];
    }

    /** @return list<Finding> settings its kind knows that make no sense; they are kept, and count as not given */
    private function wrongSettings(PlannedSpread $spread): array
    {
        $findings = [];
        foreach ($this->layouts->catalogue->kind($spread->kind)?->settings($spread->settings)->wrong() ?? [] as $name => $says) {
            $findings[] = new Finding($spread->id, "$says Until then it counts as not given.", [
                Offer::settings($spread->id, 'Put it back to the usual', [$name => null]),
            ], false);
        }

        return [...$findings, ...$this->wrongParts($spread)];
    }

    /** @return list<Finding> the same of what is said of single parts */
    private function wrongParts(PlannedSpread $spread): array
    {
        $said = OfParts::settings($spread->settings[Settings::OF_PARTS] ?? null);
        $form = [] === $said ? null : $this->layouts->form($spread);
        if (null === $form) {
            return [];
        }
        try {
            $wrong = OfParts::wrong($form->parting($this->layouts->request($spread)), $said);
        } catch (PartRefused) {
            return [];
        }

        return array_map(static fn (array $one): Finding => new Finding(
            $spread->id,
            ucfirst($one[0]).": $one[2] Until then it counts as not given.",
            [new Offer('Put it back to the usual', (new SetPart($spread->id, $one[0], [$one[1] => null]))->written())],
            false,
        ), $wrong);
    }

    /**
     * What the pages of a spread say, each thing once and where.
     *
     * @param array<int, list<Finding>> $pages from 0
     * @param int|null                  $first the page the first of them stands on
     * @param string                    $title whose they are
     *
     * @return list<Finding>
     */
    private static function once(array $pages, ?int $first, string $title): array
    {
        /** @var array<string, array{Finding, non-empty-list<int>}> $said */
        $said = [];
        foreach ($pages as $nth => $page) {
            foreach ($page as $finding) {
                $said[$finding->says] = [$finding, [...$said[$finding->says][1] ?? [], ($first ?? 1) + $nth]];
            }
        }

        $findings = [];
        foreach ($said as [$finding, $on]) {
            $on = array_values(array_unique($on));
            $where = (null === $first ? 'On its pages ' : 'On pages ').self::listed($on);
            $findings[] = 1 === \count($on) ? $finding : new Finding(
                $finding->about,
                "$where".(null === $first ? '' : " ($title)").": $finding->says",
                $finding->offers,
                $finding->broken,
                $finding->see,
            );
        }

        return $findings;
    }

    /**
     * "8–10" where they follow one another, else "8, 10".
     *
     * @param non-empty-list<int> $pages rising
     */
    private static function listed(array $pages): string
    {
        $last = $pages[\count($pages) - 1];

        return \count($pages) > 2 && \count($pages) === $last - $pages[0] + 1 ? "{$pages[0]}–$last" : implode(', ', $pages);
    }
}
