<?php

/* Why each spread stands where it stands, said in a sentence. */

declare(strict_types=1);

namespace AmpleMargin\Paging;

use AmpleMargin\Paper\Leaf;
use AmpleMargin\Plan\Medium;
use AmpleMargin\Plan\Side;

/** @internal to Paging */
final class Reasons
{
    /**
     * @param list<list<Placeable>> $groups  the wanted order of what flows
     * @param list<PlacedSpread>          $flowing in page order
     * @param list<PlacedSpread>          $pinned
     * @param list<int>             $empty
     * @param array<string, string> $pairs
     */
    public function __construct(
        private readonly array $groups,
        private readonly array $flowing,
        private readonly array $pinned,
        private readonly array $empty,
        private readonly array $pairs,
    ) {
    }

    /** @return array<string, string> id → reason */
    public function all(): array
    {
        $why = [];
        foreach ($this->pinned as $placed) {
            $why[$placed->spread->id] = "Pinned to page $placed->page; everything else flows round it.";
        }
        $wanted = [];
        foreach (array_merge(...$this->groups) as $rank => $spread) {
            $wanted[$spread->id] = $rank;
        }
        foreach ($this->flowing as $rank => $placed) {
            $said = [$this->rule($placed), $this->shift($placed, $rank, $wanted), $this->pair($placed)];
            $why[$placed->spread->id] = implode(' ', array_filter($said, static fn (string $words): bool => '' !== $words));
        }

        return $why;
    }

    private function rule(PlacedSpread $placed): string
    {
        $page = $placed->page;
        if ($placed->spread->startsLeft) {
            $said = 2 === $placed->spread->pages()
                ? "Opening: starts on a left page, $page."
                : "{$placed->spread->pages()} pages that open flat: start on a left page, $page.";

            if (Medium::Stamped === $placed->spread->medium && \in_array($page - 1, $this->empty, true)) {
                return "$said It is stamped, and near the covers an opened page is not flat: "
                    .'nothing else of this section stands before it.';
            }

            return \in_array($page - 1, $this->empty, true)
                ? $said.' Page '.($page - 1).' would split it, and no single page of this section could fill that.'
                : $said;
        }
        if (Side::Any !== $placed->spread->side) {
            return "Wants a {$placed->spread->side->value} page: $page.";
        }
        if ($placed->spread->pages() > 1) {
            return "{$placed->spread->pages()} pages in a row, from page $page.";
        }

        return 'Single page: takes the next free one, the '.Leaf::side($page)." $page.";
    }

    /** @param array<string, int> $wanted */
    private function shift(PlacedSpread $placed, int $rank, array $wanted): string
    {
        $was = $wanted[$placed->spread->id];
        if ($rank === $was) {
            return '';
        }
        $name = $placed->spread->name;
        if ($rank < $was) {
            $overtaken = $this->overtaken($placed, $rank, $wanted);

            return null === $overtaken
                ? "Moved up to fill page $placed->page."
                : "Moved up before {$overtaken->spread->name} to fill page $placed->page, so that {$overtaken->spread->name} starts "
                    .'on a left page.';
        }
        for ($i = $rank - 1; $i >= 0; --$i) {
            $other = $this->flowing[$i];
            if ($wanted[$other->spread->id] > $was) {
                return "{$other->spread->name} was moved up to fill page $other->page, which $name could not use.";
            }
        }

        return '';
    }

    /** @param array<string, int> $wanted */
    private function overtaken(PlacedSpread $placed, int $rank, array $wanted): ?PlacedSpread
    {
        for ($i = $rank + 1; $i < \count($this->flowing); ++$i) {
            $other = $this->flowing[$i];
            if ($wanted[$other->spread->id] < $wanted[$placed->spread->id] && $other->spread->startsLeft) {
                return $other;
            }
        }

        return null;
    }

    private function pair(PlacedSpread $placed): string
    {
        $facing = Leaf::facing($placed->page);
        $other = $this->pairs[$placed->spread->id] ?? null;
        foreach (null === $other ? [] : [...$this->flowing, ...$this->pinned] as $candidate) {
            if ($candidate->spread->id === $other) {
                return $candidate->page === $facing
                    ? "Faces {$candidate->spread->name}, as it should."
                    : "Should face {$candidate->spread->name}; no order without more empty pages or more moves brings them together.";
            }
        }

        return '';
    }
}
