<?php

/* What a spread lists for others to read: goals, challenges, themes. On a page that a person divided it stands in one of its parts. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Catalogue;

use AmpleMargin\Spread\Filling\CellWords;
use AmpleMargin\Spread\Filling\PartingFile;
use AmpleMargin\Spread\Part\PartRefused;
use AmpleMargin\Spread\Setting\LinesField;
use AmpleMargin\Spread\Setting\Settings;

final class HeldLists
{
    /**
     * @param array<array-key, mixed> $values what the person said of the spread
     *
     * @return list<string> the lines of the setting that a fact of its kind names; none where it names none
     */
    public static function of(Kind $kind, Fact $fact, array $values): array
    {
        $setting = $kind->says($fact);
        if (null === $setting) {
            return [];
        }
        if (!$kind->is(Fact::DividedByHand)) {
            return $kind->settings($values)->lines($setting);
        }
        try {
            $leaves = PartingFile::read($values['parts'] ?? null)->leaves();
        } catch (PartRefused) {
            return [];
        }
        foreach ($leaves as $leaf) {
            if (isset($leaf->settings[$setting]) && ($leaf->known()[$setting] ?? null) instanceof LinesField) {
                return (new Settings($leaf->settings, $leaf->known()))->lines($setting);
            }
        }

        return [];
    }

    /**
     * The themes of the months: the first line of each cell.
     *
     * @param array<array-key, mixed> $values what the person said of the spread
     *
     * @return array<int, string> month of the book from 0 → theme
     */
    public static function themes(Kind $kind, array $values): array
    {
        return array_map(static fn (array $lines): string => $lines[0], CellWords::of(self::of($kind, Fact::Themes, $values)));
    }
}
