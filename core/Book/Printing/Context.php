<?php

/* What is printed from: a book, the paper in the printer, and what is done of it by now. */

declare(strict_types=1);

namespace AmpleMargin\Book\Printing;

use AmpleMargin\Book\Book;
use AmpleMargin\Book\Dates\DatesInk;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Sheet\Piece\Piece;
use AmpleMargin\Sheet\PrintRoom;
use AmpleMargin\Sheet\SheetRefused;

final class Context
{
    /** Lines, areas and words of one tray: twice what the guides of a full book have. */
    private const MOST = 100_000;

    /** Those taken so far. */
    private int $marks = 0;

    /** Those of the pages that the next thing was made of. */
    private int $drawn = 0;

    /**
     * @param array<string, array<string, bool>> $done  drawing → what was said of its steps, by key
     * @param int|null $now minutes from the first midnight of 1970 by the person's clock; null before everything
     * @param bool                               $dates whether what is known already stands on the guides
     */
    public function __construct(
        public readonly Book $book,
        public readonly PrintRoom $room,
        public readonly array $done = [],
        public readonly ?int $now = null,
        public readonly bool $dates = true,
    ) {
    }

    /**
     * Pieces that are taken where the tray can hold them too.
     *
     * @param \Closure(): list<Piece> $make
     *
     * @return list<Piece>
     *
     * @throws SheetRefused|PlanProblem where it cannot, or nothing is made
     */
    public function taking(\Closure $make): array
    {
        $this->drawn = 0;
        $pieces = $make();
        $marks = array_sum(array_map(
            static fn (Piece $one): int => \count($one->front->marks) + \count($one->back->marks ?? []),
            $pieces,
        ));
        if ($this->marks + $marks > self::MOST) {
            throw SheetRefused::tooMuch(self::MOST);
        }
        $this->marks += $marks;

        return $pieces;
    }

    /** @throws SheetRefused where no tray can hold what was drawn of one thing so far */
    public function drawing(int $page): ?PageDrawing
    {
        $drawing = $this->book->drawing($page);
        $this->drawn += \count($drawing->marks ?? []);
        if ($this->drawn > self::MOST) {
            throw SheetRefused::tooMuch(self::MOST);
        }

        return $this->dates ? $drawing : $drawing?->without(DatesInk::NOTE);
    }

    public function pitch(): int
    {
        return $this->book->plan->stock->pitch;
    }

    /** @return array{int, int} µm of a page */
    public function page(): array
    {
        return [$this->book->plan->stock->width, $this->book->plan->stock->height];
    }

    /** What is said of a private page where it lies in the printer; "" where it is none. */
    public function privacy(int $page): string
    {
        $slot = $this->book->slot($page);
        $spread = $this->book->plan->spread($slot->spread);
        $catalogue = $this->book->catalogue();
        $kind = null === $spread ? $catalogue->kind($slot->part->kind ?? '') : $catalogue->of($spread);

        return $kind?->privacy() ?? '';
    }

    public function title(int $page): string
    {
        return "Page $page: {$this->book->slot($page)->title}";
    }
}
