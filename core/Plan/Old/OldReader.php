<?php

/* The old book and notes for the next one, in a plan file and in edits. */

declare(strict_types=1);

namespace AmpleMargin\Plan\Old;

use AmpleMargin\Dates\KnownDates;
use AmpleMargin\Paper\Stock;
use AmpleMargin\Plan\DatesReader;
use AmpleMargin\Plan\KindReader;
use AmpleMargin\Plan\Making\MakingPlan;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\PlanReader;
use AmpleMargin\Plan\Values;

final class OldReader
{
    /** @throws PlanProblem naming the field */
    public static function book(Values $values): OldBook
    {
        $spreads = array_map(self::spread(...), $values->each('spreads', OldBook::MOST_SPREADS));
        $ids = array_map(static fn (OldSpread $old): string => $old->spread->id, $spreads);
        if (\count($ids) !== \count(array_unique($ids))) {
            throw PlanProblem::at($values->path('spreads'), 'Two spreads of the old book have the same id.');
        }
        $pages = 'a month took from 0 to '.OldBook::MOST_PAGES.' pages';

        return new OldBook(
            PlanReader::title($values),
            PlanReader::stock($values->inside('stock')),
            PlanReader::period($values->inside('period')),
            PlanReader::weeks($values->inside('weeks')),
            $spreads,
            $values->byMonth('months', 0, OldBook::MOST_PAGES, $pages),
            $values->byMonth('planned', 0, OldBook::MOST_PAGES, $pages),
            $values->count('front', 0, Stock::MOST_PAGES, 0),
            KindReader::kinds($values),
            array_map(PlanReader::pattern(...), $values->each('patterns', OldBook::MOST_PATTERNS)),
            $values->has('dates') ? DatesReader::dates($values->inside('dates')) : new KnownDates(),
            $values->words('missing', OldBook::MOST_MISSING),
            self::notes($values, 'notes'),
            array_map(self::gone(...), $values->each('gone', Gone::MOST)),
            $values->count('hold', 1, 12, OldBook::HOLD),
            $values->flag('carried', false),
            $values->has('made') ? MakingPlan::read($values->inside('made')) : new MakingPlan(),
        );
    }

    /** {spread, page?, pages?, …} @throws PlanProblem naming the field */
    public static function spread(Values $values): OldSpread
    {
        return self::said($values, new OldSpread(
            PlanReader::spread($values),
            $values->has('page') ? $values->count('page', 1, Stock::MOST_PAGES) : null,
            $values->count('pages', 0, Stock::MOST_PAGES, 1),
            became: $values->textOrNull('became', 40),
        ));
    }

    /** What a person says of it, where it is said; what is null is taken back. @throws PlanProblem naming the field */
    public static function said(Values $values, OldSpread $old): OldSpread
    {
        $said = [
            'looked' => static fn (): ?Looked => $values->has('looked') ? $values->choice('looked', Looked::class) : null,
            'verdict' => static fn (): ?Verdict => $values->has('verdict') ? $values->choice('verdict', Verdict::class) : null,
            'how' => static fn (): string => trim($values->text('how', '', OldSpread::LONGEST)),
            'took' => static fn (): ?int => $values->has('took') ? $values->count('took', 0, Stock::MOST_PAGES) : null,
            'half' => static fn (): bool => $values->flag('half', false),
            'filled' => static fn (): ?int => $values->has('filled') ? $values->count('filled', 0, OldSpread::MOST_FILLED) : null,
            'items' => static fn (): array => array_map(self::item(...), $values->each('items', OldSpread::MOST_ITEMS)),
        ];
        $changes = [];
        foreach ($said as $name => $read) {
            if ($values->names($name)) {
                $changes[$name] = $read();
            }
        }

        return $old->with($changes);
    }

    /** @return list<NextTime> */
    public static function notes(Values $values, string $name): array
    {
        return array_map(static fn (Values $one): NextTime => new NextTime(
            PlanReader::id($one),
            self::note($one),
            $one->textOrNull('about', 200),
        ), $values->each($name, NextTime::MOST));
    }

    /** @throws PlanProblem where nothing is said */
    public static function note(Values $values): string
    {
        return self::words($values, 'words', NextTime::LONGEST, 'Say what to do otherwise next time.');
    }

    private static function item(Values $values): OldItem
    {
        $reworded = trim($values->text('reworded', '', OldItem::LONGEST));

        return new OldItem(
            self::words($values, 'words', OldItem::LONGEST, 'Say what it is.'),
            $values->has('as') ? $values->choice('as', ItemFate::class) : null,
            '' === $reworded ? null : $reworded,
        );
    }

    private static function gone(Values $values): Gone
    {
        return new Gone(
            $values->text('title', null, 200),
            $values->text('kind', '', 80),
            $values->count('year', 1583, 9999),
            $values->text('why', '', OldSpread::LONGEST),
        );
    }

    /** One line. */
    private static function words(Values $values, string $name, int $longest, string $else): string
    {
        $words = trim((string) preg_replace('/\s+/u', ' ', $values->text($name, '', $longest)));

        return '' === $words ? throw PlanProblem::at($values->path($name), $else) : $words;
    }
}
