<?php

/*
 * What fills a region, before it is drawn: its ticks, so that those of all parts are made together; its workings; what does
 * not fit; and its marks layer by layer, because a page is drawn in the order of work and not part after part.
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part;

use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Offer;

final class Filled
{
    /**
     * @param \Closure(): array<int, string>|array<int, string> $top boxes from the page's left edge → what is ticked there
     * @param \Closure(): array<int, string>|array<int, string> $side boxes from its upper edge → what is ticked there
     * @param \Closure(): list<array{string, string, string}>|list<array{string, string, string}> $workings note, figure, arithmetic
     * @param list<Finding>                       $findings
     * @param \Closure(Canvas): void|null         $pencil beside the ticks
     * @param \Closure(Canvas): void|null         $band
     * @param \Closure(Canvas): void|null         $ink
     * @param \Closure(Canvas): void|null         $write
     * @param \Closure(): string|string            $check    how it is checked when it is done; "" where there is nothing to
     * @param int|null                            $next     entry it goes on with on the next page; null where it is done
     * @param int                                 $glued    layers that are glued in where it is thickest
     * @param FlipOut|null                        $flip     what is taped on and folds out
     */
    public function __construct(
        public readonly array|\Closure $top = [],
        public readonly array|\Closure $side = [],
        public readonly array|\Closure $workings = [],
        public readonly array $findings = [],
        public readonly ?\Closure $pencil = null,
        public readonly ?\Closure $band = null,
        public readonly ?\Closure $ink = null,
        public readonly ?\Closure $write = null,
        public readonly string|\Closure $check = '',
        public readonly ?int $next = null,
        public readonly int $glued = 0,
        public readonly ?FlipOut $flip = null,
    ) {
    }

    /** @return array<int, string> boxes from the page's left edge → what is ticked there */
    public function top(): array
    {
        return $this->top instanceof \Closure ? ($this->top)() : $this->top;
    }

    /** @return array<int, string> boxes from its upper edge → what is ticked there */
    public function side(): array
    {
        return $this->side instanceof \Closure ? ($this->side)() : $this->side;
    }

    /** @return list<array{string, string, string}> note, figure, arithmetic */
    public function workings(): array
    {
        return $this->workings instanceof \Closure ? ($this->workings)() : $this->workings;
    }

    /** How it is checked when it is done; "" where there is nothing to. */
    public function check(): string
    {
        return $this->check instanceof \Closure ? ($this->check)() : $this->check;
    }

    /**
     * The same saying more, and with more written on it.
     *
     * @param list<Finding>         $findings
     * @param \Closure(Canvas): void $write after what is written already
     */
    public function adding(array $findings, \Closure $write): self
    {
        $first = $this->write;

        return new self(
            $this->top,
            $this->side,
            $this->workings,
            [...$this->findings, ...$findings],
            $this->pencil,
            $this->band,
            $this->ink,
            static function (Canvas $canvas) use ($first, $write): void {
                if (null !== $first) {
                    $first($canvas);
                }
                $write($canvas);
            },
            $this->check,
            $this->next,
            $this->glued,
            $this->flip,
        );
    }

    /**
     * The same with ways out of what cannot be, where it offers none.
     *
     * @param \Closure(): list<Offer> $offers asked only then
     */
    public function offering(\Closure $offers): self
    {
        $stuck = static fn (Finding $finding): bool => $finding->broken && [] === $finding->offers;
        if ([] === array_filter($this->findings, $stuck)) {
            return $this;
        }
        $ways = $offers();

        return new self(
            $this->top,
            $this->side,
            $this->workings,
            array_map(
                static fn (Finding $one): Finding => $stuck($one) ? new Finding($one->about, $one->says, $ways) : $one,
                $this->findings,
            ),
            $this->pencil,
            $this->band,
            $this->ink,
            $this->write,
            $this->check,
            $this->next,
            $this->glued,
            $this->flip,
        );
    }
}
