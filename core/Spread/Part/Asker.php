<?php

/* What is asked of each filling of a page: the settings of its leaf, on the page's dots and in its calendar. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part;

use AmpleMargin\Spread\Request;
use AmpleMargin\Spread\Setting\Field;
use AmpleMargin\Spread\Setting\FlagField;
use AmpleMargin\Spread\Setting\Settings;

final class Asker
{
    /** The setting a filling reads that writes the name of its part. */
    private const NAMED = 'named';

    public function __construct(public readonly Request $page)
    {
    }

    /** Whether the part has a name of its own, which no person is asked for as a setting. */
    public static function named(): FlagField
    {
        return Field::flag(self::NAMED, 'With its name', false)->unasked();
    }

    public static function isNamed(Request $asked): bool
    {
        return $asked->settings->flag(self::NAMED);
    }

    public function of(Leaf $leaf): Request
    {
        return new Request(
            $this->page->id,
            $leaf->name ?? $this->page->title,
            new Settings(
                [self::NAMED => null !== $leaf->name] + $this->page->settings->over($leaf->settings, $leaf->open),
                $leaf->filling->fields(),
            ),
            $this->page->grid,
            $this->page->calendar,
            $this->page->palette,
        );
    }
}
