<?php

/* Where everything stands, before anything is drawn. */

declare(strict_types=1);

namespace AmpleMargin\Book;

use AmpleMargin\Carrying\Lasting;
use AmpleMargin\Paging\Forecast;
use AmpleMargin\Paging\IndexCorrection;
use AmpleMargin\Paging\MonthBlock;
use AmpleMargin\Paging\Placement;
use AmpleMargin\Paging\RunOut;

/** @internal to Book */
final class Paged
{
    /**
     * @param list<MonthBlock>      $months
     * @param list<IndexCorrection> $corrections
     * @param \Closure(int, int): list<Lasting> $lasting   reckoned when somebody asks, with so many pages more
     */
    public function __construct(
        public readonly Placement $front,
        public readonly Placement $back,
        public readonly array $months,
        public readonly RunOut $runOut,
        public readonly array $corrections,
        public readonly ?Forecast $forecast,
        public readonly \Closure $lasting,
    ) {
    }

    /** @param list<IndexCorrection> $more */
    public function correcting(array $more): self
    {
        return [] === $more ? $this : new self(
            $this->front,
            $this->back,
            $this->months,
            $this->runOut,
            [...$this->corrections, ...$more],
            $this->forecast,
            $this->lasting,
        );
    }
}
