<?php

/*
 * Timelines of pieces, each worked out once for the same pieces in whatever order they come: more than half of those that a search tries
 * were tried before.
 */

declare(strict_types=1);

namespace AmpleMargin\Making\Sitting;

/** @internal to the packing */
final class Timelines
{
    /** @var array<string, Timeline> by their pieces, which must live as long as this */
    private array $known = [];

    /** @param list<Stint> $pieces */
    public function of(array $pieces): Timeline
    {
        $ids = array_map(spl_object_id(...), $pieces);
        sort($ids);

        return $this->known[implode(',', $ids)] ??= new Timeline($pieces);
    }
}
