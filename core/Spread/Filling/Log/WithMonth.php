<?php

/* What stands with the lines of each month of a future log: a row for a count, room for a memory, a frame for a photo; some, or all. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling\Log;

use AmpleMargin\Paper\Millimetres;
use AmpleMargin\Spread\Page\Request;

/** @internal to Spread */
final class WithMonth
{
    private const STATISTIC = 'statistic';

    private const MEMORY = 'memory';

    public const FRAME = 'frame';

    /** Choice → what is ruled off, from the foot up, and the frame. */
    private const CHOICES = [
        'none' => [],
        'statistic' => [self::STATISTIC],
        'memory' => [self::MEMORY],
        'frame' => [self::FRAME],
        'statistic-memory' => [self::STATISTIC, self::MEMORY],
        'statistic-frame' => [self::STATISTIC, self::FRAME],
        'memory-frame' => [self::MEMORY, self::FRAME],
        'all' => [self::STATISTIC, self::MEMORY, self::FRAME],
    ];

    /** An instant print, mm: 54 × 86 with its border. From memory. */
    private const PRINT = [54_000, 86_000];

    /**
     * @param array<string, int>   $rows   what is ruled off → boxes tall, from the foot up
     * @param array{int, int}|null $photo  µm wide and tall; null for none
     * @param bool                 $turned whether the photo may lie or stand, since nobody said its size
     */
    private function __construct(
        public readonly array $rows,
        private readonly ?array $photo,
        private readonly bool $turned,
        private readonly int $pitch,
    ) {
    }

    public static function read(Request $request): self
    {
        $settings = $request->settings;
        $with = self::CHOICES[$settings->choice('extra')] ?? [];
        [$wide, $tall] = [$settings->countOrNull('photo_width'), $settings->countOrNull('photo_height')];
        $tallOf = [self::STATISTIC => 1, self::MEMORY => $settings->count('memory_rows')];

        // One side said alone is that of a square.
        $wide ??= $tall;
        $tall ??= $wide;
        $size = null === $wide || null === $tall ? self::PRINT : [1_000 * $wide, 1_000 * $tall];

        return new self(
            array_intersect_key($tallOf, array_flip($with)),
            \in_array(self::FRAME, $with, true) ? $size : null,
            null === $wide,
            $request->grid->pitch,
        );
    }

    /** Boxes down of all that is ruled off at the foot. */
    public function ruledOff(): int
    {
        return array_sum($this->rows);
    }

    /**
     * The places a photo may take in a month's container: below the lines, or beside them.
     *
     * @return non-empty-list<array{int, int, bool}> boxes wide, boxes tall, whether beside; 0 × 0 where there is none
     */
    public function photos(): array
    {
        if (null === $this->photo) {
            return [[0, 0, false]];
        }
        [$wide, $tall] = $this->boxes($this->photo);

        return $this->turned
            ? [[$tall, $wide, false], [$wide, $tall, false], [$wide, $tall, true], [$tall, $wide, true]]
            : [[$wide, $tall, false], [$wide, $tall, true]];
    }

    /** " and a frame (a print of 54 × 86 mm takes 11 × 18 boxes)", " and a memory"; nothing where nothing is. */
    public function says(): string
    {
        $said = array_map(
            static fn (string $one): string => ' and a '.(self::STATISTIC === $one ? 'count' : $one),
            array_keys($this->rows),
        );
        if (null !== $this->photo) {
            $said[] = ' and a frame (a print of '.implode(' × ', array_map(static fn (int $one): int => intdiv($one, 1_000), $this->photo))
                .' mm takes '.implode(' × ', $this->boxes($this->photo)).' boxes)';
        }

        return implode('', $said);
    }

    /**
     * @param array{int, int} $lengths µm
     *
     * @return array{int, int}
     */
    private function boxes(array $lengths): array
    {
        return [Millimetres::boxes($lengths[0], $this->pitch), Millimetres::boxes($lengths[1], $this->pitch)];
    }
}
