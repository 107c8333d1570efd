<?php

/*
 * The grid spacing sheet: both edges numbered, ticks for equal shares along them, and a table of whole-box
 * divisions with and without gaps. Drawn once, looked up for every page afterwards.
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Form;

use AmpleMargin\Counting\Division;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Remainder;
use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Edge;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Spread\Closing;
use AmpleMargin\Spread\Form;
use AmpleMargin\Spread\Request;

final class SpacingSheet implements Form
{
    private const SHARES = [2 => '½', 3 => '⅓', 4 => '¼', 5 => '⅕', 7 => '⅐'];

    /** Numbers, a row of ticks for each divisor, one of air. */
    private const EDGE = 7;

    public function pages(Request $request): int
    {
        return 1;
    }

    public function draw(Request $request): array
    {
        $canvas = new Canvas($request->across, $request->down, $request->tally);
        $this->numbers($canvas);
        $room = 2 * (2 * \count(Division::USUAL) + 1) + 1;
        if ($canvas->across < self::EDGE + 8 || $canvas->down < self::EDGE + $room) {
            $canvas->finding(new Finding($request->id, 'The table of divisions needs '.(self::EDGE + 8).' × '.(self::EDGE + $room)." boxes; the page has $canvas->across × $canvas->down. The edges are numbered; print the loose card for the rest."));
            Closing::page($canvas, "The last numbers are $canvas->across and $canvas->down.");

            return [$canvas->finish()];
        }
        $this->shares($canvas, Edge::Top, $canvas->across);
        $this->shares($canvas, Edge::Side, $canvas->down);
        $row = $this->table($canvas, 'Across', $canvas->across, self::EDGE);
        $this->table($canvas, 'Down', $canvas->down, $row + 1);
        Closing::page($canvas, "The last numbers are $canvas->across and $canvas->down; the half across stands at ".Fraction::of($canvas->across, 2).', the half down at '.Fraction::of($canvas->down, 2).'.');

        return [$canvas->finish()];
    }

    private function numbers(Canvas $canvas): void
    {
        // Numbers before ticks, against the usual order: the ticks are found by them.
        $canvas->step(Task::Write, "Number the boxes along the top from 1 to $canvas->across, one figure a box.", 'numbers');
        for ($i = 1; $i <= $canvas->across; ++$i) {
            $canvas->words(Layer::Writing, $i - 1, 0, 1, 1, (string) $i, Align::Middle);
        }
        $canvas->step(Task::Write, "Number the boxes down the side from 1 to $canvas->down.", 'numbers');
        for ($i = 2; $i <= $canvas->down; ++$i) {
            $canvas->words(Layer::Writing, 0, $i - 1, 1, 1, (string) $i, Align::Middle);
        }
        $canvas->working('numbers', ($canvas->across + $canvas->down - 1).' figures', "$canvas->across across + $canvas->down down − 1, for the corner serves both");
    }

    /** Sevenths next to the numbers, halves furthest in: so no tick along the top meets one down the side. */
    private function shares(Canvas $canvas, Edge $edge, int $side): void
    {
        foreach (array_reverse(Division::USUAL) as $i => $divisor) {
            $division = Division::of($side, $divisor, 0, Remainder::Exact) ?? throw new \LogicException('Every page with room for the table has a box for each share.');
            $note = "{$edge->value}-$divisor";
            $share = self::SHARES[$divisor];
            $canvas->working($note, "$share = {$division->parts[0]}", "$side boxes ÷ $divisor = {$division->parts[0]}");
            $canvas->step(Task::Ink, \sprintf('Tick %s %s in the %s %s: shares of %s, and write that after the last tick.', $canvas->tally->places($division->ticks()), $edge->words(), ['second', 'third', 'fourth', 'fifth', 'sixth'][$i], Edge::Top === $edge ? 'row' : 'column', $share), $note, $edge, $division->ticks());
            foreach ($division->ticks() as $tick) {
                Edge::Top === $edge
                    ? $canvas->line(Layer::Ink, $tick, $i + 1, 0, 1)
                    : $canvas->line(Layer::Ink, $i + 1, $tick, 1, 0);
            }
            $last = Fraction::of($side)->minus($division->parts[0]);
            $beside = $last->floor() + ($last->isWhole() ? 0 : 1);
            Edge::Top === $edge
                ? $canvas->words(Layer::Writing, $beside, $i + 1, 1, 1, $share, Align::Middle)
                : $canvas->words(Layer::Writing, $i + 1, $beside, 1, 1, $share, Align::Middle);
        }
    }

    /** @return int the row below the table */
    private function table(Canvas $canvas, string $name, int $side, int $row): int
    {
        $wide = $canvas->across - self::EDGE - 1;
        $canvas->step(Task::Write, "Write the table of divisions for $side boxes ".strtolower($name).': without gaps, then with.', "table-$side");
        $canvas->words(Layer::Writing, self::EDGE, $row++, $wide, 1, "$name: $side boxes");
        foreach (Division::USUAL as $divisor) {
            foreach ([Division::of($side, $divisor), Division::containers($side, $divisor)] as $division) {
                $said = null === $division ? "$divisor: no gap of 1 fits" : self::said($division);
                $canvas->words(Layer::Writing, self::EDGE, $row++, $wide, 1, $said);
            }
        }
        $canvas->working("table-$side", "$side boxes", 'part = (boxes − gaps) ÷ parts, rounded down; the best gap is the one of 1 to 3 that leaves least over');

        return $row;
    }

    /** "3 of 8, gap 1", "5 of 4, gap 1, 2 left". */
    public static function said(Division $division): string
    {
        $words = \count($division->parts).' of '.$division->size();
        $words .= $division->gap > 0 ? ", gap $division->gap" : '';

        return $words.($division->remainder > 0 ? ", $division->remainder left" : '');
    }
}
