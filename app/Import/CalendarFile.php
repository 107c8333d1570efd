<?php

/*
 * Events of an iCalendar file (RFC 5545): all-day, timed, of several days, repeated with exceptions. A time elsewhere is put
 * into the person's zone, so its day may be another. One broken event spoils no other.
 */

declare(strict_types=1);

namespace App\Import;

use AmpleMargin\Calendar\Day;
use AmpleMargin\Calendar\Month;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Dates\BirthdayWords;
use AmpleMargin\Dates\DayRefused;
use AmpleMargin\Dates\Entry;
use AmpleMargin\Dates\EntryKind;
use AmpleMargin\Dates\Found;
use AmpleMargin\Dates\KnownDates;
use AmpleMargin\Dates\LeapDay;
use AmpleMargin\Dates\Recurrence;
use AmpleMargin\Dates\Rule;
use AmpleMargin\Dates\RuleRefused;
use AmpleMargin\Dates\When;
use App\Export\DatesCalendar;
use App\Import\Calendar\Event;
use App\Import\Calendar\Events;
use App\Import\Calendar\Moment;
use App\Import\Calendar\NamedZone;
use App\Import\Calendar\Zones;

final class CalendarFile
{
    /** Days of a repeat that changes its day from zone to zone are kept one by one, for so many years. */
    private const YEARS = 3;

    /** Days that are reckoned from zone to zone for all of a file; beyond, a repeat keeps the days it has there. From memory. */
    private const MOST_DAYS = 60_000;

    /** Marks a day on which a repeat is left out. */
    private const CANCELLED = 'cancelled';

    /** Broken events that are said one by one. */
    private const BROKEN = 20;

    /** Minutes of a day, and of the least alarm that is a lead. */
    private const DAY = 1440;

    /** How this program writes what is of 29 February. */
    private const LEAP_RULE = '/;(?:BYMONTH=2;BYMONTHDAY=-1|BYMONTHDAY=-1;BYMONTH=2|BYYEARDAY=60)/';

    private readonly NamedZone $here;

    private Zones $zones;

    private int $reckoned = 0;

    /** @var list<string> what is to be said of the event that is read */
    private array $remarks = [];

    public function __construct(
        \DateTimeZone $zone,
        private readonly KnownDates $known,
        private readonly int $year,
    ) {
        $this->here = new NamedZone($zone);
    }

    /** @return list<Found> */
    public function read(string $text, string $file): array
    {
        $this->zones = Zones::in($text);
        $found = [];
        $broken = 0;
        foreach (Events::of($text) as $event) {
            if (\count($found) >= DateFiles::MOST) {
                $line = $event instanceof Event ? $event->line : $event;
                $found[] = Found::skipped("$file, line $line", DateFiles::tooMany());
                break;
            }
            if ($event instanceof Event) {
                array_push($found, ...$this->event($event, $file));
            } elseif (++$broken <= self::BROKEN) {
                $found[] = Found::skipped("$file, line $event", 'An event is cut off or broken.');
            }
        }
        if ($broken > self::BROKEN) {
            $more = $broken - self::BROKEN;
            $found[] = Found::skipped($file, Plural::of($more, 'event more is', 'events more are').' cut off or broken.');
        }

        return self::withExceptions($found);
    }

    /** @return list<Found> */
    private function event(Event $event, string $file): array
    {
        $this->remarks = [];
        $words = mb_substr($event->text('SUMMARY'), 0, Entry::LONGEST);
        $where = '' === $words ? "$file, line $event->line" : "$file: ".mb_strimwidth($words, 0, 40, '…');
        $skipped = "$file, line $event->line".('' === $words ? '' : ': '.mb_strimwidth($words, 0, 40, '…'));
        try {
            $start = $this->moment($event, 'DTSTART') ?? $this->moment($event, 'DUE');
            if (null === $start) {
                return [Found::skipped($skipped, 'It has no day.')];
            }
            if ('' === $words) {
                return [Found::skipped($skipped, 'It has no words.')];
            }
            $uid = $event->text('UID');
            if (\in_array($event->text(DatesCalendar::IS), ['pages', 'sitting'], true)) {
                return [];
            }
            $of = $this->moment($event, 'RECURRENCE-ID');
            if ('CANCELLED' === strtoupper($event->text('STATUS'))) {
                return [null !== $of && '' !== $uid
                    ? Found::entry(self::exception($uid, $this->local($of)), $where, self::CANCELLED)
                    : Found::skipped($skipped, 'It was cancelled.')];
            }
            $entry = $this->entry($event, $start, $words, $uid);
            if (null === $of || '' === $uid) {
                return [Found::entry(self::own($event, $entry), $where, $this->remarks($event, $entry))];
            }

            return [
                Found::entry(self::exception($uid, $this->local($of)), $where, self::CANCELLED),
                Found::entry(
                    $entry->with(['uid' => mb_substr("$uid#".$this->local($of)->iso(), 0, 300), 'repeat' => null]),
                    $where,
                    $this->remarks($event, $entry),
                ),
            ];
        } catch (DayRefused|RuleRefused $refused) {
            return [Found::skipped($skipped, $refused->getMessage())];
        }
    }

    /** As this program wrote it, where the day is still the one it wrote. */
    private static function own(Event $event, Entry $entry): Entry
    {
        $is = EntryKind::tryFrom($event->text(DatesCalendar::IS));
        $changes = null === $is ? [] : ['is' => $is, 'repeat' => EntryKind::Birthday === $is ? null : $entry->repeat];
        $leap = LeapDay::tryFrom($event->text(DatesCalendar::LEAP));
        $changes += null === $leap ? [] : ['leap' => $leap];
        $written = $entry->repeat?->written() ?? '';
        if (str_starts_with((string) $entry->uid, DatesCalendar::OWN) && 1 === preg_match(self::LEAP_RULE, $written)) {
            // As it was before it was written for programs that know no leap days.
            $changes += ['repeat' => Rule::read((string) preg_replace(self::LEAP_RULE, '', $written))];
        }
        $day = $event->text(DatesCalendar::DAY);
        if ($day === $entry->when->month->iso()) {
            $changes += ['when' => When::in($entry->when->month)];
        }
        $unknown = str_starts_with($day, '--');
        if (EntryKind::Birthday === $is) {
            $changes += ['born' => $unknown ? null : $entry->when->month->year];
        }
        $own = str_starts_with((string) $entry->uid, DatesCalendar::OWN);

        return $entry->with($changes + ($own ? ['id' => substr((string) $entry->uid, \strlen(DatesCalendar::OWN)), 'uid' => null] : []));
    }

    private function entry(Event $event, Moment $start, string $words, string $uid): Entry
    {
        $first = $this->local($start);
        $end = $this->moment($event, 'DTEND');
        $last = $this->last($event, $start, $first, $end);
        [$rule, $also] = $this->repeat($event, $start);
        $whose = null === $rule ? null : BirthdayWords::whose($words);
        $birthday = null !== $whose;
        $lead = self::lead($event);
        $born = $birthday && $first->month->year < $this->year ? $first->month->year : null;
        $except = $this->days($event, 'EXDATE');
        $also = [...$also, ...$this->days($event, 'RDATE')];
        if ($event->more || \count($also) > Entry::MOST_DAYS) {
            $this->remarks[] = 'It names more days than are kept; '.Entry::MOST_DAYS.' of them are.';
        }

        return new Entry(
            '',
            $whose ?? $words,
            When::between($first, $last),
            match (true) {
                $birthday => EntryKind::Birthday,
                $lead > 0 => EntryKind::Duty,
                default => EntryKind::Date,
            },
            Categories::named($this->known, $event->text('CATEGORIES')),
            $start->hasTime() ? $this->clock($start) : null,
            $start->hasTime() && $first->number === $last->number && null !== $end
                ? $this->clock($end)
                : null,
            $birthday ? null : $rule,
            $except,
            \array_slice($also, 0, Entry::MOST_DAYS),
            $lead,
            $born,
            uid: '' === $uid ? null : mb_substr($uid, 0, 300),
        );
    }

    /**
     * The rule, its end on a day of the person's. Where the days themselves are others here, on some of them or all, none, and the days
     * instead: two clocks are not as far apart all year.
     *
     * @return array{Rule|null, list<Day>}
     */
    private function repeat(Event $event, Moment $start): array
    {
        $written = $event->first('RRULE')->value ?? '';
        if ('' === $written) {
            return [null, []];
        }
        $rule = Rule::read($written);
        if (null !== $rule->until && 1 === preg_match('/UNTIL=(\d{8}T\d{6})Z/i', $written, $until)) {
            $instant = (new \DateTimeImmutable("$until[1]Z"))->getTimestamp();
            [$day, $second] = $start->sameClock($instant, $this->here);
            // Up to a moment: on its last day the event may come too late.
            $rule = $rule->upTo($second < ($start->second ?? 0) ? $day->plus(-1) : $day);
        }
        if (null === $start->zone || !$start->hasTime()) {
            return [$rule, []];
        }
        $from = new Month(max($start->day->month->year, $this->year), 1);
        $begin = max($start->day->number, $from->firstDayNumber());
        [$apart, $shifts] = $this->apart($start, $begin);
        if (\count($apart) > 1) {
            $this->remarks[] = 'Its time here changes with the clocks: '.implode(' and ', $apart).'.';
        }
        if ([0] === $shifts) {
            return [$rule, []];
        }
        $until = Day::numbered($begin + self::YEARS * 366);
        $days = (new Recurrence($rule, $start->day))->between($start->day, $until);
        $this->reckoned += \count($days);
        if ($this->reckoned > self::MOST_DAYS) {
            $this->remarks[] = 'It keeps the days it has in its own zone: too much of this file is in another to reckon each.';

            return [$rule, []];
        }
        $here = array_map(fn (Day $day): Day => $this->local($start->on($day)), $days);
        $here = array_values(array_filter($here, static fn (Day $day): bool => $day->month->year >= $from->year));
        if (\count($here) > Entry::MOST_DAYS) {
            $this->remarks[] = 'Its days here are kept up to '.$here[Entry::MOST_DAYS - 1]->iso().'; they are others than in its own zone.';
        }

        return [null, \array_slice($here, 0, Entry::MOST_DAYS)];
    }

    /**
     * How far the two clocks are apart over the years that are looked at, looked at once a week.
     *
     * @return array{list<string>, list<int>} the times here, and the days earlier or later
     */
    private function apart(Moment $start, int $begin): array
    {
        $times = $shifts = [];
        for ($number = $begin; $number < $begin + self::YEARS * 366; $number += 7) {
            $day = Day::numbered($number);
            [$here, $second] = $start->on($day)->here($this->here);
            $times[self::written((int) $second)] = true;
            $shifts[$here->number - $number] = true;
        }
        ksort($times);

        return [array_map(strval(...), array_keys($times)), array_keys($shifts)];
    }

    private function last(Event $event, Moment $start, Day $first, ?Moment $end): Day
    {
        if (null !== $end) {
            $last = $this->local($end);
            // It ends before its last day, or at midnight.
            $open = !$end->hasTime() || '00:00' === $this->clock($end);

            return $open && $last->number > $first->number ? $last->plus(-1) : $last;
        }
        $minutes = self::minutes($event->first('DURATION')->value ?? '', '\+?');
        if (null !== $minutes) {
            $begins = $start->hasTime() ? intdiv($start->here($this->here)[1] ?? 0, 60) : 0;

            return $first->plus(intdiv(max(0, $begins + $minutes - 1), self::DAY));
        }

        return $first;
    }

    /** Days before it on which an alarm rings; 0 where none rings a day before. */
    private static function lead(Event $event): int
    {
        $lead = 0;
        foreach ($event->all(Events::ALARM) as $alarm) {
            $lead = max($lead, intdiv(self::minutes($alarm->value, '-') ?? 0, self::DAY));
        }

        return min(Entry::MOST_LEAD, $lead);
    }

    /** Minutes of a duration (RFC 5545, 3.3.6); null for anything else. */
    private static function minutes(string $said, string $sign): ?int
    {
        $pattern = "/^{$sign}P(?:(\\d{1,3})W)?(?:(\\d{1,4})D)?(?:T(?:(\\d{1,4})H)?(?:(\\d{1,5})M)?(?:\\d{1,6}S)?)?$/";

        return 1 === preg_match($pattern, trim($said), $found)
            ? ((int) ($found[1] ?? 0) * 7 + (int) ($found[2] ?? 0)) * self::DAY + (int) ($found[3] ?? 0) * 60 + (int) ($found[4] ?? 0)
            : null;
    }

    /** @return list<Day> */
    private function days(Event $event, string $property): array
    {
        $days = [];
        foreach ($event->all($property) as $said) {
            foreach (explode(',', $said->value, Entry::MOST_DAYS + 2) as $value) {
                try {
                    // What names a period begins on its first day.
                    $days[] = $this->local(Moment::read($said, $this->zones, explode('/', $value)[0]));
                } catch (DayRefused) {
                    $this->remarks[] = 'A day it names besides is none.';
                }
                if (\count($days) > Entry::MOST_DAYS) {
                    $event->more = true;
                    break 2;
                }
            }
        }

        return \array_slice($days, 0, Entry::MOST_DAYS);
    }

    private function remarks(Event $event, Entry $entry): string
    {
        $category = $event->text('CATEGORIES');
        $zone = $event->first('DTSTART')?->parameter('TZID') ?? '';
        $zone = preg_replace('/\s+/u', ' ', $zone) ?? '';

        return implode(' ', array_filter([
            '' !== $category && '' === $entry->category ? "Its category, “{$category}”, is none of this book." : '',
            '' !== $zone && null !== $entry->time && null === $this->zones->named($zone)
                ? '“'.mb_strimwidth($zone, 0, 40, '…').'” is no zone that is known: its time is taken as one of yours.'
                : '',
            ...array_unique($this->remarks),
        ], static fn (string $one): bool => '' !== $one));
    }

    private function moment(Event $event, string $name): ?Moment
    {
        $said = $event->first($name);

        return null === $said ? null : Moment::read($said, $this->zones, trim($said->value));
    }

    /** The day in the person's zone; a time without a zone is theirs. */
    private function local(Moment $said): Day
    {
        return $said->here($this->here)[0];
    }

    private function clock(Moment $said): string
    {
        return self::written($said->here($this->here)[1] ?? 0);
    }

    private static function written(int $second): string
    {
        return \sprintf('%02d:%02d', intdiv($second, 3_600), intdiv($second, 60) % 60);
    }

    /** Stands for a day on which a repeat is left out, until all of it is known. */
    private static function exception(string $uid, Day $day): Entry
    {
        return new Entry('', self::CANCELLED, When::on($day), except: [$day], uid: "$uid#");
    }

    /**
     * @param list<Found> $found
     *
     * @return list<Found> each repeat with the days on which it is otherwise, or not at all
     */
    private static function withExceptions(array $found): array
    {
        $except = [];
        $kept = [];
        foreach ($found as $one) {
            if (self::CANCELLED === $one->says && null !== $one->entry) {
                $except[substr((string) $one->entry->uid, 0, -1)][] = $one->entry->except[0];
            } else {
                $kept[] = $one;
            }
        }

        return array_map(static function (Found $one) use ($except): Found {
            $days = $except[$one->entry->uid ?? ''] ?? [];

            return null === $one->entry || [] === $days
                ? $one
                : Found::entry(
                    $one->entry->with(['except' => \array_slice([...$one->entry->except, ...$days], 0, Entry::MOST_DAYS)]),
                    $one->where,
                    $one->says,
                );
        }, $kept);
    }
}
