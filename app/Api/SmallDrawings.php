<?php

/* Pages as small pictures: as many as one answer can hold, and how many are left out of it. */

declare(strict_types=1);

namespace App\Api;

use AmpleMargin\Book\Book;

final class SmallDrawings
{
    /** Marks of all pages together; a book of two hundred pages has half as many. */
    public const MOST = 80_000;

    /**
     * @param list<int> $pages
     *
     * @return array{list<array{page: int, marks: list<list<int|string|null>>}>, int} those that are drawn, and how many more there are
     */
    public static function of(Book $book, array $pages): array
    {
        $drawn = [];
        $marks = $left = 0;
        foreach ($pages as $page) {
            $drawing = $marks > self::MOST ? null : $book->drawing($page);
            $left += $marks > self::MOST ? 1 : 0;
            if (null !== $drawing) {
                $marks += \count($drawing->marks);
                $drawn[] = ['page' => $page, 'marks' => DrawingView::marks($drawing)];
            }
        }

        return [$drawn, $left];
    }
}
