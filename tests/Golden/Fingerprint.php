<?php

/*
 * What a page looks like and says, in a few letters: each layer of ink, the rooms that are kept, the steps. In which order marks of one
 * layer are drawn, and which step draws them, is not seen on the page.
 */

declare(strict_types=1);

namespace Tests\Golden;

use AmpleMargin\Drawing\Inset;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Mark;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Room;
use AmpleMargin\Drawing\Step;
use AmpleMargin\Drawing\Words;

final class Fingerprint
{
    /** In the order they stand in a line. */
    public const OF = ['pencil', 'band', 'ink', 'writing', 'rooms', 'steps'];

    /**
     * @param list<PageDrawing> $pages of a spread, or the parts of a month
     *
     * @return string "2 1a2b3 …": how many pages, and a word for each layer, the rooms and the steps
     */
    public static function of(array $pages): string
    {
        $words = [];
        foreach (Layer::cases() as $layer) {
            $words[] = self::short(array_map(static fn (PageDrawing $page): array => self::marks($page, $layer), $pages));
        }
        $words[] = self::short(array_map(self::rooms(...), $pages));
        $words[] = self::short(array_map(
            static fn (PageDrawing $page): array => array_map(
                static fn (Step $step): string => "{$step->task->value} $step->text",
                $page->steps,
            ),
            $pages,
        ));

        return \count($pages).' '.implode(' ', $words);
    }

    /** @return list<string> the marks of a layer, sorted */
    public static function marks(PageDrawing $page, Layer $layer): array
    {
        return self::sorted(array_map(
            self::mark(...),
            array_filter($page->marks, static fn (Mark $mark): bool => $mark->layer === $layer),
        ));
    }

    /** A mark without the step that draws it. */
    public static function mark(Mark $mark): string
    {
        $words = $mark instanceof Words ? " {$mark->size} {$mark->align->name} {$mark->text}" : '';

        return basename(strtr($mark::class, '\\', '/')).' '.self::place([$mark->x, $mark->y, $mark->wide, $mark->tall])." $mark->colour$words";
    }

    /** @return list<string> rooms, days, cells and what is put in, sorted */
    private static function rooms(PageDrawing $page): array
    {
        $room = static fn (Room $room): string => "$room->for $room->lines $room->wide $room->line ".self::place($room->place);

        return self::sorted([
            ...array_map($room, $page->rooms),
            ...array_map(static fn (Room $day): string => 'day '.$room($day), $page->days),
            ...array_map(static fn (array $cells): string => 'cells '.self::place($cells), $page->cells),
            ...array_map(static fn (Inset $one): string => 'inset '.json_encode($one, \JSON_UNESCAPED_UNICODE), $page->insets),
            $page->turned ? 'turned' : '',
        ]);
    }

    /** @param array{int, int, int, int} $place */
    private static function place(array $place): string
    {
        return implode(',', $place);
    }

    /**
     * @param array<int, string> $some
     *
     * @return list<string>
     */
    private static function sorted(array $some): array
    {
        $sorted = array_values($some);
        sort($sorted);

        return $sorted;
    }

    private static function short(mixed $of): string
    {
        return substr(hash('xxh3', json_encode($of, \JSON_UNESCAPED_UNICODE | \JSON_THROW_ON_ERROR)), 0, 6);
    }
}
