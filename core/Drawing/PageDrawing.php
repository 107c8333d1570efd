<?php

/* A page as it is to be drawn: the one source for screen, print and steps. */

declare(strict_types=1);

namespace AmpleMargin\Drawing;

use AmpleMargin\Copies;

final class PageDrawing
{
    use Copies {
        but as public with;
    }

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
        /** Whether the book is turned to draw it: its left edge is then the upper one. */
        public readonly bool $turned = false,
        /** @var list<Room> where its days stand */
        public readonly array $days = [],
        /** @var list<Inset> what is cut to size and put on it */
        public readonly array $insets = [],
    ) {
    }

    /** The same page with every step numbered higher. */
    public function later(int $by): self
    {
        return 0 === $by ? $this : $this->with([
            'marks' => array_map(static fn (Mark $mark): Mark => $mark->moved(0, $by), $this->marks),
            'steps' => array_map(static fn (Step $step): Step => $step->later($by), $this->steps),
        ]);
    }

    /**
     * The same page drawn once more as the `$page`th of its spread, from 0: every step is a step of its own, numbered after those of the
     * page before.
     */
    public function again(int $page, int $after): self
    {
        $later = $this->later($after);

        return $later->with([
            'steps' => array_map(static fn (Step $step): Step => $step->onPage($page), $later->steps),
            'copying' => array_map(static fn (Copying $one): Copying => $one->ofStep(Step::keyOnPage($one->step, $page)), $this->copying),
        ]);
    }

    /**
     * The same page lower down on a page of `$down` boxes, as the part below another.
     *
     * @param int    $boxes  further down
     * @param int    $after  steps done before
     * @param string $prefix of its notes and keys, so that they are its own
     * @param string $where  said before each step and working
     */
    public function below(int $boxes, int $down, int $after, string $prefix, string $where): self
    {
        $grains = Grain::of($boxes);

        return $this->with([
            'down' => $down,
            'marks' => array_map(static fn (Mark $mark): Mark => $mark->moved($grains, $after, $prefix), $this->marks),
            'steps' => array_map(static fn (Step $step): Step => $step->below($boxes, $after, $prefix, $where), $this->steps),
            'workings' => array_map(
                static fn (Working $working): Working => new Working(
                    $prefix.$working->note,
                    $working->figure,
                    "$where: $working->arithmetic",
                ),
                $this->workings,
            ),
            'rooms' => array_map(static fn (Room $room): Room => $room->moved($grains), $this->rooms),
            'days' => array_map(static fn (Room $room): Room => $room->moved($grains), $this->days),
            'copying' => array_map(static fn (Copying $one): Copying => $one->ofStep($prefix.$one->step), $this->copying),
            'cells' => array_map(static fn (array $cells): array => [$cells[0], $cells[1] + $grains, $cells[2], $cells[3]], $this->cells),
        ]);
    }

    /** The same page within a larger one. @param int $x boxes from its left edge @param int $y boxes from its upper edge */
    public function within(int $x, int $y, int $across, int $down): self
    {
        [$right, $lower] = [Grain::of($x), Grain::of($y)];
        $moving = new Moving($right, $lower, 0, null);

        return $this->with([
            'across' => $across,
            'down' => $down,
            'marks' => array_map(
                static fn (Mark $mark): Mark => $mark->visit(new Moving($right, $lower, $mark->step, $mark->note)),
                $this->marks,
            ),
            'rooms' => array_map(static fn (Room $room): Room => $room->at($moving->place($room->place)), $this->rooms),
            'days' => array_map(static fn (Room $room): Room => $room->at($moving->place($room->place)), $this->days),
            'cells' => array_map($moving->place(...), $this->cells),
        ]);
    }

    /** This page and another on one: the other's marks and steps come after. */
    public function and(self $other): self
    {
        return $this->with([
            'marks' => [...$this->marks, ...$other->marks],
            'steps' => [...$this->steps, ...$other->steps],
            'workings' => [...$this->workings, ...$other->workings],
            'findings' => [...$this->findings, ...$other->findings],
            'rooms' => [...$this->rooms, ...$other->rooms],
            'days' => [...$this->days, ...$other->days],
            'copying' => [...$this->copying, ...$other->copying],
            'cells' => [...$this->cells, ...$other->cells],
            'shown' => array_values(array_unique([...$this->shown, ...$other->shown])),
            'insets' => [...$this->insets, ...$other->insets],
        ]);
    }

    /** Drawn on a page that lay on its left edge; as it stands when the book is upright. */
    public function upright(): self
    {
        return $this->turnedBy(Turning::upright(Grain::of($this->across)), true);
    }

    /** An upright page that was drawn lying, as it lay. */
    public function lying(): self
    {
        return $this->turned ? $this->turnedBy(Turning::lying(Grain::of($this->down)), false) : $this;
    }

    private function turnedBy(Turning $turning, bool $turned): self
    {
        return $this->with([
            'across' => $this->down,
            'down' => $this->across,
            'marks' => array_map(static fn (Mark $mark): Mark => $mark->visit($turning), $this->marks),
            'rooms' => array_map(static fn (Room $room): Room => $room->at($turning->place($room->place)), $this->rooms),
            'days' => array_map(static fn (Room $room): Room => $room->at($turning->place($room->place)), $this->days),
            'cells' => array_map($turning->place(...), $this->cells),
            'turned' => $turned,
        ]);
    }

    /** The same page without what is drawn for one note; its steps stay. */
    public function without(string $note): self
    {
        return $this->with(['marks' => array_values(array_filter($this->marks, static fn (Mark $mark): bool => $mark->note !== $note))]);
    }

    /** @param list<Finding> $findings in place of its own */
    public function withFindings(array $findings): self
    {
        return $this->with(['findings' => $findings]);
    }
}
