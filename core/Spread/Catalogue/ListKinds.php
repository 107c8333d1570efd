<?php

/* Goals, trackers and lists. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Catalogue;

use AmpleMargin\Plan\Section;
use AmpleMargin\Spread\Filling\Cells;
use AmpleMargin\Spread\Filling\MonthStrip;
use AmpleMargin\Spread\Part\FilledPart;
use AmpleMargin\Spread\Part\PartedLayouts;

/** @internal to Spread */
final class ListKinds
{
    /** @return array<string, \Closure(): Kind> by id */
    public static function all(): array
    {
        return [
            'goals-by-area' => static fn (): Kind => Kind::spread('Goals by area', Section::Goals, Page::containers())
                ->unlessSaid(['cells' => ['Home', 'Work', 'Health', 'People']])
                ->formerly(Page::CONTAINERS_ONCE)
                ->whichIs('A container for each area of life.')
                ->alsoCalled('yearly goals', 'areas of life', 'resolutions', 'wheel')
                ->goesOpposite('affirmations', 'quote', 'word-of-the-year')
                ->which(Fact::SharesAPage),
            ...CutKinds::all(),
            'subscriptions-by-month' => static fn (): Kind => Kind::spread(
                'Subscriptions by month',
                Section::Trackers,
                PartedLayouts::of(Page::under(
                    FilledPart::of(new MonthStrip())->open('items', 'strip', 'column', 'line', 'sum', 'from', 'months'),
                )),
            )
                ->whichIs('What is paid again and again: a tick for every month behind a strip of names.')
                ->isARecord()
                ->alsoCalled('subscriptions', 'direct debits', 'paid each month', 'bills')
                ->unlessSaid(['items' => ['Tram ticket', 'Telephone', 'Library', 'Choir', 'Weekly paper']]),
            'ideas' => static fn (): Kind => Page::spread(
                'Ideas',
                Section::Back,
                FilledPart::of(new Cells())->open('cells', 'across', 'line'),
            )
                ->whichIs('What comes to mind, by category.')
                ->unlessSaid(['cells' => ['To read', 'To see', 'To cook', 'To mend', 'To ask', 'To go']])
                ->alsoCalled('brain dump', 'check it out', 'inbox')
                ->goesOpposite('numbers-of-the-year'),
            'notes' => static fn (): Kind => Kind::spread('Notes', Section::Back, Page::ruled())
                ->formerly(Page::ruledOnce())
                ->whichIs('A title and lines; takes what has no page of its own.')
                ->alsoCalled('lines', 'blank', 'free page', 'thoughts')
                ->which(Fact::TurnsThePage, Fact::FillsEmptyPages, Fact::SharesAPage),
        ];
    }
}
