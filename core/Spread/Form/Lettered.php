<?php

/*
 * A title as large as the page takes it: the cover of the year, a month's divider. In guide boxes on a line or two, across the fold, or in
 * block figures.
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Form;

use AmpleMargin\Counting\BlockDigits;
use AmpleMargin\Counting\FoldedTitle;
use AmpleMargin\Counting\Lettering;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Counting\TitlePlace;
use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Edge;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Spread\Closing;
use AmpleMargin\Spread\Form;
use AmpleMargin\Spread\Form\Title\GuideBoxes;
use AmpleMargin\Spread\HasLayouts;
use AmpleMargin\Spread\Heading;
use AmpleMargin\Spread\Laid;
use AmpleMargin\Spread\Layout;
use AmpleMargin\Spread\Request;
use AmpleMargin\Spread\Setting\Field;

/** @internal to Spread */
final class Lettered implements Form, HasLayouts
{
    public const WAYS = [
        'guide' => 'guide boxes, on one line',
        'two' => 'guide boxes, on two lines',
        'fold' => 'guide boxes, across the fold of an opening',
        'block' => 'block figures',
    ];

    public function fields(): array
    {
        return [
            Field::text('lettering', 'Lettering'),
            Field::choice('figures', 'Drawn in', self::WAYS),
            Field::text('subtitle', 'Line below'),
        ];
    }

    public function layOut(Request $request): Laid
    {
        $title = null === $request->calendar->month
            ? $request->settings->textOrNull('lettering') ?? $request->calendar->period->years()
            : $request->calendar->names->month($request->calendar->month->month);
        // A month's divider is always on one line.
        $way = null === $request->calendar->month ? $request->settings->choice('figures') : 'guide';

        return match ($way) {
            'fold' => $this->acrossTheFold($request, $title),
            'two' => $this->onTwoLines($request, $title),
            'block' => $this->inBlocks($request, $title),
            default => $this->onOneLine($request, $title),
        };
    }

    public function layouts(Request $request): array
    {
        return array_map(
            static fn (string $way, string $name): Layout => new Layout(ucfirst($name), ['figures' => $way]),
            array_keys(self::WAYS),
            self::WAYS,
        );
    }

    private function acrossTheFold(Request $request, string $title): Laid
    {
        $folded = FoldedTitle::largest($title, $request->grid->across, TitlePlace::room($request->grid->down));

        return null === $folded
            ? $this->instead($request, $title, Heading::quoted($title).' does not fit across the fold')
            : Laid::pages(
                $request->grid,
                [0, 1],
                fn (Canvas $canvas, int $page) => $this->half($canvas, $request, $folded, 0 === $page),
            );
    }

    /** @param list<Finding> $findings said beside what is drawn */
    private function onOneLine(Request $request, string $title, array $findings = []): Laid
    {
        $lettering = Lettering::largest($title, $request->grid->across, TitlePlace::room($request->grid->down));
        if (null === $lettering) {
            return Laid::pages($request->grid, [null], static fn () => null, [[...$findings, new Finding(
                $request->id,
                mb_strlen($title)
                    .' letters do not fit in '
                    .Plural::boxes($request->grid->across)
                    .', not even at one box a letter. Shorten the title, or write it on two lines.',
            )]]);
        }

        return Laid::page($request->grid, function (Canvas $canvas) use ($request, $lettering): void {
            $centre = TitlePlace::across($canvas->across, $lettering->width);
            $canvas->working('letters', $lettering->width.' boxes', $lettering->working().'; '.$centre->working());
            GuideBoxes::draw($canvas, [[$lettering, $centre->before, TitlePlace::above($canvas->down, $lettering->tall)]]);
            $this->close($canvas, $request, $lettering->tall);
        }, $findings);
    }

    private function onTwoLines(Request $request, string $title): Laid
    {
        $lines = Lettering::onTwoLines($title, $request->grid->across, TitlePlace::room($request->grid->down));
        if (null === $lines) {
            return $this->instead($request, $title, Heading::quoted($title).' has no space to break it at, or does not fit on two lines');
        }

        return Laid::page($request->grid, function (Canvas $canvas) use ($request, $lines): void {
            $tall = $lines[0]->tall + 1 + $lines[1]->tall;
            $top = TitlePlace::above($canvas->down, $tall);
            $placed = [];
            foreach ($lines as $i => $line) {
                $centre = TitlePlace::across($canvas->across, $line->width);
                $canvas->working("letters-$i", Plural::boxes($line->width), $line->working().'; '.$centre->working());
                $placed[] = [$line, $centre->before, 0 === $i ? $top : $top + $lines[0]->tall + 1];
            }
            GuideBoxes::draw($canvas, $placed);
            $this->close($canvas, $request, $tall);
        });
    }

    private function inBlocks(Request $request, string $title): Laid
    {
        $block = BlockDigits::largest($title, $request->grid->across, TitlePlace::room($request->grid->down));

        return null === $block
            ? $this->instead(
                $request,
                $title,
                BlockDigits::knows($title)
                    ? Heading::quoted($title).' needs more than '.Plural::boxes($request->grid->across).' in block figures of 3 × 5'
                    : 'Block figures are drawn for years and other numbers',
            )
            : Laid::page($request->grid, fn (Canvas $canvas) => $this->block($canvas, $request, $title, $block));
    }

    /** The title on one line where the way asked for cannot be, and why. */
    private function instead(Request $request, string $title, string $why): Laid
    {
        return $this->onOneLine(
            $request,
            $title,
            [new Finding($request->id, "$why. Guide boxes on one line are drawn instead.", [], false)],
        );
    }

    private function half(Canvas $canvas, Request $request, FoldedTitle $folded, bool $left): void
    {
        $lettering = $left ? $folded->left : $folded->right;
        $canvas->working('letters', Plural::boxes($lettering->width), $lettering->working().'; '.$folded->working());
        GuideBoxes::draw($canvas, [[$lettering, $left ? $folded->from : $folded->air, TitlePlace::above($canvas->down, $lettering->tall)]]);
        $left
            ? Closing::page($canvas, "Count from the fold: $folded->air free, then the last letter.", 'letters')
            : $this->close(
                $canvas,
                $request,
                $lettering->tall,
                "Count from the fold: $folded->air free, then the first letter. No letter sits on it.",
            );
    }

    private function block(Canvas $canvas, Request $request, string $title, BlockDigits $block): void
    {
        $centre = TitlePlace::across($canvas->across, $block->width);
        $top = TitlePlace::above($canvas->down, $block->tall);
        $canvas->working('letters', Plural::boxes($block->width), $block->working().'; '.$centre->working());
        $canvas->tickAll(
            Edge::Top,
            array_values(array_filter(
                [$centre->before, $centre->before + $block->width],
                static fn (int $at): bool => $at > 0 && $at < $canvas->across,
            )),
            Heading::quoted($title).' in block figures',
            'letters',
        );
        $canvas->tickAll(
            Edge::Side,
            array_values(array_filter([$top, $top + $block->tall], static fn (int $at): bool => $at > 0 && $at < $canvas->down)),
            "figures $block->tall tall",
            'letters',
        );
        $canvas->step(Task::Ink, 'Fill '.Plural::boxes($block->filled()).' with ink, row by row, as drawn.', 'letters');
        $canvas->blocks($block, $centre->before, $top);
        $this->close(
            $canvas,
            $request,
            $block->tall,
            'Count the filled boxes of the first figure’s top row before you go on: as drawn, '
                .Plural::boxes($centre->before)
                .' before it.',
        );
    }

    private function close(
        Canvas $canvas,
        Request $request,
        int $tall,
        string $check = 'Count the boxes before the first letter and after the last: they are as the working says.',
    ): void {
        $words = $request->settings->textOrNull('subtitle')
            ?? (null === $request->calendar->month ? '' : (string) $request->calendar->month->year);
        $top = TitlePlace::above($canvas->down, $tall) + $tall + 2;
        if ('' !== $words && $top + 2 <= $canvas->down) {
            $canvas->step(Task::Write, 'Write '.Heading::quoted($words).' below, in the middle, 2 boxes under the letters.');
            $canvas->words(Layer::Writing, 0, $top, $canvas->across, 2, $words, Align::Middle);
        }
        Closing::page($canvas, $check, 'letters');
    }
}
