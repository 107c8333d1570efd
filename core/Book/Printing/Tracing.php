<?php

/* What is drawn in ink, dark and without dots, to lie under the page and be traced against a window or a light board. */

declare(strict_types=1);

namespace AmpleMargin\Book\Printing;

use AmpleMargin\Book\Book;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Mark;
use AmpleMargin\Sheet\Piece\CutAlong;
use AmpleMargin\Sheet\Piece\Piece;
use AmpleMargin\Sheet\Piece\TrueSize;

class Tracing implements Printable, Chosen
{
    public static function word(): string
    {
        return 'trace';
    }

    public static function name(): string
    {
        return 'Tracing guides';
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
        [$wide, $tall] = $context->page();
        $pieces = [];
        foreach (PagesAsked::of($context->book, $said) as $page) {
            $drawing = $context->drawing($page);
            if (null === $drawing) {
                continue;
            }
            $inked = $drawing->with(['marks' => array_values(array_filter(
                $drawing->marks,
                static fn (Mark $mark): bool => Layer::Pencil !== $mark->layer,
            ))]);
            [$x, $y] = [intdiv($wide - $drawing->across * $context->pitch(), 2), intdiv($tall - $drawing->down * $context->pitch(), 2)];
            $isPage = $context->room->takesTurned($wide, $tall) && min($x, $y) >= 0;
            $face = TrueSize::face($inked, $context->pitch(), $isPage ? $x : 0, $isPage ? $y : 0, false);
            $pieces[] = new Piece(
                'To trace, '.lcfirst($context->title($page)),
                static::name(),
                $isPage ? $wide : $drawing->across * $context->pitch(),
                $isPage ? $tall : $drawing->down * $context->pitch(),
                $face,
                cut: CutAlong::Marks,
                caution: $context->privacy($page),
            );
        }

        return $pieces;
    }
}
