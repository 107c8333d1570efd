<?php

/* Sheets of a book, one piece to a sheet, as a test asks for them. */

declare(strict_types=1);

namespace Tests;

use AmpleMargin\Book\Book;
use AmpleMargin\Book\Printing\Context;
use AmpleMargin\Book\Printing\Printables;
use AmpleMargin\Paper\PaperSize;
use AmpleMargin\Sheet\Piece\Piece;
use AmpleMargin\Sheet\PrintRoom;
use AmpleMargin\Sheet\Sheet;
use AmpleMargin\Sheet\Tray\Tray;

final class Printed
{
    private readonly PrintRoom $room;

    public function __construct(private readonly Book $book, PaperSize $paper)
    {
        $this->room = new PrintRoom($paper);
    }

    /**
     * @param list<int> $pages
     *
     * @return list<Sheet>
     */
    public function guides(array $pages): array
    {
        return $this->of('guides:'.implode(',', $pages));
    }

    /** @return list<Sheet> */
    public function of(string $asked): array
    {
        return array_merge(...array_map(
            fn (Piece $piece): array => Tray::single($piece, $this->room),
            Printables::pieces(new Context($this->book, $this->room), $asked),
        ));
    }
}
