<?php

/* The plan → plain arrays in the order of docs/format.md; read back, they give the same plan. */

declare(strict_types=1);

namespace AmpleMargin\Plan;

use AmpleMargin\Colour\Palette;
use AmpleMargin\Colour\Pen;
use AmpleMargin\Paper\Stock;
use AmpleMargin\Plan\Old\OldWriter;

final class PlanWriter
{
    /** @return array<string, mixed> */
    public static function plan(Plan $plan): array
    {
        $written = [
            'format' => PlanReader::FORMAT,
            'version' => PlanReader::VERSION,
            'title' => $plan->title,
            'language' => $plan->language,
            'counting' => $plan->counting->value,
            'stock' => self::stock($plan->stock),
            'period' => ['start' => $plan->period->start->iso(), 'end' => $plan->period->end->iso()],
            'weeks' => self::weeks($plan->weeks),
            'spreads' => array_map(self::spread(...), $plan->spreads),
            'months' => [
                'patterns' => array_map(self::pattern(...), $plan->months->patterns),
                'usual' => $plan->months->usual,
                'overrides' => (object) $plan->months->overrides,
            ],
        ];
        if (Spare::End !== $plan->months->spare || [] !== $plan->months->weights) {
            $written['months'] += ['spare' => $plan->months->spare->value, 'weights' => (object) $plan->months->weights];
        }
        if ([] !== $plan->mixing) {
            $written['mixing'] = array_map(static fn (Section $section): string => $section->value, $plan->mixing);
        }
        if (!$plan->inUse->isEmpty()) {
            $written['in_use'] = ['used' => (object) $plan->inUse->used, 'lost' => $plan->inUse->lost];
        }

        if ([] !== $plan->volumes) {
            $written['volumes'] = array_map(self::volume(...), $plan->volumes);
        }

        if ([] !== $plan->taken) {
            $written['taken'] = array_map(self::taken(...), $plan->taken);
        }

        if (null !== $plan->palette) {
            $written['palette'] = self::palette($plan->palette);
        }

        if ([] !== $plan->kinds) {
            $written['kinds'] = array_map(self::kind(...), $plan->kinds);
        }

        if (null !== $plan->hand) {
            $written['hand'] = ['sentence' => self::tenths($plan->hand->sentence)];
        }

        if ([] !== $plan->dress->written()) {
            $written['dress'] = (object) $plan->dress->written();
        }

        if (!$plan->dates->isEmpty()) {
            $written['dates'] = (object) DatesWriter::dates($plan->dates);
        }

        if (null !== $plan->old) {
            $written['old'] = OldWriter::book($plan->old);
        }

        if ([] !== $plan->nextTime) {
            $written['next_time'] = OldWriter::notes($plan->nextTime);
        }

        $making = $plan->making->written();
        if ([] !== $making) {
            $written['making'] = (object) $making;
        }

        return $written;
    }

    /** @return list<array{colour: string, means: string}> */
    public static function palette(Palette $palette): array
    {
        return array_map(static fn (Pen $pen): array => ['colour' => $pen->colour, 'means' => $pen->means], $palette->pens);
    }

    /** @return array<string, mixed> */
    public static function taken(TakenSplit $taken): array
    {
        $splitting = $taken->splitting;

        return [
            'on' => $taken->on,
            'nth' => $taken->nth,
            'edge' => $taken->height ? 'side' : 'top',
            'x' => $taken->x,
            'y' => $taken->y,
            'wide' => $taken->wide,
            'tall' => $taken->tall,
            'parts' => $splitting->parts,
            'gap' => $splitting->gap,
            'policy' => $splitting->policy->value,
        ] + ([] === $splitting->ratio
            ? []
            : ['ratio' => $splitting->ratio]) + (1 === $splitting->again
            ? []
            : ['again' => $splitting->again]);
    }

    /** @return array<string, mixed> */
    public static function volume(Volume $volume): array
    {
        return ['book' => $volume->id, 'title' => $volume->title, 'stock' => self::stock($volume->stock)]
            + (null === $volume->from ? [] : ['from' => $volume->from->iso()])
            + ($volume->later ? ['later' => true] : []);
    }

    /** @return array{first: int, school: string, pages: string} */
    public static function weeks(WeekPlan $weeks): array
    {
        return ['first' => $weeks->first->value, 'school' => $weeks->school->value, 'pages' => $weeks->pages->value];
    }

    /** @return array<string, mixed> */
    public static function stock(Stock $stock): array
    {
        return [
            'width' => self::millimetres($stock->width),
            'height' => self::millimetres($stock->height),
            'pitch' => self::millimetres($stock->pitch),
            'across' => $stock->across,
            'down' => $stock->down,
            'pages' => $stock->pages,
            'first_leaf' => $stock->firstLeaf->value,
        ] + array_filter([
            'numbered' => $stock->numbered ? null : false,
            'grammage' => $stock->grammage,
            'leaf' => null === $stock->leaf ? null : self::millimetres($stock->leaf),
        ], static fn (mixed $said): bool => null !== $said);
    }

    /** @return array<string, mixed> what is at its default is left out */
    public static function spread(PlannedSpread $spread): array
    {
        $written = ['id' => $spread->id, 'kind' => $spread->kind, 'section' => $spread->section->value];
        $more = [
            'title' => $spread->title,
            'settings' => [] === $spread->settings ? null : (object) $spread->settings,
            'pin' => $spread->pin,
            'side' => Side::Any === $spread->side ? null : $spread->side->value,
            'medium' => Medium::Dry === $spread->medium ? null : $spread->medium->value,
            'faces' => $spread->faces,
            'must_face' => $spread->mustFace ? true : null,
            'worth' => 3 === $spread->worth ? null : $spread->worth,
            'book' => Volume::FIRST === $spread->book ? null : $spread->book,
        ];

        return $written + array_filter($more, static fn (mixed $value): bool => null !== $value);
    }

    /** @return array<string, mixed> */
    public static function pattern(Pattern $pattern): array
    {
        return [
            'id' => $pattern->id,
            'name' => $pattern->name,
            'parts' => array_map(
                static fn (PatternPart $part): array => [
                    'kind' => $part->kind,
                    'pages' => $part->pages,
                ] + ([] === $part->settings ? [] : ['settings' => (object) $part->settings]),
                $pattern->parts,
            ),
        ];
    }

    /** @return array<string, mixed> */
    public static function kind(OwnKind $kind): array
    {
        return ['id' => $kind->id, 'name' => $kind->name, 'section' => $kind->section->value]
            + ('' === $kind->purpose ? [] : ['purpose' => $kind->purpose])
            + ['parts' => (object) $kind->parts];
    }

    private static function tenths(int $tenths): int|float
    {
        return 0 === $tenths % 10 ? intdiv($tenths, 10) : $tenths / 10;
    }

    private static function millimetres(int $micrometres): int|float
    {
        return 0 === $micrometres % 1000 ? intdiv($micrometres, 1000) : $micrometres / 1000;
    }
}
