<?php

/* More parts than boxes; a finding is made of it. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part;

use AmpleMargin\Counting\Plural;
use AmpleMargin\Refused;
use AmpleMargin\Spread\Page\Direction;

final class NoRoom extends \DomainException implements Refused
{
    /** @param int $parts that have no box each */
    public static function parts(int $parts, int $boxes, Direction $way): self
    {
        return new self("$parts parts do not fit ".(Direction::Across === $way ? 'across ' : 'down ').Plural::boxes(max(0, $boxes)).'.');
    }

    public static function says(string $says): self
    {
        return new self($says);
    }
}
