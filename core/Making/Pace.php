<?php

/*
 * How fast a hand works, and how well that is known. It starts with seconds for each thing that is drawn, set so that the pages a
 * practitioner timed come out near (docs/trade.md, "Time"; common practice, no source; docs/decisions holds the comparison); a person's
 * own timed pages pull it to their pace, kind of work by kind of work.
 */

declare(strict_types=1);

namespace AmpleMargin\Making;

use AmpleMargin\Plan\Making\TimedPage;
use AmpleMargin\Plan\Making\Work;

final class Pace
{
    /** Seconds for each, by kind of work. */
    private const SECONDS = [
        'figures' => ['figures' => 7],
        'writing' => ['words' => 5, 'letters' => 2],
        'ruling' => ['lines' => 10, 'ticks' => 2, 'bands' => 15],
        'craft' => ['cuts' => 240, 'glued' => 90],
        'pages' => ['pages' => self::SETTING_OUT + self::ERASING + self::CHECKING],
    ];

    /** Seconds of every page: it is set out, erased, and checked. */
    public const SETTING_OUT = 60;
    public const ERASING = 45;
    public const CHECKING = 45;

    /** Timed pages that the starting pace counts as: it holds while there are few. */
    private const STARTS_AS = 3;

    /** How far a page is off the starting pace, as a share (the natural logarithm of the factor). From memory. */
    private const USUALLY_OFF = 0.3;

    /** Four of five are within so many of these. */
    private const FOUR_OF_FIVE = 1.2816;

    /** A page off by more counts for less: somebody was on the telephone. */
    private const ROBUST = 0.5;

    /** No kind of work is slower or faster by more. */
    private const MOST_FACTOR = 5.0;

    /**
     * @param array<string, float> $factors of the starting pace, by kind of work
     * @param float                $off     as above, of this hand
     * @param float                $known   timed pages it is known from, those that are far off counting for less
     */
    private function __construct(
        private readonly array $factors,
        private readonly float $off,
        private readonly float $known,
        public readonly int $timed,
    ) {
    }

    public static function starting(): self
    {
        return new self(array_fill_keys(array_keys(self::SECONDS), 1.0), self::USUALLY_OFF, 0.0, 0);
    }

    /** @param list<TimedPage> $pages */
    public static function learned(array $pages): self
    {
        $known = [];
        foreach ($pages as $page) {
            $seconds = self::starting()->seconds($page->work);
            $own = 60 * ($page->minutes - $page->work->decoration);
            // A page whose work was not counted, or that was decoration and nothing else, says nothing of the pace.
            if (array_sum($seconds) >= 30 && $own > 0) {
                $known[] = [$seconds, $own];
            }
        }

        return [] === $known ? self::starting() : self::fitted($known, \count($known));
    }

    /** Minutes of some work, whole ones. @param int $pages it is on: what they are off by one after another evens out */
    public function minutes(Work $work, int $pages = 1): Range
    {
        return $this->range(array_sum($this->seconds($work)), $pages, $work->decoration);
    }

    /** @param float $seconds that are likely @param int $more minutes that are as long as they are said to be */
    public function range(float $seconds, int $pages = 1, int $more = 0): Range
    {
        $off = self::FOUR_OF_FIVE * sqrt($this->off ** 2 * (1 / (self::STARTS_AS + $this->known) + 1 / max(1, $pages)));
        $minutes = static fn (float $of): int => (int) ceil($of / 60 - 1e-9) + $more;

        return new Range($minutes($seconds * exp(-$off)), $minutes($seconds), $minutes($seconds * exp($off)));
    }

    /** What is likely, in seconds, without decoration. */
    public function likely(Work $work): float
    {
        return array_sum($this->seconds($work));
    }

    /** How much of a kind of work stands beside the starting pace: 1.2 is a fifth slower. */
    public function factor(string $kind): float
    {
        return $this->factors[$kind] ?? 1.0;
    }

    /** Seconds of figures among it: what makes a hand cramp. */
    public function figures(Work $work): float
    {
        return $this->seconds($work)['figures'];
    }

    /** How fast this hand is, in words; null where nothing was timed. */
    public function says(): ?string
    {
        if (0 === $this->timed) {
            return null;
        }
        $words = ['figures' => 'figures', 'writing' => 'words', 'ruling' => 'lines', 'craft' => 'cuts and glue'];
        $said = [];
        foreach ($words as $kind => $word) {
            $factor = (int) round(100 * $this->factor($kind)) - 100;
            if (abs($factor) >= 10) {
                $said[] = "$word ".abs($factor).'% '.($factor > 0 ? 'slower' : 'faster');
            }
        }

        return 'Known from '.$this->timed.(1 === $this->timed ? ' page' : ' pages').' of yours: '
            .([] === $said ? 'close to the usual pace' : implode(', ', $said).' than usual').'.';
    }

    /** @return array<string, float> seconds by kind of work */
    private function seconds(Work $work): array
    {
        $seconds = [];
        $counts = $work->all();
        foreach (self::SECONDS as $kind => $each) {
            $seconds[$kind] = 0.0;
            foreach ($each as $thing => $one) {
                $seconds[$kind] += $one * $counts[$thing] * $this->factors[$kind];
            }
        }

        return $seconds;
    }

    /**
     * The factor that is common to all work, then what each kind differs from it, both pulled toward the starting pace; a page
     * that is far off what the others say weighs less with each round.
     *
     * @param non-empty-list<array{array<string, float>, int}> $known seconds by kind at the starting pace, and those it took
     */
    private static function fitted(array $known, int $timed): self
    {
        $kinds = array_keys(self::SECONDS);
        $ratios = array_map(static fn (array $one): float => $one[1] / array_sum($one[0]), $known);
        $shares = array_map(static fn (array $one): array => array_map(
            static fn (float $seconds): float => $seconds / array_sum($one[0]),
            array_values($one[0]),
        ), $known);
        $weights = array_fill(0, $timed, 1.0);
        $factors = array_fill(0, \count($kinds), 1.0);
        $off = self::USUALLY_OFF;
        for ($round = 0; $round < 12; ++$round) {
            $sum = 0.0;
            foreach ($ratios as $i => $ratio) {
                $sum += $weights[$i] * log($ratio);
            }
            $common = exp($sum / (self::STARTS_AS + array_sum($weights)));
            $factors = array_map(
                static fn (float $more): float => min(self::MOST_FACTOR, max(1 / self::MOST_FACTOR, $common + $more)),
                self::differing($shares, array_map(static fn (float $ratio): float => $ratio - $common, $ratios), array_values($weights)),
            );
            $squares = self::STARTS_AS * self::USUALLY_OFF ** 2;
            foreach ($shares as $i => $share) {
                $expected = array_sum(array_map(static fn (float $part, float $factor): float => $part * $factor, $share, $factors));
                $far = abs(log($ratios[$i] / $expected));
                $weights[$i] = $far <= self::ROBUST ? 1.0 : (self::ROBUST / $far) ** 2;
                $squares += $weights[$i] * $far ** 2;
            }
            $off = sqrt($squares / (self::STARTS_AS + array_sum($weights)));
        }

        return new self(array_combine($kinds, $factors), $off, array_sum($weights), $timed);
    }

    /**
     * By least squares, each held back as if three pages said that it is as fast as all work: (X′WX + 3/4·I) d = X′W r.
     *
     * @param list<list<float>> $shares  X
     * @param list<float>       $rest    r
     * @param list<float>       $weights W
     *
     * @return list<float>
     */
    private static function differing(array $shares, array $rest, array $weights): array
    {
        $size = \count($shares[0]);
        $rows = [];
        for ($a = 0; $a < $size; ++$a) {
            $rows[$a] = array_fill(0, $size + 1, 0.0);
            $rows[$a][$a] = 0.75;
            foreach ($shares as $i => $share) {
                for ($b = 0; $b < $size; ++$b) {
                    $rows[$a][$b] += $weights[$i] * $share[$a] * $share[$b];
                }
                $rows[$a][$size] += $weights[$i] * $share[$a] * $rest[$i];
            }
        }
        // Gauss and Jordan; the held-back diagonal keeps every pivot above nought.
        for ($a = 0; $a < $size; ++$a) {
            for ($b = 0; $b < $size; ++$b) {
                if ($a !== $b) {
                    $times = $rows[$b][$a] / $rows[$a][$a];
                    for ($c = $a; $c <= $size; ++$c) {
                        $rows[$b][$c] -= $times * $rows[$a][$c];
                    }
                }
            }
        }

        return array_map(static fn (array $row, int $a): float => $row[$size] / $row[$a], $rows, range(0, $size - 1));
    }
}
