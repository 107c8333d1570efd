<?php

/* What each mark on a dot stands for, in one row or more. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling;

use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Drawing\Working;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Page\TooLong;
use AmpleMargin\Spread\Part\Filled;
use AmpleMargin\Spread\Part\Filling;
use AmpleMargin\Spread\Part\Layers;
use AmpleMargin\Spread\Setting\Field;

final class DotLegend implements Filling
{
    /** Boxes an entry takes: the mark and a word (common practice, no source). */
    private const ENTRY = 8;

    public function name(): string
    {
        return 'Marks on dots';
    }

    public function purpose(): string
    {
        return 'What a ring, a stroke or a cross on a dot stands for: up to six that can be made over one another.';
    }

    public function fields(): array
    {
        return [Field::lines('marks', 'What is marked on a dot, up to six things', ['…', '…', '…'])];
    }

    public function narrowest(Request $asked): int
    {
        return 4;
    }

    public function least(Request $asked, int $wide): int
    {
        return $this->tall($asked, $wide);
    }

    public function tall(Request $asked, int $wide): int
    {
        return max(1, (int) ceil(\count($this->marks($asked)) / $this->perRow($wide)));
    }

    public function fill(Request $asked, Region $region, int $from): Filled
    {
        $marks = $this->marks($asked);
        $all = \count($asked->settings->lines('marks'));
        $perRow = $this->perRow($region->wide);
        $wide = min($region->wide, self::ENTRY);

        return new Filled(
            side: [$region->y => 'the marks'],
            workings: static fn (): array => [
                new Working('marks', Plural::of(\count($marks), 'mark', 'marks'), "$perRow a row of $wide boxes"),
            ],
            findings: [
                ...TooLong::in($asked, $marks, max(1, $wide - 2), 'the line of a mark'),
                ...$all <= DotMarks::MOST ? [] : [new Finding(
                    $asked->id,
                    "$all marks; ".DotMarks::MOST.' can be told apart on one dot. Leave some out, or give them a line of their own.',
                    [],
                    false,
                )],
            ],
            layers: new Layers(
                write: static function (Canvas $canvas) use ($marks, $perRow, $region, $wide): void {
                    if ([] === $marks) {
                        return;
                    }
                    $canvas->step(Task::Write, 'Draw each mark, and beside it what it stands for.', 'marks');
                    foreach ($marks as $i => $means) {
                        [$x, $y] = [$region->x + $i % $perRow * self::ENTRY, $region->y + intdiv($i, $perRow)];
                        DotMarks::draw($canvas, $i, $x, $y);
                        $canvas->words(Layer::Writing, Fraction::of(4 * $x + 5, 4), $y, Fraction::of(2 * $wide - 3, 2), 1, $means);
                    }
                },
            ),
        );
    }

    /** @return list<string> six at most */
    private function marks(Request $asked): array
    {
        return \array_slice($asked->settings->lines('marks'), 0, DotMarks::MOST);
    }

    private function perRow(int $wide): int
    {
        return max(1, intdiv($wide, self::ENTRY));
    }
}
