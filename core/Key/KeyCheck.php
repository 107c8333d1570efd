<?php

/* Whether a key can be drawn, told apart and remembered. */

declare(strict_types=1);

namespace AmpleMargin\Key;

use AmpleMargin\Paper\Millimetres;

final class KeyCheck
{
    /** Marks of which no point strays further than this from the other are taken for one another: mm, at writing size. From memory. */
    public const APART = 0.7;

    /** Shapes a person keeps in mind. Source: G. A. Miller, "The Magical Number Seven, Plus or Minus Two" (1956): nine at most. */
    public const REMEMBERED = 9;

    /** The symbol's grid is four fifths of a box. */
    private const SHARE = 0.8;

    /** @var list<KeyMark> */
    public readonly array $marks;

    /** @var array<int, array{int, float}> mark → the mark most like it, and how far apart they are in mm */
    public readonly array $nearest;

    /**
     * @param int   $pitch µm a box
     * @param float $limit mm: pairs further apart than this need not be told how far
     */
    public function __construct(private readonly SymbolSet $set, private readonly int $pitch, float $limit = \INF)
    {
        $this->marks = $set->marks();
        $this->nearest = $this->measure($limit);
    }

    /**
     * What is wrong with a key, without the distance of every mark to its nearest: a book is composed with every edit.
     *
     * @param int $pitch µm a box
     *
     * @return list<KeyProblem>
     */
    public static function problemsOf(SymbolSet $set, int $pitch): array
    {
        return (new self($set, $pitch, self::APART))->problems();
    }

    public static function how(): string
    {
        return 'Measured at writing size, one box a symbol: how far, in mm, any stroke of one mark strays from the nearest stroke of '
            .'the other. Under '
            .self::APART
            .' mm a hand cannot be trusted to keep them apart.';
    }

    /** @return list<KeyProblem> those that stop first */
    public function problems(): array
    {
        $problems = [...$this->names(), ...$this->unreached(), ...$this->alike()];
        if ($this->set->shapes() > self::REMEMBERED) {
            $problems[] = new KeyProblem(
                0,
                null,
                "{$this->set->shapes()} shapes to remember, symbols and additions together: more than "
                    .self::REMEMBERED
                    .' are looked up rather than known. Let one addition serve several symbols, or leave kinds out.',
                false,
            );
        }

        return $problems;
    }

    /** @return list<KeyProblem> */
    private function names(): array
    {
        $problems = [];
        $seen = [];
        foreach ($this->marks as $mark) {
            $own = null === $mark->state ? $mark->name : $this->set->symbols[$mark->symbol]->states[$mark->state]->name;
            if ('' === trim($own)) {
                $problems[] = new KeyProblem($mark->symbol, $mark->state, 'Say what this mark stands for.');
            } elseif (isset($seen[mb_strtolower($mark->name)])) {
                $problems[] = new KeyProblem($mark->symbol, $mark->state, "Two marks are called “{$mark->name}”.");
            }
            $seen[mb_strtolower($mark->name)] = true;
        }

        return $problems;
    }

    /** @return list<KeyProblem> */
    private function unreached(): array
    {
        $problems = [];
        foreach ($this->set->symbols as $i => $symbol) {
            if ([] === $symbol->strokes) {
                $problems[] = new KeyProblem($i, null, "“{$symbol->name}” has no stroke yet.");
            }
            foreach ($symbol->states as $j => $state) {
                if (null === $symbol->reached($j)) {
                    $problems[] = new KeyProblem(
                        $i,
                        $j,
                        "“{$symbol->name} {$state->name}” cannot be reached: the states lead round in a circle, or from one that is "
                            .'not there.',
                    );
                } elseif ([] === $state->add) {
                    $problems[] = new KeyProblem(
                        $i,
                        $j,
                        "“{$symbol->name} {$state->name}” adds no stroke: in ink it cannot be told that anything changed.",
                    );
                }
            }
        }

        return $problems;
    }

    /** @return list<KeyProblem> */
    private function alike(): array
    {
        $problems = [];
        foreach ($this->nearest as $i => [$j, $apart]) {
            // Each pair is said once, at the later mark.
            if ($apart < self::APART && ($j < $i || $this->nearest[$j][0] !== $i)) {
                $problems[] = new KeyProblem(
                    $this->marks[$i]->symbol,
                    $this->marks[$i]->state,
                    \sprintf(
                        '“%s” and “%s” look alike: at writing size they stray %s mm from one another, and %s mm are needed.',
                        $this->marks[$i]->name,
                        $this->marks[$j]->name,
                        self::mm($apart),
                        self::APART,
                    ),
                );
            }
        }

        return $problems;
    }

    /** @return array<int, array{int, float}> */
    private function measure(float $limit): array
    {
        $nearest = [];
        $mm = self::SHARE / Stroke::GRID * $this->pitch / 1000;
        foreach ($this->marks as $i => $one) {
            for ($j = $i + 1; $j < \count($this->marks); ++$j) {
                $two = $this->marks[$j];
                if ([] === $one->strokes || [] === $two->strokes) {
                    continue;
                }
                $known = min($limit, max($nearest[$i][1] ?? \INF, $nearest[$j][1] ?? \INF));
                $apart = Likeness::distance($one->strokes, $two->strokes, $known / $mm) * $mm;
                foreach ([[$i, $j], [$j, $i]] as [$a, $b]) {
                    if (!isset($nearest[$a]) || $apart < $nearest[$a][1]) {
                        $nearest[$a] = [$b, $apart];
                    }
                }
            }
        }

        return $nearest;
    }

    public static function mm(float $mm): string
    {
        return Millimetres::rounded($mm, 2);
    }
}
