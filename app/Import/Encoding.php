<?php

/* Bytes of a file as UTF-8: as it says at its beginning, as they can be, or as Western files were written before. */

declare(strict_types=1);

namespace App\Import;

final class Encoding
{
    private const MARKS = ["\xEF\xBB\xBF" => 'UTF-8', "\xFF\xFE" => 'UTF-16LE', "\xFE\xFF" => 'UTF-16BE'];

    /** Null where they are no text. */
    public static function text(string $bytes): ?string
    {
        foreach (self::MARKS as $mark => $encoding) {
            if (str_starts_with($bytes, $mark)) {
                $text = mb_convert_encoding(substr($bytes, \strlen($mark)), 'UTF-8', $encoding);

                return \is_string($text) ? self::lines($text) : null;
            }
        }
        if (str_contains($bytes, "\0")) {
            return null;
        }
        $text = mb_check_encoding($bytes, 'UTF-8') ? $bytes : mb_convert_encoding($bytes, 'UTF-8', 'Windows-1252');

        return \is_string($text) ? self::lines($text) : null;
    }

    private static function lines(string $text): string
    {
        return str_replace(["\r\n", "\r"], "\n", $text);
    }
}
