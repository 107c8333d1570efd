<?php

/* A first guess at the boxes of a page, from its size, margins and pitch. The person's own count overrides it. */

declare(strict_types=1);

namespace AmpleMargin\Paper;

final class CountEstimate
{
    /**
     * Outer margins of a printed grid, both sides together, in µm: 18 mm across and 20 mm down. They give 26 × 38 on A5 at 5 mm (common
     * practice, no source).
     */
    public const MARGIN_ACROSS = 18_000;
    public const MARGIN_DOWN = 20_000;

    private function __construct(public readonly int $boxes, public readonly string $working)
    {
    }

    /**
     * @param int $side   µm
     * @param int $margin µm, both margins together
     * @param int $pitch  µm, above 0
     */
    public static function of(int $side, int $margin, int $pitch): self
    {
        $boxes = max(0, intdiv($side - $margin, $pitch));

        return new self(
            $boxes,
            \sprintf(
                '(%s mm − %s mm of margins) ÷ %s mm = %d boxes',
                Millimetres::written($side),
                Millimetres::written($margin),
                Millimetres::written($pitch),
                $boxes,
            ),
        );
    }
}
