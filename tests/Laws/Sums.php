<?php

/* Sums as sentences have them, done once more: "26 boxes − 4 for the title = 22 = 7 × 3 + 1 left over". */

declare(strict_types=1);

namespace Tests\Laws;

final class Sums
{
    private const GLYPHS = [
        '½' => '1/2', '⅓' => '1/3', '⅔' => '2/3', '¼' => '1/4', '¾' => '3/4', '⅕' => '1/5', '⅖' => '2/5', '⅗' => '3/5', '⅘' => '4/5',
        '⅙' => '1/6', '⅚' => '5/6', '⅐' => '1/7', '⅛' => '1/8', '⅜' => '3/8', '⅝' => '5/8', '⅞' => '7/8', '⅑' => '1/9', '⅒' => '1/10',
    ];

    /** A number as it is written: "8⅔", "3 2/9", "13", "1.5". */
    public static function number(string $said): float
    {
        $said = strtr(trim($said), ["\u{a0}" => ' ']);
        foreach (self::GLYPHS as $glyph => $share) {
            [$above, $below] = array_map(intval(...), explode('/', $share));
            if (str_ends_with($said, $glyph)) {
                return (float) str_replace($glyph, '', $said) + $above / $below;
            }
        }
        if (1 === preg_match('#^(?:(\d+) )?(\d+)/(\d+)$#', $said, $found)) {
            return (float) $found[1] + (int) $found[2] / (int) $found[3];
        }

        return (float) $said;
    }

    /**
     * The clauses of a sentence that are sums, each "wrong: …" where it does not hold.
     *
     * @return array{int, list<string>} how many there were, and those that are wrong
     */
    public static function of(string $sentence): array
    {
        $count = 0;
        $wrong = [];
        foreach (preg_split('/;|: (?=\d+ [a-z]+ = )/u', $sentence) ?: [] as $clause) {
            $sides = explode(' = ', $clause);
            for ($i = 1; $i < \count($sides); ++$i) {
                // What is divided and rounded is a whole number on the other side.
                $rounded = str_contains($sides[$i - 1], '÷') || str_contains($sides[$i - 1], 'rounded');
                [$left, $right] = [self::side($sides[$i - 1]), self::side($sides[$i])];
                if (null === $left || null === $right) {
                    continue;
                }
                ++$count;
                $holds = $rounded ? abs($left - $right) < 1 && (abs($left - $right) < 0.02 || abs($right - round($right)) < 0.001) : abs($left - $right) < 0.02;
                if (!$holds) {
                    $wrong[] = "{$sides[$i - 1]} = {$sides[$i]}";
                }
            }
        }

        return [$count, $wrong];
    }

    /** What one side of it comes to; null where it is no sum. */
    private static function side(string $said): ?float
    {
        // "(12 before the 1st + 31 days)", "30 of 40 boxes", "22: half a box off", "1 a row", "4 = 2 above".
        $said = (string) preg_replace('/([½⅓⅔¼¾]) of (?=\d)/u', '$1 × ', $said);
        $said = (string) preg_replace('/\b(\d+)(?:st|nd|rd|th)\b/u', '', $said);
        $said = (string) preg_replace('/\((?:a 1 is narrower|[A-Z][^)]*)\)/u', '', $said);
        $said = (string) preg_replace('/^(?=[^:(=]*\p{L})[^=(]*?:\s*(?=[\d(])/u', '', $said);
        $said = (string) preg_replace('/(?<=\d|[½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅐⅛⅜⅝⅞])(?: [a-z]+)* of (?:at most )?[\d½].*$/u', '', $said);
        $said = (string) preg_replace('/(?:: |, (?!and )).*$/u', '', $said);
        $said = (string) preg_replace_callback(
            '/(?:(\d+)[ \x{a0}]?)?([½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅐⅛⅜⅝⅞⅑⅒])|(?:(\d+)\x{a0})?(\d+)\/(\d+)/u',
            static fn (array $of): string => (string) self::number($of[0]),
            $said,
        );
        $plain = strtr((string) preg_replace('/[^\d.()+−×÷ -]/u', ' ', $said), ['−' => '-', '×' => '*', '÷' => '/']);
        $plain = trim((string) preg_replace(['/\s+/', '/\( /', '/ \)/'], [' ', '(', ')'], $plain), ' .');
        if (1 !== preg_match('~^\(?\d[\d.]*\)?(?: ?[-+*/] ?\(?\d[\d.]*\)?)*$~', $plain) || substr_count($plain, '(') !== substr_count($plain, ')')) {
            return null;
        }

        return self::value($plain);
    }

    /** By hand, so that nothing of a sentence is ever run. */
    private static function value(string $plain): float
    {
        while (1 === preg_match('/\(([^()]*)\)/', $plain, $inner)) {
            $plain = str_replace($inner[0], (string) self::value($inner[1]), $plain);
        }
        $sum = 0.0;
        foreach (preg_split('~(?<=[\d ])(?= ?[-+] ?\d)~', $plain) ?: [] as $term) {
            $sign = str_starts_with(ltrim($term), '-') ? -1 : 1;
            $value = null;
            preg_match_all('~([*/]?)\s*(\d[\d.]*)~', ltrim($term, ' +-'), $factors, \PREG_SET_ORDER);
            foreach ($factors as [, $operator, $number]) {
                $value = match ($operator) {
                    '*' => $value * (float) $number,
                    '/' => (float) $number > 0 ? $value / (float) $number : \NAN,
                    default => (float) $number,
                };
            }
            $sum += $sign * (float) $value;
        }

        return $sum;
    }
}
