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
            static function (Canvas $canvas) use ($table, $region, $yes, $from): void {
                $arranged = Arranged::in($table, $region);
                $columns = array_column($arranged->columnsOn($from), 'name');
                $dots = [];
                foreach ($arranged->rowsOn($from) as $row => $goal) {
                    foreach (array_keys(array_intersect($columns, $yes[$goal->name] ?? [])) as $column) {
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
            $open = array_diff(array_keys(self::CHECKS), $yes[$goal] ?? []);
            if ([] === ($yes[$goal] ?? []) || [] === $open) {
                continue;
            }
            $first = array_values($open)[0];
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

    private function asTable(Request $asked): Request
    {
        return $asked->asking(new Settings([
            'rows_of' => 'items',
            'columns_of' => 'items',
            'heads' => array_keys(self::CHECKS),
            'column' => 1,
            'items' => $asked->settings->lines('items'),
            'strip' => $asked->settings->countOrNull('strip'),
            'line' => $asked->settings->boxesWritten('line'),
        ], $this->table->fields()));
    }
}
