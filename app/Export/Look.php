<?php

/* How the layers of a sheet look on paper: one for PDF and SVG. Widths in mm. */

declare(strict_types=1);

namespace App\Export;

use AmpleMargin\Sheet\Tone;

final class Look
{
    public const BAND = '#F3E3A8';
    public const DOT = '#C8CCD0';

    private const INK = '#22304A';
    private const QUIET = '#5A626E';

    /** @return array{float, string, string} width, colour, and dashes or "" */
    public static function pen(Tone $tone): array
    {
        return match ($tone) {
            Tone::Pencil => [0.12, '#737B86', ''],
            Tone::Ink, Tone::Writing => [0.25, self::INK, ''],
            Tone::Ruler => [0.12, self::QUIET, ''],
            Tone::Cut => [0.1, '#000000', ''],
            Tone::Fold => [0.12, '#000000', '2,1.5'],
            Tone::Band => [0.1, self::BAND, ''],
        };
    }

    public static function words(Tone $tone): string
    {
        return \in_array($tone, [Tone::Ink, Tone::Writing], true) ? self::INK : self::QUIET;
    }
}
