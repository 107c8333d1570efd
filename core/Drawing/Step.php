<?php

/* One thing to do on a page, in the order of work, with the counts to tick. */

declare(strict_types=1);

namespace AmpleMargin\Drawing;

use AmpleMargin\Copies;
use AmpleMargin\Counting\Plural;

final class Step
{
    use Copies;

    /**
     * @param string       $key      stays the same as long as the words do, so that a tick is never kept for other counts
     * @param list<string> $ticks    boxes from the edge, as written
     * @param int          $page     0 for the first page of the spread, 1 for the next
     * @param list<string> $formerly keys under which the same act was ticked when the program said it in other words
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
        public readonly array $formerly = [],
    ) {
    }

    /** @param list<string> $was what the program said of this act before, with the same counts */
    public static function of(int $number, Task $task, string $text, int $page, array $was = [], int $again = 1): self
    {
        $key = static fn (string $said): string => self::hashed("$page $task->value $said".(1 === $again ? '' : " $again"));

        return new self($number, $key($text), $task, $text, null, [], null, $page, array_map($key, $was));
    }

    /** The same known, too, by what the program said of it before. @param int $again which of several with these words it was */
    public function knownBefore(string $text, int $again): self
    {
        return $this->but(['formerly' => [...$this->formerly, self::of(0, $this->task, $text, $this->page, [], $again)->key]]);
    }

    /** The same step in other words. */
    public function saying(string $text): self
    {
        return $text === $this->text ? $this : $this->but(['text' => $text]);
    }

    /**
     * The same step with its counts.
     *
     * @param list<string> $ticks boxes from the edge, as written
     */
    public function counting(?Edge $edge, array $ticks, ?string $note): self
    {
        return $this->but(['edge' => $edge, 'ticks' => $ticks, 'note' => $note]);
    }

    /**
     * Whether it is done: as was said under its own key, else under one it had.
     *
     * @param array<string, bool> $said by key
     */
    public function isDone(array $said): bool
    {
        foreach ([$this->key, ...$this->formerly] as $key) {
            if (isset($said[$key])) {
                return $said[$key];
            }
        }

        return false;
    }

    private static function hashed(string $said): string
    {
        return substr(hash('xxh3', $said), 0, 12);
    }

    /** The same step with a higher number. */
    public function later(int $by): self
    {
        return $this->but(['number' => $this->number + $by]);
    }

    /** The same step to do again on another page: ticking one does not tick the other. */
    public function onPage(int $page): self
    {
        return $this->keyed(static fn (string $key): string => self::keyOnPage($key, $page))->but(['page' => $page]);
    }

    /** The key that a step has where its page is drawn again as another. */
    public static function keyOnPage(string $key, int $page): string
    {
        return self::hashed("$page $key");
    }

    /**
     * A step in other words and counts: it is not done by what was done before.
     *
     * @param list<string> $ticks
     */
    public function retold(string $text, array $ticks): self
    {
        return self::of($this->number, $this->task, $text, $this->page)->counting($this->edge, $ticks, $this->note);
    }

    /** The same step with more said behind its words. */
    public function adding(string $more): self
    {
        return $this->but(['text' => "$this->text $more"]);
    }

    /** The same step further down the page; its counts begin at its own part's upper edge, and the words say where that is. */
    public function below(int $boxes, int $after, string $prefix, string $where): self
    {
        return $this->keyed(static fn (string $key): string => $prefix.$key)->but([
            'number' => $this->number + $after,
            'text' => ucfirst($where).', counted from '.Plural::boxes($boxes)." down: $this->text",
            'note' => null === $this->note ? null : $prefix.$this->note,
        ]);
    }

    /** @param \Closure(string): string $as of its key and of those it had */
    private function keyed(\Closure $as): self
    {
        return $this->but(['key' => $as($this->key), 'formerly' => array_map($as, $this->formerly)]);
    }
}
