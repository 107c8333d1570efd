<?php

/*
 * A parting as a plan file has it (docs/format.md), and back:
 *
 *     {"divide": "down", "gap": 1, "parts": [
 *         {"needed": true, "fill": "title"},
 *         {"boxes": 12, "fill": "lines", "name": "Why"},
 *         {"share": 2, "divide": "across", "parts": [ … ]}]}
 *
 * or, for an opening and longer runs, {"pages": [ …, … ]}, a parting for each page; where leaves of it are cut, {"cut": "doors",
 * "pages": [ … ], "settings": { … }}, a parting for each role of the cut.
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling;

use AmpleMargin\Counting\Remainder;
use AmpleMargin\Spread\Page\Direction;
use AmpleMargin\Spread\Part\Cut;
use AmpleMargin\Spread\Part\Cuts;
use AmpleMargin\Spread\Part\FilledPart;
use AmpleMargin\Spread\Part\Parting;
use AmpleMargin\Spread\Part\PartRefused;
use AmpleMargin\Spread\Part\Portion;
use AmpleMargin\Spread\Part\Run;
use AmpleMargin\Spread\Part\Size;

final class PartingFile
{
    /** Letters of a part's name. */
    public const LONGEST_NAME = 200;

    private const LEFTOVER = [Remainder::Outside, Remainder::After, Remainder::IntoGaps, Remainder::IntoParts];

    /** Leaves read so far. */
    private int $leaves = 0;

    /** @throws PartRefused naming the part */
    public static function read(mixed $written): Portion
    {
        $plain = $written instanceof \stdClass ? get_object_vars($written) : $written;
        $pages = \is_array($plain) ? $plain['pages'] ?? null : null;
        if (null === $pages) {
            return (new self())->piece($written, '', 0);
        }
        $cut = self::cut($plain);
        $least = $cut?->least() ?? 2;
        $most = null === $cut ? Run::MOST : \count($cut->roles());
        if (!\is_array($pages) || [] === $pages || !array_is_list($pages) || \count($pages) < $least || \count($pages) > $most) {
            throw PartRefused::at('', null === $cut
                ? "A spread is divided over $least to $most pages; one page is a parting itself."
                : "{$cut::name()} have $least to $most partings: ".mb_strtolower(implode(', ', $cut->roles())).'.');
        }

        $pages = array_map(
            static fn (mixed $page, int $i): Portion => (new self())->piece($page, (string) $i, 0),
            $pages,
            array_keys($pages),
        );

        return null === $cut && true === ($plain['flows'] ?? false) ? Run::flowing($pages) : Run::of($pages, $cut);
    }

    /** @param array<array-key, mixed> $written @throws PartRefused */
    private static function cut(array $written): ?Cut
    {
        $word = $written['cut'] ?? null;
        if (null === $word) {
            return null;
        }
        $cut = \is_string($word) ? Cuts::named($word) : null;
        $settings = $written['settings'] ?? [];
        $settings = $settings instanceof \stdClass ? get_object_vars($settings) : $settings;
        $ask = $written['ask'] ?? [];
        if (null === $cut || !\is_array($settings)) {
            throw PartRefused::at('', 'Leaves are cut as '.implode(', ', array_keys(Cuts::all())).'; its settings are named values.');
        }

        return $cut->set($settings)->open(...(\is_array($ask) ? array_values(array_filter($ask, is_string(...))) : []));
    }

    /** @return array<string, mixed> */
    public static function written(Portion $piece): array
    {
        if ($piece instanceof FilledPart) {
            return array_filter([
                'fill' => Fillings::word($piece->filling),
                'name' => $piece->name,
                'settings' => [] === $piece->settings ? null : (object) $piece->settings,
                'ask' => match (true) {
                    [] === $piece->open => null,
                    array_keys($piece->open) === array_values($piece->open) => array_keys($piece->open),
                    default => $piece->open,
                },
                'once' => $piece->once ? true : null,
            ], static fn (mixed $value): bool => null !== $value);
        }
        if ($piece instanceof Run) {
            return array_filter([
                'cut' => null === $piece->cut ? null : $piece->cut::word(),
                'settings' => null === $piece->cut || [] === $piece->cut->written() ? null : (object) $piece->cut->written(),
                'ask' => null === $piece->cut || [] === $piece->cut->open ? null : array_keys($piece->cut->open),
                'flows' => $piece->flows ? true : null,
                'pages' => array_map(self::written(...), $piece->pages),
            ], static fn (mixed $value): bool => null !== $value);
        }
        if (!$piece instanceof Parting) {
            throw new \LogicException('A part is filled, or divided.');
        }
        $written = ['divide' => $piece->way->value];
        if (null !== $piece->gap) {
            $written['gap'] = $piece->gap;
        }
        if (Remainder::Outside !== $piece->policy) {
            $written['leftover'] = $piece->policy->value;
        }

        return $written + ['parts' => array_map(
            static fn (array $part): array => $part[0]->written() + self::written($part[1]),
            $piece->parts,
        )];
    }

    /** A way to leave boxes over that a page of parts knows. @throws PartRefused */
    public static function leftover(mixed $said, string $path): Remainder
    {
        $policy = \is_string($said) ? Remainder::tryFrom($said) : null;

        return \in_array($policy, self::LEFTOVER, true)
            ? $policy
            : throw PartRefused::at($path, 'What is left over goes outside, after the last part, into the gaps or into the parts.');
    }

    /** @throws PartRefused */
    public static function gap(mixed $said, string $path): ?int
    {
        return null === $said || (\is_int($said) && $said >= 0 && $said <= 20)
            ? $said
            : throw PartRefused::at($path, 'A gap is 0 to 20 boxes.');
    }

    /** A name, or null for none. @throws PartRefused */
    public static function name(mixed $said, string $path): ?string
    {
        if (null !== $said && (!\is_string($said) || mb_strlen($said) > self::LONGEST_NAME)) {
            throw PartRefused::at($path, 'The name of a part has '.self::LONGEST_NAME.' letters at most.');
        }

        return null === $said || '' === trim($said) ? null : trim($said);
    }

    private function piece(mixed $written, string $path, int $deep): Portion
    {
        $written = $written instanceof \stdClass ? get_object_vars($written) : $written;
        if (!\is_array($written)) {
            throw PartRefused::at($path, 'A part says what fills it, or how it is divided.');
        }

        return isset($written['divide']) ? $this->parting($written, $path, $deep) : $this->leaf($written, $path);
    }

    /** @param array<array-key, mixed> $written */
    private function parting(array $written, string $path, int $deep): Parting
    {
        $way = \is_string($written['divide']) ? Direction::tryFrom($written['divide']) : null;
        $each = $written['parts'] ?? null;
        if (null === $way || !\is_array($each) || [] === $each || !array_is_list($each)) {
            throw PartRefused::at($path, 'A division goes across or down, and has parts.');
        }
        if ($deep >= Parting::DEEPEST) {
            throw PartRefused::tooDeep($path);
        }
        if (\count($each) > Parting::MOST) {
            throw PartRefused::tooMany($path);
        }
        $parts = [];
        foreach ($each as $i => $part) {
            $below = '' === $path ? (string) $i : "$path.$i";
            $parts[] = [Size::read($part, $below), $this->piece($part, $below, $deep + 1)];
        }

        return Parting::of(
            $way,
            $parts,
            self::gap($written['gap'] ?? null, $path),
            isset($written['leftover']) ? self::leftover($written['leftover'], $path) : Remainder::Outside,
        );
    }

    /** @param array<array-key, mixed> $written */
    private function leaf(array $written, string $path): FilledPart
    {
        if (++$this->leaves > Parting::MOST) {
            throw PartRefused::tooMany($path);
        }
        $word = $written['fill'] ?? null;
        $filling = \is_string($word) ? Fillings::named($word) : null;
        if (null === $filling) {
            $said = \is_string($word) ? '“'.mb_strimwidth($word, 0, 40, '…').'”' : 'nothing that has a name';
            throw PartRefused::at($path, "A part is filled with $said, which this program does not know.");
        }
        $settings = $written['settings'] ?? [];
        $settings = $settings instanceof \stdClass ? get_object_vars($settings) : $settings;
        if (!\is_array($settings)) {
            throw PartRefused::at($path, 'The settings of a part are named values.');
        }
        $ask = $written['ask'] ?? [];
        $ask = $ask instanceof \stdClass ? get_object_vars($ask) : $ask;
        $open = [];
        foreach (\is_array($ask) ? $ask : [] as $as => $name) {
            // No setting is called a number.
            if (\is_string($name) && !is_numeric($name)) {
                $open[\is_int($as) ? $name : $as] = $name;
            }
        }
        $leaf = FilledPart::of($filling, self::name($written['name'] ?? null, $path))
            ->with($settings)
            ->open(...$open);

        return true === ($written['once'] ?? false) ? $leaf->once() : $leaf;
    }
}
