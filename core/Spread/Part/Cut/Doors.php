<?php

/*
 * A door group: a left page, cut leaves, a right page. The leaves are cut narrower or shorter, so that what is written once on
 * the strip stays in sight beside every face; 2 + 2d pages for d leaves (docs/trade.md, "Doors, tabs and other cuts").
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part\Cut;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Period;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Plan\Side;
use AmpleMargin\Spread\Page\CalendarFacts;
use AmpleMargin\Spread\Page\OwnPeriod;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\Cut;
use AmpleMargin\Spread\Part\CutPage;
use AmpleMargin\Spread\Part\NoRoom;
use AmpleMargin\Spread\Setting\Field;

final class Doors extends Cut
{
    public const SIDE = 'side';
    public const HEAD = 'head';
    public const FOOT = 'foot';

    /** More cut leaves than this do not lie flat. From memory. */
    private const MOST_LEAVES = 12;

    /** Boxes of a face at least. From memory. */
    private const LEAST_FACE = 4;

    private const STRIP = 0;
    private const FACE = 1;
    private const LEFT = 2;
    private const RIGHT = 3;

    public static function word(): string
    {
        return 'doors';
    }

    public static function name(): string
    {
        return 'Doors';
    }

    public static function purpose(): string
    {
        return 'Leaves cut narrower or shorter: what is written once on the strip stays in sight beside every face.';
    }

    public function all(): array
    {
        return [
            Field::choice('strip_at', 'The strip beside the doors', [
                self::SIDE => 'down the outer edge',
                self::HEAD => 'at the head',
                self::FOOT => 'at the foot',
            ]),
            Field::count('door_strip', 'Boxes of the strip', 1, 40, 8),
            Field::choice('face_for', 'A face for', [
                'month' => 'a month',
                'quarter' => 'three months',
                'half' => 'half a year',
                'none' => 'nothing in particular',
            ]),
            Field::count('leaves', 'Cut leaves', 1, self::MOST_LEAVES),
        ];
    }

    public function isOfTime(): bool
    {
        return 'none' !== ($this->said['face_for'] ?? 'month');
    }

    public function roles(): array
    {
        return ['The strip', 'A face', 'Under the first leaf', 'Under the last leaf'];
    }

    public function main(): int
    {
        return self::FACE;
    }

    public function least(): int
    {
        return 2;
    }

    public function starts(int $partings): Side
    {
        return Side::Left;
    }

    public function shownOn(int $parting, int $pages): int
    {
        return match ($parting) {
            self::FACE => 1,
            self::RIGHT => $pages - 1,
            default => 0,
        };
    }

    public function pages(array $partings, Request $request): array
    {
        $settings = $this->settings($request);
        [$wide, $tall] = [$request->grid->across, $request->grid->down];
        $strip = $settings->count('door_strip');
        $at = $settings->choice('strip_at');
        $side = self::SIDE === $at ? $wide : $tall;
        if ($side - $strip < self::LEAST_FACE) {
            throw NoRoom::says('A door needs a strip to keep in sight and a face beside it; of '.Plural::boxes($side).' a strip of '
                ."$strip leaves ".max(0, $side - $strip).'. Make the strip '.Plural::boxes(max(1, $side - self::LEAST_FACE)).' at most.');
        }
        $shares = $this->shares($request);
        $leaves = $settings->countOrNull('leaves') ?? self::leavesFor($shares);
        $pages = [];
        foreach (range(0, 2 * $leaves + 1) as $nth) {
            $isLeft = 0 === $nth % 2;
            [$kept, $rest] = self::divided($at, $strip, $wide, $tall, $isLeft);
            if (0 === $nth || 2 * $leaves + 1 === $nth) {
                $under = $partings[0 === $nth ? self::LEFT : self::RIGHT] ?? null;
                $role = 0 === $nth ? self::LEFT : self::RIGHT;
                $pages[] = new CutPage([
                    [$partings[self::STRIP], (string) self::STRIP, $kept],
                    ...(null === $under ? [] : [[$under, (string) $role, $rest]]),
                ]);
                continue;
            }
            $share = $shares[$nth - 1] ?? null;
            // A face beyond the last month is left free.
            $isFree = null === $share && null !== $shares[0];
            $pages[] = new CutPage(
                $isFree ? [] : [[$partings[self::FACE] ?? $partings[self::STRIP], (string) self::FACE, $rest]],
                [$kept],
                $isLeft ? '' : 'Leaf '.intdiv($nth + 1, 2).': '.self::cutting($at, $strip),
                $share,
                null === $share ? null : self::named($share),
            );
        }

        return $pages;
    }

    public function findings(Request $request): array
    {
        $asked = \count($this->asked($request));
        $shares = $this->shares($request);
        if ([null, null] === $shares || \count($shares) === $asked) {
            return [];
        }
        $each = array_map(
            static fn (?CalendarFacts $share): int => null === $share ? 0 : $share->period->length(),
            $shares,
        );

        return [new Finding(
            $request->id,
            Plural::of(intdiv(\count($shares), 2), 'cut leaf has', 'cut leaves have').' '.\count($shares)." faces; the months need $asked. "
                .'The faces share the months, the first ones the fuller: '.implode(', ', $each).'. With '
                .self::leavesFor($this->asked($request)).' leaves each has its own.',
            [],
            false,
        )];
    }

    /**
     * Two faces a leaf.
     *
     * @param list<CalendarFacts|null> $shares
     */
    private static function leavesFor(array $shares): int
    {
        return min(self::MOST_LEAVES, max(1, intdiv(\count($shares) + 1, 2)));
    }

    /**
     * The strip, and what is left beside it.
     *
     * @return array{Region, Region}
     */
    private static function divided(string $at, int $strip, int $wide, int $tall, bool $isLeft): array
    {
        return match ($at) {
            self::HEAD => [new Region(0, 0, $wide, $strip), new Region(0, $strip, $wide, $tall - $strip)],
            self::FOOT => [new Region(0, $tall - $strip, $wide, $strip), new Region(0, 0, $wide, $tall - $strip)],
            default => [
                new Region($isLeft ? 0 : $wide - $strip, 0, $strip, $tall),
                new Region($isLeft ? $strip : 0, 0, $wide - $strip, $tall),
            ],
        };
    }

    private static function cutting(string $at, int $strip): string
    {
        $boxes = Plural::boxes($strip);

        return match ($at) {
            self::HEAD => "$boxes from the head, from the outer edge to ".self::BINDING.' mm before the binding, and there up',
            self::FOOT => "$boxes from the foot, from the outer edge to ".self::BINDING.' mm before the binding, and there down',
            default => "$boxes from the outer edge, from the head to the foot",
        };
    }

    /**
     * What the faces are for, one after another: where there are fewer of them than months to share, each takes as many as it must,
     * the first ones one more.
     *
     * @return non-empty-list<CalendarFacts|null>
     */
    private function shares(Request $request): array
    {
        $asked = $this->asked($request);
        $leaves = $this->settings($request)->countOrNull('leaves');
        $faces = 2 * ($leaves ?? self::leavesFor($asked));
        if (null === $asked[0] || \count($asked) <= $faces) {
            return $asked;
        }
        $months = $this->months($request);
        $shares = [];
        for ($face = 0; $face < $faces; ++$face) {
            $some = array_splice($months, 0, intdiv(\count($months) + $faces - $face - 1, $faces - $face));
            if ([] !== $some) {
                $shares[] = $request->calendar->share(new Period($some[0], $some[\count($some) - 1]));
            }
        }

        return [] === $shares ? $asked : $shares;
    }

    /**
     * What each face would be for, were there as many as there are months, quarters or halves.
     *
     * @return non-empty-list<CalendarFacts|null>
     */
    private function asked(Request $request): array
    {
        $each = ['month' => 1, 'quarter' => 3, 'half' => 6][$this->settings($request)->choice('face_for')] ?? 0;
        if (0 === $each) {
            return [null, null];
        }

        return array_map(static function (array $some) use ($request): CalendarFacts {
            /** @var non-empty-list<Month> $some */
            return $request->calendar->share(new Period($some[0], $some[\count($some) - 1]));
        }, array_chunk($this->months($request), $each));
    }

    /** @return non-empty-list<Month> those it is for */
    private function months(Request $request): array
    {
        return OwnPeriod::of($request->calendar, $this->settings($request))->period->months();
    }

    private static function named(CalendarFacts $share): string
    {
        [$start, $end] = [$share->period->start, $share->period->end];

        return null !== $share->month
            ? $share->names->monthAndYear($share->month)
            : $share->names->month($start->month).'–'.$share->names->month($end->month).' '.$end->year;
    }
}
