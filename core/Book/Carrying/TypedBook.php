<?php

/*
 * An old book this program never saw, typed in from its pages: a spread a line with its pages, in the order it has them, and the
 * last page of each month. "Future log 4", "books read, 2 pages", "June 131". A figure is how many pages it had, or the page it begins on:
 * whoever types says which, or writes it so: "Future log 8–11", "Books read p. 12".
 */

declare(strict_types=1);

namespace AmpleMargin\Book\Carrying;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Calendar\Period;
use AmpleMargin\Dates\DayRefused;
use AmpleMargin\Dates\SaidDay;
use AmpleMargin\Paper\Stock;
use AmpleMargin\Plan\Old\OldBook;
use AmpleMargin\Plan\Old\OldSpread;
use AmpleMargin\Plan\OwnKind;
use AmpleMargin\Plan\PlannedSpread;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Section;
use AmpleMargin\Plan\WeekPlan;
use AmpleMargin\Spread\Catalogue\Catalogue;
use AmpleMargin\Spread\Catalogue\Kind;

final class TypedBook
{
    /** Letters of a line. */
    private const LONGEST = 200;

    public function __construct(private readonly Period $period, private readonly Catalogue $catalogue, private readonly Names $names)
    {
    }

    /**
     * @param bool $numbers whether a figure behind a title is the page it begins on
     *
     * @throws PlanProblem naming the line that cannot be
     */
    public function read(
        string $title,
        Stock $stock,
        WeekPlan $weeks,
        string $spreads,
        string $months,
        bool $numbers = false,
    ): OldBook {
        $olds = $this->spreads($spreads, $stock, $numbers);
        $front = max([0, ...array_map(static fn (OldSpread $one): int => null === $one->page ? 0 : $one->page + $one->pages - 1, $olds)]);

        return new OldBook($title, $stock, $this->period, $weeks, $olds, $this->months($months, $front, $stock->pages), front: $front);
    }

    /** @return list<OldSpread> */
    private function spreads(string $text, Stock $stock, bool $numbers): array
    {
        $olds = $taken = [];
        $page = $stock->firstLeaf->firstPage();
        $lines = self::lines($text);
        $numbered = self::numbered($lines, $numbers, $page, $stock->pages);
        foreach ($lines as $number => $line) {
            if (\count($olds) >= OldBook::MOST_SPREADS) {
                throw PlanProblem::at('spreads', 'A book takes at most '.OldBook::MOST_SPREADS.' spreads.');
            }
            [$words, $pages] = self::counted($line);
            [$page, $pages] = $numbered[$number] ?? [$page, $pages];
            if ('' === $words || $pages < 1 || $pages > $stock->pages) {
                throw PlanProblem::at('spreads', "Line $number, “{$line}”: write what it was, then how many pages it had.");
            }
            $kind = $this->kind($words);
            $id = self::freeId($kind->id ?? substr(OwnKind::idOf($words), \strlen(OwnKind::OWN)), $taken);
            $taken[$id] = true;
            $section = $kind->section ?? Section::Trackers;
            $named = mb_strtolower($kind->name ?? '') === mb_strtolower($words);
            $olds[] = new OldSpread(
                new PlannedSpread($id, $kind->id ?? '', $section, $named ? null : $words),
                Section::Back === $section ? null : $page,
                $pages,
            );
            $page += Section::Back === $section ? 0 : $pages;
        }

        return $olds;
    }

    /**
     * Where each line's spread begins and how many pages it has, where lines name pages: up to the next one's.
     *
     * @param array<int, string> $lines
     * @param bool               $numbers where a line does not say itself which it means
     *
     * @return array<int, array{int, int}> none where they say how many
     */
    private static function numbered(array $lines, bool $numbers, int $first, int $last): array
    {
        $named = [];
        foreach ($lines as $number => $line) {
            if (1 === preg_match('/(?<!\d)(\d{1,4})\s*[–—-]\s*(\d{1,4})\s*$/u', $line, $found)) {
                $named[$number] = [(int) $found[1], (int) $found[2]];
            } elseif (1 === preg_match('/\b(?:p|page)\.?\s*(\d{1,4})\s*$/iu', $line, $found)) {
                $named[$number] = [(int) $found[1], null];
            } elseif ($numbers && 1 === preg_match('/(?<!\d)(\d{1,4})\s*$/', $line, $found)) {
                $named[$number] = [(int) $found[1], null];
            }
        }
        if ([] === $named) {
            return [];
        }
        $placed = [];
        $page = $first;
        $keys = array_keys($lines);
        foreach ($keys as $i => $number) {
            [$from, $to] = $named[$number] ?? [$page, null];
            $next = isset($keys[$i + 1]) ? $named[$keys[$i + 1]][0] ?? $from + 1 : $from + 1;
            // A line that names no page says how many it has.
            $to ??= isset($named[$number]) ? max($from, $next - 1) : $from + max(1, self::counted($lines[$number])[1]) - 1;
            if ($from < $page || $to < $from || $to > $last) {
                throw PlanProblem::at('spreads', "Line $number, “{$lines[$number]}”: its pages go on from $page, and the book has $last.");
            }
            $placed[$number] = [$from, $to - $from + 1];
            $page = $to + 1;
        }

        return $placed;
    }

    /**
     * The last page of each month → the pages it took.
     *
     * @return array<string, int>
     */
    private function months(string $text, int $front, int $last): array
    {
        $ends = [];
        foreach (self::lines($text) as $number => $line) {
            [$words, $page] = self::counted($line, 0);
            $month = $this->month($words);
            if (null === $month || $page < 1) {
                throw PlanProblem::at(
                    'months',
                    "Line $number, “{$line}”: write a month of the book, then its last page, such as “March 48”.",
                );
            }
            if ($page > $last) {
                throw PlanProblem::at('months', "Line $number, “{$line}”: the book has $last pages.");
            }
            $ends[$month->iso()] = $page;
        }
        ksort($ends);
        $months = [];
        $before = $front;
        $ended = null;
        foreach ($ends as $iso => $page) {
            if ($page < $before) {
                $name = $this->names->monthAndYear(Month::read($iso) ?? $this->period->start);
                throw PlanProblem::at('months', "$name ends on page $page, before what stands ahead of it ends on page $before.");
            }
            $months += $this->between($ended, $iso, $page - $before);
            [$before, $ended] = [$page, $iso];
        }

        return $months;
    }

    /**
     * Months whose end nobody noted share the pages with the one that follows them.
     *
     * @return array<string, int>
     */
    private function between(?string $after, string $iso, int $pages): array
    {
        $some = array_values(array_filter(
            $this->period->months(),
            static fn (Month $month): bool => $month->iso() <= $iso && (null === $after || $month->iso() > $after),
        ));
        $shared = [];
        foreach ($some as $i => $month) {
            $shared[$month->iso()] = intdiv($pages * ($i + 1), \count($some)) - intdiv($pages * $i, \count($some));
        }

        return $shared;
    }

    private function month(string $words): ?Month
    {
        try {
            $when = (new SaidDay($this->period, $this->names))->read(trim($words, ' .:'));
        } catch (DayRefused) {
            return null;
        }

        return null === $when->first && $this->period->contains($when->month) ? $when->month : null;
    }

    /** The kind with that name, or that people call so; else the first whose name is in the words, or has them in it. */
    private function kind(string $words): ?Kind
    {
        $said = mb_strtolower($words);
        $called = static fn (Kind $kind): array => array_map(mb_strtolower(...), [$kind->name, ...$kind->words->names]);
        $kinds = $this->catalogue->spreads();
        foreach ([
            static fn (Kind $kind): bool => $called($kind)[0] === $said || $kind->id === $said,
            static fn (Kind $kind): bool => \in_array($said, explode(' ', $called($kind)[0]), true),
            static fn (Kind $kind): bool => \in_array($said, $called($kind), true),
            static fn (Kind $kind): bool => str_contains($said, $called($kind)[0]),
            static fn (Kind $kind): bool => mb_strlen($said) > 3 && str_contains($called($kind)[0], $said),
        ] as $is) {
            foreach ($kinds as $kind) {
                if ($is($kind)) {
                    return $kind;
                }
            }
        }

        return null;
    }

    /** @return array{string, int} the words, and the number behind them */
    private static function counted(string $line, int $else = 1): array
    {
        $pages = '(?:\b(?:p|pp|pages?)\.?)?';

        return 1 === preg_match("/^(.*?)[\\s,;:|]*$pages\\s*(?<!\\d)(?:\\d{1,4}\\s*[–—-]\\s*)?(\\d{1,4})\\s*$pages$/iu", $line, $found)
            ? [trim($found[1], " \t,;:|"), (int) $found[2]]
            : [$line, $else];
    }

    /**
     * @return array<int, string> number of the line → what it says
     *
     * @throws PlanProblem where one is very long
     */
    private static function lines(string $text): array
    {
        $lines = [];
        foreach (self::split($text) as $i => $line) {
            $line = trim($line);
            if (mb_strlen($line) > self::LONGEST) {
                throw PlanProblem::at('spreads', 'Line '.($i + 1).' has '.mb_strlen($line).' letters: at most '.self::LONGEST.'.');
            }
            $lines += '' === $line ? [] : [$i + 1 => $line];
        }

        return $lines;
    }

    /** @return list<string> none where it is no UTF-8 */
    private static function split(string $text): array
    {
        $lines = preg_split('/\R/u', $text);

        return false === $lines ? [] : $lines;
    }

    /** @param array<string, true> $taken */
    private static function freeId(string $wanted, array $taken): string
    {
        $id = $wanted;
        for ($n = 2; isset($taken[$id]); ++$n) {
            $id = "$wanted-$n";
        }

        return $id;
    }
}
