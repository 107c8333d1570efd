<?php

/* Cut leaves in a whole book: where a pin or a lost page would split them, and what is seen through them from afar. */

declare(strict_types=1);

namespace Tests\Book;

use AmpleMargin\Book\Book;
use AmpleMargin\Book\Composer;
use AmpleMargin\Paper\FirstLeaf;
use AmpleMargin\Paper\Stock;
use PHPUnit\Framework\TestCase;
use Tests\Books;

final class CutLeavesTest extends TestCase
{
    public function testAGroupThatIsPinnedWhereItCannotStandSaysWhy(): void
    {
        self::assertStringContainsString('page 187 is a right page and would split it', self::says(self::doors(['pin' => 187])));
        self::assertStringContainsString('pinned to page 190 and would end on page 195; the book has 192 pages', self::says(self::doors(['pin' => 190])));
        $window = Composer::compose(Books::edited(Books::starter(), [['type' => 'add-spread', 'kind' => 'window-cover', 'section' => 'goals', 'pin' => 12]]));
        self::assertStringContainsString('wants a right page and is pinned to page 12', self::says($window));
    }

    /** A page lost within the group moves all of it; no leaf of it is left behind. */
    public function testALeafLostUnderADoorMovesTheWholeGroup(): void
    {
        $before = self::doors([])->pageOf('items-by-month');
        foreach (range(0, 5) as $nth) {
            $book = self::doors([], [['type' => 'set-lost', 'page' => $before + $nth, 'lost' => true]]);
            $at = $book->pageOf('items-by-month');
            self::assertSame(0, $at % 2);
            for ($page = $at; $page < $at + 6; ++$page) {
                self::assertSame('items-by-month', $book->slot($page)->spread, "page $nth lost, page $page");
            }
        }
    }

    /**
     * Brute force over a book with doors, tabs and a window: each box of what is cut away shows the first page behind that has paper
     * there.
     */
    public function testWhatIsSeenIsTheNearestPaperBehind(): void
    {
        $book = Composer::compose(Books::edited(Books::starter(), [
            ['type' => 'add-spread', 'kind' => 'items-by-month', 'settings' => ['leaves' => 2]],
            ['type' => 'add-spread', 'kind' => 'tabbed-lists', 'section' => 'trackers'],
            ['type' => 'add-spread', 'kind' => 'window-cover', 'section' => 'trackers'],
        ]));
        $paper = static function (int $page, int $x, int $y) use ($book): bool {
            foreach ($page < 1 || $page > 192 ? [] : $book->cut->removed($page) as $region) {
                if ($x >= $region->x && $x < $region->x + $region->wide && $y >= $region->y && $y < $region->y + $region->tall) {
                    return false;
                }
            }

            return true;
        };
        $seen = 0;
        for ($page = 1; $page <= 60; ++$page) {
            $expected = [];
            for ($x = 0; $x < 26; ++$x) {
                for ($y = 0; $y < 38; ++$y) {
                    for ($at = $page; !$paper($at, $x, $y); $at += 0 === $page % 2 ? -2 : 2) {
                    }
                    $expected += $at === $page ? [] : [$at => true];
                }
            }
            $actual = array_column($book->cut->behind($page), 0);
            self::assertEqualsCanonicalizing(array_keys($expected), $actual, "page $page");
            $seen += \count($actual);
        }
        self::assertGreaterThan(10, $seen);
    }

    /** A first leaf that is glued to the cover is never cut. */
    public function testNoGluedLeafIsCut(): void
    {
        foreach ([FirstLeaf::Glued, FirstLeaf::Blank] as $first) {
            $book = Composer::compose(Books::edited(
                Books::starter(new Stock(148_000, 210_000, 5_000, 26, 38, 192, $first)),
                [['type' => 'add-spread', 'kind' => 'short-cover', 'before' => 'name-page'], ['type' => 'add-spread', 'kind' => 'window-cover', 'before' => 'name-page']],
            ));
            self::assertSame([], [...$book->cut->removed(1), ...$book->cut->removed(2)], $first->value);
            self::assertGreaterThanOrEqual(3, $book->pageOf('short-cover'));
        }
    }

    /**
     * @param array<string, mixed>       $more
     * @param list<array<string, mixed>> $edits
     */
    private static function doors(array $more, array $edits = []): Book
    {
        return Composer::compose(Books::edited(Books::starter(), [
            ['type' => 'add-spread', 'kind' => 'items-by-month', 'settings' => ['leaves' => 2]] + $more,
            ...$edits,
        ]));
    }

    private static function says(Book $book): string
    {
        return implode(' ', array_column($book->findings(), 'says'));
    }
}
