<?php

/* "What now?": what happened and where the pen stands → the ways that save it, cheapest first, each with its counts and its edit. */

declare(strict_types=1);

namespace AmpleMargin\Book\Slips;

use AmpleMargin\Book\Book;
use AmpleMargin\Plan\Making\SlipKind;

final class WhatNow
{
    /** @param list<Saving> $ways */
    private function __construct(public readonly string $where, public readonly array $ways)
    {
    }

    public static function of(Book $book, Asked $asked): self
    {
        $page = $asked->page;
        if ($page > $book->plan->stock->pages) {
            return new self("The book has {$book->plan->stock->pages} pages; there is no page $page.", []);
        }
        $out = match ($asked->kind) {
            SlipKind::WrongPage => MovedPages::wrongPage($book, $asked),
            SlipKind::Ruined => MovedPages::ruined($book, $asked),
            SlipKind::Leaf => MovedPages::leafSkipped($book, $asked),
            SlipKind::Through => MovedPages::cameThrough($book, $asked),
            default => self::drawn($book, $asked),
        };

        return new self($out->where, Saving::cheapestFirst($out->ways));
    }

    private static function drawn(Book $book, Asked $asked): WaysOut
    {
        $drawing = $book->drawing($asked->page);
        if (null === $drawing) {
            return new WaysOut("Nothing is drawn on page $asked->page by this plan. Point at the page the slip is on.");
        }
        $here = new Here($book, $asked, $drawing);

        return match ($asked->kind) {
            SlipKind::Count, SlipKind::Tabs => CountedOff::ways($here),
            SlipKind::Skipped, SlipKind::Doubled => RowWrong::ways($here),
            SlipKind::Figure => OnThePage::figure($here),
            SlipKind::Last => OnThePage::last($here),
            SlipKind::TitleWide => TitleWrong::tooWide($here),
            SlipKind::TitleOff => TitleWrong::off($here),
            SlipKind::Months => OnThePage::months($here),
            SlipKind::Sticker => OnThePage::sticker($here),
            default => OnThePage::cutTooFar($here),
        };
    }
}
