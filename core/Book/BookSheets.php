<?php

/* The printable sheets of a book. */

declare(strict_types=1);

namespace AmpleMargin\Book;

use AmpleMargin\Book\Dates\DatesInk;
use AmpleMargin\Counting\Division;
use AmpleMargin\Drawing\Caution;
use AmpleMargin\Drawing\Grain;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Mark;
use AmpleMargin\Drawing\Moving;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Stretched;
use AmpleMargin\Paper\PaperSize;
use AmpleMargin\Plan\Making\Mend;
use AmpleMargin\Plan\Making\MendKind;
use AmpleMargin\Sheet\Pocket;
use AmpleMargin\Sheet\Sheet;
use AmpleMargin\Sheet\SheetRefused;
use AmpleMargin\Sheet\SpacingCard;
use AmpleMargin\Sheet\TrueSize;

final class BookSheets
{
    /** Said where the cut is made. */
    private const KNIFE = 'Cut with scissors, or with a knife '.Caution::KNIFE.'.';

    public function __construct(private readonly Book $book, private readonly PaperSize $paper)
    {
    }

    /**
     * @param list<int> $pages those on which nothing is drawn are passed over
     * @param bool      $dates whether what is known already stands on them
     *
     * @return list<Sheet>
     *
     * @throws SheetRefused
     */
    public function guides(array $pages, bool $dates = true): array
    {
        $stock = $this->book->plan->stock;
        $sheets = [];
        foreach ($pages as $page) {
            $drawing = $this->book->drawing($page);
            if (null !== $drawing) {
                $title = "Page $page: {$this->book->slot($page)->title} ({$this->book->plan->title})";
                $drawing = $dates ? $drawing : $drawing->without(DatesInk::NOTE);
                $sheets[] = TrueSize::sheet(
                    $drawing,
                    $stock->pitch,
                    $this->paper,
                    $title,
                    [$stock->width, $stock->height],
                    caution: $this->privacy($page),
                );
            }
        }

        return $sheets;
    }

    /** What is said of a private page where it lies in the printer; "" where it is none. */
    private function privacy(int $page): string
    {
        $slot = $this->book->slot($page);
        $kind = $slot->part->kind ?? $this->book->plan->spread($slot->spread)->kind ?? '';

        return $this->book->catalogue()->kind($kind)?->privacy() ?? '';
    }

    /**
     * Pieces of paper that cover slips, with what is drawn on them again, to cut out along whole boxes.
     *
     * @return list<Sheet>
     *
     * @throws SheetRefused
     */
    public function patches(): array
    {
        $sheets = [];
        for ($page = 1; $page <= $this->book->plan->stock->pages; ++$page) {
            [$name, $nth] = $this->book->nameAndNth($page);
            foreach ($this->book->plan->whole->making->slips as $slip) {
                $drawing = $slip->on === $name && $slip->nth === $nth ? $this->book->drawing($page)?->lying() : null;
                foreach (null === $drawing ? [] : $slip->mends as $mend) {
                    if (MendKind::Patch === $mend->is && null !== $drawing && $mend->x + $mend->wide <= $drawing->across
                        && $mend->y + $mend->tall <= $drawing->down) {
                        $sheets[] = TrueSize::sheet(
                            self::piece($drawing, $mend),
                            $this->book->plan->stock->pitch,
                            $this->paper,
                            "To cover a slip on page $page, from box $mend->x across and $mend->y down ({$this->book->plan->title})",
                            null,
                            false,
                            self::KNIFE,
                        );
                    }
                }
            }
        }

        return $sheets;
    }

    /** What lies whole within a piece of a page. */
    private static function piece(PageDrawing $drawing, Mend $mend): PageDrawing
    {
        [$x, $y, $wide, $tall] = array_map(Grain::of(...), [$mend->x, $mend->y, $mend->wide, $mend->tall]);
        $in = array_filter($drawing->marks, static function (Mark $mark) use ($x, $y, $wide, $tall): bool {
            [$left, $upper, $w, $t] = Stretched::round($mark);

            return $left >= $x && $upper >= $y && $left + $w <= $x + $wide && $upper + $t <= $y + $tall && Layer::Pencil !== $mark->layer;
        });
        $marks = array_map(static fn (Mark $mark): Mark => $mark->visit(new Moving(-$x, -$y, 0, null)), array_values($in));

        return new PageDrawing($mend->wide, $mend->tall, $marks, [], [], []);
    }

    /**
     * @return list<Sheet> the two faces of the loose card
     *
     * @throws SheetRefused
     */
    public function spacingCard(): array
    {
        $stock = $this->book->plan->stock;
        [$widths, $heights] = SpacingCard::faces($stock, ...$this->divisors());
        $about = "$stock->across × $stock->down boxes";

        return [
            TrueSize::sheet($widths, $stock->pitch, $this->paper, "Loose spacing card, widths: $about", null, false, self::KNIFE),
            TrueSize::sheet($heights, $stock->pitch, $this->paper, "Loose spacing card, heights: $about", null, false, self::KNIFE),
        ];
    }

    /** @return array{list<int>, list<int>, array<int, string>} across, down and the pen of each, as the book's own spacing sheet has them */
    private function divisors(): array
    {
        foreach ($this->book->plan->spreads as $spread) {
            $asked = $this->book->spacing($spread);
            if (null !== $asked) {
                return [$asked->across, $asked->down, $asked->colours()];
            }
        }

        return [Division::USUAL, Division::USUAL, []];
    }

    /** @throws SheetRefused */
    public function pocket(): Sheet
    {
        return Pocket::sheet($this->book->plan->stock, $this->paper);
    }

    /**
     * Months to print, cut out and stick in, of every spread that has room for printed ones.
     *
     * @return list<Sheet>
     *
     * @throws SheetRefused
     */
    public function printedMonths(): array
    {
        $stock = $this->book->plan->stock;
        $sheets = [];
        foreach ($this->book->plan->spreads as $spread) {
            foreach ($this->book->cutOut($spread) as $drawing) {
                $sheets[] = TrueSize::sheet(
                    $drawing,
                    $stock->pitch,
                    $this->paper,
                    'Months to cut out: '.$this->book->catalogue()->title($spread)." ({$this->book->plan->title})",
                    null,
                    false,
                    self::KNIFE,
                );
            }
        }

        return $sheets;
    }
}
