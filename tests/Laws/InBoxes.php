<?php

/*
 * What is said to who counts dots, read back in boxes: a reading of its own, so that the laws of steps hold for both schools. A region
 * spans a dot more than it has boxes.
 */

declare(strict_types=1);

namespace Tests\Laws;

use AmpleMargin\Counting\Tally;

final class InBoxes
{
    private const N = '(\d+)([½⅓⅔¼¾⅕⅖⅗⅘⅛⅜⅝⅞]?)';

    public static function step(string $said, Tally $tally): string
    {
        if (Tally::Boxes === $tally) {
            return $said;
        }
        $less = static fn (string $whole, string $part): string => '1' === $whole && '' !== $part ? $part : ((int) $whole - 1).$part;
        $n = self::N;
        foreach ([
            "/$n × $n dots/u" => static fn (array $of): string => "{$less($of[1], $of[2])} × {$less($of[3], $of[4])} boxes",
            "/$n dots across, $n down/u" => static fn (array $of): string => "{$less($of[1], $of[2])} boxes across, {$less($of[3], $of[4])} down",
            "/(the top|a letter in|for) $n dots/u" => static fn (array $of): string => "$of[1] {$less($of[2], $of[3])} boxes",
            "/$n dots (long|wide|tall)/u" => static fn (array $of): string => "{$less($of[1], $of[2])} boxes $of[3]",
            "/Count to dot $n (across|down)/u" => static fn (array $of): string => "Count {$less($of[1], $of[2])} boxes $of[3]",
            "/on dot $n from the (outer edge|head|fold)/u" => static fn (array $of): string => "{$less($of[1], $of[2])} boxes from the $of[3]",
            '/every dot/' => static fn (): string => 'every box',
            "/$n dots?\\b/u" => static fn (array $of): string => "$of[1]$of[2] boxes",
            '/([½⅓⅔¼¾⅕⅖⅗⅘⅛⅜⅝⅞]) dots?\\b/u' => static fn (array $of): string => "$of[1] boxes",
            '/\bin dots\b/' => static fn (): string => 'in boxes',
        ] as $pattern => $as) {
            $said = (string) preg_replace_callback($pattern, $as, $said);
        }

        return self::sum($said, $tally);
    }

    public static function sum(string $said, Tally $tally): string
    {
        return Tally::Boxes === $tally ? $said : strtr($said, ['spaces' => 'boxes', 'a space ' => 'a box ', ' space' => ' box']);
    }
}
