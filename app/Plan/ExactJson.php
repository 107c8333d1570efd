<?php

/*
 * JSON read so that nothing changes unsaid. PHP's arrays cannot tell {} from [] nor {"0": …} from a list, its floats
 * round long numbers, and of two equal names it takes the last: what an array would mistake stays an object, and what
 * PHP cannot hold is refused with its place.
 */

declare(strict_types=1);

namespace App\Plan;

use AmpleMargin\Plan\PlanProblem;

final class ExactJson
{
    /** Levels inside one another: a plan has five above a spread's settings, and `Kept` bounds those. */
    public const DEEPEST = 40;

    /** A string, with its colon where it is a name; a bracket; a number or word. */
    private const TOKEN = '/\G[\s,]*+(?:("(?:[^"\\\\]++|\\\\.)*+")(\s*+:)?|([{}\[\]])|([^\s,:{}\[\]"]++))/s';

    /**
     * @return mixed arrays for lists and names; stdClass where an array would be mistaken for a list
     *
     * @throws PlanProblem
     * @throws \JsonException where it is not JSON
     */
    public static function read(string $json): mixed
    {
        // Objects first: PHP then refuses a name that it could not write again.
        $read = json_decode($json, false, self::DEEPEST, \JSON_THROW_ON_ERROR);
        self::look($json);

        return self::kept($read);
    }

    /** What this program has written itself. @throws \JsonException */
    public static function own(string $json): mixed
    {
        return self::kept(json_decode($json, false, self::DEEPEST, \JSON_THROW_ON_ERROR));
    }

    private static function kept(mixed $value): mixed
    {
        if (\is_array($value)) {
            return array_map(self::kept(...), $value);
        }
        if (!$value instanceof \stdClass) {
            return $value;
        }
        $named = array_map(self::kept(...), get_object_vars($value));

        return array_is_list($named) ? (object) $named : $named;
    }

    /** Looks for names that are doubled and numbers that PHP would round. @throws PlanProblem */
    private static function look(string $json): void
    {
        // Of each open level: the names seen, null in a list; and the name or place it is at.
        /** @var list<array<string, true>|null> $names */
        $names = [];
        /** @var list<int|string> $path */
        $path = [];
        for ($at = 0; 1 === preg_match(self::TOKEN, $json, $found, \PREG_UNMATCHED_AS_NULL, $at); $at += \strlen($found[0])) {
            [, $string, $colon, $bracket, $bare] = $found + [null, null, null, null, null];
            $level = \count($path) - 1;
            if ('}' === $bracket || ']' === $bracket) {
                array_pop($names);
                array_pop($path);
            } elseif (null !== $colon && isset($path[$level])) {
                $name = json_decode((string) $string, false, 1, \JSON_THROW_ON_ERROR);
                $path[$level] = $name = \is_string($name) ? $name : '';
                if (isset($names[$level]["-$name"])) {
                    throw PlanProblem::at(
                        self::place($path),
                        'The name "'.mb_strimwidth($name, 0, 60, '…').'" stands here twice; only one of them could be kept.',
                    );
                }
                $names[$level]["-$name"] = true;
            } else {
                if (isset($path[$level]) && null === $names[$level]) {
                    $path[$level] = (int) $path[$level] + 1;
                }
                if (null !== $bracket) {
                    $names[] = '{' === $bracket ? [] : null;
                    $path[] = -1;
                } elseif (null !== $bare && 1 === preg_match('/^-?\d/', $bare) && !self::isExact($bare)) {
                    throw PlanProblem::at(
                        self::place($path),
                        'The number '.mb_strimwidth($bare, 0, 40, '…').' has more figures than can be kept.',
                    );
                }
            }
        }
    }

    /** Whether the number comes back as it was said: "1.50" as 1.5, but not "12345678901234567890". */
    private static function isExact(string $said): bool
    {
        $number = json_decode($said);

        return (\is_int($number) || (\is_float($number) && is_finite($number)))
            && self::figures($said) === self::figures((string) json_encode($number));
    }

    /** @return array{string, string, int} sign, figures without noughts at either end, the power of ten of the last of them */
    private static function figures(string $number): array
    {
        preg_match('/^(-?)(\d+)(?:\.(\d+))?(?:[eE]([+-]?\d{1,9}))?$/', $number, $part);
        $fraction = $part[3] ?? '';
        $all = ltrim(($part[2] ?? '').$fraction, '0');
        $figures = rtrim($all, '0');

        return '' === $figures ? ['', '0', 0] : [
            $part[1] ?? '',
            $figures,
            (int) ($part[4] ?? 0) - \strlen($fraction) + \strlen($all) - \strlen($figures),
        ];
    }

    /** @param list<int|string> $path */
    private static function place(array $path): string
    {
        return mb_strimwidth(implode('/', $path), 0, 200, '…');
    }
}
