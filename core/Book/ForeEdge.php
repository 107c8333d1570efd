<?php

/* The notebook seen from the side: stretches of pages that belong together, first to last. */

declare(strict_types=1);

namespace AmpleMargin\Book;

final class ForeEdge
{
    /**
     * @return list<array{from: int, to: int, band: string, label: string, initial: string}> pages; `band` is a
     *                                                                     section, "month", "empty", "spare" or "closed"
     */
    public static function of(Book $book): array
    {
        $names = $book->names();
        $stretches = [];
        $last = null;
        for ($page = 1; $page <= $book->plan->stock->pages; ++$page) {
            $slot = $book->slot($page);
            [$band, $label, $initial] = match (true) {
                null !== $slot->month => ['month', $names->monthAndYear($slot->month), $names->monthInitial($slot->month->month)],
                SlotKind::Spread === $slot->is => self::section($book, $slot),
                SlotKind::Empty === $slot->is => ['empty', 'Empty page', ''],
                SlotKind::Lost === $slot->is, SlotKind::Closed === $slot->is => ['closed', $slot->title, ''],
                default => ['spare', 'Spare', ''],
            };
            if (null !== $last && $stretches[$last]['band'] === $band && $stretches[$last]['label'] === $label) {
                $stretches[$last]['to'] = $page;
                continue;
            }
            $stretches[] = ['from' => $page, 'to' => $page, 'band' => $band, 'label' => $label, 'initial' => $initial];
            $last = \count($stretches) - 1;
        }

        return $stretches;
    }

    /** @return array{string, string, string} */
    private static function section(Book $book, Slot $slot): array
    {
        $section = $book->plan->spread($slot->spread)?->section;

        return null === $section ? ['empty', 'Empty page', ''] : [$section->value, $section->words(), ''];
    }
}
