<?php

/* What a form is asked to draw: the stock and calendar it stands on, and its own title and settings. */

declare(strict_types=1);

namespace AmpleMargin\Spread;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\MonthWeek;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Calendar\Period;
use AmpleMargin\Calendar\Weekday;
use AmpleMargin\Colour\Palette;
use AmpleMargin\Counting\Tally;
use AmpleMargin\Spread\Setting\Settings;

final class Request
{
    /**
     * @param string         $id    of the spread, for findings
     * @param list<IndexRow> $index all rows of the index; only an index reads them
     * @param list<MonthWeek> $weeks the weeks on these pages; only week pages read them
     * @param list<string>   $numbering what to number before starting, where the pages have no numbers; only an index reads it
     * @param int            $pitch µm a box
     * @param int            $pages pages asked for, where the person or a pattern says so; 0 for what the form needs
     */
    public function __construct(
        public readonly string $id,
        public readonly string $title,
        public readonly Settings $settings,
        public readonly int $across,
        public readonly int $down,
        public readonly Period $period,
        public readonly Weekday $first = Weekday::Monday,
        public readonly Names $names = new Names(),
        public readonly Tally $tally = Tally::Boxes,
        public readonly array $index = [],
        public readonly int $pages = 0,
        public readonly ?Month $month = null,
        public readonly array $weeks = [],
        public readonly array $numbering = [],
        public readonly Palette $palette = new Palette([]),
        public readonly int $pitch = 5_000,
    ) {
    }

    /**
     * Another layout of the same spread: these settings over its own.
     *
     * @param array<string, mixed> $changes
     */
    public function with(array $changes): self
    {
        return new self(
            $this->id,
            $this->title,
            $this->settings->with($changes),
            $this->across,
            $this->down,
            $this->period,
            $this->first,
            $this->names,
            $this->tally,
            $this->index,
            $this->pages,
            $this->month,
            $this->weeks,
            $this->numbering,
            $this->palette,
            $this->pitch,
        );
    }
}
