<?php

/* A few lines in the middle of a page: the name page, a quote. Needs no counting, so it may stand on an undotted page. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Form;

use AmpleMargin\Counting\Centring;
use AmpleMargin\Counting\Letters;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Spread\Closing;
use AmpleMargin\Spread\Filling\Words;
use AmpleMargin\Spread\Form;
use AmpleMargin\Spread\HasParts;
use AmpleMargin\Spread\Heading;
use AmpleMargin\Spread\Laid;
use AmpleMargin\Spread\Part\Leaf;
use AmpleMargin\Spread\Part\Piece;
use AmpleMargin\Spread\Request;
use AmpleMargin\Spread\Setting\Field;

/** @internal to Spread */
final class CentredWords implements Form, HasParts
{
    use OpensAsParts;

    /** Boxes a line takes, with the air below it. */
    private const LINE = 2;

    public function fields(): array
    {
        return [
            Field::lines('lines', 'Lines'),
        ];
    }

    public function isByMonth(): bool
    {
        return false;
    }

    public function parting(Request $request): Piece
    {
        return Leaf::of(new Words())->with(['words' => $request->settings->lines('lines'), 'line' => '2']);
    }

    public function layOut(Request $request): Laid
    {
        $lines = $request->settings->lines('lines');
        if ([] === $lines) {
            return Laid::page($request->grid, $this->empty(...));
        }
        $tall = \count($lines) * self::LINE;
        $centre = Centring::of($request->grid->down, $tall);
        if (null === $centre) {
            return Laid::refused($request->grid, new Finding(
                $request->id,
                \count($lines).' lines of '.self::LINE.' boxes need '.Plural::boxes($tall)."; the page has {$request->grid->down}. "
                    .'Use fewer lines.',
            ));
        }

        return Laid::page(
            $request->grid,
            fn (Canvas $canvas) => $this->write($canvas, $lines, $centre),
            self::tooLong($request, $lines),
        );
    }

    /**
     * @param list<string> $lines
     *
     * @return list<Finding>
     */
    private static function tooLong(Request $request, array $lines): array
    {
        $across = $request->grid->across;
        $long = array_filter($lines, static fn (string $line): bool => mb_strwidth($line) > Letters::most($across));

        return array_values(array_map(static fn (string $line): Finding => new Finding(
            $request->id,
            'A line of '.mb_strlen($line).' letters is too long to be read in '.Plural::boxes($across).'. Break it in two.',
        ), $long));
    }

    /** @param list<string> $lines */
    private function write(Canvas $canvas, array $lines, Centring $centre): void
    {
        $tall = \count($lines) * self::LINE;
        $sum = Plural::of(\count($lines), 'line', 'lines').' × '.self::LINE." boxes = $tall; ";
        $canvas->working('lines', Plural::boxes($tall), $sum.$centre->working());
        $canvas->step(
            Task::Pencil,
            'Count '
                .Plural::boxes($centre->before)
                ." down; the words take the next $tall, one line every "
                .self::LINE
                .' boxes, centred across.',
            'lines',
        );
        $top = $centre->before;
        foreach ($lines as $line) {
            $canvas->step(Task::Write, 'Write '.Heading::quoted($line).'.', 'lines');
            $canvas->words(Layer::Writing, 0, $top, $canvas->across, self::LINE, $line, Align::Middle);
            $top += self::LINE;
        }
        Closing::page($canvas, "Count the boxes above the first line, $centre->before, and below the last, $centre->after.", 'lines');
    }

    private function empty(Canvas $canvas): void
    {
        $canvas->step(Task::Write, 'Write your words here, in the middle of the page.');
        $inset = min(2, intdiv($canvas->across - 1, 2));
        $tall = max(1, intdiv($canvas->down, 4));
        $canvas->frame(Layer::Pencil, $inset, intdiv($canvas->down - $tall, 2), $canvas->across - 2 * $inset, $tall);
    }
}
