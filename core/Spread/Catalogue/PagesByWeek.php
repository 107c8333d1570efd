<?php

/*
 * The pages of a week: a container a day one below another, or parted otherwise: quarters, columns of days, or tasks with a
 * column for each day and the days' boxes beside them, so that what is not done rolls on.
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Catalogue;

use AmpleMargin\Calendar\Day;
use AmpleMargin\Calendar\MonthWeek;
use AmpleMargin\Spread\Filling\Lines;
use AmpleMargin\Spread\Filling\Table;
use AmpleMargin\Spread\Filling\WeekBoxes;
use AmpleMargin\Spread\Filling\WeekWords;
use AmpleMargin\Spread\Page\Direction;
use AmpleMargin\Spread\Page\Laid;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\FilledPart;
use AmpleMargin\Spread\Part\Form;
use AmpleMargin\Spread\Part\Parted;
use AmpleMargin\Spread\Part\Parting;
use AmpleMargin\Spread\Part\PartsOfPage;
use AmpleMargin\Spread\Part\Portion;
use AmpleMargin\Spread\Part\Run;
use AmpleMargin\Spread\Part\Size;
use AmpleMargin\Spread\Setting\Field;

/** @internal to Spread */
final class PagesByWeek implements Form
{
    private const BELOW = 'below';
    private const QUARTERS = 'quarters';
    private const COLUMNS = 'columns';
    private const ROLLING = 'rolling';

    /** Columns narrower than this take the short names of days, in boxes. From memory. */
    private const NARROW = 9;

    /** Boxes beside the tasks of a rolling week: seven days and two that are free (common practice, no source). */
    private const FREE = ['Next week', 'Notes'];

    public function fields(): array
    {
        return [
            Field::choice('days_as', 'Days are drawn as', [
                self::BELOW => 'boxes one below another',
                self::QUARTERS => 'quarters, two side by side',
                self::COLUMNS => 'columns',
                self::ROLLING => 'tasks with a column a day, boxes beside',
            ]),
            ...WeekWords::fields(),
        ];
    }

    public function layOut(Request $request): Laid
    {
        return (new Parted($this->parting($request)))->layOut($this->onOnePage($request));
    }

    public function isByMonth(): bool
    {
        return true;
    }

    public function parts(Request $request): PartsOfPage
    {
        return (new Parted($this->parting($request)))->parts($this->onOnePage($request));
    }

    public function parting(Request $request): Portion
    {
        $way = $request->settings->choice('days_as');
        $weeks = $request->calendar->weeks;
        if (self::BELOW === $way || [] === $weeks) {
            return FilledPart::of(new WeekBoxes())->open(...array_column(WeekWords::fields(), 'name'));
        }
        if (2 === $request->pages && 1 === \count($weeks)) {
            $words = new WeekWords($request->calendar, $request->settings, $weeks[0]);
            [$left, $right] = self::ROLLING === $way ? $this->rollingOpening($request, $words) : $this->opening($request, $words, $way);

            return Run::of([$this->named($words->name(), $left), $this->named(null, $right)]);
        }

        return Parting::of(Direction::Down, array_map(function (MonthWeek $week) use ($request, $way): array {
            $words = new WeekWords($request->calendar, $request->settings, $week);

            return [Size::share(), $this->named($words->name(), $this->page($request, $words, $way))];
        }, $weeks), 1);
    }

    /** Each page of an opening is divided by itself; days one below another know of both. */
    private function onOnePage(Request $request): Request
    {
        return self::BELOW === $request->settings->choice('days_as') || [] === $request->calendar->weeks ? $request : $request->forPages(1);
    }

    /** @return array{Portion, Portion} tasks, and the days' boxes facing them */
    private function rollingOpening(Request $request, WeekWords $words): array
    {
        return [$this->tasks($request, $words), self::boxes(Direction::Down, $this->rolling($words))];
    }

    /** @return array{Portion, Portion} the days shared between two pages, notes where a short week leaves room */
    private function opening(Request $request, WeekWords $words, string $way): array
    {
        $narrow = self::COLUMNS === $way && intdiv($request->grid->across, 4) < self::NARROW;
        $days = self::dated($words, $narrow ? $words->dayShort(...) : $words->day(...));
        $half = intdiv(WeekWords::boxes($request->calendar, $request->settings), 2);
        $halves = array_map(
            static fn (array $some): Portion => self::COLUMNS === $way ? self::boxes(Direction::Across, $some) : self::pairs($some),
            [self::upTo($half, \array_slice($days, 0, $half)), self::upTo($half, \array_slice($days, $half))],
        );

        return [$halves[0], $halves[1]];
    }

    /** A page, or half of one. */
    private function page(Request $request, WeekWords $words, string $way): Portion
    {
        return match ($way) {
            self::COLUMNS => self::boxes(Direction::Across, self::dated($words, $words->dayShort(...)), 0),
            self::ROLLING => Parting::across(
                [Size::share(), $this->tasks($request, $words)],
                // Half a page has a row for each of them, and no box.
                [Size::share(), \count($request->calendar->weeks) > 1
                    ? FilledPart::of(new Lines())->with(['items' => array_column($this->rolling($words), 0)])
                    : self::boxes(Direction::Down, $this->rolling($words))],
            )->gap(1),
            default => self::pairs(self::upTo(
                WeekWords::boxes($request->calendar, $request->settings),
                self::dated($words, $words->day(...)),
            )),
        };
    }

    /**
     * Boxes that a short week leaves are for notes.
     *
     * @param list<array{string, string}> $days
     *
     * @return list<array{string, string}>
     */
    private static function upTo(int $boxes, array $days): array
    {
        while (\count($days) < $boxes) {
            $days[] = ['Notes', ''];
        }

        return $days;
    }

    /**
     * Two side by side, one pair below another.
     *
     * @param list<array{string, string}> $names
     */
    private static function pairs(array $names): Portion
    {
        $rows = array_map(
            static fn (array $pair): array => [Size::share(), self::boxes(Direction::Across, $pair)],
            array_chunk($names, 2),
        );

        return Parting::of(Direction::Down, [] === $rows ? throw new \LogicException('A week has days.') : $rows);
    }

    /** @param list<array{string, string}> $names of framed boxes of one size, each with its day where it is one */
    private static function boxes(Direction $way, array $names, ?int $gap = null): Portion
    {
        $boxes = array_map(static fn (array $one): array => [
            Size::share(),
            FilledPart::of(new Lines(), $one[0])->with(['framed' => true, 'look' => 'plain'] + ('' === $one[1] ? [] : ['day' => $one[1]])),
        ], $names);

        return Parting::of($way, [] === $boxes ? throw new \LogicException('A week has days.') : $boxes, $gap);
    }

    /** A row a task, a column of a box for each day. */
    private function tasks(Request $request, WeekWords $words): Portion
    {
        $names = $request->calendar->names;
        $heads = array_map(static fn (Day $day): string => $names->weekdayInitial($day->weekday()), $words->days());

        return FilledPart::of(new Table())->with(['rows_of' => 'items', 'columns_of' => 'items', 'heads' => $heads, 'column' => 1]);
    }

    /** @return list<array{string, string}> the days, and boxes that are free */
    private function rolling(WeekWords $words): array
    {
        return [...self::dated($words, $words->day(...)), ...array_map(static fn (string $free): array => [$free, ''], self::FREE)];
    }

    /**
     * @param \Closure(Day): string $name
     *
     * @return list<array{string, string}> how each day is named, and which it is
     */
    private static function dated(WeekWords $words, \Closure $name): array
    {
        return array_map(static fn (Day $day): array => [$name($day), $day->iso()], $words->days());
    }

    /** Under a row for the week's name; the facing page leaves the same free. */
    private function named(?string $name, Portion $piece): Portion
    {
        $head = FilledPart::of(new Lines(), $name)->with(['look' => 'plain']);

        return Parting::down([Size::boxes(2), $head], [Size::share(), $piece])->gap(0);
    }
}
