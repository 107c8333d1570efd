<?php

/* A kind of spread as the API describes it: for the drawer, and for the form of its settings. */

declare(strict_types=1);

namespace App\Api;

use AmpleMargin\Spread\HasLayouts;
use AmpleMargin\Spread\HasParts;
use AmpleMargin\Spread\Kind;
use AmpleMargin\Spread\Setting\Field;

final class KindView
{
    /** @return array<string, mixed> */
    public static function of(Kind $kind): array
    {
        return [
            'kind' => $kind->id,
            'name' => $kind->name,
            'section' => $kind->section?->value,
            'purpose' => $kind->purpose,
            'names' => $kind->names,
            'filler' => $kind->filler,
            'layouts' => $kind->form instanceof HasLayouts,
            'parts' => $kind->form instanceof HasParts,
            'by_hand' => $kind->byHand,
            'designer' => $kind->designer,
            'fields' => self::fields($kind->fields()),
            'settings' => $kind->schema(),
        ];
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
