<?php

/*
 * A row a goal and a narrow column for each of seven checks of its wording. Yes or no is the person's own answer; the program
 * draws it, and says which wording is still open. Nothing is scored.
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling;

use AmpleMargin\Counting\Fraction;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Spread\Filling\Table\Arranged;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\Filled;
use AmpleMargin\Spread\Part\Filling;
use AmpleMargin\Spread\Setting\ChecksField;
use AmpleMargin\Spread\Setting\Field;
use AmpleMargin\Spread\Setting\Settings;

final class GoalChecks implements Filling
{
    /** What is asked of a goal's wording (docs/trade.md, "Goals"; common practice, no source), and a wording that answers it. */
    private const CHECKS = [
        'Specific' => ['Does it say what exactly is done?', '“take five lessons”, not “improve”'],
        'Measured' => ['Is there a number to count by?', '“swim 40 lengths”, not “swim more”'],
        'Attainable' => ['Can it be done beside everything else?', '“a book a month”, not “a book a day”'],
        'Relevant' => ['Does it matter to me, and this year?', '“sing in May’s concert”, not “sing”'],
        'Timed' => ['Does it say until when?', '“varnish the hull by April”'],
        'Evaluated' => ['Is it said when I look at it?', '“every last Sunday of a month”'],
        'Revised' => ['May it change on the way, and how?', '“after June: keep, change or drop”'],
    ];

    private const YES = 'yes';

    public function __construct(private readonly Table $table = new Table())
    {
    }

    public function name(): string
    {
        return 'Checks of goals';
    }

    public function purpose(): string
    {
        return 'A row a goal, a column for each of seven checks of its wording.';
    }

    public function fields(): array
    {
        return [
            Field::lines('items', 'Goals')->doneOneByOne(),
            new ChecksField(self::YES, 'Yes to', 'items', self::CHECKS),
            Field::lines('heads', 'The checks are called, in their order', array_keys(self::CHECKS)),
            Field::count('strip', 'Boxes of the names', 1, 40),
            Field::boxes('line', 'Boxes a row', '2', three: true),
        ];
    }

    public function narrowest(Request $asked): int
    {
        return $this->table->narrowest($this->asTable($asked));
    }

    public function least(Request $asked, int $wide): int
    {
        return $this->table->least($this->asTable($asked), $wide);
    }

    public function tall(Request $asked, int $wide): int
    {
        return $this->table->tall($this->asTable($asked), $wide);
    }

    public function fill(Request $asked, Region $region, int $from): Filled
    {
        $table = $this->asTable($asked);
        $filled = $this->table->fill($table, $region, $from);
        $yes = $asked->settings->checks(self::YES);

        return $filled->adding(
            0 === $from ? $this->findings($asked, $yes) : [],
            static function (Canvas $canvas) use ($asked, $table, $region, $yes, $from): void {
                $arranged = Arranged::in($table, $region);
                $columns = array_column($arranged->columnsOn($from), 'name');
                $names = self::names($asked);
                $dots = [];
                foreach ($arranged->rowsOn($from) as $row => $goal) {
                    $answered = array_intersect_key($names, array_flip($yes[$goal->name] ?? []));
                    foreach (array_keys(array_intersect($columns, $answered)) as $column) {
                        $dots[] = [$column, $row];
                    }
                }
                if ([] === $dots) {
                    return;
                }
                $canvas->step(Task::Write, 'Draw a ring where a check is answered with yes: '.\count($dots).'.', 'rows');
                $cells = $arranged->cells($region, $from);
                foreach ($dots as [$column, $row]) {
                    $canvas->ring(
                        Layer::Writing,
                        $cells->across($column)->plus($cells->wide->times(Fraction::of(1, 2)))->minus(Fraction::of(1, 4)),
                        $cells->down($row)->plus($cells->tall->times(Fraction::of(1, 2)))->minus(Fraction::of(1, 4)),
                        Fraction::of(1, 2),
                        Fraction::of(1, 2),
                    );
                }
            },
        );
    }

    /**
     * Goals somebody began to check, and what is still open; one that nobody answered anything of is not spoken of.
     *
     * @param array<array-key, list<string>> $yes
     *
     * @return list<Finding>
     */
    private function findings(Request $asked, array $yes): array
    {
        $findings = [];
        foreach ($asked->settings->lines('items') as $goal) {
            $open = array_diff_key(self::names($asked), array_flip($yes[$goal] ?? []));
            if ([] === ($yes[$goal] ?? []) || [] === $open) {
                continue;
            }
            $first = array_key_first($open);
            $findings[] = new Finding(
                $asked->id,
                "“{$goal}” is not answered with yes for: ".mb_strtolower(implode(', ', $open)).'. '.self::CHECKS[$first][0].' Such as '
                    .self::CHECKS[$first][1].'.',
                [],
                false,
            );
        }

        return $findings;
    }

    /** @return array<string, string> a check → what the person calls it */
    private static function names(Request $asked): array
    {
        $own = $asked->settings->lines('heads');

        return array_combine(array_keys(self::CHECKS), array_map(
            static fn (string $name, int $i): string => $own[$i] ?? $name,
            array_keys(self::CHECKS),
            range(0, \count(self::CHECKS) - 1),
        ));
    }

    private function asTable(Request $asked): Request
    {
        return $asked->asking(new Settings([
            'rows_of' => 'items',
            'columns_of' => 'items',
            'heads' => array_values(self::names($asked)),
            'column' => 1,
            'items' => $asked->settings->lines('items'),
            'strip' => $asked->settings->countOrNull('strip'),
            'line' => $asked->settings->boxesWritten('line'),
        ], $this->table->fields()));
    }
}
