<?php

/* The printable sheets of a book. */

declare(strict_types=1);

namespace AmpleMargin\Book;

use AmpleMargin\Paper\PaperSize;
use AmpleMargin\Sheet\Sheet;
use AmpleMargin\Sheet\SheetRefused;
use AmpleMargin\Sheet\SpacingCard;
use AmpleMargin\Sheet\TrueSize;

final class BookSheets
{
    public function __construct(private readonly Book $book, private readonly PaperSize $paper)
    {
    }

    /**
     * @param list<int> $pages those on which nothing is drawn are passed over
     *
     * @return list<Sheet>
     *
     * @throws SheetRefused
     */
    public function guides(array $pages): array
    {
        $stock = $this->book->plan->stock;
        $sheets = [];
        foreach ($pages as $page) {
            $drawing = $this->book->drawing($page);
            if (null !== $drawing) {
                $title = "Page $page: {$this->book->slot($page)->title} ({$this->book->plan->title})";
                $sheets[] = TrueSize::sheet($drawing, $stock->pitch, $this->paper, $title, [$stock->width, $stock->height]);
            }
        }

        return $sheets;
    }

    /**
     * @return list<Sheet> the two faces of the loose card
     *
     * @throws SheetRefused
     */
    public function spacingCard(): array
    {
        $stock = $this->book->plan->stock;
        [$widths, $heights] = SpacingCard::faces($stock);
        $about = "$stock->across × $stock->down boxes. Cut with scissors, or with a knife on a mat along a steel ruler, fingers behind the blade’s path";

        return [
            TrueSize::sheet($widths, $stock->pitch, $this->paper, "Loose spacing card, widths: $about", null, false),
            TrueSize::sheet($heights, $stock->pitch, $this->paper, "Loose spacing card, heights: $about", null, false),
        ];
    }
}
