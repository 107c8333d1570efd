<?php

/* The edges pieces are cut along, each stretch once: of two pieces side by side one cut parts both. In µm. */

declare(strict_types=1);

namespace AmpleMargin\Sheet\Tray;

use AmpleMargin\Sheet\SheetLine;
use AmpleMargin\Sheet\Tone;

final class KnifeLines
{
    /**
     * @param list<array{int, int, int, int}> $places left, top, right, foot
     *
     * @return list<SheetLine>
     */
    public static function of(array $places): array
    {
        $across = $down = [];
        foreach ($places as [$left, $top, $right, $foot]) {
            $across[$top][] = $across[$foot][] = [$left, $right];
            $down[$left][] = $down[$right][] = [$top, $foot];
        }
        $lines = [];
        foreach ($across as $y => $stretches) {
            foreach (self::joined($stretches) as [$from, $to]) {
                $lines[] = new SheetLine(Tone::Cut, $from, $y, $to, $y);
            }
        }
        foreach ($down as $x => $stretches) {
            foreach (self::joined($stretches) as [$from, $to]) {
                $lines[] = new SheetLine(Tone::Cut, $x, $from, $x, $to);
            }
        }

        return $lines;
    }

    /**
     * @param non-empty-list<array{int, int}> $stretches
     *
     * @return list<array{int, int}>
     */
    private static function joined(array $stretches): array
    {
        sort($stretches);
        $joined = [];
        foreach ($stretches as [$from, $to]) {
            $last = array_pop($joined);
            if (null !== $last && $from > $last[1]) {
                $joined[] = $last;
                $last = null;
            }
            $joined[] = null === $last ? [$from, $to] : [$last[0], max($last[1], $to)];
        }

        return $joined;
    }
}
