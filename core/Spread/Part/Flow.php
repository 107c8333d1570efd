<?php

/*
 * What stands in parts, page by page: what a part has no room for goes on in the next that takes it up, on this page or the
 * one after it, and else in the same part of one page more.
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part;

use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Spread\Page\Heading;

/** @internal to Spread */
final class Flow
{
    /** Key of the list that came from the page before. */
    private const BEFORE = -1;

    /** That list, where there is one. */
    private ?PlacedLeaf $before = null;

    /** @param bool $flows whether what is not done on a page goes on on more of them before the next */
    public function __construct(private Asker $asker, private readonly bool $byHand, private readonly bool $flows = false)
    {
    }

    /**
     * @param non-empty-list<PlacedPage> $sheets each page; the last is drawn again for what goes on
     *
     * @return array{non-empty-list<non-empty-list<Filled>>, array<int, int>} pages, and what has none any more: part → entry
     */
    public function through(array $sheets, int $most): array
    {
        $pages = [];
        $from = [];
        foreach ($sheets as $nth => $sheet) {
            $placed = $sheet->leaves;
            $this->asker = $sheet->asker;
            $from += array_map(static fn (): int => 0, $placed);
            [$parts, $from] = $this->onePage($placed, $from, true);
            $next = isset($sheets[$nth + 1]) ? $sheets[$nth + 1]->leaves : null;
            if (null !== $next && [] !== $from && !$this->flows) {
                [$from, $lost] = $this->over($placed, $next, $from);
                array_push($parts, ...$lost);
            }
            $pages[] = [] === $parts ? [new Filled()] : $parts;
            while ($this->flows && null !== $next && [] !== $from && \count($pages) < $most) {
                [$parts, $from] = $this->onePage($placed, $from, false);
                $pages[] = [] === $parts ? [new Filled()] : $parts;
            }
        }
        $placed = $sheets[\count($sheets) - 1]->leaves;
        // A title goes on where a list does; alone it needs no page more.
        $isTitle = static fn (int $part): bool => ($placed[$part] ?? null)?->leaf->filling instanceof HeadsPage;
        if ([] === array_filter(array_keys($from), static fn (int $part): bool => !$isTitle($part))) {
            $from = [];
        }
        while ([] !== $from && \count($pages) < $most) {
            [$parts, $from] = $this->onePage($placed, $from, false);
            if ([] === $parts) {
                break;
            }
            $pages[] = $parts;
        }

        return [$pages, $from];
    }

    /**
     * The list that was not done last goes on on the next page where a part takes it up there; any other says that it does not.
     *
     * @param list<PlacedLeaf>         $placed
     * @param list<PlacedLeaf>         $next
     * @param non-empty-array<int, int> $going
     *
     * @return array{array<int, int>, list<Filled>}
     */
    private function over(array $placed, array $next, array $going): array
    {
        $takes = [] !== array_filter($next, static fn (PlacedLeaf $part): bool => $part->leaf->filling instanceof TakesUp);
        $last = $takes ? array_key_last($going) : null;
        $lost = [];
        foreach (array_keys($going) as $key) {
            $leaf = $this->leaf($placed, $key)?->leaf;
            if ($key !== $last && null !== $leaf) {
                $says = $leaf->saying('is', 'are').' longer than the part. Make that larger, or fill a part of the next page with '
                    .'“Goes on”.';
                $lost[] = new Filled(findings: [new Finding($this->asker->page->id, $says)]);
            }
        }
        if (null === $last) {
            return [[], $lost];
        }
        $this->before = $this->leaf($placed, $last);

        return [[self::BEFORE => $going[$last]], $lost];
    }

    /** @param list<PlacedLeaf> $placed */
    private function leaf(array $placed, int $key): ?PlacedLeaf
    {
        return self::BEFORE === $key ? $this->before : $placed[$key] ?? null;
    }

    /**
     * Each part with the entry it goes on with; what it has no room for goes on in the parts behind it that take it up.
     *
     * @param list<PlacedLeaf> $placed
     * @param array<int, int>  $from   part → entry, of those that are not done
     *
     * @return array{list<Filled>, array<int, int>} the parts drawn, and where each goes on on the next page
     */
    private function onePage(array $placed, array $from, bool $first): array
    {
        $parts = [];
        $called = self::called($placed);
        $going = array_intersect_key($from, [self::BEFORE => true]);
        foreach ($placed as $i => $part) {
            if (!$part->leaf->filling instanceof TakesUp) {
                if (isset($from[$i])) {
                    $parts[] = $filled = $this->filled($part, $from[$i])->called($called[$i]);
                    $going += null === $filled->next ? [] : [$i => $filled->next];
                }
                continue;
            }
            $key = array_key_last($going);
            $source = null === $key ? null : $this->leaf($placed, $key);
            if (null === $key || null === $source) {
                array_push($parts, ...$first ? [$this->filled($part, 0)->called($called[$i])] : []);
                continue;
            }
            $part = $this->takingUp($source, $part);
            $parts[] = $filled = $this->filled($part, $going[$key])->called($called[$i]);
            // A part too small to take it up leaves it to the next one.
            $next = null === $part->says ? $filled->next : $going[$key];
            unset($going[$key]);
            $going += null === $next ? [] : [$key => $next];
        }

        return [$parts, $going];
    }

    /**
     * What the steps of each part call it, where there are several beside the title: its name, or what fills it, and which of those.
     *
     * @param list<PlacedLeaf> $placed
     *
     * @return list<string|null>
     */
    private static function called(array $placed): array
    {
        $drawn = array_filter($placed, static fn (PlacedLeaf $part): bool => !$part->leaf->filling instanceof HeadsPage);
        $words = array_map(
            static fn (PlacedLeaf $part): string => null === $part->leaf->name
                ? $part->leaf->filling->name()
                : Heading::quoted($part->leaf->name),
            $drawn,
        );
        $often = array_count_values($words);
        $seen = [];
        $called = array_fill(0, \count($placed), null);
        foreach (\count($drawn) > 1 ? $words : [] as $i => $word) {
            $nth = $seen[$word] = ($seen[$word] ?? 0) + 1;
            $called[$i] = 1 === $often[$word] ? $word : "$word $nth";
        }

        return array_values($called);
    }

    /** A part that takes up another, where it has room for that and it counts entries. */
    private function takingUp(PlacedLeaf $source, PlacedLeaf $part): PlacedLeaf
    {
        $fits = $source->leaf->place($this->asker, $part->region, $part->path)[0];

        return $source->leaf->filling instanceof TakenUp ? $fits : new PlacedLeaf(
            $part->leaf,
            $part->region,
            $part->path,
            $source->leaf->saying('goes on', 'go on').' on the next page and not in another part.',
        );
    }

    /** A part too small for what fills it stays free, and says so. */
    private function filled(PlacedLeaf $placed, int $from): Filled
    {
        $offers = new PartOffers($this->asker, $this->byHand);
        if (null === $placed->says) {
            $leaf = $placed->leaf;
            $region = $placed->region->below($leaf->namedAbove());
            $filled = $leaf->filling->fill($this->asker->of($leaf), $region, $from)->offering(static fn (): array => $offers->of($placed));

            return 0 === $leaf->namedAbove() || $from > 0 ? $filled : $filled->named((string) $leaf->name, $placed->region);
        }
        $region = $placed->region;

        return new Filled(
            findings: [new Finding($this->asker->page->id, $placed->says, $offers->of($placed))],
            layers: new Layers(
                pencil: static function (Canvas $canvas) use ($region): void {
                    $canvas->step(Task::Pencil, "Mark the part that is kept free: $region->wide × $region->tall boxes.");
                    $canvas->frame(Layer::Pencil, $region->x, $region->y, $region->wide, $region->tall);
                },
            ),
        );
    }
}
