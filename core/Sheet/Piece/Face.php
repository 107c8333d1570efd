<?php

/* What is printed on one side of a piece: its marks, and the dots it has of the page. In µm from the piece's upper left corner. */

declare(strict_types=1);

namespace AmpleMargin\Sheet\Piece;

use AmpleMargin\Sheet\DotGrid;
use AmpleMargin\Sheet\SheetArea;
use AmpleMargin\Sheet\SheetLine;
use AmpleMargin\Sheet\SheetWords;

final class Face
{
    /**
     * @param list<SheetLine|SheetArea|SheetWords> $marks in the order they are printed
     * @param list<DotGrid>                        $grids
     */
    public function __construct(public readonly array $marks, public readonly array $grids = [])
    {
    }

    public function put(Placing $placing): self
    {
        return new self($placing->marks($this->marks), array_map($placing->grid(...), $this->grids));
    }

    public function and(self $other): self
    {
        return self::all([$this, $other]);
    }

    /** @param list<self> $faces printed one over another */
    public static function all(array $faces): self
    {
        return new self(
            array_merge(...array_map(static fn (self $one): array => $one->marks, $faces)),
            array_merge(...array_map(static fn (self $one): array => $one->grids, $faces)),
        );
    }
}
