<?php

/* What can go wrong with ink on the page (docs/trade.md, "Slips, and what saves them"). */

declare(strict_types=1);

namespace AmpleMargin\Plan\Making;

enum SlipKind: string
{
    case Count = 'count';
    case Skipped = 'skipped';
    case Doubled = 'doubled';
    case Figure = 'figure';
    case Last = 'last';
    case TitleWide = 'title-wide';
    case TitleOff = 'title-off';
    case WrongPage = 'wrong-page';
    case Ruined = 'ruined';
    case Leaf = 'leaf';
    case Through = 'through';
    case CutFar = 'cut-far';
    case Tabs = 'tabs';
    case Months = 'months';
    case Sticker = 'sticker';

    /** @return list<self> slips of a hand that counts */
    public static function counting(): array
    {
        return [self::Count, self::Skipped, self::Doubled, self::Tabs];
    }

    /** As a person says it. */
    public function words(): string
    {
        return match ($this) {
            self::Count => 'A count was off from here',
            self::Skipped => 'A row was skipped',
            self::Doubled => 'A row was drawn twice',
            self::Figure => 'A wrong figure',
            self::Last => 'No room left for the last one',
            self::TitleWide => 'The title is too wide',
            self::TitleOff => 'The title is off the middle',
            self::WrongPage => 'Drawn on the wrong page',
            self::Ruined => 'The page is ruined',
            self::Leaf => 'A leaf was skipped',
            self::Through => 'A marker came through',
            self::CutFar => 'Cut too far',
            self::Tabs => 'The tabs are miscounted',
            self::Months => 'More months drawn than the book has',
            self::Sticker => 'A sticker or stamp is too big',
        };
    }

    /** What it is called in the log, so many times. */
    public function counted(int $times): string
    {
        return match ($this) {
            self::Count => 1 === $times ? 'one slip in counting' : "$times slips in counting",
            self::Skipped, self::Doubled => 1 === $times ? 'one row skipped or doubled' : "$times rows skipped or doubled",
            self::Figure => 1 === $times ? 'one wrong figure' : "$times wrong figures",
            default => mb_strtolower($this->words()).(1 === $times ? '' : ", $times times"),
        };
    }

    /** What must be pointed at: the place of a line, a box, or nothing but the page. */
    public function asks(): string
    {
        return match ($this) {
            self::Count, self::Tabs => 'line',
            self::Skipped, self::Doubled, self::Figure, self::Last, self::TitleWide, self::TitleOff, self::Months, self::Sticker => 'box',
            self::CutFar => 'length',
            self::WrongPage => 'other page',
            self::Ruined, self::Leaf, self::Through => 'page',
        };
    }
}
