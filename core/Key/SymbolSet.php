<?php

/* The symbols of a key. */

declare(strict_types=1);

namespace AmpleMargin\Key;

final class SymbolSet
{
    public const MOST_SYMBOLS = 12;
    public const MOST_STATES = 8;
    public const MOST_STROKES = 12;

    /** @param list<Symbol> $symbols */
    public function __construct(public readonly array $symbols)
    {
    }

    /** @return list<KeyMark> every mark that can stand on paper, each symbol followed by its states */
    public function marks(): array
    {
        $marks = [];
        foreach ($this->symbols as $i => $symbol) {
            $marks[] = new KeyMark($i, null, $symbol->name, $symbol->strokes);
            foreach ($symbol->states as $j => $state) {
                $marks[] = new KeyMark($i, $j, "$symbol->name $state->name", $symbol->reached($j) ?? []);
            }
        }

        return $marks;
    }

    /** What has to be remembered: every symbol, and every addition once, however many symbols it serves. */
    public function shapes(): int
    {
        $additions = [];
        foreach ($this->symbols as $symbol) {
            foreach ($symbol->states as $state) {
                $keys = array_map(static fn (Stroke $stroke): string => $stroke->key(), $state->add);
                sort($keys);
                $additions["$state->name ".implode(' ', $keys)] = true;
            }
        }

        return \count($this->symbols) + \count($additions);
    }
}
