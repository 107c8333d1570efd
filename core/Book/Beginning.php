<?php

/* The ways to begin a new notebook: what goes in, in the order people make it, and what may stay out where the book is thin. */

declare(strict_types=1);

namespace AmpleMargin\Book;

use AmpleMargin\Plan\WeekPages;

enum Beginning: string
{
    case Spare = 'spare';
    case Usual = 'usual';
    case Rich = 'rich';
    case CarriesOn = 'carries-on';
    case Collections = 'collections';

    public function name(): string
    {
        return match ($this) {
            self::Spare => 'Spare',
            self::Usual => 'Usual',
            self::Rich => 'Full',
            self::CarriesOn => 'Carries on',
            self::Collections => 'Collections, no months',
        };
    }

    /** What it is for, in a line. */
    public function says(): string
    {
        return match ($this) {
            self::Spare => 'What is needed and no more: a key, an index, the year, dates to come, and plain months.',
            self::Usual => 'What most people put in: the front pages, the year, goals, and weeks for every month.',
            self::Rich => 'Trackers, logs, a budget behind doors, savings, and months with room, as many as the book holds.',
            self::CarriesOn => 'The second book of a year: goals and numbers go on, and dates reach two months beyond its end.',
            self::Collections => 'A book beside your everyday ones: what is read, seen, saved and kept all year, without months.',
        };
    }

    /** @return non-empty-list<string> kinds that are always in it; the glance at the year is a half-year's where it is one */
    public function spreads(): array
    {
        return match ($this) {
            self::Spare => ['name-page', 'index', 'key', 'year-at-a-glance', 'future-log', 'notes'],
            self::Usual, self::Rich => [
                'name-page',
                'cover',
                'key',
                'quote',
                'index',
                'spacing-sheet',
                'year-at-a-glance',
                'future-log',
                'goals-by-area',
                'notes',
            ],
            self::CarriesOn => ['name-page', 'index', 'key', 'quote', 'year-at-a-glance', 'future-log', 'goals-by-area', 'notes'],
            self::Collections => ['cover', 'index', 'spacing-sheet', 'books-read', 'films-seen', 'ideas', 'notes'],
        };
    }

    /** @return list<string> kinds that are in it where there is room, the dearest first */
    public function more(): array
    {
        return match ($this) {
            self::Spare, self::Usual => [],
            self::Rich => [
                'birthdays',
                'mood',
                'books-read',
                'savings-plan',
                'items-by-month',
                'goals-by-quarter',
                'monthly-challenges',
                'one-habit',
                'important-dates',
                'duties',
                'wish-list',
                'gifts',
                'numbers-of-the-year',
                'action-plan',
                'films-seen',
                'gratitude',
                'ideas',
                'pen-test',
            ],
            self::CarriesOn => ['goals-by-month', 'numbers-of-the-year', 'books-read', 'ideas', 'next-set-up'],
            self::Collections => [
                'spines',
                'covers',
                'photos',
                'savings-plan',
                'savings-picture',
                'graph-by-week',
                'things-in-a-year',
                'list-behind-door',
                'bucket-list',
                'gratitude',
                'numbers-of-the-year',
                'wish-list',
                'gifts',
                'trips',
                'named-swatches',
                'pen-test',
                'next-set-up',
            ],
        };
    }

    /** @return array<string, array<string, mixed>> settings by kind */
    public function settings(): array
    {
        return self::CarriesOn === $this ? ['future-log' => ['months_beyond' => 2]] : [];
    }

    /** @return non-empty-list<array{string, WeekPages}> patterns of its months, the one that is wanted first */
    public function months(): array
    {
        $usual = [['ordinary', WeekPages::Two], ['ordinary', WeekPages::One], ['plain', WeekPages::One], ['bare', WeekPages::One]];

        return match ($this) {
            self::Spare => [['plain', WeekPages::One], ['bare', WeekPages::One]],
            self::Collections => [[StarterPlan::NO_MONTHS, WeekPages::One]],
            self::CarriesOn => $usual,
            self::Usual, self::Rich => [['rich', WeekPages::Two], ...$usual],
        };
    }
}
