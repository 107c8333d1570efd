<?php

/* What can be measured of an old book: pages in front, pages of its months, what ran over, how far it was used. */

declare(strict_types=1);

namespace AmpleMargin\Carrying;

use AmpleMargin\Calendar\Day;
use AmpleMargin\Calendar\Month;
use AmpleMargin\Plan\Old\Looked;
use AmpleMargin\Plan\Old\OldBook;
use AmpleMargin\Plan\Old\OldSpread;

final class Taken
{
    public function __construct(private readonly OldBook $old)
    {
    }

    /** Pages a month took in the middle: of an even count the larger of the two. Null where no month is known. */
    public function median(): ?int
    {
        $pages = array_values($this->old->months);
        sort($pages);

        return $pages[intdiv(\count($pages), 2)] ?? null;
    }

    public function most(): ?int
    {
        return [] === $this->old->months ? null : max($this->old->months);
    }

    /** @return array<string, int> month → pages it took more than were held for it */
    public function over(): array
    {
        $over = [];
        foreach ($this->old->months as $month => $pages) {
            $more = $pages - ($this->old->planned[$month] ?? $pages);
            if ($more > 0) {
                $over[$month] = $more;
            }
        }

        return $over;
    }

    /** The last page that was used. */
    public function lastPage(): int
    {
        return $this->old->front + array_sum($this->old->months);
    }

    /** The day up to which that page reaches; null where no month is known. */
    public function lastDay(): ?Day
    {
        $months = array_keys($this->old->months);
        $last = [] === $months ? null : Month::read(max($months));

        return null === $last ? null : Day::lastOf($last);
    }

    /** @return list<OldSpread> given up half-way */
    public function halfFilled(): array
    {
        return array_values(array_filter($this->old->spreads, static fn (OldSpread $one): bool => $one->half));
    }

    /** Pages of spreads nobody looked at. */
    public function neverUsed(): int
    {
        return array_sum(array_map(
            static fn (OldSpread $one): int => Looked::Never === $one->looked ? $one->pagesTaken() : 0,
            $this->old->spreads,
        ));
    }
}
