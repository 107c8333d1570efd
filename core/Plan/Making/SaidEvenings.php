<?php

/* Free evenings as a person says them: "2026-12-20 19:00 90, 2026-12-22 19:00 120", or "Tuesdays and Sundays, 90 minutes". */

declare(strict_types=1);

namespace AmpleMargin\Plan\Making;

use AmpleMargin\Calendar\Day;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Values;

final class SaidEvenings
{
    private const WEEKDAYS = ['monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday', 'sunday'];

    /** A day, perhaps when, perhaps for how long. */
    private const DAY = '/^\s*(\d{4}-\d\d-\d\d)(?:[ t]+(\d{1,2})[:.](\d\d))?(?:\s+(\d+)\s*(?:m|min|minutes)?)?\s*$/';

    /** When nobody says. */
    private const FROM = '19:00';
    private const MINUTES = 90;

    /**
     * @param Day $after  the last day that is over
     * @param Day $before the first day of use
     *
     * @return list<Evening> in the order of time
     *
     * @throws PlanProblem naming the field
     */
    public static function read(string $said, Day $after, Day $before, string $field = 'evenings'): array
    {
        $said = mb_strtolower(trim($said));
        if ('' === $said) {
            return [];
        }
        $weekdays = self::weekdays($said);
        $evenings = [] === $weekdays ? self::days($said, $field) : self::everyWeek($said, $weekdays, $after, $before, $field);
        if (\count($evenings) > Evening::MOST) {
            throw PlanProblem::at($field, 'That is '.\count($evenings).' evenings: '.Evening::MOST.' at most. Say fewer days of the week.');
        }

        // Read once more as a whole, so that two over one another are refused in the same words.
        return Evening::all(Values::of([$field => array_map(static fn (Evening $one): array => $one->written(), $evenings)]), $field);
    }

    /** @return list<int> 1 for Monday to 7 */
    private static function weekdays(string $said): array
    {
        $found = [];
        foreach (self::WEEKDAYS as $i => $name) {
            if (1 === preg_match('/\b('.$name.'s?|'.substr($name, 0, 3).')\b/', $said)) {
                $found[] = $i + 1;
            }
        }

        return 1 === preg_match('/\b(every (day|evening)|daily)\b/', $said) ? range(1, 7) : $found;
    }

    /**
     * @param list<int> $weekdays
     *
     * @return list<Evening>
     */
    private static function everyWeek(string $said, array $weekdays, Day $after, Day $before, string $field): array
    {
        $from = 1 === preg_match('/\b(\d{1,2})[:.](\d\d)\b/', $said, $found) ? self::clock($found[1], $found[2], $field) : self::FROM;
        $minutes = self::MINUTES;
        if (1 === preg_match('/(\d+(?:[.,]5)?|½)\s*(m\b|min|minutes?|h\b|hours?)/u', $said, $found)) {
            $number = '½' === $found[1] ? 0.5 : (float) strtr($found[1], ',', '.');
            $minutes = (int) round(str_starts_with($found[2], 'h') ? 60 * $number : $number);
        }
        $evenings = [];
        // No further ahead than there may be evenings for.
        for ($day = max($after->number + 1, $before->number - 7 * Evening::MOST); $day < $before->number; ++$day) {
            if (\in_array(($day + 3) % 7 + 1, $weekdays, true)) {
                $evenings[] = self::evening(Day::numbered($day)->iso(), $from, $minutes, $field);
            }
        }
        if ([] === $evenings) {
            throw PlanProblem::at($field, "No such day is left before the first day, {$before->iso()}.");
        }

        return $evenings;
    }

    /** @return list<Evening> */
    private static function days(string $said, string $field): array
    {
        $evenings = [];
        foreach (explode(',', strtr($said, [';' => ',', "\n" => ','])) as $one) {
            if ('' === trim($one)) {
                continue;
            }
            if (1 !== preg_match(self::DAY, $one, $found)) {
                throw PlanProblem::at(
                    $field,
                    '“'.mb_strimwidth(trim($one), 0, 60, '…').'” is no evening: write 2026-12-20 19:00 90, or Tuesdays and Sundays, '
                        .'90 minutes.',
                );
            }
            $from = '' === ($found[2] ?? '') ? self::FROM : self::clock($found[2], $found[3] ?? '00', $field);
            $evenings[] = self::evening($found[1], $from, (int) ($found[4] ?? self::MINUTES), $field);
        }

        return $evenings;
    }

    private static function clock(string $hour, string $minute, string $field): string
    {
        return (int) $hour < 24 && (int) $minute < 60
            ? \sprintf('%02d:%s', $hour, $minute)
            : throw PlanProblem::at($field, "$hour:$minute is no time of day.");
    }

    private static function evening(string $day, string $from, int $minutes, string $field): Evening
    {
        return Evening::read(Values::of(['day' => $day, 'from' => $from, 'minutes' => $minutes], $field));
    }
}
