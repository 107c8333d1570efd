<?php

/*
 * A sentence that counts boxes, for who counts dots. Both count the same lines: a region n boxes wide spans n + 1 dots, what is n boxes
 * away is n dots on, and a sum adds the spaces between dots. What is a box to draw or to write in stays one.
 */

declare(strict_types=1);

namespace AmpleMargin\Counting;

/** Source: docs/trade.md, "Boxes and dots" (common practice, no source). */
final class InDots
{
    /** As places and sizes are written: 8, 1½, ½. */
    private const N = '(\d+[½¼¾⅓⅔⅕⅖⅗⅘⅛⅜⅝⅞]?|[½¼¾⅓⅔⅕⅖⅗⅘⅛⅜⅝⅞])';

    /** What is done, as it is read while drawing. */
    public static function step(string $inBoxes): string
    {
        if (!str_contains($inBoxes, 'box')) {
            return $inBoxes;
        }
        $n = self::N;
        $more = self::more(...);

        return self::outsideQuotes($inBoxes, static fn (string $said): string => self::replaced($said, [
            // A sum of spaces.
            '\([^()]*\bbox[^()]*\)' => static fn (array $of): string => self::sum($of[0]),
            // A region, by the dots it spans.
            "\\b$n × $n box(?:es)?\\b" => static fn (array $of): string => "{$more($of[1])} × {$more($of[2])} dots",
            "\\b$n box(?:es)? across, $n down\\b" => static fn (array $of): string => "{$more($of[1])} dots across, {$more($of[2])} down",
            "\\bthe top $n box(?:es)?\\b" => static fn (array $of): string => "the top {$more($of[1])} dots",
            "\\bfor $n box(?:es)? (across|down)\\b" => static fn (array $of): string => "for {$more($of[1])} dots $of[2]",
            "\\ba letter in $n box(?:es)?\\b" => static fn (array $of): string => "a letter in {$more($of[1])} dots",
            "\\b$n box(?:es)? (long|wide|tall)\\b" => static fn (array $of): string => "{$more($of[1])} dots $of[2]",
            // A place, by the dot it is on.
            "\\bCount $n box(?:es)? (across|down)\\b" => static fn (array $of): string => "Count to dot {$more($of[1])} $of[2]",
            "\\b$n box(?:es)? from the (outer edge|head|fold)\\b" => static fn (array $of): string => "on dot {$more($of[1])} "
                ."from the $of[2]",
            // A distance, by the dots that are counted on.
            '\bone every box\b' => static fn (): string => 'one every dot',
            "\\b$n box(?:es)?\\b" => static fn (array $of): string => $of[1].('1' === $of[1] ? ' dot' : ' dots'),
            '\bin boxes\b' => static fn (): string => 'in dots',
            '\ba box (or two|less|between|stays|from)\b' => static fn (array $of): string => "a dot $of[1]",
            '\bCount the boxes (above|before|below|after)\b' => static fn (array $of): string => "Count the spaces $of[1]",
        ]));
    }

    /** A number and one more: 8 → 9, ½ → 1½. */
    private static function more(string $number): string
    {
        return (string) preg_replace_callback('/^\d*/', static fn (array $whole): string => (string) ((int) $whole[0] + 1), $number, 1);
    }

    /** A sum, or what it comes to. */
    public static function sum(string $inBoxes): string
    {
        return self::outsideQuotes($inBoxes, static fn (string $said): string => self::replaced($said, [
            '\bboxes\b' => static fn (): string => 'spaces',
            '\bbox\b' => static fn (): string => 'space',
        ]));
    }

    /** @param array<string, \Closure(array<string>): string> $patterns */
    private static function replaced(string $said, array $patterns): string
    {
        foreach ($patterns as $pattern => $as) {
            $said = (string) preg_replace_callback("/$pattern/u", $as, $said);
        }

        return $said;
    }

    /**
     * What a person wrote stays as it is.
     *
     * @param \Closure(string): string $as
     */
    private static function outsideQuotes(string $said, \Closure $as): string
    {
        $pieces = preg_split('/(“[^”]*”)/u', $said, -1, \PREG_SPLIT_DELIM_CAPTURE);

        return false === $pieces ? $said : implode('', array_map(
            static fn (string $piece): string => str_starts_with($piece, '“') ? $piece : $as($piece),
            $pieces,
        ));
    }
}
