<?php

/*
 * What fills a region, before it is drawn: its ticks, so that those of all parts are made together; its workings; what does
 * not fit; and its marks layer by layer, because a page is drawn in the order of work and not part after part.
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part;

use AmpleMargin\Copies;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Edge;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Offer;
use AmpleMargin\Drawing\Working;
use AmpleMargin\Spread\Page\Region;

final class Filled
{
    use Copies;

    /** The note of ticks that several parts make together. */
    public const TOGETHER = 'parts';

    /**
     * @param \Closure(): array<int, string>|array<int, string> $top boxes from the page's left edge → what is ticked there
     * @param \Closure(): array<int, string>|array<int, string> $side boxes from its upper edge → what is ticked there
     * @param \Closure(): list<Working>|list<Working> $workings note, figure, arithmetic
     * @param list<Finding>                       $findings
     * @param Check                         $check    when it is done
     * @param int|null                      $next     entry it goes on with on the next page; null where it is done
     * @param list<EdgeTicks>               $ticks    each a step of its own where no other part ticks that edge
     */
    public function __construct(
        public readonly array|\Closure $top = [],
        public readonly array|\Closure $side = [],
        public readonly array|\Closure $workings = [],
        public readonly array $findings = [],
        public readonly Layers $layers = new Layers(),
        public readonly Check $check = new Check(),
        public readonly ?int $next = null,
        public readonly Fastened $fastened = new Fastened(),
        public readonly array $ticks = [],
    ) {
    }

    /** The same as one part of several. @param string|null $called as its steps call it */
    public function called(?string $called): self
    {
        return null === $called ? $this : $this->but(['layers' => $this->layers->called($called)]);
    }

    /** The same, going on on the next page with this entry. */
    public function goingOn(?int $next): self
    {
        return $this->but(['next' => $next]);
    }

    /** The same with its name in the first of its rows. */
    public function named(string $name, Region $region): self
    {
        return $this->but(['layers' => $this->layers->writingFirst(static fn (Canvas $canvas) => PartName::draw($canvas, $name, $region))]);
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

    /** @return list<Working> note, figure, arithmetic */
    public function workings(): array
    {
        return $this->workings instanceof \Closure ? ($this->workings)() : $this->workings;
    }

    /**
     * All it ticks along an edge, but for what stands on the edges of the page.
     *
     * @param int $side boxes along it
     *
     * @return list<EdgeTicks>
     */
    public function along(Edge $edge, int $side): array
    {
        $each = Edge::Top === $edge ? $this->top() : $this->side();
        $ticks = array_values(array_filter($this->ticks, static fn (EdgeTicks $one): bool => $edge === $one->edge));
        if ([] !== $each) {
            ksort($each);
            // Several things a part ticks are one step, as those of several parts are.
            $inside = array_filter(array_keys($each), static fn (int $at): bool => $at > 0 && $at < $side);
            $said = array_intersect_key($each, array_flip($inside));
            $why = implode('; ', array_unique(array_values($said)));
            array_unshift($ticks, new EdgeTicks($edge, array_values($inside), $why, self::TOGETHER));
        }

        $within = array_map(static fn (EdgeTicks $one): EdgeTicks => $one->within($side), $ticks);

        return array_values(array_filter($within, static fn (EdgeTicks $one): bool => [] !== $one->places));
    }

    /**
     * The same saying more, and with more written on it.
     *
     * @param list<Finding>         $findings
     * @param \Closure(Canvas): void|null $write after what is written already
     */
    public function adding(array $findings, ?\Closure $write = null): self
    {
        return $this->but([
            'findings' => [...$this->findings, ...$findings],
            'layers' => null === $write ? $this->layers : $this->layers->alsoWriting($write),
        ]);
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

        return $this->but(['findings' => array_map(
            static fn (Finding $one): Finding => $stuck($one) ? new Finding($one->about, $one->says, $ways, see: $one->see) : $one,
            $this->findings,
        )]);
    }
}
