<?php

/* A title and ruled lines below it: notes, free lists. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Form;

use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Spread\Closing;
use AmpleMargin\Spread\Filling\Lines;
use AmpleMargin\Spread\Form;
use AmpleMargin\Spread\HasLayouts;
use AmpleMargin\Spread\HasParts;
use AmpleMargin\Spread\Heading;
use AmpleMargin\Spread\Laid;
use AmpleMargin\Spread\Layout;
use AmpleMargin\Spread\Part\Leaf;
use AmpleMargin\Spread\Part\Piece;
use AmpleMargin\Spread\Request;
use AmpleMargin\Spread\Setting\Field;

/** @internal to Spread */
final class RuledRows implements Form, HasLayouts, HasParts
{
    use OpensAsParts;

    public function fields(): array
    {
        return [
            Field::count('pages', 'Pages', 1, 12),
            Field::boxes('line', 'Boxes a line', three: true),
            Field::flag('ruled', 'Ruled lines', true),
        ];
    }

    public function isByMonth(): bool
    {
        return false;
    }

    public function parting(Request $request): Piece
    {
        return self::underTitle(Leaf::of(new Lines())->with([
            'line' => $request->settings->boxesWritten('line'),
            'look' => $request->settings->flag('ruled') ? 'ruled' : 'plain',
        ]));
    }

    public function layOut(Request $request): Laid
    {
        $pages = max(1, $request->pages, $request->settings->countOrNull('pages') ?? 1);
        $ruled = $request->settings->flag('ruled');

        return Laid::pages($request->grid, range(1, $pages), function (Canvas $canvas, int $nth) use ($request, $ruled): void {
            if ($ruled) {
                $this->rule($canvas, $request);
            }
            if (1 === $nth) {
                Heading::write($canvas, $request);
            }
            if ($ruled) {
                Closing::page($canvas, 'Count the lines: there are as many as the working says.', 'rows');
            }
        }, [Heading::findings($request)]);
    }

    public function layouts(Request $request): array
    {
        return [
            new Layout('Ruled, 1 box a line', ['ruled' => true, 'line' => '1']),
            new Layout('Ruled, 1½ boxes a line', ['ruled' => true, 'line' => '1.5']),
            new Layout('Ruled, 2 boxes a line', ['ruled' => true, 'line' => '2']),
            new Layout('Ruled, 3 boxes a line', ['ruled' => true, 'line' => '3']),
        ];
    }

    private function rule(Canvas $canvas, Request $request): void
    {
        $line = $request->settings->boxes('line');
        $top = Heading::boxes($canvas->down, $canvas->title);
        $below = Heading::below($canvas->down, $canvas->title);
        $free = $below->left;
        $rows = $canvas->room('lines', $request->title, 0, $top, $canvas->across, $free, $line);
        $left = Fraction::of($free)->minus($line->times($rows));
        $canvas->working(
            'rows',
            "$rows lines",
            "$below = $rows × $line".($left->compare(0) > 0 ? " + $left left over at the bottom" : ''),
        );
        $last = $line->times($rows)->plus($top);
        $canvas->step(
            Task::Ink,
            "Rule $rows lines, one every "
                .($line->equals(1) ? 'box' : Plural::boxes($line))
                .': the first '
                .$canvas->tally->places([$line->plus($top)])
                .' down the side, the last '
                .$canvas->tally->places([$last])
                .'; '
                .($left->compare(0) > 0 ? "$left left over at the end" : 'nothing left over at the end')
                .'.',
            'rows',
        );
        for ($row = 1; $row <= $rows; ++$row) {
            $canvas->line(Layer::Ink, 0, $line->times($row)->plus($top), $canvas->across, 0);
        }
    }
}
