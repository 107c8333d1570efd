<?php

/* The PDF library with one thing more: words that are an outline, and can still be found and copied as words. */

declare(strict_types=1);

namespace App\Export;

// The library reads these when its class is loaded, just below: without them it puts a font of its own choice, not
// embedded, into every file.
\defined('K_TCPDF_EXTERNAL_CONFIG') || \define('K_TCPDF_EXTERNAL_CONFIG', true);
\defined('PDF_FONT_NAME_MAIN') || \define('PDF_FONT_NAME_MAIN', 'dejavusanscondensed');

final class OutlinePdf extends \TCPDF
{
    public const FONT = 'dejavusanscondensed';

    /** In a millimetre: 72 to the inch, 25.4 mm to the inch. */
    public const POINTS = 72 / 25.4;

    public function __construct()
    {
        parent::__construct('P', 'mm', 'A4', true, 'UTF-8');
        // It would write its own name on the last sheet.
        $this->tcpdflink = false;
    }

    /**
     * @param float $x    mm from the left edge of the sheet to the start of the words
     * @param float $base mm from the top edge to their base line
     * @param float $size mm, of the letters
     */
    public function outline(Outline $outline, string $text, float $x, float $base, float $size): void
    {
        $scale = $size * self::POINTS / 1000;
        $this->_out(\sprintf(
            "q %.5F 0 0 %.5F %.3F %.3F cm\n%sf Q",
            $scale,
            $scale,
            $x * self::POINTS,
            ($this->getPageHeight() - $base) * self::POINTS,
            $outline->path,
        ));
        // Unseen, over the outline: what a reader finds and copies. The library knows letters of the first plane only.
        if (1 === preg_match('/[\x{10000}-\x{10FFFF}]/u', $text)) {
            return;
        }
        $this->setFontSize($size * self::POINTS);
        $this->setTextRenderingMode(0, false);
        $this->setXY($x, $base - $size);
        $this->Cell($size * $outline->width / 1000, $size, $text, 0, 0, 'L', false, '', 2, true, 'T', 'B');
        $this->setTextRenderingMode(0, true);
    }

    /**
     * Scales and moves everything that follows, until StopTransform.
     *
     * @param float $right mm, and `$up` mm: from the lower left corner of the sheet
     */
    public function transformed(float $across, float $down, float $right, float $up): void
    {
        $this->Transform([$across, 0, 0, $down, $right * self::POINTS, $up * self::POINTS]);
    }

    /**
     * The library would put page numbers in the place of words such as {:ptp:}, which a person may have written.
     *
     * @return array<int, array{u: array{}, a: array{}}>
     */
    public function getAllInternalPageNumberAliases()
    {
        return array_fill(0, 5, ['u' => [], 'a' => []]);
    }
}
