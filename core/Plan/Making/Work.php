<?php

/* What the hand had to do, counted: what a timed page was made of, however the plan changes later. */

declare(strict_types=1);

namespace AmpleMargin\Plan\Making;

use AmpleMargin\Plan\Values;

final class Work
{
    /** More than any page holds. */
    private const MOST = 100_000;

    public function __construct(
        /** Numbers a person copies. */
        public readonly int $figures = 0,
        /** Everything else that is written. */
        public readonly int $words = 0,
        public readonly int $letters = 0,
        /** Ruled lines of more than two boxes; the outline of a container is four. */
        public readonly int $lines = 0,
        /** Pencil ticks, strokes and small boxes drawn by hand, rings. */
        public readonly int $ticks = 0,
        public readonly int $bands = 0,
        /** Cuts with knife or scissors. */
        public readonly int $cuts = 0,
        /** Things glued in. */
        public readonly int $glued = 0,
        /** Times a page is set out, erased and checked. */
        public readonly int $pages = 0,
        /** Minutes a person keeps for decoration of their own. */
        public readonly int $decoration = 0,
    ) {
    }

    public function plus(self $other): self
    {
        return new self(
            $this->figures + $other->figures,
            $this->words + $other->words,
            $this->letters + $other->letters,
            $this->lines + $other->lines,
            $this->ticks + $other->ticks,
            $this->bands + $other->bands,
            $this->cuts + $other->cuts,
            $this->glued + $other->glued,
            $this->pages + $other->pages,
            $this->decoration + $other->decoration,
        );
    }

    /** @return array<string, int> by name */
    public function all(): array
    {
        return [
            'figures' => $this->figures,
            'words' => $this->words,
            'letters' => $this->letters,
            'lines' => $this->lines,
            'ticks' => $this->ticks,
            'bands' => $this->bands,
            'cuts' => $this->cuts,
            'glued' => $this->glued,
            'pages' => $this->pages,
            'decoration' => $this->decoration,
        ];
    }

    public static function read(Values $values): self
    {
        $counts = [];
        foreach (array_keys((new self())->all()) as $name) {
            $counts[$name] = $values->count($name, 0, self::MOST, 0);
        }

        return new self(...$counts);
    }

    /** @return array<string, int> what there is none of is left out */
    public function written(): array
    {
        return array_filter($this->all(), static fn (int $count): bool => $count > 0);
    }
}
