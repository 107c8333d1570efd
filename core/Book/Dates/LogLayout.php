<?php

/* A future log as it might be drawn. */

declare(strict_types=1);

namespace AmpleMargin\Book\Dates;

use AmpleMargin\Drawing\PageDrawing;

/** @internal to Book */
final class LogLayout
{
    /**
     * @param array<string, mixed> $settings that make it so
     * @param list<PageDrawing>    $pages
     * @param list<string>         $categories of its columns, where each month has some
     */
    public function __construct(
        public readonly string $name,
        public readonly array $settings,
        public readonly array $pages,
        public readonly array $categories = [],
    ) {
    }
}
