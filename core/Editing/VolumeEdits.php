<?php

/* Edits to the books of a plan. */

declare(strict_types=1);

namespace AmpleMargin\Editing;

use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlannedSpread;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\PlanReader;
use AmpleMargin\Plan\PlanWriter;
use AmpleMargin\Plan\Values;
use AmpleMargin\Plan\Volume;

final class VolumeEdits
{
    /** {title?, stock?, from?}: a further book, of the first one's stock where none is given; without `from` it has no months. */
    public static function add(Plan $plan, Values $values): Edited
    {
        if (\count($plan->volumes) >= Volume::MOST) {
            throw PlanProblem::at($values->path('type'), 'A plan has at most '.(Volume::MOST + 1).' books.');
        }
        $id = 2;
        while (\in_array((string) $id, $plan->books(), true)) {
            ++$id;
        }
        $volume = self::read(
            $plan,
            $values,
            (string) $id,
            $plan->volumes,
            ['title' => "$plan->title, book $id", 'stock' => PlanWriter::stock($plan->stock)],
        );

        return new Edited($plan->with(['volumes' => [...$plan->volumes, $volume]]), "Book $id added");
    }

    /** {book, title?, stock?, from?} */
    public static function set(Plan $plan, Values $values): Edited
    {
        $old = self::volume($plan, $values);
        $others = array_values(array_filter($plan->volumes, static fn (Volume $volume): bool => $volume->id !== $old->id));
        $new = self::read($plan, $values, $old->id, $others, PlanWriter::volume($old));

        return new Edited(
            $plan->with(['volumes' => array_map(
                static fn (Volume $volume): Volume => $volume->id === $old->id ? $new : $volume,
                $plan->volumes,
            )]),
            "Book $old->id changed",
        );
    }

    /** {book}: its spreads go back to the first book, its months to the book before it. */
    public static function remove(Plan $plan, Values $values): Edited
    {
        $gone = self::volume($plan, $values);

        return new Edited($plan->with([
            'volumes' => array_values(array_filter($plan->volumes, static fn (Volume $volume): bool => $volume->id !== $gone->id)),
            'spreads' => array_map(
                static fn (PlannedSpread $spread): PlannedSpread => $spread->book === $gone->id ? $spread->with(['book' => Volume::FIRST]) : $spread,
                $plan->spreads,
            ),
        ]), "Book $gone->id removed");
    }

    /**
     * @param list<Volume>         $others
     * @param array<string, mixed> $before what is not given stays as it was
     */
    private static function read(Plan $plan, Values $values, string $id, array $others, array $before): Volume
    {
        $given = array_intersect_key($values->all(), ['title' => 1, 'stock' => 1, 'from' => 1]);

        return PlanReader::volume(Values::of(['book' => $id] + $given + $before, 'edit'), $plan->period, $others);
    }

    private static function volume(Plan $plan, Values $values): Volume
    {
        return $plan->volume($values->text('book', '', 2))
            ?? throw PlanProblem::at($values->path('book'), 'There is no such book beside the first.');
    }
}
