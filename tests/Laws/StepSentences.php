<?php

/*
 * What steps say in numbers, by patterns written here, each held against the marks of its own step. A step with a number that no pattern
 * reads is a failure: somebody wrote a new sentence and nobody checks it.
 */

declare(strict_types=1);

namespace Tests\Laws;

use AmpleMargin\Counting\Tally;
use AmpleMargin\Drawing\Frame;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Step;

final class StepSentences
{
    private const N = '([\d½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅐⅛⅜⅝⅞⅑⅒\/\x{a0}]+)';

    /** Sentences whose numbers are no counts of marks: sizes of paper, days of a calendar that has a reference of its own, room that is left. */
    private const OTHERWISE = [
        '/^(Draw the line to cut along|Cut along the line|Draw the line to cut)/u',
        '/^Cut a (leaf|piece) of/u',
        '/^(Count|In the (same|lower|upper)|Lay|Slide the card|Stick or stamp|Read the|Hold the|Tick .* in the \\w+ (row|column))/u',
        '/ must land in row .*column/u',
        '/^(Mark the (centres|levels|sides of the jar)|Draw the bars|Draw in row|Draw where the pocket goes)/u',
        '/^(The last|The first of these|Strike out the days|Erase)/u',
        '/^Write .*“[^”]*\d/u',
        '/^Frame the place of each month/u',
        '/^(Leave|Outline|Mark every fifth dot|Turn the book)/u',
        '/^Draw (the symbols|\d+ spines?)/u',
        // What is counted from the corner of a part: its lines are reached in StepsTest.
        '/^In the [a-z ]+, counted from/u',
        '/^Write the (number of each day|dates|numbers)/u',
        '/^Rule the lines to write on, one every/u',
        '/^Write “[^”]*” below, in the middle/u',
        '/^Write “[^”]*”, line \d+\.$/u',
        '/^Rule the grid of each month: 8 lines down/u',
        '/^Write the name of each month in the first/u',
    ];

    /** @return string|null what is wrong; null where all that is said is drawn. "unread" where no pattern reads it */
    public static function wrong(PageDrawing $page, Step $step, Tally $tally): ?string
    {
        // Before the colon stands which part of the page it is of.
        $own = (string) preg_replace('/^(?:“[^”]*”|[A-Z][a-z ]+?)(?: \d+)?: (?=[A-Z])/u', '', InBoxes::step($step->text, $tally));
        // What stands in quotes is the person's own.
        $text = (string) preg_replace('/“[^”]*”/u', '“…”', $own);
        if (1 !== preg_match('/\d|[½⅓⅔¼¾]/u', $text)) {
            return null;
        }
        $said = 0;
        foreach (self::patterns() as $pattern => $check) {
            if (1 === preg_match('/'.strtr($pattern, ['#' => self::N]).'/u', $text, $found)) {
                $wrong = $check(new StepMarks($page, $step), array_map(Sums::number(...), \array_slice($found, 1)), $found, $tally);
                if (null !== $wrong) {
                    return "$wrong: $step->text";
                }
                ++$said;
            }
        }
        foreach (self::OTHERWISE as $pattern) {
            $said += preg_match($pattern, $own);
        }

        return $said > 0 ? null : "unread: $text";
    }

    /** @return array<string, \Closure(StepMarks, list<float>, list<string>, Tally): ?string> # is a number */
    private static function patterns(): array
    {
        $is = static fn (string $what, float $said, float|int $drawn): ?string => abs($said - $drawn) < 0.02
            ? null
            : "$what: said $said, drawn $drawn";
        $first = static fn (?string ...$wrong): ?string => array_values(array_filter($wrong))[0] ?? null;
        $ruledOff = static fn (StepMarks $marks, array $n): ?string => $is(
            'lines across',
            \count($marks->lengths()),
            $marks->levelLines(),
        );
        // A frame in each month, all of one size.
        $framed = static fn (StepMarks $marks, array $n): ?string => $first(
            $is('sizes of frames', 1, \count(array_unique(array_map(json_encode(...), $marks->frames())))),
            $is('wide', $n[0], $marks->frames()[0][0] ?? -1),
            $is('tall', $n[1], $marks->frames()[0][1] ?? -1),
        );

        return [
            '^Tick (?:at|on dots?) .*From tick to tick: (.*); # box(?:es)? left at the end(?: of the upper half)?\.' => static function (StepMarks $marks, array $n, array $found) use ($is, $first): ?string {
                $steps = array_map(Sums::number(...), explode(', ', $found[1]));
                $side = str_contains($found[0], 'upper half') ? null : $marks->side();

                return $first(
                    null === $side ? null : $is('boxes of the side', array_sum($steps) + $n[1], $side),
                    $is('ticks', \count($steps), \count($marks->edgeTicks())),
                );
            },
            '^Tick (?:at|on dot) # down the side: the upper half ends' => static fn (StepMarks $marks, array $n, array $found, Tally $tally): ?string => $is('the foot', $n[0] - (Tally::Dots === $tally ? 1 : 0), $marks->edgeTicks()[0] ?? -1),
            '^Rule # lines?, one every (?:# boxes|box): the first (?:at|on dot) # down the side, the last (?:at|on dot) #' => static function (StepMarks $marks, array $n, array $found, Tally $tally) use ($is, $first): ?string {
                $lines = $marks->levels();
                $edge = Tally::Dots === $tally ? 1 : 0;
                $every = '' === ($found[2] ?? '') ? 1.0 : $n[1];

                return $first(
                    $is('lines', $n[0], \count($lines)),
                    $is('the first', $n[2] - $edge, $lines[0] ?? -1),
                    $is('the last', $n[3] - $edge, $lines[\count($lines) - 1] ?? -1),
                    \count($lines) > 1 ? $is('one every', $every, ($lines[\count($lines) - 1] - $lines[0]) / (\count($lines) - 1)) : null,
                );
            },
            '^Rule # columns? and # rows? of cells' => static fn (StepMarks $marks, array $n): ?string => $first(
                $is('cells or lines down', $n[0], \count($marks->columns())),
                $is('cells or lines across', $n[1], \count($marks->rows())),
            ),
            '^Rule # frames? of # × # boxes' => static function (StepMarks $marks, array $n) use ($is, $first): ?string {
                $frames = $marks->frames();

                return $first($is('frames', $n[0], \count($frames)), ...array_map(
                    static fn (array $one): ?string => $first($is('wide', $n[1], $one[0]), $is('tall', $n[2], $one[1])),
                    $frames,
                ));
            },
            '^Draw # circles with a radius of # box' => static fn (StepMarks $marks, array $n): ?string => $first(
                $is('circles', $n[0], \count($marks->rings())),
                $is('the radius', 2 * $n[1], $marks->rings()[0] ?? -1),
            ),
            '^Strike out the # cells? of (?:a day|days) that (?:does|do) not exist' => static fn (StepMarks $marks, array $n): ?string => $is('struck', $n[0], $marks->diagonals()),
            '^Rule a strip of days for each month: (.*) boxes\.' => static function (StepMarks $marks, array $n, array $found) use ($is): ?string {
                // Of one strip, the days its rows hold: by the boxes its lines shut in.
                $rows = array_map(intval(...), explode(' and ', $found[1]));

                return $is('days a strip', array_sum($rows), 31);
            },
            '^Number the days down the side, # to #' => static fn (StepMarks $marks, array $n): ?string => $is('figures', $n[1] - $n[0] + 1, \count($marks->figures())),
            '^Number the rows from # to #' => static fn (StepMarks $marks, array $n): ?string => $is('figures', $n[1] - $n[0] + 1, \count($marks->figures())),
            '^Number the boxes along the top from # to #' => static fn (StepMarks $marks, array $n): ?string => $is('figures', $n[1] - $n[0] + 1, \count($marks->figures())),
            // The figure in the corner serves both edges.
            '^Number the boxes down the side from # to #' => static fn (StepMarks $marks, array $n): ?string => $is('figures', $n[1] - $n[0], \count($marks->figures())),
            '^Write the title “…” in the top # box' => static fn (StepMarks $marks, array $n): ?string => $marks->foot() <= $n[0] + 0.02 ? null : "the title ends at {$marks->foot()}",
            '^Write the title “…”, beginning # down' => static fn (StepMarks $marks, array $n, array $found, Tally $tally): ?string => $is('the title', $n[0] - (Tally::Dots === $tally ? 1 : 0), $marks->head()),
            '^Write the title “…”, beginning # down, # across' => static fn (StepMarks $marks, array $n, array $found, Tally $tally): ?string => $is('the title', $n[1] - (Tally::Dots === $tally ? 1 : 0), $marks->left()),
            '^Write the title “…” across the fold: on this page “…”, a letter in # box(?:es)?, from # across' => static fn (StepMarks $marks, array $n, array $found, Tally $tally): ?string => $is('the title', $n[1] - (Tally::Dots === $tally ? 1 : 0), $marks->left()),
            '^Write now: # entr(?:y|ies), one ' => static fn (StepMarks $marks, array $n): ?string => $is('names and pages', 2 * $n[0], $marks->words()),
            '^Write the # items?, one a row.*' => static fn (StepMarks $marks, array $n, array $found): ?string => $is('items', $n[0] + (str_contains($found[0], 'in the last row') ? 1 : 0), $marks->words()),
            '^Rule the # (?:cells?|containers?)' => static fn (StepMarks $marks, array $n): ?string => $is('frames', $n[0], \count($marks->frames())),
            '^Rule lines beside each month, # box(?:es)? long' => static fn (StepMarks $marks, array $n): ?string => $first(...array_map(
                static fn (float $long): ?string => $is('long', $n[0], $long),
                $marks->lengths(),
            )),
            '^Rule the matrix: # lines? down, # across' => static fn (StepMarks $marks, array $n): ?string => $first(
                $is('lines down', $n[0], $marks->uprightLines()),
                $is('lines across', $n[1], $marks->levelLines()),
            ),
            '^Rule a line below the headings and # lines? below the' => static fn (StepMarks $marks, array $n): ?string => $is('lines', $n[0] + 1, \count($marks->levels())),
            // A frame round each row of them.
            '^Draw # box(?:es)? to colour in' => static fn (StepMarks $marks, array $n): ?string => $is('boxes', $n[0], array_sum(array_map(
                static fn (array $row): float => $row[0] / $row[1],
                $marks->frames(),
            ))),
            '^Rule # shelf lines? across' => static fn (StepMarks $marks, array $n): ?string => $is('shelf lines', $n[0], $marks->levelLines()),
            '^Write the table of divisions for # box(?:es)? (across|down)' => static fn (StepMarks $marks, array $n, array $found): ?string => $is('boxes', $n[0], 'across' === $found[2] ? $marks->across() : $marks->down()),
            '^Rule off the last # box(?:es)? of each month' => $ruledOff,
            '^Rule off # box(?:es)? of each month for a memory, above' => $ruledOff,
            '^Fill # boxes with ink, row by row' => static fn (StepMarks $marks, array $n): ?string => $is('boxes of ink', $n[0], $marks->banded()),
            '^Draw a band # box(?:es)? tall' => static fn (StepMarks $marks, array $n): ?string => $is('the band', $n[0], $marks->bandTall()),
            '^Rule a line round the grid: # boxes across, # down' => static fn (StepMarks $marks, array $n): ?string => $first(
                $is('across', $n[0], $marks->frames()[0][0] ?? -1),
                $is('down', $n[1], $marks->frames()[0][1] ?? -1),
            ),
            '^Rule # lines? across' => static fn (StepMarks $marks, array $n): ?string => $is('lines across', $n[0], $marks->levelLines()),
            // Months are named by one word each, with the year where the log has two of a name.
            '^Rule # lines? to write on in (each month|[^:]+?), one every ' => static function (StepMarks $marks, array $n, array $found) use ($is): ?string {
                $months = 'each month' === $found[2] ? null : \count(explode(', ', $found[2]));

                return null === $months && 0 === $marks->levelLines() % max(1, (int) $n[0])
                    ? null
                    : $is('lines to write on', $n[0] * ($months ?? 1), $marks->levelLines());
            },
            '^Rule # short lines? beside the mini month' => static fn (StepMarks $marks, array $n): ?string => 0 === $marks->levelLines() % max(1, (int) $n[0]) ? null : "short lines: said $n[0] in each, drawn {$marks->levelLines()}",
            '^Frame the place of each month’s calendar under its name, # × # boxes' => $framed,
            '^Frame # × # boxes at the foot of each month' => $framed,
            '^Mark the (?:part|room) .*: # × # box' => static fn (StepMarks $marks, array $n): ?string => $first(
                $is('wide', $n[0], $marks->frames()[0][0] ?? -1),
                $is('tall', $n[1], $marks->frames()[0][1] ?? -1),
            ),
            '^Frame “…”: # boxes? across, # down' => static fn (StepMarks $marks, array $n): ?string => $first(
                $is('across', $n[0], $marks->frames()[0][0] ?? -1),
                $is('down', $n[1], $marks->frames()[0][1] ?? -1),
            ),
            '^Mark where it is glued: # × # box' => static fn (StepMarks $marks, array $n): ?string => $first(
                $is('wide', $n[0], $marks->frames()[0][0] ?? -1),
                $is('tall', $n[1], $marks->frames()[0][1] ?? -1),
            ),
        ];
    }
}
