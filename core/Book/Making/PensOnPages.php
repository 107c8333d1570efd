<?php

/* Which pages are drawn with pens that were seen to come through this paper, what stands on their backs, and what can be done. */

declare(strict_types=1);

namespace AmpleMargin\Book\Making;

use AmpleMargin\Book\Drawings;
use AmpleMargin\Book\SaysFindings;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Offer;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Making\PenVerdict;
use AmpleMargin\Plan\BookPlan;
use AmpleMargin\Plan\Making\PenUse;
use AmpleMargin\Plan\Making\TestedPen;
use AmpleMargin\Plan\Medium;
use AmpleMargin\Spread\Catalogue\Catalogue;

/** @internal to Book */
final class PensOnPages implements SaysFindings
{
    /** @var array<string, TestedPen> colour → the pen of it that bleeds, as it was seen */
    private readonly array $bleeding;

    public function __construct(private readonly BookPlan $plan, private readonly Drawings $drawings, private readonly Catalogue $catalogue)
    {
        $pens = $plan->whole->making->pens;
        $bleeding = [];
        foreach ($pens as $pen) {
            $verdict = PenVerdict::of($pen, $pens, $plan->stock->grammage);
            if (null !== $pen->colour && $verdict->bleeds && $verdict->seen) {
                $bleeding[$pen->colour] = $pen;
            }
        }
        $this->bleeding = $bleeding;
    }

    /** Whether a page is drawn with any of them. */
    public function comesThrough(?PageDrawing $page): bool
    {
        return [] !== $this->bleeding && null !== $page && null !== $this->penOf($page);
    }

    /** @return list<Finding> nothing is drawn for it where no pen was seen to bleed */
    public function findings(): array
    {
        $findings = [];
        foreach ($this->plan->whole->making->pens as $pen) {
            if (true === $pen->bleeds && (\in_array(PenUse::Lines, $pen->uses, true) || \in_array(PenUse::Writing, $pen->uses, true))
                && (null === $pen->colour || !$this->isInPalette($pen->colour))) {
                $findings[] = new Finding('book', "“{$pen->name}” bleeds on this paper, and is used for all "
                    .(\in_array(PenUse::Writing, $pen->uses, true) ? 'writing' : 'lines').': every page would come through. Take another '
                        .'pen.', [], false, 'pens');
            }
        }
        foreach ($this->plan->pens->pens as $pen) {
            $tested = $this->bleeding[$pen->colour] ?? null;
            if (null !== $tested) {
                $findings[] = new Finding(
                    'book',
                    'The pen of the palette'.('' === $pen->means ? '' : " for “{$pen->means}”")." ($tested->name) bleeds on this paper.",
                    [],
                    false,
                    'pens',
                );
            }
        }
        foreach ([] === $this->bleeding ? [] : $this->plan->spreads as $spread) {
            if (\in_array($spread->medium, [Medium::Bleeds, Medium::Decoration], true)) {
                continue;
            }
            foreach ($this->drawings->ofSpread($spread->id) as $page) {
                $pen = $this->penOf($page);
                if (null !== $pen) {
                    $findings[] = new Finding(
                        $spread->id,
                        "{$this->catalogue->title($spread)} is drawn with “{$pen->name}”, which was seen to bleed on this paper: its "
                            .'reverse must '
                            .'be blank, glued shut or decoration.',
                        [Offer::spread($spread->id, 'Place it as what bleeds', ['medium' => Medium::Bleeds->value])],
                        false,
                        'pens',
                    );
                    break;
                }
            }
        }

        return $findings;
    }

    private function isInPalette(string $colour): bool
    {
        return \in_array($colour, array_column($this->plan->pens->pens, 'colour'), true);
    }

    private function penOf(PageDrawing $page): ?TestedPen
    {
        foreach ($page->marks as $mark) {
            $pen = null === $mark->colour ? null : $this->bleeding[strtolower($mark->colour)] ?? null;
            if (null !== $pen) {
                return $pen;
            }
        }

        return null;
    }
}
