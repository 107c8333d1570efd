<?php

/* Three keys to begin with, one for each school; all drawn for this program. */

declare(strict_types=1);

namespace AmpleMargin\Key;

final class StarterKeys
{
    public const USUAL = 'upright';

    private const DONE = ['done', [[0, 4, 4, 4]]];
    private const MOVED = ['moved on', [[2, 2, 4, 2]]];
    private const DATED = ['put off to a date', [[0, 0, 4, 0]]];
    private const DROPPED = ['dropped', [[0, 1, 4, 1], [0, 3, 4, 3]]];

    /** One plain mark with states added to it; few others beside it. */
    private const UPRIGHT = [
        ['task', [[2, 0, 2, 4]], [self::DONE, self::MOVED, self::DATED, self::DROPPED]],
        ['event', [[0, 4, 2, 0], [2, 0, 4, 4], [4, 4, 0, 4]], [['cancelled', [[0, 0, 4, 0]]]]],
        ['note', [[0, 2, 1, 1], [1, 1, 3, 3], [3, 3, 4, 2]], []],
    ];

    /** Another outline for every kind; the same two additions close all of them. */
    private const OUTLINES = [
        ['task', [[0, 1, 0, 4], [0, 4, 4, 4], [4, 4, 4, 1]], [['done', [[2, 4, 2, 0]]], ['dropped', [[0, 0, 4, 0]]]]],
        ['work', [[0, 0, 4, 0], [4, 0, 4, 4]], [['done', [[2, 4, 2, 0]]], ['dropped', [[0, 4, 4, 4]]]]],
        ['event', [[0, 4, 2, 0], [2, 0, 4, 4]], [['done', [[2, 4, 2, 0]]], ['dropped', [[0, 4, 4, 4]]]]],
        ['birthday', [[0, 0, 0, 4], [0, 4, 4, 4], [4, 4, 4, 0], [0, 2, 4, 2]], []],
        ['idea', [[1, 0, 3, 0], [3, 0, 1, 4], [1, 4, 3, 4]], []],
    ];

    /** Two strokes and no more; the area of life is said by the colour of the pen. */
    private const COLOURS = [
        ['task', [[0, 0, 0, 4], [0, 4, 4, 4]], [['done', [[0, 0, 4, 4]]], ['dropped', [[0, 2, 4, 2]]]]],
        ['event', [[0, 4, 4, 0]], [['cancelled', [[0, 0, 4, 0]]]]],
        ['note', [[0, 1, 4, 1], [0, 3, 4, 3]], []],
        ['important', [[0, 2, 2, 0], [2, 0, 4, 2], [2, 0, 2, 4]], []],
    ];

    /** @return non-empty-array<string, array{string, string}> id → name, what it is good for */
    public static function all(): array
    {
        return [
            'upright' => ['One upright stroke', 'One plain mark for everything to be done; what becomes of it is added.'],
            'outlines' => ['An outline for each kind', 'Every kind of entry has its own outline; the same additions close them.'],
            'colours' => ['Few strokes, and colours', 'Four marks of few strokes; the pen says which part of life an entry belongs to.'],
        ];
    }

    /** The set of that name; the usual one for any other. */
    public static function set(string $id): SymbolSet
    {
        $drawn = match ($id) {
            'outlines' => self::OUTLINES,
            'colours' => self::COLOURS,
            default => self::UPRIGHT,
        };

        $symbols = [];
        foreach ($drawn as [$name, $strokes, $states]) {
            $symbols[] = new Symbol(
                $name,
                self::strokes($strokes),
                array_map(static fn (array $state): State => new State($state[0], self::strokes($state[1])), $states),
            );
        }

        return new SymbolSet($symbols);
    }

    /**
     * @param list<array{int, int, int, int}> $strokes
     *
     * @return list<Stroke>
     */
    private static function strokes(array $strokes): array
    {
        return array_map(static fn (array $one): Stroke => new Stroke(...$one), $strokes);
    }
}
