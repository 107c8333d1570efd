<?php

/*
 * A graph to be drawn in as time goes on: a column for every week or month, labels below, and an axis that is left open or goes
 * from a value to another in steps that can be counted.
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling;

use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Drawing\Working;
use AmpleMargin\Spread\Filling\Table\Axis;
use AmpleMargin\Spread\Filling\Table\TableEntry;
use AmpleMargin\Spread\Page\OwnPeriod;
use AmpleMargin\Spread\Page\Pages;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Page\WeeksShown;
use AmpleMargin\Spread\Part\Check;
use AmpleMargin\Spread\Part\Columns;
use AmpleMargin\Spread\Part\Filled;
use AmpleMargin\Spread\Part\InLine;
use AmpleMargin\Spread\Part\Layers;
use AmpleMargin\Spread\Part\OfTime;
use AmpleMargin\Spread\Part\PartName;
use AmpleMargin\Spread\Setting\Field;

final class Graph implements InLine, OfTime
{
    /** Boxes a column is wide at most, where nobody asked for so many. */
    private const WIDEST = 4;

    /** The same where somebody asks. */
    private const MOST_COLUMN = 12;

    /** Boxes of a graph at least down, without its labels. From memory. */
    private const LOWEST = 4;

    /** Boxes before the columns for the values, where they are known. */
    private const VALUES = 3;

    public function shapedBy(array $settings): array
    {
        return Axis::MONTHS === ($settings['graph_of'] ?? null) ? OwnPeriod::OF_MONTHS : OwnPeriod::OF_WEEKS;
    }

    public function name(): string
    {
        return 'Graph';
    }

    public function purpose(): string
    {
        return 'A column a week or a month; the axis left open, or from a value to another in steps that can be counted.';
    }

    public function fields(): array
    {
        return [
            Field::choice('graph_of', 'A column for each of', [Axis::WEEKS => 'weeks', Axis::MONTHS => 'months']),
            Field::choice('graph_weeks', 'Weeks', [
                'most' => 'with most of their days in the book',
                'all' => 'all the book has a day of',
            ])->when('graph_of', [Axis::WEEKS]),
            Field::choice('graph_dates', 'A week’s date', ['first' => 'its first day', 'last' => 'its last day'])
                ->when('graph_of', [Axis::WEEKS]),
            Field::text('value_from', 'The scale begins at'),
            Field::text('value_to', 'The scale ends at'),
            Field::count('graph_strip', 'Boxes kept left of the graph', 0, 20),
            Field::halves('graph_column', 'Boxes a column', self::MOST_COLUMN),
            Field::halves('graph_lines', 'Without values, a line every so many boxes', 8),
            PartName::field(),
        ];
    }

    public function narrowest(Request $asked): int
    {
        return $this->before($asked) + 6;
    }

    public function least(Request $asked, int $wide): int
    {
        return PartName::rows($asked) + self::LOWEST + $this->foot($asked);
    }

    public function tall(Request $asked, int $wide): int
    {
        return 3 * $this->least($asked, $wide);
    }

    public function fill(Request $asked, Region $region, int $from): Filled
    {
        $axis = self::axis($asked);
        $before = $this->before($asked);
        $column = $this->column($asked, $region->wide - $before, \count($axis->entries));
        $fit = Fraction::of($region->wide - $before)->dividedBy($column)->floor();
        $each = Pages::evenly(\count($axis->entries), max(1, $fit), $asked->pages);
        $here = \array_slice($axis->entries, $from * $each, $each);
        $top = $region->y + PartName::rows($asked);
        $rows = $region->tall - PartName::rows($asked) - $this->foot($asked);
        $scale = $this->scale($asked, $rows);
        // With a scale the base is where its last step ends; what is left over stays above.
        $base = $top + $rows;
        $left = $region->x + $before;
        $wide = $column->times(\count($here));
        $next = ($from + 1) * $each < \count($axis->entries) ? $from + 1 : null;
        $counted = $axis->counted(\count($axis->entries));

        return new Filled(
            top: [$left => 'the axis of the graph'],
            side: [$base => 'the base of the graph'],
            workings: fn (): array => [
                new Working(
                    'columns',
                    Plural::of(\count($here), 'column', 'columns').' of '.Plural::boxes($column),
                    "$region->wide boxes".($before > 0 ? " − $before for the values" : '').'; '.\count($here)." × $column = $wide"
                        .(null === $next && 0 === $from ? '' : "; $counted in all, $each a page"),
                ),
                new Working(
                    'scale',
                    null === $scale ? 'axis left open' : Plural::boxes($scale->boxes).' a step',
                    $this->said($scale, $rows),
                ),
            ],
            findings: 0 === $from ? $this->findings($asked) : [],
            layers: new Layers(
                ink: function (Canvas $canvas) use ($asked, $left, $top, $base, $wide, $scale, $column, $here, $axis): void {
                    $canvas->step(Task::Ink, 'Rule the base of the graph and its axis.', 'columns');
                    $canvas->cells($left, $top, $wide, $base - $top);
                    $canvas->line(Layer::Ink, $left, $base, $wide, 0);
                    $canvas->line(Layer::Ink, $left, $top, 0, $base - $top);
                    if (null !== $scale) {
                        $canvas->step(
                            Task::Ink,
                            'Rule a line at each step: '.Plural::of($scale->steps, 'line', 'lines').', one every '
                                .Plural::boxes($scale->boxes).', from the base up.',
                            'scale',
                        );
                        for ($nth = 1; $nth <= $scale->steps; ++$nth) {
                            $canvas->line(Layer::Ink, $left, $base - $nth * $scale->boxes, $wide, 0);
                        }
                    }
                    $every = null === $scale ? $asked->settings->halvesOrNull('graph_lines') : null;
                    if (null !== $every) {
                        self::lines($canvas, $left, $base, $wide, Fraction::of($base - $top)->dividedBy($every)->floor(), $every);
                    }
                    if (Axis::WEEKS === $axis->of) {
                        $canvas->step(Task::Ink, 'Mark below the base where the first week of each month begins.', 'columns');
                        foreach (array_keys(Axis::firstsOfMonths($here)) as $i) {
                            $canvas->line(Layer::Ink, $column->times($i)->plus($left), $base, 0, $this->foot($asked));
                        }
                    }
                },
                write: function (Canvas $canvas) use ($asked, $region, $from, $left, $base, $scale, $column, $here, $axis, $before): void {
                    if (0 === $from) {
                        PartName::write($canvas, $asked, $region);
                    }
                    if (null !== $scale) {
                        $canvas->step(Task::Write, 'Write the values before the axis, each at its step.', 'scale');
                        for ($nth = 0; $nth <= $scale->steps; ++$nth) {
                            $y = Fraction::of(2 * ($base - $nth * $scale->boxes) - 1, 2);
                            $y = $y->compare($region->y) < 0 ? Fraction::of($region->y) : $y;
                            $canvas->words(
                                Layer::Writing,
                                $region->x,
                                $y,
                                Fraction::of(4 * $before - 1, 4),
                                1,
                                $scale->at($nth),
                                Align::End,
                            );
                        }
                    }
                    $this->label($canvas, $asked, $axis, $here, $left, $base, $column);
                },
            ),
            check: new Check('Count the columns: '.\count($here).'.'),
            next: $next,
        );
    }

    /** Lines to read by where no value is known yet, from the base up. */
    private static function lines(Canvas $canvas, int $left, int $base, Fraction $wide, int $many, Fraction $every): void
    {
        $first = Fraction::of($base)->minus($every->times($many));
        $canvas->step(Task::Ink, 'Rule '.Plural::of($many, 'line', 'lines').' across the graph, one every '
            .($every->equals(1) ? 'box' : Plural::boxes($every)).', the first '.$canvas->tally->place($first).' down.', 'columns');
        for ($nth = 0; $nth < $many; ++$nth) {
            $canvas->line(Layer::Ink, $left, $first->plus($every->times($nth)), $wide, 0);
        }
    }

    private static function axis(Request $asked): Axis
    {
        $settings = $asked->settings;
        $which = 'usual' === $settings->choice(WeeksShown::WHICH) ? [WeeksShown::WHICH => $settings->choice('graph_weeks')] : [];
        $axis = Axis::of($settings->choice('graph_of'), $asked->calendar, [], 1, $settings->with($which));
        $ends = Axis::WEEKS === $axis->of && 'last' === $settings->choice('graph_dates') && !WeeksShown::isNumbered($settings);

        return $ends ? $axis->byLastDays($asked->calendar->names) : $axis;
    }

    /** @param list<TableEntry> $here */
    private function label(Canvas $canvas, Request $asked, Axis $axis, array $here, int $left, int $base, Fraction $column): void
    {
        if (Axis::MONTHS === $axis->of) {
            $canvas->step(Task::Write, 'Write each month below its column.', 'columns');
            foreach ($here as $i => $entry) {
                $name = $column->compare($asked->boxesOf($entry->short)) >= 0 ? $entry->short : $entry->initial;
                $canvas->words(Layer::Writing, $column->times($i)->plus($left), $base, $column, 1, $name, Align::Middle);
            }

            return;
        }
        if ($column->compare(1) >= 0) {
            $ends = 'last' === $asked->settings->choice('graph_dates');
            $canvas->step(Task::Write, 'Write below each column '.(WeeksShown::isNumbered($asked->settings)
                ? 'the number of its week.'
                : 'the day its week '.($ends ? 'ends.' : 'begins.')), 'columns');
            foreach ($here as $i => $entry) {
                $canvas->words(Layer::Writing, $column->times($i)->plus($left), $base, $column, 1, $entry->initial, Align::Middle);
            }
        }
        $canvas->step(Task::Write, 'Write each month below the first week that begins in it.', 'columns');
        $firsts = Axis::firstsOfMonths($here);
        foreach ($firsts as $i => $month) {
            $weeks = \count($here) - $i;
            foreach (array_keys($firsts) as $other) {
                $weeks = $other > $i ? min($weeks, $other - $i) : $weeks;
            }
            $wide = $column->times($weeks);
            $names = $asked->calendar->names;
            $name = $wide->compare(2) >= 0 ? $names->monthShort($month->month) : $names->monthInitial($month->month);
            $at = $column->times($i)->plus($left);
            $canvas->words(Layer::Writing, $at->plus(Fraction::of(1, 6)), $base + 1, $wide->minus(Fraction::of(1, 6)), 1, $name);
        }
    }

    /**
     * As wide as all fit on this page; else a box on two pages, else half a box, so that a year of 53 weeks takes no third page.
     */
    private function column(Request $asked, int $room, int $count): Fraction
    {
        $said = $asked->settings->halvesOrNull('graph_column');
        $half = Fraction::of(1, 2);

        return match (true) {
            null !== $said => $said->compare(max(1, $room)) > 0 ? Fraction::of(max(1, $room)) : $said,
            $count <= 2 * $room => Fraction::of(max(1, min(self::WIDEST, intdiv($room, $count)))),
            $count <= 4 * $room => $half,
            default => Fraction::of(1),
        };
    }

    private function before(Request $asked): int
    {
        return max($asked->settings->countOrNull('graph_strip') ?? 0, null === $this->values($asked) ? 0 : self::VALUES);
    }

    public function inLine(Request $asked, Columns $with): array
    {
        $settings = $asked->settings;
        $isSaid = null !== $settings->countOrNull('graph_strip') || null !== $settings->halvesOrNull('graph_column');
        $fits = $with->of === $settings->choice('graph_of')
            && $with->before >= $this->before($asked)
            && $with->wide->compare(self::MOST_COLUMN) <= 0;

        return $isSaid || !$fits ? [] : [
            'graph_strip' => $with->before,
            'graph_column' => $with->wide->isWhole() ? (string) $with->wide->floor() : $with->wide->floor().'.5',
        ];
    }

    /** Rows of labels below the base. */
    private function foot(Request $asked): int
    {
        return Axis::WEEKS === $asked->settings->choice('graph_of') ? 2 : 1;
    }

    private function scale(Request $asked, int $rows): ?GraphScale
    {
        $values = $this->values($asked);

        return null === $values ? null : GraphScale::between($values[0], $values[1], $rows, $rows < 2 * self::LOWEST ? 1 : 2);
    }

    /** @return array{int, int}|null hundredths; null where the axis stays open */
    private function values(Request $asked): ?array
    {
        [$one, $other] = [$asked->settings->textOrNull('value_from'), $asked->settings->textOrNull('value_to')];
        [$one, $other] = [null === $one ? null : GraphScale::read($one), null === $other ? null : GraphScale::read($other)];

        return null === $one || null === $other || $one === $other ? null : [$one, $other];
    }

    private function said(?GraphScale $scale, int $rows): string
    {
        return null === $scale
            ? "$rows boxes up; the values are written when the first is known"
            : "{$scale->at(0)} to {$scale->at($scale->steps)} in ".Plural::of($scale->steps, 'step', 'steps').' of '
                .GraphScale::written($scale->step)."; $rows boxes ÷ $scale->steps, rounded down: $scale->boxes";
    }

    /** @return list<Finding> */
    private function findings(Request $asked): array
    {
        $findings = [];
        $said = array_filter(
            [$asked->settings->textOrNull('value_from'), $asked->settings->textOrNull('value_to')],
            static fn (?string $one): bool => null !== $one,
        );
        foreach ($said as $one) {
            if (null === GraphScale::read($one)) {
                $says = "“{$one}” is no number such as 71.5, so the axis is left open.";
                $findings[] = new Finding($asked->id, $says, [], false);
            }
        }
        if ([] === $findings && 1 === \count(array_unique($said)) && [] !== $said) {
            $says = 'A scale goes from one value to another; say where it begins and what it aims at. Until then the axis is left open.';
            $findings[] = new Finding($asked->id, $says, [], false);
        }

        return $findings;
    }
}
