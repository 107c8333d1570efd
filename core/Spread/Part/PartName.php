<?php

/* The name of a part, in the first of its rows where it has one. No person is asked for it as a setting. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part;

use AmpleMargin\Counting\Fraction;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Spread\Page\Heading;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Setting\Field;
use AmpleMargin\Spread\Setting\FlagField;

/** @internal to Spread */
final class PartName
{
    public const SETTING = 'named';

    /** For the fields of a filling that writes it. */
    public static function field(): FlagField
    {
        return Field::flag(self::SETTING, 'With its name', false)->unasked();
    }

    /** Rows of a box it takes: one, or none where the part has no name. */
    public static function rows(Request $asked): int
    {
        return $asked->settings->flag(self::SETTING) ? 1 : 0;
    }

    /** What is left of a part below it. */
    public static function below(Request $asked, Region $region): Region
    {
        $rows = self::rows($asked);

        return new Region($region->x, $region->y + $rows, $region->wide, $region->tall - $rows);
    }

    /** The name where it has one, within a sentence; else what is said of its filling. */
    public static function said(Request $asked, string $otherwise): string
    {
        return 0 === self::rows($asked) ? $otherwise : Heading::quoted($asked->title);
    }

    /** Begins the step that writes it. */
    public static function write(Canvas $canvas, Request $asked, Region $region): void
    {
        if (0 === self::rows($asked)) {
            return;
        }
        self::draw($canvas, $asked->title, $region);
    }

    /** The same, for whatever fills the part below it. */
    public static function draw(Canvas $canvas, string $name, Region $region): void
    {
        $canvas->step(Task::Write, 'Write '.Heading::quoted($name).' in its first row.');
        $wide = Fraction::of(2 * $region->wide - 1, 2);
        $canvas->words(Layer::Writing, Fraction::of(4 * $region->x + 1, 4), $region->y, $wide, 1, $name);
    }
}
