<?php

/*
 * How strongly what is on one side of a leaf shows on the other, held against the light. From memory: dry ink on 80 g/m² can
 * just be read through, on 160 g/m² it is a shadow; what bleeds comes through any paper of a notebook.
 */

declare(strict_types=1);

namespace AmpleMargin\Paper;

final class ShowThrough
{
    /** g/m² of a notebook nobody said more of. From memory. */
    public const USUAL = 100;

    /** Hundredths of its strength at 0 g/m², and g/m² by which that falls to a third. */
    private const STRONGEST = 75;
    private const FALLS = 70;

    /** What bleeds shows at least so strongly, and less so on heavy paper than on fine. */
    private const BLED = 45;

    /**
     * Hundredths of the strength it has on its own side.
     *
     * @param int|null $grammage g/m²; null where nobody said
     */
    public static function of(?int $grammage, bool $bleeds): int
    {
        $dry = (int) round(self::STRONGEST * exp(-($grammage ?? self::USUAL) / self::FALLS));

        return $bleeds ? min(100, self::BLED + 2 * $dry) : $dry;
    }
}
