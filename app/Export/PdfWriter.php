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

    /** East Asian letters, which the first face does not have; bin/faces.php makes it. */
    private const SECOND = 'notosansjp_400';

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
     * Letters of the sheets that the print faces do not have, each once; on paper their places show a box.
     *
     * @param list<Sheet> $sheets
     *
     * @return list<string>
     */
    public function missing(array $sheets): array
    {
        $pdf = $this->blank();
        $missing = [];
        foreach ($sheets as $sheet) {
            foreach ($sheet->marks as $mark) {
                foreach ($mark instanceof SheetWords ? $this->lacking($pdf, $mark->text, $this->face($pdf, $mark->text)) : [] as $letter) {
                    $missing[$letter] = true;
                }
            }
        }

        return array_map(strval(...), array_keys($missing));
    }

    /** The face that has most of these letters: the first, unless it lacks some that the second has. */
    private function face(\TCPDF $pdf, string $text): string
    {
        $lacking = \count($this->lacking($pdf, $text, self::FONT));

        return 0 < $lacking && is_file(self::second()) && \count($this->lacking($pdf, $text, self::SECOND)) < $lacking ? self::SECOND : self::FONT;
    }

    /** @return list<string> letters of a text that a face does not have */
    private function lacking(\TCPDF $pdf, string $text, string $face): array
    {
        if (1 !== preg_match('/[^\x00-\x7f]/', $text)) {
            return [];
        }
        $this->take($pdf, $face, 10);

        return array_values(array_filter(mb_str_split($text), static fn (string $letter): bool => mb_ord($letter) > 127 && !$pdf->isCharDefined(mb_ord($letter), $face)));
    }

    private function take(\TCPDF $pdf, string $face, float $points): void
    {
        $pdf->setFont($face, '', $points, self::SECOND === $face ? self::second() : '');
    }

    private static function second(): string
    {
        return \dirname(__DIR__, 2).'/var/fonts/'.self::SECOND.'.php';
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
        $pdf->Line($line->x / 1000, $line->y / 1000, $line->toX / 1000, $line->toY / 1000, $this->pen($line->tone, $line->colour));
    }

    private function area(\TCPDF $pdf, SheetArea $area): void
    {
        if ($area->ring) {
            $pdf->Ellipse(($area->x + $area->wide / 2) / 1000, ($area->y + $area->tall / 2) / 1000, $area->wide / 2000, $area->tall / 2000, 0, 0, 360, 'D', $this->pen($area->tone, $area->colour));

            return;
        }
        $pdf->Rect($area->x / 1000, $area->y / 1000, $area->wide / 1000, $area->tall / 1000, 'F', [], null === $area->colour ? [243, 227, 168] : self::rgb($area->colour));
    }

    private function words(\TCPDF $pdf, SheetWords $words): void
    {
        if ('' === $words->text) {
            return;
        }
        $points = max(1.0, $words->size / 1000 * self::POINTS);
        $this->take($pdf, $face = $this->face($pdf, $words->text), $points);
        // The reckoned size is for ordinary letters; wide ones are measured and shrunk to their place.
        $width = $pdf->GetStringWidth($words->text);
        if ($width > $words->wide / 1000) {
            $this->take($pdf, $face, $points * $words->wide / 1000 / $width);
        }
        $pdf->setTextColorArray(match (true) {
            null !== $words->colour => self::rgb($words->colour),
            Tone::Ink === $words->tone => [34, 48, 74],
            default => [90, 98, 110],
        });
        $pdf->setXY($words->x / 1000, $words->y / 1000);
        $pdf->Cell($words->wide / 1000, $words->tall / 1000, $words->text, 0, 0, match ($words->align) {
            Align::Start => 'L',
            Align::Middle => 'C',
            Align::End => 'R',
        }, false, '', 0, true, 'T', 'M');
    }

    /** @return array<string, mixed> */
    private function pen(Tone $tone, ?string $colour = null): array
    {
        $pen = match ($tone) {
            Tone::Pencil => ['width' => 0.12, 'color' => [115, 123, 134], 'cap' => 'butt', 'dash' => 0],
            Tone::Ink => ['width' => 0.25, 'color' => [34, 48, 74], 'cap' => 'butt', 'dash' => 0],
            Tone::Ruler => ['width' => 0.12, 'color' => [90, 98, 110], 'cap' => 'butt', 'dash' => 0],
            Tone::Cut => ['width' => 0.1, 'color' => [0, 0, 0], 'cap' => 'butt', 'dash' => 0],
            Tone::Fold => ['width' => 0.12, 'color' => [0, 0, 0], 'cap' => 'butt', 'dash' => '2,1.5'],
            Tone::Band => ['width' => 0.1, 'color' => [243, 227, 168], 'cap' => 'butt', 'dash' => 0],
        };

        return null === $colour ? $pen : ['color' => self::rgb($colour)] + $pen;
    }

    /** @return list<int> red, green, blue, 0 to 255 */
    private static function rgb(string $colour): array
    {
        return array_map(static fn (string $pair): int => (int) hexdec($pair), str_split(substr($colour, 1), 2));
    }
}
