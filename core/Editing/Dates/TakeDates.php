<?php

/* Dates from files or a pasted list, taken in together; those that were taken in before are put in place of themselves. */

declare(strict_types=1);

namespace AmpleMargin\Editing\Dates;

use AmpleMargin\Counting\Plural;
use AmpleMargin\Dates\Entry;
use AmpleMargin\Dates\KnownDates;
use AmpleMargin\Editing\Edit;
use AmpleMargin\Editing\Edited;
use AmpleMargin\Plan\DatesReader;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class TakeDates implements Edit
{
    /** What one file may bring; whether a book has room for it is said when they come together. */
    private const MOST = 10_000;

    /**
     * @param list<Entry> $entries
     * @param list<string> $gone   ids of those that the file has no more
     */
    private function __construct(private readonly array $entries, private readonly array $gone)
    {
    }

    public static function type(): string
    {
        return 'take-dates';
    }

    public static function read(Values $values): self
    {
        return new self(
            array_map(DatesReader::entry(...), $values->each('entries', self::MOST)),
            $values->words('gone', KnownDates::MOST),
        );
    }

    public function on(Plan $plan, Catalogue $catalogue): Edited
    {
        $dates = $plan->dates->without(...$this->gone)->with(...$this->entries);
        if (\count($dates->entries) > KnownDates::MOST) {
            throw PlanProblem::at('edit/entries', 'That would be '.number_format(\count($dates->entries)).' dates: a book keeps '
                .number_format(KnownDates::MOST).' at most.');
        }
        foreach ($this->entries as $i => $entry) {
            if ('' !== $entry->category && null === $dates->category($entry->category)) {
                throw PlanProblem::at("edit/entries/$i/category", "There is no category “{$entry->category}”.");
            }
        }
        $gone = [] === $this->gone ? '' : ', '.\count($this->gone).' taken out';

        return new Edited($plan->with(['dates' => $dates]), Plural::of(\count($this->entries), 'date', 'dates')." taken in$gone");
    }
}
