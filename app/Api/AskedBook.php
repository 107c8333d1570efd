<?php

/* Which of a plan's books a call is about. */

declare(strict_types=1);

namespace App\Api;

use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Volume;
use Symfony\Component\HttpFoundation\Request;

final class AskedBook
{
    /** "1" to "9". @throws PlanProblem for anything else */
    public static function of(Request $request): string
    {
        $book = $request->query->all()['book'] ?? Volume::FIRST;

        return \is_string($book) && 1 === preg_match('/^[1-9]$/D', $book)
            ? $book
            : throw PlanProblem::at('book', 'Books are numbered 1 to 9.');
    }
}
