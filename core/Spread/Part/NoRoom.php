<?php

/* A part that is smaller than what fills it needs; a finding is made of it. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part;

use AmpleMargin\Counting\Plural;
use AmpleMargin\Refused;

final class NoRoom extends \DomainException implements Refused
{
    public static function across(Leaf $leaf, int $needed, Region $region): self
    {
        return new self(self::what($leaf).' needs '.Plural::boxes($needed)." across; its part has $region->wide.");
    }

    public static function down(Leaf $leaf, int $needed, Region $region): self
    {
        return new self(self::what($leaf).' needs '.Plural::boxes($needed)." down; its part has $region->tall.");
    }

    /** @param int $parts that have no box each */
    public static function parts(int $parts, int $boxes, Way $way): self
    {
        return new self("$parts parts do not fit ".(Way::Across === $way ? 'across ' : 'down ').Plural::boxes(max(0, $boxes)).'.');
    }

    private static function what(Leaf $leaf): string
    {
        return null === $leaf->name ? ucfirst($leaf->filling->called()) : "“{$leaf->name}” ({$leaf->filling->called()})";
    }
}
