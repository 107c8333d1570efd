<?php

/* What is written of a week: its name, and its days, in the words of the book's language. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling;

use AmpleMargin\Calendar\Day;
use AmpleMargin\Calendar\MonthWeek;
use AmpleMargin\Spread\Page\CalendarFacts;
use AmpleMargin\Spread\Page\DaysShown;
use AmpleMargin\Spread\Page\OwnPeriod;
use AmpleMargin\Spread\Setting\Field;
use AmpleMargin\Spread\Setting\Settings;

/** @internal to Spread */
final class WeekWords
{
    private const CALLED = 'week_called';
    private const WORD = 'week_named';

    public function __construct(
        private readonly CalendarFacts $calendar,
        private readonly Settings $said,
        private readonly MonthWeek $week,
    ) {
    }

    /** @return list<Field> what can be said of a week's pages */
    public static function fields(): array
    {
        return [
            Field::choice(self::CALLED, 'A week is called by', [
                'both' => 'its number and its days',
                'number' => 'its number',
                'days' => 'its first and last day',
            ]),
            Field::text(self::WORD, 'The word for a week', 'Week'),
            OwnPeriod::fields()[DaysShown::OF_A_WEEK],
        ];
    }

    /** "Week 5: 1 Feb to 7 Feb", "Week 5" or "1 Feb to 7 Feb". */
    public function name(): string
    {
        $names = $this->calendar->names;
        $number = "{$this->said->text(self::WORD)} {$this->week->isoWeek}";
        $days = $this->days();
        $span = $names->dayShort($days[0]).' to '.$names->dayShort($days[\count($days) - 1]);

        return match ($this->said->choice(self::CALLED)) {
            'number' => $number,
            'days' => $span,
            default => "$number: $span",
        };
    }

    /** @return non-empty-list<Day> all of them, or those of school where there are any among them */
    public function days(): array
    {
        $days = array_map($this->week->from->plus(...), range(0, $this->week->days() - 1));
        $wanted = DaysShown::ofAWeek($this->calendar, $this->said);
        $some = array_values(array_filter($days, static fn (Day $day): bool => \in_array($day->weekday(), $wanted, true)));

        return [] === $some ? $days : $some;
    }

    /** Boxes a whole week takes where one more is for notes: eight, or six of a week of five days. */
    public static function boxes(CalendarFacts $calendar, Settings $said): int
    {
        return \count(DaysShown::ofAWeek($calendar, $said)) + 1;
    }

    /** "Monday 4"; with its month where that is not the one these pages are for: "Monday 28 Dec". */
    public function day(Day $day): string
    {
        return $this->calendar->names->weekday($day->weekday()).' '.$this->figure($day);
    }

    /** The same where there is little room: "Mon 4". */
    public function dayShort(Day $day): string
    {
        return $this->calendar->names->weekdayShort($day->weekday()).' '.$day->day;
    }

    private function figure(Day $day): string
    {
        $strange = null !== $this->calendar->month && !$this->calendar->month->equals($day->month);

        return $day->day.($strange ? ' '.$this->calendar->names->monthShort($day->month->month) : '');
    }
}
