<?php

/* What some room of the program asks of a kind: that it is so, or a word of it. Most kinds have few of them. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Catalogue;

enum Fact: string
{
    /** What stays true of a page however it is divided. */
    public const OF_WHAT_IT_HOLDS = [
        self::NeedsNoGrid,
        self::HoldsAnAddress,
        self::KeepsARecord,
        self::TriesPens,
        self::Goals,
        self::Challenges,
        self::Themes,
    ];

    /** Its pages may stand anywhere: they need not open flat. */
    case TurnsThePage = 'turns the page';
    /** Its pages are read across the fold: they must open flat, whatever kinds like it do. */
    case ReadAcross = 'read across';
    /** Its page may be turned, for more room across. */
    case LiesOnItsSide = 'lies on its side';
    /** It may take half a page and share it. */
    case SharesAPage = 'shares a page';
    /** Offered where a page stays empty. */
    case FillsEmptyPages = 'fills empty pages';
    /** Needs no counting, so it may stand on an undotted page. */
    case NeedsNoGrid = 'needs no grid';
    /** The page others become when a person divides them otherwise. */
    case DividedByHand = 'divided by hand';
    /** Made once a book, and no part of a month. */
    case OnlyOfTheYear = 'only of the year';
    /** It says where somebody lives. */
    case HoldsAnAddress = 'holds an address';
    /** It keeps health, mood or money: what is said beside it. */
    case KeepsARecord = 'keeps a record';
    /** Pens are tried on it: what is seen there is kept for the book. */
    case TriesPens = 'tries pens';
    /** A page to try one's hand on. */
    case ForPractice = 'for practice';
    /** The screen it is designed on. */
    case Designer = 'designer';
    /** The setting that lists goals, which the months' challenges serve: a field of lines. */
    case Goals = 'goals';
    /** The setting that lists challenges, a line a month: a field of lines. */
    case Challenges = 'challenges';
    /** The setting that lists the months' themes, each under a line that ends with a colon: a field of lines. */
    case Themes = 'themes';
    /** The setting of a month part that takes the theme of its month, where nobody says another: a field of text. */
    case Theme = 'theme';
}
