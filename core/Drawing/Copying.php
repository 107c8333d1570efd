<?php

/* A month's figures as they are copied onto paper: one step of the page, shown large in the copying view. */

declare(strict_types=1);

namespace AmpleMargin\Drawing;

final class Copying
{
    /**
     * @param string               $step     the key of the step that writes them
     * @param list<string>         $headings above the columns
     * @param list<list<int|null>> $rows     null where a box stays empty
     * @param string               $check    what closes it
     */
    public function __construct(
        public readonly string $step,
        public readonly string $title,
        public readonly array $headings,
        public readonly array $rows,
        public readonly string $check,
    ) {
    }

    /** The same figures, written by a step of another key. */
    public function ofStep(string $key): self
    {
        return new self($key, $this->title, $this->headings, $this->rows, $this->check);
    }
}
