<?php

/* What is known of a book's spreads and months from before: all that one is laid out from is its name, so it is laid out once. */

declare(strict_types=1);

namespace AmpleMargin\Book;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Paging\MonthPart;
use AmpleMargin\Plan\BookPlan;
use AmpleMargin\Plan\PlannedSpread;
use AmpleMargin\Spread\Page\Laid;
use AmpleMargin\Spread\Page\Measured;
use AmpleMargin\Spread\Page\PageGrid;

/** @internal to Book */
final class Remembering
{
    /** @var array<string, string> spread → a name for all it is laid out from, but its index */
    private array $froms = [];

    private ?string $ofBook = null;

    public function __construct(private readonly BookPlan $plan, private readonly Memory $memory, private readonly Faults $faults)
    {
    }

    /**
     * A spread as it was measured before from the same, or now.
     *
     * @param \Closure(): Laid $layOut
     * @param list<mixed>      $index  what it reads of the book's index; values
     */
    public function spread(PlannedSpread $spread, \Closure $layOut, array $index = []): Laid
    {
        return $this->measured('laid '.$this->from($spread).([] === $index ? '' : Memory::from('', $index)), $spread->id, $layOut, 1);
    }

    /**
     * Pages of a month, the same way.
     *
     * @param string|null      $theme  of the month, where it is set on these pages
     * @param \Closure(): Laid $layOut
     */
    public function part(Month $month, MonthPart $part, ?string $theme, \Closure $layOut): Laid
    {
        return $this->measured('part '.$this->ofBook().Memory::from('', $month, $part, $theme), $month->iso(), $layOut, $part->pages);
    }

    /**
     * Something of a spread, such as a yes or no.
     *
     * @template T
     *
     * @param \Closure(): T $ask   not null; values only
     * @param list<mixed>    $index what it reads of the book's index; values
     *
     * @return T
     */
    public function of(string $what, PlannedSpread $spread, \Closure $ask, array $index = []): mixed
    {
        $index = [] === $index ? '' : Memory::from('', $index);

        return $this->memory->of("$what {$this->from($spread)}$index", $ask, $this->unlessMet($spread->id));
    }

    /** @param \Closure(): Laid $layOut */
    private function measured(string $from, string $about, \Closure $layOut, int $pages): Laid
    {
        $grid = PageGrid::of($this->plan->stock, $this->plan->counting);
        $layOut = fn (): Laid => $this->faults->layingOut($about, $grid, $layOut, $pages);
        // A finding says which spread it is of; where there is none, spreads that are alike are measured once.
        $known = $this->memory->recall($from) ?? $this->memory->recall("$from $about");
        if ($known instanceof Measured) {
            return Laid::recalled($known, $layOut);
        }
        $laid = $layOut();
        if (!$this->faults->isMet($about)) {
            $this->memory->keep([] === array_filter($laid->findings) ? $from : "$from $about", $laid->measured());
        }

        return $laid;
    }

    /** What broke is to break again, until it is mended. @return \Closure(): bool */
    private function unlessMet(string $about): \Closure
    {
        return fn (): bool => !$this->faults->isMet($about);
    }

    private function from(PlannedSpread $spread): string
    {
        return $this->froms[$spread->id] ??= $this->ofBook().Memory::from(
            '',
            [$spread->kind, $spread->title, $spread->settings],
            $this->plan->whole->dress->ofSpread($spread),
        );
    }

    /** Names all of the book that its pages are laid out from: what a form is asked is made of this and of the spread. */
    public function ofBook(): string
    {
        $plan = $this->plan;

        return $this->ofBook ??= Memory::from(
            '',
            [$plan->stock, $plan->counting, $plan->period, $plan->weeks, $plan->language],
            [$plan->pens, $plan->hand, $plan->key, $plan->whole->dress, $plan->whole->kinds],
        );
    }
}
