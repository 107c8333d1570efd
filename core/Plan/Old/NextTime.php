<?php

/* A note for the next book, written while this one is planned or used: "smaller headings on goals". */

declare(strict_types=1);

namespace AmpleMargin\Plan\Old;

final class NextTime
{
    public const MOST = 200;

    /** Letters of it. */
    public const LONGEST = 300;

    /** @param string|null $about the title of the spread it is about; null for the whole book */
    public function __construct(public readonly string $id, public readonly string $words, public readonly ?string $about = null)
    {
    }
}
