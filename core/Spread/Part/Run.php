<?php

/*
 * Pages after one another, each parted in its own way: an opening, or more. A part stands on one page, so nothing stands on the
 * fold; a list that is to go on over it is taken up by a part of the next page.
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part;

final class Run implements Piece
{
    /** A spread with more pages is a book of its own. From memory. */
    public const MOST = 12;

    /** @param non-empty-list<Piece> $pages */
    private function __construct(public readonly array $pages)
    {
    }

    /** @param non-empty-list<Piece> $pages of which none is a run */
    public static function of(array $pages): self
    {
        return new self($pages);
    }

    /**
     * The pages of a piece: its own where it is a run, else itself.
     *
     * @return non-empty-list<Piece>
     */
    public static function pagesOf(Piece $piece): array
    {
        return $piece instanceof self ? $piece->pages : [$piece];
    }

    public function part(int $i): ?Piece
    {
        return $this->pages[$i] ?? null;
    }

    public function withPart(int $i, Piece $part): self
    {
        $pages = $this->pages;
        $pages[$i] = $part;

        return new self(array_values($pages));
    }

    public function leaves(): array
    {
        return array_merge(...array_map(static fn (Piece $page): array => $page->leaves(), $this->pages));
    }

    public function deep(): int
    {
        return max(array_map(static fn (Piece $page): int => $page->deep(), $this->pages));
    }

    public function settled(Asker $asker): self
    {
        return new self(array_map(static fn (Piece $page): Piece => $page->settled($asker), $this->pages));
    }

    public function asking(array $names): self
    {
        return new self(array_map(static fn (Piece $page): Piece => $page->asking($names), $this->pages));
    }

    public function tall(Asker $asker, int $wide): int
    {
        return max(array_map(static fn (Piece $page): int => $page->tall($asker, $wide), $this->pages));
    }

    public function narrowest(Asker $asker): int
    {
        return max(array_map(static fn (Piece $page): int => $page->narrowest($asker), $this->pages));
    }

    public function place(Asker $asker, Region $region, string $path = ''): array
    {
        return array_merge(...array_map(
            static fn (Piece $page, int $i): array => $page->place($asker, $region, (string) $i),
            $this->pages,
            array_keys($this->pages),
        ));
    }

    public function divisions(Asker $asker, Region $region, string $path = ''): array
    {
        return array_merge(...array_map(
            static fn (Piece $page, int $i): array => $page->divisions($asker, $region, (string) $i),
            $this->pages,
            array_keys($this->pages),
        ));
    }
}
