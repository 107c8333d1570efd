<?php

/* A kind of spread as the API describes it: for the drawer, and for the form of its settings. */

declare(strict_types=1);

namespace App\Api;

use AmpleMargin\Spread\Catalogue\Fact;
use AmpleMargin\Spread\Catalogue\Kind;
use AmpleMargin\Spread\Part\HasLayouts;
use AmpleMargin\Spread\Setting\Field;

/** @phpstan-import-type Described from Field */
final class KindView
{
    /** @return array<string, mixed> */
    public static function of(Kind $kind): array
    {
        return [
            'kind' => $kind->id,
            'name' => $kind->name,
            'section' => $kind->section?->value,
            'purpose' => $kind->purpose(),
            'record' => $kind->says(Fact::KeepsARecord),
            'private' => $kind->privacy(),
            'names' => $kind->words->names,
            'opposite' => $kind->opposite,
            'monthly' => $kind->suitsMonth(),
            'pages' => $kind->ofMonth->pages,
            'by_weeks' => $kind->ofMonth->byWeeks,
            'filler' => $kind->is(Fact::FillsEmptyPages),
            'layouts' => $kind->form instanceof HasLayouts,
            'by_hand' => $kind->is(Fact::DividedByHand),
            'designer' => $kind->says(Fact::Designer),
            'fields' => array_map(
                static fn (Field $field): array => self::usually($field->describe(), $kind->settings->defaults[$field->name] ?? null),
                $kind->fields(),
            ),
        ];
    }

    /**
     * A field as its kind has it, where that has another default.
     *
     * @param Described $field as it describes itself
     *
     * @return Described
     */
    private static function usually(array $field, mixed $default): array
    {
        if (null === $default) {
            return $field;
        }
        if (\is_bool($default)) {
            return ['on' => $default] + $field;
        }
        $one = \is_scalar($default) ? (string) $default : '';
        if ([] !== $field['choices']) {
            // The first choice is the default.
            usort($field['choices'], static fn (array $a, array $b): int => ($b[0] === $one) <=> ($a[0] === $one));

            return $field;
        }
        $words = array_filter(\is_array($default) ? $default : [$one], is_scalar(...));

        return ['usually' => implode('counts' === $field['type'] ? ', ' : "\n", $words)] + $field;
    }

    /**
     * @param list<Field> $fields
     *
     * @return list<non-empty-array<mixed>>
     */
    public static function fields(array $fields): array
    {
        return array_map(static fn (Field $field): array => $field->describe(), $fields);
    }
}
