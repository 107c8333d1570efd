<?php

/* The kinds of month parts as the catalogue has them. */

declare(strict_types=1);

namespace AmpleMargin\Book;

use AmpleMargin\Paging\PartKinds;
use AmpleMargin\Spread\Catalogue\Catalogue;

/** @internal to Book */
final class PartsOfCatalogue implements PartKinds
{
    public function __construct(private readonly Catalogue $catalogue)
    {
    }

    public function isOpening(string $kind, array $settings = []): bool
    {
        return $this->catalogue->kind($kind)?->opensFlat($settings) ?? false;
    }

    public function givesWay(string $kind): bool
    {
        return $this->catalogue->kind($kind)->ofMonth->yields ?? false;
    }

    public function word(string $kind): string
    {
        return strtolower($this->catalogue->kind($kind)->name ?? $kind);
    }
}
