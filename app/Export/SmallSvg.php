<?php

/*
 * A page as a small picture for a document: lines of one pen as one path, pencil left out. Ten units to the box, so that it can be
 * read and compared as text.
 */

declare(strict_types=1);

namespace App\Export;

use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Band;
use AmpleMargin\Drawing\Frame;
use AmpleMargin\Drawing\Grain;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Line;
use AmpleMargin\Drawing\Mark;
use AmpleMargin\Drawing\MarkVisitor;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Ring;
use AmpleMargin\Drawing\Words;

/** @implements MarkVisitor<array{string, string}> what is drawn: "" for words, else the pen, and how */
final class SmallSvg implements MarkVisitor
{
    private const UNITS = 10;

    /** Letters rise so much of their size above the middle of their line. */
    private const RISE = 0.35;

    private const INK = '#22304A';

    public static function of(PageDrawing $page): string
    {
        [$wide, $tall] = [$page->across * self::UNITS, $page->down * self::UNITS];
        $strokes = $bands = [];
        $words = '';
        $visitor = new self();
        foreach ($page->marks as $mark) {
            if (Layer::Pencil === $mark->layer) {
                continue;
            }
            [$pen, $how] = $mark->visit($visitor);
            if ('' === $pen) {
                $words .= $how;
            } elseif ($mark instanceof Band) {
                $bands[$pen] = ($bands[$pen] ?? '').$how;
            } else {
                $strokes[$pen] = ($strokes[$pen] ?? '').$how;
            }
        }
        $svg = '<svg xmlns="http://www.w3.org/2000/svg" viewBox="-5 -5 '.($wide + 10).' '.($tall + 10).'" width="'.(int) ($wide / 2).'">'
            .'<rect x="-5" y="-5" width="'.($wide + 10).'" height="'.($tall + 10).'" fill="#FFFEFA" stroke="#B9BEC6"/>';
        foreach ($bands as $pen => $path) {
            $svg .= "<path d=\"$path\" fill=\"$pen\"/>";
        }
        foreach ($strokes as $pen => $path) {
            $svg .= "<path d=\"$path\" fill=\"none\" stroke=\"$pen\"/>";
        }

        return $svg.('' === $words ? '' : '<g font-family="sans-serif" fill="'.self::INK."\">$words</g>")."</svg>\n";
    }

    public function line(Line $line): array
    {
        return [
            self::pen($line, self::INK),
            'M'.self::at($line->x).' '.self::at($line->y).'L'.self::at($line->x + $line->wide).' '.self::at($line->y + $line->tall),
        ];
    }

    public function frame(Frame $frame): array
    {
        return [self::pen($frame, self::INK), self::box($frame)];
    }

    public function band(Band $band): array
    {
        return [self::pen($band, '#F3E3A8'), self::box($band)];
    }

    public function ring(Ring $ring): array
    {
        [$across, $down] = [self::at(intdiv($ring->wide, 2)), self::at(intdiv($ring->tall, 2))];
        $wide = self::at($ring->wide);

        return [
            self::pen($ring, self::INK),
            'M'.self::at($ring->x).' '.self::at($ring->y + intdiv($ring->tall, 2))
                ."a$across $down 0 1 0 $wide 0a$across $down 0 1 0 -$wide 0",
        ];
    }

    public function words(Words $words): array
    {
        $size = $words->size;
        $along = match ($words->align) {
            Align::Start => 0,
            Align::Middle => 0.5,
            Align::End => 1,
        };
        $rise = (int) round(self::RISE * $size);
        [$x, $y, $turn] = $words->upwards
            ? [$words->x + intdiv($words->wide, 2) + $rise, (int) ($words->y + $words->tall * (1 - $along)), true]
            : [(int) ($words->x + $words->wide * $along), $words->y + intdiv($words->tall, 2) + $rise, false];
        [$x, $y] = [self::at($x), self::at($y)];
        $anchor = match ($words->align) {
            Align::Start => '',
            Align::Middle => ' text-anchor="middle"',
            Align::End => ' text-anchor="end"',
        };

        return ['', "<text x=\"$x\" y=\"$y\" font-size=\"".self::at($size).'"'.$anchor.($turn ? " transform=\"rotate(-90 $x $y)\"" : '').'>'
            .htmlspecialchars($words->text, \ENT_XML1 | \ENT_QUOTES).'</text>'];
    }

    private static function box(Mark $mark): string
    {
        return 'M'.self::at($mark->x).' '.self::at($mark->y).'h'.self::at($mark->wide).'v'.self::at($mark->tall)
            .'h'.self::at(-$mark->wide).'z';
    }

    private static function pen(Mark $mark, string $usual): string
    {
        return $mark->colour ?? $usual;
    }

    /** To a tenth of a unit. */
    private static function at(int $grains): string
    {
        return (string) round($grains * self::UNITS / Grain::PER_BOX, 1);
    }
}
