<?php

/* What the forms are asked, made from the plan. */

declare(strict_types=1);

namespace AmpleMargin\Book;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Paging\MonthPart;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlannedSpread;
use AmpleMargin\Spread\Catalogue;
use AmpleMargin\Spread\IndexRow;
use AmpleMargin\Spread\Kind;
use AmpleMargin\Spread\Request;
use AmpleMargin\Spread\Setting\Settings;

final class Requests
{
    public readonly Names $names;

    public function __construct(private readonly Plan $plan)
    {
        $this->names = new Names($plan->language);
    }

    /** The title a person reads: the spread's own, or its kind's. */
    public static function title(PlannedSpread $spread): string
    {
        return $spread->title ?? Catalogue::kind($spread->kind)->name ?? $spread->kind;
    }

    /** Whether the person wants it on half a page. */
    public function isHalfAsked(PlannedSpread $spread): bool
    {
        $kind = Catalogue::kind($spread->kind);

        return null !== $kind && $kind->halves && true === ($spread->settings[Kind::HALF] ?? false) && $this->plan->stock->down >= 4;
    }

    /** Whether it takes half a page and may share it: only what would fill a single page can. */
    public function isHalf(PlannedSpread $spread): bool
    {
        return $this->isHalfAsked($spread) && 1 === Catalogue::kind($spread->kind)?->form->pages($this->on(
            $this->plan->stock->down,
            $spread,
            [],
            [],
        ));
    }

    /**
     * @param list<IndexRow> $index
     * @param list<string>   $numbering
     */
    public function spread(PlannedSpread $spread, array $index, array $numbering = []): Request
    {
        $down = $this->plan->stock->down;

        // Between two halves stays a box at least.
        return $this->on($this->isHalf($spread) ? intdiv($down - 1, 2) : $down, $spread, $index, $numbering);
    }

    /**
     * @param list<IndexRow> $index
     * @param list<string>   $numbering
     */
    private function on(int $down, PlannedSpread $spread, array $index, array $numbering): Request
    {
        $kind = Catalogue::kind($spread->kind);
        $settings = $kind?->settings($spread->settings) ?? new Settings($spread->settings, []);

        return new Request(
            $spread->id,
            self::title($spread),
            $settings,
            $this->plan->stock->across,
            $down,
            $this->plan->period,
            $settings->weekStart($this->plan->weeks->first),
            $this->names,
            $this->plan->counting,
            $index,
            numbering: $numbering,
            palette: $this->plan->pens(),
            pitch: $this->plan->stock->pitch,
        );
    }

    /** @return list<PageDrawing> */
    public function drawPart(Month $month, MonthPart $part): array
    {
        $kind = Catalogue::kind($part->kind);
        if (null === $kind) {
            return [];
        }
        $settings = $kind->settings($part->settings);
        $drawn = $kind->form->draw(new Request(
            $month->iso(),
            $kind->name,
            $settings,
            $this->plan->stock->across,
            $this->plan->stock->down,
            $this->plan->period,
            $settings->weekStart($this->plan->weeks->first),
            $this->names,
            $this->plan->counting,
            [],
            $part->pages,
            $month,
            $part->weeks,
            palette: $this->plan->pens(),
            pitch: $this->plan->stock->pitch,
        ));
        // A form of one page is drawn again for each page its part has.
        for ($first = $drawn; \count($drawn) < $part->pages;) {
            $done = array_sum(array_map(static fn (PageDrawing $page): int => \count($page->steps), $drawn));
            $drawn[] = $first[\count($drawn) % \count($first)]->again(\count($drawn), $done);
        }

        return $drawn;
    }
}
