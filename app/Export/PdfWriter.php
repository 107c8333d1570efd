<?php

/* Writes sheets as PDF at true size. The PDF library is kept behind this one class. */

declare(strict_types=1);

namespace App\Export;

use AmpleMargin\Drawing\Align;
use AmpleMargin\Sheet\DotGrid;
use AmpleMargin\Sheet\Sheet;
use AmpleMargin\Sheet\SheetArea;
use AmpleMargin\Sheet\SheetLine;
use AmpleMargin\Sheet\SheetWords;
use AmpleMargin\Sheet\Tone;

final class PdfWriter
{
    private const FONT = 'dejavusans';

    /** Points in a millimetre: 72 to the inch, 25.4 mm to the inch. */
    private const POINTS = 72 / 25.4;

    /** @param list<Sheet> $sheets one or more */
    public function write(array $sheets, string $title): string
    {
        $pdf = $this->blank();
        $pdf->setPrintHeader(false);
        $pdf->setPrintFooter(false);
        $pdf->setAutoPageBreak(false);
        $pdf->setMargins(0, 0, 0, true);
        $pdf->setCellPadding(0);
        $pdf->setViewerPreferences(['PrintScaling' => 'None']);
        $pdf->setFontSubsetting(true);
        $pdf->setTitle($title);
        $pdf->setCreator('Ample Margin');
        $grids = [];
        foreach ($sheets as $sheet) {
            [$width, $height] = $sheet->paper->micrometres();
            $pdf->AddPage('P', [$width / 1000, $height / 1000]);
            if (null !== $sheet->grid) {
                $this->grid($pdf, $sheet->grid, $grids);
            }
            foreach ($sheet->marks as $mark) {
                match (true) {
                    $mark instanceof SheetLine => $this->line($pdf, $mark),
                    $mark instanceof SheetArea => $this->area($pdf, $mark),
                    $mark instanceof SheetWords => $this->words($pdf, $mark),
                };
            }
        }

        return (string) $pdf->Output('', 'S');
    }

    /**
     * Letters of the sheets that the print face does not have, each once; on paper their places show a box.
     *
     * @param list<Sheet> $sheets
     *
     * @return list<string>
     */
    public function missing(array $sheets): array
    {
        $pdf = $this->blank();
        $pdf->setFont(self::FONT, '', 10);
        $missing = [];
        foreach ($sheets as $sheet) {
            foreach ($sheet->marks as $mark) {
                foreach ($mark instanceof SheetWords ? mb_str_split($mark->text) : [] as $letter) {
                    $code = mb_ord($letter);
                    if (false !== $code && $code > 127 && !isset($missing[$letter]) && !$pdf->isCharDefined($code, self::FONT)) {
                        $missing[$letter] = true;
                    }
                }
            }
        }

        return array_map(strval(...), array_keys($missing));
    }

    private function blank(): \TCPDF
    {
        // Without this the library puts a font of its own choice, not embedded, into every file.
        if (!\defined('K_TCPDF_EXTERNAL_CONFIG')) {
            \define('K_TCPDF_EXTERNAL_CONFIG', true);
            \define('PDF_FONT_NAME_MAIN', self::FONT);
        }

        return new \TCPDF('P', 'mm', 'A4', true, 'UTF-8');
    }

    /**
     * The dots are drawn once and shown again on every sheet of the same grid.
     *
     * @param array<string, string> $grids
     */
    private function grid(\TCPDF $pdf, DotGrid $grid, array &$grids): void
    {
        $key = "$grid->pitch/$grid->across/$grid->down";
        $pitch = $grid->pitch / 1000;
        if (!isset($grids[$key])) {
            $template = $pdf->startTemplate($grid->across * $pitch + 2, $grid->down * $pitch + 2);
            $pdf->setFillColor(200, 204, 208);
            for ($row = 0; $row <= $grid->down; ++$row) {
                for ($column = 0; $column <= $grid->across; ++$column) {
                    $pdf->Rect(1 + $column * $pitch - 0.14, 1 + $row * $pitch - 0.14, 0.28, 0.28, 'F');
                }
            }
            $pdf->endTemplate();
            $grids[$key] = (string) $template;
        }
        $pdf->printTemplate($grids[$key], $grid->x / 1000 - 1, $grid->y / 1000 - 1);
    }

    private function line(\TCPDF $pdf, SheetLine $line): void
    {
        $pdf->Line($line->x / 1000, $line->y / 1000, $line->toX / 1000, $line->toY / 1000, $this->pen($line->tone));
    }

    private function area(\TCPDF $pdf, SheetArea $area): void
    {
        if ($area->ring) {
            $pdf->Ellipse(($area->x + $area->wide / 2) / 1000, ($area->y + $area->tall / 2) / 1000, $area->wide / 2000, $area->tall / 2000, 0, 0, 360, 'D', $this->pen($area->tone));

            return;
        }
        $pdf->Rect($area->x / 1000, $area->y / 1000, $area->wide / 1000, $area->tall / 1000, 'F', [], [243, 227, 168]);
    }

    private function words(\TCPDF $pdf, SheetWords $words): void
    {
        if ('' === $words->text) {
            return;
        }
        $points = max(1.0, $words->size / 1000 * self::POINTS);
        $pdf->setFont(self::FONT, '', $points);
        // The reckoned size is for ordinary letters; wide ones are measured and shrunk to their place.
        $width = $pdf->GetStringWidth($words->text);
        if ($width > $words->wide / 1000) {
            $pdf->setFont(self::FONT, '', $points * $words->wide / 1000 / $width);
        }
        $pdf->setTextColorArray(Tone::Ink === $words->tone ? [34, 48, 74] : [90, 98, 110]);
        $pdf->setXY($words->x / 1000, $words->y / 1000);
        $pdf->Cell($words->wide / 1000, $words->tall / 1000, $words->text, 0, 0, match ($words->align) {
            Align::Start => 'L',
            Align::Middle => 'C',
            Align::End => 'R',
        }, false, '', 0, true, 'T', 'M');
    }

    /** @return array<string, mixed> */
    private function pen(Tone $tone): array
    {
        return match ($tone) {
            Tone::Pencil => ['width' => 0.12, 'color' => [115, 123, 134], 'cap' => 'butt', 'dash' => 0],
            Tone::Ink => ['width' => 0.25, 'color' => [34, 48, 74], 'cap' => 'butt', 'dash' => 0],
            Tone::Ruler => ['width' => 0.12, 'color' => [90, 98, 110], 'cap' => 'butt', 'dash' => 0],
            Tone::Cut => ['width' => 0.1, 'color' => [0, 0, 0], 'cap' => 'butt', 'dash' => 0],
            Tone::Band => ['width' => 0.1, 'color' => [243, 227, 168], 'cap' => 'butt', 'dash' => 0],
        };
    }
}
