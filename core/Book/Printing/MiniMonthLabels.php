<?php

/*
 * Mini months to cut out or on labels: as large as the frames a spread has for them, or of so many boxes a day.
 */

declare(strict_types=1);

namespace AmpleMargin\Book\Printing;

use AmpleMargin\Book\Book;
use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\MonthGrid;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Caution;
use AmpleMargin\Drawing\Frame;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Drawing\Words;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Sheet\Piece\Crop;
use AmpleMargin\Sheet\Piece\Piece;
use AmpleMargin\Sheet\Piece\TrueSize;

final class MiniMonthLabels implements Printable, Chosen
{
    /** Rows of a month: its name, the letters of the weekdays, six rows of days. */
    private const ROWS = 8;

    private const DAY = ['1' => [1, 1], '1.5' => [3, 2], '1½' => [3, 2], '2' => [2, 1]];

    public static function word(): string
    {
        return 'months';
    }

    public static function name(): string
    {
        return 'Mini months';
    }

    public static function asks(): string
    {
        return 'nothing for the size the book’s frames have, or 1, 1½ or 2 boxes a day';
    }

    public static function choices(Book $book): array
    {
        return [
            ['say' => '', 'name' => 'as large as the frames of the book'],
            ['say' => '1', 'name' => '1 box a day'],
            ['say' => '1½', 'name' => '1½ boxes a day'],
            ['say' => '2', 'name' => '2 boxes a day'],
        ];
    }

    public function pieces(Context $context, string $said): array
    {
        if ('' === $said) {
            $framed = self::framed($context);
            if ([] !== $framed) {
                return $framed;
            }
            $said = '1';
        }
        $day = self::DAY[$said] ?? throw PlanProblem::at('months', 'A printed month has 1, 1½ or 2 boxes a day.');

        return array_map(
            fn (Month $month): Piece => $this->month($context, $month, Fraction::of(...$day)),
            $context->book->plan->period->months(),
        );
    }

    /** @return list<Piece> of every spread that has frames for printed months */
    private static function framed(Context $context): array
    {
        $pieces = [];
        foreach ($context->book->plan->spreads as $spread) {
            foreach ($context->book->cutOut($spread) as $drawing) {
                foreach ($drawing->marks as $mark) {
                    if ($mark instanceof Frame) {
                        $place = [$mark->x, $mark->y, $mark->wide, $mark->tall];
                        $name = self::named($drawing, $place).', '.$context->book->catalogue()->title($spread);
                        $pieces[] = Crop::of($drawing, $place, $context->pitch(), $name, self::name(), Caution::CUT, false, true);
                    }
                }
            }
        }

        return $pieces;
    }

    /** @param array{int, int, int, int} $place */
    private static function named(PageDrawing $drawing, array $place): string
    {
        foreach ($drawing->marks as $mark) {
            if ($mark instanceof Words && $mark->y === $place[1] && $mark->x >= $place[0] && $mark->x < $place[0] + $place[2]) {
                return $mark->text;
            }
        }

        return 'A month';
    }

    private function month(Context $context, Month $month, Fraction $day): Piece
    {
        $book = $context->book;
        $grid = new MonthGrid($month, $book->plan->weeks->first);
        $canvas = new Canvas($day->times(7)->ceil(), $day->times(self::ROWS)->ceil());
        $canvas->step(Task::Ink, 'Cut along the edges.');
        $canvas->words(Layer::Writing, 0, 0, $day->times(7), $day, $book->names()->monthAndYear($month), Align::Middle);
        foreach (range(0, 6) as $column) {
            $letter = $book->names()->weekdayInitial($book->plan->weeks->first->plus($column));
            $canvas->words(Layer::Writing, $day->times($column), $day, $day, $day, $letter, Align::Middle);
        }
        for ($nth = 1; $nth <= $month->days(); ++$nth) {
            [$x, $y] = [$day->times($grid->column($nth)), $day->times(2 + $grid->row($nth))];
            $canvas->words(Layer::Writing, $x, $y, $day, $day, (string) $nth, Align::Middle);
        }

        return TrueSize::cutOut(
            $canvas->finish(),
            $context->pitch(),
            $book->names()->monthAndYear($month),
            self::name(),
            Caution::CUT,
            false,
            true,
        );
    }
}
