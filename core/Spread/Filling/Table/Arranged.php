<?php

/*
 * How a table stands in a part: the strip of names, the rows of headings, and as many columns and rows as fit. What does not
 * fit goes on on the next page: first the other columns behind the same rows, then the other rows.
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling\Table;

use AmpleMargin\Counting\Fraction;
use AmpleMargin\Drawing\CellGrid;
use AmpleMargin\Spread\Filling\Table;
use AmpleMargin\Spread\Page\Pages;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;

/** @internal to Spread */
final class Arranged
{
    /** Beside a door the names stand on the strip and the columns on its faces, each in a part of its own. */
    public const SHOWS = [
        'all' => 'names and columns',
        'names' => 'the names alone, on a strip',
        'columns' => 'the columns alone, beside a strip',
    ];

    /** Boxes a column is wide at most, where nobody asked for so many: an amount such as "1250" (common practice, no source). */
    private const WIDEST = 4;

    /** Letters of a heading that are written down a column, a letter a box. From memory. */
    private const STACKED = 10;

    /** Boxes a strip takes at most where nobody asked for more: half of a page of 26. */
    private const STRIP = 13;

    /** @var \WeakMap<Request, array{Axis, Axis}>|null */
    private static ?\WeakMap $axes = null;

    /**
     * @param Heads $heads  the room for names
     * @param Fraction $wide boxes a column
     * @param PagesAcross $columns a page
     * @param int  $rows    a page, the one for the sum among them
     */
    private function __construct(
        public readonly Axis $down,
        public readonly Axis $across,
        public readonly Heads $heads,
        public readonly Fraction $wide,
        public readonly Fraction $line,
        private readonly PagesAcross $columns,
        public readonly int $rows,
        public readonly bool $sum,
        /** @var non-empty-list<non-empty-list<TableEntry>>|null found out when it is first asked */
        private ?array $pagesDown = null,
    ) {
    }

    /** Boxes it needs at least across: the strip and one column. */
    public static function narrowest(Request $asked): int
    {
        $shows = $asked->settings->choice('shows');
        if ('all' !== $shows) {
            return 'names' === $shows ? 2 : self::column($asked, 1)->ceil();
        }

        return self::strip($asked, self::axes($asked)[0]) + self::column($asked, 1)->ceil();
    }

    /** Boxes it needs at least down: the headings and one row, and one for the sum. */
    public static function least(Request $asked, int $wide): int
    {
        $arranged = self::in($asked, new Region(0, 0, max($wide, self::narrowest($asked)), 200));

        return $arranged->heads->tall + $arranged->line->times($arranged->sum ? 2 : 1)->ceil();
    }

    /** Boxes it takes down where all its rows can stand below one another. */
    public static function tall(Request $asked, int $wide): int
    {
        $arranged = self::in($asked, new Region(0, 0, max($wide, self::narrowest($asked)), 1_000));

        $rows = \count($arranged->down->entries);
        // Items are added in time: a third more.
        $more = Axis::ITEMS === $arranged->down->of ? intdiv($rows + 2, 3) : 0;

        return $arranged->heads->tall + $arranged->line->times($rows + $more + ($arranged->sum ? 1 : 0))->ceil();
    }

    public static function in(Request $asked, Region $region): self
    {
        [$down, $across] = self::axes($asked);
        $line = $asked->settings->boxes('line');
        $sum = $asked->settings->flag('sum');
        $shows = $asked->settings->choice('shows');
        if ('all' !== $shows) {
            // One row of headings in both, so that the rows of the strip and of the faces are level.
            $fit = max(1, Fraction::of($region->tall - 1)->dividedBy($line)->floor());

            return 'names' === $shows
                ? new self(
                    $down,
                    Axis::none(),
                    new Heads(0, $region->wide),
                    Fraction::of($region->wide),
                    $line,
                    PagesAcross::alike(1),
                    $fit,
                    $sum,
                )
                : self::columnsAlone($asked, $down, $across, $region->wide, $line, $fit, $sum);
        }
        $strip = self::strip($asked, $down);
        $room = $region->wide - $strip;
        $count = \count($across->entries);
        // Beside figures, columns of one's own take all the room: a line a day.
        $most = match (true) {
            Axis::ITEMS !== $across->of => self::WIDEST,
            $down->isFigures() || Axis::WEEKDAYS === $down->of => $room,
            // Items that stand across by a person's wish are as wide as their names, where there is room.
            $asked->settings->flag('swapped') => max(self::WIDEST, $across->longest($asked->boxesOf(...))),
            default => self::WIDEST,
        };
        $wide = self::column($asked, max(1, min($most, intdiv($room, $count))));
        $most = max(1, Fraction::of($room)->dividedBy($wide)->floor());
        $columns = self::isOnce($asked) && $count > $most
            ? PagesAcross::overOpenings($count, $most, max(1, Fraction::of($region->wide)->dividedBy($wide)->floor()))
            // Over as many pages as a month's pattern gives it, or as it needs.
            : PagesAcross::alike(Pages::evenly($count, $most, $asked->pages));
        // What is left goes to the names, as in a log; nobody needs it between the columns.
        $grows = Axis::ITEMS === $down->of && null === $asked->settings->countOrNull('strip');
        $strip += $grows ? max(0, $room - $wide->times($columns->beside())->ceil()) : 0;
        $stacked = Axis::ITEMS === $across->of && $wide->compare($across->longest($asked->boxesOf(...))) < 0;
        $head = match (true) {
            $stacked => min(self::STACKED, max(1, mb_strlen($across->longestName()))),
            $across->sayWeekdays() || (Axis::WEEKS === $across->of && $wide->compare(3) < 0) => 2,
            default => 1,
        };
        // A long heading gives way where it would leave no rows.
        $head = min($head, max(1, intdiv($region->tall, 2)));
        $fit = max(1, Fraction::of($region->tall - $head)->dividedBy($line)->floor());

        return new self($down, $across, new Heads($strip, $strip, $head, $stacked), $wide, $line, $columns, $fit, $sum);
    }

    /** Whether names are asked for on left pages only: of a month where its part is an opening. */
    public static function isOnce(Request $asked): bool
    {
        return $asked->settings->flag(Table::ONCE) && (null === $asked->calendar->month || 2 === $asked->pages);
    }

    /** The same as a page of it stands: without names where they stand on the page opposite. @param int $page from 0 */
    public function on(int $page): self
    {
        return !$this->columns->isNameless($page % $this->beside()) ? $this : new self(
            $this->down,
            $this->across,
            new Heads(0, 0, $this->heads->tall, $this->heads->stacked),
            $this->wide,
            $this->line,
            $this->columns,
            $this->rows,
            $this->sum,
            $this->pagesDown(),
        );
    }

    private static function columnsAlone(Request $asked, Axis $down, Axis $across, int $room, Fraction $line, int $fit, bool $sum): self
    {
        $count = \count($across->entries);
        $most = Axis::ITEMS === $across->of ? $room : self::WIDEST;
        $wide = self::column($asked, max(1, min($most, intdiv($room, $count))));
        $wide = $wide->compare($room) > 0 ? Fraction::of($room) : $wide;
        $columns = min($count, Fraction::of($room)->dividedBy($wide)->floor());

        return new self($down, $across, new Heads(0, 0), $wide, $line, PagesAcross::alike(max(1, $columns)), $fit, $sum);
    }

    /** Boxes a column that are asked for; else so many. */
    private static function column(Request $asked, int $usually): Fraction
    {
        return $asked->settings->halvesOrNull('column') ?? Fraction::of($usually);
    }

    /** Whether it shows the names alone. */
    public function isStrip(): bool
    {
        return 0 === $this->heads->strip && $this->heads->names > 0;
    }

    /** Pages beside one another, for the columns. */
    public function beside(): int
    {
        return $this->columns->pages(\count($this->across->entries));
    }

    /** Rows of entries a page has, without the one for the sum. */
    public function entriesDown(): int
    {
        return Pages::evenly(\count($this->down->entries), max(1, $this->rows - ($this->sum ? 1 : 0)));
    }

    /** Rows ruled on a page: items are added in time, so for them as many as fit; else those there are. */
    public function ruled(int $page): int
    {
        $rows = \count($this->rowsOn($page)) + ($this->sum ? 1 : 0);

        return Axis::ITEMS === $this->down->of ? max($rows, $this->rows) : $rows;
    }

    /** Where the columns and rows of a page stand. @param int $page from 0 */
    public function cells(Region $region, int $page): CellGrid
    {
        return new CellGrid(
            $region->x + $this->heads->strip,
            $region->y + $this->heads->tall,
            max(1, \count($this->columnsOn($page))),
            $this->wide,
            max(1, $this->ruled($page)),
            $this->line,
        );
    }

    /** Pages in all. */
    public function pages(): int
    {
        return $this->beside() * \count($this->pagesDown());
    }

    /** @return list<TableEntry> the columns of a page, from 0 */
    public function columnsOn(int $page): array
    {
        return $this->columns->on($this->across->entries, $page % $this->beside());
    }

    /** @return list<TableEntry> the rows of a page, from 0 */
    public function rowsOn(int $page): array
    {
        return $this->pagesDown()[intdiv($page, $this->beside())] ?? [];
    }

    /**
     * What stands below one another, page after page: a group's head never alone at the foot, and said again where its group goes on.
     *
     * @return non-empty-list<non-empty-list<TableEntry>>
     */
    private function pagesDown(): array
    {
        if (null !== $this->pagesDown) {
            return $this->pagesDown;
        }
        $entries = $this->down->entries;
        $heads = array_filter($entries, static fn (TableEntry $one): bool => $one->heads);
        $most = $this->rows - ($this->sum ? 1 : 0);
        if ([] === $heads || $most < 3 || \count($entries) <= $most) {
            return $this->pagesDown = array_chunk($entries, max(1, $this->entriesDown()));
        }
        $pages = [];
        $here = [];
        $head = null;
        foreach ($entries as $i => $entry) {
            $isLast = \count($here) === $most - 1 && $entry->heads && isset($entries[$i + 1]) && !$entries[$i + 1]->heads;
            if ([] !== $here && (\count($here) >= $most || $isLast)) {
                $pages[] = $here;
                $here = null === $head || $entry->heads ? [] : [$head];
            }
            $head = $entry->heads ? $entry : $head;
            $here[] = $entry;
        }

        return $this->pagesDown = [...$pages, $here];
    }

    /** Whether a cell stands for a day its month does not have. */
    public static function isNone(TableEntry $row, TableEntry $column): bool
    {
        $month = $row->month ?? $column->month;
        $day = $row->day ?? $column->day;

        return null !== $month && null !== $day && $day > $month->days();
    }

    /** @return array{Axis, Axis} rows and columns, reckoned once for each time somebody asks for a table */
    private static function axes(Request $asked): array
    {
        self::$axes ??= new \WeakMap();
        $settings = $asked->settings;
        $before = Axis::MONTHS === $settings->choice('columns_of') ? $settings->textOrNull(Table::BEFORE) : null;

        return self::$axes[$asked] ??= self::placed($settings->flag('swapped'), [
            Axis::of(
                $settings->choice('rows_of'),
                $asked->calendar,
                $settings->lines('items'),
                $settings->countOrNull('row_count') ?? 10,
                $settings,
            ),
            self::columns($asked, $before),
        ]);
    }

    /**
     * @param array{Axis, Axis} $axes
     *
     * @return array{Axis, Axis} rows and columns, in each other's place where that is asked for
     */
    private static function placed(bool $swapped, array $axes): array
    {
        return $swapped ? [$axes[1], $axes[0]] : $axes;
    }

    private static function columns(Request $asked, ?string $before): Axis
    {
        $settings = $asked->settings;
        $columns = Axis::of(
            $settings->choice('columns_of'),
            $asked->calendar,
            $settings->lines('heads'),
            $settings->countOrNull('column_count') ?? 10,
            $settings,
        );

        return null === $before || '' === trim($before) ? $columns : $columns->behind(trim($before));
    }

    /** As wide as the longest name in the person's hand, within bounds; a box for figures. */
    private static function strip(Request $asked, Axis $down): int
    {
        $said = $asked->settings->countOrNull('strip');
        if (null !== $said || $down->isFigures()) {
            return $said ?? (\count($down->entries) > 99 ? 2 : 1);
        }
        $longest = Axis::MONTHS === $down->of
            ? max(array_map(static fn (TableEntry $entry): int => $asked->boxesOf($entry->short), $down->entries))
            : $down->longest($asked->boxesOf(...));

        return max(2, min(self::STRIP, $longest));
    }
}
