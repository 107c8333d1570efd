<?php

/* The parts of a page as they stand on it: those that are filled, and the divisions that made them. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part;

final class PartsOfPage
{
    /**
     * @param list<PlacedLeaf>     $leaves
     * @param list<PlacedDivision> $divisions the outer ones first
     */
    private function __construct(public readonly array $leaves, public readonly array $divisions)
    {
    }

    /** @throws NoRoom where there are more parts than boxes */
    public static function of(Piece $piece, Asker $asker): self
    {
        $page = new Region(0, 0, $asker->page->grid->across, $asker->page->grid->down);

        return new self($piece->place($asker, $page), $piece->divisions($asker, $page));
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
