<?php

/* The parts of a spread's page as the parting editor shows them: where each stands, what fills it, how it was divided. */

declare(strict_types=1);

namespace App\Api;

use AmpleMargin\Book\Book;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Drawing\Grain;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Room;
use AmpleMargin\Making\Worked;
use AmpleMargin\Plan\PlannedSpread;
use AmpleMargin\Refused;
use AmpleMargin\Spread\Filling\Fillings;
use AmpleMargin\Spread\Filling\PartChoices;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Part\PlacedDivision;
use AmpleMargin\Spread\Part\PlacedLeaf;
use AmpleMargin\Spread\Setting\Field;
use AmpleMargin\Spread\Setting\Settings;

final class PartsView
{
    /** @return array<string, mixed> @throws NotFound where the spread is not made of parts */
    public static function of(Book $book, PlannedSpread $spread): array
    {
        $says = null;
        $parts = null;
        try {
            $parts = $book->partsOf($spread)->placed() ?? throw new NotFound($book->catalogue()->title($spread).' is not made of parts.');
        } catch (\DomainException $refused) {
            $says = $refused instanceof Refused ? $refused->getMessage() : throw $refused;
        }
        $pages = $book->spreadDrawings($spread->id);
        $page = ($pages[0] ?? throw new NotFound('This spread has no page.'))->lying();
        $sheets = array_map(
            static fn (int $sheet): PageDrawing => ($pages[$parts?->page($sheet, \count($pages)) ?? 0] ?? $pages[0])->lying(),
            range(0, ($parts->sheets ?? 1) - 1),
        );
        $cut = $parts?->cut;

        return [
            'title' => $book->catalogue()->title($spread),
            'page' => $book->pageOf($spread->id),
            'across' => $page->across,
            'down' => $page->down,
            'pages' => \count($pages),
            'minutes' => MinutesView::of($book->pace()->minutes(Worked::of($pages), \count($pages))),
            'drawn' => array_map(DrawingView::marks(...), $sheets),
            'sheets' => array_map(static fn (int $sheet): string => $parts?->name($sheet) ?? 'Page 1', array_keys($sheets)),
            'cut' => null === $cut ? null : [
                'cut' => $cut::word(),
                'settings' => (object) $cut->written(),
                'most' => \count($cut->roles()),
                'least' => $cut->least(),
            ],
            'says' => $says,
            'findings' => array_map(BookView::finding(...), array_values(array_merge([], ...array_column($pages, 'findings')))),
            'parts' => null === $parts ? [] : array_map(static function (PlacedLeaf $leaf) use ($parts, $sheets, $page): array {
                $sheet = $parts->sheet($leaf->path);

                return ['sheet' => $sheet] + self::part($leaf, $sheets[$sheet] ?? $page, $parts->corner);
            }, $parts->leaves),
            'divisions' => null === $parts ? [] : array_map(
                static fn (PlacedDivision $one): array => ['sheet' => $parts->sheet($one->path)] + self::division($one, $parts->corner),
                $parts->divisions,
            ),
        ];
    }

    /** @return array<string, mixed> what could be made of one part */
    public static function choices(PartChoices $choices): array
    {
        $region = $choices->region();
        $fillings = [];
        foreach ($choices->fillings() as $word => $laid) {
            $fillings[] = ['fill' => $word, 'marks' => DrawingView::marks($laid->drawings()[0]), 'says' => $laid->broken()?->says];
        }

        return [
            'wide' => $region->wide,
            'tall' => $region->tall,
            'fillings' => $fillings,
            'divisions' => array_map(static fn (array $one): array => [
                'way' => $one[0]->value,
                'parts' => $one[1],
                'gap' => $one[2]->gap,
                'run' => $one[2]->run(),
                'left' => $one[2]->remainder,
                'ticks' => array_map(static fn (Fraction $tick): int => $tick->floor(), $one[2]->ticks()),
            ], $choices->divisions()),
        ];
    }

    /**
     * @param array{int, int} $corner where the parts begin on the page
     *
     * @return array<string, mixed>
     */
    private static function part(PlacedLeaf $placed, PageDrawing $page, array $corner): array
    {
        $region = $placed->region->moved(...$corner);
        $leaf = $placed->leaf;
        $settings = new Settings($leaf->settings, $leaf->known());
        $fields = array_filter($leaf->meant(), static fn (Field $field): bool => $field->isAsked());
        $rooms = array_filter($page->rooms, static fn (Room $room): bool => self::isWithin($room, $region));

        return [
            'path' => $placed->path,
            'fill' => Fillings::word($leaf->filling),
            'name' => $leaf->name,
            'settings' => (object) $leaf->settings,
            'asked' => array_values(array_filter(array_column($fields, 'name'), $settings->isAsked(...))),
            'lines' => array_sum(array_map(static fn (Room $room): int => $room->lines, $rooms)),
            'says' => $placed->says,
        ] + self::region($region);
    }

    /**
     * @param array{int, int} $corner as above
     *
     * @return array<string, mixed>
     */
    private static function division(PlacedDivision $placed, array $corner): array
    {
        $parting = $placed->parting;

        return [
            'path' => $placed->path,
            'way' => $parting->way->value,
            'run' => $placed->run(),
            'gap' => $parting->gap,
            'leftover' => $parting->policy->value,
            'stretches' => $placed->stretches,
            'sizes' => array_map(static fn (array $part): array => $part[0]->written(), $parting->parts),
        ] + self::region($placed->region->moved(...$corner));
    }

    /** @return array{x: int, y: int, wide: int, tall: int} */
    private static function region(Region $region): array
    {
        return ['x' => $region->x, 'y' => $region->y, 'wide' => $region->wide, 'tall' => $region->tall];
    }

    private static function isWithin(Room $room, Region $region): bool
    {
        [$x, $y, $wide, $tall] = $room->place;

        return $x >= Grain::of($region->x) && $y >= Grain::of($region->y)
            && $x + $wide <= Grain::of($region->x + $region->wide) && $y + $tall <= Grain::of($region->y + $region->tall);
    }
}
