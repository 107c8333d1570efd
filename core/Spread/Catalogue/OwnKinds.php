<?php

/* Kinds a person made on the bench: the same data as those of the catalogue, read from their plan. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Catalogue;

use AmpleMargin\Plan\OwnKind;

final class OwnKinds
{
    public static function kind(OwnKind $kind): Kind
    {
        return Kind::spread($kind->name, $kind->section, OwnParts::kept($kind->parts))
            ->whichIs($kind->purpose)
            ->takes(TakesDates::SETTING)
            ->which(Fact::TurnsThePage, Fact::LiesOnItsSide)
            ->under($kind->id);
    }
}
