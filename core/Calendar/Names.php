<?php

/* Names of months and weekdays in the language that goes on paper, from ICU. */

declare(strict_types=1);

namespace AmpleMargin\Calendar;

final class Names
{
    /** What most books and all the program's own sentences are in, by pattern, as ICU has it, which takes a millisecond to begin. */
    private const ENGLISH = [
        'LLLL' => [
            'January', 'February', 'March', 'April', 'May', 'June', 'July', 'August', 'September', 'October', 'November',
            'December',
        ],
        'LLL' => ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'],
        'LLLLL' => ['J', 'F', 'M', 'A', 'M', 'J', 'J', 'A', 'S', 'O', 'N', 'D'],
        'cccc' => ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'],
        'ccc' => ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'],
        'ccccc' => ['M', 'T', 'W', 'T', 'F', 'S', 'S'],
    ];

    /** @var array<string, list<string>> by pattern; these three are filled as names are asked for */
    private array $known = [];

    /** Making a formatter costs more than all that is asked of it; one serves every pattern. */
    private ?\IntlDateFormatter $formatter = null;

    private ?\IntlDateFormatter $withYear = null;

    /** @var array<int, string> by the month's index */
    private array $months = [];

    public function __construct(public readonly string $locale = 'en')
    {
    }

    /** Whether ICU has data of its own for this language. */
    public static function knows(string $locale): bool
    {
        if (self::isEnglish($locale)) {
            return true;
        }
        $all = \ResourceBundle::getLocales('');

        return false !== $all && \in_array(str_replace('-', '_', $locale), $all, true);
    }

    /**
     * Every language ICU has names for, by its English name.
     *
     * @return list<array{id: string, name: string, own: string, place: string}> with the name it has for itself, and the script and
     *     country of one that is written in its own way there
     */
    public static function languages(): array
    {
        $languages = [];
        foreach (array_filter((array) \ResourceBundle::getLocales(''), is_string(...)) as $id) {
            $languages[] = [
                'id' => $id,
                'name' => (string) \Locale::getDisplayName($id, 'en'),
                'own' => (string) \Locale::getDisplayName($id, $id),
                'place' => implode(
                    ', ',
                    array_filter(
                        [(string) \Locale::getDisplayScript($id, 'en'), (string) \Locale::getDisplayRegion($id, 'en')],
                        static fn (string $part): bool => '' !== $part,
                    ),
                ),
            ];
        }
        usort($languages, static fn (array $a, array $b): int => $a['name'] <=> $b['name']);

        return $languages;
    }

    /** "January", as it stands alone in a heading. */
    public function month(int $month): string
    {
        return $this->list('LLLL')[$month - 1];
    }

    public function monthShort(int $month): string
    {
        return $this->list('LLL')[$month - 1];
    }

    /** "J": may be the same for several months. */
    public function monthInitial(int $month): string
    {
        return $this->list('LLLLL')[$month - 1];
    }

    public function weekday(Weekday $day): string
    {
        return $this->list('cccc')[$day->value - 1];
    }

    public function weekdayShort(Weekday $day): string
    {
        return $this->list('ccc')[$day->value - 1];
    }

    public function weekdayInitial(Weekday $day): string
    {
        return $this->list('ccccc')[$day->value - 1];
    }

    private static function isEnglish(string $locale): bool
    {
        return 'en' === $locale;
    }

    /** "January 2027", "2027年1月": as the language writes it. */
    public function monthAndYear(Month $month): string
    {
        if (self::isEnglish($this->locale)) {
            return self::ENGLISH['LLLL'][$month->month - 1]." $month->year";
        }
        $this->withYear ??= new \IntlDateFormatter(
            // With the figures of the rest of the page.
            $this->locale.(str_contains($this->locale, '@') ? ';' : '@').'numbers=latn',
            \IntlDateFormatter::NONE,
            \IntlDateFormatter::NONE,
            'UTC',
            \IntlDateFormatter::GREGORIAN,
            $this->monthAndYearPattern(),
        );

        return $this->months[$month->index()] ??= (string) $this->withYear->format($month->firstDayNumber() * 86400);
    }

    /** As ICU has it written down for the language; where it has not, as ICU makes it up, which takes two hundred times as long. */
    private function monthAndYearPattern(): string
    {
        $data = \ResourceBundle::create($this->locale, 'ICUDATA');
        foreach (['calendar', 'gregorian', 'availableFormats'] as $table) {
            $data = $data?->get($table);
            $data = $data instanceof \ResourceBundle ? $data : null;
        }
        $pattern = $data?->get('yMMMM');

        return \is_string($pattern) ? $pattern : (string) (new \IntlDatePatternGenerator($this->locale))->getBestPattern('yMMMM');
    }

    /** "Fri 1 Jan", for lists of weeks. */
    public function dayShort(Day $day): string
    {
        return $this->weekdayShort($day->weekday()).' '.$day->day.' '.$this->monthShort($day->month->month);
    }

    /** @return list<string> twelve months or seven weekdays from Monday */
    private function list(string $pattern): array
    {
        if (self::isEnglish($this->locale)) {
            return self::ENGLISH[$pattern] ?? throw new \LogicException("Nobody asked for $pattern before.");
        }
        if (isset($this->known[$pattern])) {
            return $this->known[$pattern];
        }
        $formatter = $this->formatter ??= new \IntlDateFormatter(
            $this->locale,
            \IntlDateFormatter::NONE,
            \IntlDateFormatter::NONE,
            'UTC',
            \IntlDateFormatter::GREGORIAN,
        );
        $formatter->setPattern($pattern);
        $names = [];
        if (str_starts_with($pattern, 'L')) {
            for ($month = 1; $month <= 12; ++$month) {
                $names[] = (string) $formatter->format((new Month(2027, $month))->firstDayNumber() * 86400);
            }
        } else {
            // 4 January 1971 was a Monday.
            for ($day = 0; $day < 7; ++$day) {
                $names[] = (string) $formatter->format(((new Month(1971, 1))->firstDayNumber() + 3 + $day) * 86400);
            }
        }

        return $this->known[$pattern] = $names;
    }

    /**
     * "July to September": the quarters of a period, the last of them perhaps shorter.
     *
     * @return non-empty-list<string>
     */
    public function quarters(Period $period): array
    {
        return array_map(
            fn (array $some): string => $this->month($some[0]->month)
                .(\count($some) > 1 ? ' to '.$this->month($some[\count($some) - 1]->month) : ''),
            array_chunk($period->months(), 3),
        );
    }
}
