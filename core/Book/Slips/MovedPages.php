<?php

/*
 * Slips that cost a page: drawn on the wrong one, ruined, a leaf skipped, a marker that came through. Every way is tried on the
 * plan and composed; what it changes in an index that is inked is read off the book it makes, and the fewest corrections come first.
 */

declare(strict_types=1);

namespace AmpleMargin\Book\Slips;

use AmpleMargin\Book\Book;
use AmpleMargin\Book\SlotKind;
use AmpleMargin\Editing\Month\SetLost;
use AmpleMargin\Editing\Offered;
use AmpleMargin\Paper\Leaf;
use AmpleMargin\Plan\Medium;
use AmpleMargin\Plan\Volume;

/** @internal to Book */
final class MovedPages
{
    public static function wrongPage(Book $book, Asked $asked): WaysOut
    {
        $try = new Trial($book, $asked);
        $there = $asked->other ?? 0;
        $spread = $book->plan->spread($book->slot($there)->spread);
        $ofMonth = null === $spread && SlotKind::Month === $book->slot($there)->is;
        if ($ofMonth && $there !== $asked->page && Volume::FIRST === $book->plan->id) {
            $try->add('Pass the page over', "What was drawn on page $asked->page is glued shut or covered; {$book->slot($there)->title} "
                .'is drawn '
                .'where it is planned.', $try->drawing($there), [new SetLost($asked->page, true)]);

            return new WaysOut("{$book->slot($there)->title}, planned for page $there.", $try->fewestFirst());
        }
        if (null === $spread || $there === $asked->page) {
            return new WaysOut('Say which page it belonged on: the one the plan has it on.');
        }
        [$from, $pages] = $try->placed($spread->id);
        $to = max(1, $asked->page - ($there - $from));
        $title = $book->catalogue()->title($spread);
        $displaced = $try->on($to, $pages, $spread->id);
        $pin = Trial::pin($spread->id, $to);
        $range = 1 === $pages ? "page $to" : "pages $to to ".($to + $pages - 1);
        foreach ($try->targets($displaced, $from, $pages) as [$say, $edits, $group]) {
            $try->add("Leave it on $range$say", "$title stands on $range.", 1, [$pin, ...$edits], $spread->id, $to, $group);
        }
        if (Volume::FIRST === $book->plan->id) {
            $lost = array_map(static fn (int $page): Offered => new SetLost($page, true), range($to, $to + $pages - 1));
            $try->add(
                "Draw it again on page $from",
                "What was drawn on $range is glued shut or covered; $title is drawn again where the plan has it.",
                array_sum(array_map($try->drawing(...), range($from, $from + $pages - 1))),
                $lost,
            );
        }

        return new WaysOut("$title, drawn on $range and planned for page $from.", $try->fewestFirst());
    }

    public static function ruined(Book $book, Asked $asked): WaysOut
    {
        $try = new Trial($book, $asked);
        $page = $asked->page;
        $try->coverPage($page, 'Cover the whole page', 'a sheet');
        if (Volume::FIRST === $book->plan->id) {
            $try->add(
                'Pass the page over',
                "Page $page is closed; what stood there and everything behind it moves on, and openings stay openings.",
                1,
                [new SetLost($page, true)],
            );
            $try->gluedShut($page, 'Glue it shut with the page facing it');
        }
        $spread = $book->plan->spread($book->slot($page)->spread);
        if (null !== $spread && 1 === $try->placed($spread->id)[1] && Volume::FIRST === $book->plan->id) {
            foreach ($try->free($page) as $to) {
                $try->add(
                    "Draw it on page $to instead",
                    "{$book->catalogue()->title($spread)} goes to page $to, which is free; page $page is closed: glue it shut, or paint "
                        .'or paste it '
                        .'over.',
                    $try->drawing($page),
                    [new SetLost($page, true), Trial::pin($spread->id, $to)],
                    $spread->id,
                    $to,
                    'elsewhere',
                );
            }
        }

        return new WaysOut("Page $page: {$book->slot($page)->title}.", $try->fewestFirst());
    }

    public static function leafSkipped(Book $book, Asked $asked): WaysOut
    {
        $try = new Trial($book, $asked);
        $right = Leaf::isLeft($asked->page) ? $asked->page - 1 : $asked->page;
        [$front, $back] = [max(1, $right), $right + 1];
        if (Volume::FIRST === $book->plan->id) {
            $try->add(
                'Everything moves on by a leaf',
                "Pages $front and $back are closed: glue the leaf shut, or keep it for notes and pictures. What stood there and "
                    .'everything behind '
                    .'it moves on by two, so openings stay openings.',
                4,
                [new SetLost($front, true), new SetLost($back, true)],
            );
        }
        $later = $try->later($back);
        foreach ($later as $i => $one) {
            $title = $book->catalogue()->title($one);
            $try->add(
                "Draw “{$title}” on it",
                "$title, planned further back, is drawn on page $front instead.",
                1,
                [Trial::pin($one->id, $front)],
                $one->id,
                $front,
                'one',
            );
            foreach (\array_slice($later, $i + 1) as $two) {
                // The later of the two in the book stays the later.
                $try->add(
                    "Draw “{$book->catalogue()->title($two)}” and “{$title}” on it",
                    "{$book->catalogue()->title($two)} and $title, planned further back, are drawn on pages $front and $back instead.",
                    1,
                    [Trial::pin($two->id, $front), Trial::pin($one->id, $back)],
                    $two->id,
                    $front,
                    'two',
                );
            }
        }

        return new WaysOut("The leaf of pages $front and $back.", $try->fewestFirst());
    }

    public static function cameThrough(Book $book, Asked $asked): WaysOut
    {
        $try = new Trial($book, $asked);
        $page = $asked->page;
        $behind = Leaf::isLeft($page) ? $page - 1 : $page + 1;
        $slot = $book->slot($behind);
        $spread = $book->plan->spread($book->slot($page)->spread);
        $reverse = $book->plan->spread($slot->spread);
        if (null !== $reverse) {
            $title = $book->catalogue()->title($reverse);
            $try->add(
                "Make page $behind a collage",
                "$title is decorated over what came through: pictures, paint or paper all over page $behind.",
                15,
                [Trial::medium($reverse->id, Medium::Decoration)],
            );
        } elseif ($slot->is->isFree()) {
            $try->add("Leave page $behind empty", "Nothing is planned on page $behind, on the back of the leaf.", 1, []);
        }
        if (null !== $spread && Medium::Bleeds !== $spread->medium) {
            $try->add(
                "Move what was planned on page $behind",
                "The plan knows now that {$book->catalogue()->title($spread)} comes through: what cannot bear it moves from its back.",
                1,
                [Trial::medium($spread->id, Medium::Bleeds)],
            );
        }
        $try->coverPage($behind, "Cover page $behind", 'a sheet');
        if (Volume::FIRST === $book->plan->id) {
            $try->gluedShut($behind, "Glue page $behind shut with the page facing it");
        }

        return new WaysOut("Page $page, seen on page $behind, on the back of its leaf.", $try->fewestFirst());
    }
}
