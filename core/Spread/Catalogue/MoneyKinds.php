<?php

/* Money put aside by payday: its plan, and the picture that is coloured in. Records, no advice. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Catalogue;

use AmpleMargin\Plan\Section;
use AmpleMargin\Spread\Filling\Savings\SavingsAsked;
use AmpleMargin\Spread\Filling\SavingsList;
use AmpleMargin\Spread\Filling\SavingsPicture;
use AmpleMargin\Spread\Part\FilledPart;
use AmpleMargin\Spread\Part\Parting;
use AmpleMargin\Spread\Part\Size;

/** @internal to Spread */
final class MoneyKinds
{
    /** @return array<string, \Closure(): Kind> by id */
    public static function all(): array
    {
        return [
            'savings-plan' => static fn (): Kind => Page::spread('Savings by payday', Section::Trackers, Parting::across(
                [Size::needed(), FilledPart::of(new SavingsList())->open('line', ...SavingsAsked::NAMES)],
                [Size::share(), self::picture()->once()],
            )->gap(1))
                ->whichIs('What to put aside on which payday, and a jar that fills; it meets the aim to the unit.')
                ->isARecord()
                ->unlessSaid(['target' => 1_200, 'lighter' => ['December 50', 'January 50']])
                ->which(Fact::OnlyOfTheYear)
                ->alsoCalled('savings', 'saving challenge', 'put aside', 'money', 'payday', 'fortnights')
                ->goesOpposite('quote', 'word-of-the-year', 'savings-picture'),
            'savings-picture' => static fn (): Kind => Page::spread('A jar to fill', Section::Trackers, self::picture())
                ->whichIs('A page to colour in as the sum grows: a jar, bars in steps, or boxes of an amount.')
                ->isARecord()
                ->unlessSaid(['target' => 1_200])
                ->which(Fact::OnlyOfTheYear)
                ->alsoCalled('savings', 'money jar', 'thermometer', 'colouring', 'bars')
                ->goesOpposite('savings-plan', 'savings-by-month'),
        ];
    }

    private static function picture(): FilledPart
    {
        return FilledPart::of(new SavingsPicture())->open('picture', 'box_worth', ...SavingsAsked::namesOfPicture());
    }
}
