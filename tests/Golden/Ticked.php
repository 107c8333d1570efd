<?php

/*
 * Notebooks as people had them: every kind, every layout, every part of a month, pages divided by hand, half of their steps ticked and
 * their pages timed, in a database of the program as it was (ticked-database.gz), and beside it what each step was (acts.txt.gz): where it
 * stood, whether it was ticked, what it drew. Both were made once, before anything was rebuilt, and are never made anew.
 */

declare(strict_types=1);

namespace Tests\Golden;

use AmpleMargin\Book\Book;
use AmpleMargin\Drawing\PageDrawing;

final class Ticked
{
    public const DATABASE = __DIR__.'/ticked-database.gz';
    public const ACTS = __DIR__.'/acts.txt.gz';

    /** Of each step of ticks, tick by tick, what it drew: made once, too, from the same program. */
    public const PENCIL = __DIR__.'/pencil.txt.gz';

    /** Notebooks in it, in the order of the acts. */
    public const TITLES = ['Every kind', 'Every kind, turned and by hand', 'A notebook'];

    /** @return array<string, list<PageDrawing>> by the name their ticks have */
    public static function drawn(Book $book): array
    {
        $drawn = [];
        for ($page = 1; $page <= $book->plan->stock->pages; ++$page) {
            $drawing = $book->drawing($page);
            if (null !== $drawing) {
                $drawn[$book->drawingName($page)][] = $drawing;
            }
        }

        return $drawn;
    }

    /**
     * Every tick that is drawn under a key, whether one step draws it now or several.
     *
     * @return array<string, array<string, bool>> "future-log 1a2b…" → its marks
     */
    public static function ticks(Book $book): array
    {
        $ticks = [];
        foreach (self::drawn($book) as $name => $pages) {
            foreach ($pages as $page) {
                $marks = [];
                foreach ($page->marks as $mark) {
                    $marks[$mark->step][substr(hash('xxh3', Fingerprint::mark($mark)), 0, 6)] = true;
                }
                foreach ($page->steps as $step) {
                    foreach ([$step->key, ...$step->formerly] as $key) {
                        $ticks["$name $key"] = ($ticks["$name $key"] ?? []) + ($marks[$step->number] ?? []);
                    }
                }
            }
        }

        return $ticks;
    }

    /**
     * What each step of a book does.
     *
     * @return array<string, array{string, string}> "future-log 1a2b…" → its task, and what it draws
     */
    public static function acts(Book $book): array
    {
        $acts = [];
        foreach (self::drawn($book) as $name => $pages) {
            foreach ($pages as $page) {
                $marks = [];
                foreach ($page->marks as $mark) {
                    $marks[$mark->step][] = Fingerprint::mark($mark);
                }
                foreach ($page->steps as $step) {
                    $of = $marks[$step->number] ?? [];
                    sort($of);
                    foreach ([$step->key, ...$step->formerly] as $key) {
                        $acts["$name $key"] = [$step->task->value, [] === $of ? '-' : substr(hash('xxh3', implode("\n", $of)), 0, 8)];
                    }
                }
            }
        }

        return $acts;
    }
}
