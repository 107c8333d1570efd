<?php

/* The parts of a page as they stand on it: those that are filled, and the divisions that made them. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part;

final class PartsOfPage
{
    /**
     * @param list<PlacedLeaf>     $leaves
     * @param list<PlacedDivision> $divisions the outer ones first
     * @param int                  $sheets    pages that are divided, each in its own way
     */
    private function __construct(public readonly array $leaves, public readonly array $divisions, public readonly int $sheets)
    {
    }

    /** Which of them a part stands on, from 0. */
    public function sheet(string $path): int
    {
        return $this->sheets > 1 ? (int) explode('.', $path)[0] : 0;
    }

    /** @throws NoRoom where there are more parts than boxes */
    public static function of(Piece $piece, Asker $asker): self
    {
        $page = new Region(0, 0, $asker->page->grid->across, $asker->page->grid->down);

        return new self($piece->place($asker, $page), $piece->divisions($asker, $page), \count(Run::pagesOf($piece)));
    }

    /** The division a line stands in. @throws PartRefused */
    public function division(string $path): PlacedDivision
    {
        foreach ($this->divisions as $division) {
            if ($division->path === $path) {
                return $division;
            }
        }

        throw PartRefused::noSuchPart($path);
    }
}
