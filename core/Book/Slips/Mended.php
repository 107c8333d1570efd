<?php

/* Pages as they stand on paper since slips were saved: patches, lines divided again, what is struck through, bands moved. */

declare(strict_types=1);

namespace AmpleMargin\Book\Slips;

use AmpleMargin\Book\OverEachPage;
use AmpleMargin\Book\Overlay;
use AmpleMargin\Book\SaysFindings;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Ticks;
use AmpleMargin\Drawing\Band;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Edge;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Grain;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Line;
use AmpleMargin\Drawing\Mark;
use AmpleMargin\Drawing\Offer;
use AmpleMargin\Drawing\OneStepMore;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Room;
use AmpleMargin\Drawing\Step;
use AmpleMargin\Drawing\Stretch;
use AmpleMargin\Drawing\Stretched;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Editing\Making\RemoveSlip;
use AmpleMargin\Plan\BookPlan;
use AmpleMargin\Plan\Making\Mend;
use AmpleMargin\Plan\Making\MendKind;
use AmpleMargin\Plan\Making\Slip;
use AmpleMargin\Spread\Page\Dressing;

/** @internal to Book */
final class Mended implements Overlay, SaysFindings
{
    use OverEachPage;

    /** @var array<string, list<Slip>> by drawing */
    private readonly array $slips;

    public function __construct(private readonly BookPlan $plan)
    {
        $slips = [];
        foreach ($plan->whole->making->slips as $slip) {
            if ([] !== $slip->mends) {
                $slips[$slip->on][] = $slip;
            }
        }
        $this->slips = $slips;
    }

    /** The page with all that was mended on it; the page itself where nothing was. */
    private function onto(?PageDrawing $drawing, string $name, int $nth): ?PageDrawing
    {
        if (null === $drawing) {
            return null;
        }
        foreach ($this->slips[$name] ?? [] as $slip) {
            if ($slip->nth > $nth) {
                continue;
            }
            if ($slip->nth < $nth) {
                // Steps that came in on a page before.
                $drawing = $drawing->later(\count(array_filter($slip->mends, self::hasStep(...))));
                continue;
            }
            foreach ($slip->mends as $i => $mend) {
                $drawing = self::isOn($mend, $drawing) ? $this->mend($drawing, $mend, $nth, "$slip->id-$i") : $drawing;
            }
        }

        return $drawing;
    }

    /** @return list<Finding> of mends that have no place any more */
    public function findings(): array
    {
        $findings = [];
        foreach ($this->slips as $slips) {
            foreach ($slips as $slip) {
                [$across, $down] = [$this->plan->stock->across, $this->plan->stock->down];
                $off = array_filter($slip->mends, static fn (Mend $mend): bool => !self::fits($mend, $across, $down)
                    && !self::fits($mend, $down, $across));
                if ([] !== $off) {
                    $findings[] = new Finding(
                        null === $this->plan->spread($slip->on) ? 'book' : $slip->on,
                        "What saved a slip here ($slip->saved) is not on a page of {$this->plan->stock->across} × "
                            ."{$this->plan->stock->down} "
                            .'boxes any more.',
                        [new Offer('Take it off the page', (new RemoveSlip($slip->id))->written())],
                        false,
                    );
                }
            }
        }

        return $findings;
    }

    /** A page on which a mend was tried, as an offer of it shows. @param string $note of its own marks */
    public function mend(PageDrawing $drawing, Mend $mend, int $nth, string $note): PageDrawing
    {
        $lying = $drawing->lying();
        $done = (($lying->steps[0] ?? null)->number ?? 1) - 1;
        $more = new OneStepMore($this->plan->counting, $nth, $done);
        $mended = match ($mend->is) {
            MendKind::Moved => $this->moved($lying, $mend),
            MendKind::Banded => self::banded($lying, $mend),
            MendKind::Patch => $more->beforeDrying(
                $lying,
                Task::Cut,
                $mend->say,
                $note,
                static fn (Canvas $canvas) => $canvas->frame(Layer::Pencil, $mend->x, $mend->y, $mend->wide, $mend->tall),
            ),
            MendKind::Struck => $more->beforeDrying(
                $lying,
                Task::Ink,
                $mend->say,
                $note,
                static fn (Canvas $canvas) => $canvas->line(Layer::Ink, $mend->x, $mend->y, $mend->wide, $mend->tall),
            ),
        };
        if (self::hasStep($mend) && \in_array($mend->is, [MendKind::Moved, MendKind::Banded], true)) {
            $task = MendKind::Moved === $mend->is ? Task::Pencil : Task::Band;
            $mended = $more->amid($mended, $task, $mend->say, $note, static fn () => null);
        }

        return $drawing->turned ? $mended->with(['turned' => false])->upright() : $mended;
    }

    private static function hasStep(Mend $mend): bool
    {
        return '' !== $mend->say;
    }

    private static function isOn(Mend $mend, PageDrawing $drawing): bool
    {
        return $drawing->turned ? self::fits($mend, $drawing->down, $drawing->across) : self::fits($mend, $drawing->across, $drawing->down);
    }

    private static function fits(Mend $mend, int $across, int $down): bool
    {
        return $mend->x + $mend->wide <= $across && $mend->y + $mend->tall <= $down;
    }

    public static function stretch(Mend $mend): Stretch
    {
        return new Stretch(self::within($mend), $mend->down, [] === $mend->was ? [0] : $mend->was, [] === $mend->now ? [0] : $mend->now);
    }

    /** @return array{int, int, int, int} */
    private static function within(Mend $mend): array
    {
        return [Grain::of($mend->x), Grain::of($mend->y), Grain::of($mend->wide), Grain::of($mend->tall)];
    }

    private function moved(PageDrawing $drawing, Mend $mend): PageDrawing
    {
        $stretch = self::stretch($mend);
        $stretched = new Stretched($stretch);
        $marks = $touched = [];
        foreach ($drawing->marks as $mark) {
            // What only helps to count stays where the dots are.
            $now = match (true) {
                Dressing::FIVES === $mark->note => $mark,
                self::isEdgeTick($mark) => $this->tick($mark, $mend, $stretched),
                default => $stretched->of($mark),
            };
            if (null !== $now) {
                $marks[] = $now;
            }
            if (null === $now || Stretched::round($now) !== Stretched::round($mark)) {
                $touched[$mark->step] = true;
            }
        }
        $drawn = $drawing->with([
            'marks' => $marks,
            'rooms' => self::rooms($drawing->rooms, $stretch),
            'days' => self::rooms($drawing->days, $stretch),
            'cells' => array_values(array_filter(array_map($stretch->place(...), $drawing->cells))),
        ]);

        return $drawn->with(['steps' => array_map(
            fn (Step $step): Step => isset($touched[$step->number]) ? $this->retold($step, $mend, $drawn) : $step,
            $drawing->steps,
        )]);
    }

    /** A tick at the page's edge stands outside of a region further in, and moves with its lines all the same. */
    private function tick(Mark $mark, Mend $mend, Stretched $stretched): ?Mark
    {
        if ((0 === $mark->tall) !== $mend->down) {
            return $mark;
        }
        $at = array_search($mend->down ? $mark->y : $mark->x, $mend->was, true);

        return false === $at ? $stretched->of($mark) : new Line(
            $mark->layer,
            $mend->down ? $mark->x : $mend->now[$at],
            $mend->down ? $mend->now[$at] : $mark->y,
            $mark->wide,
            $mark->tall,
            $mark->step,
            $mark->note,
            $mark->colour,
        );
    }

    /** A short pencil line at the upper or left edge. */
    public static function isEdgeTick(Mark $mark): bool
    {
        return $mark instanceof Line && Layer::Pencil === $mark->layer && Dressing::FIVES !== $mark->note
            && ((0 === $mark->wide && 0 === $mark->y && abs($mark->tall) < Grain::PER_BOX)
                || (0 === $mark->tall && 0 === $mark->x && abs($mark->wide) < Grain::PER_BOX));
    }

    /** A step whose marks stand elsewhere: ticks are told anew, all else says where to look. */
    private function retold(Step $step, Mend $mend, PageDrawing $drawn): Step
    {
        $from = $this->plan->counting->place(Fraction::of($mend->was[0] ?? 0, Grain::PER_BOX));
        $edge = $mend->down ? Edge::Side : Edge::Top;
        if ($step->edge !== $edge || [] === $step->ticks) {
            return $step->adding('From '.$from.($mend->down ? ' down' : ' across').' on by the new lines.');
        }
        $at = [];
        foreach ($drawn->marks as $mark) {
            if ($mark->step === $step->number && self::isEdgeTick($mark) && (0 === $mark->tall) === $mend->down) {
                $at[] = $mend->down ? $mark->y : $mark->x;
            }
        }
        sort($at);
        $ticks = array_map(static fn (int $grains): Fraction => Fraction::of($grains, Grain::PER_BOX), array_values(array_unique($at)));

        return $step->retold(
            "Tick {$this->plan->counting->places($ticks)} {$edge->words()} (divided again from $from). "
                .Ticks::at($ticks)->said($mend->down ? $drawn->down : $drawn->across),
            array_map($this->plan->counting->place(...), $ticks),
        );
    }

    private static function banded(PageDrawing $drawing, Mend $mend): PageDrawing
    {
        [$x, $y, $wide, $tall] = self::within($mend);
        $marks = [];
        foreach ($drawing->marks as $mark) {
            $in = $mark instanceof Band && $mark->x >= $x && $mark->x + $mark->wide <= $x + $wide && $mark->y >= $y
                && $mark->y + $mark->tall <= $y + $tall;
            $now = $in ? $mark->moved($mark->tall, 0) : $mark;
            if ($now->y + $now->tall <= $y + $tall || !$in) {
                $marks[] = $now;
            }
        }

        return $drawing->with(['marks' => $marks]);
    }

    /**
     * @param list<Room> $rooms
     *
     * @return list<Room>
     */
    private static function rooms(array $rooms, Stretch $stretch): array
    {
        $moved = [];
        foreach ($rooms as $room) {
            $place = $stretch->place($room->place);
            if (null !== $place) {
                $moved[] = $room->at($place);
            }
        }

        return $moved;
    }
}
