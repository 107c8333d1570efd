<?php

/* A title that is too wide, or off the middle: the next smaller letters, two lines, or what brings it into the middle. */

declare(strict_types=1);

namespace AmpleMargin\Book\Slips;

use AmpleMargin\Counting\Centring;
use AmpleMargin\Counting\Lettering;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Grain;

/** @internal to Book */
final class TitleWrong
{
    public static function tooWide(Here $here): WaysOut
    {
        $title = Pointed::words($here, false);
        if (null === $title) {
            return new WaysOut('No title stands near that box.');
        }
        [$x, $y, $wide, $tall] = Pointed::boxes($title);
        $across = $here->drawing->across;
        $ways = [];
        $size = max(1, intdiv($title->size * 4, 3 * Grain::PER_BOX));
        foreach ([
            ['smaller', Lettering::largest($title->text, $across, $tall, max(1, min(7, $size)))],
            ['smallest', Lettering::sized($title->text, $across, $tall, 1, 0)],
        ] as [$word, $letters]) {
            if (null !== $letters && !isset($ways[$letters->wide])) {
                $centre = Centring::of($across, $letters->width);
                $patch = $here->patch(
                    'smaller' === $word ? 'Cover it, and write it in smaller letters' : 'Cover it, and write it in letters of one box',
                    'a strip',
                    0,
                    $y,
                    $across,
                    $tall,
                );
                $ways[$letters->wide] = new Saving($patch->say, "$patch->how The letters: {$letters->working()}"
                    .(null === $centre ? '' : "; in the middle they begin after {$centre->before}").'.', $patch->minutes, $patch->edit);
            }
        }
        $lines = Lettering::onTwoLines($title->text, $across, max(3, $tall), 7, 0);
        if (null !== $lines) {
            $patch = $here->patch('Cover it, and write it on two lines', 'a strip', 0, $y, $across, max(2, $tall));
            $ways[] = new Saving($patch->say, "$patch->how Each line in letters ".Plural::boxes($lines[0]->wide).' wide and '
                ."{$lines[0]->tall} tall.", $patch->minutes, $patch->edit);
        }

        return new WaysOut("“{$title->text}”, ".Plural::boxes($wide)." from box $x.", array_values($ways));
    }

    public static function off(Here $here): WaysOut
    {
        $title = Pointed::words($here, false);
        if (null === $title) {
            return new WaysOut('No title stands near that box.');
        }
        [, $y, , $tall] = Pointed::boxes($title);
        $off = abs($here->asked->by);
        $side = $here->asked->by > 0 ? 'left' : 'right';
        $across = $here->drawing->across;

        return new WaysOut("“{$title->text}”, ".Plural::boxes($off).' too far '.('left' === $side ? 'right' : 'left').'.', [
            $here->saving(
                "Fill the $side side",
                'A rule or a small drawing '.Plural::boxes(2 * $off)." wide before the $side end of the title brings the whole into the "
                    ."middle: 2 × $off, for what is added weighs on one side alone.",
                2,
                [],
            ),
            $here->saving('Rule a line under it', 'A line over all '.Plural::boxes($across).' below the title: the eye takes its '
                .'middle.', 1, [
                ]),
            $here->patch('Cover it, and write it again', 'a strip', 0, $y, $across, $tall),
        ]);
    }
}
