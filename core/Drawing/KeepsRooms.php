<?php

/* What a page keeps free, and where its days stand: asked of it when layouts are compared, and when known dates are written in. */

declare(strict_types=1);

namespace AmpleMargin\Drawing;

use AmpleMargin\Counting\Division;
use AmpleMargin\Counting\Fraction;

/** @internal to Drawing */
trait KeepsRooms
{
    /** @var list<Room> */
    private array $rooms = [];

    /** @var list<array{int, int, int, int}> */
    private array $cells = [];

    /** @var array<string, true> */
    private array $shown = [];

    /** @var list<Room> */
    private array $days = [];

    /** Room for writing in a place; all in boxes. Says how many whole lines it has. */
    public function room(
        string $for,
        string $name,
        int|Fraction $x,
        int|Fraction $y,
        int|Fraction $wide,
        int|Fraction $tall,
        int|Fraction $line,
    ): int {
        $lines = max(0, Fraction::from($tall)->dividedBy($line)->floor());
        $this->rooms[] = new Room(
            $for,
            $name,
            $lines,
            Fraction::from($wide),
            Fraction::from($line),
            [Grain::of($x), Grain::of($y), Grain::of($wide), Grain::of($tall)],
        );

        return $lines;
    }

    /** A place that is kept to be filled in, though nothing is written there yet. */
    public function cells(int|Fraction $x, int|Fraction $y, int|Fraction $wide, int|Fraction $tall): void
    {
        $this->cells[] = [Grain::of($x), Grain::of($y), Grain::of($wide), Grain::of($tall)];
    }

    /** Divisions of a side that can be looked up on the page: "26 in 4, gap 2". */
    public function shows(Division ...$divisions): void
    {
        foreach ($divisions as $division) {
            $this->shown["$division->side: ".$division->run()] = true;
        }
    }

    /**
     * Where a day stands, and how many lines are left for what is known of it: none where it is a figure among others.
     *
     * @param string            $iso  "2027-03-12"
     * @param int|Fraction|null $line boxes a line; null where it is a figure
     */
    public function day(
        string $iso,
        int|Fraction $x,
        int|Fraction $y,
        int|Fraction $wide,
        int|Fraction $tall,
        int|Fraction|null $line = null,
    ): void {
        $this->days[] = new Room(
            $iso,
            'a day',
            null === $line ? 0 : max(0, Fraction::from($tall)->dividedBy($line)->floor()),
            Fraction::from($wide),
            Fraction::from($line ?? 1),
            [Grain::of($x), Grain::of($y), Grain::of($wide), Grain::of($tall)],
        );
    }
}
