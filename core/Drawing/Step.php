<?php

/* One thing to do on a page, in the order of work, with the counts to tick. */

declare(strict_types=1);

namespace AmpleMargin\Drawing;

final class Step
{
    /**
     * @param string       $key   stays the same as long as the words do, so that a tick is never kept for other counts
     * @param list<string> $ticks boxes from the edge, as written
     * @param int          $page  0 for the first page of the spread, 1 for the next
     */
    public function __construct(
        public readonly int $number,
        public readonly string $key,
        public readonly Task $task,
        public readonly string $text,
        public readonly ?Edge $edge,
        public readonly array $ticks,
        public readonly ?string $note,
        public readonly int $page,
    ) {
    }

    /** The same step with a higher number. */
    public function later(int $by): self
    {
        return new self($this->number + $by, $this->key, $this->task, $this->text, $this->edge, $this->ticks, $this->note, $this->page);
    }
}
