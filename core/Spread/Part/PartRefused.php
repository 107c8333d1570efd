<?php

/* A parting that is not one, or a change of it that cannot be; it names the part. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part;

use AmpleMargin\Refused;

final class PartRefused extends \DomainException implements Refused
{
    /** @param string $path of the part, as in `PlacedLeaf` */
    private function __construct(public readonly string $path, string $says)
    {
        parent::__construct($says);
    }

    public static function at(string $path, string $says): self
    {
        return new self($path, $says);
    }

    public static function noSuchPart(string $path): self
    {
        return new self($path, 'This part is not there any more.');
    }

    public static function tooDeep(string $path): self
    {
        return new self($path, 'A page is divided '.Parting::DEEPEST.' times at most, one division inside another.');
    }

    public static function tooMany(string $path): self
    {
        return new self($path, 'A page has '.Parting::MOST.' parts at most.');
    }
}
