<?php

/* A way to begin as it is shown before it is chosen: whether it fits, its fore-edge, and its first pages. */

declare(strict_types=1);

namespace App\Api;

use AmpleMargin\Book\Composer;
use AmpleMargin\Book\ForeEdge;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class StarterView
{
    /** Pages shown small. */
    private const FRONT = 8;

    /** @return array<string, mixed> */
    public static function of(Plan $plan, Catalogue $catalogue): array
    {
        $book = Composer::compose($plan, catalogue: $catalogue);
        $front = [];
        foreach (\array_slice($book->spreadPages(), 0, self::FRONT) as $page) {
            $drawing = $book->drawing($page);
            $front[] = [
                'page' => $page,
                'title' => $book->slot($page)->title,
                'marks' => null === $drawing ? [] : DrawingView::marks($drawing),
            ];
        }

        return [
            'fits' => $book->runOut->fits,
            'pages' => $book->runOut->pages,
            'sentence' => $book->runOut->sentence(),
            'planned' => \count($book->spreadPages()),
            'reserved' => $book->reserved(),
            'spreads' => \count($plan->spreads),
            'fore_edge' => ForeEdge::of($book),
            'front' => $front,
        ];
    }
}
