<?php

declare(strict_types=1);

namespace Tests\Laws;

use AmpleMargin\Book\Composer;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Tally;
use AmpleMargin\Drawing\Edge;
use AmpleMargin\Drawing\Frame;
use AmpleMargin\Drawing\Grain;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Line;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Step;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Spread\Catalogue\Catalogue;
use AmpleMargin\Spread\Page\PageGrid;
use PHPUnit\Framework\TestCase;
use Tests\Asking;
use Tests\Books;
use Tests\RandomEdit;
use Tests\Thorough;

/**
 * Who follows the steps and nothing else reaches every line: it stands at a tick, at an edge, or where the words of its own step count to.
 * No two steps of a page read the same.
 */
final class StepsTest extends TestCase
{
    /** Steps that say in words where their lines stand, from what is drawn already; each is a sentence of its kind. */
    private const TOLD = [
        'Draw a small box to tick in every row',
        'a line under each name’s row',
        'Mark below the base where the first week of each month begins',
        'Draw the symbols, one every',
        'Rule a strip of days for each month',
        'Tick the middle of each side of a day',
        'Rule lines beside each month',
        'Join the marks',
        'Mark the levels',
        'spines on them',
        'fold ', // a pocket, a folded leaf: its own piece of paper
        'along the top in the', // shares in rows of a spacing sheet
        'down the side in the',
        'Rule a line below the headings and',
        'Outline',
        'Count ',
        'Rule a frame',
        'Draw the',
        'Strike out',
        'Strike through',
        'Guide',
    ];

    public function testEveryLineOfEveryKindIsReachedFromItsSteps(): void
    {
        $found = [];
        $lines = 0;
        foreach ((new Catalogue())->spreads() as $kind) {
            foreach ([[26, 38, Tally::Boxes], [17, 28, Tally::Boxes], [31, 46, Tally::Dots]] as [$across, $down, $tally]) {
                $asked = Asking::of($kind, [], $across, $down);
                $asked = $asked->on(new PageGrid($across, $down, $tally, 5_000));
                foreach ($kind->form->layOut($asked)->drawings() as $page) {
                    $found += self::unreached($page, $tally, "$kind->id: ", $lines);
                }
            }
        }
        self::assertGreaterThan(5_000, $lines);
        KnownFailures::assertKnown('steps', $found, Thorough::is());
    }

    public function testThePartsOfAPageThatIsDividedByHandToo(): void
    {
        $found = [];
        $lines = 0;
        for ($seed = 1; $seed <= Thorough::of(40, 400); ++$seed) {
            mt_srand($seed);
            $plan = Books::edited(Books::starter()->with(['spreads' => []]), [['type' => 'add-spread', 'kind' => 'page-of-parts']]);
            for ($cut = 0; $cut < 3; ++$cut) {
                try {
                    $plan = Books::edited($plan, [RandomEdit::division($plan)]);
                } catch (PlanProblem) {
                    // No room for it there.
                }
            }
            $piece = $plan->spreads[0]->settings['parts'] ?? null;
            $paths = self::leaves(\is_array($piece) ? $piece : []);
            $fill = ['lines', 'table', 'cells', 'log', 'lines', 'graph', 'legend', 'table'];
            foreach ($paths as $path) {
                try {
                    $plan = Books::edited($plan, [
                        ['type' => 'part-page', 'spread' => 'page-of-parts', 'do' => 'fill', 'at' => $path, 'fill' => $fill[mt_rand(0, 7)]],
                    ]);
                } catch (PlanProblem) {
                    // Too small for it.
                }
            }
            foreach (Composer::compose($plan)->spreadDrawings('page-of-parts') as $page) {
                $found += self::unreached($page, Tally::Boxes, '', $lines);
            }
        }
        self::assertGreaterThan(Thorough::of(1_000, 10_000), $lines);
        KnownFailures::assertKnown('steps-by-hand', $found, Thorough::is());
    }

    /**
     * @param array<array-key, mixed> $piece
     *
     * @return list<string>
     */
    private static function leaves(array $piece, string $path = ''): array
    {
        $parts = $piece['parts'] ?? null;
        if (!\is_array($parts)) {
            return [$path];
        }
        $leaves = [];
        foreach (array_values($parts) as $i => $part) {
            array_push($leaves, ...self::leaves((array) $part, '' === $path ? (string) $i : "$path.$i"));
        }

        return $leaves;
    }

    /** @return array<string, string> what cannot be reached, by its step */
    private static function unreached(PageDrawing $page, Tally $tally, string $about, int &$lines): array
    {
        $found = [];
        $said = array_count_values(array_map(static fn (Step $step): string => $step->text, $page->steps));
        foreach (array_filter($said, static fn (int $often): bool => $often > 1) as $text => $often) {
            $found["{$about}twice: ".preg_replace('/\d+/', '#', (string) $text)] = (string) $text;
        }
        $steps = array_column($page->steps, null, 'number');
        $known = ['x' => [0 => true, $page->across * Grain::PER_BOX => true], 'y' => [0 => true, $page->down * Grain::PER_BOX => true]];
        foreach ($page->steps as $step) {
            foreach ($step->ticks as $tick) {
                $known[Edge::Top === $step->edge ? 'x' : 'y'][self::grains($tick, $tally)] = true;
            }
        }
        foreach ($page->marks as $mark) {
            $step = $steps[$mark->step] ?? null;
            if (Layer::Ink !== $mark->layer || null === $step || !($mark instanceof Line || $mark instanceof Frame)) {
                continue;
            }
            ++$lines;
            foreach (self::TOLD as $told) {
                if (str_contains($step->text, $told)) {
                    continue 2;
                }
            }
            $runs = self::runs(InBoxes::step($step->text, $tally), $known, $tally);
            $places = $mark instanceof Frame
                ? [['x', $mark->x], ['x', $mark->x + $mark->wide], ['y', $mark->y], ['y', $mark->y + $mark->tall]]
                : [0 === $mark->wide ? ['x', $mark->x] : ['y', $mark->y]];
            foreach ($places as [$axis, $at]) {
                if (!isset($known[$axis][$at]) && !isset($runs[$axis][$at])) {
                    $place = "$axis ".$at / Grain::PER_BOX." on $page->across × $page->down";
                    $of = preg_replace('/[\d½⅓⅔¼¾⅕⅖⅗⅘⅛]+/u', '#', "$axis, $step->text");
                    $found["$about$of"] ??= "$place: $step->text";
                }
            }
        }

        return $found;
    }

    /**
     * What the words of a step count to: "one every 2 boxes, the first 4 down", so many lines between two ticks.
     *
     * @param array{x: array<int, bool>, y: array<int, bool>} $known
     *
     * @return array{x: array<int, bool>, y: array<int, bool>}
     */
    private static function runs(string $text, array $known, Tally $tally): array
    {
        $runs = ['x' => [], 'y' => []];
        $run = '/Rule (\d+) lines?.*?, one every (?:(\S+) )?box(?:es)?.*?the first (?:at |on dot )?(\S+) down/u';
        if (1 === preg_match($run, $text, $said)) {
            $every = '' === $said[2] ? Grain::PER_BOX : self::fraction($said[2]);
            $first = self::grains($said[3], $tally);
            for ($i = 0; $i < (int) $said[1]; ++$i) {
                $runs['y'][$first + $i * $every] = true;
            }
        }
        if (1 === preg_match('/; and (\d+) lines? down/u', $text, $said)) {
            // Between any two ticks that lie as many equal columns apart.
            $ticks = array_keys($known['x']);
            foreach ($ticks as $from) {
                foreach ($ticks as $to) {
                    $columns = (int) $said[1] - 1;
                    if ($to > $from && $columns > 0 && 0 === ($to - $from) % $columns) {
                        for ($i = 1; $i < $columns; ++$i) {
                            $runs['x'][$from + $i * intdiv($to - $from, $columns)] = true;
                        }
                    }
                }
            }
        }
        if (1 === preg_match('/Rule the grid of each month: .*, one every (\S+) boxes/u', $text, $said)) {
            $every = self::fraction($said[1]);
            foreach (['x' => 7, 'y' => 9] as $axis => $most) {
                foreach (array_keys($known[$axis]) as $from) {
                    for ($i = 1; $i <= $most; ++$i) {
                        $runs[$axis][$from + $i * $every] = true;
                        $runs[$axis][$from + Grain::PER_BOX + $i * $every] = true;
                        $runs[$axis][$from + 2 * Grain::PER_BOX + $i * $every] = true;
                        $runs[$axis][$from + $i * Grain::PER_BOX] = true;
                    }
                }
            }
        }

        return $runs;
    }

    /** A place as a step says it, where dots are counted from 1. */
    private static function grains(string $said, Tally $tally): int
    {
        return self::fraction($said) - (Tally::Dots === $tally ? Grain::PER_BOX : 0);
    }

    private static function fraction(string $said): int
    {
        $said = rtrim($said, ';:,.');
        $halves = [
            '½' => [1, 2], '⅓' => [1, 3], '⅔' => [2, 3], '¼' => [1, 4], '¾' => [3, 4],
            '⅕' => [1, 5], '⅖' => [2, 5], '⅗' => [3, 5], '⅘' => [4, 5],
        ];
        $value = Fraction::of((int) $said);
        foreach ($halves as $sign => [$over, $under]) {
            $value = str_contains($said, $sign) ? $value->plus(Fraction::of($over, $under)) : $value;
        }

        return Grain::of($value);
    }
}
