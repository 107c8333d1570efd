<?php

declare(strict_types=1);

namespace Tests\Spread;

use AmpleMargin\Book\Composer;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Grain;
use AmpleMargin\Drawing\Line;
use AmpleMargin\Drawing\Ring;
use AmpleMargin\Drawing\Words;
use AmpleMargin\Spread\Filling\Challenge;
use PHPUnit\Framework\TestCase;
use Tests\Asking;
use Tests\Books;
use Tests\Reference\Luxon;

/** Goals of the quarters, challenges of the months, and the checks of a goal's wording. */
final class GoalsTest extends TestCase
{
    /** Common practice, no source: 26 boxes have no room for 31 beside a name, so a month is two rows, of 16 and 15. */
    public function testAMonthOfChallengesIsSixteenAndFifteenBoxesOnANarrowPage(): void
    {
        $pages = Asking::drawn('monthly-challenges');
        self::assertCount(1, $pages);
        self::assertContains('rows of 16 and 15', array_column($pages[0]->workings, 'figure'));

        $wide = Asking::kind('monthly-challenges');
        $page = $wide->form->layOut(Asking::of($wide, across: 40, down: 30))->drawings()[0];
        self::assertContains('rows of 31', array_column($page->workings, 'figure'));
    }

    /** Each figure in its own box, in the row and column the division of 31 gives it; what a month lacks is struck out (luxon). */
    public function testEveryDayOfEveryMonthHasItsBoxAndNoOther(): void
    {
        foreach ([['2027-01', '2027-12', 26, 38], ['2027-07', '2028-06', 31, 45], ['2028-02', '2028-02', 18, 24], ['2027-01', '2027-12', 40, 30]] as [$start, $end, $across, $down]) {
            $kind = Asking::kind('monthly-challenges');
            $laid = $kind->form->layOut(Asking::of($kind, across: $across, down: $down, start: $start, end: $end));
            self::assertSame([], array_merge(...$laid->findings));
            $days = $struck = 0;
            $columns = null;
            foreach ($laid->drawings() as $page) {
                $left = null;
                $strips = [];
                foreach ($page->marks as $mark) {
                    if ($mark instanceof Words && ctype_digit($mark->text)) {
                        $left ??= $mark->x;
                        $columns = max($columns ?? 0, intdiv($mark->x - $left, Grain::PER_BOX) + 1);
                        $strips[] = [(int) $mark->text, intdiv($mark->x - $left, Grain::PER_BOX), intdiv($mark->y, Grain::PER_BOX)];
                        ++$days;
                    }
                    $struck += $mark instanceof Line && 0 !== $mark->wide && 0 !== $mark->tall ? 1 : 0;
                }
                $top = 0;
                foreach ($strips as [$day, $column, $row]) {
                    $top = 1 === $day ? $row : $top;
                    self::assertSame([($day - 1) % $columns, intdiv($day - 1, $columns)], [$column, $row - $top], "day $day");
                }
            }
            $months = Asking::period($start, $end)->months();
            $said = array_sum(array_map(static fn ($month): int => Luxon::months()[$month->iso()]['days'], $months));
            self::assertSame($said, $days, "$start to $end");
            // A strip ends with the 31st, and what a shorter month lacks of it is struck out.
            self::assertSame(\count($months) * 31 - $said, $struck);
        }
    }

    /** A quarter is three months of the book, wherever it begins; what is left of them is the last. */
    public function testQuartersAreCountedFromTheFirstMonthOfTheBook(): void
    {
        $named = static function (string $start, string $end): array {
            $kind = Asking::kind('goals-by-quarter');
            $page = $kind->form->layOut(Asking::of($kind, start: $start, end: $end))->drawings()[0];

            return array_values(array_filter(
                array_map(static fn ($mark): string => $mark instanceof Words ? $mark->text : '', $page->marks),
                static fn (string $text): bool => '' !== $text && 'Goals by quarter' !== $text,
            ));
        };

        self::assertSame(['January to March', 'April to June', 'July to September', 'October to December'], $named('2027-01', '2027-12'));
        self::assertSame(['August to October', 'November to December'], $named('2027-08', '2027-12'));
        self::assertSame(['August to October', 'November'], $named('2027-08', '2027-11'));
    }

    public function testWhatIsWrittenInACellStandsInItAndTooMuchIsSaid(): void
    {
        $kind = Asking::kind('goals-by-quarter');
        $said = ['January to March:', 'Take five lessons', 'Read three books', 'Then:', 'Varnish the hull twice'];
        $page = $kind->form->layOut(Asking::of($kind, ['within' => $said]))->drawings()[0];
        $at = [];
        foreach ($page->marks as $mark) {
            if ($mark instanceof Words) {
                $at[$mark->text] = [$mark->x, intdiv($mark->y, Grain::PER_BOX)];
            }
        }
        self::assertSame($at['January to March'][0], $at['Read three books'][0]);
        self::assertSame($at['January to March'][1] + 2, $at['Read three books'][1]);
        self::assertSame($at['April to June'][0], $at['Varnish the hull twice'][0]);

        $laid = $kind->form->layOut(Asking::of($kind, ['within' => array_merge(array_fill(0, 30, 'One more'), ['a:', 'b:', 'c:', 'd:', 'No room'])]));
        $says = implode(' ', array_map(static fn (Finding $one): string => $one->says, $laid->findings[0]));
        self::assertStringContainsString('“January to March” has room for', $says);
        self::assertStringContainsString('“No room” stands in none', $says);
    }

    public function testGoalsAndChallengesKnowEachOther(): void
    {
        $says = static function (array $goals, array $challenges): array {
            $plan = Books::edited(Books::starter(), [
                ['type' => 'add-spread', 'kind' => 'goals-by-quarter', 'settings' => ['within' => $goals]],
                ['type' => 'add-spread', 'kind' => 'monthly-challenges', 'settings' => ['challenges' => $challenges]],
            ]);
            $said = [];
            foreach (Composer::compose($plan)->findings() as $finding) {
                if (\in_array($finding->about, ['goals-by-quarter', 'monthly-challenges'], true)) {
                    $said[] = "$finding->about: $finding->says";
                }
            }

            return $said;
        };

        self::assertSame([], $says(['Take five lessons'], []), 'nothing is said before the challenges are written down');
        self::assertSame([], $says([], ['Ten pages → Read']), 'nor before the goals are');
        self::assertSame([], $says(['Take  five Lessons', ':', 'Read'], ['Scales → take five lessons', 'Ten pages->Read']));
        self::assertSame([
            'monthly-challenges: “No sugar” names no goal of a quarter. Write → and the goal behind it.',
            'monthly-challenges: “Ten pages” serves “Write”, which is no goal of a quarter.',
            'goals-by-quarter: No month’s challenge serves “Read”.',
        ], $says(['Take five lessons', 'Read'], ['Scales → Take five lessons', 'No sugar', 'Ten pages → Write']));
    }

    public function testAChallengeIsReadWithItsGoalOrWithout(): void
    {
        $read = static fn (string $line): array => [Challenge::read($line)->says, Challenge::read($line)->serves];

        self::assertSame(['Ten pages', 'Read more → and more'], $read('Ten pages → Read more → and more'));
        self::assertSame(['Ten pages', null], $read(' Ten pages -> '));
        self::assertSame(['Ten pages', null], $read('Ten pages'));
    }

    /** A ring stands in the cell of its goal and check; nothing is said of goals that nobody answered anything of. */
    public function testAChecksAnswerIsDrawnInItsCellAndWhatIsOpenIsSaid(): void
    {
        $kind = Asking::kind('goal-checks');
        $laid = $kind->form->layOut(Asking::of($kind, [
            'items' => ['Sing', 'Varnish the hull twice by April', 'Read'],
            'yes' => ['Varnish the hull twice by April' => ['Timed', 'Specific', 'Measured'], 'Gone' => ['Timed']],
        ]));
        $page = $laid->drawings()[0];
        $heads = [];
        $rows = [];
        $rings = [];
        foreach ($page->marks as $mark) {
            if ($mark instanceof Words && 1 === mb_strlen($mark->text)) {
                $heads[intdiv($mark->x, Grain::PER_BOX)] = ($heads[intdiv($mark->x, Grain::PER_BOX)] ?? '').$mark->text;
            } elseif ($mark instanceof Words) {
                $rows[intdiv($mark->y, Grain::PER_BOX)] = $mark->text;
            } elseif ($mark instanceof Ring) {
                $rings[] = [intdiv($mark->x, Grain::PER_BOX), intdiv($mark->y, Grain::PER_BOX)];
            }
        }
        $found = array_map(static fn (array $ring): array => [$heads[$ring[0]], $rows[$ring[1]] ?? $rows[$ring[1] - 1] ?? ''], $rings);
        self::assertEqualsCanonicalizing([
            ['Specific', 'Varnish the hull twice by April'],
            ['Measured', 'Varnish the hull twice by April'],
            ['Timed', 'Varnish the hull twice by April'],
        ], $found);
        $open = array_values(array_filter($laid->findings[0], static fn (Finding $one): bool => str_contains($one->says, 'not answered')));
        self::assertCount(1, $open);
        self::assertStringContainsString('attainable, relevant, evaluated, revised. Can it be done', $open[0]->says);
        self::assertFalse($open[0]->broken);
    }

    public function testAnswersThatMakeNoSenseAreSaidAndKept(): void
    {
        $wrong = static fn (mixed $yes): ?string => Asking::kind('goal-checks')->settings(['yes' => $yes])->wrong()['yes'] ?? null;

        self::assertNull($wrong(['Read' => ['Timed']]));
        self::assertNull($wrong((object) ['Read' => ['Timed']]));
        self::assertStringContainsString('asked are Specific', (string) $wrong(['Read' => ['Loved']]));
        self::assertStringContainsString('is meant', (string) $wrong(['Read' => 'Timed']));
        self::assertStringContainsString('is meant', (string) $wrong('Timed'));
    }

    /** Days on the dots of the paper: every fifth is ringed at its own dot, those of no day are struck through (days from luxon). */
    public function testEveryFifthDotIsMarkedAndThoseOfNoDayAreStruck(): void
    {
        $pages = Asking::drawn('dot-lines');
        self::assertCount(1, $pages);
        $expected = $struck = [];
        for ($month = 1; $month <= 12; ++$month) {
            $days = Luxon::months()[\sprintf('2027-%02d', $month)]['days'];
            for ($day = 1; $day <= 31; ++$day) {
                // 26 − 16 = 10 for the names; two rows of dots a month, the first below the first row under a title of 3.
                $dot = [10 + ($day - 1) % 16, 3 + 2 * ($month - 1) + 1 + intdiv($day - 1, 16)];
                if ($day > $days) {
                    $struck[] = $dot;
                } elseif (0 === $day % 5) {
                    $expected[] = $dot;
                }
            }
        }
        $rings = $strokes = [];
        $middle = static fn ($mark): array => [
            ($mark->x + $mark->wide / 2) / Grain::PER_BOX,
            ($mark->y + $mark->tall / 2) / Grain::PER_BOX,
        ];
        foreach ($pages[0]->marks as $mark) {
            if ('ink' !== $mark->layer->value) {
                continue;
            }
            if ($mark instanceof Ring) {
                $rings[] = $middle($mark);
            } elseif ($mark instanceof Line) {
                $strokes[] = $middle($mark);
            }
        }
        self::assertEquals($expected, $rings);
        self::assertEquals($struck, $strokes);
    }

    public function testMoreThanSixMarksOnADotAreSaidToBeTooMany(): void
    {
        $kind = Asking::kind('dot-lines');
        $laid = $kind->form->layOut(Asking::of($kind, ['marks' => ['A', 'B', 'C', 'D', 'E', 'F', 'G']]));
        self::assertSame('7 marks; 6 can be told apart on one dot. Leave some out, or give them a line of their own.', ($laid->findings[0][0] ?? null)?->says);
        self::assertSame([], $kind->form->layOut(Asking::of($kind, ['marks' => ['A', 'B']]))->findings[0]);
    }
}
