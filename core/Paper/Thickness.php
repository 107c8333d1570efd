<?php

/*
 * How thick the leaves of a book are together, and what is glued in adds. A leaf that nobody measured is reckoned from its weight:
 * 1.25 cm³ a gram (from memory); a glued layer counts as a leaf (docs/trade.md, "Doors, tabs and other cuts"; from memory).
 */

declare(strict_types=1);

namespace AmpleMargin\Paper;

final class Thickness
{
    /** µm a leaf for each g/m². From memory. */
    private const BULK = 1.25;

    /** @param string $whence where the thickness of a leaf is from */
    private function __construct(
        private readonly int $leaves,
        private readonly int $glued,
        private readonly int $leaf,
        private readonly string $whence,
    ) {
    }

    /** @param int $glued layers */
    public static function of(Stock $stock, int $glued): self
    {
        $grammage = $stock->grammage ?? ShowThrough::USUAL;

        return new self(
            intdiv($stock->pages, 2),
            $glued,
            $stock->leaf ?? (int) round($grammage * self::BULK),
            match (true) {
                null !== $stock->leaf => '',
                null !== $stock->grammage => "; a leaf of $grammage g/m² from memory, measure yours on Stock",
                default => "; as of $grammage g/m², from memory: say on Stock what yours weighs or measures",
            },
        );
    }

    /** "16 mm thick, 1.2 mm of it glued in". */
    public function figure(): string
    {
        $all = self::mm(($this->leaves + $this->glued) * $this->leaf);

        return "$all mm thick".(0 === $this->glued ? '' : ', '.self::mm($this->glued * $this->leaf).' mm of it glued in');
    }

    public function arithmetic(): string
    {
        $glued = 0 === $this->glued ? '' : ' + '.(1 === $this->glued ? '1 layer' : "$this->glued layers").' glued in';

        return "$this->leaves leaves$glued, ".Millimetres::written($this->leaf)." mm each$this->whence.";
    }

    /** To a tenth. */
    private static function mm(int $micrometres): string
    {
        return Millimetres::rounded($micrometres / 1000, 1);
    }
}
