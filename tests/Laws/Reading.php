<?php

/*
 * What stands on drawn pages, read by the tests themselves: words as they are written, and figures, wherever they stand. Nothing here
 * asks the code that drew them.
 */

declare(strict_types=1);

namespace Tests\Laws;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Drawing\Grain;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Words;

final class Reading
{
    /**
     * @param list<list<string>> $words page by page, as they are written
     * @param list<list<string>> $down  the same of headings that are written down their columns, a letter a box
     */
    private function __construct(public readonly array $words, private readonly array $down)
    {
    }

    /** @param list<PageDrawing> $pages */
    public static function of(array $pages): self
    {
        return new self(array_map(static fn (PageDrawing $page): array => array_values(array_map(
            static fn (Words $one): string => $one->text,
            array_filter($page->marks, static fn (mixed $mark): bool => $mark instanceof Words),
        )), $pages), array_map(static fn (PageDrawing $page): array => self::downwards($page->lying()), $pages));
    }

    /** @return list<string> letters below one another as the page lies before one, a box apart, or two where a space is between them */
    private static function downwards(PageDrawing $page): array
    {
        $letters = [];
        foreach ($page->marks as $mark) {
            if ($mark instanceof Words && 1 === preg_match('/^\X$/u', $mark->text)) {
                $letters[$mark->x][$mark->y] = $mark->text;
            }
        }
        $words = [];
        foreach ($letters as $column) {
            ksort($column);
            [$word, $before] = ['', null];
            foreach ($column as $y => $letter) {
                $apart = null === $before ? 0 : $y - $before;
                if ($apart > 2 * Grain::PER_BOX) {
                    $words[] = $word;
                    $word = '';
                }
                $word .= ($apart > Grain::PER_BOX && '' !== $word ? ' ' : '').$letter;
                $before = $y;
            }
            $words[] = $word;
        }

        return array_values(array_filter($words, static fn (string $word): bool => 1 === preg_match('/^\p{L}\X/u', $word)));
    }

    /** How often a word stands there in all, by itself or within others. */
    public function times(string $word): int
    {
        return array_sum(array_map($this->timesOn(...), array_fill(0, \count($this->words), $word), array_keys($this->words)));
    }

    /** The same on one page, from 0. */
    public function timesOn(string $word, int $page): int
    {
        return \count(array_filter([...$this->words[$page], ...$this->down[$page]], static fn (string $one): bool => 1 === preg_match(
            // The year stands before a month in Japanese, with no space between.
            '/(?:(?<=年)|(?<![\p{L}\p{N}]))'.preg_quote($word, '/').'(?![\p{L}\p{N}])/u',
            $one,
        )));
    }

    /** How often a figure stands there by itself. */
    public function figures(int $figure): int
    {
        return \count(array_keys(array_merge(...$this->words), (string) $figure, true));
    }

    /**
     * The months that are named, each as often as it is. A month is known by its whole name, or by its short one.
     *
     * @param list<Month> $months
     *
     * @return array<string, int> "2027-03" → times; the same name in two years counts for both
     */
    public function months(array $months, string $language): array
    {
        $named = [];
        $names = array_map(static fn (Month $month): array => self::names($month, $language), $months);
        foreach ($months as $i => $month) {
            $named[$month->iso()] = max(array_map($this->times(...), $names[$i]));
        }
        // “March to May” is April too: a name that is followed by that of a month up to a year later.
        foreach (array_merge(...$this->words) as $words) {
            foreach (array_keys($months) as $i) {
                for ($more = 2; $more < 12; ++$more) {
                    if (isset($months[$i + $more]) && self::says($words, $names[$i], true) && self::says($words, $names[$i + $more], false)) {
                        for ($between = $i + 1; $between < $i + $more; ++$between) {
                            ++$named[$months[$between]->iso()];
                        }
                    }
                }
            }
        }

        return $named;
    }

    /** Whether the first letter of a month, as ICU has it where there is no room for more, stands there by itself. */
    public function hasInitial(string $iso, string $language): bool
    {
        $initial = (new \IntlDateFormatter(
            "$language@calendar=gregorian",
            \IntlDateFormatter::NONE,
            \IntlDateFormatter::NONE,
            'UTC',
            null,
            'LLLLL',
        ))->format(new \DateTimeImmutable("$iso-15"));

        return \in_array($initial, array_merge(...$this->words), true);
    }

    /** @param list<string> $names */
    private static function says(string $words, array $names, bool $first): bool
    {
        return [] !== array_filter($names, static fn (string $name): bool => $words !== $name
            && ($first ? str_starts_with($words, $name) : 1 === preg_match('/'.preg_quote($name, '/').'(\W*\d*)*$/u', $words)));
    }

    /** @return list<string> as ICU has them, standing alone and within a date, long and short */
    public static function names(Month $month, string $language): array
    {
        $day = \IntlCalendar::createInstance('UTC', $language);
        $day->clear();
        $day->set($month->year, $month->month - 1, 15);
        $names = [];
        foreach (['LLLL', 'MMMM', 'LLL', 'MMM'] as $pattern) {
            $names[] = (string) (new \IntlDateFormatter(
                "$language@calendar=gregorian",
                \IntlDateFormatter::NONE,
                \IntlDateFormatter::NONE,
                'UTC',
                null,
                $pattern,
            ))->format($day);
        }
        $capital = array_map(static fn (string $one): string => mb_strtoupper(mb_substr($one, 0, 1)).mb_substr($one, 1), $names);

        return array_values(array_unique([...$names, ...$capital]));
    }
}
