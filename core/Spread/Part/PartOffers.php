<?php

/* The ways out for a part that is too small for what fills it: those of the filling that do fit. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part;

use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Offer;

/** @internal to Spread */
final class PartOffers
{
    private const MOST = 2;

    /** @param bool $byHand whether the parts stand in the plan, and not in a kind */
    public function __construct(private readonly Asker $asker, private readonly bool $byHand)
    {
    }

    /** @return list<Offer> */
    public function of(PlacedLeaf $placed): array
    {
        // A month's pattern is changed for all its months, on a screen of its own.
        if (null !== $this->asker->page->calendar->month) {
            return [];
        }
        $filling = $placed->leaf->filling;
        $offers = [];
        foreach ($filling instanceof GivesWay ? $filling->ways($this->asker->of($placed->leaf), $placed->region) : [] as $way) {
            $asked = $this->byHand ? $way['settings'] : $placed->leaf->asAsked($way['settings']);
            if (\count($offers) < self::MOST && null !== $asked && $this->fits($placed, $way['settings'], $asked)) {
                $offers[] = $this->offer($placed, $way['say'], $asked);
            }
        }

        return [] === $offers && !$this->byHand ? [Offer::leaveOut($this->asker->page->id)] : $offers;
    }

    /**
     * @param array<string, mixed> $settings of the filling
     * @param array<string, mixed> $asked    as the page calls them
     */
    private function fits(PlacedLeaf $placed, array $settings, array $asked): bool
    {
        $asker = new Asker($this->asker->page->with($asked));
        $leaf = $placed->leaf->set($settings);
        if (null !== $leaf->place($asker, $placed->region)[0]->says) {
            return false;
        }
        // On every page it takes: a heavier month may not fit where a lighter one does.
        $from = 0;
        for ($page = 0; null !== $from && $page < Parted::MOST_PAGES; ++$page) {
            $filled = $leaf->filling->fill($asker->of($leaf), $placed->region, $from);
            if ([] !== array_filter($filled->findings, static fn (Finding $finding): bool => $finding->broken)) {
                return false;
            }
            $from = $filled->next;
        }

        return true;
    }

    /** @param array<string, mixed> $settings */
    private function offer(PlacedLeaf $placed, string $say, array $settings): Offer
    {
        return $this->byHand
            ? new Offer($say, [
                'type' => 'part-page',
                'spread' => $this->asker->page->id,
                'do' => 'set',
                'at' => $placed->path,
                'settings' => $settings,
            ])
            : Offer::settings($this->asker->page->id, $say, $settings);
    }
}
