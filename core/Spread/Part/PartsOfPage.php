<?php

/* The parts of a page as they stand on it: those that are filled, and the divisions that made them. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part;

use AmpleMargin\Spread\Page\Region;

final class PartsOfPage
{
    /**
     * @param list<PlacedLeaf>     $leaves
     * @param list<PlacedDivision> $divisions the outer ones first
     * @param int                  $sheets    pages that are divided, each in its own way
     * @param Cut|null             $cut       where leaves are cut: a sheet is then what stands on several of its pages
     * @param array{int, int}      $corner    boxes from the edges of the page to where its parts begin
     */
    private function __construct(
        public readonly array $leaves,
        public readonly array $divisions,
        public readonly int $sheets,
        public readonly ?Cut $cut = null,
        public readonly array $corner = [0, 0],
    ) {
    }

    /** The page of the spread a sheet is shown on, from 0. @param int $pages in all */
    public function page(int $sheet, int $pages): int
    {
        // Where the first goes on over more pages, the others are the last.
        return $this->cut?->shownOn($sheet, $pages) ?? (0 === $sheet ? 0 : max($sheet, $pages - $this->sheets + $sheet));
    }

    /** What a sheet is called: "Page 2", "A face". */
    public function name(int $sheet): string
    {
        return $this->cut?->roles()[$sheet] ?? 'Page '.($sheet + 1);
    }

    /** Which of them a part stands on, from 0. */
    public function sheet(string $path): int
    {
        return $this->sheets > 1 ? (int) explode('.', $path)[0] : 0;
    }

    /** @throws NoRoom where there are more parts than boxes */
    public static function of(Portion $piece, Asker $asker): self
    {
        $page = new Region(0, 0, $asker->page->grid->across, $asker->page->grid->down);

        return new self(
            $piece->place($asker, $page),
            $piece->divisions($asker, $page),
            \count(Run::pagesOf($piece)),
            Run::cutOf($piece),
            $asker->page->grid->corner(),
        );
    }

    /** The division a line stands in. @throws PartRefused */
    public function division(string $path): PlacedDivision
    {
        foreach ($this->divisions as $division) {
            if ($division->path === $path) {
                return $division;
            }
        }

        throw PartRefused::noSuchPart($path);
    }
}
