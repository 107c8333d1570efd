<?php

/* Symbols read from plain values: {name, strokes: [[x, y, to x, to y]], states: [{name, add, after?}]}. */

declare(strict_types=1);

namespace AmpleMargin\Key;

use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Values;

final class KeyReader
{
    /** @throws PlanProblem */
    public static function read(Values $values): SymbolSet
    {
        return new SymbolSet(array_map(self::symbol(...), $values->each('symbols', SymbolSet::MOST_SYMBOLS)));
    }

    /** The symbols of a spread's setting; null where there are none, or none that can be read. */
    public static function setting(mixed $symbols): ?SymbolSet
    {
        if (!\is_array($symbols) || [] === $symbols) {
            return null;
        }
        try {
            return self::read(Values::of(['symbols' => $symbols]));
        } catch (PlanProblem) {
            return null;
        }
    }

    /** @return list<array<string, mixed>> */
    public static function written(SymbolSet $set): array
    {
        return array_map(static fn (Symbol $symbol): array => [
            'name' => $symbol->name,
            'strokes' => self::lines($symbol->strokes),
            'states' => array_map(
                static fn (State $state): array => [
                    'name' => $state->name,
                    'add' => self::lines($state->add),
                ] + (null === $state->after ? [] : ['after' => $state->after]),
                $symbol->states,
            ),
        ], $set->symbols);
    }

    /**
     * @param list<Stroke> $strokes
     *
     * @return list<array{int, int, int, int}>
     */
    public static function lines(array $strokes): array
    {
        return array_map(static fn (Stroke $one): array => [$one->x, $one->y, $one->toX, $one->toY], $strokes);
    }

    private static function symbol(Values $values): Symbol
    {
        $states = array_map(
            static fn (Values $one): State => new State(
                trim($one->text('name', '', 60)),
                self::strokes($one, 'add'),
                $one->has('after') ? $one->count('after', 0, SymbolSet::MOST_STATES - 1) : null,
            ),
            $values->each('states', SymbolSet::MOST_STATES),
        );

        return new Symbol(trim($values->text('name', '', 60)), self::strokes($values, 'strokes'), $states);
    }

    /** @return list<Stroke> */
    private static function strokes(Values $values, string $name): array
    {
        $strokes = [];
        $all = $values->all()[$name] ?? [];
        if (!\is_array($all) || \count($all) > SymbolSet::MOST_STROKES) {
            throw PlanProblem::at($values->path($name), 'A mark has at most '.SymbolSet::MOST_STROKES.' strokes.');
        }
        foreach ($all as $one) {
            $ends = \is_array($one) ? array_values(array_filter(
                $one,
                static fn (mixed $at): bool => \is_int($at) && $at >= 0 && $at <= Stroke::GRID,
            )) : [];
            if (4 !== \count($ends) || ($ends[0] === $ends[2] && $ends[1] === $ends[3])) {
                throw PlanProblem::at(
                    $values->path($name),
                    'A stroke goes from one dot to another of the '.(Stroke::GRID + 1).' × '.(Stroke::GRID + 1).' dots of a symbol.',
                );
            }
            $strokes[] = new Stroke(...$ends);
        }

        return $strokes;
    }
}
