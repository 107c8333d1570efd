<?php

/* What a spacing sheet shows: its divisors across and down, with gaps or without, each in its own colour. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling\Spacing;

use AmpleMargin\Colour\Pen;
use AmpleMargin\Counting\Division;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Spread\Page\Request;

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
    private function __construct(
        public readonly array $across,
        public readonly array $down,
        public readonly string $gaps,
        private readonly array $pens,
    ) {
    }

    public static function read(Request $request): self
    {
        $gaps = $request->settings->choice('gaps');

        return new self(
            self::sorted($request->settings->counts('divisors_across')),
            self::sorted($request->settings->counts('divisors_down')),
            'with' === $gaps || 'without' === $gaps ? $gaps : 'both',
            $request->settings->flag('coloured') ? $request->palette->forLines() : [],
        );
    }

    /** The colour of a divisor, the same wherever it stands on the sheet; null for ink. */
    public function colour(int $divisor): ?string
    {
        return $this->colours()[$divisor] ?? null;
    }

    /**
     * A pen for each divisor, halves first, and plain ink for the one after the last pen. Only where there are more
     * divisors still does a colour stand for two.
     *
     * @return array<int, string> divisor → the colour of its pen; those in ink are left out
     */
    public function colours(): array
    {
        $colours = [];
        foreach ($this->divisors() as $i => $divisor) {
            $nth = $i % (\count($this->pens) + 1);
            if (isset($this->pens[$nth])) {
                $colours[$divisor] = $this->pens[$nth]->colour;
            }
        }

        return $colours;
    }

    /** What two divisors of one colour are called, or null where every one has its own. */
    public function sharedColours(string $about): ?Finding
    {
        $divisors = \count($this->divisors());
        $different = \count($this->pens) + 1;

        return [] !== $this->pens && $divisors > $different
            ? new Finding(
                $about,
                "$divisors divisors share "
                    .$different
                    .' colours, ink among them: pens whose lines stand out on paper are too few. Add such pens on the key, or choose '
                        .'fewer divisors.',
                [],
                false,
                'key',
            )
            : null;
    }

    /** @return list<int> across and down, each once, rising */
    private function divisors(): array
    {
        $divisors = array_values(array_unique([...$this->across, ...$this->down]));
        sort($divisors);

        return $divisors;
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
