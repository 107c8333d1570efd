<?php

/*
 * The list of a savings plan: a row a payday, with a box to tick, the day, the amount and the running sum; in as many columns
 * side by side as it needs and the part has room for.
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling;

use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Drawing\Working;
use AmpleMargin\Saving\Deposit;
use AmpleMargin\Spread\Filling\Savings\SavingsAsked;
use AmpleMargin\Spread\Page\OwnPeriod;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\Check;
use AmpleMargin\Spread\Part\Filled;
use AmpleMargin\Spread\Part\GivesWay;
use AmpleMargin\Spread\Part\Layers;
use AmpleMargin\Spread\Part\OfTime;
use AmpleMargin\Spread\Part\TakenUp;
use AmpleMargin\Spread\Setting\Field;

final class SavingsList implements TakenUp, GivesWay, OfTime
{
    private const HEAD = 1;

    private const TICK = 1;

    /** Boxes between two columns of rows. */
    private const GAP = 1;

    public function shapedBy(array $settings): array
    {
        return OwnPeriod::OF_MONTHS;
    }

    public function name(): string
    {
        return 'Savings plan';
    }

    public function purpose(): string
    {
        return 'A row a payday with its amount and the running sum; the amounts add up to the aim exactly. A record, no advice.';
    }

    public function fields(): array
    {
        return [
            ...SavingsAsked::fields(),
            Field::boxes('line', 'Boxes a row', three: true),
            Field::lines('heads', 'Heads of the columns: day, amount, sum', ['Day', 'Aside', 'Sum']),
        ];
    }

    public function narrowest(Request $asked): int
    {
        return array_sum($this->widths($asked, SavingsAsked::of($asked)));
    }

    public function least(Request $asked, int $wide): int
    {
        return self::HEAD + $asked->settings->boxes('line')->ceil();
    }

    public function tall(Request $asked, int $wide): int
    {
        $rows = \count(SavingsAsked::of($asked)->plan->deposits ?? []);
        $beside = max(1, intdiv($wide + self::GAP, $this->narrowest($asked) + self::GAP));

        return self::HEAD + $asked->settings->boxes('line')->times(max(1, intdiv($rows + $beside - 1, $beside)))->ceil();
    }

    public function ways(Request $asked, Region $region): array
    {
        return [
            ['say' => 'From the first Friday', 'settings' => ['first_payday' => null]],
            ['say' => 'Every month bears the same', 'settings' => ['lighter' => []]],
            ['say' => 'Nothing there at first', 'settings' => ['begins' => 0]],
            ['say' => 'A box a row', 'settings' => ['line' => '1']],
        ];
    }

    public function fill(Request $asked, Region $region, int $from): Filled
    {
        $savings = SavingsAsked::of($asked);
        $deposits = $savings->plan->deposits ?? [];
        $widths = $this->widths($asked, $savings);
        $line = $asked->settings->boxes('line');
        $fit = Fraction::of($region->tall - self::HEAD)->dividedBy($line)->floor();
        $left = \count($deposits) - $from;
        $most = max(1, intdiv($region->wide + self::GAP, array_sum($widths) + self::GAP));
        $columns = max(1, min($most, intdiv($left + $fit - 1, $fit)));
        $rows = max(1, min($fit, intdiv($left + $columns - 1, $columns)));
        $here = \array_slice($deposits, $from, $columns * $rows);
        $next = $from + \count($here) < \count($deposits) ? $from + \count($here) : null;
        $wide = array_sum($widths);
        $lefts = array_map(static fn (int $i): int => $region->x + $i * ($wide + self::GAP), range(0, $columns - 1));
        $said = (1 === $columns ? '' : "$columns columns side by side; ")."$rows × $line = ".$line->times($rows)
            ."; $fit fit below the headings";

        return new Filled(
            top: self::edges($lefts, $widths),
            side: [$region->y + self::HEAD => 'below the headings'],
            workings: static fn (): array => [
                new Working('amounts', Plural::of(\count($deposits), 'amount', 'amounts'), $savings->working()),
                new Working('rows', Plural::of(\count($here), 'payday', 'paydays'), $said),
                new Working(
                    'columns',
                    Plural::boxes($wide).' a row',
                    implode(' + ', $widths)." = $wide: to tick, the day, the amount, the sum",
                ),
            ],
            findings: 0 === $from ? $savings->findings() : [],
            layers: new Layers(
                ink: static function (Canvas $canvas) use ($lefts, $wide, $region, $line, $rows, $here): void {
                    $canvas->step(
                        Task::Ink,
                        'Rule a line below the headings'
                            .([] === $here ? '.' : ' and '.Plural::of($rows, 'line', 'lines').' below the rows, one every '
                                .($line->equals(1) ? 'box' : Plural::boxes($line)).'; draw a small box to tick in each row.'),
                        'rows',
                    );
                    foreach ($lefts as $column => $x) {
                        $count = min($rows, \count($here) - $column * $rows);
                        for ($row = 0; $row <= $count; ++$row) {
                            $canvas->line(Layer::Ink, $x, $line->times($row)->plus($region->y + self::HEAD), $wide, 0);
                        }
                        for ($row = 0; $row < $count; ++$row) {
                            $y = $line->times($row)->plus($region->y + self::HEAD)->plus(Fraction::of(1, 6));
                            $canvas->frame(Layer::Ink, Fraction::of(6 * $x + 1, 6), $y, Fraction::of(2, 3), Fraction::of(2, 3));
                        }
                    }
                },
                write: fn (Canvas $canvas) => $this->write($canvas, $asked, $region, $lefts, $widths, $rows, $here),
            ),
            check: new Check(null === $savings->plan || null !== $next
                ? ''
                : 'The last sum is '.($savings->plan->target - $savings->plan->short).'.'),
            next: $next,
        );
    }

    /**
     * @param list<int>     $lefts
     * @param list<int>     $widths
     * @param list<Deposit> $here
     */
    private function write(Canvas $canvas, Request $asked, Region $region, array $lefts, array $widths, int $rows, array $here): void
    {
        $line = $asked->settings->boxes('line');
        $canvas->step(Task::Write, 'Write the headings: the day, the amount, the sum.', 'columns');
        foreach ($lefts as $x) {
            foreach (\array_slice($asked->settings->lines('heads'), 0, 3) as $nth => $heading) {
                $i = $nth + 1;
                if ($widths[$i] > 0) {
                    self::cell($canvas, $x, $widths, $i, Fraction::of($region->y), $heading);
                }
            }
        }
        $canvas->step(Task::Write, 'Write each day with its amount and the sum that is there then.', 'amounts');
        foreach ($here as $i => $deposit) {
            $x = $lefts[intdiv($i, $rows)];
            $y = $line->times($i % $rows)->plus($region->y + self::HEAD);
            $said = ['', self::day($asked, $deposit), (string) $deposit->amount, (string) $deposit->sum];
            foreach ($said as $column => $words) {
                if ('' !== $words) {
                    self::cell($canvas, $x, $widths, $column, $y, $words);
                }
            }
        }
    }

    /** @param list<int> $widths */
    private static function cell(Canvas $canvas, int $x, array $widths, int $column, Fraction $y, string $words): void
    {
        $at = $x + array_sum(\array_slice($widths, 0, $column));
        1 === $column
            ? $canvas->words(Layer::Writing, Fraction::of(4 * $at + 1, 4), $y, Fraction::of(4 * $widths[$column] - 1, 4), 1, $words)
            : $canvas->words(Layer::Writing, $at, $y, Fraction::of(4 * $widths[$column] - 1, 4), 1, $words, Align::End);
    }

    /**
     * @param list<int> $lefts
     * @param list<int> $widths
     *
     * @return array<int, string>
     */
    private static function edges(array $lefts, array $widths): array
    {
        $edges = [];
        foreach ($lefts as $x) {
            $edges[$x] = 'the savings plan';
            foreach ($widths as $wide) {
                $x += $wide;
                $edges[$x] = 'the savings plan';
            }
        }

        return $edges;
    }

    private static function day(Request $asked, Deposit $deposit): string
    {
        $day = $deposit->paid;

        return null === $day ? '' : $day->day.' '.$asked->calendar->names->monthShort($day->month->month);
    }

    /** @return array{int, int, int, int} boxes to tick, of the day, the amount and the sum */
    private function widths(Request $asked, SavingsAsked $savings): array
    {
        $deposits = $savings->plan->deposits ?? [];
        $days = array_unique(array_map(static fn (Deposit $one): string => self::day($asked, $one), $deposits));

        return [
            self::TICK,
            [''] === array_values($days) ? 0 : self::longest($asked, $days),
            self::longest($asked, array_map(static fn (Deposit $one): string => (string) $one->amount, $deposits)),
            self::longest($asked, [(string) ($savings->plan->target ?? 0)]),
        ];
    }

    /** @param array<int, string> $words */
    private static function longest(Request $asked, array $words): int
    {
        $letters = max([0, ...array_map(mb_strwidth(...), array_values($words))]);

        return max(2, $asked->hand()->boxes($letters, $asked->grid->pitch) + 1);
    }
}
