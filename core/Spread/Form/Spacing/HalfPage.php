<?php

/* The divisions down one column, sharing the page with a quote. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Form\Spacing;

use AmpleMargin\Counting\Division;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Edge;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Spread\Closing;
use AmpleMargin\Spread\Heading;
use AmpleMargin\Spread\Laid;
use AmpleMargin\Spread\Request;

/** @internal to Spread */
final class HalfPage implements School
{
    public function layOut(Request $request, SpacingAsked $asked): Laid
    {
        $halves = Division::containers($request->grid->across, 2);
        $free = Heading::below($request->grid->down, $request->grid->title)->left;
        $room = DivisionTable::tall($asked, $asked->across) + 1 + DivisionTable::tall($asked, $asked->down);
        if (null === $halves || $halves->size() < 7 || $room > $free) {
            return Laid::refused($request->grid, new Finding(
                $request->id,
                "Half the page needs 7 × $room boxes for the divisions; it has "
                    .($halves?->size() ?? 0)
                    ." × $free. Choose fewer divisors, or print the loose card.",
            ));
        }

        return Laid::page(
            $request->grid,
            fn (Canvas $canvas) => $this->page($canvas, $request, $asked, $halves),
            [...Heading::findings($request), ...self::withoutRoom($request)],
        );
    }

    /** Lines of the quote that stand on the page. */
    private static function fitting(Request $request): int
    {
        $down = $request->grid->down;
        $count = \count($request->settings->lines('lines'));
        $from = max(Heading::boxes($down, $request->grid->title), intdiv($down - max(2, 2 * $count), 2));

        return max(0, min($count, intdiv($down - $from, 2)));
    }

    /** @return list<Finding> */
    private static function withoutRoom(Request $request): array
    {
        $count = \count($request->settings->lines('lines'));
        $fit = self::fitting($request);

        return $fit >= $count ? [] : [new Finding(
            $request->id,
            'The quote has '.Plural::of($count, 'line', 'lines').' and beside the divisions there is room for '.(0 === $fit ? 'none' : $fit)
                .': '.Plural::of($count - $fit, 'line is', 'lines are').' left out. Shorten it.',
            [],
            false,
        )];
    }

    private function page(Canvas $canvas, Request $request, SpacingAsked $asked, Division $halves): void
    {
        $top = Heading::boxes($canvas->down, $canvas->title);
        $wide = $halves->size();
        $right = $halves->spans()[1]['from']->floor();
        $canvas->working('halves', Plural::boxes($wide).' each', $halves->working());
        $canvas->tickDivision(Edge::Top, $halves, 'halves');
        $lines = $request->settings->lines('lines');
        $tall = max(2, 2 * \count($lines));
        $y = intdiv($canvas->down - $tall, 2);
        if ([] === $lines) {
            $canvas->step(Task::Pencil, 'Keep the other half for a quote.', 'halves');
            $canvas->frame(Layer::Pencil, $right, $top, $wide, $canvas->down - $top);
        }
        Heading::write($canvas, $request);
        $row = DivisionTable::write($canvas, $asked, 'Across', $canvas->across, $asked->across, 0, $top, $wide);
        DivisionTable::write($canvas, $asked, 'Down', $canvas->down, $asked->down, 0, $row + 1, $wide);
        foreach (\array_slice($lines, 0, self::fitting($request)) as $i => $line) {
            $canvas->step(Task::Write, 'Write '.Heading::quoted($line).'.', 'halves');
            $canvas->words(Layer::Writing, $right, max($top, $y) + 2 * $i, $wide, 2, $line, Align::Middle);
        }
        Closing::page($canvas, 'Read the table once more against the page: halves first.', 'halves');
    }
}
