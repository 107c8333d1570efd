<?php

/* A repeat in words, and the repeats a person may choose for a day. */

declare(strict_types=1);

namespace AmpleMargin\Dates;

use AmpleMargin\Calendar\Day;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Counting\Listed;

final class RuleWords
{
    private const NTH = [1 => 'first', 'second', 'third', 'fourth', 'fifth', -1 => 'last', -2 => 'second to last'];

    private readonly Names $names;

    public function __construct()
    {
        // The words around them are English.
        $this->names = new Names('en');
    }

    public function of(Rule $rule): string
    {
        $said = $this->often($rule).$this->which($rule);

        return $said.match (true) {
            null !== $rule->count => ", $rule->count times",
            null !== $rule->until => ", up to {$rule->until->day} {$this->names->monthAndYear($rule->until->month)}",
            default => '',
        };
    }

    /** @return list<array{rule: string, words: string}> */
    public function choices(Day $day): array
    {
        $code = substr(strtoupper($day->weekday()->name), 0, 2);
        $nth = intdiv($day->day - 1, 7) + 1;
        $rules = [
            'FREQ=YEARLY',
            'FREQ=MONTHLY;INTERVAL=6',
            'FREQ=MONTHLY;INTERVAL=3',
            'FREQ=MONTHLY',
            "FREQ=MONTHLY;BYDAY={$nth}$code",
        ];
        if ($day->day > $day->month->days() - 7) {
            $rules[] = "FREQ=MONTHLY;BYDAY=-1$code";
        }
        if ($day->day === $day->month->days()) {
            $rules[] = 'FREQ=MONTHLY;BYMONTHDAY=-1';
        }
        array_push($rules, 'FREQ=WEEKLY', 'FREQ=WEEKLY;INTERVAL=2', 'FREQ=WEEKLY;INTERVAL=4', 'FREQ=DAILY', 'FREQ=DAILY;INTERVAL=10');

        return array_map(fn (string $rule): array => ['rule' => $rule, 'words' => $this->of(Rule::read($rule))], $rules);
    }

    private function often(Rule $rule): string
    {
        if (Frequency::Monthly === $rule->every && 3 === $rule->interval) {
            return 'every quarter';
        }
        if (Frequency::Monthly === $rule->every && 6 === $rule->interval) {
            return 'every half-year';
        }
        $unit = match ($rule->every) {
            Frequency::Yearly => 'year',
            Frequency::Monthly => 'month',
            Frequency::Weekly => 'week',
            Frequency::Daily => 'day',
        };

        return match ($rule->interval) {
            1 => "every $unit",
            2 => "every second $unit",
            default => "every $rule->interval {$unit}s",
        };
    }

    private function which(Rule $rule): string
    {
        $said = '';
        if ([] !== $rule->weekdays) {
            $days = array_map(fn (array $one): string => (0 === $one[0] ? '' : 'the '.$this->nth($one[0]).' ')
                .$this->names->weekday($one[1]), $rule->weekdays);
            $said .= ' on '.Listed::all($days);
        }
        foreach ($rule->lists as $name => $numbers) {
            $said .= match ($name) {
                'BYMONTHDAY' => ' on the '.Listed::all(array_map($this->dayOfMonth(...), $numbers)),
                'BYMONTH' => ' in '.Listed::all(array_map($this->names->month(...), $numbers)),
                'BYYEARDAY' => ' on day '.Listed::all(array_map(strval(...), $numbers)).' of the year',
                'BYWEEKNO' => ' in week '.Listed::all(array_map(strval(...), $numbers)),
                default => ', of those the '.Listed::all(array_map($this->nth(...), $numbers)),
            };
        }

        return $said;
    }

    private function nth(int $nth): string
    {
        return self::NTH[$nth] ?? ($nth > 0 ? "{$nth}th" : abs($nth).'th to last');
    }

    private function dayOfMonth(int $day): string
    {
        return match (true) {
            -1 === $day => 'last day',
            $day < 0 => $this->nth($day).' day',
            default => $day.(match (true) {
                $day >= 11 && $day <= 13 => 'th',
                1 === $day % 10 => 'st',
                2 === $day % 10 => 'nd',
                3 === $day % 10 => 'rd',
                default => 'th',
            }),
        };
    }
}
