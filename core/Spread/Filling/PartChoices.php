<?php

/* What could be made of one part of a page: each filling as it would stand there, and each way of dividing it. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling;

use AmpleMargin\Counting\Division;
use AmpleMargin\Spread\Page\Direction;
use AmpleMargin\Spread\Page\Laid;
use AmpleMargin\Spread\Page\PageGrid;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\Parted;
use AmpleMargin\Spread\Part\PartRefused;
use AmpleMargin\Spread\Part\PartsOfPage;
use AmpleMargin\Spread\Part\PlacedLeaf;

final class PartChoices
{
    private function __construct(private readonly Request $page, private readonly PlacedLeaf $leaf)
    {
    }

    /** @throws PartRefused where there is no such part */
    public static function at(PartsOfPage $parts, string $path, Request $page): self
    {
        foreach ($parts->leaves as $leaf) {
            if ($leaf->path === $path) {
                return new self($page, $leaf);
            }
        }

        throw PartRefused::noSuchPart($path);
    }

    /** Where the part is on its page. */
    public function region(): Region
    {
        return $this->leaf->region;
    }

    /**
     * The part alone, with each filling in its place: drawn when somebody looks.
     *
     * @return array<string, Laid> by the word for the filling
     */
    public function fillings(): array
    {
        $region = $this->leaf->region;
        $grid = new PageGrid($region->wide, $region->tall, $this->page->grid->tally, $this->page->grid->pitch);
        $alone = $this->page->on($grid);
        $laid = [];
        foreach (Fillings::all() as $word => $filling) {
            $laid[$word] = (new Parted($this->leaf->leaf->filledWith($filling)))->layOut($alone);
        }

        return $laid;
    }

    /**
     * The ways to divide it into equal parts, with the best gap between them and without any: as on the counting bench.
     *
     * @return list<array{Direction, int, Division}> which side, how many parts, how
     */
    public function divisions(): array
    {
        $divisions = [];
        foreach ([Direction::Down, Direction::Across] as $way) {
            $side = $this->leaf->region->side($way);
            for ($parts = 2; $parts <= Repart::MOST_AT_ONCE; ++$parts) {
                $seen = [];
                foreach ([Division::containers($side, $parts), Division::of($side, $parts)] as $division) {
                    if (null !== $division && $division->size() >= 1 && !isset($seen[$division->run()])) {
                        $seen[$division->run()] = true;
                        $divisions[] = [$way, $parts, $division];
                    }
                }
            }
        }

        return $divisions;
    }
}
