<?php

/* A leaf cut short, such as the first one: its page and the strip of the page behind it are read together. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part\Cut;

use AmpleMargin\Counting\Plural;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\NoRoom;
use AmpleMargin\Spread\Setting\Field;

final class ShortLeaf extends OneLeaf
{
    private const LEAST = 3;

    public static function word(): string
    {
        return 'short-leaf';
    }

    public static function name(): string
    {
        return 'A short leaf';
    }

    public static function purpose(): string
    {
        return 'A leaf cut narrower, so that its page and the next one are read together.';
    }

    public function all(): array
    {
        return [Field::count('short_by', 'Boxes it is shorter by', 1, 60)];
    }

    protected function removed(Request $request): array
    {
        $wide = $request->grid->across;
        $by = $this->settings($request)->countOrNull('short_by') ?? intdiv($wide, 2);
        if ($wide - $by < self::LEAST) {
            throw NoRoom::says("Of $wide boxes a leaf shorter by $by keeps ".max(0, $wide - $by).'. Leave it '.self::LEAST.' at least.');
        }

        return [new Region($wide - $by, 0, $by, $request->grid->down)];
    }

    protected function cutting(Request $request): string
    {
        [$strip] = $this->removed($request);

        return Plural::boxes($strip->wide).' from the outer edge, from the head to the foot';
    }

    protected function whole(Request $request): Region
    {
        [$strip] = $this->removed($request);

        return new Region(0, 0, $request->grid->across - $strip->wide, $request->grid->down);
    }
}
