<?php

/* Slips that are saved where they are: a wrong figure, no room for the last, months too many, a sticker, a cut. */

declare(strict_types=1);

namespace AmpleMargin\Book\Slips;

use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Caution;
use AmpleMargin\Drawing\Grain;
use AmpleMargin\Drawing\Mark;
use AmpleMargin\Drawing\Words;
use AmpleMargin\Paper\Millimetres;
use AmpleMargin\Plan\Making\Mend;

/** @internal to Book */
final class OnThePage
{
    public static function figure(Here $here): WaysOut
    {
        $figure = Pointed::words($here, true);
        if (null === $figure) {
            return new WaysOut('No figure stands near that box.');
        }
        [$x, $y, $wide, $tall] = Pointed::boxes($figure);
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
                $ways[] = $here->patch($say, 'a patch', ...Pointed::round($some));
            }
        }
        $check = null;
        foreach ($here->drawing->copying as $copying) {
            foreach ($here->drawing->steps as $step) {
                $check = $step->number === $figure->step && $step->key === $copying->step ? $copying->check : $check;
            }
        }

        $closes = null === $check ? '' : " The check that closes it: $check";

        return new WaysOut("“{$figure->text}” at box $x across, $y down.$closes", $ways);
    }

    public static function last(Here $here): WaysOut
    {
        $last = Pointed::words($here, true);
        [$x, $y, $wide, $tall] = null === $last ? [$here->x, $here->y, 1, 1] : Pointed::boxes($last);
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
            $ways[] = $here->patch('Cover the block, and count it again', 'a patch', ...Pointed::round([] === $all ? [$last] : $all));
        }

        return new WaysOut("The last one that was drawn stands at box $x across, $y down.", $ways);
    }

    public static function months(Here $here): WaysOut
    {
        $region = RowWrong::region($here);
        $tall = $region->y + $region->tall - $here->y;
        $say = 'Strike what is too much with one line, '.$here->size($region->wide, $tall)." from $here->y down.";
        $note = "From $here->y down, ".$here->size($region->wide, $tall).' are for notes: '.Plural::of($tall, 'row', 'rows').' of '
            .Plural::boxes($region->wide).'.';

        return new WaysOut("From $here->y down.", [
            $here->saving('Use the rest for notes', $note, 1, []),
            $here->saving('Strike the rest', $say, 1, [Mend::struck($region->x, $here->y, $region->wide, $tall, $say)]),
            $here->patch('Cover the rest', 'a piece', $region->x, $here->y, $region->wide, $tall),
        ]);
    }

    public static function sticker(Here $here): WaysOut
    {
        $pitch = $here->book->plan->stock->pitch;
        $boxes = static fn (?int $long): int => null === $long ? 1 : max(1, intdiv($long + $pitch - 1, $pitch));
        [$wide, $tall] = [$boxes($here->asked->wide), $boxes($here->asked->tall)];
        if (null === $here->asked->wide || null === $here->asked->tall) {
            return new WaysOut('Measure it: how wide and how tall it is, in mm.');
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
            if ($page <= $here->book->plan->stock->pages && $slot->is->isFree()) {
                $ways[] = $here->saving("Keep it for page $page", "Page $page is free: all of ".$here->size($wide, $tall).' have room '
                    .'there.', 1, []);
                break;
            }
        }
        if ([] === $ways) {
            $ways[] = $here->saving('It fits here', 'The place is '.$here->size(...$place).'.', 1, []);
        }

        return new WaysOut("It takes $mm: ".$here->size($wide, $tall).'.', $ways);
    }

    public static function cutTooFar(Here $here): WaysOut
    {
        $long = abs($here->asked->by);
        [$across, $down] = [$here->drawing->across, $here->drawing->down];
        $pitch = $here->book->plan->stock->pitch;
        $tape = Millimetres::written(($long + 2) * $pitch);

        return new WaysOut('Cut '.Plural::boxes($long).' too far.', [
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
        ]);
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
            [$x, $y, $w, $t] = Pointed::boxes($mark);
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
