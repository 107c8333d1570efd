<?php

/* What helps where evenings are too short: another, a quicker layout, a spread left for later; each an edit, with what it saves. */

declare(strict_types=1);

namespace AmpleMargin\Book\Making;

use AmpleMargin\Book\Book;
use AmpleMargin\Calendar\Day;
use AmpleMargin\Editing\Making\LeaveForLater;
use AmpleMargin\Editing\Making\SetEvenings;
use AmpleMargin\Editing\Spread\SetSpread;
use AmpleMargin\Making\Worked;
use AmpleMargin\Plan\Making\Evening;
use AmpleMargin\Plan\PlannedSpread;
use AmpleMargin\Plan\Values;

final class Short
{
    private const DAY = 1440;

    /** Spreads whose layouts are looked at, the dearest first, and spreads that are offered to be left. */
    private const MOST = 3;

    /** An evening nobody should be asked to sit longer. From memory. */
    private const LONG_EVENING = 120;

    /**
     * @param int                  $saves minutes
     * @param array<string, mixed> $edit
     */
    private function __construct(public readonly string $say, public readonly int $saves, public readonly array $edit)
    {
    }

    /**
     * @param int|null $now as for Sittings
     *
     * @return list<self> none where everything has room
     */
    public static function ways(Sittings $sittings, ?int $now): array
    {
        $short = $sittings->packed->short();
        if (0 === $short) {
            return [];
        }

        return [...self::evening($sittings, $short, $now), ...self::layouts($sittings->book, $sittings), ...self::later($sittings, $short)];
    }

    /** @return list<self> the first evening that is free, as long as is needed */
    private static function evening(Sittings $sittings, int $short, ?int $now): array
    {
        $first = Pending::first($sittings->book);
        $evenings = $sittings->evenings;
        if (\count($evenings) >= Evening::MOST) {
            return [];
        }
        // Waiting and laying out take some of it too.
        $minutes = min(self::LONG_EVENING, max(30, 15 * (int) ceil(($short + 15) / 15)));
        $taken = array_map(static fn (Evening $one): int => $one->day->number, $evenings);
        $last = intdiv($first, self::DAY) - 1;
        $from = null === $now ? $last - 30 : max($last - 60, intdiv($now, self::DAY) + 1);
        for ($day = $last; $day >= $from; --$day) {
            if (!\in_array($day, $taken, true)) {
                $more = new Evening(Day::numbered($day), '19:00', $minutes);
                $all = [...$evenings, $more];
                usort($all, static fn (Evening $one, Evening $two): int => $one->begins() <=> $two->begins());

                return [new self(
                    'Another evening, '.SittingWords::day($more->day).", $minutes minutes",
                    min($short, $minutes),
                    (new SetEvenings($all))->written(),
                )];
            }
        }

        return [];
    }

    /** @return list<self> */
    private static function layouts(Book $book, Sittings $sittings): array
    {
        $ways = [];
        foreach (\array_slice(self::dearest($sittings), 0, self::MOST, true) as $id => $minutes) {
            $spread = $book->plan->spread((string) $id);
            if (null === $spread) {
                continue;
            }
            $best = null;
            foreach ($book->layoutWorks($spread) as $one) {
                $takes = $book->pace()->minutes($one->work)->likely;
                if (!$one->current && $one->readable && $takes < ($best[0] ?? $minutes)) {
                    $best = [$takes, $one];
                }
            }
            $now = $book->pace()->minutes(Worked::of($book->spreadDrawings($spread->id)))->likely;
            if (null !== $best && $best[0] < $now) {
                $name = mb_strtolower($best[1]->layout->name);
                $ways[] = new self(
                    "{$book->catalogue()->title($spread)} as $name: $best[0] minutes in place of $now",
                    $now - $best[0],
                    SetSpread::read(Values::of(['spread' => $spread->id, 'settings' => $best[1]->layout->settings], 'edit'))->written(),
                );
            }
        }
        usort($ways, static fn (self $one, self $two): int => $two->saves <=> $one->saves);

        return $ways;
    }

    /** @return list<self> what is needed last and worth least and takes enough, before what takes more than is needed */
    private static function later(Sittings $sittings, int $short): array
    {
        $ways = [];
        foreach (self::dearest($sittings) as $id => $minutes) {
            $spread = $sittings->book->plan->spread((string) $id);
            if (null !== $spread) {
                $ways[] = [$spread, $minutes];
            }
        }
        $key = static fn (PlannedSpread $one, int $minutes): array => [-Pending::rank($one), $one->worth, abs($minutes - $short), $one->id];
        usort($ways, static fn (array $one, array $two): int => $key(...$one) <=> $key(...$two));
        $month = $sittings->book->names()->month($sittings->book->plan->period->start->month);

        return array_map(static fn (array $one): self => new self(
            "Leave {$sittings->book->catalogue()->title($one[0])} for $month: $one[1] minutes",
            $one[1],
            (new LeaveForLater($one[0]->id, true))->written(),
        ), \array_slice($ways, 0, self::MOST));
    }

    /** @return array<string, int> spread → minutes of what is left of it, the dearest first */
    private static function dearest(Sittings $sittings): array
    {
        $minutes = [];
        foreach ($sittings->pending->pages as $page) {
            $name = explode(' ', $page->key)[0];
            if ($sittings->book->plan->spread($name) instanceof PlannedSpread) {
                $minutes[$name] = ($minutes[$name] ?? 0) + $page->whole()->minutes();
            }
        }
        arsort($minutes);

        return $minutes;
    }
}
