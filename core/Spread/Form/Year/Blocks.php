<?php

/*
 * The ways that give every month a block of its own: mini months, with notes beside, with split days, or room for
 * printed ones. One arrangement serves them all; what differs is what is drawn in a block.
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Form\Year;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\MonthGrid;
use AmpleMargin\Counting\Division;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Edge;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Offer;
use AmpleMargin\Spread\Closing;
use AmpleMargin\Spread\Form\PenLegend;
use AmpleMargin\Spread\Heading;
use AmpleMargin\Spread\Laid;
use AmpleMargin\Spread\Request;

/** @internal to Spread */
final class Blocks implements Way
{
    public function __construct(private readonly bool $notes = false, private readonly bool $split = false)
    {
    }

    public function layOut(Request $request, array $months): Laid
    {
        $blocks = $this->arrange($request, $months);
        if (null === $blocks) {
            return Laid::refused($request->grid, $this->tooLarge($request));
        }

        return Laid::pages(
            $request->grid,
            $blocks->pages,
            fn (Canvas $canvas, BlockPage $page, int $i) => $this->page($canvas, $request, $blocks, $page, $months, 0 === $i),
            [[
                ...Heading::findings($request),
                ...($this->split ? PenLegend::sharedPens($request) : []),
                ...(\count($blocks->pages) > 2 ? $this->manyPages($request, $blocks, $months) : []),
            ]],
        );
    }

    /** @param non-empty-list<Month> $months */
    private function arrange(Request $request, array $months): ?BlockLayout
    {
        return BlockLayout::fit(
            $this->asked($request),
            $request->grid->across,
            Heading::below($request->grid->down, $request->grid->title)->left - $this->foot($request),
            array_map(static fn (Month $month): MonthGrid => new MonthGrid($month, $request->calendar->first), $months),
        );
    }

    private function asked(Request $request): BlockAsked
    {
        return BlockAsked::read($request->settings, $this->notes, Fraction::of($this->split ? 2 : 1));
    }

    /** Boxes the legend takes at the foot of the page, with one of air above it. */
    private function foot(Request $request): int
    {
        $tall = $this->split ? PenLegend::asked($request, $request->grid->across)->tall() : 0;

        return 0 === $tall ? 0 : $tall + 1;
    }

    /** @param non-empty-list<Month> $months */
    private function page(Canvas $canvas, Request $request, BlockLayout $layout, BlockPage $page, array $months, bool $titled): void
    {
        $top = Heading::boxes($canvas->down, $canvas->title);
        $from = $top + $layout->head();
        $below = Heading::below($canvas->down, $canvas->title)
            ->less($layout->head(), 'the weekdays')
            ->less($this->foot($request), 'the legend');
        $painter = new BlockPainter($canvas, $request, $layout, $months, $this->split);
        $canvas->working('across', self::gap($page->across), $page->across->working());
        $canvas->working(
            'down',
            self::gap($page->down),
            $below.'; '.$page->down->working(),
        );
        $canvas->tickDivision(Edge::Top, $page->across, 'across');
        $canvas->tickDivision(Edge::Side, $page->down, 'down', $from);
        $places = array_map(static fn (array $place): array => [$place[0], $place[1] + $from, $place[2], $place[3]], $page->places());
        $legend = PenLegend::asked($request, $canvas->across);
        if ($this->split) {
            $legend->swatches($canvas, 0, $canvas->down - $legend->tall());
            $painter->quarters($places);
        }
        if ($this->notes) {
            $painter->notes($places, $page->across);
        }
        if ($titled) {
            Heading::write($canvas, $request);
        }
        $painter->names($places);
        if (!$layout->letters) {
            $painter->lettersOnce($page->across->spans(), $top);
        }
        foreach ($places as [$x, $y, , $grid]) {
            $painter->month($x, $y, $grid);
        }
        if ($this->split) {
            $legend->names($canvas, 0, $canvas->down - $legend->tall());
        }
        Closing::page($canvas, 'Check each month: its last number stands where its step says, and so does the last column.', 'down');
    }

    private static function gap(Division $division): string
    {
        return 1 === \count($division->parts) ? Plural::boxes($division->parts[0]) : "$division->gap between";
    }

    private function tooLarge(Request $request): Finding
    {
        $asked = $this->asked($request);
        $room = Heading::below($request->grid->down, $request->grid->title)->left - $this->foot($request);

        return new Finding($request->id, 'A month is '
            .($asked->notes ? $asked->wide() + 1 + BlockAsked::NOTES : $asked->wide())
            .' boxes wide'
            .($asked->notes ? ' with notes beside it' : '')
            ." and {$asked->tall(6, false)} to {$asked->tall(6, true)} tall; {$request->grid->across} × $room boxes are left on this page"
            .match ($asked->pages) {
                0 => '.',
                1 => ', and one page is asked for.',
                default => ", and $asked->pages pages are asked for.",
            });
    }

    /** @return list<array{array<string, mixed>, string}> smaller ways, from the least change on */
    private function smaller(): array
    {
        $plain = ['letters' => 'fit', 'columns' => null];

        return [
            [$plain, 'letters and columns as they fit'],
            [$plain + ['week_numbers' => false], 'no week numbers'],
            [$plain + ['week_numbers' => false, 'day' => '1.5'], '1½ boxes a day'],
            [$plain + ['week_numbers' => false, 'day' => '1'], '1 box a day'],
            [$plain + ['week_numbers' => false, 'day' => '1', 'way' => 'mini'], 'mini months of 1 box a day'],
        ];
    }

    /**
     * @param non-empty-list<Month> $months
     *
     * @return list<Finding>
     */
    private function manyPages(Request $request, BlockLayout $layout, array $months): array
    {
        foreach ($this->smaller() as [$changes, $words]) {
            $with = $request->with($changes + ['pages' => 2]);
            $other = new self($this->notes && !isset($changes['way']), $this->split && !isset($changes['way']));
            if (null !== $other->arrange($with, $months)) {
                return [new Finding(
                    $request->id,
                    \count($months)
                        .' months take '
                        .\count($layout->pages)
                        ." pages this way, more than an opening shows at once. On one opening: $words.",
                    [Offer::settings($request->id, "Use $words", ['pages' => 2] + $changes)],
                    false,
                )];
            }
        }

        return [];
    }
}
