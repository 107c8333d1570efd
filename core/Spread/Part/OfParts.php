<?php

/*
 * What a person said of single parts of a spread's pages, over what its kind says of them: for this spread alone. A part is known by what
 * fills it, as a person reads it, and where several are filled alike by their order: "table", "lines 2".
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part;

use AmpleMargin\Spread\Setting\Settings;

final class OfParts
{
    /** Beside its settings: its name, which what fills it writes; without words it has none. */
    public const NAME = 'part_name';

    /** Letters of a name at most. From memory. */
    private const LONGEST = 200;

    /** Settings of one part that were said, at most; a plan file that has more was not written by this program. */
    private const MOST = 100;

    /** @param array<array-key, mixed> $said part → its settings, as a plan has them */
    public static function over(Portion $piece, array $said): Portion
    {
        $seen = [];

        return [] === $said ? $piece : $piece->each(static function (FilledPart $leaf) use ($said, &$seen): FilledPart {
            $own = self::settings($said[self::next($leaf, $seen)] ?? null);
            $name = $own[self::NAME] ?? null;
            $leaf = self::isName($name) ? $leaf->named(self::name($name)) : $leaf;
            $own = array_diff_key($own, array_flip($leaf->open));
            // What makes no sense counts as not said: it stays as the kind has it.
            $own = array_filter(
                array_intersect_key($own, $leaf->known()),
                static fn (mixed $value, string|int $name): bool => null === $leaf->known()[$name]->wrong($value),
                \ARRAY_FILTER_USE_BOTH,
            );

            return [] === $own ? $leaf : $leaf->set($own);
        });
    }

    /** @return array<string, FilledPart> the parts of a page, by the names they are known by, in their order */
    public static function of(Portion $piece): array
    {
        $named = $seen = [];
        foreach ($piece->leaves() as $leaf) {
            $named[self::next($leaf, $seen)] = $leaf;
        }

        return $named;
    }

    /**
     * What is said of one part.
     *
     * @param mixed $said as a plan has it
     *
     * @return array<array-key, mixed>
     */
    public static function settings(mixed $said): array
    {
        $said = $said instanceof \stdClass ? get_object_vars($said) : $said;

        return \is_array($said) ? \array_slice($said, 0, self::MOST, true) : [];
    }

    /**
     * What of it makes no sense; it counts as not said.
     *
     * @param array<array-key, mixed> $said part → its settings
     *
     * @return list<array{string, string, string}> part, setting, a sentence
     */
    public static function wrong(Portion $piece, array $said): array
    {
        $wrong = [];
        foreach ([] === $said ? [] : self::of($piece) as $part => $leaf) {
            foreach ((new Settings(self::settings($said[$part] ?? null), $leaf->known()))->wrong() as $name => $says) {
                $wrong[] = [$part, $name, $says];
            }
        }

        return $wrong;
    }

    /**
     * Whether a part can be called so.
     *
     * @phpstan-assert-if-true string $said
     */
    public static function isName(mixed $said): bool
    {
        return \is_string($said) && mb_strlen($said) <= self::LONGEST;
    }

    private static function name(string $said): ?string
    {
        return '' === trim($said) ? null : trim($said);
    }

    /** @param array<string, int> $seen how many there were of each before */
    private static function next(FilledPart $leaf, array &$seen): string
    {
        $word = mb_strtolower($leaf->filling->name());
        $nth = $seen[$word] = ($seen[$word] ?? 0) + 1;

        return 1 === $nth ? $word : "$word $nth";
    }
}
