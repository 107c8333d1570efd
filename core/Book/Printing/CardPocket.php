<?php

/* The pocket the loose card lives in. */

declare(strict_types=1);

namespace AmpleMargin\Book\Printing;

use AmpleMargin\Sheet\Pocket;

final class CardPocket implements Printable
{
    public static function word(): string
    {
        return 'pocket';
    }

    public static function name(): string
    {
        return 'Pocket of the card';
    }

    public static function asks(): string
    {
        return '';
    }

    public function pieces(Context $context, string $said): array
    {
        return [Pocket::piece($context->book->plan->stock)];
    }
}
