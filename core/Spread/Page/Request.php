<?php

/* What a form is asked to draw: on which dots, in which calendar, and what the person said of it. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Page;

use AmpleMargin\Colour\Palette;
use AmpleMargin\Copies;
use AmpleMargin\Counting\Hand;
use AmpleMargin\Spread\Setting\Settings;

final class Request
{
    use Copies;

    /**
     * @param string $id    of the spread, or the month of a part, for findings
     * @param int                     $pages a pattern gives it; 0 where the form takes what it needs
     */
    public function __construct(
        public readonly string $id,
        public readonly string $title,
        public readonly Settings $settings,
        public readonly PageGrid $grid,
        public readonly CalendarFacts $calendar,
        public readonly Palette $palette = new Palette([]),
        public readonly int $pages = 0,
        public readonly ?Hand $hand = null,
        public readonly OfBook $book = new OfBook(),
    ) {
    }

    /**
     * The same of a book with this index.
     *
     * @param list<IndexRow> $rows
     * @param list<string>   $numbering as an index reads it
     */
    public function reading(array $rows, array $numbering = []): self
    {
        return $this->but(['book' => new OfBook($rows, $numbering, $this->book->key)]);
    }

    /** The same asked of other dots: a part of the page. */
    public function on(PageGrid $grid): self
    {
        return $this->but(['grid' => $grid]);
    }

    /** The same with other settings, of another form. */
    public function asking(Settings $settings): self
    {
        return $this->but(['settings' => $settings]);
    }

    /** The same for so many pages. */
    public function forPages(int $pages): self
    {
        return $this->but(['pages' => $pages]);
    }

    /** The same for other months, under another title. */
    public function for(CalendarFacts $calendar, string $title): self
    {
        return $this->but(['calendar' => $calendar, 'title' => $title]);
    }

    /** The same in another calendar. */
    public function in(CalendarFacts $calendar): self
    {
        return $calendar === $this->calendar ? $this : $this->but(['calendar' => $calendar]);
    }

    /** The same for the months its settings say, with weeks that begin as they say. */
    public function inItsTime(): self
    {
        return $this->in(OwnPeriod::of($this->calendar, $this->settings)->beginning($this->settings->weekStart($this->calendar->first)));
    }

    /** Whole boxes words take in the person's hand. */
    public function boxesOf(string $words): int
    {
        return $this->hand()->boxesOf($words, $this->grid->pitch);
    }

    /** The person's hand, or an ordinary one. */
    public function hand(): Hand
    {
        return $this->hand ?? Hand::usual();
    }

    /**
     * Another layout of the same spread: these settings over its own.
     *
     * @param array<string, mixed> $changes
     */
    public function with(array $changes): self
    {
        $settings = $this->settings->with($changes);

        return $this->on($this->grid->lying($settings->turned()))->asking($settings);
    }
}
