<?php

/* Marks as the API writes them: short rows of numbers, 840 to the box. */

declare(strict_types=1);

namespace App\Api;

use AmpleMargin\Drawing\Band;
use AmpleMargin\Drawing\Frame;
use AmpleMargin\Drawing\Line;
use AmpleMargin\Drawing\Mark;
use AmpleMargin\Drawing\MarkVisitor;
use AmpleMargin\Drawing\Ring;
use AmpleMargin\Drawing\Words;

/** @implements MarkVisitor<list<int|string|null>> */
final class MarkRows implements MarkVisitor
{
    public function line(Line $line): array
    {
        return self::row('line', $line);
    }

    public function frame(Frame $frame): array
    {
        return self::row('frame', $frame);
    }

    public function band(Band $band): array
    {
        return self::row('band', $band);
    }

    public function ring(Ring $ring): array
    {
        return self::row('ring', $ring);
    }

    public function words(Words $words): array
    {
        return self::row($words->upwards ? 'upwards' : 'words', $words, $words->text, $words->size, $words->align->value);
    }

    /** @return list<int|string|null> */
    private static function row(string $kind, Mark $mark, int|string ...$more): array
    {
        $colour = null === $mark->colour ? [] : [$mark->colour];

        return [
            $kind,
            $mark->layer->value,
            $mark->step,
            $mark->note,
            $mark->x,
            $mark->y,
            $mark->wide,
            $mark->tall,
            ...array_values($more),
            ...$colour,
        ];
    }
}
