<?php

/* A window cut into a leaf: so many boxes of the page behind show through it, and of the page before where the leaf is turned. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part\Cut;

use AmpleMargin\Counting\Plural;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\NoRoom;
use AmpleMargin\Spread\Setting\Field;

final class Window extends OneLeaf
{
    public static function word(): string
    {
        return 'window';
    }

    public static function name(): string
    {
        return 'A window';
    }

    public static function purpose(): string
    {
        return 'A leaf with a window through which the page behind it shows.';
    }

    public function all(): array
    {
        return [
            Field::count('window_wide', 'Window, boxes across', 1, 60, 12),
            Field::count('window_tall', 'Window, boxes down', 1, 80, 8),
            Field::count('window_left', 'Boxes left of the window', 1, 60),
            Field::count('window_above', 'Boxes above the window', 1, 80),
        ];
    }

    protected function removed(Request $request): array
    {
        $settings = $this->settings($request);
        [$wide, $tall] = [$settings->count('window_wide'), $settings->count('window_tall')];
        foreach ([[$wide, $request->grid->across, 'across'], [$tall, $request->grid->down, 'down']] as [$boxes, $side, $way]) {
            if ($boxes > $side - 2) {
                throw NoRoom::says('The window is '.Plural::boxes($boxes)." $way; a box stays beside it on both sides, so "
                    .'it can have '.max(0, $side - 2).'.');
            }
        }
        $left = $settings->countOrNull('window_left') ?? intdiv($request->grid->across - $wide, 2);
        $above = $settings->countOrNull('window_above') ?? intdiv($request->grid->down - $tall, 2);

        return [new Region(
            min($left, $request->grid->across - $wide - 1),
            min($above, $request->grid->down - $tall - 1),
            $wide,
            $tall,
        )];
    }

    protected function cutting(Request $request): string
    {
        [$window] = $this->removed($request);

        return "a window of $window->wide × $window->tall boxes, ".Plural::boxes($window->x).' from the fold and '
            .Plural::boxes($window->y).' from the head; cut its corners first';
    }

    /** Above the window or below it, where there is more room. */
    protected function whole(Request $request): Region
    {
        [$window] = $this->removed($request);
        $below = $window->y + $window->tall;
        [$wide, $tall] = [$request->grid->across, $request->grid->down];

        return $window->y >= $tall - $below
            ? new Region(0, 0, $wide, max(1, $window->y - 1))
            : new Region(0, min($below + 1, $tall - 1), $wide, max(1, $tall - $below - 1));
    }
}
