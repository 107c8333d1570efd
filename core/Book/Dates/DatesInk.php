<?php

/*
 * Known dates written into the pages that take them: in the room of their month, in the place of their day, or as marks on it.
 * One step more on each page, among what is written; what has no room is not written, and said elsewhere.
 */

declare(strict_types=1);

namespace AmpleMargin\Book\Dates;

use AmpleMargin\Calendar\Day;
use AmpleMargin\Calendar\Month;
use AmpleMargin\Colour\Palette;
use AmpleMargin\Colour\Pen;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Hand;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Counting\Tally;
use AmpleMargin\Counting\Wrap;
use AmpleMargin\Dates\Occurrence;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Grain;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\OneStepMore;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Room;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Spread\Kind;
use AmpleMargin\Spread\TakesDates;

/** @internal to Book */
final class DatesInk
{
    /** The note of its steps and marks, so that a guide can leave them off. */
    public const NOTE = 'dates';

    /** Categories that can be told apart on one day: a quarter each (handbook, chapter 2). */
    private const QUARTERS = 4;

    /** Days a mark is drawn on before its quarters are large enough to be coloured, in boxes. From memory. */
    private const SPLIT = [3, 2];

    public function __construct(
        private readonly DatesOfBook $dates,
        private readonly Hand $hand,
        private readonly Tally $tally,
        private readonly int $pitch,
    ) {
    }

    /**
     * The categories a spread has a column for; none where it has no columns of that sort.
     *
     * @param array<array-key, mixed> $settings of it
     *
     * @return list<string>
     */
    public static function categories(Kind $kind, array $settings): array
    {
        return \in_array('categories', $kind->asked($settings), true) ? $kind->settings($settings)->lines('categories') : [];
    }

    /**
     * @param list<PageDrawing> $pages      of one spread, or part of a month
     * @param list<string>      $categories of its columns, where it has some for each month
     *
     * @return list<PageDrawing>
     */
    public function onto(array $pages, TakesDates $takes, array $categories = []): array
    {
        $done = [];
        $more = 0;
        $written = [];
        foreach ($pages as $nth => $page) {
            $first = ([] === $page->steps ? 1 : $page->steps[0]->number) - 1;
            // On its side it is written as it lies.
            $drawn = $this->page($page->lying()->later($more), $takes, $nth, $first + $more, $categories, $written);
            $drawn = $page->turned ? $drawn->upright() : $drawn;
            $more += \count($drawn->steps) - \count($page->steps);
            $done[] = $drawn;
        }

        return $done;
    }

    /**
     * @param list<string>       $categories
     * @param array<string, int> $written    month → how many of its dates stand on pages before
     */
    private function page(PageDrawing $page, TakesDates $takes, int $nth, int $done, array $categories, array &$written): PageDrawing
    {
        $count = 0;
        $draw = match ($takes) {
            TakesDates::Months,
            TakesDates::Birthdays,
            TakesDates::Important => $this->inMonths($page, $takes, $categories, $written, $count),
            TakesDates::Days => $this->inDays($page, $count),
            TakesDates::Marks => $this->marks($page, $count),
            TakesDates::NextYear => $this->asList($page, $count),
            TakesDates::Duties => [],
        };
        if ([] === $draw) {
            return $page;
        }
        $what = Plural::of($count, TakesDates::Marks === $takes ? 'day' : 'date', TakesDates::Marks === $takes ? 'days' : 'dates');

        return (new OneStepMore($this->tally, $nth, $done))->amid(
            $page,
            Task::Write,
            TakesDates::Marks === $takes
                ? "Mark the $what that something is known of, each in the pen of its category."
                : "Write what is known, each in its place: $what.",
            self::NOTE,
            static function (Canvas $canvas) use ($draw): void {
                foreach ($draw as $one) {
                    $one($canvas);
                }
                $canvas->pen(null);
            },
        );
    }

    /**
     * @param list<string>       $categories
     * @param array<string, int> $written
     *
     * @return list<\Closure(Canvas): void>
     */
    private function inMonths(PageDrawing $page, TakesDates $takes, array $categories, array &$written, int &$count): array
    {
        $draw = [];
        $nth = [];
        foreach ($page->rooms as $room) {
            $month = Month::read($room->for);
            if (null === $month) {
                continue;
            }
            $column = $nth[$room->for] = ($nth[$room->for] ?? -1) + 1;
            $some = $this->dates->in($month, $takes);
            if ([] !== $categories) {
                $some = $this->dates->ofColumn($some, $categories, $column);
            } else {
                $some = \array_slice($some, $written[$room->for] ?? 0);
            }
            [$lines, $placed] = $this->fitting($some, $room, $this->dates->wording->inMonth(...));
            $written[$room->for] = ($written[$room->for] ?? 0) + $placed;
            $count += $placed;
            array_push($draw, ...$this->lines($lines, $room));
        }

        return $draw;
    }

    /** @return list<\Closure(Canvas): void> */
    private function inDays(PageDrawing $page, int &$count): array
    {
        $draw = [];
        foreach ($page->days as $room) {
            $day = Day::read($room->for);
            if (null === $day || $room->lines < 1) {
                continue;
            }
            $some = array_values(array_filter(
                $this->dates->in($day->month, TakesDates::Days),
                static fn (Occurrence $once): bool => $once->day?->number === $day->number,
            ));
            [$lines, $placed] = $this->fitting($some, $room, $this->dates->wording->words(...));
            if (isset($some[$placed]) && \count($lines) < $room->lines) {
                $lines = [...$lines, ...$this->begun($some[$placed], $room, $room->lines - \count($lines))];
                ++$placed;
            }
            $count += $placed;
            array_push($draw, ...$this->lines($lines, $room));
        }

        return $draw;
    }

    /**
     * In the cell of its day the beginning of something long still says what is on.
     *
     * @return list<array{string, string|null}>
     */
    private function begun(Occurrence $once, Room $room, int $most): array
    {
        $letters = $this->hand->letters($room->wide, $this->pitch);
        $lines = \array_slice(Wrap::lines($this->dates->wording->words($once), $letters), 0, $most);
        $last = array_pop($lines) ?? '';

        return array_map(
            fn (string $line): array => [$line, $this->penForWords($once)],
            [...$lines, mb_strimwidth("$last …", 0, max(2, $letters), '…')],
        );
    }

    /** @return list<\Closure(Canvas): void> */
    private function asList(PageDrawing $page, int &$count): array
    {
        $room = $page->rooms[0] ?? null;
        if (null === $room) {
            return [];
        }
        $some = [];
        $month = $this->dates->plan->period->end;
        for ($i = 1; $i <= DatesOfBook::BEYOND; ++$i) {
            array_push($some, ...$this->dates->in($month->plus($i), TakesDates::NextYear));
        }
        [$lines, $count] = $this->fitting($some, $room, fn (Occurrence $once): string => (null === $once->day
            ? $this->dates->names->monthShort($once->month->month)
            : $this->dates->wording->day($once->day)).' '.$this->dates->wording->words($once));

        return $this->lines($lines, $room);
    }

    /** @return list<\Closure(Canvas): void> */
    private function marks(PageDrawing $page, int &$count): array
    {
        $pens = $this->pensByDay();
        $draw = [];
        foreach ($page->days as $room) {
            $pensHere = $pens[$room->for] ?? [];
            if ([] === $pensHere) {
                continue;
            }
            ++$count;
            [$x, $y, $wide, $tall] = array_map(static fn (int $grains): Fraction => Fraction::of($grains, Grain::PER_BOX), $room->place);
            $split = $wide->compare(Fraction::of(...self::SPLIT)) >= 0 && $tall->compare(Fraction::of(...self::SPLIT)) >= 0;
            $draw[] = $split
                ? self::quarters(\array_slice($pensHere, 0, self::QUARTERS), $x, $y, $wide->dividedBy(2), $tall->dividedBy(2))
                : static function (Canvas $canvas) use ($pensHere, $x, $y, $wide, $tall): void {
                    $canvas->pen($pensHere[0]);
                    $canvas->ring(Layer::Ink, $x, $y, $wide, $tall);
                };
        }

        return $draw;
    }

    /**
     * @param list<string|null> $pens
     *
     * @return \Closure(Canvas): void
     */
    private static function quarters(array $pens, Fraction $x, Fraction $y, Fraction $wide, Fraction $tall): \Closure
    {
        return static function (Canvas $canvas) use ($pens, $x, $y, $wide, $tall): void {
            foreach ($pens as $i => $pen) {
                $canvas->pen($pen);
                $canvas->frame(Layer::Ink, $wide->times($i % 2)->plus($x), $tall->times(intdiv($i, 2))->plus($y), $wide, $tall);
            }
        };
    }

    /** @return array<string, list<string|null>> day → the pens of its categories, each once */
    private function pensByDay(): array
    {
        $pens = [];
        foreach ($this->dates->plan->period->months() as $month) {
            foreach ($this->dates->in($month, TakesDates::Marks) as $once) {
                if (null === $once->day || $once->isAhead()) {
                    continue;
                }
                $pen = $this->penOf($once);
                for ($day = $once->day; $day->number <= ($once->last ?? $once->day)->number; $day = $day->plus(1)) {
                    if (!\in_array($pen, $pens[$day->iso()] ?? [], true)) {
                        $pens[$day->iso()][] = $pen;
                    }
                }
            }
        }

        return $pens;
    }

    private function penOf(Occurrence $once): ?string
    {
        return $this->dates->known->category($once->entry->category)?->pen;
    }

    /** Words in a pen that does not stand out on paper are written in ink. */
    private function penForWords(Occurrence $once): ?string
    {
        $pen = $this->penOf($once);

        return null === $pen || [] === (new Palette([new Pen($pen, '')]))->forLines() ? null : $pen;
    }

    /**
     * The whole entries that fit into a room, line by line.
     *
     * @param list<Occurrence>            $some
     * @param \Closure(Occurrence): string $words
     *
     * @return array{list<array{string, string|null}>, int} lines with their pens, and how many entries they are
     */
    private function fitting(array $some, Room $room, \Closure $words): array
    {
        $letters = $this->hand->letters($room->wide, $this->pitch);
        $lines = [];
        $placed = 0;
        foreach ($some as $once) {
            $wrapped = Wrap::lines($words($once), $letters);
            if (\count($lines) + \count($wrapped) > $room->lines) {
                break;
            }
            foreach ($wrapped as $line) {
                $lines[] = [$line, $this->penForWords($once)];
            }
            ++$placed;
        }

        return [$lines, $placed];
    }

    /**
     * @param list<array{string, string|null}> $lines
     *
     * @return list<\Closure(Canvas): void>
     */
    private function lines(array $lines, Room $room): array
    {
        [$x, $y] = array_map(static fn (int $grains): Fraction => Fraction::of($grains, Grain::PER_BOX), $room->place);
        $draw = [];
        foreach ($lines as $i => [$line, $pen]) {
            $draw[] = static function (Canvas $canvas) use ($line, $pen, $x, $y, $i, $room): void {
                $canvas->pen($pen);
                $canvas->words(
                    Layer::Writing,
                    $x->plus(Fraction::of(1, 4)),
                    $room->line->times($i)->plus($y),
                    $room->wide->minus(Fraction::of(1, 2)),
                    Fraction::of(1),
                    $line,
                );
            };
        }

        return $draw;
    }
}
