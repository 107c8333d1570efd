<?php

/* Pages as small pictures: as many as one answer can hold, and how many are left out of it. */

declare(strict_types=1);

namespace App\Api;

use AmpleMargin\Book\Book;

final class SmallDrawings
{
    /** Marks of all pages together; a book of two hundred pages has half as many. */
    public const MOST = 80_000;

    /** Of a page's mark: two pages in four thousand million have the same. */
    private const LETTERS = 8;

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

    /**
     * Each with a mark of what is drawn on it, and without that where whoever asks has it.
     *
     * @param list<array{page: int, marks: list<list<int|string|null>>}> $drawn
     * @param string                                                     $have  pages and their marks: "3.0a1b2c3d,4.99887766"
     *
     * @return list<array{page: int, mark: string, marks?: list<list<int|string|null>>}>
     */
    public static function unlessHad(array $drawn, string $have): array
    {
        preg_match_all('/(\d{1,4})\.([0-9a-f]{8})/', $have, $found);
        $had = array_combine($found[1], $found[2]);

        return array_map(static function (array $one) use ($had): array {
            $mark = substr(hash('xxh3', (string) json_encode($one['marks'])), 0, self::LETTERS);

            return ['page' => $one['page'], 'mark' => $mark] + (($had[$one['page']] ?? null) === $mark ? [] : $one);
        }, $drawn);
    }
}
