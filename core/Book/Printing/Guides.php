<?php

/* Page guides, laid beside the page they are drawn from. */

declare(strict_types=1);

namespace AmpleMargin\Book\Printing;

use AmpleMargin\Book\Book;
use AmpleMargin\Sheet\Piece\TrueSize;

final class Guides implements Printable, Chosen
{
    public static function word(): string
    {
        return 'guides';
    }

    public static function name(): string
    {
        return 'Page guides';
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
            $drawing = $context->drawing($page);
            if (null !== $drawing) {
                $pieces[] = TrueSize::guide(
                    $drawing,
                    $context->pitch(),
                    $context->page(),
                    $context->room,
                    $context->title($page),
                    'Page guides',
                    $context->privacy($page),
                );
            }
        }

        return $pieces;
    }
}
