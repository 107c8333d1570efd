<?php

/* A copy of the shelf that cannot be made or put back, in words. */

declare(strict_types=1);

namespace App\Repository;

final class CopyRefused extends \RuntimeException
{
    public function __construct(string $says, ?\Throwable $why = null)
    {
        parent::__construct($says, 0, $why);
    }
}
