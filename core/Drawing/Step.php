<?php

/* One thing to do on a page, in the order of work, with the counts to tick. */

declare(strict_types=1);

namespace AmpleMargin\Drawing;

use AmpleMargin\Counting\Plural;

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

    /** The same step to do again on another page: ticking one does not tick the other. */
    public function onPage(int $page): self
    {
        return new self(
            $this->number,
            self::keyOnPage($this->key, $page),
            $this->task,
            $this->text,
            $this->edge,
            $this->ticks,
            $this->note,
            $page,
        );
    }

    /** The key that a step has where its page is drawn again as another. */
    public static function keyOnPage(string $key, int $page): string
    {
        return substr(hash('xxh3', "$page $key"), 0, 12);
    }

    /**
     * A step in other words and counts: it is not done by what was done before.
     *
     * @param list<string> $ticks
     */
    public function retold(string $text, array $ticks): self
    {
        $key = substr(hash('xxh3', "$this->page {$this->task->value} $text"), 0, 12);

        return new self($this->number, $key, $this->task, $text, $this->edge, $ticks, $this->note, $this->page);
    }

    /** The same step with more said behind its words. */
    public function adding(string $more): self
    {
        return new self($this->number, $this->key, $this->task, "$this->text $more", $this->edge, $this->ticks, $this->note, $this->page);
    }

    /** The same step further down the page; its counts begin at its own part's upper edge, and the words say where that is. */
    public function below(int $boxes, int $after, string $prefix, string $where): self
    {
        $note = null === $this->note ? null : $prefix.$this->note;

        return new self(
            $this->number + $after,
            $prefix.$this->key,
            $this->task,
            ucfirst($where).', counted from '.Plural::boxes($boxes)." down: $this->text",
            $this->edge,
            $this->ticks,
            $note,
            $this->page,
        );
    }
}
