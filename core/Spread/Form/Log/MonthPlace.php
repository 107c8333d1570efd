<?php

/* One month's container in a future log: where its name, mini month, lines and extra stand. All in boxes of the page. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Form\Log;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Counting\Fraction;

final class MonthPlace
{
    /** Lines narrower than this hold no words. From memory. */
    private const NARROWEST = 4;

    /**
     * @param array{int, int, int, int}      $write x, y, wide, tall of the room for lines
     * @param array{int, int}|null           $mini  x, y of the mini month's letters row
     * @param array{int, int, int, int}|null $extra
     */
    private function __construct(
        public readonly Month $month,
        public readonly int $x,
        public readonly int $y,
        public readonly int $wide,
        public readonly int $tall,
        public readonly array $write,
        public readonly ?array $mini,
        public readonly ?array $extra,
        public readonly int $lines,
    ) {
    }

    /** Null where no line is left, or a line would be too narrow for words. */
    public static function of(Month $month, int $x, int $y, int $wide, int $tall, LogAsked $asked): ?self
    {
        $extra = $asked->extraIn($wide);
        if (null === $extra) {
            return null;
        }
        $mini = null;
        [$writeX, $writeY, $writeWide, $writeTall] = [$x, $y + 1, $wide, $tall - 1 - $extra[1]];
        if ('above' === $asked->mini) {
            $mini = [$x, $y + 1];
            [$writeY, $writeTall] = [$writeY + 1 + $asked->rows, $writeTall - 1 - $asked->rows];
        } elseif ('beside' === $asked->mini) {
            $mini = [$x, $y + 1];
            [$writeX, $writeWide] = [$x + 8, $wide - 8];
        }
        $lines = Fraction::of($writeTall)->dividedBy($asked->line)->floor();
        if ($lines < 1 || $writeWide < self::NARROWEST || (null !== $mini && ($wide < 7 || $tall - 1 - $extra[1] < 1 + $asked->rows))) {
            return null;
        }

        return new self($month, $x, $y, $wide, $tall, [$writeX, $writeY, $writeWide, $writeTall], $mini, 0 === $extra[1] ? null : [$x, $y + $tall - $extra[1], $extra[0], $extra[1]], $lines);
    }
}
