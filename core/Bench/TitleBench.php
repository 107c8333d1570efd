<?php

/* Where a title, or a row of stamps, goes on a page: the largest letters, and the box to begin at. */

declare(strict_types=1);

namespace AmpleMargin\Bench;

use AmpleMargin\Counting\BlockDigits;
use AmpleMargin\Counting\Centring;
use AmpleMargin\Counting\FoldedTitle;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Lettering;
use AmpleMargin\Counting\Pitched;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Counting\TitlePlace;
use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Paper\Millimetres;

final class TitleBench
{
    /** @param int $pitch µm */
    public function __construct(private readonly int $across, private readonly int $down, private readonly int $pitch)
    {
    }

    /**
     * Each way to letter it: one line, two lines, across the fold.
     *
     * @param int|null $wide boxes a letter takes; null for the largest that fits
     *
     * @return list<Placed>
     */
    public function title(string $title, ?int $wide, int $gap): array
    {
        $tall = TitlePlace::room($this->down);
        $ways = [];
        $asked = null === $wide ? null : Lettering::sized($title, $this->across, $tall, $wide, $gap);
        $largest = Lettering::largest($title, $this->across, $tall);
        if (null !== $wide && null === $asked) {
            $ways[] = new Placed(
                'asked',
                'It does not fit',
                self::needs($title, $wide, $gap)
                    ." boxes are needed; the page has $this->across."
                    .(null === $largest ? '' : " Letters $largest->wide wide are the largest."),
            );
        }
        $one = $asked ?? $largest;
        $ways[] = null === $one
            ? new Placed('one', 'Not on one line', 'not even at one box a letter in '.Plural::boxes($this->across))
            : new Placed(
                'one',
                'On one line, '.self::boxes($this->centre($one->width)->before).' before it',
                "{$one->working()}; {$this->centre($one->width)->working()}",
                $this->lettered([[$one, $this->centre($one->width)->before]]),
            );
        $two = Lettering::onTwoLines($title, $this->across, $tall);
        if (null !== $two) {
            $ways[] = new Placed(
                'two',
                "On two lines, letters {$two[0]->wide} wide",
                implode(
                    '; ',
                    array_map(
                        fn (Lettering $line): string => '“'
                            .implode('', $line->letters)
                            .'” '
                            .Plural::boxes($line->width)
                            .", {$this->centre($line->width)->before} before it",
                        $two,
                    ),
                ),
                $this->lettered(array_map(fn (Lettering $line): array => [$line, $this->centre($line->width)->before], $two)),
            );
        }
        $folded = FoldedTitle::largest($title, $this->across, $tall);
        if (null !== $folded) {
            $ways[] = new Placed(
                'fold',
                "Across the fold, letters {$folded->left->wide} wide",
                '“'
                    .implode('', $folded->left->letters)
                    .'” from box '
                    .$folded->from
                    .' of the left page, “'
                    .implode('', $folded->right->letters)
                    ."” from box $folded->air of the right; "
                    .$folded->working(),
            );
        }

        $block = BlockDigits::largest(trim($title), $this->across, $tall);
        if (null !== $block) {
            $ways[] = new Placed(
                'block',
                'In block figures, '.self::boxes($this->centre($block->width)->before).' before them',
                "{$block->working()}; {$this->centre($block->width)->working()}",
                $this->blocks($block),
            );
        }

        return $ways;
    }

    /** @param list<array{Lettering, int}> $lines each with the box it begins at */
    private function lettered(array $lines): PageDrawing
    {
        $canvas = new Canvas($this->across, $this->down);
        $canvas->step(Task::Pencil, 'A guide box for each letter.');
        $y = TitlePlace::above(
            $this->down,
            array_sum(array_map(static fn (array $line): int => $line[0]->tall, $lines)) + \count($lines) - 1,
        );
        foreach ($lines as [$line, $before]) {
            foreach ($line->guides() as $place) {
                $canvas->frame(Layer::Pencil, $before + $place['from'], $y, $place['wide'], $line->tall);
                $canvas->words(Layer::Writing, $before + $place['from'], $y, $place['wide'], $line->tall, $place['letter'], Align::Middle);
            }
            $y += $line->tall + 1;
        }

        return $canvas->finish();
    }

    private function blocks(BlockDigits $block): PageDrawing
    {
        $canvas = new Canvas($this->across, $this->down);
        $canvas->step(Task::Ink, 'Fill these boxes.');
        $canvas->blocks($block, $this->centre($block->width)->before, TitlePlace::above($this->down, $block->tall));

        return $canvas->finish();
    }

    /**
     * A block of boxes in the middle, of the grid and of the paper.
     *
     * @param int $width    of the paper, µm
     * @param int $firstDot from the paper's edge to the first dot, µm
     *
     * @return list<Placed>
     */
    public function block(int $block, int $width, int $firstDot): array
    {
        $centre = Centring::of($this->across, $block);
        if (null === $centre) {
            return [new Placed('grid', 'It does not fit', Plural::boxes($block)." on $this->across")];
        }
        $paper = Centring::onPaper($width, $firstDot, $this->pitch, $block);
        $off = $paper['off'];

        return [
            new Placed('grid', 'In the middle of the grid: '.self::boxes($centre->before).' before it', $centre->working()),
            new Placed(
                'paper',
                'In the middle of the paper: '.self::boxes($paper['before']).' before it',
                Millimetres::written($firstDot)
                    .' mm to the first dot, paper '
                    .Millimetres::written($width)
                    .' mm wide; '
                    .(0 === $off
                        ? 'exactly in its middle'
                        : Millimetres::written(abs($off)).' mm to the '.($off > 0 ? 'right' : 'left').' of its middle, as near as '
                            .'whole boxes come'),
            ),
        ];
    }

    /**
     * Stamps or stickers along the page's width.
     *
     * @param int $each    µm
     * @param int $between µm
     *
     * @return list<Placed>
     */
    public function stamps(int $each, int $between, ?int $count): array
    {
        $room = $this->across * $this->pitch;
        $most = Pitched::on($room, $each, $between);
        if (null === $most) {
            return [new Placed('stamps', 'Not one fits', Millimetres::written($each).' mm on '.Millimetres::written($room).' mm of grid')];
        }
        $placed = Pitched::on($room, $each, $between, $count);
        if (null === $placed) {
            return [new Placed(
                'stamps',
                "$count do not fit",
                "at most $most->count of "
                    .Millimetres::written($each)
                    .' mm'
                    .($between > 0 ? ' with '.Millimetres::written($between).' mm between' : '')
                    .' on '
                    .Millimetres::written($room)
                    .' mm',
            )];
        }
        $places = implode(', ', array_map(Millimetres::written(...), $placed->places()));

        return [new Placed(
            'stamps',
            "$placed->count fit".(null === $count ? '' : ", $most->count at most").'; begin at '.Millimetres::written($placed->start).' mm',
            "the left edge of each at $places mm from the edge of the grid; ".Millimetres::written($placed->left()).' mm left over',
            $this->row($placed),
        )];
    }

    private function row(Pitched $placed): PageDrawing
    {
        $canvas = new Canvas($this->across, $this->down);
        $canvas->step(Task::Pencil, 'Where each stamp goes.');
        $boxes = fn (int $length): Fraction => Fraction::of($length, $this->pitch);
        foreach ($placed->places() as $place) {
            $canvas->frame(Layer::Pencil, $boxes($place), 0, $boxes($placed->each), min($this->down, 2));
        }

        return $canvas->finish();
    }

    private function centre(int $width): Centring
    {
        return TitlePlace::across($this->across, $width);
    }

    private static function boxes(int $count): string
    {
        return 0 === $count ? 'no box' : $count.(1 === $count ? ' box' : ' boxes');
    }

    private static function needs(string $title, int $wide, int $gap): int
    {
        return Lettering::sized($title, \PHP_INT_MAX, 1, $wide, $gap)->width ?? 0;
    }
}
