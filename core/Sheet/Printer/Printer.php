<?php

/* A printer with one paper in it, as its calibration sheet was read. */

declare(strict_types=1);

namespace AmpleMargin\Sheet\Printer;

use AmpleMargin\Paper\PaperSize;

final class Printer
{
    /** µm an ordinary printer leaves white along each edge. From memory. */
    public const MARGIN = 5_000;

    /** @param int $margin µm it cannot print on along each edge, 3 to 20 mm */
    public function __construct(
        public readonly string $name,
        public readonly PaperSize $paper,
        public readonly Reading $reading,
        public readonly int $margin = self::MARGIN,
    ) {
        if (1 !== preg_match('/^\S(.{0,58}\S)?$/Du', $name)) {
            throw PrinterRefused::name();
        }
        if ($margin < 3_000 || $margin > 20_000) {
            throw PrinterRefused::margin();
        }
    }

    public function correction(bool $back = false): Correction
    {
        return $this->reading->correction($back);
    }
}
