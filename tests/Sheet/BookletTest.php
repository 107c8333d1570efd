<?php

/* Signatures of the dummy, folded as the sheet says. */

declare(strict_types=1);

namespace Tests\Sheet;

use AmpleMargin\Book\Composer;
use AmpleMargin\Book\Printing\Context;
use AmpleMargin\Book\Printing\Printables;
use AmpleMargin\Paper\PaperSize;
use AmpleMargin\Sheet\Booklet\Fold;
use AmpleMargin\Sheet\Booklet\Signature;
use AmpleMargin\Sheet\Piece\Face;
use AmpleMargin\Sheet\Piece\Piece;
use AmpleMargin\Sheet\PrintRoom;
use AmpleMargin\Sheet\SheetWords;
use AmpleMargin\Sheet\Tone;
use AmpleMargin\Sheet\Tray\Tray;
use AmpleMargin\Sheet\Turn;
use PHPUnit\Framework\TestCase;
use Tests\Books;

final class BookletTest extends TestCase
{
    private const WIDE = 30_000;
    private const TALL = 42_000;

    /** Folded, every page has its own number, stands upright, and comes after the one before: beside it or on its reverse. */
    public function testEverySignatureFoldsIntoItsPagesInOrder(): void
    {
        foreach (Fold::cases() as $fold) {
            $piece = Signature::of($fold, 17, self::WIDE, self::TALL, self::numbered(...), 'A signature', '');
            self::assertSame(range(17, 16 + $fold->value), self::folded($piece, $fold), $fold->says());
        }
    }

    public function testTheWholeDummyHasEveryPageOnce(): void
    {
        $book = Composer::compose(Books::sample());
        foreach (['half' => PaperSize::A4, 'third' => PaperSize::A4, 'quarter' => PaperSize::A3] as $size => $paper) {
            $room = new PrintRoom($paper);
            $pages = [];
            foreach (Printables::pieces(new Context($book, $room), "dummy:$size") as $piece) {
                foreach ([$piece->front, $piece->back] as $face) {
                    foreach ($face->marks ?? [] as $mark) {
                        if ($mark instanceof SheetWords && Tone::Ruler === $mark->tone && 1 === preg_match('/^\d+$/', $mark->text)) {
                            $pages[] = (int) $mark->text;
                        }
                    }
                }
            }
            sort($pages);
            self::assertSame(range(1, 192), $pages, $size);
        }
    }

    /** At a quarter of A5 sixteen pages of 37 × 52.5 mm are 148 × 105 mm: two such signatures or more lie on A4. */
    public function testTheDummyTakesNoMoreSheetsThanItsAreaNeedsByOne(): void
    {
        $room = new PrintRoom(PaperSize::A4);
        $pieces = Printables::pieces(new Context(Composer::compose(Books::sample()), $room), 'dummy:quarter');
        $tray = Tray::packed($pieces, $room);
        self::assertLessThanOrEqual($tray->bound + 1, \count($tray->sheets));
        foreach ($tray->sheets as $sides) {
            self::assertCount(2, $sides, 'both sides are printed');
        }
    }

    private static function numbered(int $page): Face
    {
        return new Face([new SheetWords(Tone::Ruler, 10_000, 10_000, 10_000, 5_000, (string) $page, 3_000)]);
    }

    /**
     * Folds a sheet of paper: stacks of leaves, each a face that looks up and one that looks down, with the page on it and whether it is
     * upright when the sheet is turned over along its side.
     *
     * @return list<int> pages from the front of the booklet; one that stands on its head counts as −1
     */
    private static function folded(Piece $piece, Fold $fold): array
    {
        [$columns, $rows] = [$fold->columns(), $fold->rows()];
        [$outer, $inner] = [self::panels($piece->front), self::panels($piece->back ?? self::fail('It has no back.'))];
        $stacks = [];
        for ($row = 0; $row < $rows; ++$row) {
            for ($column = 0; $column < $columns; ++$column) {
                // The inner side lies up; behind it, as far from the other edge, is the outer one.
                $stacks[$row][$column] = [['up' => $inner[$row][$column], 'down' => $outer[$row][$columns - 1 - $column]]];
            }
        }
        $over = static fn (array $stack, bool $turns): array => array_map(static fn (array $leaf): array => [
            'up' => $turns ? [$leaf['down'][0], !$leaf['down'][1]] : $leaf['down'],
            'down' => $turns ? [$leaf['up'][0], !$leaf['up'][1]] : $leaf['up'],
        ], array_reverse($stack));
        $rightOverLeft = static function (array $stacks) use ($over): array {
            return array_map(static function (array $row) use ($over): array {
                $half = intdiv(\count($row), 2);
                $left = \array_slice($row, 0, $half);

                return array_map(
                    static fn (array $stack, int $i): array => [...$stack, ...$over($row[\count($row) - 1 - $i], false)],
                    $left,
                    array_keys($left),
                );
            }, $stacks);
        };
        $upperDown = static fn (array $stacks): array => 1 === \count($stacks) ? $stacks : [array_map(
            static fn (array $lower, array $upper): array => [...$lower, ...$over($upper, true)],
            $stacks[1],
            $stacks[0],
        )];
        // As Fold::says tells it.
        $stacks = match ($fold) {
            Fold::Four => $rightOverLeft($stacks),
            Fold::Eight => $rightOverLeft($upperDown($stacks)),
            Fold::Sixteen => $rightOverLeft($upperDown($rightOverLeft($stacks))),
        };
        $pages = [];
        // It lies on its front: it is read from below.
        foreach ($stacks[0][0] as $leaf) {
            foreach (['down', 'up'] as $face) {
                $pages[] = $leaf[$face][1] ? $leaf[$face][0] : -1;
            }
        }

        return $pages;
    }

    /** @return array<int, array<int, array{int, bool}>> page, and whether it is upright, by row and column */
    private static function panels(Face $face): array
    {
        $panels = [];
        foreach ($face->marks as $mark) {
            if ($mark instanceof SheetWords) {
                $row = intdiv($mark->y, self::TALL);
                $panels[$row][intdiv($mark->x, self::WIDE)] = [(int) $mark->text, Turn::Upright === $mark->turn];
            }
        }

        return $panels;
    }
}
