<?php

/* What a form is asked to draw: on which dots, in which calendar, and what the person said of it. */

declare(strict_types=1);

namespace AmpleMargin\Spread;

use AmpleMargin\Colour\Palette;
use AmpleMargin\Spread\Setting\Settings;

final class Request
{
    /**
     * @param string $id    of the spread, or the month of a part, for findings
     * @param int    $pages a pattern gives it; 0 where the form takes what it needs
     */
    public function __construct(
        public readonly string $id,
        public readonly string $title,
        public readonly Settings $settings,
        public readonly PageGrid $grid,
        public readonly CalendarFacts $calendar,
        public readonly Palette $palette = new Palette([]),
        public readonly int $pages = 0,
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
            $this->grid,
            $this->calendar,
            $this->palette,
            $this->pages,
        );
    }
}
