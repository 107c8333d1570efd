<?php

/* What rows of any kind have in common: how many fit, how they are numbered, and how one sees where a row ends. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling;

use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Counting\Tally;
use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\Check;
use AmpleMargin\Spread\Setting\Field;

/** @internal to Spread */
final class Rows
{
    /** The setting of a list that goes on from another book: its first number. */
    public const FIRST = 'first';

    /** Of lines without an end: over how many pages they go. */
    public const PAGES = 'pages';

    /** Whether they are rows of a list, or lines to write on, of which is said what is left over. */
    public const CALLED = 'called';

    private const MOST_NUMBER = 999;

    public const LOOKS = ['ruled' => 'ruled', 'banded' => 'every other row banded', 'plain' => 'the dots alone'];

    /**
     * @param int $from  entry of the first row, from 0
     * @param int $count rows here
     * @param int $all   rows of the whole list
     */
    private function __construct(
        public readonly Region $region,
        public readonly Fraction $line,
        public readonly int $from,
        public readonly int $count,
        public readonly int $all,
        private readonly string $look,
        public readonly bool $areLines = false,
    ) {
    }

    /** @return list<Field> */
    public static function fields(): array
    {
        return [
            Field::boxes('line', 'Boxes a row', three: true),
            Field::count('rows', 'Rows in all', 1, 500),
            // Between dots a line has to be drawn to be kept.
            Field::choice('look', 'Rows are', self::LOOKS)->when('line', ['1', '2', '3']),
            Field::flag('numbered', 'Numbered', false),
            Field::count(self::FIRST, 'Numbers go on from', 1, self::MOST_NUMBER, 1),
            Field::flag('ticked', 'A box to tick', false),
        ];
    }

    /**
     * @param Region $region below any heading
     * @param int    $pages  where nobody said how many rows
     */
    public static function in(Request $asked, Region $region, int $from, int $pages = 1, bool $areLines = false): self
    {
        $line = $asked->settings->boxes('line');
        $fit = Fraction::of($region->tall)->dividedBy($line)->floor();
        $all = $asked->settings->countOrNull('rows') ?? ($pages > 1 ? $pages * $fit : null);

        return new self(
            $region,
            $line,
            $from,
            self::countHere($asked, $from, max(0, min($fit, ($all ?? $from + $fit) - $from))),
            $all ?? $fit,
            $asked->settings->choice('look'),
            $areLines,
        );
    }

    /** A row that heads a group does not stand alone at the foot, where its group goes on. */
    private static function countHere(Request $asked, int $from, int $count): int
    {
        $items = $asked->settings->lines(RowItems::SETTING);
        $last = $from + $count - 1;

        return $count > 1 && isset($items[$last + 1]) && RowItems::isHead($items[$last]) ? $count - 1 : $count;
    }

    /**
     * Rows here that head a group: neither numbered nor ticked.
     *
     * @return array<int, bool> by their place, from 0
     */
    private function heads(Request $asked): array
    {
        $items = \array_slice($asked->settings->lines(RowItems::SETTING), $this->from, $this->count);

        return array_fill_keys(array_keys(array_filter($items, RowItems::isHead(...))), true);
    }

    /** Boxes a list takes where it can have all it needs; three rows where nobody said how many. */
    public static function tall(Request $asked): int
    {
        return $asked->settings->boxes('line')->times($asked->settings->countOrNull('rows') ?? 3)->ceil();
    }

    /** The entry the next page begins with; null where all rows are here. */
    public function next(): ?int
    {
        return $this->from + $this->count < $this->all ? $this->from + $this->count : null;
    }

    /** Upper edge of a row, in boxes down the page. */
    public function down(int $row): Fraction
    {
        return $this->line->times($row)->plus($this->region->y);
    }

    /** Boxes the numbers take: one up to 9, two up to 99, three beyond (docs/trade.md, "Filling"; common practice, no source). */
    public static function numberWide(Request $asked, int $all): int
    {
        return $asked->settings->flag('numbered') ? min(3, \strlen((string) ($all + self::first($asked) - 1))) : 0;
    }

    /** The number of the first row of the whole list. */
    public static function first(Request $asked): int
    {
        return $asked->settings->countOrNull(self::FIRST) ?? 1;
    }

    /** Boxes before the words of a row: its number, its box to tick. */
    public static function before(Request $asked, int $all): int
    {
        return self::numberWide($asked, $all) + ($asked->settings->flag('ticked') ? 1 : 0);
    }

    /** What is left below the last row, and how the rows come about, as a working. */
    public function working(string $heading): string
    {
        $left = Fraction::of($this->region->tall)->minus($this->line->times($this->count));

        return Plural::boxes($this->region->tall)."$heading = $this->count × $this->line"
            .($left->compare(0) > 0 ? " + $left left over" : '')
            .($this->all > $this->count ? "; $this->all in all" : '');
    }

    public function band(Canvas $canvas): void
    {
        if ('banded' !== $this->look || $this->count < 2) {
            return;
        }
        $canvas->step(Task::Band, 'Band every other row, from the second on.', 'rows');
        for ($row = 1; $row < $this->count; $row += 2) {
            $canvas->band($this->region->x, $this->down($row), $this->region->wide, $this->line);
        }
    }

    /** Lines below the rows, where they are ruled or stand between dots; and boxes to tick. */
    public function ink(Canvas $canvas, Request $asked): void
    {
        if ('ruled' === $this->look || !$this->line->isWhole()) {
            $canvas->step(
                Task::Ink,
                'Rule '.Plural::of($this->count, 'line', 'lines').', one every '
                    .($this->line->equals(1) ? 'box' : Plural::boxes($this->line))
                    .': the first '
                    .$canvas->tally->places([$this->down(1)])
                    .' down the side, the last '
                    .$canvas->tally->places([$this->down($this->count)])
                    .$this->where($canvas)
                    .($this->areLines ? '; '.$this->over().' left over at the end' : '')
                    .'.',
                'rows',
            );
            for ($row = 1; $row <= $this->count; ++$row) {
                $canvas->line(Layer::Ink, $this->region->x, $this->down($row), $this->region->wide, 0);
            }
        }
        if ($asked->settings->flag('ticked')) {
            $canvas->step(Task::Ink, 'Draw a small box to tick in every row.', 'rows');
            $x = Fraction::of(6 * ($this->region->x + self::numberWide($asked, $this->all)) + 1, 6);
            foreach (array_diff_key(array_fill(0, $this->count, true), $this->heads($asked)) as $row => $ticked) {
                $canvas->frame(Layer::Ink, $x, $this->down($row)->plus(Fraction::of(1, 6)), Fraction::of(2, 3), Fraction::of(2, 3));
            }
        }
    }

    /** What is left below the last. */
    private function over(): string
    {
        $left = Fraction::of($this->region->tall)->minus($this->line->times($this->count));

        return $left->compare(0) > 0 ? (string) $left : 'nothing';
    }

    /** How they are checked; lines that are not ruled need no check. */
    public function check(Tally $tally): Check
    {
        if ($this->areLines && 'plain' === $this->look && $this->line->isWhole()) {
            return new Check();
        }
        [$one, $many] = $this->areLines ? ['line', 'lines'] : ['row', 'rows'];
        $ends = $tally->place($this->down($this->count));

        return new Check("Count the $many: ".Plural::of($this->count, $one, $many)."; the last ends $ends down.", null, [
            "Count the $many: there are as many as the working says.",
        ]);
    }

    /** Where along them the lines run, where they do not cross the whole page. */
    private function where(Canvas $canvas): string
    {
        $region = $this->region;

        return $region->wide === $canvas->across
            ? ''
            : '; from '.$canvas->tally->place($region->x).' to '.$canvas->tally->place($region->x + $region->wide).' across';
    }

    public function numbers(Canvas $canvas, Request $asked): void
    {
        $wide = self::numberWide($asked, $this->all);
        if (0 === $wide || 0 === $this->count) {
            return;
        }
        $before = \array_slice($asked->settings->lines(RowItems::SETTING), 0, $this->from);
        $first = $this->from + self::first($asked) - \count(array_filter($before, RowItems::isHead(...)));
        $rows = array_keys(array_diff_key(array_fill(0, $this->count, true), $this->heads($asked)));
        $last = $first + \count($rows) - 1;
        $canvas->step(Task::Write, "Number the rows from $first to $last.", 'rows');
        foreach ($rows as $nth => $row) {
            $canvas->words(Layer::Writing, $this->region->x, $this->down($row), $wide, 1, (string) ($first + $nth), Align::Middle);
        }
    }
}
