<?php

/* The same as in a mirror: rubbed with soft pencil on its printed side and laid face down, it leaves the drawing the right way round. */

declare(strict_types=1);

namespace AmpleMargin\Book\Printing;

use AmpleMargin\Sheet\Piece\Piece;

final class MirroredTracing extends Tracing
{
    public static function word(): string
    {
        return 'trace-mirrored';
    }

    public static function name(): string
    {
        return 'Tracing guides, mirrored';
    }

    public function pieces(Context $context, string $said): array
    {
        return array_map(
            static fn (Piece $one): Piece => $one->mirrored("Mirrored: $one->name", self::name()),
            parent::pieces($context, $said),
        );
    }
}
