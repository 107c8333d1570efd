<?php

/* Something that is known, written down as a person says it. */

declare(strict_types=1);

namespace AmpleMargin\Editing\Dates;

use AmpleMargin\Dates\BirthdayWords;
use AmpleMargin\Dates\Entry;
use AmpleMargin\Dates\EntryKind;
use AmpleMargin\Dates\KnownDates;
use AmpleMargin\Dates\NewIds;
use AmpleMargin\Dates\Said;
use AmpleMargin\Editing\Edit;
use AmpleMargin\Editing\Edited;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class AddDate implements Edit
{
    /** @param array<string, mixed> $given of an entry, its day as it is said */
    private function __construct(private readonly array $given)
    {
    }

    public static function type(): string
    {
        return 'add-date';
    }

    public static function read(Values $values): self
    {
        $given = SaidEntry::given($values);

        return new self($given);
    }

    public function on(Plan $plan, Catalogue $catalogue): Edited
    {
        if (\count($plan->dates->entries) >= KnownDates::MOST) {
            throw PlanProblem::at('edit/words', 'A book keeps '.number_format(KnownDates::MOST).' dates at most.');
        }
        $entry = $this->entry($plan);

        return new Edited($plan->with(['dates' => $plan->dates->with($entry)]), "“{$entry->words}” written down");
    }

    private function entry(Plan $plan): Entry
    {
        $words = $this->given['words'] ?? '';
        $words = \is_string($words) ? $words : '';
        $given = $this->given;
        if (!isset($given['time'])) {
            // "Dentist 10:30" says the time as well.
            [$time, $ends, $left] = Said::words($words);
            $given = null === $time || '' === $left ? $given : ['words' => $left, 'time' => $time, 'ends' => $ends] + $given;
        }

        $said = $given['words'] ?? '';
        $whose = \is_string($said) ? BirthdayWords::whose($said) : null;
        $is = $given['is'] ?? EntryKind::Date->value;
        if (null !== $whose && EntryKind::Date->value === $is && !isset($given['repeat'])) {
            // "Birthday Ada" is one, typed as well as pasted.
            $given = ['words' => $whose, 'is' => EntryKind::Birthday->value] + $given;
        }

        return SaidEntry::of(['id' => (new NewIds($plan->dates))->of($words)] + $given, $plan);
    }
}
