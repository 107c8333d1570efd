<?php

/* A stock that cannot exist, with the field that says so. */

declare(strict_types=1);

namespace AmpleMargin\Paper;

use AmpleMargin\Refused;

final class StockRefused extends \DomainException implements Refused
{
    private function __construct(public readonly string $field, string $message)
    {
        parent::__construct($message);
    }

    public static function at(string $field, string $message): self
    {
        return new self($field, $message);
    }
}
