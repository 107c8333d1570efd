<?php

/*
 * A door group: a left page, cut leaves, a right page. The leaves are cut narrower, so that what is written once on
 * the uncovered strip stays in sight beside every face; each face carries one month.
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Form;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Edge;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Spread\Closing;
use AmpleMargin\Spread\Form;
use AmpleMargin\Spread\HasLayouts;
use AmpleMargin\Spread\Heading;
use AmpleMargin\Spread\Layout;
use AmpleMargin\Spread\Pages;
use AmpleMargin\Spread\Request;

final class Doors implements Form, HasLayouts
{
    private const MOST_LEAVES = 12;

    /** 2 + 2d pages for d cut leaves; two months to a leaf. Source: handbook, "Doors, tabs and other cuts" (common practice, no source). */
    public function pages(Request $request): int
    {
        return 2 + 2 * $this->leaves($request);
    }

    public function draw(Request $request): array
    {
        $months = $request->period->months();
        $last = $this->pages($request) - 1;
        $strip = $this->strip($request);

        return Pages::draw($request, range(0, $last), function (Canvas $canvas, int $i) use ($request, $months, $last, $strip): void {
            if ($strip < 1 || $canvas->down < Heading::boxes($canvas->down) + 2) {
                $canvas->finding(new Finding($request->id, "A door needs a strip to keep in sight and a face beside it; $request->across boxes across are too few."));
            } elseif (0 === $i || $i === $last) {
                $this->outer($canvas, $request, $strip, 0 === $i);
            } else {
                $this->face($canvas, $request, $strip, $i, $months[$i - 1] ?? null);
            }
        });
    }

    public function layouts(Request $request): array
    {
        return array_map(static fn (int $strip): Layout => new Layout("A strip of $strip boxes", ['strip' => $strip]), [4, 6, 8, 10, 12]);
    }

    private function leaves(Request $request): int
    {
        return $request->settings->count('leaves', min(self::MOST_LEAVES, intdiv($request->period->length() + 1, 2)), 1, self::MOST_LEAVES);
    }

    /** Boxes of the outer edge that the cut leaves uncover; at least one box of face stays beside it. */
    private function strip(Request $request): int
    {
        return min($request->settings->count('strip', 8, 2, 20), $request->across - 4);
    }

    /** The page the leaves lie on: items down the outer edge, written once. */
    private function outer(Canvas $canvas, Request $request, int $strip, bool $left): void
    {
        $top = Heading::boxes($canvas->down);
        $x = $left ? 0 : $canvas->across - $strip;
        $edge = $left ? $strip : $canvas->across - $strip;
        $rows = $canvas->down - $top;
        $items = \array_slice($request->settings->lines('items'), 0, $rows);
        $canvas->working('strip', "$strip boxes in sight", "$canvas->across boxes − $strip for the strip = ".($canvas->across - $strip).' for each face');
        $canvas->tickAll(Edge::Top, [$edge], $left ? "strip $strip, face ".($canvas->across - $strip) : 'face '.($canvas->across - $strip).", strip $strip", 'strip');
        $canvas->cells($x, $top, $strip, $rows);
        $canvas->step(Task::Ink, "Rule the edge of the strip and $rows rows across it.", 'strip');
        $canvas->line(Layer::Ink, $edge, $top, 0, $rows);
        for ($row = 0; $row <= $rows; ++$row) {
            $canvas->line(Layer::Ink, $x, $top + $row, $strip, 0);
        }
        if ($left) {
            Heading::write($canvas, $request);
        }
        if ([] !== $items) {
            $canvas->step(Task::Write, 'Write the '.\count($items).' items once, one a row of the strip; every face is read against them.', 'strip');
            foreach ($items as $row => $item) {
                $canvas->words(Layer::Writing, Fraction::of(4 * $x + 1, 4), $top + $row, Fraction::of(2 * $strip - 1, 2), 1, $item);
            }
        }
        Closing::page($canvas, 'Lay a leaf over the page: the strip stays in sight.', 'strip');
    }

    /** A face of a cut leaf. The same strip goes from both faces, so it is on the outer edge of each. */
    private function face(Canvas $canvas, Request $request, int $strip, int $i, ?Month $month): void
    {
        $top = Heading::boxes($canvas->down);
        $right = 1 === $i % 2;
        $wide = $canvas->across - $strip;
        $x = $right ? 0 : $strip;
        $cut = $right ? $wide : $strip;
        $rows = $canvas->down - $top;
        $canvas->working('face', "$wide boxes a face", "$canvas->across boxes − $strip cut off = $wide");
        $canvas->tickAll(Edge::Top, [$cut], $right ? "face $wide, cut off $strip" : "cut off $strip, face $wide", 'face');
        $canvas->step($right ? Task::Cut : Task::Pencil, $right
            ? 'Leaf '.intdiv($i + 1, 2).": draw the line to cut along, $strip boxes from the outer edge. Tape the edge first if it must be stiff; pull the ribbons away; cut on a mat along a steel ruler, in light passes, fingers behind the blade’s path, never into the binding."
            : 'The cut is the same on this face; draw nothing beyond it.', 'face');
        $canvas->line(Layer::Pencil, $cut, 0, 0, $canvas->down);
        $canvas->step(Task::Ink, "Rule $rows rows across the face, level with the rows of the strip.", 'face');
        for ($row = 0; $row <= $rows; ++$row) {
            $canvas->line(Layer::Ink, $x, $top + $row, $wide, 0);
        }
        if (null !== $month) {
            $canvas->room($month->iso(), $request->names->monthAndYear($month), $x, $top, $wide, $rows, Fraction::of(1));
            $name = $request->names->monthAndYear($month);
            $canvas->step(Task::Write, 'Write '.Heading::quoted($name).' at the head of the face.', 'face');
            $canvas->words(Layer::Writing, $x, 0, $wide, max(1, $top - 1), $name);
        }
        Closing::page($canvas, 'Hold the leaf against the strip: the rows are level.', 'face');
    }
}
