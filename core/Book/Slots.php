<?php

/* Page by page, what stands where. */

declare(strict_types=1);

namespace AmpleMargin\Book;

use AmpleMargin\Paging\MonthBlock;
use AmpleMargin\Paging\MonthPart;
use AmpleMargin\Paging\Placement;
use AmpleMargin\Plan\BookPlan;

/** @internal to Book */
final class Slots
{
    /** Parts of a month that nothing is drawn for. */
    private const UNDRAWN = [MonthPart::FREE, MonthPart::TAKEN, MonthPart::PINNED, MonthPart::SPARE, MonthPart::MORE];

    public function __construct(private readonly BookPlan $plan, private readonly Layouts $layouts)
    {
    }

    /**
     * @param list<MonthBlock> $months
     *
     * @return array<int, Slot> by page; pages past the end of the book are there too where something needs them
     */
    public function fill(Placement $front, Placement $back, array $months): array
    {
        $slots = [];
        for ($page = 1; $page < $this->plan->stock->firstLeaf->firstPage(); ++$page) {
            $slots[$page] = Slot::closed();
        }
        foreach ($this->plan->inUse->lost as $page) {
            $slots[$page] = Slot::lost();
        }
        foreach ($front->empty as $page) {
            $slots[$page] = Slot::empty();
        }
        foreach ($months as $block) {
            $ofKind = [];
            $name = $this->layouts->names->monthAndYear($block->month);
            foreach ($block->parts as $part) {
                $ofKind[$part->kind] = ($ofKind[$part->kind] ?? 0) + 1;
                $drawing = \in_array($part->kind, self::UNDRAWN, true) ? '' : "{$block->month->iso()}/$part->kind-{$ofKind[$part->kind]}";
                $title = "$name: {$this->partName($part)}";
                for ($nth = 0; $nth < $part->pages; ++$nth) {
                    $slots[$part->page + $nth] ??= Slot::month($block->month, $part, $title, $nth, $drawing);
                }
            }
        }
        // Where the book runs out, the spreads stay and the months give way.
        foreach ([...$front->placed, ...$back->placed] as $placed) {
            $planned = $this->plan->spread($placed->spread->id);
            for ($nth = 0; $nth < $placed->spread->pages(); ++$nth) {
                $slot = Slot::spread(
                    $placed->spread->id,
                    null === $planned ? $placed->spread->name : $this->layouts->catalogue->title($planned),
                    $nth,
                );
                $upper = $slots[$placed->page] ?? null;
                $slots[$placed->page + $nth] = 1 === $placed->half && SlotKind::Spread === $upper?->is ? $upper->sharedWith($slot) : $slot;
            }
        }
        for ($page = 1; $page <= $this->plan->stock->pages; ++$page) {
            $slots[$page] ??= Slot::spare();
        }
        ksort($slots);

        return $slots;
    }

    private function partName(MonthPart $part): string
    {
        if ([] !== $part->weeks) {
            return 'week '.implode(
                ' and ',
                array_map(static fn (\AmpleMargin\Calendar\MonthWeek $week): string => (string) $week->isoWeek, $part->weeks),
            );
        }

        return match ($part->kind) {
            MonthPart::FREE => 'free page',
            MonthPart::TAKEN, MonthPart::PINNED => 'passed over',
            MonthPart::SPARE => 'spare page',
            MonthPart::MORE => 'more than planned',
            default => strtolower($this->layouts->catalogue->kind($part->kind)->name ?? $part->kind),
        };
    }
}
