<?php

/* What could stand on the pages that stay empty. */

declare(strict_types=1);

namespace AmpleMargin\Book;

use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Offer;
use AmpleMargin\Editing\Spread\AddSpread;
use AmpleMargin\Paging\Placement;
use AmpleMargin\Plan\BookPlan;
use AmpleMargin\Plan\Section;
use AmpleMargin\Spread\Catalogue\Catalogue;
use AmpleMargin\Spread\Catalogue\Fact;

/** @internal to Book */
final class Fillers
{
    public function __construct(private readonly BookPlan $plan, private readonly Catalogue $catalogue)
    {
    }

    /** @return list<Finding> one for each empty page, with an offer for each filler of the catalogue */
    public function findings(Placement $placement): array
    {
        $findings = [];
        foreach ($placement->empty as $page) {
            $before = null;
            $section = Section::Front;
            foreach ($placement->placed as $placed) {
                $planned = $this->plan->spread($placed->spread->id);
                if (null !== $planned && $placed->page < $page) {
                    $section = $planned->section;
                }
                if (null !== $planned && $placed->page > $page && null === $planned->pin) {
                    $before = $planned;
                    break;
                }
            }
            $offers = [];
            foreach ($this->catalogue->spreads() as $kind) {
                if ($kind->is(Fact::FillsEmptyPages)) {
                    $offers[] = new Offer(
                        "Put in: $kind->name",
                        (new AddSpread($kind->id, $before->section ?? $section, $before?->id))->written(),
                    );
                }
            }
            $findings[] = new Finding("page-$page", "Page $page stays empty.", $offers, false);
        }

        return $findings;
    }
}
