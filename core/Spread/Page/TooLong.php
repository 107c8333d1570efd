<?php

/* Words that would have to be written smaller than anybody reads to fit their place: the longest of them is said, with what would fit. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Page;

use AmpleMargin\Counting\Letters;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Finding;

/** @internal to Spread */
final class TooLong
{
    /**
     * @param list<string> $words each in a place of its own
     * @param int          $wide  boxes of such a place
     * @param string       $place within a sentence: "a cell"
     *
     * @return list<Finding>
     */
    public static function in(Request $asked, array $words, int $wide, string $place): array
    {
        $longest = '';
        foreach ($words as $one) {
            $longest = mb_strwidth($one) > mb_strwidth($longest) ? $one : $longest;
        }
        $most = Letters::most($wide);

        return mb_strwidth($longest) <= $most ? [] : [new Finding(
            $asked->id,
            Heading::quoted($longest).' is '.mb_strwidth($longest)." letters wide; $place of ".Plural::boxes($wide)
                ." holds $most that can be read. Shorten it, or make that wider.",
            [],
            false,
        )];
    }
}
