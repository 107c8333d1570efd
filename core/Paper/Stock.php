<?php

/* The paper of a notebook: size, pitch, the boxes the person counted, pages and the first leaf's quirk. */

declare(strict_types=1);

namespace AmpleMargin\Paper;

final class Stock
{
    public const FEWEST_PAGES = 8;
    public const MOST_PAGES = 1000;
    public const MOST_BOXES = 200;

    /** g/m², from memory. */
    public const LIGHTEST = 40;
    public const HEAVIEST = 400;

    /** µm of a leaf, from memory. */
    private const THINNEST = 30;
    private const THICKEST = 600;

    /** µm */
    public const LEAST_PITCH = 2_000;
    public const MOST_PITCH = 20_000;

    /**
     * @param int $width  µm, 50 to 400 mm
     * @param int $height µm, 50 to 400 mm
     * @param int $pitch  µm, 2 to 20 mm
     * @param int $across boxes, counted on the page, not reckoned from the paper
     * @param int $down   boxes
     * @param int $pages  even, 8 to 1,000
     *
     * @throws StockRefused naming the field
     */
    public function __construct(
        public readonly int $width,
        public readonly int $height,
        public readonly int $pitch,
        public readonly int $across,
        public readonly int $down,
        public readonly int $pages,
        public readonly FirstLeaf $firstLeaf = FirstLeaf::Ordinary,
        /** Whether the pages come with printed numbers. */
        public readonly bool $numbered = true,
        /** g/m² (ISO 536), 40 to 400; null where nobody said. */
        public readonly ?int $grammage = null,
        /** µm a leaf is thick, 30 to 600; null where nobody measured it. */
        public readonly ?int $leaf = null,
    ) {
        foreach (['width' => $width, 'height' => $height] as $field => $side) {
            if ($side < 50_000 || $side > 400_000) {
                throw StockRefused::at(
                    $field,
                    "A page is 50 to 400 mm {$this->sideWord($field)}; this says ".Millimetres::written($side).' mm.',
                );
            }
        }
        if ($pitch < self::LEAST_PITCH || $pitch > self::MOST_PITCH) {
            throw StockRefused::at('pitch', 'A pitch is 2 to 20 mm; this says '.Millimetres::written($pitch).' mm.');
        }
        $this->checkCount('across', $across, $width);
        $this->checkCount('down', $down, $height);
        if ($pages < self::FEWEST_PAGES || $pages > self::MOST_PAGES) {
            throw StockRefused::at('pages', 'A notebook has '.self::FEWEST_PAGES.' to 1,000 pages; this says '.number_format($pages).'.');
        }
        if (null !== $grammage && ($grammage < self::LIGHTEST || $grammage > self::HEAVIEST)) {
            throw StockRefused::at(
                'grammage',
                'Paper of notebooks weighs '.self::LIGHTEST.' to '.self::HEAVIEST." g/m²; this says $grammage.",
            );
        }
        if (null !== $leaf && ($leaf < self::THINNEST || $leaf > self::THICKEST)) {
            throw StockRefused::at(
                'leaf',
                'A leaf is '.Millimetres::written(self::THINNEST).' to '.Millimetres::written(self::THICKEST)
                    .' mm thick; this says '.Millimetres::written($leaf).'.',
            );
        }
        if (0 !== $pages % 2) {
            throw StockRefused::at(
                'pages',
                'A leaf has two pages, so the count of pages is even: '.($pages - 1).' or '.($pages + 1).", not $pages.",
            );
        }
    }

    /** Boxes down of half a page: between two halves stays a box at least. */
    public function half(): int
    {
        return intdiv($this->down - 1, 2);
    }

    /** @return list<PaperSize> those of exactly this size; empty where the page is a size of its own */
    public function sizes(): array
    {
        return array_values(array_filter(
            PaperSize::notebooks(),
            fn (PaperSize $size): bool => $size->micrometres() === [$this->width, $this->height],
        ));
    }

    private function checkCount(string $field, int $count, int $side): void
    {
        if ($count < 1) {
            throw StockRefused::at($field, "Count the boxes $field the page: at least 1, not $count.");
        }
        $most = min(self::MOST_BOXES, intdiv($side, $this->pitch));
        if ($count > $most) {
            throw StockRefused::at(
                $field,
                "$count boxes of "
                    .Millimetres::written($this->pitch)
                    ." mm do not fit $field "
                    .Millimetres::written($side)
                    ." mm of paper: $most at most.",
            );
        }
    }

    private function sideWord(string $field): string
    {
        return 'width' === $field ? 'wide' : 'tall';
    }
}
