<?php

/*
 * The settings a spread of the old book goes on with: as they were, but for what belonged to its own months; its list without
 * what was reached or dropped; its numbers from where they ended.
 */

declare(strict_types=1);

namespace AmpleMargin\Carrying;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Calendar\Period;
use AmpleMargin\Plan\Old\OldBook;
use AmpleMargin\Plan\Old\OldItem;
use AmpleMargin\Plan\Old\OldSpread;
use AmpleMargin\Plan\PlannedSpread;
use AmpleMargin\Spread\Catalogue\Catalogue;
use AmpleMargin\Spread\Catalogue\Kind;
use AmpleMargin\Spread\Setting\Field;

/** @internal to Carrying */
final class Settled
{
    public function __construct(
        private readonly OldBook $old,
        private readonly Period $period,
        private readonly Catalogue $catalogue,
        private readonly Names $names,
    ) {
    }

    /** The kind it goes on as: a page of parts where nobody knows another. */
    public function kindOf(OldSpread $old): string
    {
        return '' === $old->spread->kind ? $this->catalogue->byHand()->id : $old->spread->kind;
    }

    /** @return array<array-key, mixed> */
    public function of(OldSpread $old): array
    {
        $kind = $this->catalogue->kind($old->spread->kind);
        $dated = array_filter(
            $kind?->fields() ?? [],
            static fn (Field $field): bool => \in_array($field->type(), ['month', 'day'], true),
        );
        $settings = array_diff_key($old->spread->settings, array_flip(array_column($dated, 'name')));
        if ([] !== $dated && $this->old->period->length() !== $this->period->length()) {
            // So many months were those of the old book.
            unset($settings['months']);
        }

        $totals = $kind?->totals();
        if (null !== $totals && $this->old->period->start->year === $this->period->start->year) {
            // The second book of a year keeps room for what the first came to.
            $settings[$totals] = $this->stretch();
        }

        return $this->listed($old, $kind, [], $settings);
    }

    /** "Jan–Jun": the months of the old book before those of the new one. */
    private function stretch(): string
    {
        $last = $this->old->period->end->index() < $this->period->start->index() ? $this->old->period->end : $this->period->start->plus(-1);
        $first = $this->names->monthShort($this->old->period->start->month);

        return $last->equals($this->old->period->start) ? $first : "{$first}–{$this->names->monthShort($last->month)}";
    }

    /**
     * What it has in the new plan by now, with its list and its numbers as they are judged.
     *
     * @return array<array-key, mixed>
     */
    public function again(OldSpread $old, PlannedSpread $now): array
    {
        $kind = $this->catalogue->kind($now->kind);
        $setting = $kind?->undone();

        return $this->listed($old, $kind, null === $setting ? [] : $now->settings[$setting] ?? [], $now->settings);
    }

    /**
     * The lines of a list in the new plan: those carried, and those that are none of the old book.
     *
     * @param list<string> $carried
     *
     * @return list<string>
     */
    public function merged(array $carried, mixed $now): array
    {
        $known = $this->known();
        $own = array_filter(
            \is_array($now) ? $now : [],
            static fn (mixed $line): bool => \is_string($line) && !isset($known[$line]) && !\in_array($line, $carried, true),
        );

        return array_values(array_filter([...$carried, ...$own], is_string(...)));
    }

    /**
     * Unfinished things that have no list to go on in.
     *
     * @param OldBook     $now as it is carried by now
     * @param string|null $in  id of the spread they are listed in; what that one goes on with stands before them
     *
     * @return list<string>
     */
    public function left(OldBook $now, ?string $in): array
    {
        $left = [];
        foreach ($now->spreads as $old) {
            if (null !== $in && $old->became === $in) {
                $left = self::withHeads($old->items);
            }
        }
        foreach ($now->spreads as $old) {
            $goesOn = $old->goesOn() && null !== $this->catalogue->kind($old->spread->kind)?->undone();
            if (null !== $old->verdict && !$goesOn) {
                array_push($left, ...self::carried($old->items));
            }
        }

        return array_values(array_unique($left));
    }

    /**
     * @param mixed                   $now      the lines its list has in the new plan
     * @param array<array-key, mixed> $settings
     *
     * @return array<array-key, mixed>
     */
    private function listed(OldSpread $old, ?Kind $kind, mixed $now, array $settings): array
    {
        $setting = $kind?->undone();
        if (null !== $setting && [] !== $old->items) {
            $settings[$setting] = $this->merged($this->headed(self::withHeads($old->items)), $now);
        }
        $counter = $kind?->counter();
        if (null === $kind || null === $counter || null === $old->filled) {
            return $settings;
        }
        $was = $kind->settings($old->spread->settings);
        $first = $was->countOrNull($counter) ?? 1;
        $all = $was->countOrNull('rows');
        $settings[$counter] = min(OldSpread::MOST_FILLED, $first + $old->filled);
        if (null !== $all) {
            // What is left of them; a list that is full begins its next round.
            $settings['rows'] = $all > $old->filled ? $all - $old->filled : $all;
        }

        return $settings;
    }

    /**
     * @param list<OldItem> $items
     *
     * @return list<string>
     */
    private static function carried(array $items): array
    {
        $words = array_map(static fn (OldItem $item): ?string => $item->carried(false), $items);

        return array_values(array_filter($words, static fn (?string $one): bool => null !== $one && !str_ends_with($one, ':')));
    }

    /**
     * The same with the lines that head a group, where something of it goes on.
     *
     * @param list<OldItem> $items
     *
     * @return list<string>
     */
    private static function withHeads(array $items): array
    {
        $lines = [];
        $head = null;
        foreach ($items as $item) {
            $words = $item->carried(true);
            if (null === $words) {
                continue;
            }
            if (str_ends_with($words, ':')) {
                $head = $words;
                continue;
            }
            if (null !== $head) {
                $lines[] = $head;
                $head = null;
            }
            $lines[] = $words;
        }

        return $lines;
    }

    /**
     * Heads that name a quarter or a month of the old book name those of the new one, in their order.
     *
     * @param list<string> $lines
     *
     * @return list<string>
     */
    private function headed(array $lines): array
    {
        $name = fn (Month $month): string => $this->names->month($month->month);
        $months = static fn (Period $period): array => array_map($name, $period->months());
        foreach ([$this->names->quarters(...), $months] as $of) {
            $was = array_map(static fn (string $name): string => "$name:", $of($this->old->period));
            $becomes = $of($this->period);
            foreach ($lines as $i => $line) {
                if (\in_array($line, $was, true) && [] !== $becomes) {
                    $lines[$i] = array_shift($becomes).':';
                }
            }
        }

        return $lines;
    }

    /** @return array<string, true> all words of the old book's lists */
    private function known(): array
    {
        $known = [];
        foreach ($this->old->spreads as $old) {
            foreach ($old->items as $item) {
                $known[$item->words] = true;
                $known += null === $item->reworded ? [] : [$item->reworded => true];
            }
        }

        return $known;
    }
}
