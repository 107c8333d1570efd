<?php

/* A page of a spread with its parts in their places, and who is asked about them: on a face of a door that is its month. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part;

use AmpleMargin\Spread\Page\Region;

final class PlacedPage
{
    /**
     * @param list<PlacedLeaf> $leaves
     * @param CutPage|null     $cut    null where no leaf of the spread is cut
     * @param string|null      $says   why nothing stands on it, though the other pages of its spread can be drawn
     */
    private function __construct(
        public readonly Asker $asker,
        public readonly array $leaves,
        public readonly ?CutPage $cut = null,
        public readonly ?string $says = null,
    ) {
    }

    /**
     * Every page of a piece, in order.
     *
     * @return non-empty-list<self>
     *
     * @throws NoRoom where there are more parts than boxes, or a cut leaves too little
     */
    public static function allOf(Portion $piece, Asker $asker): array
    {
        if ($piece instanceof Run && null !== $piece->cut) {
            return array_map(static fn (CutPage $page): self => self::cut($page, $asker), $piece->cut->pages($piece->pages, $asker->page));
        }
        $region = new Region(0, 0, $asker->page->grid->across, $asker->page->grid->down);
        $pages = Run::pagesOf($piece);

        return array_map(static function (Portion $page, int $nth) use ($asker, $region, $piece): self {
            try {
                return new self($asker, self::titleFirst($page->place($asker, $region, $piece instanceof Run ? (string) $nth : '')));
            } catch (NoRoom $none) {
                return $piece instanceof Run ? new self($asker, [], null, $none->getMessage()) : throw $none;
            }
        }, $pages, array_keys($pages));
    }

    /**
     * A title is written before what stands beside it, wherever it stands.
     *
     * @param list<PlacedLeaf> $leaves
     *
     * @return list<PlacedLeaf>
     */
    private static function titleFirst(array $leaves): array
    {
        $isTitle = static fn (PlacedLeaf $one): bool => $one->leaf->filling instanceof HeadsPage;

        return [...array_values(array_filter($leaves, $isTitle)), ...array_values(array_filter(
            $leaves,
            static fn (PlacedLeaf $one): bool => !$isTitle($one),
        ))];
    }

    private static function cut(CutPage $page, Asker $asker): self
    {
        $own = $page->asker($asker);
        $leaves = array_map(static fn (array $one): array => $one[0]->place($own, $one[2], $one[1]), $page->pieces);

        return new self($own, array_merge([], ...$leaves), $page);
    }
}
