<?php

/* Ruled lines, the index, a month in lines, containers and the cover: counts and places. */

declare(strict_types=1);

namespace Tests\Spread;

use AmpleMargin\Calendar\Names;
use AmpleMargin\Calendar\Weekday;
use AmpleMargin\Drawing\Band;
use AmpleMargin\Drawing\Frame;
use AmpleMargin\Drawing\Grain;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Line;
use AmpleMargin\Drawing\Mark;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Words;
use AmpleMargin\Spread\Page\IndexRow;
use PHPUnit\Framework\TestCase;
use Tests\Asking;
use Tests\Reference\Luxon;

final class ListsTest extends TestCase
{
    public function testRuledLinesStandEveryLineAndSayTheFirstTheLastAndWhatIsLeft(): void
    {
        foreach ([
            ['1', 35, 'nothing left over'],
            ['1.5', 23, '½ left over'],
            ['2', 17, '1 left over'],
            ['3', 11, '2 left over'],
        ] as [$line, $count, $left]) {
            [$page] = $this->draw('notes', ['line' => $line]);
            $lines = array_values(array_filter($page->marks, static fn (Mark $mark): bool => $mark instanceof Line));
            self::assertCount($count, $lines);
            foreach ($lines as $i => $mark) {
                self::assertSame((int) (Grain::PER_BOX * (3 + ($i + 1) * (float) $line)), $mark->y);
            }
            $texts = implode(' ', array_column($page->steps, 'text'));
            self::assertStringContainsString("Rule $count lines", $texts);
            self::assertStringContainsString("$left at the end", $texts);
            self::assertSame($count, $page->rooms[0]->lines);
        }
    }

    public function testTheIndexPutsEveryEntryOnALineOfItsOwn(): void
    {
        $index = array_map(static fn (int $i): IndexRow => new IndexRow("Entry $i", (string) (10 * $i), $i > 30), range(1, 60));
        foreach ([['1', 1], ['1.5', 1], ['1', 2], ['1.5', 2]] as [$line, $columns]) {
            $pages = $this->draw('index', ['line' => $line, 'columns' => $columns], index: $index);
            $found = [];
            foreach ($pages as $i => $page) {
                foreach ($page->marks as $mark) {
                    if ($mark instanceof Words && str_starts_with($mark->text, 'Entry')) {
                        $found[(int) substr($mark->text, 6)] = [$i, $mark->x, $mark->y];
                        $numbers = array_filter(
                            $page->marks,
                            static fn (Mark $other): bool => $other instanceof Words
                                && $other->y === $mark->y
                                && $other->text === 10 * (int) substr($mark->text, 6).'',
                        );
                        self::assertCount(1, $numbers, "$mark->text has its page number on its line");
                    }
                }
            }
            self::assertSame(range(1, 60), array_keys(self::sorted($found)));
            self::assertCount(60, array_unique($found, \SORT_REGULAR), 'no two on one line');
            self::assertCount((int) ceil(66 / ((int) floor(35 / (float) $line) * $columns)), $pages, 'with room for six to add');
        }
    }

    /** Days and weekdays from luxon. */
    public function testAMonthInLinesHasADayOnEveryLineWithItsWeekday(): void
    {
        $names = new Names('en');
        foreach (['2027-01', '2027-02', '2028-02', '2027-05', '1999-12', '2060-04'] as $iso) {
            [$page] = $this->draw('month-at-a-glance', ['from' => $iso, 'cells' => 'lines']);
            $said = Luxon::months()[$iso];
            $days = [];
            $letters = [];
            foreach ($page->marks as $mark) {
                if ($mark instanceof Words && 0 === $mark->x && $mark->y >= 3 * Grain::PER_BOX) {
                    $days[intdiv($mark->y, Grain::PER_BOX) - 3] = (int) $mark->text;
                } elseif ($mark instanceof Words && Grain::PER_BOX === $mark->x) {
                    $letters[] = $mark->text;
                }
            }
            self::assertSame(range(1, $said['days']), array_values($days), $iso);
            self::assertSame(range(0, $said['days'] - 1), array_keys($days), $iso);
            self::assertSame(
                array_map(
                    static fn (int $day): string => $names->weekdayInitial(Weekday::from(($said['weekday'] + $day - 2) % 7 + 1)),
                    range(1, $said['days']),
                ),
                $letters,
                $iso,
            );
            $ends = array_map(
                static fn (Mark $mark): int => intdiv($mark->y, Grain::PER_BOX) - 3,
                array_filter($page->marks, static fn (Mark $mark): bool => $mark instanceof Line && Layer::Ink === $mark->layer),
            );
            foreach ($ends as $day) {
                self::assertSame(7, ($said['weekday'] + $day - 2) % 7 + 1, "$iso: a week ends on a Sunday, not on the $day");
            }
        }
    }

    public function testContainersSayTheLinesEachHas(): void
    {
        foreach ([1, 2, 3, 4] as $columns) {
            [$page] = $this->draw('goals-by-area', ['columns' => $columns, 'line' => '1.5']);
            $frames = array_values(array_filter($page->marks, static fn (Mark $mark): bool => $mark instanceof Frame));
            self::assertCount(4, $frames);
            foreach ($page->rooms as $i => $room) {
                self::assertSame(intdiv(2 * ($frames[$i]->tall - Grain::PER_BOX), 3 * Grain::PER_BOX), $room->lines);
                self::assertSame($frames[$i]->wide, $room->place[2]);
            }
        }
    }

    public function testACoverInBlockFiguresFillsAsManyBoxesAsItSays(): void
    {
        [$page] = $this->draw('cover', ['figures' => 'block']);
        $filled = array_sum(array_map(
            static fn (Mark $mark): int => $mark instanceof Band
                ? intdiv($mark->wide, Grain::PER_BOX) * intdiv($mark->tall, Grain::PER_BOX)
                : 0,
            $page->marks,
        ));
        self::assertStringContainsString("Fill $filled boxes with ink", implode(' ', array_column($page->steps, 'text')));
        [$word] = $this->draw('cover', ['figures' => 'block', 'lettering' => 'TRAM']);
        self::assertSame(
            'Block figures are drawn for years and other numbers. Guide boxes on one line are drawn instead.',
            $word->findings[0]->says,
        );
        self::assertFalse($word->findings[0]->broken);
        self::assertCount(4, array_filter($word->marks, static fn (Mark $mark): bool => $mark instanceof Frame));
    }

    /** No letter on the fold: the left page's last guide box ends, the right page's first begins, a gap away from it. */
    public function testACoverAcrossTheFoldKeepsItFree(): void
    {
        foreach (['2027', 'HARBOUR YEAR', 'كتاب', '二〇二七年'] as $title) {
            [$left, $right] = $this->draw('cover', ['figures' => 'fold', 'lettering' => $title]);
            $ends = static fn (PageDrawing $page): array => array_map(
                static fn (Mark $mark): array => [$mark->x / Grain::PER_BOX, ($mark->x + $mark->wide) / Grain::PER_BOX],
                array_values(array_filter($page->marks, static fn (Mark $mark): bool => $mark instanceof Frame)),
            );
            $last = max(array_column($ends($left), 1));
            $first = min(array_column($ends($right), 0));
            self::assertSame(26 - $last, $first, $title);
            self::assertGreaterThanOrEqual(1, $first);
            $letters = implode(
                '',
                array_map(
                    static fn (Mark $mark): string => $mark instanceof Words && Layer::Ink === $mark->layer ? $mark->text : '',
                    [...$left->marks, ...$right->marks],
                ),
            );
            self::assertSame(str_replace(' ', '', $title), $letters);
        }
        self::assertGreaterThan($this->guide('2027', 'guide'), $this->guide('2027', 'fold'), 'an opening takes larger letters than a page');
        self::assertCount(1, $this->draw('cover', ['figures' => 'fold', 'lettering' => 'K']), 'one letter has no place to split');
    }

    public function testACoverOnTwoLinesBreaksAtASpace(): void
    {
        [$page] = $this->draw('cover', ['figures' => 'two', 'lettering' => 'TRAM AND BOAT']);
        $rows = array_values(array_unique(array_map(
            static fn (Mark $mark): int => $mark->y,
            array_filter($page->marks, static fn (Mark $mark): bool => $mark instanceof Frame),
        )));
        self::assertCount(2, $rows);
        self::assertGreaterThan($this->guide('TRAM AND BOAT', 'guide'), $this->guide('TRAM AND BOAT', 'two'));
        self::assertStringContainsString(
            'has no space to break it at',
            $this->draw('cover', ['figures' => 'two', 'lettering' => 'TRAM'])[0]->findings[0]->says,
        );
    }

    /** Boxes of the widest guide box. */
    private function guide(string $title, string $way): int
    {
        return max(array_map(
            static fn (Mark $mark): int => $mark instanceof Frame ? intdiv($mark->wide, Grain::PER_BOX) : 0,
            $this->draw('cover', ['figures' => $way, 'lettering' => $title])[0]->marks,
        ));
    }

    public function testALineTheSpreadCannotKnowCountsAsNotGiven(): void
    {
        foreach (['one', 0, -1, 2.5, [], null, '4'] as $line) {
            self::assertCount(
                35,
                array_filter($this->draw('notes', ['line' => $line])[0]->marks, static fn (Mark $mark): bool => $mark instanceof Line),
                json_encode($line) ?: '',
            );
        }
        self::assertCount(
            23,
            array_filter($this->draw('notes', ['line' => 1.5])[0]->marks, static fn (Mark $mark): bool => $mark instanceof Line),
        );
    }

    /**
     * @param array<string, mixed> $settings
     * @param list<IndexRow>       $index
     *
     * @return list<PageDrawing>
     */
    private function draw(string $kind, array $settings, array $index = []): array
    {
        return Asking::drawn($kind, $settings, $index);
    }

    /**
     * @param array<int, mixed> $found
     *
     * @return array<int, mixed>
     */
    private static function sorted(array $found): array
    {
        ksort($found);

        return $found;
    }
}
