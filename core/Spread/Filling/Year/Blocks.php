<?php

/*
 * The ways that give every month a block of its own: mini months, with notes beside, with split days, or room for
 * printed ones. One arrangement serves them all; what differs is what is drawn in a block.
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling\Year;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\MonthGrid;
use AmpleMargin\Counting\Division;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Edge;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Offer;
use AmpleMargin\Drawing\Working;
use AmpleMargin\Spread\Filling\PenLegend;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\Check;
use AmpleMargin\Spread\Part\EdgeTicks;
use AmpleMargin\Spread\Part\Filled;
use AmpleMargin\Spread\Part\FromHere;
use AmpleMargin\Spread\Part\Layers;

/** @internal to Spread */
final class Blocks implements Glance
{
    public function __construct(private readonly bool $notes = false, private readonly bool $split = false)
    {
    }

    public function fill(Request $asked, Region $region, array $months, int $page): Filled
    {
        $blocks = $this->arrange($asked, $region, $months);
        if (null === $blocks) {
            return new Filled(findings: [$this->tooLarge($asked, $region)]);
        }
        $here = $blocks->pages[$page] ?? throw new \LogicException("There is no page $page.");
        $counted = new FromHere($asked, $region, 'the mini months');
        $from = $region->y + $blocks->head();
        $below = $region->sum()->less($blocks->head(), 'the weekdays')->less($this->foot($asked, $region), 'the legend');
        $places = array_map(
            static fn (array $place): array => [$place[0] + $region->x, $place[1] + $from, $place[2], $place[3]],
            $here->places(),
        );
        $legend = PenLegend::asked($asked, $region->wide);
        $foot = $region->y + $region->tall - $legend->tall();
        $line = $this->notes ? $asked->settings->boxes('line') : Fraction::of(1);
        $painter = fn (Canvas $canvas): BlockPainter => new BlockPainter($canvas, $asked, $blocks, $months, $this->split, $counted);

        return new Filled(
            ticks: $counted->ticks([
                EdgeTicks::division(Edge::Top, $here->across, 'across', $region->x),
                EdgeTicks::division(Edge::Side, $here->down, 'down', $from),
            ]),
            workings: fn (): array => [
                new Working($counted->note('across'), self::gap($here->across), $here->across->working()),
                new Working($counted->note('down'), self::gap($here->down), $below.'; '.$here->down->working()),
                ...$this->notes ? [new Working(
                    $counted->note('notes'),
                    ...BlockPainter::noted($blocks, $line, $places[0][2] ?? 0, $here->across),
                )] : [],
            ],
            findings: 0 === $page ? [
                ...$this->split ? PenLegend::sharedPens($asked) : [],
                ...\count($blocks->pages) > 2 ? $this->manyPages($asked, $region, $blocks, $months) : [],
            ] : [],
            layers: new Layers(
                band: function (Canvas $canvas) use ($legend, $region, $foot, $counted): void {
                    if ($this->split) {
                        $legend->swatches($canvas, $region->x, $foot, $counted);
                    }
                },
                ink: function (Canvas $canvas) use ($painter, $places, $here): void {
                    if ($this->split) {
                        $painter($canvas)->quarters($places);
                    }
                    if ($this->notes) {
                        $painter($canvas)->notes($places, $here->across);
                    }
                },
                write: function (Canvas $canvas) use ($painter, $places, $here, $blocks, $region, $legend, $foot, $counted): void {
                    $paint = $painter($canvas);
                    $paint->names($places);
                    if (!$blocks->letters) {
                        $paint->lettersOnce(array_map(
                            static fn (array $span): int => $span['from']->floor() + $region->x,
                            $here->across->spans(),
                        ), $region->y);
                    }
                    foreach ($places as [$x, $y, , $grid]) {
                        $paint->month($x, $y, $grid);
                    }
                    if ($this->split) {
                        $legend->names($canvas, $region->x, $foot, $counted);
                    }
                },
            ),
            check: new Check(
                'Check each month: its last number stands where its step says, and so does the last column.',
                $counted->note('down'),
            ),
            next: $page + 1 < \count($blocks->pages) ? $page + 1 : null,
        );
    }

    /** @param non-empty-list<Month> $months */
    private function arrange(Request $request, Region $region, array $months): ?BlockLayout
    {
        return BlockLayout::fit(
            $this->asked($request),
            $region->wide,
            $region->tall - $this->foot($request, $region),
            array_map(static fn (Month $month): MonthGrid => new MonthGrid($month, $request->calendar->first), $months),
        );
    }

    private function asked(Request $request): BlockAsked
    {
        return BlockAsked::read($request->settings, $this->notes, Fraction::of($this->split ? 2 : 1));
    }

    /** Boxes the legend takes at the foot of the page, with one of air above it. */
    private function foot(Request $request, Region $region): int
    {
        $tall = $this->split ? PenLegend::asked($request, $region->wide)->tall() : 0;

        return 0 === $tall ? 0 : $tall + 1;
    }

    private static function gap(Division $division): string
    {
        return 1 === \count($division->parts) ? Plural::boxes($division->parts[0]) : "$division->gap between";
    }

    private function tooLarge(Request $request, Region $region): Finding
    {
        $asked = $this->asked($request);
        $room = $region->tall - $this->foot($request, $region);

        return new Finding($request->id, 'A month is '
            .($asked->notes ? $asked->wide() + 1 + BlockAsked::NOTES : $asked->wide())
            .' boxes wide'
            .($asked->notes ? ' with notes beside it' : '')
            ." and {$asked->tall(6, false)} to {$asked->tall(6, true)} tall; $region->wide × $room boxes are left on this page"
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
    private function manyPages(Request $request, Region $region, BlockLayout $layout, array $months): array
    {
        foreach ($this->smaller() as [$changes, $words]) {
            $with = $request->with($changes + ['pages' => 2]);
            $other = new self($this->notes && !isset($changes['way']), $this->split && !isset($changes['way']));
            if (null !== $other->arrange($with, $region, $months)) {
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
