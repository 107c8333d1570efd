<?php

/* A bookmark with the book's key on it: so many boxes wide, as tall as a page. */

declare(strict_types=1);

namespace AmpleMargin\Book\Printing;

use AmpleMargin\Drawing\Caution;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Sheet\Piece\TrueSize;
use AmpleMargin\Spread\Filling\Blank;
use AmpleMargin\Spread\Filling\KeyMarks;
use AmpleMargin\Spread\Page\CalendarFacts;
use AmpleMargin\Spread\Page\OfBook;
use AmpleMargin\Spread\Page\PageGrid;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\FilledPart;
use AmpleMargin\Spread\Part\Parted;
use AmpleMargin\Spread\Part\Parting;
use AmpleMargin\Spread\Part\Size;
use AmpleMargin\Spread\Setting\Settings;

final class Bookmark implements Printable
{
    /** Boxes across: a mark with air round it, and a word. */
    private const WIDE = 10;

    public static function word(): string
    {
        return 'bookmark';
    }

    public static function name(): string
    {
        return 'Bookmark with the key';
    }

    public static function asks(): string
    {
        return '';
    }

    public function pieces(Context $context, string $said): array
    {
        $plan = $context->book->plan;
        // A box of air, so that no mark stands on the cut.
        $page = Parting::down([Size::boxes(1), FilledPart::of(new Blank())], [Size::share(), FilledPart::of(new KeyMarks())])->gap(0);
        $laid = (new Parted($page))->layOut(new Request(
            'key',
            self::name(),
            new Settings([], []),
            new PageGrid(self::WIDE, $plan->stock->down, pitch: $plan->stock->pitch),
            new CalendarFacts($plan->period, $plan->weeks->first, $context->book->names()),
            $plan->pens,
            hand: $plan->hand,
            book: new OfBook(key: $plan->key),
        ));
        $broken = $laid->broken();
        if (null !== $broken) {
            throw PlanProblem::at('bookmark', $broken->says);
        }
        [$front, $back] = [$laid->drawings()[0], $laid->drawings()[1] ?? null];

        return [TrueSize::cutOut(
            $front,
            $context->pitch(),
            'Bookmark with the key, '.self::WIDE." × {$plan->stock->down} boxes",
            self::name(),
            Caution::CUT,
            back: $back,
        )];
    }
}
