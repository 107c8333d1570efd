<?php

/* A kind of spread: one entry of the catalogue, data over a form. */

declare(strict_types=1);

namespace AmpleMargin\Spread;

use AmpleMargin\Plan\Section;

final class Kind
{
    /**
     * @param Section|null         $section   null for the parts of a month
     * @param string               $purpose   a line for the catalogue
     * @param array<string, mixed> $defaults  settings where the person gives none
     * @param list<Field>          $fields    settings it asks for
     * @param bool                 $opensFlat two pages or more must start on a left page
     * @param bool                 $filler    may be offered for an empty page
     * @param bool                 $needsGrid cannot stand on an undotted page
     * @param bool                 $halves    may take half a page and share it
     */
    public function __construct(
        public readonly string $id,
        public readonly string $name,
        public readonly ?Section $section,
        public readonly Form $form,
        public readonly string $purpose,
        public readonly array $defaults = [],
        public readonly array $fields = [],
        public readonly bool $opensFlat = true,
        public readonly bool $filler = false,
        public readonly bool $needsGrid = true,
        public readonly bool $halves = false,
    ) {
    }
}
