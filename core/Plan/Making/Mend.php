<?php

/*
 * What saved a slip, as it stands on the page now. Places are those of the page as it lies while it is drawn, in whole boxes from
 * its upper left corner; where a line stood and stands now in grains (840 to a box).
 */

declare(strict_types=1);

namespace AmpleMargin\Plan\Making;

use AmpleMargin\Paper\Stock;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Values;

final class Mend
{
    /** Of one slip. */
    public const MOST = 4;

    /** Lines that were moved: more than a page has boxes down. */
    private const MOST_LINES = 2 * Stock::MOST_BOXES + 2;

    /** Letters of what is said of it. */
    public const LONGEST = 400;

    /**
     * @param bool      $down whether lines are moved down the page, and not across
     * @param list<int> $was  grains, rising: where lines stood, the first the one the pen stands at
     * @param list<int> $now  grains, never falling: where they stand
     * @param string    $say  what to do for it, as a step of the page
     */
    private function __construct(
        public readonly MendKind $is,
        public readonly int $x,
        public readonly int $y,
        public readonly int $wide,
        public readonly int $tall,
        public readonly string $say,
        public readonly bool $down = true,
        public readonly array $was = [],
        public readonly array $now = [],
    ) {
    }

    /** @param string $say what to do, as a step */
    public static function patch(int $x, int $y, int $wide, int $tall, string $say): self
    {
        return new self(MendKind::Patch, $x, $y, $wide, $tall, $say);
    }

    public static function struck(int $x, int $y, int $wide, int $tall, string $say): self
    {
        return new self(MendKind::Struck, $x, $y, $wide, $tall, $say);
    }

    public static function banded(int $x, int $y, int $wide, int $tall, string $say): self
    {
        return new self(MendKind::Banded, $x, $y, $wide, $tall, $say);
    }

    /**
     * @param array{int, int, int, int} $within x, y, wide, tall of what is moved
     * @param non-empty-list<int>       $was
     * @param non-empty-list<int>       $now as many
     */
    public static function moved(array $within, bool $down, array $was, array $now, string $say): self
    {
        return new self(MendKind::Moved, ...[...$within, $say, $down, $was, $now]);
    }

    /** @throws PlanProblem naming the field */
    public static function read(Values $values): self
    {
        $is = $values->choice('is', MendKind::class);
        $most = Stock::MOST_BOXES;
        $was = $values->counts('was', 0, 840 * $most, self::MOST_LINES);
        $now = $values->counts('now', 0, 840 * $most, self::MOST_LINES);
        if (MendKind::Moved === $is && ([] === $was || \count($was) !== \count($now) || !self::rises($was) || !self::rises($now, true))) {
            throw PlanProblem::at($values->path('now'), 'Each line that was moved needs the place it had and the one it has, in order.');
        }

        return new self(
            $is,
            $values->count('x', 0, $most),
            $values->count('y', 0, $most),
            $values->count('wide', 1, $most),
            $values->count('tall', 1, $most),
            $values->text('say', '', self::LONGEST),
            $values->flag('down', true),
            MendKind::Moved === $is ? $was : [],
            MendKind::Moved === $is ? $now : [],
        );
    }

    /** @return array<string, mixed> */
    public function written(): array
    {
        $written = ['is' => $this->is->value, 'x' => $this->x, 'y' => $this->y, 'wide' => $this->wide, 'tall' => $this->tall];
        if ('' !== $this->say) {
            $written['say'] = $this->say;
        }

        return MendKind::Moved === $this->is ? $written + ['down' => $this->down, 'was' => $this->was, 'now' => $this->now] : $written;
    }

    /** @param list<int> $places */
    private static function rises(array $places, bool $orStays = false): bool
    {
        for ($i = 1; $i < \count($places); ++$i) {
            if ($places[$i] < $places[$i - 1] || (!$orStays && $places[$i] === $places[$i - 1])) {
                return false;
            }
        }

        return true;
    }
}
