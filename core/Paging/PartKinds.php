<?php

/* What ranging the months must know of the kinds their parts are of; the catalogue answers it. */

declare(strict_types=1);

namespace AmpleMargin\Paging;

interface PartKinds
{
    /** Whether two pages of it are an opening, and start on a left page. */
    /** @param array<array-key, mixed> $settings of the part */
    public function isOpening(string $kind, array $settings = []): bool;

    /** Whether its pages give way, one by one, where a page of the month is lost. */
    public function givesWay(string $kind): bool;

    /** The word for its pages in a sum, such as "calendar". */
    public function word(string $kind): string;
}
