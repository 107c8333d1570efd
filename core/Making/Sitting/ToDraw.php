<?php

/* A page that is to be drawn, or what is left of it: its steps, by when it is needed, how long it dries. */

declare(strict_types=1);

namespace AmpleMargin\Making\Sitting;

use AmpleMargin\Paper\Leaf;

final class ToDraw
{
    /** The left page of its opening. */
    public readonly int $opening;

    /**
     * @param string         $key    names the page: its drawing and which of its pages
     * @param int            $page   of the book
     * @param int            $rank   0 for what is needed from the first day, 1 for the first month that is drawn, and so on
     * @param int            $needed minutes from the first midnight of 1970 to when it is needed
     * @param list<StepTime> $steps  that are not done yet, in the order of work
     * @param int            $closes minutes until its opening may be closed
     * @param int            $dries  minutes until it may be erased, no fewer
     * @param string|null    $put    the sitting it was put on by hand
     * @param bool           $first  whether one begins with it: it is begun already, or easy for a hand that never drew
     */
    public function __construct(
        public readonly string $key,
        public readonly int $page,
        public readonly int $rank,
        public readonly int $needed,
        public readonly array $steps,
        public readonly int $closes,
        public readonly int $dries,
        public readonly ?string $put = null,
        public readonly bool $first = false,
    ) {
        $this->opening = Leaf::openingOf($page);
    }

    /** The same, to begin with. */
    public function atFirst(): self
    {
        return new self($this->key, $this->page, $this->rank, $this->needed, $this->steps, $this->closes, $this->dries, $this->put, true);
    }

    public function whole(): Stint
    {
        return Stint::of($this, 0, \count($this->steps));
    }

    /**
     * It in two, where that can be: after each step that is followed by work.
     *
     * @return list<array{Stint, Stint}>
     */
    public function halves(): array
    {
        $halves = [];
        for ($at = 1; $at < \count($this->steps); ++$at) {
            $first = Stint::of($this, 0, $at);
            $second = Stint::of($this, $at, \count($this->steps));
            // Waiting is done in between, by itself.
            if ($first->minutes() > 0 && $second->minutes() > 0 && !$this->steps[$at - 1]->wait) {
                $halves[] = [$first, $second];
            }
        }

        return $halves;
    }
}
