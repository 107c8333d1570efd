<?php

/* The room a sheet of paper has at true size, between the edges a printer cannot reach, the title and the check line. */

declare(strict_types=1);

namespace AmpleMargin\Sheet;

use AmpleMargin\Paper\Millimetres;
use AmpleMargin\Paper\PaperSize;

/** @internal to Sheet */
final class PrintRoom
{
    public readonly int $wide;

    public readonly int $tall;

    /** Of the paper, µm. */
    public readonly int $width;

    public readonly int $height;

    public function __construct(private readonly PaperSize $paper)
    {
        [$this->width, $this->height] = $paper->micrometres();
        $this->wide = $this->width - 2 * SheetFoot::EDGE;
        $this->tall = $this->height - SheetFoot::HEAD - SheetFoot::FOOT;
    }

    public function takes(int $wide, int $tall): bool
    {
        return $wide <= $this->wide && $tall <= $this->tall;
    }

    /**
     * Where something begins that stands in the middle of it.
     *
     * @param int $wide µm
     *
     * @return array{int, int} µm from the left and the upper edge of the paper
     *
     * @throws SheetRefused where it does not fit
     */
    public function middle(int $wide, int $tall): array
    {
        if (!$this->takes($wide, $tall)) {
            throw SheetRefused::tooLarge(
                Millimetres::written($wide).' × '.Millimetres::written($tall),
                $this->paper->value,
                Millimetres::written($this->wide).' × '.Millimetres::written($this->tall),
            );
        }

        return [intdiv($this->width - $wide, 2), SheetFoot::HEAD + intdiv($this->tall - $tall, 2)];
    }
}
