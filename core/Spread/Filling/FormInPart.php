<?php

/*
 * What is drawn on a page of its own, drawn in a part: the form is asked as if the part were a page with a title above it, which
 * is left out. Its ticks are made with those of the whole page, its steps stand in the page's order of work.
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling;

use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Grain;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Line;
use AmpleMargin\Drawing\Mark;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Step;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Drawing\Working;
use AmpleMargin\Spread\CalendarFacts;
use AmpleMargin\Spread\Form;
use AmpleMargin\Spread\Heading;
use AmpleMargin\Spread\Laid;
use AmpleMargin\Spread\PageGrid;
use AmpleMargin\Spread\Part\Filled;
use AmpleMargin\Spread\Part\Region;
use AmpleMargin\Spread\Request;
use AmpleMargin\Spread\Setting\Field;
use AmpleMargin\Spread\Setting\Settings;

/** @internal to Spread */
final class FormInPart
{
    /** Note of the step that writes a page's title. */
    private const TITLE = 'heading';

    /** @param int $head boxes of the title above the part, which are left out */
    private function __construct(
        private readonly Laid $laid,
        private readonly Region $region,
        private readonly int $head,
        private readonly int $page,
        private readonly string $called,
    ) {
    }

    /**
     * Fields of a form that a part is asked for, whatever its others are.
     *
     * @return list<Field>
     */
    public static function fields(Form $form, string ...$names): array
    {
        $fields = array_column($form->fields(), null, 'name');

        return array_map(static fn (string $name): Field => $fields[$name]->whenever([]), array_values($names));
    }

    /**
     * @param array<array-key, mixed> $settings of the form
     * @param string               $called   the part, within a sentence: "the mini months"
     * @param int                  $page     of those it takes, from 0
     * @param bool                 $titled   whether the form's own title stays
     */
    public static function fill(
        Form $form,
        Request $asked,
        Region $region,
        array $settings,
        string $called,
        int $page,
        bool $titled = false,
    ): Filled {
        $head = $titled ? 0 : self::head($region->tall);
        $said = new Settings($settings, $form->fields());
        $calendar = $asked->calendar;
        $grid = new PageGrid($region->wide, $region->tall + $head, $asked->grid->tally, $asked->grid->pitch);
        $laid = $form->layOut(new Request(
            $asked->id,
            '',
            $said,
            $grid,
            new CalendarFacts($calendar->period, $said->weekStart($calendar->first), $calendar->names, $calendar->month, $calendar->weeks),
            $asked->palette,
            hand: $asked->hand,
        ));
        $broken = $laid->broken();
        if (null !== $broken) {
            return new Filled(findings: [new Finding($asked->id, $broken->says)]);
        }
        $part = new self($laid, $region, $head, $page, $called);

        return new Filled(
            top: $part->ticksAcross(...),
            side: $part->ticksDown(...),
            workings: $part->workings(...),
            findings: 0 === $page ? array_merge([], ...$laid->findings) : [],
            pencil: static fn (Canvas $canvas) => $part->draw($canvas, Task::Pencil),
            band: static fn (Canvas $canvas) => $part->draw($canvas, Task::Band),
            ink: static fn (Canvas $canvas) => $part->draw($canvas, Task::Ink),
            write: static fn (Canvas $canvas) => $part->draw($canvas, Task::Write),
            check: $part->check(...),
            next: $page + 1 < $laid->pages ? $page + 1 : null,
        );
    }

    /** Boxes of the title on a page that leaves so many below it. */
    private static function head(int $tall): int
    {
        foreach ([3, 2, 1] as $head) {
            if (Heading::boxes($tall + $head) === $head) {
                return $head;
            }
        }

        throw new \LogicException("No page leaves $tall boxes below its title.");
    }

    private function drawing(): PageDrawing
    {
        return $this->laid->drawings()[$this->page];
    }

    /** @return array<int, string> */
    private function ticksAcross(): array
    {
        return $this->ticks(static fn (Mark $mark): ?int => 0 === $mark->y && 0 === $mark->wide ? $mark->x : null, $this->region->x);
    }

    /** @return array<int, string> */
    private function ticksDown(): array
    {
        $from = $this->region->y - $this->head;

        return $this->ticks(static fn (Mark $mark): ?int => 0 === $mark->x && 0 === $mark->tall ? $mark->y : null, $from);
    }

    /**
     * @param \Closure(Mark): ?int $at   grains from the edge, where a mark is a tick of it
     * @param int                  $from boxes that are added
     *
     * @return array<int, string> place → what, of whole boxes: halves are told from the dots
     */
    private function ticks(\Closure $at, int $from): array
    {
        $ticks = [];
        foreach ($this->drawing()->marks as $mark) {
            $grains = self::isTick($mark) ? $at($mark) : null;
            if (null !== $grains && 0 === $grains % Grain::PER_BOX) {
                $ticks[intdiv($grains, Grain::PER_BOX) + $from] = $this->called;
            }
        }

        return $ticks;
    }

    /** @return list<array{string, string, string}> */
    private function workings(): array
    {
        return array_map(
            fn (Working $one): array => [
                "{$this->region->x}-{$this->region->y}-$one->note",
                $one->figure,
                "$this->called: $one->arithmetic",
            ],
            $this->drawing()->workings,
        );
    }

    private function check(): string
    {
        $checks = array_filter($this->drawing()->steps, static fn (Step $step): bool => Task::Check === $step->task);

        return [] === $checks ? '' : array_values($checks)[0]->text;
    }

    private function draw(Canvas $canvas, Task $task): void
    {
        $drawing = $this->drawing();
        $marks = [];
        foreach ($drawing->marks as $mark) {
            if (!self::isTick($mark)) {
                $marks[$mark->step][] = $mark;
            }
        }
        $where = 'In '.$this->called.', counted from '.Plural::boxes($this->region->y).' down'
            .(0 === $this->region->x ? '' : " and {$this->region->x} across").': ';
        foreach ($drawing->steps as $step) {
            $drawn = $marks[$step->number] ?? [];
            if ($step->task !== $task || (self::TITLE === $step->note && $this->head > 0) || (Task::Pencil === $task && [] === $drawn)) {
                continue;
            }
            $note = null === $step->note ? null : "{$this->region->x}-{$this->region->y}-$step->note";
            $canvas->step($task, Task::Write === $task ? $step->text : $where.$step->text, $note);
            $canvas->take($drawn, [], [], $this->region->x, $this->region->y - $this->head);
        }
        if (Task::Ink === $task) {
            $canvas->take([], $drawing->rooms, $drawing->cells, $this->region->x, $this->region->y - $this->head, $drawing->days);
        }
    }

    /** A short pencil line at an edge. */
    private static function isTick(Mark $mark): bool
    {
        return Layer::Pencil === $mark->layer && $mark instanceof Line && max($mark->wide, $mark->tall) < Grain::PER_BOX
            && ((0 === $mark->y && 0 === $mark->wide) || (0 === $mark->x && 0 === $mark->tall));
    }
}
