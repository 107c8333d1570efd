<?php

/* What a spacing sheet shows: its divisors across and down, with gaps or without, each in its own colour. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Form\Spacing;

use AmpleMargin\Colour\Pen;
use AmpleMargin\Counting\Division;
use AmpleMargin\Spread\Request;

final class SpacingAsked
{
    /** Nothing finer than eighths is used (common practice, no source); a ruler shows twelfths. */
    public const FINEST = 12;

    /**
     * @param list<int>    $across divisors, rising
     * @param list<int>    $down
     * @param 'both'|'without'|'with' $gaps
     * @param list<Pen>    $pens   empty for ink only
     */
    private function __construct(public readonly array $across, public readonly array $down, public readonly string $gaps, private readonly array $pens)
    {
    }

    public static function read(Request $request): self
    {
        $gaps = $request->settings->choice('gaps', ['both', 'without', 'with']);

        return new self(
            self::sorted($request->settings->counts('divisors_across', Division::USUAL, 2, self::FINEST)),
            self::sorted($request->settings->counts('divisors_down', Division::USUAL, 2, self::FINEST)),
            'with' === $gaps || 'without' === $gaps ? $gaps : 'both',
            $request->settings->flag('coloured', true) ? $request->palette->forLines() : [],
        );
    }

    /** The colour of a divisor, the same wherever it stands on the sheet; null for ink. */
    public function colour(int $divisor): ?string
    {
        return $this->colours()[$divisor] ?? null;
    }

    /** @return array<int, string> divisor → the colour of its pen; empty for ink only */
    public function colours(): array
    {
        $order = array_values(array_unique([...$this->across, ...$this->down]));
        sort($order);
        $colours = [];
        foreach ([] === $this->pens ? [] : $order as $i => $divisor) {
            $colours[$divisor] = $this->pens[$i % \count($this->pens)]->colour;
        }

        return $colours;
    }

    /** @return list<Division> a side by one divisor, without and with gaps as asked; those that exist */
    public function divisions(int $side, int $divisor): array
    {
        return array_values(array_filter([
            'with' === $this->gaps ? null : Division::of($side, $divisor),
            'without' === $this->gaps ? null : Division::containers($side, $divisor),
        ]));
    }

    /**
     * @param list<int> $divisors
     *
     * @return list<int>
     */
    private static function sorted(array $divisors): array
    {
        sort($divisors);

        return $divisors;
    }
}
