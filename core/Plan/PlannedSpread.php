<?php

/* A spread as the person wants it; where it lands is for the book to say. */

declare(strict_types=1);

namespace AmpleMargin\Plan;

use AmpleMargin\Copies;

final class PlannedSpread
{
    use Copies {
        but as public with;
    }

    /**
     * @param string               $kind     a kind of the catalogue, or an unknown one that is kept as it came
     * @param string|null          $title    null for the kind's own name
     * @param array<array-key, mixed> $settings as docs/format.md lists them by kind
     * @param int|null             $pin      the page it must stand on
     * @param string|null          $faces    the id of the spread that should stand opposite
     * @param string               $book     the volume it stands in
     * @param bool                 $mustFace whether that is a rule, and not only a wish
     * @param int                  $worth    1 (could go) to 5 (the book is for this)
     */
    public function __construct(
        public readonly string $id,
        public readonly string $kind,
        public readonly Section $section,
        public readonly ?string $title = null,
        public readonly array $settings = [],
        public readonly ?int $pin = null,
        public readonly Side $side = Side::Any,
        public readonly Medium $medium = Medium::Dry,
        public readonly ?string $faces = null,
        public readonly int $worth = 3,
        public readonly string $book = Volume::FIRST,
        public readonly bool $mustFace = false,
    ) {
    }
}
