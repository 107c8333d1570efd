<?php

/* Which spreads are to face each other, by wish or as a rule, and which of them cannot. */

declare(strict_types=1);

namespace AmpleMargin\Paging;

use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Offer;
use AmpleMargin\Paper\Leaf;
use AmpleMargin\Plan\Side;

final class Pairs
{
    /** @var array<string, string> id → the id it should face, both ways */
    public array $all = [];

    /** @var array<string, true> ids of the pairs that must, both of each */
    public array $required = [];

    /** @var array<string, string> the same once for each pair, from the spread that asks for it */
    private array $named = [];

    /** @var list<Finding> pairs that cannot be */
    public array $findings = [];

    /** @var array<string, Placeable> by id */
    private array $known = [];

    /** @var array<string, int> id → section */
    private array $home = [];

    /** @param list<list<Placeable>> $sections */
    public function __construct(array $sections)
    {
        foreach ($sections as $i => $section) {
            foreach ($section as $spread) {
                $this->home[$spread->id] = $i;
                $this->known[$spread->id] = $spread;
            }
        }
        foreach ($this->known as $id => $spread) {
            if (null === $spread->faces || isset($this->all[$id])) {
                continue;
            }
            $trouble = $this->trouble($spread, $this->known[$spread->faces] ?? null);
            if (null !== $trouble) {
                $this->findings[] = new Finding($id, $trouble, [self::parting($id)]);
                continue;
            }
            $this->all[$id] = $spread->faces;
            $this->all[$spread->faces] = $id;
            $this->named[$id] = $spread->faces;
            $other = $this->known[$spread->faces];
            if ($spread->mustFace || ($other->faces === $id && $other->mustFace)) {
                $this->required[$id] = $this->required[$spread->faces] = true;
            }
        }
    }

    /**
     * What a spread could face if it asked for it: nothing that faces a third.
     *
     * @return list<string> ids, the one it faces already among them
     */
    public function open(string $id): array
    {
        $spread = $this->known[$id] ?? null;
        $partner = $this->all[$id] ?? null;

        return null === $spread ? [] : array_values(array_map(
            static fn (Placeable $other): string => $other->id,
            array_filter(
                $this->known,
                fn (Placeable $other): bool => $other->id === $partner || null === $this->trouble($spread, $other),
            ),
        ));
    }

    /**
     * The pairs that could not be brought together.
     *
     * @param list<PlacedSpread> $placed
     *
     * @return list<Finding>
     */
    public function apart(array $placed): array
    {
        $pages = [];
        foreach ($placed as $one) {
            $pages[$one->spread->id] = $one->page;
        }
        $findings = [];
        foreach ($this->named as $id => $other) {
            $spread = $this->known[$id];
            if (!isset($pages[$id], $pages[$other]) || $pages[$other] === Leaf::facing($pages[$id])) {
                continue;
            }
            $where = "$spread->name stands on page {$pages[$id]}, {$this->known[$other]->name} on page {$pages[$other]}: they do not "
                .'face each other';
            $findings[] = isset($this->required[$id])
                ? new Finding(
                    $id,
                    "$where, although they must. No order that keeps the other rules was found that brings them together.",
                    [self::parting($id)],
                )
                : new Finding(
                    $id,
                    "$where. That would take more empty pages, or more spreads moved.",
                    [
                        Offer::spread($id, 'Let them face each other all the same', ['must_face' => true]),
                        self::parting($id),
                    ],
                    false,
                );
        }

        return $findings;
    }

    private function trouble(Placeable $spread, ?Placeable $other): ?string
    {
        return match (true) {
            null === $other || $other === $spread => "$spread->name should face a spread that is not in this part of the book.",
            2 !== $spread->halves
                || 2 !== $other->halves => "$spread->name and $other->name cannot face each other: a pair is two single pages.",
            $this->home[$spread->id] !== $this->home[$other->id] => "$spread->name and $other->name stand in different sections and "
                .'cannot face each other.',
            isset($this->all[$other->id]) => "$other->name already faces another spread; $spread->name cannot face it too.",
            Side::Any !== $spread->side
                && $spread->side === $other->side => "$spread->name and $other->name both want a {$spread->side->value} page and "
                    .'cannot face each other.',
            default => null,
        };
    }

    private static function parting(string $id): Offer
    {
        return Offer::spread($id, 'Part the pair', ['faces' => null]);
    }
}
