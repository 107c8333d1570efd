<?php

/* Where the pen stands: the page, what is drawn on it as it lies in front of the person, and the box. */

declare(strict_types=1);

namespace AmpleMargin\Book\Slips;

use AmpleMargin\Book\Book;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Grain;
use AmpleMargin\Drawing\Mark;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Stretched;
use AmpleMargin\Editing\Making\AddSlip;
use AmpleMargin\Editing\Offered;
use AmpleMargin\Making\Worked;
use AmpleMargin\Paper\Millimetres;
use AmpleMargin\Plan\Making\Mend;
use AmpleMargin\Plan\Making\Slip;
use AmpleMargin\Plan\Making\SlipKind;
use AmpleMargin\Plan\Making\Work;
use AmpleMargin\Plan\PlannedSpread;

/** @internal to Book */
final class Here
{
    public readonly string $name;

    public readonly int $nth;

    public readonly PageDrawing $drawing;

    /** Boxes of the box the pen stands in, on the page as it lies. */
    public readonly int $x;

    public readonly int $y;

    /** @param PageDrawing $upright what is drawn on the page */
    public function __construct(public readonly Book $book, public readonly Asked $asked, PageDrawing $upright)
    {
        [$this->name, $this->nth] = $book->nameAndNth($asked->page);
        $this->drawing = $upright->lying();
        [$x, $y] = [min($asked->x, $upright->across - 1), min($asked->y, $upright->down - 1)];
        [$this->x, $this->y] = $upright->turned ? [$upright->down - 1 - $y, $x] : [$x, $y];
    }

    /** The spread that is drawn here; null where it is a month's part. */
    public function spread(): ?PlannedSpread
    {
        return $this->book->plan->spread($this->name);
    }

    /** "26 × 1 boxes (130 × 5 mm)". */
    public function size(int $wide, int $tall): string
    {
        $mm = fn (int $boxes): string => Millimetres::written($boxes * $this->book->plan->stock->pitch);

        return "$wide × ".Plural::boxes($tall)." ({$mm($wide)} × {$mm($tall)} mm)";
    }

    /** Minutes of some work at the hand's own pace, 1 or more. */
    public function minutes(Work $work): int
    {
        return max(1, $this->book->pace()->minutes($work)->likely);
    }

    /**
     * What is drawn in some boxes.
     *
     * @return list<Mark>
     */
    public function marksIn(int $x, int $y, int $wide, int $tall): array
    {
        [$left, $upper] = [Grain::of($x), Grain::of($y)];
        [$right, $lower] = [$left + Grain::of($wide), $upper + Grain::of($tall)];

        return array_values(array_filter($this->drawing->marks, static function (Mark $mark) use ($left, $upper, $right, $lower): bool {
            [$x, $y, $wide, $tall] = Stretched::round($mark);

            return $x < $right && $y < $lower && $x + $wide > $left && $y + $tall > $upper
                || (0 === $wide || 0 === $tall) && $x >= $left && $x + $wide <= $right && $y >= $upper && $y + $tall <= $lower;
        }));
    }

    /**
     * A piece of paper glued over some boxes, and what stands there drawn again.
     *
     * @param string $say  as a button says it
     * @param string $what is glued over it
     */
    public function patch(string $say, string $what, int $x, int $y, int $wide, int $tall): Saving
    {
        [$x, $y] = [max(0, min($x, $this->drawing->across - 1)), max(0, min($y, $this->drawing->down - 1))];
        [$wide, $tall] = [max(1, min($wide, $this->drawing->across - $x)), max(1, min($tall, $this->drawing->down - $y))];
        $again = Worked::of([$this->drawing->with(['marks' => $this->marksIn($x, $y, $wide, $tall), 'steps' => []])]);
        $again = new Work(
            $again->figures,
            $again->words,
            $again->letters,
            $again->lines,
            $again->ticks,
            $again->bands,
            cuts: 0,
            glued: 1,
        );
        $drawn = self::counted($again);
        $where = "from box $x across and $y down";
        $mend = Mend::patch($x, $y, $wide, $tall, "Cut $what of {$this->size($wide, $tall)} from paper of the same dots, lay it $where so "
            ."that its dots lie on those below, and glue it on. Then draw on it again: $drawn.");

        // Cut with scissors, in whole boxes: no mat and knife.
        return $this->saving($say, "Cut $what of {$this->size($wide, $tall)}, in whole boxes so that the dots line up; it lies $where. "
            ."To draw again on it: $drawn.", $this->minutes($again) + 2, [$mend]);
    }

    /**
     * @param list<Mend> $mends
     * @param list<Offered> $edits
     */
    public function saving(string $say, string $how, int $minutes, array $mends, array $edits = []): Saving
    {
        return new Saving($say, $how, $minutes, self::edit($this->book, $this->asked, $say, $mends, $edits));
    }

    /**
     * The slip and what saves it, as one edit.
     *
     * @param list<Mend> $mends
     * @param list<Offered> $edits
     *
     * @return array<string, mixed>
     */
    public static function edit(Book $book, Asked $asked, string $say, array $mends, array $edits = []): array
    {
        [$name, $nth] = $book->nameAndNth($asked->page);

        return (new AddSlip(
            new Slip('slip', $asked->kind, $name, $nth, $asked->page, mb_substr($book->slot($asked->page)->title, 0, 200), $say, $mends),
            $edits,
        ))->written();
    }

    /** "31 figures, 2 words, 4 lines"; "nothing" where nothing is. */
    public static function counted(Work $work): string
    {
        $said = [];
        $counts = $work->all();
        foreach ([
            'figures' => ['figure', 'figures'],
            'words' => ['word', 'words'],
            'lines' => ['line', 'lines'],
            'bands' => ['band', 'bands'],
        ] as $of => $words) {
            if ($counts[$of] > 0) {
                $said[] = Plural::of($counts[$of], ...$words);
            }
        }

        return [] === $said ? 'nothing' : implode(', ', $said);
    }

    public function kind(): SlipKind
    {
        return $this->asked->kind;
    }
}
