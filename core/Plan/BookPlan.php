<?php

/* What of a plan is in one of its books: its paper, its spreads, its months. Everything else is as the whole plan has it. */

declare(strict_types=1);

namespace AmpleMargin\Plan;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Period;
use AmpleMargin\Colour\Palette;
use AmpleMargin\Counting\Hand;
use AmpleMargin\Counting\Tally;
use AmpleMargin\Paper\Stock;

final class BookPlan
{
    /** Settings that say what a key is. */
    private const OF_A_KEY = ['symbols' => true, 'set' => true];

    public readonly string $title;

    public readonly Period $period;

    public readonly WeekPlan $weeks;

    public readonly MonthPlan $months;

    public readonly Tally $counting;

    public readonly string $language;

    /** @var list<Section> sections whose spreads may mix with those of the next */
    public readonly array $mixing;

    /** @var list<TakenSplit> from the counting bench into pages */
    public readonly array $taken;

    public readonly Palette $pens;

    public readonly ?Hand $hand;

    /** @var array<string, mixed> what is said of the key */
    public readonly array $key;

    /** @var array<array-key, PlannedSpread> by id */
    private readonly array $byId;

    /**
     * @param list<PlannedSpread> $spreads   that stand in this book, in the wanted order
     * @param list<PlannedSpread> $elsewhere that stand in the others
     * @param list<Month>         $ranged    the months that stand in it
     * @param InUse               $inUse     of this book
     */
    public function __construct(
        public readonly Plan $whole,
        public readonly string $id,
        public readonly Stock $stock,
        public readonly array $spreads,
        public readonly array $elsewhere,
        public readonly array $ranged,
        public readonly InUse $inUse,
    ) {
        $this->title = $whole->title;
        $this->period = $whole->period;
        $this->weeks = $whole->weeks;
        $this->months = $whole->months;
        $this->counting = $whole->counting;
        $this->language = $whole->language;
        $this->mixing = $whole->mixing;
        $this->taken = $whole->taken;
        $this->pens = $whole->pens();
        $this->hand = $whole->hand;
        $this->key = self::keyOf($whole);
        $this->byId = array_column($spreads, null, 'id');
    }

    /**
     * What is said of the key, in whichever book it stands: its symbols, or the set it begins with.
     *
     * @return array<string, mixed>
     */
    private static function keyOf(Plan $whole): array
    {
        foreach ($whole->spreads as $spread) {
            $said = array_intersect_key($spread->settings, self::OF_A_KEY);
            $said = [] === $said ? self::keyIn($spread->settings['parts'] ?? null) : $said;
            if ([] !== $said) {
                return $said;
            }
        }

        return [];
    }

    /**
     * The same of a key whose page was parted otherwise.
     *
     * @param mixed $parts as a plan has them
     *
     * @return array<string, mixed>
     */
    private static function keyIn(mixed $parts): array
    {
        $parts = $parts instanceof \stdClass ? get_object_vars($parts) : $parts;
        if (!\is_array($parts)) {
            return [];
        }
        $settings = $parts['settings'] ?? [];
        $settings = $settings instanceof \stdClass ? get_object_vars($settings) : $settings;
        if ('key-marks' === ($parts['fill'] ?? null) && \is_array($settings) && 'own' === ($settings['symbols_of'] ?? null)) {
            return array_intersect_key($settings, self::OF_A_KEY);
        }
        foreach ([...self::listed($parts['parts'] ?? []), ...self::listed($parts['pages'] ?? [])] as $part) {
            $found = self::keyIn($part);
            if ([] !== $found) {
                return $found;
            }
        }

        return [];
    }

    /** @return list<mixed> */
    private static function listed(mixed $parts): array
    {
        return \is_array($parts) ? array_values($parts) : [];
    }

    public function spread(string $id): ?PlannedSpread
    {
        return $this->byId[$id] ?? null;
    }

    /**
     * The sections as they are placed: those whose spreads may mix as one.
     *
     * @return list<non-empty-list<Section>>
     */
    public function placedAsOne(): array
    {
        $groups = [];
        $mixes = false;
        foreach (Section::cases() as $section) {
            $with = $mixes ? array_pop($groups) ?? [] : [];
            $groups[] = [...$with, $section];
            $mixes = \in_array($section, $this->mixing, true);
        }

        return $groups;
    }

    /**
     * The spreads in book order: by section, then as the person put them.
     *
     * @return list<PlannedSpread>
     */
    public function inOrder(): array
    {
        return array_merge(...array_map($this->inSection(...), Section::cases()));
    }

    /** @return list<PlannedSpread> */
    public function inSection(Section $section): array
    {
        return array_values(array_filter($this->spreads, static fn (PlannedSpread $spread): bool => $spread->section === $section));
    }

    /** The same book after the whole plan was changed; null where the change took it away. */
    public function after(Plan $changed): ?self
    {
        return $changed->inBook($this->id);
    }
}
