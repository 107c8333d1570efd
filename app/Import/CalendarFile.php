<?php

/*
 * Events of an iCalendar file (RFC 5545): all-day, timed, of several days, repeated with exceptions. A time elsewhere is put
 * into the person's zone, so its day may be another. One broken event spoils no other.
 */

declare(strict_types=1);

namespace App\Import;

use AmpleMargin\Calendar\Day;
use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Names;
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
use Sabre\VObject\Component;
use Sabre\VObject\Property\ICalendar\DateTime;

final class CalendarFile
{
    /** Days of a repeat that changes its day from zone to zone are kept one by one, for so many years. */
    private const YEARS = 3;

    /** Minutes of a day, and of the least alarm that is a lead. */
    private const DAY = 1440;

    public function __construct(
        private readonly \DateTimeZone $zone,
        private readonly KnownDates $known,
        private readonly int $year,
    ) {
    }

    /** @return list<Found> */
    public function read(string $text, string $file): array
    {
        $found = [];
        foreach (CalendarEvents::of($text) as $event) {
            try {
                array_push($found, ...(null === $event
                    ? [Found::skipped($file, 'An event is cut off or broken.')]
                    : Quietly::do(fn (): array => $this->event($event, $file))));
            } catch (\Exception) {
                // Whatever the library cannot make of it.
                $found[] = Found::skipped($file, 'An event has a day or a zone that cannot be read.');
            }
            if (\count($found) > DateFiles::MOST) {
                break;
            }
        }

        return self::withExceptions($found);
    }

    /** @return list<Found> */
    private function event(Component $event, string $file): array
    {
        $words = mb_substr(Properties::text($event, 'SUMMARY'), 0, Entry::LONGEST);
        $where = '' === $words ? $file : "$file: ".mb_strimwidth($words, 0, 40, '…');
        $start = Properties::moment($event, 'DTSTART') ?? Properties::moment($event, 'DUE');
        if (null === $start) {
            return [Found::skipped($where, 'It has no day.')];
        }
        if ('' === $words) {
            return [Found::skipped($where, 'It has no words.')];
        }
        $uid = Properties::text($event, 'UID');
        $is = Properties::text($event, DatesCalendar::IS);
        if (\in_array($is, ['pages', 'sitting'], true)) {
            return [];
        }
        $of = Properties::moment($event, 'RECURRENCE-ID');
        if ('CANCELLED' === strtoupper(Properties::text($event, 'STATUS'))) {
            return [null !== $of && '' !== $uid
                ? Found::entry(self::exception($uid, $this->local($of)), $where, 'cancelled')
                : Found::skipped($where, 'It was cancelled.')];
        }
        try {
            $entry = $this->entry($event, $start, $words, $uid);
        } catch (DayRefused|RuleRefused $refused) {
            return [Found::skipped($where, $refused->getMessage())];
        }
        if (null === $of || '' === $uid) {
            return [Found::entry(self::own($event, $entry), $where, self::remarks($event, $entry))];
        }

        return [
            Found::entry(self::exception($uid, $this->local($of)), $where, 'cancelled'),
            Found::entry($entry->with(['uid' => mb_substr("$uid#".$this->local($of)->iso(), 0, 300), 'repeat' => null]), $where),
        ];
    }

    /** A day its month does not have would be taken for one of the next. @throws DayRefused */
    private static function checkDay(DateTime $said): void
    {
        $value = $said->getValue();
        if (\is_string($value) && 1 === preg_match('/^(\d{4})(\d{2})(\d{2})/', $value, $found)) {
            [$year, $month, $day] = [(int) $found[1], (int) $found[2], (int) $found[3]];
            if ($month < 1 || $month > 12 || $year < 1583) {
                throw DayRefused::none($value);
            }
            $of = new Month($year, $month);
            if ($day < 1 || $day > $of->days()) {
                throw DayRefused::beyond((new Names('en'))->monthAndYear($of), $of->days(), $day);
            }
        }
    }

    /** As this program wrote it, where the day is still the one it wrote. */
    private static function own(Component $event, Entry $entry): Entry
    {
        $is = EntryKind::tryFrom(Properties::text($event, DatesCalendar::IS));
        $changes = null === $is ? [] : ['is' => $is, 'repeat' => EntryKind::Birthday === $is ? null : $entry->repeat];
        $leap = LeapDay::tryFrom(Properties::text($event, DatesCalendar::LEAP));
        $changes += null === $leap ? [] : ['leap' => $leap];
        $day = Properties::text($event, DatesCalendar::DAY);
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

    private function entry(Component $event, DateTime $start, string $words, string $uid): Entry
    {
        self::checkDay($start);
        $first = $this->local($start);
        $last = $this->last($event, $start, $first);
        [$rule, $also] = $this->repeat($event, $start);
        $whose = null === $rule ? null : BirthdayWords::whose($words);
        $birthday = null !== $whose;
        $lead = self::lead($event);
        $end = Properties::moment($event, 'DTEND');
        $born = $birthday && $first->month->year < $this->year ? $first->month->year : null;

        return new Entry(
            '',
            $whose ?? $words,
            When::between($first, $last),
            match (true) {
                $birthday => EntryKind::Birthday,
                $lead > 0 => EntryKind::Duty,
                default => EntryKind::Date,
            },
            Categories::named($this->known, Properties::text($event, 'CATEGORIES')),
            $start->hasTime() ? $this->clock($start) : null,
            $start->hasTime() && $first->number === $last->number && null !== $end
                ? $this->clock($end)
                : null,
            $birthday ? null : $rule,
            $this->days($event, 'EXDATE'),
            [...$also, ...$this->days($event, 'RDATE')],
            $lead,
            $born,
            uid: '' === $uid ? null : mb_substr($uid, 0, 300),
        );
    }

    /**
     * The rule, its end on a day of the person's. Where the days themselves are others in their zone, none, and the days instead.
     *
     * @return array{Rule|null, list<Day>}
     */
    private function repeat(Component $event, DateTime $start): array
    {
        $written = Properties::text($event, 'RRULE');
        if ('' === $written) {
            return [null, []];
        }
        $rule = Rule::read($written);
        $own = self::day($start->getDateTime($this->zone));
        $local = $this->local($start);
        if (null !== $rule->until && 1 === preg_match('/UNTIL=(\d{8}T\d{6})Z/i', $written, $until)) {
            $ends = new \DateTimeImmutable("$until[1]Z");
            $ends = $ends->setTimezone($start->getDateTime($this->zone)->getTimezone());
            // Up to a moment: on its last day the event may come too late.
            $late = $ends->format('His') < $start->getDateTime($this->zone)->format('His');
            $rule = $rule->upTo(self::day($ends)->plus($late ? -1 : 0));
        }
        if ($own->number === $local->number) {
            return [$rule, []];
        }
        $shift = $local->number - $own->number;
        $until = max($own->number, (new Month($this->year, 1))->firstDayNumber()) + self::YEARS * 366;
        $days = (new Recurrence($rule, $own))->between($own, Day::numbered($until));
        $days = \array_slice(array_map(static fn (Day $day): Day => $day->plus($shift), $days), 0, Entry::MOST_DAYS);

        return [null, $days];
    }

    private function last(Component $event, DateTime $start, Day $first): Day
    {
        $end = Properties::moment($event, 'DTEND');
        if (null !== $end) {
            $last = $this->local($end);
            // It ends before its last day, or at midnight.
            $open = !$end->hasTime() || '00:00' === $this->clock($end);

            return $open && $last->number > $first->number ? $last->plus(-1) : $last;
        }
        $length = Properties::text($event, 'DURATION');
        if (1 === preg_match('/^\+?P(?:(\d{1,3})W)?(?:(\d{1,4})D)?(?:T(?:(\d{1,4})H)?(?:(\d{1,5})M)?(?:\d{1,6}S)?)?$/', $length, $found)) {
            $minutes = ((int) ($found[1] ?? 0) * 7 + (int) ($found[2] ?? 0)) * self::DAY
                + (int) ($found[3] ?? 0) * 60 + (int) ($found[4] ?? 0);
            $begins = $start->hasTime() ? 60 * (int) substr($this->clock($start), 0, 2) + (int) substr($this->clock($start), 3) : 0;

            return $first->plus(intdiv(max(0, $begins + $minutes - 1), self::DAY));
        }

        return $first;
    }

    /** Days before it on which an alarm rings; 0 where none rings a day before. */
    private static function lead(Component $event): int
    {
        $lead = 0;
        foreach ($event->select('VALARM') as $alarm) {
            $said = $alarm instanceof Component ? Properties::text($alarm, 'TRIGGER') : '';
            if (1 === preg_match('/^-P(?:(\d{1,3})W)?(?:(\d{1,4})D)?(?:T(?:(\d{1,4})H)?(?:(\d{1,5})M)?(?:\d+S)?)?$/', $said, $found)) {
                $minutes = ((int) ($found[1] ?? 0) * 7 + (int) ($found[2] ?? 0)) * self::DAY
                    + (int) ($found[3] ?? 0) * 60 + (int) ($found[4] ?? 0);
                $lead = max($lead, intdiv($minutes, self::DAY));
            }
        }

        return min(Entry::MOST_LEAD, $lead);
    }

    /** @return list<Day> */
    private function days(Component $event, string $property): array
    {
        $days = [];
        foreach ($event->select($property) as $said) {
            if ($said instanceof DateTime) {
                foreach ($said->getDateTimes($this->zone) as $one) {
                    $days[] = self::day($said->hasTime() ? $one->setTimezone($this->zone) : $one);
                }
            }
        }

        return \array_slice($days, 0, Entry::MOST_DAYS);
    }

    private static function remarks(Component $event, Entry $entry): string
    {
        $category = Properties::text($event, 'CATEGORIES');

        return '' !== $category && '' === $entry->category ? "Its category, “{$category}”, is none of this book." : '';
    }

    /** The day in the person's zone; a time without a zone is theirs. */
    private function local(DateTime $said): Day
    {
        return self::day($this->moment($said));
    }

    private function clock(DateTime $said): string
    {
        return $this->moment($said)->format('H:i');
    }

    private function moment(DateTime $said): \DateTimeImmutable
    {
        $moment = $said->getDateTime($this->zone);

        return $said->hasTime() ? $moment->setTimezone($this->zone) : $moment;
    }

    private static function day(\DateTimeInterface $moment): Day
    {
        return Day::read($moment->format('Y-m-d')) ?? throw DayRefused::none($moment->format('Y-m-d'));
    }

    /** Stands for a day on which a repeat is left out, until all of it is known. */
    private static function exception(string $uid, Day $day): Entry
    {
        return new Entry('', 'cancelled', When::on($day), except: [$day], uid: "$uid#");
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
            if ('cancelled' === $one->says && null !== $one->entry) {
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
