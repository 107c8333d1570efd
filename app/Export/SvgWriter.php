<?php

/*
 * Writes a sheet as SVG in millimetres, in layers named pencil, band, ink, writing, cut and sheet, for cutting plotters and drawing
 * programs. Words are outlines, so that no face is needed; each says its words besides.
 */

declare(strict_types=1);

namespace App\Export;

use AmpleMargin\Drawing\Align;
use AmpleMargin\Paper\Millimetres;
use AmpleMargin\Sheet\DotGrid;
use AmpleMargin\Sheet\Sheet;
use AmpleMargin\Sheet\SheetArea;
use AmpleMargin\Sheet\SheetLine;
use AmpleMargin\Sheet\SheetWords;
use AmpleMargin\Sheet\Tone;
use AmpleMargin\Sheet\Turn;

final class SvgWriter
{
    /** From the back to the front. */
    private const LAYERS = ['sheet', 'pencil', 'band', 'ink', 'writing', 'cut'];

    /** mm of a dot of the grid. */
    private const DOT = 0.28;

    public function __construct(private readonly Outlines $outlines = new Outlines())
    {
    }

    /** @param bool $asText words as text, set in whatever face the reader has: quicker, to look at */
    public function write(Sheet $sheet, bool $asText = false): string
    {
        $words = array_values(array_filter($sheet->marks, static fn (object $mark): bool => $mark instanceof SheetWords));
        $outlines = $asText ? [] : $this->outlines->of(array_values(array_unique(array_column($words, 'text'))));
        $layers = array_fill_keys(self::LAYERS, '');
        foreach ($sheet->grids as $grid) {
            $layers['sheet'] .= self::dots($grid);
        }
        foreach ($sheet->marks as $mark) {
            $layers[self::layer($mark->tone)] .= match (true) {
                $mark instanceof SheetLine => self::line($mark),
                $mark instanceof SheetArea => self::area($mark),
                $mark instanceof SheetWords => self::words($mark, $outlines[$mark->text] ?? null),
            };
        }
        [$width, $height] = array_map(static fn (int $side): string => self::mm($side), $sheet->paper->micrometres());
        $svg = '<svg xmlns="http://www.w3.org/2000/svg" xmlns:inkscape="http://www.inkscape.org/namespaces/inkscape" '
            ."width=\"{$width}mm\" height=\"{$height}mm\" viewBox=\"0 0 $width $height\">\n"
            .'<title>'.self::escaped($sheet->title)."</title>\n";
        $correction = $sheet->correction;
        if (null !== $correction) {
            [$x, $y] = $correction->sent(0, 0);
            [$across, $down] = [1 / $correction->across, 1 / $correction->down];
            $svg .= \sprintf("<g transform=\"matrix(%.9F 0 0 %.9F %.6F %.6F)\">\n", $across, $down, $x / 1000, $y / 1000);
        }
        foreach ($layers as $name => $marks) {
            $svg .= "<g id=\"$name\" inkscape:groupmode=\"layer\" inkscape:label=\"$name\">\n$marks</g>\n";
        }

        return $svg.(null === $correction ? '' : "</g>\n")."</svg>\n";
    }

    private static function layer(Tone $tone): string
    {
        return match ($tone) {
            Tone::Pencil => 'pencil',
            Tone::Band => 'band',
            Tone::Ink => 'ink',
            Tone::Writing => 'writing',
            Tone::Cut, Tone::Fold => 'cut',
            Tone::Ruler => 'sheet',
        };
    }

    private static function line(SheetLine $line): string
    {
        return '<path d="M'.self::mm($line->x).' '.self::mm($line->y).'L'.self::mm($line->toX).' '.self::mm($line->toY).'" fill="none" '
            .self::stroke($line->tone, $line->colour)."/>\n";
    }

    private static function area(SheetArea $area): string
    {
        if ($area->ring) {
            return '<ellipse cx="'.self::mm($area->x + $area->wide / 2).'" cy="'.self::mm($area->y + $area->tall / 2).'" rx="'
                .self::mm($area->wide / 2).'" ry="'.self::mm($area->tall / 2).'" fill="none" '
                .self::stroke($area->tone, $area->colour)."/>\n";
        }

        return '<rect x="'.self::mm($area->x).'" y="'.self::mm($area->y).'" width="'.self::mm($area->wide).'" height="'
            .self::mm($area->tall).'" fill="'.($area->colour ?? Look::BAND)."\"/>\n";
    }

    private static function words(SheetWords $words, ?Outline $outline): string
    {
        if ('' === $words->text) {
            return '';
        }
        [$wide, $tall] = $words->turn->isAlongTheSide() ? [$words->tall, $words->wide] : [$words->wide, $words->tall];
        $colour = $words->colour ?? Look::words($words->tone);
        $said = self::escaped($words->text);
        if (null !== $outline && $outline->width > 0) {
            $size = min($words->size / 1000, $wide / $outline->width);
            $spare = $wide / 1000 - $size * $outline->width / 1000;
            $x = match ($words->align) {
                Align::Start => 0,
                Align::Middle => $spare / 2,
                Align::End => $spare,
            };
            $base = $tall / 2000 + $size * ($outline->ascent + $outline->descent) / 2000;

            $at = \sprintf('translate(%.4F %.4F) scale(%.6F %.6F)', $x, $base, $size / 1000, -$size / 1000);

            return '<path aria-label="'.$said.'" transform="'.self::turn($words).$at.'" d="'.self::path($outline->path)
                ."\" fill=\"$colour\"/>\n";
        }
        $size = min($words->size, (int) ($wide * 100 / max(1, 52 * mb_strwidth($words->text))));
        [$x, $anchor] = match ($words->align) {
            Align::Start => [0, 'start'],
            Align::Middle => [$wide / 2, 'middle'],
            Align::End => [$wide, 'end'],
        };

        return '<text transform="'.self::turn($words).'" x="'.self::mm($x).'" y="'.self::mm($tall / 2 + 0.35 * $size).'" '
            .'font-size="'.self::mm($size)."\" font-family=\"sans-serif\" text-anchor=\"$anchor\" fill=\"$colour\">$said</text>\n";
    }

    /** To where a line of words begins, as it is read. */
    private static function turn(SheetWords $words): string
    {
        [$x, $y] = match ($words->turn) {
            Turn::Upright => [$words->x, $words->y],
            Turn::Upwards => [$words->x, $words->y + $words->tall],
            Turn::Over => [$words->x + $words->wide, $words->y + $words->tall],
            Turn::Downwards => [$words->x + $words->wide, $words->y],
        };
        $mirror = $words->mirrored ? 'translate('.self::mm(2 * $words->x + $words->wide).' 0) scale(-1 1) ' : '';
        $turn = Turn::Upright === $words->turn ? '' : 'rotate('.-90 * $words->turn->value.') ';

        return $mirror.'translate('.self::mm($x).' '.self::mm($y).') '.$turn;
    }

    /** PDF's operators as SVG's. */
    private static function path(string $path): string
    {
        return (string) preg_replace_callback(
            '/((?:-?[\d.]+\s+)*)([mlcvyhf])\b\s*/',
            static fn (array $found): string => match ($found[2]) {
                'm' => 'M'.trim($found[1]),
                'l' => 'L'.trim($found[1]),
                'c' => 'C'.trim($found[1]),
                'h' => 'Z',
                default => '',
            },
            $path,
        );
    }

    /** All dots of a grid as one path of short strokes with square ends. */
    private static function dots(DotGrid $grid): string
    {
        $path = '';
        for ($row = 0; $row <= $grid->down; ++$row) {
            for ($column = 0; $column <= $grid->across; ++$column) {
                $left = self::mm($grid->x + $column * $grid->pitch - 500 * self::DOT);
                $path .= "M$left ".self::mm($grid->y + $row * $grid->pitch).'h'.self::DOT;
            }
        }

        return "<path d=\"$path\" stroke=\"".Look::DOT.'" stroke-width="'.self::DOT."\"/>\n";
    }

    private static function stroke(Tone $tone, ?string $colour): string
    {
        [$width, $usual, $dash] = Look::pen($tone);

        return 'stroke="'.($colour ?? $usual)."\" stroke-width=\"$width\"".('' === $dash ? '' : " stroke-dasharray=\"$dash\"");
    }

    private static function mm(int|float $micrometres): string
    {
        return Millimetres::rounded($micrometres / 1000, 4);
    }

    private static function escaped(string $text): string
    {
        return htmlspecialchars($text, \ENT_XML1 | \ENT_QUOTES | \ENT_SUBSTITUTE);
    }
}
