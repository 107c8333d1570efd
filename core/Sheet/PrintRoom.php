<?php

/*
 * The room a sheet of paper has at true size: between the edges a printer cannot reach, the title and the check line. A printer that
 * draws smaller than it is told reaches less: what would be sent to it would lie beyond the sheet.
 */

declare(strict_types=1);

namespace AmpleMargin\Sheet;

use AmpleMargin\Paper\Millimetres;
use AmpleMargin\Paper\PaperSize;
use AmpleMargin\Sheet\Printer\Printer;

final class PrintRoom
{
    /** µm of the strips that the head and the foot of a sheet need. */
    public const HEAD = 4_000;
    public const FOOT = 6_000;

    public readonly int $left;

    public readonly int $top;

    public readonly int $wide;

    public readonly int $tall;

    /** Of the paper, µm. */
    public readonly int $width;

    public readonly int $height;

    /** µm that stay white along each edge. */
    public readonly int $margin;

    public function __construct(public readonly PaperSize $paper, public readonly ?Printer $printer = null)
    {
        [$this->width, $this->height] = $paper->micrometres();
        $this->margin = $printer->margin ?? Printer::MARGIN;
        [$beside, $above, $below] = [$this->margin, $this->margin, $this->margin];
        foreach (null === $printer ? [] : [$printer->correction(), $printer->correction(true)] as $correction) {
            // The edges of what can be sent, where they land.
            [$left, $top] = $correction->lands(0, 0);
            [$right, $foot] = $correction->lands($this->width, $this->height);
            // As far in on the left as on the right: what is printed behind lies there the other way round.
            $beside = max($beside, (int) ceil($left), (int) ceil($this->width - $right));
            $above = max($above, (int) ceil($top));
            $below = max($below, (int) ceil($this->height - $foot));
        }
        [$this->left, $this->top] = [$beside, $above + self::HEAD];
        $this->wide = $this->width - 2 * $beside;
        $this->tall = $this->height - $above - self::HEAD - $below - self::FOOT;
    }

    public function takes(int $wide, int $tall): bool
    {
        return $wide <= $this->wide && $tall <= $this->tall;
    }

    /** Upright, or turned by a quarter. */
    public function takesTurned(int $wide, int $tall): bool
    {
        return $this->takes($wide, $tall) || $this->takes($tall, $wide);
    }

    public function refusal(string $what, int $wide, int $tall): SheetRefused
    {
        return SheetRefused::tooLarge(
            $what,
            Millimetres::written($wide).' × '.Millimetres::written($tall),
            $this->paper->value,
            Millimetres::written($this->wide).' × '.Millimetres::written($this->tall),
        );
    }

    /** µm from the upper edge of the paper to where the foot may begin. */
    public function foot(): int
    {
        return $this->top + $this->tall;
    }
}
