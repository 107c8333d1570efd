<?php

/*
 * Free evenings as a person says them: "this evening, 40 minutes", "Tuesdays and Sundays, 90 minutes", "21 to 27 June at 20:00",
 * "2026-12-20 19:00 90, 2026-12-22 19:00 120", "weekends 2h"; "now", "50 minutes" or "an hour" alone are of this evening.
 */

declare(strict_types=1);

namespace AmpleMargin\Plan\Making;

use AmpleMargin\Calendar\Day;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Calendar\Period;
use AmpleMargin\Dates\DayRefused;
use AmpleMargin\Dates\SaidDay;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Values;

final class SaidEvenings
{
    private const WEEKDAYS = ['monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday', 'sunday'];

    /** A day in figures, perhaps when, perhaps for how long. */
    private const DAY = '/^\s*(\d{4}-\d\d-\d\d)(?:[ t]+(\d{1,2})[:.](\d\d))?(?:\s+(\d+)\s*(?:m|min|minutes)?)?\s*$/';

    private const CLOCK = '/\s*(?:\bat\s+(\d{1,2})[:.](\d\d)|\b(\d{1,2}):(\d\d))\b/';
    private const LENGTH = '/\s*(?:\bfor\s+)?(\d+(?:[.,]5)?|½)\s*(m|min|minutes?|h|hours?)\b/u';

    /** Lengths in words, as figures. */
    private const IN_FIGURES = [
        '/\b(?:an|one) hour and a half\b|\bone and a half hours\b|\b1\s*(?:1\/2|½)\s*h(?:ours?)?\b/u' => '90 min',
        '/\b(?:three|3) quarters of an hour\b/u' => '45 min',
        '/\bhalf an hour\b/u' => '30 min',
        '/\ba quarter of an hour\b/u' => '15 min',
        '/\b(?:an|one) hour\b/u' => '60 min',
        '/\btwo hours\b/u' => '120 min',
        '/\bthree hours\b/u' => '180 min',
    ];

    /** Days by a word for several; of these, weekdays are those of work. */
    private const SEVERAL = [
        '/\b(?:at |on )?(?:the )?week-?ends?\b/u' => 'saturday to sunday',
        '/\b(?:on )?weekdays\b|\bworkdays\b/u' => 'monday to friday',
    ];

    /** Said of a day, these say nothing more. */
    private const EMPTY_WORDS = '/\b(on|from|each|every (day|evening|night)|evenings?|nights?|daily)\b/';

    /** When nobody says. */
    private const FROM = '19:00';
    private const MINUTES = 90;

    /** @var array{string, int} from when, and for how long, where it is said of all of them */
    private array $usually = [self::FROM, self::MINUTES];

    /** From when, where it is said of all of them. */
    private ?string $said = null;

    private readonly SaidDay $days;

    private function __construct(
        private readonly Day $after,
        private readonly Day $before,
        private readonly string $field,
        private readonly ?Day $today,
        private readonly ?int $clock,
    ) {
        // A day without a year is the next there is.
        $now = $after->plus(1)->month;
        $this->days = new SaidDay(new Period($now, $now), new Names('en'));
    }

    /**
     * @param Day      $after  the last day that is over
     * @param Day      $before the first day of use
     * @param Day|null $today  what “this evening” is of; null where nobody knows
     * @param int|null $clock  minutes since midnight, for “now”; null where nobody knows
     *
     * @return list<Evening> in the order of time
     *
     * @throws PlanProblem naming the field
     */
    public static function read(
        string $said,
        Day $after,
        Day $before,
        string $field = 'evenings',
        ?Day $today = null,
        ?int $clock = null,
    ): array {
        $evenings = (new self($after, $before, $field, $today, $clock))->all(mb_strtolower(trim($said)));
        // Who says nothing has none; what is said and names none is refused.
        if ([] === $evenings && '' !== trim($said)) {
            throw PlanProblem::at($field, '“'.mb_strimwidth(trim($said), 0, 60, '…').'” names no evening: say which, such as “Tuesdays and '
                .'Sundays, 90 minutes”, “this evening, 40 minutes” or “20 December 19:30 60 min”.');
        }
        if (\count($evenings) > Evening::MOST) {
            throw PlanProblem::at($field, 'That is '.\count($evenings).' evenings: '.Evening::MOST.' at most. Say fewer days of the week.');
        }

        // Read once more as a whole, so that two over one another are refused in the same words.
        return Evening::all(Values::of([$field => array_map(static fn (Evening $one): array => $one->written(), $evenings)]), $field);
    }

    /** @return list<Evening> */
    private function all(string $said): array
    {
        $found = [];
        $said = (string) preg_replace(array_keys(self::IN_FIGURES), array_values(self::IN_FIGURES), $said);
        $said = (string) preg_replace(array_keys(self::SEVERAL), array_values(self::SEVERAL), $said);
        foreach (explode(',', (string) preg_replace('/[;\n]|\band\b/u', ',', $said)) as $one) {
            if ('' === trim($one)) {
                continue;
            }
            if (1 === preg_match(self::DAY, $one, $day)) {
                $from = '' === ($day[2] ?? '') ? null : $this->clock($day[2], $day[3] ?? '00');
                $found[] = [[$day[1]], $from, isset($day[4]) ? (int) $day[4] : null];
                continue;
            }
            [$from, $minutes, $rest] = $this->timed($one);
            $rest = trim((string) preg_replace('/\s+/', ' ', $rest));
            if ('' === $rest) {
                // "…, 90 minutes" is said of all of them.
                $this->said = $from ?? $this->said;
                $this->usually = [$from ?? $this->usually[0], $minutes ?? $this->usually[1]];
            } else {
                $found[] = [$this->daysOf($rest), $from ?? (self::isNow($rest) ? $this->now() : null), $minutes];
            }
        }
        // A length alone, or a time, is of this evening.
        if ([] === $found && '' !== trim($said, ', ') && null !== $this->today) {
            $found[] = [[$this->today->iso()], null === $this->said ? $this->now() : null, null];
        }
        $evenings = [];
        foreach ($found as [$days, $from, $minutes]) {
            foreach ($days as $day) {
                $evenings[] = Evening::read(Values::of(
                    ['day' => $day, 'from' => $from ?? $this->usually[0], 'minutes' => $minutes ?? $this->usually[1]],
                    $this->field,
                ));
            }
        }

        return $evenings;
    }

    private static function isNow(string $said): bool
    {
        return 1 === preg_match('/^(now|right now)$/', $said);
    }

    /** The time now, to five minutes; null where nobody knows. */
    private function now(): ?string
    {
        $five = null === $this->clock ? null : intdiv($this->clock, 5) * 5;

        return null === $five ? null : \sprintf('%02d:%02d', intdiv($five, 60), $five % 60);
    }

    /** @return array{string|null, int|null, string} from when, for how many minutes, and the words that are left */
    private function timed(string $said): array
    {
        [$from, $minutes] = [null, null];
        if (1 === preg_match(self::LENGTH, $said, $found)) {
            $number = '½' === $found[1] ? 0.5 : (float) strtr($found[1], ',', '.');
            $minutes = (int) round(str_starts_with($found[2], 'h') ? 60 * $number : $number);
            $said = str_replace($found[0], ' ', $said);
        }
        if (1 === preg_match(self::CLOCK, $said, $found)) {
            $from = '' === $found[1] ? $this->clock($found[3] ?? '', $found[4] ?? '') : $this->clock($found[1], $found[2]);
            $said = str_replace($found[0], ' ', $said);
        }

        return [$from, $minutes, $said];
    }

    /**
     * @return list<string> as the plan keeps them
     *
     * @throws PlanProblem
     */
    private function daysOf(string $said): array
    {
        $ahead = match (1) {
            preg_match('/^(today|tonight|this evening|now|right now)$/', $said) => 0,
            preg_match('/^tomorrow( evening| night)?$/', $said) => 1,
            default => null,
        };
        if (null !== $ahead) {
            return [($this->today ?? throw $this->unknown($said))->plus($ahead)->iso()];
        }
        $bare = trim((string) preg_replace('/\s+/', ' ', (string) preg_replace(self::EMPTY_WORDS, ' ', $said)));
        if (1 === preg_match('/\d/', $bare)) {
            return $this->inFigures($bare, $said);
        }
        $weekdays = '' === $bare ? range(1, 7) : $this->weekdays($bare);
        if (null === $weekdays) {
            throw $this->unknown($said);
        }
        $days = [];
        // No further ahead than there may be evenings for.
        for ($n = max($this->after->number + 1, $this->before->number - 7 * Evening::MOST); $n < $this->before->number; ++$n) {
            if (\in_array(($n + 3) % 7 + 1, $weekdays, true)) {
                $days[] = Day::numbered($n)->iso();
            }
        }

        return [] === $days
            ? throw PlanProblem::at($this->field, "No such day is left before the first day, {$this->before->iso()}.")
            : $days;
    }

    /**
     * "20 December", "21 to 27 June".
     *
     * @return list<string>
     */
    private function inFigures(string $bare, string $said): array
    {
        try {
            $when = $this->days->read($bare);
        } catch (DayRefused $why) {
            throw $why->isOfADay ? PlanProblem::at($this->field, $why->getMessage()) : $this->unknown($said);
        }
        if (null === $when->first || null === $when->last) {
            throw $this->unknown($said);
        }

        return array_map(static fn (int $n): string => Day::numbered($n)->iso(), range($when->first->number, $when->last->number));
    }

    /** @return list<int>|null 1 for Monday to 7: "tuesdays", "tue", "monday to friday" */
    private function weekdays(string $said): ?array
    {
        $parts = array_map(trim(...), explode('–', (string) preg_replace('/-|\bto\b/u', '–', $said)));
        $found = [];
        foreach ($parts as $part) {
            $at = array_keys(array_filter(
                self::WEEKDAYS,
                static fn (string $name): bool => \in_array($part, [$name, "{$name}s", substr($name, 0, 3)], true),
            ));
            if ([] === $at) {
                return null;
            }
            $found[] = $at[0];
        }
        [$first, $last] = [$found[0], $found[1] ?? $found[0]];

        // From Saturday to Monday goes over the end of the week.
        $days = range($first, $last < $first ? $last + 7 : $last);

        return \count($found) > 2 ? null : array_map(static fn (int $day): int => $day % 7 + 1, $days);
    }

    private function unknown(string $said): PlanProblem
    {
        return PlanProblem::at(
            $this->field,
            '“'.mb_strimwidth($said, 0, 60, '…').'” is no evening: write this evening, 40 minutes; Tuesdays and Sundays, 90 minutes; '
                .'or 20 December 19:00.',
        );
    }

    private function clock(string $hour, string $minute): string
    {
        return (int) $hour < 24 && (int) $minute < 60
            ? \sprintf('%02d:%s', $hour, $minute)
            : throw PlanProblem::at($this->field, "$hour:$minute is no time of day.");
    }
}
