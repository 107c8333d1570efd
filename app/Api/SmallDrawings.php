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
     * What a request says it has: "3.0a1b2c3d,4.99887766".
     *
     * @return array<int, string> page → mark
     */
    public static function had(string $said): array
    {
        preg_match_all('/(\d{1,4})\.([0-9a-f]{8})/', $said, $found, \PREG_SET_ORDER);

        $had = [];
        foreach ($found as [, $page, $mark]) {
            $had[(int) $page] = $mark;
        }

        return $had;
    }

    /**
     * @param list<int>             $pages
     * @param array<int, string> $have  page → its mark, as an answer before gave it: what is drawn there is not sent again
     *
     * @return array{list<array{page: int, mark: string, marks?: list<list<int|string|null>>}>, int} those that are drawn, and how many
     *     more there are
     */
    public static function of(Book $book, array $pages, array $have = []): array
    {
        $drawn = [];
        $marks = $left = 0;
        foreach ($pages as $page) {
            $drawing = $marks > self::MOST ? null : $book->drawing($page);
            $left += $marks > self::MOST ? 1 : 0;
            if (null !== $drawing) {
                $marks += \count($drawing->marks);
                $all = DrawingView::marks($drawing);
                $mark = substr(hash('xxh3', (string) json_encode($all)), 0, self::LETTERS);
                $drawn[] = ['page' => $page, 'mark' => $mark] + (($have[$page] ?? null) === $mark ? [] : ['marks' => $all]);
            }
        }

        return [$drawn, $left];
    }
}
