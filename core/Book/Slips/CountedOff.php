<?php

/*
 * A count was off from here: what is left is divided again from where the pen stands, by every school; or the rest goes on with the
 * same counts where boxes were left over for it.
 */

declare(strict_types=1);

namespace AmpleMargin\Book\Slips;

use AmpleMargin\Counting\Division;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Counting\Remainder;
use AmpleMargin\Drawing\Grain;
use AmpleMargin\Drawing\Mark;
use AmpleMargin\Drawing\Stretched;
use AmpleMargin\Drawing\Words;
use AmpleMargin\Plan\Making\Mend;
use AmpleMargin\Plan\Making\Work;

/** @internal to Book */
final class CountedOff
{
    private const FINEST = 8;

    private const SCHOOLS = [
        'into-parts' => 'Divide again, left over into the parts',
        'into-gaps' => 'Divide again, left over into the gaps',
        'after' => 'Divide again, left over at the end',
        'outside' => 'Divide again, left over outside',
        'exact' => 'Divide again exactly, by ruler',
        'by-ratio' => 'Divide again in the same ratio',
    ];

    public static function ways(Here $here): WaysOut
    {
        $lines = self::nearest($here);
        if (null === $lines) {
            return new WaysOut('No line of this page was counted to from its edges.');
        }
        $ways = [self::pencilled($here)];
        [$at, $i, $begins] = $lines->nearest(self::place($here, $lines));
        $off = Grain::of($here->asked->by);
        $tally = $here->book->plan->counting;
        $side = $lines->down ? 'down the side' : 'along the top';
        $said = $tally->place(Fraction::of($at, Grain::PER_BOX));
        $now = $tally->place(Fraction::of($at + $off, Grain::PER_BOX));
        $where = "The line at $said $side, drawn at $now.";
        $before = $begins ? ($lines->parts[$i - 1][1] ?? 0) : $lines->parts[$i][0];
        if ($at + $off <= $before && $at + $off > 0 || $at + $off < 0 || $at + $off >= $lines->limit) {
            return new WaysOut("$where That is not behind the line before it: say by how many boxes it is off.", $ways);
        }
        $rest = \array_slice($lines->parts, $begins ? $i : $i + 1);
        if ([] === $rest) {
            return new WaysOut($where.' Nothing that was counted stands behind it.', $ways);
        }
        // From the line itself, or from the first part behind it.
        $first = $rest[0][0] - $at;
        foreach (self::again($lines, $rest, $at + $off + $first, $here) as [$say, $spans, $run]) {
            $way = self::way($here, $lines, $rest, $at, $off, $say, $spans, $run);
            if (null !== $way) {
                $ways[] = $way;
            }
        }
        $region = $lines->region;
        $from = intdiv(min($at, $at + $off), Grain::PER_BOX);
        $ways[] = $lines->down
            ? $here->patch('Cover it, and count again', 'a strip', $region->x, $from, $region->wide, $region->y + $region->tall - $from)
            : $here->patch('Cover it, and count again', 'a strip', $from, $region->y, $region->x + $region->wide - $from, $region->tall);

        return new WaysOut($where, $ways);
    }

    private static function pencilled(Here $here): Saving
    {
        return $here->saving(
            'It is pencil still: rub it out',
            'Rub the pencil out from here and tick again by the same counts. Nothing of the plan changes; the log keeps it.',
            1,
            [],
        );
    }

    private static function nearest(Here $here): ?CountedLines
    {
        $best = null;
        foreach (CountedLines::at($here) as $one) {
            $far = abs($one->nearest(self::place($here, $one))[0] - self::place($here, $one));
            if (null === $best || $far < $best[0]) {
                $best = [$far, $one];
            }
        }

        return $best[1] ?? null;
    }

    /** The upper left corner of the box the pen stands in, along the side of the lines. */
    private static function place(Here $here, CountedLines $lines): int
    {
        return Grain::of($lines->down ? $here->y : $here->x);
    }

    /**
     * Where each part that is left stands then.
     *
     * @param non-empty-list<array{int, int}> $rest
     *
     * @return list<array{string, list<array{int, int}>, string}> what it is called, the parts, how it is counted
     */
    private static function again(CountedLines $lines, array $rest, int $from, Here $here): array
    {
        $moved = $from - $rest[0][0];
        $end = $rest[\count($rest) - 1][1];
        $found = [];
        if ($moved <= $lines->free($here)) {
            $same = array_map(static fn (array $one): array => [$one[0] + $moved, $one[1] + $moved], $rest);
            $left = Fraction::of($lines->limit - $end - $moved, Grain::PER_BOX);
            $found[] = [
                'Go on with the same counts',
                $same,
                'everything behind it stands '.Plural::boxes(Fraction::of(abs($moved), Grain::PER_BOX)).($moved > 0 ? ' further' : ' '
                    .'nearer').', '
                    .Plural::boxes($left).' left at the end',
            ];
        }
        $boxes = Fraction::of($end - $from, Grain::PER_BOX);
        if (!$boxes->isWhole() || $boxes->numerator < \count($rest)) {
            return $found;
        }
        foreach (self::SCHOOLS as $policy => $say) {
            $division = self::divided($boxes->numerator, $rest, $lines->gap(), Remainder::from($policy));
            $spans = array_map(
                static fn (array $span): array => [$from + Grain::of($span['from']), $from + Grain::of($span['to'])],
                $division?->spans() ?? [],
            );
            // The same twice is said once.
            if (null !== $division && !\in_array($spans, array_column($found, 1), true)) {
                $found[] = [
                    1 === \count($rest) ? 'The last one takes what is left' : $say,
                    $spans,
                    "{$division->working()}: {$division->run()}",
                ];
            }
        }

        return $found;
    }

    /**
     * Parts that were alike are divided by the schools, others in the ratio they had.
     *
     * @param non-empty-list<array{int, int}> $rest
     */
    private static function divided(int $side, array $rest, int $gap, Remainder $policy): ?Division
    {
        $sizes = array_map(static fn (array $one): int => max(1, intdiv($one[1] - $one[0], Grain::PER_BOX)), $rest);
        if (max($sizes) - min($sizes) <= 1) {
            $division = Remainder::ByRatio === $policy ? null : Division::of($side, \count($rest), $gap, $policy);

            // A ruler finds no line finer than eighths of a box (docs/trade.md, "Dividing a side").
            return null === $division || $division->parts[0]->denominator > self::FINEST ? null : $division;
        }

        return Remainder::ByRatio === $policy ? Division::byRatio($side, $sizes, $gap) : null;
    }

    /**
     * @param non-empty-list<array{int, int}> $rest
     * @param list<array{int, int}>           $spans
     */
    private static function way(
        Here $here,
        CountedLines $lines,
        array $rest,
        int $at,
        int $off,
        string $say,
        array $spans,
        string $run,
    ): ?Saving {
        // Where the line itself begins the first part, nothing can be left over before it.
        if ($rest[0][0] === $at && $spans[0][0] !== $at + $off) {
            return null;
        }
        foreach (array_keys(\array_slice($rest, 1)) as $i) {
            // Parts that share a line cannot be drawn apart: there is one line to move, and not two.
            if ($rest[$i][1] === $rest[$i + 1][0] && $spans[$i][1] !== $spans[$i + 1][0]) {
                return null;
            }
        }
        [$was, $now] = [[$at], [$at + $off]];
        foreach ($rest as $i => $part) {
            foreach ([0, 1] as $end) {
                if (end($was) < $part[$end]) {
                    $was[] = $part[$end];
                    $now[] = max(end($now), $spans[$i][$end]);
                }
            }
        }
        $region = $lines->region;
        $ticks = array_values(array_unique(array_filter(
            array_merge(...$spans),
            static fn (int $grains): bool => $grains > $at + $off && $grains < $lines->limit,
        )));
        $tally = $here->book->plan->counting;
        $places = $tally->places(array_map(static fn (int $grains): Fraction => Fraction::of($grains, Grain::PER_BOX), $ticks));
        $tick = [] === $ticks ? 'Nothing is left to tick' : "Tick $places";
        $mend = Mend::moved([$region->x, $region->y, $region->wide, $region->tall], $lines->down, $was, $now, "$tick. ($run)");
        [$lines_lost, $words_lost, $figures_lost] = self::lost($here, $mend);
        // A figure with no place left would be a slip of its own.
        if ($figures_lost > 0) {
            return null;
        }
        $lost = array_filter([
            $lines_lost > 0 ? Plural::of($lines_lost, 'mark', 'marks').' inside the parts' : '',
            $words_lost > 0 ? Plural::of($words_lost, 'word', 'words') : '',
        ], static fn (string $one): bool => '' !== $one);

        return $here->saving(
            $say,
            "$tick: $run.".([] === $lost ? '' : ' No room for '.implode(' and ', $lost).' any more.'),
            $here->minutes(new Work(ticks: \count($ticks))),
            [$mend],
        );
    }

    /** @return array{int, int, int} lines, words and figures that have no place any more */
    private static function lost(Here $here, Mend $mend): array
    {
        $stretched = new Stretched(Mended::stretch($mend));
        $lost = array_filter(
            $here->drawing->marks,
            static fn (Mark $mark): bool => !Mended::isEdgeTick($mark) && null === $stretched->of($mark),
        );
        $words = array_filter($lost, static fn (Mark $mark): bool => $mark instanceof Words);
        $figures = array_filter($words, static fn (Mark $mark): bool => $mark instanceof Words && $mark->isFigure());

        return [\count($lost) - \count($words), \count($words) - \count($figures), \count($figures)];
    }
}
