<?php

/* A kind of entry: its symbol as first drawn, and the states it turns into. */

declare(strict_types=1);

namespace AmpleMargin\Key;

/** @internal to Key */
final class Symbol
{
    /**
     * @param list<Stroke> $strokes
     * @param list<State>  $states
     */
    public function __construct(public readonly string $name, public readonly array $strokes, public readonly array $states = [])
    {
    }

    /**
     * All strokes that stand on paper once a state is reached; null where no path of added strokes leads there.
     *
     * @return list<Stroke>|null
     */
    public function reached(int $state): ?array
    {
        $strokes = [];
        $seen = [];
        for ($at = $state; null !== $at; $at = $this->states[$at]->after) {
            if (!isset($this->states[$at]) || isset($seen[$at])) {
                return null;
            }
            $seen[$at] = true;
            $strokes = [...$this->states[$at]->add, ...$strokes];
        }

        return [...$this->strokes, ...$strokes];
    }
}
