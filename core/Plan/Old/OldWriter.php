<?php

/* The old book → plain arrays in the order of docs/format.md; what is at its default is left out. */

declare(strict_types=1);

namespace AmpleMargin\Plan\Old;

use AmpleMargin\Plan\DatesWriter;
use AmpleMargin\Plan\PlanWriter;

final class OldWriter
{
    /** @return array<string, mixed> */
    public static function book(OldBook $old): array
    {
        return [
            'title' => $old->title,
            'stock' => PlanWriter::stock($old->stock),
            'period' => ['start' => $old->period->start->iso(), 'end' => $old->period->end->iso()],
            'weeks' => PlanWriter::weeks($old->weeks),
            'spreads' => array_map(self::spread(...), $old->spreads),
        ] + array_filter([
            'months' => [] === $old->months ? null : (object) $old->months,
            'planned' => [] === $old->planned ? null : (object) $old->planned,
            'front' => 0 === $old->front ? null : $old->front,
            'kinds' => [] === $old->kinds ? null : array_map(PlanWriter::kind(...), $old->kinds),
            'patterns' => [] === $old->patterns ? null : array_map(PlanWriter::pattern(...), $old->patterns),
            'dates' => $old->dates->isEmpty() ? null : (object) DatesWriter::dates($old->dates),
            'missing' => [] === $old->missing ? null : $old->missing,
            'notes' => [] === $old->notes ? null : self::notes($old->notes),
            'gone' => [] === $old->gone ? null : array_map(self::gone(...), $old->gone),
            'hold' => OldBook::HOLD === $old->hold ? null : $old->hold,
            'carried' => $old->carried ? true : null,
            'made' => $old->made->isEmpty() ? null : (object) $old->made->written(),
        ], static fn (mixed $said): bool => null !== $said);
    }

    /** @return array<string, mixed> */
    public static function spread(OldSpread $old): array
    {
        return PlanWriter::spread($old->spread) + array_filter([
            'page' => $old->page,
            'pages' => 1 === $old->pages ? null : $old->pages,
            'looked' => $old->looked?->value,
            'verdict' => $old->verdict?->value,
            'how' => '' === $old->how ? null : $old->how,
            'took' => $old->took,
            'half' => $old->half ? true : null,
            'filled' => $old->filled,
            'items' => [] === $old->items ? null : array_map(self::item(...), $old->items),
            'became' => $old->became,
        ], static fn (mixed $said): bool => null !== $said);
    }

    /** @return array<string, mixed> */
    public static function item(OldItem $item): array
    {
        return ['words' => $item->words]
            + (null === $item->as ? [] : ['as' => $item->as->value])
            + (null === $item->reworded ? [] : ['reworded' => $item->reworded]);
    }

    /**
     * @param list<NextTime> $notes
     *
     * @return list<array<string, mixed>>
     */
    public static function notes(array $notes): array
    {
        return array_map(static fn (NextTime $note): array => ['id' => $note->id, 'words' => $note->words]
            + (null === $note->about ? [] : ['about' => $note->about]), $notes);
    }

    /** @return array<string, mixed> */
    private static function gone(Gone $gone): array
    {
        return ['title' => $gone->title, 'kind' => $gone->kind, 'year' => $gone->year, 'why' => $gone->why];
    }
}
