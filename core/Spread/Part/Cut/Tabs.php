<?php

/*
 * Tabs down the outer edge: each leaf is cut above and below its own, so that all are seen at once. The side is divided without
 * a gap, and what is left over stays below the last one (docs/trade.md, "Doors, tabs and other cuts").
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part\Cut;

use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Plan\Side;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\Cut;
use AmpleMargin\Spread\Part\CutPage;
use AmpleMargin\Spread\Part\NoRoom;
use AmpleMargin\Spread\Setting\Field;

final class Tabs extends Cut
{
    /** More leaves than this are a book of their own. From memory. */
    private const MOST = 24;

    /** Boxes of a page beside its tabs. From memory. */
    private const LEAST_PAGE = 4;

    public static function word(): string
    {
        return 'tabs';
    }

    public static function name(): string
    {
        return 'Tabs';
    }

    public static function purpose(): string
    {
        return 'Leaves with a tab each down the outer edge, cut above and below it, so that all tabs are seen at once.';
    }

    public function all(): array
    {
        return [
            Field::lines('tab_names', 'A tab for each of', ['One', 'Two', 'Three', 'Four']),
            Field::count('tab_wide', 'Boxes a tab is wide', 1, 8, 2),
        ];
    }

    public function roles(): array
    {
        return ['The front of a leaf', 'The back of a leaf'];
    }

    public function main(): int
    {
        return 0;
    }

    public function least(): int
    {
        return 1;
    }

    public function starts(int $partings): Side
    {
        return Side::Right;
    }

    public function shownOn(int $parting, int $pages): int
    {
        return $parting;
    }

    public function pages(array $partings, Request $request): array
    {
        $settings = $this->settings($request);
        $names = \array_slice($settings->lines('tab_names'), 0, self::MOST);
        $names = [] === $names ? ['One'] : $names;
        $strip = $settings->count('tab_wide');
        [$wide, $tall, $count] = [$request->grid->across, $request->grid->down, \count($names)];
        $each = intdiv($tall, $count);
        if ($each < 1) {
            throw NoRoom::says("$count tabs do not fit down ".Plural::boxes($tall).". Make $tall at most.");
        }
        if ($wide - $strip < self::LEAST_PAGE) {
            throw NoRoom::says('Beside tabs '.Plural::boxes($strip).' wide a page keeps '.self::LEAST_PAGE.' at least; it has '
                .max(0, $wide - $strip).'.');
        }
        $pages = [];
        foreach ($names as $i => $name) {
            foreach ([false, true] as $isBack) {
                $x = $isBack ? 0 : $wide - $strip;
                $tab = new Region($x, $i * $each, $strip, $each);
                $removed = array_values(array_filter(
                    [[0, $tab->y], [$tab->y + $each, $tall - $tab->y - $each]],
                    static fn (array $one): bool => $one[1] > 0,
                ));
                $pages[] = new CutPage(
                    [[$partings[$isBack ? 1 : 0] ?? $partings[0], $isBack && isset($partings[1]) ? '1' : '0', new Region(
                        $isBack ? $strip : 0,
                        0,
                        $wide - $strip,
                        $tall,
                    )]],
                    array_map(static fn (array $one): Region => new Region($x, $one[0], $strip, $one[1]), $removed),
                    $isBack || [] === $removed ? '' : self::cutting($i, $count, $each, $tall, $strip),
                    title: $name,
                    labels: [[$name, $tab]],
                );
            }
        }

        return $pages;
    }

    public function findings(Request $request): array
    {
        $count = \count($this->settings($request)->lines('tab_names'));
        if ($count > self::MOST) {
            return [new Finding($request->id, "$count tabs are named; a book opens with ".self::MOST.' at most. Leave some out.')];
        }

        return $count < 1 || intdiv($request->grid->down, $count) > 1 ? [] : [new Finding(
            $request->id,
            "$count tabs down {$request->grid->down} boxes are a box high each, hard to cut and to name. Fold paper over the edge "
                .'instead, or have fewer.',
            [],
            false,
        )];
    }

    private static function cutting(int $i, int $count, int $each, int $tall, int $strip): string
    {
        [$from, $to] = [$i * $each, ($i + 1) * $each];
        $away = match (true) {
            0 === $from => "leave the tab from the head to $to, and cut away what is below it",
            $to === $tall => "leave the tab from $from to the foot, and cut away what is above it",
            default => "leave the tab from $from to $to, and cut away what is above and below it",
        };

        return 'Leaf '.($i + 1)." of $count: ".Plural::boxes($strip)." from the outer edge, $away";
    }
}
