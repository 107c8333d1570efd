<?php

/* A page as it is to be drawn: the one source for screen, print and steps. */

declare(strict_types=1);

namespace AmpleMargin\Drawing;

final class PageDrawing
{
    /**
     * @param list<Mark>    $marks
     * @param list<Step>    $steps
     * @param list<Working> $workings
     * @param list<Finding> $findings
     * @param list<Room>    $rooms    for writing, as far as the form knows them
     * @param list<Copying> $copying  figures to copy, month by month
     * @param list<array{int, int, int, int}> $cells x, y, wide, tall in grains of what is kept to be filled in: cells, blocks
     */
    public function __construct(
        public readonly int $across,
        public readonly int $down,
        public readonly array $marks,
        public readonly array $steps,
        public readonly array $workings,
        public readonly array $findings,
        public readonly array $rooms = [],
        public readonly array $copying = [],
        public readonly array $cells = [],
        /** @var list<string> divisions of a side that can be looked up on it, each once */
        public readonly array $shown = [],
    ) {
    }

    /** Why it cannot be drawn: the first finding that says so, or null where it can. */
    public function broken(): ?Finding
    {
        foreach ($this->findings as $finding) {
            if ($finding->broken) {
                return $finding;
            }
        }

        return null;
    }

    /** The same page with every step numbered higher. */
    public function later(int $by): self
    {
        return new self(
            $this->across,
            $this->down,
            array_map(static fn (Mark $mark): Mark => $mark->moved(0, $by), $this->marks),
            array_map(static fn (Step $step): Step => $step->later($by), $this->steps),
            $this->workings,
            $this->findings,
            $this->rooms,
            $this->copying,
            $this->cells,
            $this->shown,
        );
    }

    /** @param list<Finding> $findings in place of its own */
    public function withFindings(array $findings): self
    {
        return new self($this->across, $this->down, $this->marks, $this->steps, $this->workings, $findings, $this->rooms, $this->copying, $this->cells);
    }
}
