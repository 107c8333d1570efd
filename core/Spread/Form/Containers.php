<?php

/* Equal containers in columns and rows, each with its name: goals by area, a month's focus. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Form;

use AmpleMargin\Counting\Division;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Edge;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Spread\Closing;
use AmpleMargin\Spread\Filling\Cells as Boxes;
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
final class Containers implements Form, HasLayouts, HasParts
{
    use OpensAsParts;

    /** A container needs its name's row and two lines to write on. */
    private const SMALLEST_TALL = 3;
    private const SMALLEST_WIDE = 4;

    /** @param list<string> $names of the containers where the person gives none */
    public function __construct(private readonly array $names)
    {
    }

    public function fields(): array
    {
        return [
            Field::lines('areas', 'Areas', $this->names),
            Field::count('columns', 'Columns', 1, 4),
            Field::boxes('line', 'Boxes a line'),
        ];
    }

    public function isByMonth(): bool
    {
        return false;
    }

    public function parting(Request $request): Piece
    {
        return self::underTitle(Leaf::of(new Boxes())->set([
            'cells' => $request->settings->lines('areas'),
            'line' => $request->settings->boxesWritten('line'),
            'across' => $request->settings->countOrNull('columns'),
        ]));
    }

    public function layOut(Request $request): Laid
    {
        $names = $request->settings->lines('areas');
        $below = Heading::below($request->grid->down, $request->grid->title);
        $layout = self::arrange($request->grid->across, $below->left, \count($names), $request->settings->countOrNull('columns') ?? 0);
        if (null === $layout) {
            return Laid::refused($request->grid, new Finding(
                $request->id,
                \count($names)
                    .' containers of at least '
                    .self::SMALLEST_WIDE
                    .' × '
                    .self::SMALLEST_TALL
                    ." boxes do not fit on {$request->grid->across} × $below->left. Use fewer areas.",
            ));
        }
        [$columns, $rows] = $layout;

        return Laid::page($request->grid, function (Canvas $canvas) use ($request, $names, $columns, $rows, $below): void {
            $top = Heading::boxes($canvas->down, $canvas->title);
            $canvas->working('across', Plural::boxes($columns->size()).' wide', $columns->working());
            $canvas->working('down', Plural::boxes($rows->size()).' tall', "$below; ".$rows->working());
            $canvas->tickDivision(Edge::Top, $columns, 'across');
            $canvas->tickDivision(Edge::Side, $rows, 'down', $top);
            $this->ink($canvas, $request, $names, $columns, $rows, $top);
            Closing::page(
                $canvas,
                \sprintf('Count one container: %s × %s.', $canvas->tally->length($columns->size()), $canvas->tally->length($rows->size())),
                'across',
            );
        }, Heading::findings($request));
    }

    public function layouts(Request $request): array
    {
        return array_map(
            static fn (int $columns): Layout => new Layout(
                1 === $columns ? 'One below another' : "$columns columns",
                ['columns' => $columns],
            ),
            [1, 2, 3, 4],
        );
    }

    /**
     * Columns and rows of containers; of the counts of columns that fit, the one whose containers are nearest
     * to square, each empty place counting against it, then the fewest columns.
     *
     * @param int $asked columns the person asks for, 0 for the best
     *
     * @return array{Division, Division}|null
     */
    public static function arrange(int $across, int $down, int $count, int $asked = 0): ?array
    {
        $best = null;
        $bestRatio = null;
        foreach (0 === $asked ? [1, 2, 3, 4] : [$asked] as $wide) {
            $columns = Division::containers($across, $wide);
            $rows = $count < 1 || $down < 1 ? null : Division::containers($down, intdiv($count + $wide - 1, $wide));
            if (null === $columns
                || null === $rows
                || $columns->size() < self::SMALLEST_WIDE
                || $rows->size() < self::SMALLEST_TALL
                || $wide > $count) {
                continue;
            }
            $places = $wide * \count($rows->parts);
            $ratio = Fraction::of($places * max($columns->size(), $rows->size()), $count * min($columns->size(), $rows->size()));
            if (null === $bestRatio || $ratio->compare($bestRatio) < 0) {
                [$best, $bestRatio] = [[$columns, $rows], $ratio];
            }
        }

        return $best;
    }

    /** @param list<string> $names */
    private function ink(Canvas $canvas, Request $request, array $names, Division $columns, Division $rows, int $top): void
    {
        $across = $columns->spans();
        $down = $rows->spans();
        $canvas->step(Task::Ink, 'Rule the '.\count($names).' containers.', 'across');
        foreach ($names as $i => $name) {
            [$x, $y] = [$across[$i % \count($across)], $down[intdiv($i, \count($across))]];
            $canvas->frame(Layer::Ink, $x['from'], $y['from']->plus($top), $columns->size(), $rows->size());
            $canvas->room(
                (string) $i,
                $name,
                $x['from'],
                $y['from']->plus($top + 1),
                $columns->size(),
                $rows->size() - 1,
                $request->settings->boxes('line'),
            );
        }
        Heading::write($canvas, $request);
        $canvas->step(Task::Write, 'Write each name in the first row of its container.', 'down');
        foreach ($names as $i => $name) {
            [$x, $y] = [$across[$i % \count($across)], $down[intdiv($i, \count($across))]];
            $canvas->words(
                Layer::Writing,
                $x['from']->plus(Fraction::of(1, 4)),
                $y['from']->plus($top),
                Fraction::of(2 * $columns->size() - 1, 2),
                1,
                $name,
            );
        }
    }
}
