<?php

/* The names of the book's months, each on a strip as tall as the titles of the book. */

declare(strict_types=1);

namespace AmpleMargin\Book\Printing;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Sheet\Piece\Piece;

final class MonthNames implements Printable
{
    public static function word(): string
    {
        return 'names';
    }

    public static function name(): string
    {
        return 'Month names';
    }

    public static function asks(): string
    {
        return '';
    }

    public function pieces(Context $context, string $said): array
    {
        // One box of what a title takes is the air below it.
        $tall = max(1, ($context->book->plan->whole->dress->ofMonths()->title ?? 3) - 1);

        return array_map(
            static fn (Month $month): Piece => Strip::of($context, $context->book->names()->month($month->month), $tall, self::name()),
            $context->book->plan->period->months(),
        );
    }
}
