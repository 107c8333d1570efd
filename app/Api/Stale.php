<?php

/* An edit made against a state that is no longer the current one. */

declare(strict_types=1);

namespace App\Api;

final class Stale extends \RuntimeException
{
    public function __construct(public readonly string $notebook)
    {
        parent::__construct('This notebook was changed in another window. Your edit was not made; here is the book as it stands now.');
    }
}
