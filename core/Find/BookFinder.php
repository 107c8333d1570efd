<?php

/*
 * What somebody looks for in a book: a page by its number, a month or a day by its name, a spread by its title or what its kind is
 * called, a thing of a list, a date that is known. Every word said must be there, by its beginning or without its ending; where nothing
 * is found so, one letter may be wrong.
 */

declare(strict_types=1);

namespace AmpleMargin\Find;

use AmpleMargin\Book\Book;
use AmpleMargin\Calendar\Day;
use AmpleMargin\Calendar\Month;
use AmpleMargin\Dates\DayRefused;
use AmpleMargin\Dates\Entry;
use AmpleMargin\Dates\SaidDay;
use AmpleMargin\Paging\MonthPart;

final class BookFinder
{
    /** Letters of what is said that are looked at. */
    private const LONGEST = 200;

    /** How many of one sort are shown, and how many in all. */
    private const OF_A_SORT = 5;
    private const IN_ALL = 12;

    /** Letters a word has in which one may be wrong. */
    private const FORGIVEN = 4;

    /** @var array<string, int>|null spread → its first page, once somebody asks */
    private ?array $pages = null;

    public function __construct(private readonly Book $book)
    {
    }

    /** @return list<FoundHere> what is called so, the likeliest first */
    public function find(string $said): array
    {
        $said = trim(mb_substr($said, 0, self::LONGEST));
        $words = Stem::words($said);

        return [] === $words ? [] : \array_slice(
            [...$this->page($said), ...$this->monthOrDay($said), ...$this->called($words, false)],
            0,
            self::IN_ALL,
        );
    }

    /** @return list<FoundHere> what is called nearly so: one letter of a word is another, too many or missing */
    public function near(string $said): array
    {
        $words = Stem::words(mb_substr($said, 0, self::LONGEST));

        return [] === $words ? [] : \array_slice($this->called($words, true), 0, self::IN_ALL);
    }

    /**
     * @param non-empty-list<string> $words
     *
     * @return list<FoundHere>
     */
    private function called(array $words, bool $forgiving): array
    {
        return [...$this->spreads($words, $forgiving), ...$this->dates($words, $forgiving), ...$this->things($words, $forgiving)];
    }

    /** @return list<FoundHere> "31", "page 31", "p. 31"; past the last page, the last */
    private function page(string $said): array
    {
        if (1 !== preg_match('/^(?:p|page)?\.?\s*(\d{1,4})$/iD', $said, $match) || (int) $match[1] < 1) {
            return [];
        }
        $last = $this->book->plan->stock->pages;
        $page = min((int) $match[1], $last);

        return [new FoundHere(
            'page',
            "Page $page: ".$this->book->slot($page)->title,
            (int) $match[1] > $last ? "there is no page {$match[1]}; this is the last" : '',
            $page,
        )];
    }

    /** @return list<FoundHere> "March", "12 March", "2027-03-12" */
    private function monthOrDay(string $said): array
    {
        $period = $this->book->plan->period;
        try {
            $when = (new SaidDay($period, $this->book->names()))->read($said);
        } catch (DayRefused) {
            return [];
        }

        return null === $when->first ? [$this->month($when->month)] : [$this->day($when->first), ...$this->on($when->first)];
    }

    private function month(Month $month): FoundHere
    {
        $called = $this->book->names()->monthAndYear($month);
        foreach ($this->book->months as $block) {
            if ($block->month->equals($month)) {
                $range = 0 === $block->pages ? 'no pages are held for it' : "pages {$block->range()}";

                return new FoundHere('month', $called, $range, 0 === $block->pages ? null : $block->page, $month->iso());
            }
        }

        return new FoundHere('month', $called, 'no pages are held for it', null, $month->iso());
    }

    /** Its week's page, else the first of its month. */
    private function day(Day $day): FoundHere
    {
        $names = $this->book->names();
        $says = $names->weekday($day->weekday()).' '.$day->day.' '.$names->monthAndYear($day->month);
        foreach ($this->book->months as $block) {
            foreach ($block->parts as $part) {
                if ($this->holds($part, $day)) {
                    return new FoundHere('day', $says, $this->book->slot($part->page)->title, $part->page);
                }
            }
        }
        $month = $this->month($day->month);

        return new FoundHere('day', $says, $month->in, $month->page, $day->month->iso());
    }

    private function holds(MonthPart $part, Day $day): bool
    {
        foreach ($part->weeks as $week) {
            if ($week->from->number <= $day->number && $day->number <= $week->to->number) {
                return true;
            }
        }

        return false;
    }

    /** @return list<FoundHere> what is known of a day */
    private function on(Day $day): array
    {
        $found = [];
        foreach ($this->book->dates->all->agenda()->in($day->month) as $once) {
            if (null !== $once->day && $once->day->number <= $day->number && $day->number <= ($once->last ?? $once->day)->number) {
                $found[] = $this->dated($once->entry, $once->day);
            }
        }

        return \array_slice($found, 0, self::OF_A_SORT);
    }

    /**
     * @param list<string> $words
     *
     * @return list<FoundHere>
     */
    private function spreads(array $words, bool $forgiving): array
    {
        $found = ['title' => [], 'kind' => []];
        foreach ($this->book->plan->spreads as $spread) {
            $kind = $this->book->catalogue()->kind($spread->kind);
            $page = $this->firstPage($spread->id);
            $title = $this->book->catalogue()->title($spread);
            if (self::areIn($words, $title, $forgiving)) {
                $found['title'][] = new FoundHere('spread', $title, '', $page, id: $spread->id);
            } elseif (null !== $kind && self::areIn($words, implode(' ', [$kind->name, ...$kind->words->names]), $forgiving)) {
                $found['kind'][] = new FoundHere('spread', $title, $kind->name, $page, id: $spread->id);
            }
        }

        return \array_slice([...$found['title'], ...$found['kind']], 0, self::OF_A_SORT);
    }

    /**
     * Things of lists, heads of columns, names of boxes: whatever was said of a spread or of a month's part.
     *
     * @param list<string> $words
     *
     * @return list<FoundHere>
     */
    private function things(array $words, bool $forgiving): array
    {
        $found = [];
        $catalogue = $this->book->catalogue();
        foreach ($this->book->plan->spreads as $spread) {
            $kind = $catalogue->kind($spread->kind);
            foreach (null === $kind ? [] : $this->book->partsOf($spread)->said($kind, $spread->settings) as $thing) {
                if (self::areIn($words, $thing, $forgiving)) {
                    $found[] = new FoundHere('thing', $thing, $catalogue->title($spread), $this->firstPage($spread->id), id: $spread->id);
                }
            }
        }
        $seen = [];
        foreach ($this->book->months as $block) {
            foreach (isset($seen[$block->pattern->id]) ? [] : $block->parts as $part) {
                $kind = $catalogue->kind($part->kind);
                foreach (null === $kind ? [] : $this->book->partsIn($block->month, $part)->said($kind, $part->settings) as $thing) {
                    if (self::areIn($words, $thing, $forgiving)) {
                        $found[] = new FoundHere('thing', $thing, $this->book->slot($part->page)->title, $part->page);
                    }
                }
            }
            $seen[$block->pattern->id] = true;
        }

        return \array_slice($found, 0, self::OF_A_SORT);
    }

    /**
     * @param list<string> $words
     *
     * @return list<FoundHere>
     */
    private function dates(array $words, bool $forgiving): array
    {
        $found = [];
        foreach ($this->book->dates->all->plan->dates->entries as $entry) {
            if (self::areIn($words, $entry->words, $forgiving)) {
                $found[] = $this->dated($entry, $entry->when->first);
            }
        }

        return \array_slice($found, 0, self::OF_A_SORT);
    }

    private function dated(Entry $entry, ?Day $day): FoundHere
    {
        $names = $this->book->names();
        $month = null === $day ? $entry->when->month : $day->month;

        return new FoundHere(
            'date',
            $entry->words,
            (null === $day ? '' : $names->weekdayShort($day->weekday())." $day->day ").$names->monthAndYear($month),
            null,
            $month->iso(),
            $entry->id,
        );
    }

    private function firstPage(string $spread): ?int
    {
        return ($this->pages ??= $this->firstPages())[$spread] ?? null;
    }

    /** @return array<string, int> */
    private function firstPages(): array
    {
        $pages = [];
        foreach ($this->book->slots as $page => $slot) {
            foreach ([$slot, $slot->lower] as $one) {
                if (null !== $one && '' !== $one->spread) {
                    $pages[$one->spread] = min($page, $pages[$one->spread] ?? $page);
                }
            }
        }

        return $pages;
    }

    /** @param list<string> $words */
    private static function areIn(array $words, string $text, bool $forgiving): bool
    {
        $there = Stem::words($text);
        foreach ($words as $word) {
            if (!self::isIn($word, $there, $forgiving)) {
                return false;
            }
        }

        return true;
    }

    /** @param list<string> $there */
    private static function isIn(string $word, array $there, bool $forgiving): bool
    {
        foreach ($there as $one) {
            if (str_starts_with($one, $word) || Stem::of($one) === Stem::of($word)) {
                return true;
            }
            if ($forgiving && mb_strlen($word) >= self::FORGIVEN && levenshtein($word, $one) <= 1) {
                return true;
            }
        }

        return false;
    }
}
