<?php

/* Page guides two by two, as the pages lie open: the left one, the fold, the right one. */

declare(strict_types=1);

namespace AmpleMargin\Book\Printing;

use AmpleMargin\Book\Book;
use AmpleMargin\Paper\Leaf;
use AmpleMargin\Sheet\Piece\CutAlong;
use AmpleMargin\Sheet\Piece\Face;
use AmpleMargin\Sheet\Piece\Piece;
use AmpleMargin\Sheet\Piece\TrueSize;
use AmpleMargin\Sheet\SheetLine;
use AmpleMargin\Sheet\Tone;

final class Openings implements Printable, Chosen
{
    public static function word(): string
    {
        return 'openings';
    }

    public static function name(): string
    {
        return 'Openings';
    }

    public static function asks(): string
    {
        return PagesAsked::SAYS;
    }

    public static function choices(Book $book): array
    {
        return PagesAsked::choices($book);
    }

    public function pieces(Context $context, string $said): array
    {
        $pieces = [];
        foreach (PagesAsked::of($context->book, $said) as $page) {
            $left = Leaf::openingOf($page);
            $pieces[$left] ??= $this->opening($context, $left);
        }

        return array_values($pieces);
    }

    private function opening(Context $context, int $left): Piece
    {
        [$wide, $tall] = $context->page();
        $stock = $context->book->plan->stock;
        $fold = new SheetLine(Tone::Fold, $wide, 0, $wide, $tall);
        $face = new Face([$fold]);
        $names = $cautions = [];
        foreach ([$left => 0, $left + 1 => $wide] as $page => $x) {
            $drawing = $page >= 1 && $page <= $stock->pages ? $context->drawing($page) : null;
            if (null !== $drawing) {
                $margin = [intdiv($wide - $drawing->across * $stock->pitch, 2), intdiv($tall - $drawing->down * $stock->pitch, 2)];
                $face = TrueSize::face($drawing, $stock->pitch, $x + max(0, $margin[0]), max(0, $margin[1]), true)->and($face);
                $names[] = $context->book->slot($page)->title;
                $cautions[] = $context->privacy($page);
            }
        }

        return new Piece(
            match (true) {
                0 === $left => 'Page 1',
                $left === $stock->pages => "Page $left",
                default => "Pages $left and ".($left + 1),
            }.': '.implode(', ', array_unique($names)),
            'Openings',
            2 * $wide,
            $tall,
            $face,
            cut: CutAlong::Marks,
            caution: trim(implode(' ', array_unique($cautions))),
        );
    }
}
