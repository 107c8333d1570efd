<?php

/* Millimetres at the edge of the program: read from and written for people, held as whole micrometres. */

declare(strict_types=1);

namespace AmpleMargin\Paper;

final class Millimetres
{
    /** 6350 → "6.35", 148000 → "148". */
    public static function written(int $micrometres): string
    {
        $sign = $micrometres < 0 ? '−' : '';
        $rest = abs($micrometres) % 1000;
        $whole = intdiv(abs($micrometres), 1000);

        return $sign.$whole.(0 === $rest ? '' : '.'.rtrim(\sprintf('%03d', $rest), '0'));
    }

    /** Rounded for a sentence: 46.25 to one decimal → "46.3", 46.0 → "46". @param float $millimetres */
    public static function rounded(float $millimetres, int $decimals): string
    {
        $written = number_format($millimetres, $decimals, '.', '');

        return str_contains($written, '.') ? rtrim(rtrim($written, '0'), '.') : $written;
    }

    /** Whole boxes that a length takes, rounded up so that it fits. @param int $pitch µm a box */
    public static function boxes(int $micrometres, int $pitch): int
    {
        return intdiv($micrometres + $pitch - 1, $pitch);
    }

    /** "150,8", "150.8 mm" → 150800; null for anything else. */
    public static function said(string $said): ?int
    {
        $said = str_replace(',', '.', trim((string) preg_replace('/\s*mm$/', '', trim($said))));

        return 1 === preg_match('/^\d{1,3}(\.\d{1,3})?$/D', $said) ? self::read((float) $said) : null;
    }

    /** 3.7 → 3700: to the nearest micrometre. */
    public static function read(int|float $millimetres): int
    {
        return (int) round($millimetres * 1000);
    }
}
