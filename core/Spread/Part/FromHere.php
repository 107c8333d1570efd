<?php

/*
 * From where a part's steps count. What is counted within a part whose corner is not that of the page, or right below its title, is said
 * with where it begins.
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part;

use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Edge;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Spread\Page\Heading;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;

/** @internal to Spread */
final class FromHere
{
    private readonly bool $isCorner;

    /** @param string $called the part, within a sentence: "the mini months" */
    public function __construct(Request $asked, private readonly Region $region, private readonly string $called)
    {
        $head = Heading::boxes($asked->grid->down, $asked->grid->title);
        $this->isCorner = 0 === $region->x && \in_array($region->y, [0, $head], true);
    }

    /**
     * Begins a step that is counted from the part's corner.
     *
     * @param list<int|Fraction> $ticks boxes from there
     * @param list<string>       $was   what it said before
     */
    public function step(
        Canvas $canvas,
        Task $task,
        string $text,
        ?string $note,
        ?Edge $edge = null,
        array $ticks = [],
        array $was = [],
    ): void {
        $where = $this->isCorner || Task::Write === $task
            ? ''
            : "In $this->called, counted from ".Plural::boxes($this->region->y).' down'
                .(0 === $this->region->x ? '' : " and {$this->region->x} across").': ';
        $was = array_map(static fn (string $said): string => $where.$said, $was);
        $canvas->step($task, $where.$text, null === $note ? null : $this->note($note), $edge, $ticks, $was);
    }

    /** The note of a working, which is its part's own. */
    public function note(string $note): string
    {
        return $this->isCorner ? $note : "{$this->region->x}-{$this->region->y}-$note";
    }

    /**
     * Its ticks: in words of their own where they are counted from the page's corner, else with those of the other parts.
     *
     * @param list<EdgeTicks> $ticks
     *
     * @return list<EdgeTicks>
     */
    public function ticks(array $ticks): array
    {
        $of = fn (EdgeTicks $one, bool $whole): EdgeTicks => new EdgeTicks(
            $one->edge,
            array_values(array_filter($one->places, static fn (int|Fraction $place): bool => $whole === Fraction::from($place)->isWhole())),
            $this->called,
            Filled::TOGETHER,
            !$whole,
        );

        // Halves between dots were not ticked once.
        return $this->isCorner ? $ticks : array_merge(...array_map(
            static fn (EdgeTicks $one): array => [$of($one, true), $of($one, false)],
            $ticks,
        ));
    }
}
