<?php

/* One page of leaves that are cut: what stands where on it, whose month it is for, and what the knife takes away. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part;

use AmpleMargin\Spread\Page\CalendarFacts;
use AmpleMargin\Spread\Page\Region;

final class CutPage
{
    /**
     * @param list<array{Portion, string, Region}> $pieces   each with its path and where it stands
     * @param list<Region>                       $removed  what is cut away of it; none where its leaf is whole
     * @param string                             $says     how it is cut, in a sentence; "" where it is not, or where its front said it
     * @param CalendarFacts|null                 $calendar the months it is for; null for all of the book
     * @param string|null                        $title    of its own
     * @param list<array{string, Region}>        $labels   written on what is left standing: the name of a tab
     */
    public function __construct(
        public readonly array $pieces,
        public readonly array $removed = [],
        public readonly string $says = '',
        public readonly ?CalendarFacts $calendar = null,
        public readonly ?string $title = null,
        public readonly array $labels = [],
    ) {
    }

    /** Whether it is the back of a cut leaf: the cut is made from the front. */
    public function isBack(): bool
    {
        return [] !== $this->removed && '' === $this->says;
    }

    /** Who is asked about its parts. */
    public function asker(Asker $asker): Asker
    {
        return null === $this->calendar && null === $this->title
            ? $asker
            : new Asker($asker->page->for($this->calendar ?? $asker->page->calendar, $this->title ?? $asker->page->title));
    }
}
