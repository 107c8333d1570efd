<?php

/* Writes sheets as PDF at true size. The PDF library is kept behind this class and OutlinePdf. */

declare(strict_types=1);

namespace App\Export;

use AmpleMargin\Drawing\Align;
use AmpleMargin\Sheet\DotGrid;
use AmpleMargin\Sheet\Printer\Correction;
use AmpleMargin\Sheet\Sheet;
use AmpleMargin\Sheet\SheetArea;
use AmpleMargin\Sheet\SheetLine;
use AmpleMargin\Sheet\SheetWords;
use AmpleMargin\Sheet\Tone;
use AmpleMargin\Sheet\Turn;

final class PdfWriter
{
    /** Anything but the letters of alphabets that stand one beside the other, and signs the face has with them. */
    private const FOREIGN = '/[^\p{Latin}\p{Greek}\p{Cyrillic}\p{Armenian}\p{Georgian}\p{Common}]|[^\x{00}-\x{2fff}]/u';

    public function __construct(private readonly Outlines $outlines = new Outlines())
    {
    }

    /** @param list<Sheet> $sheets one or more */
    public function write(array $sheets, string $title): string
    {
        $pdf = new OutlinePdf();
        $outlines = $this->outlined($this->foreign($pdf, $sheets));
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
            $this->corrected($pdf, $sheet->correction, $height);
            foreach ($sheet->grids as $grid) {
                $this->grid($pdf, $grid, $grids);
            }
            foreach ($sheet->marks as $mark) {
                match (true) {
                    $mark instanceof SheetLine => $this->line($pdf, $mark),
                    $mark instanceof SheetArea => $this->area($pdf, $mark),
                    $mark instanceof SheetWords => isset($outlines[$mark->text])
                        ? $this->outline($pdf, $mark, $outlines[$mark->text])
                        : $this->words($pdf, $mark),
                };
            }
            if (null !== $sheet->correction) {
                $pdf->StopTransform();
            }
        }

        return (string) $pdf->Output('', 'S');
    }

    /**
     * Everything that follows is sent to where the printer lands it in its place; the caller ends it.
     *
     * @param int $height µm of the paper: PDF counts from its lower edge
     */
    private function corrected(OutlinePdf $pdf, ?Correction $correction, int $height): void
    {
        if (null === $correction) {
            return;
        }
        $pdf->StartTransform();
        [$right, $upper] = $correction->sent(0, $height);
        $pdf->transformed(1 / $correction->across, 1 / $correction->down, $right / 1000, ($height - $upper) / 1000);
    }

    /**
     * Letters of the sheets that no face has, each once; on paper their places show a box.
     *
     * @param list<Sheet> $sheets
     *
     * @return list<string>
     */
    public function missing(array $sheets): array
    {
        $foreign = $this->foreign(new OutlinePdf(), $sheets);
        $outlines = $this->outlined($foreign);
        $missing = [];
        foreach ($foreign as $text => $lacking) {
            array_push($missing, ...isset($outlines[$text]) ? $outlines[$text]->missing : $lacking);
        }

        return array_values(array_unique($missing));
    }

    /**
     * The words that are printed as outlines, unless the printing face has more of their letters.
     *
     * @param array<string, list<string>> $foreign
     *
     * @return array<string, Outline>
     */
    private function outlined(array $foreign): array
    {
        return array_filter(
            $this->outlines->of(array_keys($foreign)),
            static fn (Outline $outline, string $text): bool => [] === $outline->missing
                || \count($outline->missing) <= \count($foreign[$text]),
            \ARRAY_FILTER_USE_BOTH,
        );
    }

    /**
     * Words with letters that the printing face may lack, or that must be joined, ordered or set over one another.
     *
     * @param list<Sheet> $sheets
     *
     * @return array<string, list<string>> the letters it lacks, by the words
     */
    private function foreign(\TCPDF $pdf, array $sheets): array
    {
        $words = [];
        foreach ($sheets as $sheet) {
            foreach ($sheet->marks as $mark) {
                if (!$mark instanceof SheetWords || isset($words[$mark->text])) {
                    continue;
                }
                $lacking = $this->lacking($pdf, $mark->text);
                if ([] !== $lacking || 1 === preg_match(self::FOREIGN, $mark->text)) {
                    $words[$mark->text] = $lacking;
                }
            }
        }

        return $words;
    }

    /** @return list<string> letters the printing face does not have */
    private function lacking(\TCPDF $pdf, string $text): array
    {
        if (1 !== preg_match('/[^\x00-\x7f]/', $text)) {
            return [];
        }
        $pdf->setFont(OutlinePdf::FONT, '', 10);

        return array_values(array_filter(
            mb_str_split($text),
            static fn (string $letter): bool => mb_ord($letter) > 127 && !$pdf->isCharDefined(mb_ord($letter), OutlinePdf::FONT),
        ));
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
            $pdf->setFillColorArray(self::rgb(Look::DOT));
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
            $pdf->Ellipse(
                ($area->x + $area->wide / 2) / 1000,
                ($area->y + $area->tall / 2) / 1000,
                $area->wide / 2000,
                $area->tall / 2000,
                0,
                0,
                360,
                'D',
                $this->pen($area->tone, $area->colour),
            );

            return;
        }
        $pdf->Rect(
            $area->x / 1000,
            $area->y / 1000,
            $area->wide / 1000,
            $area->tall / 1000,
            'F',
            [],
            self::rgb($area->colour ?? Look::BAND),
        );
    }

    private function words(\TCPDF $pdf, SheetWords $words): void
    {
        if ('' === $words->text) {
            return;
        }
        [$wide, $tall] = $this->turned($pdf, $words);
        $points = max(1.0, $words->size / 1000 * OutlinePdf::POINTS);
        $pdf->setFont(OutlinePdf::FONT, '', $points);
        // The reckoned size is for ordinary letters; wide ones are measured and shrunk to their place.
        $width = $pdf->GetStringWidth($words->text);
        if ($width > $wide) {
            $pdf->setFont(OutlinePdf::FONT, '', $points * $wide / $width);
        }
        $pdf->setTextColorArray($this->ink($words));
        $pdf->setXY(...self::corner($words));
        $pdf->Cell($wide, $tall, $words->text, 0, 0, match ($words->align) {
            Align::Start => 'L',
            Align::Middle => 'C',
            Align::End => 'R',
        }, false, '', 0, true, 'T', 'M');
        $this->turnedBack($pdf, $words);
    }

    /**
     * Where a line of words begins, in mm: the corner of its place that is its upper left one as it is read.
     *
     * @return array{float, float}
     */
    private static function corner(SheetWords $words): array
    {
        [$x, $y] = match ($words->turn) {
            Turn::Upright => [$words->x, $words->y],
            Turn::Upwards => [$words->x, $words->y + $words->tall],
            Turn::Over => [$words->x + $words->wide, $words->y + $words->tall],
            Turn::Downwards => [$words->x + $words->wide, $words->y],
        };

        return [$x / 1000, $y / 1000];
    }

    private function turnedBack(\TCPDF $pdf, SheetWords $words): void
    {
        if (Turn::Upright !== $words->turn) {
            $pdf->StopTransform();
        }
        if ($words->mirrored) {
            $pdf->StopTransform();
        }
    }

    /**
     * Turns the paper for words that do not stand upright, and mirrors it for mirrored ones; the caller turns it back.
     *
     * @return array{float, float} mm a line of them is wide and tall
     */
    private function turned(\TCPDF $pdf, SheetWords $words): array
    {
        if ($words->mirrored) {
            $pdf->StartTransform();
            $pdf->MirrorH(($words->x + $words->wide / 2) / 1000);
        }
        if (Turn::Upright !== $words->turn) {
            $pdf->StartTransform();
            $pdf->Rotate(90 * $words->turn->value, ...self::corner($words));
        }
        $place = [$words->wide / 1000, $words->tall / 1000];

        return $words->turn->isAlongTheSide() ? array_reverse($place) : $place;
    }

    private function outline(OutlinePdf $pdf, SheetWords $words, Outline $outline): void
    {
        if (0 === $outline->width) {
            return;
        }
        [$wide, $tall] = $this->turned($pdf, $words);
        $size = min($words->size / 1000, 1000 * $wide / $outline->width);
        $spare = $wide - $size * $outline->width / 1000;
        [$left, $top] = self::corner($words);
        $x = $left + match ($words->align) {
            Align::Start => 0,
            Align::Middle => $spare / 2,
            Align::End => $spare,
        };
        $base = $top + $tall / 2 + $size * ($outline->ascent + $outline->descent) / 2000;
        $pdf->setFillColorArray($this->ink($words));
        $pdf->outline($outline, $words->text, $x, $base, $size);
        $this->turnedBack($pdf, $words);
    }

    /** @return list<int> red, green, blue, 0 to 255 */
    private function ink(SheetWords $words): array
    {
        return self::rgb($words->colour ?? Look::words($words->tone));
    }

    /** @return array<string, mixed> */
    private function pen(Tone $tone, ?string $colour = null): array
    {
        [$width, $usual, $dash] = Look::pen($tone);

        return ['width' => $width, 'color' => self::rgb($colour ?? $usual), 'cap' => 'butt', 'dash' => '' === $dash ? 0 : $dash];
    }

    /** @return list<int> red, green, blue, 0 to 255 */
    private static function rgb(string $colour): array
    {
        return array_map(static fn (string $pair): int => (int) hexdec($pair), str_split(substr($colour, 1), 2));
    }
}
