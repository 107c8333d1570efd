<?php

/* What became of each thing of a list of the old book; each is accounted for exactly once. */

declare(strict_types=1);

namespace AmpleMargin\Carrying;

use AmpleMargin\Plan\Old\ItemFate;
use AmpleMargin\Plan\Old\OldItem;
use AmpleMargin\Plan\Old\OldSpread;
use AmpleMargin\Plan\Old\Verdict;
use AmpleMargin\Spread\Catalogue\Catalogue;

enum ItemBecame: string
{
    case GoesOn = 'goes on in its list';
    case LeftOpen = 'goes on in the list of what was left open';
    case Reached = 'reached';
    case Dropped = 'dropped';
    case DroppedWith = 'dropped with its spread';
    case Stays = 'stays in the old book';
    case NotJudged = 'not judged yet';

    public static function of(OldSpread $old, OldItem $item, Catalogue $catalogue): self
    {
        $listed = null !== $catalogue->kind($old->spread->kind)?->undone();

        return match (true) {
            null === $old->verdict => self::NotJudged,
            ItemFate::Reached === $item->as => self::Reached,
            ItemFate::Drop === $item->as => self::Dropped,
            $old->goesOn() && $listed => self::GoesOn,
            ItemFate::Carry === $item->as => self::LeftOpen,
            Verdict::Refer === $old->verdict => self::Stays,
            // A kept page without a list of its own says nothing of them.
            $old->goesOn() => self::Stays,
            default => self::DroppedWith,
        };
    }
}
