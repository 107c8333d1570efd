<?php

/* The themes of the months, as a spread lists them: the first line of each cell. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Catalogue;

use AmpleMargin\Spread\Filling\CellWords;

final class Themes
{
    /**
     * Those a spread lists; none where its kind lists none.
     *
     * @param array<array-key, mixed> $values what the person said of it
     *
     * @return array<int, string> month of the book from 0 → theme
     */
    public static function of(Kind $kind, array $values): array
    {
        $themes = $kind->says(Fact::Themes);

        return null === $themes ? [] : array_map(
            static fn (array $lines): string => $lines[0],
            CellWords::of($kind->settings($values)->lines($themes)),
        );
    }
}
