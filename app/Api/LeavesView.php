<?php

/* Pages as a person leafs through them: every page there is, spreads and months, with what is cut away and what shows through. */

declare(strict_types=1);

namespace App\Api;

use AmpleMargin\Book\Book;
use AmpleMargin\Paper\Leaf;
use AmpleMargin\Paper\ShowThrough;
use AmpleMargin\Paper\Thickness;
use AmpleMargin\Spread\Page\FlipOut;

final class LeavesView
{
    /** @return array<string, mixed> @param int $to of the book, from `$from` on */
    public static function of(Book $book, int $from, int $to): array
    {
        $stock = $book->plan->stock;
        $pages = [];
        for ($page = $from; $page <= $to; ++$page) {
            $slot = $book->slot($page);
            $drawing = $book->drawing($page);
            $spread = '' === $slot->spread ? null : $book->plan->spread($slot->spread);
            $pages[] = [
                'page' => $page,
                'is' => $slot->is->value,
                'title' => $slot->title,
                'section' => $spread?->section->value,
                'marks' => null === $drawing ? [] : DrawingView::marks($drawing),
                'removed' => DrawingView::regions($book->cut->removed($page)),
                'flips' => array_map(
                    static fn (FlipOut $flip): array => DrawingView::regions([$flip->place])[0] + ['hinge' => $flip->hinge],
                    $book->flips($page),
                ),
                'through' => ShowThrough::of($stock->grammage, $book->comesThrough(Leaf::reverse($page))),
            ];
        }

        $thickness = Thickness::of($stock, $book->glued());

        return [
            'across' => $stock->across,
            'down' => $stock->down,
            'thickness' => ['figure' => $thickness->figure(), 'arithmetic' => $thickness->arithmetic()],
            'pages' => $pages,
        ];
    }
}
