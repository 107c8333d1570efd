<?php

/* Edits to the list of spreads. */

declare(strict_types=1);

namespace AmpleMargin\Editing;

use AmpleMargin\Paper\Stock;
use AmpleMargin\Plan\Medium;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlannedSpread;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Section;
use AmpleMargin\Plan\Side;
use AmpleMargin\Plan\TakenSplit;
use AmpleMargin\Plan\Values;
use AmpleMargin\Plan\Volume;
use AmpleMargin\Spread\Catalogue;

final class SpreadEdits
{
    /** {kind, section?, before?, title?, settings?}: at the end of its section, or before another spread. */
    public static function add(Plan $plan, Values $values, Catalogue $catalogue): Edited
    {
        $kind = $catalogue->kind($values->text('kind', '', 80));
        if (null === $kind || null === $kind->section) {
            throw PlanProblem::at($values->path('kind'), "The catalogue has no kind “{$values->text('kind', '', 80)}”.");
        }
        if (\count($plan->spreads) >= Plan::MOST_SPREADS) {
            throw PlanProblem::at($values->path('kind'), 'A book takes at most '.Plan::MOST_SPREADS.' spreads.');
        }
        $spread = new PlannedSpread(
            self::freeId($plan, $kind->id),
            $kind->id,
            $values->choice('section', Section::class, $kind->section),
            $values->textOrNull('title'),
            $values->kept('settings'),
        );

        $spread = $spread->with(['book' => self::book($plan, $values, Volume::FIRST)]);

        return new Edited(
            $plan->with(['spreads' => self::insert($plan->spreads, $spread, $values->textOrNull('before', 40))]),
            "$kind->name added",
        );
    }

    /** {spread} */
    public static function remove(Plan $plan, Values $values, Catalogue $catalogue): Edited
    {
        $gone = self::spread($plan, $values);
        $left = [];
        foreach ($plan->spreads as $spread) {
            if ($spread->id !== $gone->id) {
                // Nothing may face a spread that is gone.
                $left[] = $spread->faces === $gone->id ? $spread->with(['faces' => null, 'mustFace' => false]) : $spread;
            }
        }

        $taken = array_values(array_filter($plan->taken, static fn (TakenSplit $one): bool => $one->on !== $gone->id));

        return new Edited($plan->with(['spreads' => $left, 'taken' => $taken]), self::name($gone, $catalogue).' removed');
    }

    /** {spread, section?, before?}: before null is the end of the section. */
    public static function move(Plan $plan, Values $values, Catalogue $catalogue): Edited
    {
        $moved = self::spread($plan, $values);
        $before = $values->textOrNull('before', 40);
        if ($before === $moved->id) {
            return new Edited($plan, self::name($moved, $catalogue).' moved');
        }
        $others = array_values(array_filter($plan->spreads, static fn (PlannedSpread $spread): bool => $spread->id !== $moved->id));
        $moved = $moved->with(['section' => $values->choice('section', Section::class, $moved->section)]);

        return new Edited($plan->with(['spreads' => self::insert($others, $moved, $before)]), self::name($moved, $catalogue).' moved');
    }

    /** {spread, title?, pin?, side?, medium?, faces?, must_face?, worth?, settings?}: settings are merged; one that is null goes back to its default. */
    public static function set(Plan $plan, Values $values, Catalogue $catalogue): Edited
    {
        $spread = self::spread($plan, $values);
        $changes = [];
        if ($values->names('title')) {
            $title = trim($values->textOrNull('title') ?? '');
            $changes['title'] = '' === $title ? null : $title;
        }
        if ($values->names('pin')) {
            $changes['pin'] = $values->has('pin') ? $values->count('pin', 1, Stock::MOST_PAGES) : null;
        }
        if ($values->names('faces')) {
            $changes['faces'] = self::faced($plan, $spread, $values);
        }
        $changes['mustFace'] = $values->flag('must_face', $spread->mustFace && null !== ($changes['faces'] ?? $spread->faces));
        $changes += [
            'side' => $values->choice('side', Side::class, $spread->side),
            'medium' => $values->choice('medium', Medium::class, $spread->medium),
            'worth' => $values->count('worth', 1, 5, $spread->worth),
            'book' => self::book($plan, $values, $spread->book),
            'settings' => self::merged($spread->settings, $values->kept('settings')),
        ];
        $changed = $spread->with($changes);

        return new Edited(
            $plan->with(['spreads' => array_map(
                static fn (PlannedSpread $one): PlannedSpread => $one->id === $spread->id ? $changed : $one,
                $plan->spreads,
            )]),
            self::name($changed, $catalogue).' changed',
        );
    }

    private static function book(Plan $plan, Values $values, string $default): string
    {
        $book = $values->text('book', $default, 2);

        return \in_array($book, $plan->books(), true) ? $book : throw PlanProblem::at($values->path('book'), "There is no book “{$book}”.");
    }

    private static function faced(Plan $plan, PlannedSpread $spread, Values $values): ?string
    {
        $other = $values->textOrNull('faces', 40);
        if (null !== $other && ($other === $spread->id || null === $plan->spread($other))) {
            throw PlanProblem::at($values->path('faces'), 'Choose another spread of this book to face.');
        }

        return $other;
    }

    /**
     * @param array<array-key, mixed> $settings
     * @param array<array-key, mixed> $changes
     *
     * @return array<array-key, mixed>
     */
    private static function merged(array $settings, array $changes): array
    {
        return array_filter(array_replace($settings, $changes), static fn (mixed $value): bool => null !== $value);
    }

    /**
     * @param list<PlannedSpread> $spreads
     *
     * @return list<PlannedSpread>
     */
    private static function insert(array $spreads, PlannedSpread $spread, ?string $before): array
    {
        foreach ($spreads as $i => $other) {
            if ($other->id === $before) {
                return [
                    ...\array_slice($spreads, 0, $i),
                    $spread->with(['section' => $other->section, 'book' => $other->book]),
                    ...\array_slice($spreads, $i),
                ];
            }
        }

        return [...$spreads, $spread];
    }

    private static function spread(Plan $plan, Values $values): PlannedSpread
    {
        return $plan->spread($values->text('spread', '', 40))
            ?? throw PlanProblem::at($values->path('spread'), 'This spread is not in the book any more.');
    }

    private static function name(PlannedSpread $spread, Catalogue $catalogue): string
    {
        $name = $catalogue->title($spread);

        return mb_strlen($name) > 60 ? mb_substr($name, 0, 59).'…' : $name;
    }

    /** The kind's name, or the kind's name with the next number. */
    private static function freeId(Plan $plan, string $kind): string
    {
        $id = $kind;
        for ($n = 2; null !== $plan->spread($id); ++$n) {
            $id = "$kind-$n";
        }

        return $id;
    }
}
