<?php

/* The plan as plain arrays (docs/format.md) → the plan. Everything it refuses names its field. */

declare(strict_types=1);

namespace AmpleMargin\Plan;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Calendar\Period;
use AmpleMargin\Calendar\Weekday;
use AmpleMargin\Calendar\WeekSchool;
use AmpleMargin\Colour\Colour;
use AmpleMargin\Colour\Palette;
use AmpleMargin\Colour\Pen;
use AmpleMargin\Counting\Hand;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Counting\Tally;
use AmpleMargin\Dates\KnownDates;
use AmpleMargin\Paper\FirstLeaf;
use AmpleMargin\Paper\Stock;
use AmpleMargin\Paper\StockRefused;
use AmpleMargin\Plan\Making\MakingPlan;
use AmpleMargin\Plan\Old\OldReader;

final class PlanReader
{
    public const FORMAT = 'ample-margin-plan';
    public const VERSION = 2;

    /** Files of these are read; the second knows a hand and kinds of one's own. */
    private const READ = [1, self::VERSION];

    /** @throws PlanProblem */
    public static function plan(mixed $plan): Plan
    {
        $values = Values::of($plan);
        if (self::FORMAT !== $values->text('format', '')) {
            throw PlanProblem::at('format', 'This is not a plan file of Ample Margin: "format" should be "'.self::FORMAT.'".');
        }
        $version = $values->count('version', 1, \PHP_INT_MAX);
        if (!\in_array($version, self::READ, true)) {
            throw PlanProblem::at(
                'version',
                "This plan file is of version $version; this program reads versions ".implode(' and ', self::READ).'.',
            );
        }
        $spreads = array_map(self::spread(...), $values->each('spreads', Plan::MOST_SPREADS));
        $ids = array_map(static fn (PlannedSpread $spread): string => $spread->id, $spreads);
        $books = [
            Volume::FIRST,
            ...array_map(static fn (Values $one): string => $one->text('book', '', 2), $values->each('volumes', Volume::MOST)),
        ];
        foreach ($spreads as $i => $spread) {
            if (!\in_array($spread->book, $books, true)) {
                throw PlanProblem::at("spreads/$i/book", "There is no book “{$spread->book}”.");
            }
        }
        if (\count($ids) !== \count(array_unique($ids))) {
            throw PlanProblem::at('spreads', 'Two spreads have the same id.');
        }

        return new Plan(
            self::title($values),
            self::stock($values->inside('stock')),
            self::period($values->inside('period')),
            self::weeks($values->inside('weeks')),
            $spreads,
            self::months($values->inside('months')),
            $values->choice('counting', Tally::class, Tally::Boxes),
            self::language($values),
            self::mixing($values),
            $values->has('in_use') ? self::inUse($values->inside('in_use')) : new InUse(),
            self::volumes($values, self::period($values->inside('period'))),
            taken: self::taken($values),
            palette: self::palette($values),
            hand: $values->has('hand') ? self::hand($values->inside('hand')) : null,
            kinds: KindReader::kinds($values),
            dress: $values->has('dress') ? Wardrobe::read($values->inside('dress')) : new Wardrobe(),
            dates: $values->has('dates') ? DatesReader::dates($values->inside('dates')) : new KnownDates(),
            old: $values->has('old') ? OldReader::book($values->inside('old')) : null,
            nextTime: OldReader::notes($values, 'next_time'),
            making: $values->has('making') ? MakingPlan::read($values->inside('making')) : new MakingPlan(),
        );
    }

    /** {palette?: [{colour, means}]}: null where none is given. */
    public static function palette(Values $values): ?Palette
    {
        if (!$values->has('palette')) {
            return null;
        }
        $pens = [];
        foreach ($values->each('palette', Palette::MOST) as $one) {
            $colour = strtolower($one->text('colour', null, 7));
            if (null === Colour::read($colour)) {
                throw PlanProblem::at($one->path('colour'), "“{$colour}” is not a colour: write it as #1f5fa8.");
            }
            $pens[] = new Pen($colour, trim($one->text('means', '', 80)));
        }

        return new Palette($pens);
    }

    /** {sentence}: mm that `Hand::SENTENCE` takes. */
    public static function hand(Values $values): Hand
    {
        $tenths = intdiv($values->millimetres('sentence') + 50, 100);

        return $tenths >= Hand::LEAST && $tenths <= Hand::MOST
            ? Hand::measured($tenths)
            : throw PlanProblem::at(
                $values->path('sentence'),
                'That sentence takes '.intdiv(Hand::LEAST, 10).' to '.intdiv(Hand::MOST, 10).' mm by hand.',
            );
    }

    /** @return list<TakenSplit> */
    private static function taken(Values $values): array
    {
        $taken = [];
        foreach ($values->each('taken', TakenSplit::MOST) as $i => $one) {
            $taken[] = SplitReader::taken($one, 'taken-'.($i + 1));
        }

        return $taken;
    }

    /** @return list<Volume> by id */
    private static function volumes(Values $values, Period $period): array
    {
        $volumes = [];
        foreach ($values->each('volumes', Volume::MOST) as $one) {
            $volumes[] = self::volume($one, $period, $volumes);
        }

        return $volumes;
    }

    /**
     * @param list<Volume> $others that it must differ from
     *
     * @throws PlanProblem
     */
    public static function volume(Values $values, Period $period, array $others): Volume
    {
        $from = $values->has('from') ? self::month($values, 'from') : null;
        if (null !== $from && (!$period->contains($from) || $from->equals($period->start))) {
            throw PlanProblem::at(
                $values->path('from'),
                "A later book begins with a month of the period after its first; {$from->iso()} is not one.",
            );
        }
        $stock = self::stock($values->inside('stock'));
        $volume = new Volume($values->text('book', null, 2), self::title($values), $stock, $from, $values->flag('later', false));
        if (1 !== preg_match('/^[2-9]$/', $volume->id)) {
            throw PlanProblem::at($values->path('book'), 'Books beside the first are numbered 2 to 9.');
        }
        foreach ($others as $other) {
            if ($other->id === $volume->id) {
                throw PlanProblem::at($values->path('book'), "There are two books $other->id.");
            }
            if (null !== $from && null !== $other->from && $from->equals($other->from)) {
                throw PlanProblem::at($values->path('from'), "Book $other->id begins in {$from->iso()} already.");
            }
        }

        return $volume;
    }

    /** @return list<Section> in book order, each once */
    public static function mixing(Values $values): array
    {
        $named = $values->words('mixing', 10);
        foreach ($named as $i => $section) {
            if (null === Section::tryFrom($section)) {
                throw PlanProblem::at($values->path("mixing/$i"), "“{$section}” is not a section.");
            }
        }

        return array_values(array_filter(Section::cases(), static fn (Section $section): bool => \in_array($section->value, $named, true)));
    }

    public static function inUse(Values $values): InUse
    {
        $used = $values->byMonth('used', 1, Stock::MOST_PAGES, 'write a month such as 2027-01 with the last page it took');
        $lost = $values->pages('lost', Stock::MOST_PAGES);

        return new InUse($used, $lost);
    }

    public static function title(Values $values): string
    {
        $title = trim($values->text('title'));
        if ('' === $title) {
            throw PlanProblem::at($values->path('title'), 'Give the notebook a title.');
        }

        return $title;
    }

    public static function language(Values $values): string
    {
        $language = $values->text('language', 'en', 40);
        if (!Names::knows($language)) {
            throw PlanProblem::at($values->path('language'), "There are no names of months and weekdays for the language \"$language\".");
        }

        return $language;
    }

    public static function stock(Values $values): Stock
    {
        try {
            return new Stock(
                $values->millimetres('width'),
                $values->millimetres('height'),
                $values->millimetres('pitch'),
                $values->count('across', \PHP_INT_MIN, \PHP_INT_MAX),
                $values->count('down', \PHP_INT_MIN, \PHP_INT_MAX),
                $values->count('pages', \PHP_INT_MIN, \PHP_INT_MAX),
                $values->choice('first_leaf', FirstLeaf::class, FirstLeaf::Ordinary),
                $values->flag('numbered', true),
                $values->has('grammage') ? $values->count('grammage', \PHP_INT_MIN, \PHP_INT_MAX) : null,
                $values->has('leaf') ? $values->millimetres('leaf') : null,
            );
        } catch (StockRefused $refused) {
            throw PlanProblem::at($values->path($refused->field), $refused->getMessage());
        }
    }

    /** {pitch}, in µm: of a page that belongs to no notebook. @throws PlanProblem */
    public static function pitch(Values $values): int
    {
        $pitch = $values->millimetres('pitch');

        return $pitch >= Stock::LEAST_PITCH && $pitch <= Stock::MOST_PITCH
            ? $pitch
            : throw PlanProblem::at('pitch', 'A pitch is 2 to 20 mm.');
    }

    public static function period(Values $values): Period
    {
        $start = self::month($values, 'start');
        $end = self::month($values, 'end');
        $length = $end->index() - $start->index() + 1;
        if ($length < 1) {
            throw PlanProblem::at($values->path('end'), "The period ends ({$end->iso()}) before it starts ({$start->iso()}).");
        }
        if ($length > Period::LONGEST) {
            throw PlanProblem::at(
                $values->path('end'),
                "From {$start->iso()} to {$end->iso()} is ".Plural::of($length, 'month', 'months').': at most '.Period::LONGEST.'.',
            );
        }

        return new Period($start, $end);
    }

    public static function weeks(Values $values): WeekPlan
    {
        $first = $values->choice('first', Weekday::class, Weekday::Monday);
        if (!\in_array($first, [Weekday::Monday, Weekday::Sunday, Weekday::Saturday], true)) {
            throw PlanProblem::at($values->path('first'), 'Weeks begin on Monday (1), Saturday (6) or Sunday (7).');
        }

        return new WeekPlan(
            $first,
            $values->choice('school', WeekSchool::class, WeekSchool::MostDays),
            $values->choice('pages', WeekPages::class, WeekPages::One),
        );
    }

    public static function spread(Values $values): PlannedSpread
    {
        return new PlannedSpread(
            self::id($values),
            $values->text('kind', null, 80),
            $values->choice('section', Section::class),
            $values->textOrNull('title'),
            $values->kept('settings'),
            $values->has('pin') ? $values->count('pin', 1, Stock::MOST_PAGES) : null,
            $values->choice('side', Side::class, Side::Any),
            $values->choice('medium', Medium::class, Medium::Dry),
            $values->textOrNull('faces', 40),
            $values->count('worth', 1, 5, 3),
            $values->text('book', Volume::FIRST, 2),
            $values->flag('must_face', false),
        );
    }

    public static function pattern(Values $values): Pattern
    {
        $parts = array_map(
            static fn (Values $part): PatternPart => new PatternPart(
                $part->text('kind', null, 80),
                $part->count('pages', 0, 20, 1),
                $part->kept('settings'),
            ),
            $values->each('parts', 20),
        );

        return new Pattern(self::id($values), $values->text('name', null, 80), $parts);
    }

    private static function months(Values $values): MonthPlan
    {
        $patterns = array_map(self::pattern(...), $values->each('patterns', 30));
        if ([] === $patterns) {
            throw PlanProblem::at($values->path('patterns'), 'There is no month pattern: at least one is needed.');
        }
        $overrides = [];
        foreach ($values->map('overrides') as $month => $pattern) {
            if (null === Month::read((string) $month) || !\is_string($pattern)) {
                throw PlanProblem::at(
                    $values->path("overrides/$month"),
                    "\"$month\" should be a month such as 2027-12, with the id of its pattern.",
                );
            }
            $overrides[(string) $month] = $pattern;
        }
        $weights = $values->byMonth('weights', 0, MonthPlan::MOST_WEIGHT, 'a weight is a whole number from 0 to '.MonthPlan::MOST_WEIGHT);
        $plan = new MonthPlan(
            $patterns,
            $values->text('usual', $patterns[0]->id, 40),
            $overrides,
            $values->choice('spare', Spare::class, Spare::End),
            $weights,
        );
        foreach ([$plan->usual, ...array_values($overrides)] as $id) {
            if (null === $plan->pattern($id)) {
                throw PlanProblem::at($values->path('patterns'), "There is no month pattern \"$id\".");
            }
        }

        return $plan;
    }

    private static function month(Values $values, string $name): Month
    {
        $said = $values->text($name, null, 40);

        return Month::read($said) ?? throw PlanProblem::at($values->path($name), "\"$said\" is not a month: write it as 2027-01.");
    }

    /** Small letters, figures and hyphens. @throws PlanProblem */
    public static function id(Values $values): string
    {
        $id = $values->text('id', null, 40);
        if (1 !== preg_match('/^[a-z0-9][a-z0-9-]*$/', $id)) {
            throw PlanProblem::at($values->path('id'), "\"$id\" is no id: small letters, figures and hyphens.");
        }

        return $id;
    }
}
