<?php

/* What happened, and where the pen stands. */

declare(strict_types=1);

namespace AmpleMargin\Book\Slips;

use AmpleMargin\Paper\Stock;
use AmpleMargin\Plan\Making\SlipKind;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Values;

final class Asked
{
    /** Boxes a count may be off. */
    private const MOST_OFF = 20;

    /**
     * @param int       $x     boxes from the left edge of the page as it stands upright
     * @param int       $y     boxes from its upper edge
     * @param int       $by    boxes it is off: further on where it is more than nought
     * @param bool|null $down  whether the count went down the side; null for the nearest line
     * @param int|null  $other the page it belonged on
     * @param int|null  $wide  µm of what was too big
     * @param int|null  $tall  µm
     */
    public function __construct(
        public readonly SlipKind $kind,
        public readonly int $page,
        public readonly int $x = 0,
        public readonly int $y = 0,
        public readonly int $by = 1,
        public readonly ?bool $down = null,
        public readonly ?int $other = null,
        public readonly ?int $wide = null,
        public readonly ?int $tall = null,
    ) {
    }

    /** @throws PlanProblem naming the field */
    public static function read(Values $values): self
    {
        $by = $values->count('by', -self::MOST_OFF, self::MOST_OFF, 1);
        $length = static function (string $name) use ($values): ?int {
            $long = $values->has($name) ? $values->millimetres($name) : null;

            return null === $long || ($long >= 1_000 && $long <= 400_000) ? $long : throw PlanProblem::at(
                $values->path($name),
                'A sticker or stamp is 1 to 400 mm.',
            );
        };

        return new self(
            $values->choice('kind', SlipKind::class),
            $values->count('page', 1, Stock::MOST_PAGES),
            $values->count('x', 0, Stock::MOST_BOXES, 0),
            $values->count('y', 0, Stock::MOST_BOXES, 0),
            0 === $by ? throw PlanProblem::at($values->path('by'), 'A count that is off is off by a box at least.') : $by,
            $values->has('down') ? $values->flag('down', true) : null,
            $values->has('other') ? $values->count('other', 1, Stock::MOST_PAGES) : null,
            $length('wide'),
            $length('tall'),
        );
    }
}
