<?php

/* The page sizes a notebook is sold in, in micrometres so that inch sizes stay exact. */

declare(strict_types=1);

namespace AmpleMargin\Paper;

enum PaperSize: string
{
    case A3 = 'A3';
    case A4 = 'A4';
    case A5 = 'A5';
    case A6 = 'A6';
    case B5 = 'B5';
    case B6 = 'B6';
    case JisB5 = 'JIS B5';
    case JisB6 = 'JIS B6';
    case Letter = 'US Letter';

    /**
     * Width and height in µm, upright.
     *
     * Sources: ISO 216 (A and B sizes), JIS P 0138 (JIS B sizes), ANSI/ASME Y14.1 (US Letter, 8½ × 11 in).
     *
     * @return array{int, int}
     */
    public function micrometres(): array
    {
        return match ($this) {
            self::A3 => [297_000, 420_000],
            self::A4 => [210_000, 297_000],
            self::A5 => [148_000, 210_000],
            self::A6 => [105_000, 148_000],
            self::B5 => [176_000, 250_000],
            self::B6 => [125_000, 176_000],
            self::JisB5 => [182_000, 257_000],
            self::JisB6 => [128_000, 182_000],
            self::Letter => [215_900, 279_400],
        };
    }

    /** A paper of the printer, by the word for it: "A4", "A5", "A3" or "Letter"; null for any other. */
    public static function ofPrinter(string $word): ?self
    {
        return ['A4' => self::A4, 'A5' => self::A5, 'A3' => self::A3, 'Letter' => self::Letter][$word] ?? null;
    }

    /**
     * The sizes to choose a notebook from; Letter and A3 are only printed on.
     *
     * @return list<self>
     */
    public static function notebooks(): array
    {
        return [self::A5, self::B5, self::A6, self::B6, self::JisB5, self::JisB6, self::A4];
    }
}
