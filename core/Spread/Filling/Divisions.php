<?php

/* The divisions of the page in a part, as words: a quote above them, a key beside. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling;

use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Spread\Filling;
use AmpleMargin\Spread\Form\Spacing\DivisionTable;
use AmpleMargin\Spread\Form\Spacing\SpacingAsked;
use AmpleMargin\Spread\Form\SpacingSheet;
use AmpleMargin\Spread\GivesWay;
use AmpleMargin\Spread\Part\Filled;
use AmpleMargin\Spread\Part\Region;
use AmpleMargin\Spread\Request;

final class Divisions implements Filling, GivesWay
{
    /** Settings it has of a spacing sheet. */
    public const FIELDS = ['divisors_across', 'divisors_down', 'gaps', 'coloured'];

    /** Boxes a line of it takes: "3 of 8, gap 1, 2 left" (from memory). */
    private const WIDE = 8;

    public function name(): string
    {
        return 'Divisions';
    }

    public function purpose(): string
    {
        return 'How the sides of this page are divided, in words.';
    }

    public function fields(): array
    {
        return FormInPart::fields(new SpacingSheet(), ...self::FIELDS);
    }

    public function narrowest(Request $asked): int
    {
        return self::WIDE;
    }

    public function least(Request $asked, int $wide): int
    {
        $spacing = SpacingAsked::read($asked);
        $tables = [DivisionTable::tall($spacing, $spacing->across), DivisionTable::tall($spacing, $spacing->down)];

        return self::areBeside($wide) ? max($tables) : array_sum($tables) + 1;
    }

    public function tall(Request $asked, int $wide): int
    {
        return $this->least($asked, $wide);
    }

    public function fill(Request $asked, Region $region, int $from): Filled
    {
        $spacing = SpacingAsked::read($asked);
        $grid = $asked->grid;
        $half = self::areBeside($region->wide) ? intdiv($region->wide - 1, 2) : $region->wide;

        return new Filled(
            side: [$region->y => 'the divisions'],
            workings: fn (): array => [[
                'divisions',
                Plural::of($this->least($asked, $region->wide), 'row', 'rows'),
                'a row for each division of a side, and one for its heading',
            ]],
            write: static function (Canvas $canvas) use ($spacing, $grid, $region, $half): void {
                $below = DivisionTable::write($canvas, $spacing, 'Across', $grid->across, $spacing->across, $region->x, $region->y, $half);
                [$x, $y] = $half < $region->wide ? [$region->x + $half + 1, $region->y] : [$region->x, $below + 1];
                DivisionTable::write($canvas, $spacing, 'Down', $grid->down, $spacing->down, $x, $y, $half);
            },
        );
    }

    public function ways(Request $asked, Region $region): array
    {
        return [
            ['say' => 'Without gaps only', 'settings' => ['gaps' => 'without']],
            [
                'say' => 'Halves, thirds and quarters',
                'settings' => ['gaps' => 'without', 'divisors_across' => [2, 3, 4], 'divisors_down' => [2, 3, 4]],
            ],
        ];
    }

    private static function areBeside(int $wide): bool
    {
        return $wide > 2 * self::WIDE;
    }
}
