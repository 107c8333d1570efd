<?php

/* Drawings as the API answers them: marks as short rows of numbers, 840 to the box, and the steps beside them. */

declare(strict_types=1);

namespace App\Api;

use AmpleMargin\Book\Book;
use AmpleMargin\Drawing\Mark;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Step;
use AmpleMargin\Drawing\Working;
use AmpleMargin\Paper\Leaf;
use AmpleMargin\Spread\Page\Region;

final class DrawingView
{
    /** @return list<list<int|string|null>> [kind, layer, step, note, x, y, wide, tall, …text, size, align, …colour] */
    public static function marks(PageDrawing $drawing): array
    {
        $rows = new MarkRows();

        return array_map(static fn (Mark $mark): array => $mark->visit($rows), $drawing->marks);
    }

    /** @return array<string, mixed> the opening that shows a page, with the steps of all that is drawn on it */
    public static function opening(Book $book, int $page): array
    {
        $left = Leaf::openingOf($page);
        $pages = [];
        $groups = [];
        foreach ([$left, $left + 1] as $at) {
            if ($at < 1 || $at > $book->plan->stock->pages) {
                $pages[] = null;
                continue;
            }
            $slot = $book->slot($at);
            $name = $book->drawingName($at);
            $drawing = $book->drawing($at);
            $pages[] = [
                'page' => $at,
                'is' => $slot->is->value,
                'title' => $slot->title,
                'drawing' => $name,
                'nth' => '' === $slot->drawing ? 0 : $slot->nth,
                'spread' => '' === $slot->spread ? null : $slot->spread,
                'marks' => null === $drawing ? [] : self::marks($drawing),
                'turned' => $drawing->turned ?? false,
                'removed' => self::regions($book->cut->removed($at)),
                'behind' => self::behind($book, $at),
            ];
            if (null === $drawing) {
                continue;
            }
            $group = $groups[$name] ?? [
                'drawing' => $name,
                'title' => $slot->title,
                'steps' => [],
                'workings' => [],
                'findings' => [],
                'copying' => [],
            ];
            foreach ($drawing->steps as $step) {
                $group['steps'][] = self::step($step, $at);
            }
            foreach ($drawing->workings as $working) {
                $group['workings'][] = self::working($working, $at);
            }
            foreach ($drawing->copying as $copying) {
                $group['copying'][] = [
                    'step' => $copying->step,
                    'title' => $copying->title,
                    'headings' => $copying->headings,
                    'rows' => $copying->rows,
                    'check' => $copying->check,
                    'page' => $at,
                ];
            }
            // What both pages say is said once.
            foreach (array_map(BookView::finding(...), $drawing->findings) as $finding) {
                if (!\in_array($finding, $group['findings'], true)) {
                    $group['findings'][] = $finding;
                }
            }
            $groups[$name] = $group;
        }

        return [
            'left' => $left,
            'last' => Leaf::openingOf($book->plan->stock->pages),
            'across' => $book->plan->stock->across,
            'down' => $book->plan->stock->down,
            'pages' => $pages,
            'groups' => array_values($groups),
        ];
    }

    /** @return list<array<string, mixed>> what is seen through what is cut away of a page, the nearest first */
    private static function behind(Book $book, int $page): array
    {
        return array_map(static function (array $seen) use ($book): array {
            $drawing = $book->drawing($seen[0]);

            return [
                'page' => $seen[0],
                'marks' => null === $drawing ? [] : self::marks($drawing),
                'removed' => self::regions($book->cut->removed($seen[0])),
            ];
        }, $book->cut->behind($page));
    }

    /**
     * @param list<Region> $regions
     *
     * @return list<array{x: int, y: int, wide: int, tall: int}>
     */
    public static function regions(array $regions): array
    {
        return array_map(
            static fn (Region $one): array => ['x' => $one->x, 'y' => $one->y, 'wide' => $one->wide, 'tall' => $one->tall],
            $regions,
        );
    }

    /** @return array<string, mixed> */
    private static function step(Step $step, int $page): array
    {
        return [
            'number' => $step->number,
            'key' => $step->key,
            'task' => $step->task->value,
            'text' => $step->text,
            'edge' => $step->edge?->value,
            'ticks' => $step->ticks,
            'note' => $step->note,
            'page' => $page,
        ];
    }

    /** @return array<string, mixed> */
    private static function working(Working $working, int $page): array
    {
        return ['note' => $working->note, 'figure' => $working->figure, 'arithmetic' => $working->arithmetic, 'page' => $page];
    }
}
