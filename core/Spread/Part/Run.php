<?php

/*
 * Pages after one another, each parted in its own way: an opening, or more. A part stands on one page, so nothing stands on the
 * fold; a list that is to go on over it is taken up by a part of the next page. Where leaves of it are cut, the cut arranges the pages.
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part;

use AmpleMargin\Spread\Page\Region;

final class Run implements Portion
{
    /** A spread with more pages is a book of its own. From memory. */
    public const MOST = 12;

    /**
     * @param non-empty-list<Portion> $pages of leaves that are cut: what stands on them, in the order of the cut's roles
     * @param bool                  $flows whether what is not done on one of them goes on on pages of its own before the next
     */
    private function __construct(public readonly array $pages, public readonly ?Cut $cut = null, public readonly bool $flows = false)
    {
    }

    /**
     * Pages one after another, each as often as it takes.
     *
     * @param non-empty-list<Portion> $pages of which none is a run
     */
    public static function flowing(array $pages): self
    {
        return new self($pages, null, true);
    }

    /** @param non-empty-list<Portion> $pages of which none is a run */
    public static function of(array $pages, ?Cut $cut = null): self
    {
        return new self($pages, $cut);
    }

    /**
     * The pages of a piece: its own where it is a run, else itself.
     *
     * @return non-empty-list<Portion>
     */
    public static function pagesOf(Portion $piece): array
    {
        return $piece instanceof self ? $piece->pages : [$piece];
    }

    /** How leaves of a piece are cut; null where none is. */
    public static function cutOf(Portion $piece): ?Cut
    {
        return $piece instanceof self ? $piece->cut : null;
    }

    public function part(int $i): ?Portion
    {
        return $this->pages[$i] ?? null;
    }

    public function withPart(int $i, Portion $part): self
    {
        $pages = $this->pages;
        $pages[$i] = $part;

        return new self(array_values($pages), $this->cut, $this->flows);
    }

    public function leaves(): array
    {
        return array_merge(...array_map(static fn (Portion $page): array => $page->leaves(), $this->pages));
    }

    public function deep(): int
    {
        return max(array_map(static fn (Portion $page): int => $page->deep(), $this->pages));
    }

    public function each(\Closure $as): self
    {
        return new self(array_map(static fn (Portion $page): Portion => $page->each($as), $this->pages), $this->cut, $this->flows);
    }

    public function settled(Asker $asker): self
    {
        return new self(
            array_map(static fn (Portion $page): Portion => $page->settled($asker), $this->pages),
            $this->cut?->settled($asker),
            $this->flows,
        );
    }

    public function asking(array $names): self
    {
        return new self(
            array_map(static fn (Portion $page): Portion => $page->asking($names), $this->pages),
            $this->cut?->open(...array_values(array_intersect($names, array_column($this->cut->all(), 'name')))),
            $this->flows,
        );
    }

    public function tall(Asker $asker, int $wide): int
    {
        return max(array_map(static fn (Portion $page): int => $page->tall($asker, $wide), $this->pages));
    }

    public function narrowest(Asker $asker): int
    {
        return max(array_map(static fn (Portion $page): int => $page->narrowest($asker), $this->pages));
    }

    public function place(Asker $asker, Region $region, string $path = ''): array
    {
        return array_merge(...array_map(
            static fn (array $one): array => $one[0]->place($one[3], $one[2], $one[1]),
            $this->standing($asker, $region),
        ));
    }

    public function divisions(Asker $asker, Region $region, string $path = ''): array
    {
        return array_merge(...array_map(
            static fn (array $one): array => $one[0]->divisions($one[3], $one[2], $one[1]),
            $this->standing($asker, $region),
        ));
    }

    /**
     * Each of its partings where it stands first.
     *
     * @return non-empty-list<array{Portion, string, Region, Asker}> with its path, and who is asked about it there
     *
     * @throws NoRoom
     */
    private function standing(Asker $asker, Region $region): array
    {
        if (null === $this->cut) {
            return array_map(
                static fn (Portion $page, int $i): array => [$page, (string) $i, $region, $asker],
                $this->pages,
                array_keys($this->pages),
            );
        }
        $standing = [];
        foreach ($this->cut->pages($this->pages, $asker->page) as $page) {
            foreach ($page->pieces as [$piece, $path, $at]) {
                $standing[(int) $path] ??= [$piece, $path, $at, $page->asker($asker)];
            }
        }
        ksort($standing);

        return [] === $standing ? throw new \LogicException('A cut has pages.') : array_values($standing);
    }
}
