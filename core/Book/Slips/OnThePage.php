<?php

/* Slips that are saved where they are: a wrong figure, no room for the last, a title, months too many, a sticker, a cut. */

declare(strict_types=1);

namespace AmpleMargin\Book\Slips;

use AmpleMargin\Counting\Centring;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Lettering;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Caution;
use AmpleMargin\Drawing\Grain;
use AmpleMargin\Drawing\Mark;
use AmpleMargin\Drawing\Stretched;
use AmpleMargin\Drawing\Words;
use AmpleMargin\Paper\Millimetres;
use AmpleMargin\Plan\Making\Mend;

/** @internal to Book */
final class OnThePage
{
    /** @return array{string, list<Saving>} */
    public static function figure(Here $here): array
    {
        $figure = self::words($here, true);
        if (null === $figure) {
            return ['No figure stands near that box.', []];
        }
        [$x, $y, $wide, $tall] = self::boxes($figure);
        $ways = [$here->saving(
            'Correction pen over it',
            "Cover “{$figure->text}” with the correction pen, ".$here->size($wide, $tall).'; let it dry, and write it again.',
            2,
            [],
        )];
        $ways[] = $here->patch('A patch over it', 'a patch', $x, $y, $wide, $tall);
        $all = self::figuresOf($here, $figure);
        $row = array_filter($all, static fn (Words $one): bool => $one->y === $figure->y && $one->x >= $figure->x);
        $rest = array_filter($all, static fn (Words $one): bool => [$one->y, $one->x] >= [$figure->y, $figure->x]);
        foreach ([['The row from here is off: cover it', $row], ['All from here are off: cover them', $rest], ['Cover the whole '
            .'block', $all]] as [$say, $some]) {
            if (\count($some) > 1) {
                $ways[] = $here->patch($say, 'a patch', ...self::round($some));
            }
        }
        $check = null;
        foreach ($here->drawing->copying as $copying) {
            foreach ($here->drawing->steps as $step) {
                $check = $step->number === $figure->step && $step->key === $copying->step ? $copying->check : $check;
            }
        }

        return ["“{$figure->text}” at box $x across, $y down.".(null === $check ? '' : " The check that closes it: $check"), $ways];
    }

    /** @return array{string, list<Saving>} */
    public static function last(Here $here): array
    {
        $last = self::words($here, true);
        [$x, $y, $wide, $tall] = null === $last ? [$here->x, $here->y, 1, 1] : self::boxes($last);
        $ways = [];
        foreach ([['right of', $x + $wide, $y], ['below', $x, $y + $tall], ['left of', $x - $wide, $y]] as [$word, $right, $lower]) {
            $inside = $right >= 0 && $right + $wide <= $here->drawing->across && $lower + $tall <= $here->drawing->down;
            if ($inside && [] === self::taking($here, $right, $lower, $wide, $tall)) {
                $ways[] = $here->saving(
                    "Write it in the box $word it",
                    'The '.$here->size($wide, $tall)." $word it, at box $right across and $lower down, are free.",
                    1,
                    [],
                );
                break;
            }
        }
        $after = null === $last || !ctype_digit($last->text) ? 'the last two' : $last->text.' and '.((int) $last->text + 1);
        $mm = static fn (int $grains) => Millimetres::written(Grain::micrometres($grains, $here->book->plan->stock->pitch));
        $half = $wide >= $tall ? [intdiv(Grain::of($wide), 2), Grain::of($tall)] : [Grain::of($wide), intdiv(Grain::of($tall), 2)];
        $say = "Split the box at $x across, $y down with a diagonal: $after stand in its halves.";
        $ways[] = $here->saving('Split the last box', "$say Each has {$mm($half[0])} × {$mm($half[1])} mm.", 1, [
            Mend::struck($x, $y, $wide, $tall, $say),
        ]);
        if (null !== $last) {
            $all = self::figuresOf($here, $last);
            $ways[] = $here->patch('Cover the block, and count it again', 'a patch', ...self::round([] === $all ? [$last] : $all));
        }

        return ["The last one that was drawn stands at box $x across, $y down.", $ways];
    }

    /** @return array{string, list<Saving>} */
    public static function titleTooWide(Here $here): array
    {
        $title = self::words($here, false);
        if (null === $title) {
            return ['No title stands near that box.', []];
        }
        [$x, $y, $wide, $tall] = self::boxes($title);
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

        return ["“{$title->text}”, ".Plural::boxes($wide)." from box $x.", array_values($ways)];
    }

    /** @return array{string, list<Saving>} */
    public static function titleOff(Here $here): array
    {
        $title = self::words($here, false);
        if (null === $title) {
            return ['No title stands near that box.', []];
        }
        [, $y, , $tall] = self::boxes($title);
        $off = abs($here->asked->by);
        $side = $here->asked->by > 0 ? 'left' : 'right';
        $across = $here->drawing->across;

        return ["“{$title->text}”, ".Plural::boxes($off).' too far '.('left' === $side ? 'right' : 'left').'.', [
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
        ]];
    }

    /** @return array{string, list<Saving>} */
    public static function months(Here $here): array
    {
        $region = RowWrong::region($here);
        $tall = $region->y + $region->tall - $here->y;
        $say = 'Strike what is too much with one line, '.$here->size($region->wide, $tall)." from $here->y down.";
        $note = "From $here->y down, ".$here->size($region->wide, $tall).' are for notes: '.Plural::of($tall, 'row', 'rows').' of '
            .Plural::boxes($region->wide).'.';

        return ["From $here->y down.", [
            $here->saving('Use the rest for notes', $note, 1, []),
            $here->saving('Strike the rest', $say, 1, [Mend::struck($region->x, $here->y, $region->wide, $tall, $say)]),
            $here->patch('Cover the rest', 'a piece', $region->x, $here->y, $region->wide, $tall),
        ]];
    }

    /** @return array{string, list<Saving>} */
    public static function sticker(Here $here): array
    {
        $pitch = $here->book->plan->stock->pitch;
        $boxes = static fn (?int $long): int => null === $long ? 1 : max(1, intdiv($long + $pitch - 1, $pitch));
        [$wide, $tall] = [$boxes($here->asked->wide), $boxes($here->asked->tall)];
        if (null === $here->asked->wide || null === $here->asked->tall) {
            return ['Measure it: how wide and how tall it is, in mm.', []];
        }
        $place = self::placeAt($here);
        $mm = Millimetres::written($here->asked->wide).' × '.Millimetres::written($here->asked->tall).' mm';
        $ways = [];
        $fits = static fn (array $in, int $w, int $t): bool => $w <= $in[0] && $t <= $in[1];
        if ($fits($place, $tall, $wide) && !$fits($place, $wide, $tall)) {
            $ways[] = $here->saving('Turn it', "Turned, its {$here->size($tall, $wide)} fit the {$here->size(...$place)} of this "
                .'place.', 1, []);
        }
        $free = self::freePlace($here, $wide, $tall);
        if (null !== $free) {
            $ways[] = $here->saving('Put it elsewhere on the page', "It fits where nothing stands, from box $free[0] across and $free[1] "
                .'down.', 1, []);
        }
        $less = static fn (int $long, int $room): int => max(0, $long - $room * $pitch);
        [$narrow, $low] = [$less($here->asked->wide, $place[0]), $less($here->asked->tall, $place[1])];
        if ($narrow + $low > 0) {
            $ways[] = $here->saving('Trim it', 'The place is '.$here->size(...$place).': trim '.implode(' and ', array_filter([
                $narrow > 0 ? Millimetres::written($narrow).' mm of its width' : '',
                $low > 0 ? Millimetres::written($low).' mm of its height' : '',
            ], static fn (string $one): bool => '' !== $one)).'.', 1, []);
        }
        foreach ($here->book->slots as $page => $slot) {
            if ($page <= $here->book->plan->stock->pages && \in_array($slot->is, ['empty', 'spare'], true)) {
                $ways[] = $here->saving("Keep it for page $page", "Page $page is free: all of ".$here->size($wide, $tall).' have room '
                    .'there.', 1, []);
                break;
            }
        }
        if ([] === $ways) {
            $ways[] = $here->saving('It fits here', 'The place is '.$here->size(...$place).'.', 1, []);
        }

        return ["It takes $mm: ".$here->size($wide, $tall).'.', $ways];
    }

    /** @return array{string, list<Saving>} */
    public static function cutTooFar(Here $here): array
    {
        $long = abs($here->asked->by);
        [$across, $down] = [$here->drawing->across, $here->drawing->down];
        $pitch = $here->book->plan->stock->pitch;
        $tape = Millimetres::written(($long + 2) * $pitch);

        return ['Cut '.Plural::boxes($long).' too far.', [
            $here->saving(
                'Tape it on the binding side',
                "Lay the cut edge to edge and tape it on the side that is seen least, $tape mm of tape: ".Plural::boxes($long)
                    .' and a box beyond either end. Tape thick paper; thin paper takes a strip of paper and a glue stick.',
                3,
                [],
            ),
            $here->patch(
                'Back it with a strip',
                'a strip',
                max(0, min($here->x, $across - 2)),
                max(0, min($here->y, $down - $long - 2)),
                2,
                min($down, $long + 2),
            ),
            $here->saving(
                'Glue a tab on',
                'Cut a tab '.$here->size(3, $long + 2).' from the same paper, fold it over the edge, and glue both sides. Cut '
                    .''.Caution::KNIFE.'.',
                6,
                [],
            ),
        ]];
    }

    /** What is written in or next to the box: a figure, or the largest words of its row. */
    private static function words(Here $here, bool $figure): ?Words
    {
        [$x, $y] = [Grain::of($here->x) + intdiv(Grain::PER_BOX, 2), Grain::of($here->y) + intdiv(Grain::PER_BOX, 2)];
        $best = null;
        foreach ($here->drawing->marks as $mark) {
            if (!$mark instanceof Words || ($figure && !$mark->isFigure()) || (!$figure && 0 !== $mark->y && 'heading' !== $mark->note)) {
                continue;
            }
            $far = max($mark->x - $x, 0, $x - $mark->x - $mark->wide) + max($mark->y - $y, 0, $y - $mark->y - $mark->tall);
            if (null === $best || $far < $best[0]) {
                $best = [$far, $mark];
            }
        }

        // Further off than three boxes somebody pointed at something else.
        return null !== $best && (!$figure || $best[0] <= 3 * Grain::PER_BOX) ? $best[1] : null;
    }

    /** @return array{int, int, int, int} whole boxes round it */
    private static function boxes(Mark $mark): array
    {
        [$x, $y, $wide, $tall] = Stretched::round($mark);
        [$left, $upper] = [intdiv($x, Grain::PER_BOX), intdiv($y, Grain::PER_BOX)];

        return [
            $left,
            $upper,
            max(1, Fraction::of($x + $wide, Grain::PER_BOX)->ceil() - $left),
            max(1, Fraction::of($y + $tall, Grain::PER_BOX)->ceil() - $upper),
        ];
    }

    /** @return list<Words> the figures that were written in one go with it */
    private static function figuresOf(Here $here, Words $figure): array
    {
        $all = array_values(array_filter(
            $here->drawing->marks,
            static fn (Mark $mark): bool => $mark instanceof Words && $mark->isFigure() && $mark->step === $figure->step
                && $mark->note === $figure->note,
        ));

        return $all;
    }

    /**
     * @param non-empty-array<int, Words> $marks
     *
     * @return array{int, int, int, int}
     */
    private static function round(array $marks): array
    {
        $boxes = array_map(self::boxes(...), array_values($marks));
        $x = min(array_column($boxes, 0));
        $y = min(array_column($boxes, 1));

        return [
            $x,
            $y,
            max(array_map(static fn (array $one): int => $one[0] + $one[2], $boxes)) - $x,
            max(array_map(static fn (array $one): int => $one[1] + $one[3], $boxes)) - $y,
        ];
    }

    /** @return list<Mark> what takes some boxes */
    private static function taking(Here $here, int $x, int $y, int $wide, int $tall): array
    {
        return array_values(array_filter($here->marksIn($x, $y, $wide, $tall), static fn (Mark $mark): bool => $mark->takesRoom()));
    }

    /** @return array{int, int} boxes of the cell or room the pen stands in, or of the part */
    private static function placeAt(Here $here): array
    {
        $region = RowWrong::region($here);
        $best = [$region->wide, $region->tall];
        $places = [...$here->drawing->cells, ...array_column($here->drawing->rooms, 'place')];
        foreach ($places as [$x, $y, $wide, $tall]) {
            [$px, $py] = [Grain::of($here->x), Grain::of($here->y)];
            $in = $px >= $x && $px < $x + $wide && $py >= $y && $py < $y + $tall;
            if ($in && intdiv($wide, Grain::PER_BOX) * intdiv($tall, Grain::PER_BOX) < $best[0] * $best[1]) {
                $best = [max(1, intdiv($wide, Grain::PER_BOX)), max(1, intdiv($tall, Grain::PER_BOX))];
            }
        }

        return $best;
    }

    /** @return array{int, int}|null the first place, row by row, where nothing stands */
    private static function freePlace(Here $here, int $wide, int $tall): ?array
    {
        [$across, $down] = [$here->drawing->across, $here->drawing->down];
        $taken = [];
        foreach ($here->drawing->marks as $mark) {
            [$x, $y, $w, $t] = self::boxes($mark);
            for ($row = $y; $mark->takesRoom() && $row < min($down, $y + $t); ++$row) {
                for ($column = $x; $column < min($across, $x + $w); ++$column) {
                    $taken[$row][$column] = true;
                }
            }
        }
        // How far each box is free to the right, row by row, and then how many rows of that.
        for ($y = 0; $y + $tall <= $down; ++$y) {
            for ($x = 0; $x + $wide <= $across; ++$x) {
                for ($row = $y; $row < $y + $tall; ++$row) {
                    for ($column = $x; $column < $x + $wide; ++$column) {
                        if (isset($taken[$row][$column])) {
                            $x = $column;
                            continue 3;
                        }
                    }
                }

                return [$x, $y];
            }
        }

        return null;
    }
}
