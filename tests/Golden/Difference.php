<?php

/* Which pages are drawn otherwise than they were, and what of them. */

declare(strict_types=1);

namespace Tests\Golden;

final class Difference
{
    /** "case 3 notes 26×38: steps", and what is new or gone. */
    public static function said(string $name, ?string $before, ?string $now): string
    {
        return "$name: ".implode(', ', self::of($before, $now));
    }

    /** @return list<string> layers, rooms, steps; "pages" where their count is another */
    public static function of(?string $before, ?string $now): array
    {
        if (null === $before || null === $now) {
            return [null === $before ? 'new' : 'gone'];
        }
        [$old, $new] = [explode(' ', $before), explode(' ', $now)];
        $differ = [];
        foreach (['pages', ...Fingerprint::OF] as $i => $what) {
            if (($old[$i] ?? '') !== ($new[$i] ?? '')) {
                $differ[] = $what;
            }
        }

        return $differ;
    }

    /** What golden.txt says, in a few letters. */
    public static function hash(): string
    {
        return hash('xxh3', (string) file_get_contents(Golden::FILE));
    }

    /**
     * What changed, for changes.txt: of each kind or part what differs and how often.
     *
     * @param array<string, string> $kept
     * @param array<string, string> $now
     *
     * @return list<string>
     */
    public static function summed(array $kept, array $now): array
    {
        $all = [];
        foreach ($kept + $now as $name => $_) {
            if (($kept[$name] ?? null) !== ($now[$name] ?? null)) {
                // "case 3 notes 26×38", "plan 7 1 2027-03": the kind, or the spread's id without its number.
                $of = explode(' ', $name);
                $kind = 'case' === $of[0] ? $of[2] : (string) preg_replace(['/^\d{4}-\d\d$/', '/-\d+$/'], ['months', ''], $of[3]);
                $what = implode(', ', self::of($kept[$name] ?? null, $now[$name] ?? null));
                $all["{$of[0]}s of $kind: $what"] = ($all["{$of[0]}s of $kind: $what"] ?? 0) + 1;
            }
        }
        ksort($all);

        return array_map(static fn (string $what, int $times): string => "$what ($times)", array_keys($all), $all);
    }
}
