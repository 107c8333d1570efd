<?php

/* Where drawing stopped: the page of what was ticked last, or the next one with something to do where that page is done. */

declare(strict_types=1);

namespace AmpleMargin\Book\Making;

use AmpleMargin\Book\Book;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Step;

final class Stopped
{
    /**
     * @param string                             $drawing of what was ticked last
     * @param string                             $step    its key
     * @param array<string, array<string, bool>> $ticked  drawing → whether a step is done, by key
     *
     * @return int|null the page; null where it stands in another book, or nothing from there on is left to do
     */
    public static function page(Book $book, string $drawing, string $step, array $ticked): ?int
    {
        $from = self::of($book, $drawing, $step);
        foreach (null === $from ? [] : $book->slots as $page => $slot) {
            if ($page < $from || '' === $slot->drawing) {
                continue;
            }
            $said = $ticked[$book->drawingName($page)] ?? [];
            foreach ($book->drawing($page)->steps ?? [] as $one) {
                if (!$one->isDone($said)) {
                    return $page;
                }
            }
        }

        return null;
    }

    /** The page a step is on; the first of its drawing where its words are others by now. */
    private static function of(Book $book, string $drawing, string $step): ?int
    {
        $first = null;
        foreach ($book->slots as $page => $slot) {
            if ($slot->drawing === $drawing) {
                $first ??= $page;
                if (self::has($book->drawing($page), $step)) {
                    return $page;
                }
            }
        }

        return $first;
    }

    private static function has(?PageDrawing $page, string $step): bool
    {
        return [] !== array_filter($page->steps ?? [], static fn (Step $one): bool => $one->isDone([$step => true]));
    }
}
