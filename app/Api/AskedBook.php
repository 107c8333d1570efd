<?php

/* Which of a plan's books a call is about. */

declare(strict_types=1);

namespace App\Api;

use AmpleMargin\Plan\Volume;
use Symfony\Component\HttpFoundation\Request;

final class AskedBook
{
    public static function of(Request $request): string
    {
        return $request->query->getString('book', Volume::FIRST);
    }
}
