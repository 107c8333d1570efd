<?php

/* The divisions of the page in a part, as words: a quote above them, a key beside. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling;

use AmpleMargin\Counting\Division;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Working;
use AmpleMargin\Spread\Filling\Spacing\ContainerTable;
use AmpleMargin\Spread\Filling\Spacing\DivisionTable;
use AmpleMargin\Spread\Filling\Spacing\FourCorners;
use AmpleMargin\Spread\Filling\Spacing\HalfPage;
use AmpleMargin\Spread\Filling\Spacing\NumberedEdges;
use AmpleMargin\Spread\Filling\Spacing\PocketPage;
use AmpleMargin\Spread\Filling\Spacing\SpacingAsked;
use AmpleMargin\Spread\Filling\Spacing\SpacingSchool;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\Filled;
use AmpleMargin\Spread\Part\Filling;
use AmpleMargin\Spread\Part\GivesWay;
use AmpleMargin\Spread\Part\HasLayouts;
use AmpleMargin\Spread\Part\Layers;
use AmpleMargin\Spread\Part\Layout;
use AmpleMargin\Spread\Part\NeedsEdges;
use AmpleMargin\Spread\Setting\Field;

final class Divisions implements Filling, GivesWay, HasLayouts, HasDivisions, NeedsEdges
{
    /** In words alone; the others are the schools of the spacing sheet. */
    private const WORDS = 'words';
    public const SCHOOLS = [
        'edges' => 'Numbered edges',
        'corners' => 'Four corners',
        'table' => 'Table of containers',
        'half' => 'Half a page, with a quote',
        'card' => 'Loose card, with its pocket here',
    ];

    /** Those that need the edges of the page, and no title. */
    public const EDGES = ['edges', 'corners'];

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
        return [
            Field::choice('school', 'Drawn as', [self::WORDS => 'In words'] + self::SCHOOLS),
            Field::counts('divisors_across', 'Divided across by', 2, SpacingAsked::FINEST, Division::USUAL),
            Field::counts('divisors_down', 'Divided down by', 2, SpacingAsked::FINEST, Division::USUAL),
            Field::choice('gaps', 'Parts', ['both' => 'without gaps and with', 'without' => 'without gaps', 'with' => 'with the best gap']),
            Field::flag('coloured', 'A colour for each divisor', true),
            Field::lines('lines', 'Quote')->when('school', ['half']),
        ];
    }

    public function needsEdges(Request $asked): bool
    {
        return null !== self::school($asked);
    }

    public function divisions(Request $request): SpacingAsked
    {
        return SpacingAsked::read($request);
    }

    public function layouts(Request $request): array
    {
        return array_map(
            static fn (string $school, string $name): Layout => new Layout($name, ['school' => $school]),
            array_keys(self::SCHOOLS),
            self::SCHOOLS,
        );
    }

    private static function school(Request $asked): ?SpacingSchool
    {
        return match ($asked->settings->choice('school')) {
            'edges' => new NumberedEdges(),
            'corners' => new FourCorners(),
            'table' => new ContainerTable(),
            'half' => new HalfPage(),
            'card' => new PocketPage(),
            default => null,
        };
    }

    public function narrowest(Request $asked): int
    {
        return null === self::school($asked) ? self::WIDE : 1;
    }

    public function least(Request $asked, int $wide): int
    {
        if (null !== self::school($asked)) {
            return 1;
        }
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
        $school = self::school($asked);
        if (null !== $school) {
            $shared = $spacing->sharedColours($asked->id);

            return $school->fill($asked, $region, $spacing)->adding(null === $shared ? [] : [$shared]);
        }
        $grid = $asked->grid;
        $half = self::areBeside($region->wide) ? intdiv($region->wide - 1, 2) : $region->wide;

        return new Filled(
            side: [$region->y => 'the divisions'],
            workings: fn (): array => [new Working(
                'divisions',
                Plural::of($this->least($asked, $region->wide), 'row', 'rows'),
                'a row for each division of a side, and one for its heading',
            )],
            layers: new Layers(
                write: static function (Canvas $canvas) use ($spacing, $grid, $region, $half): void {
                    $below = DivisionTable::write(
                        $canvas,
                        $spacing,
                        'Across',
                        $grid->across,
                        $spacing->across,
                        $region->x,
                        $region->y,
                        $half,
                    );
                    [$x, $y] = $half < $region->wide ? [$region->x + $half + 1, $region->y] : [$region->x, $below + 1];
                    DivisionTable::write($canvas, $spacing, 'Down', $grid->down, $spacing->down, $x, $y, $half);
                },
            ),
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
