<?php

/* Something a person looked for in a book, and where it is. */

declare(strict_types=1);

namespace AmpleMargin\Find;

final class FoundHere
{
    /**
     * @param string      $is   what it is: "page", "month", "day", "spread", "thing" or "date"
     * @param string      $says what it is called
     * @param string      $in   what it is part of, in words; ""
     * @param int|null    $page where it stands; null where no page is held for it
     * @param string|null $at   of a date its month, which the dates are asked for
     * @param string|null $id   of a date its id
     */
    public function __construct(
        public readonly string $is,
        public readonly string $says,
        public readonly string $in,
        public readonly ?int $page,
        public readonly ?string $at = null,
        public readonly ?string $id = null,
    ) {
    }
}
