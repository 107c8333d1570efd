<?php

/* What stands with the lines of each month of a future log: a row for a count, room for a memory, a frame for a photo; some, or all. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling\Log;

use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Setting\Field;

/** @internal to Spread */
final class WithMonth
{
    public const STATISTIC = 'statistic';

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
    private const PRINT = [54, 86];

    /**
     * @param array<string, int> $rows   what is ruled off → boxes tall, from the foot up
     * @param StuckSize|null     $photo  null for none
     * @param bool               $turned whether the photo may lie or stand, since nobody said its size
     */
    private function __construct(
        public readonly array $rows,
        private readonly ?StuckSize $photo,
        private readonly bool $turned,
    ) {
    }

    /** @return list<Field> */
    public static function fields(): array
    {
        return [
            Field::choice('extra', 'With each month', [
                'none' => 'nothing more',
                'statistic' => 'a row for a count',
                'memory' => 'room for a memory',
                'frame' => 'a frame for a photo',
                'statistic-memory' => 'a count and a memory',
                'statistic-frame' => 'a count and a photo',
                'memory-frame' => 'a memory and a photo',
                'all' => 'a count, a memory and a photo',
            ])->when('school', ['months', 'door']),
            Field::count('memory_rows', 'Boxes of a memory', 1, 20, 3)->when('extra', self::choicesWith(self::MEMORY)),
            Field::count('photo_width', 'Photo, mm wide', 8, 300)->when('extra', self::choicesWith(self::FRAME)),
            Field::count('photo_height', 'Photo, mm tall', 8, 300)->when('extra', self::choicesWith(self::FRAME)),
        ];
    }

    public static function read(Request $request): self
    {
        $settings = $request->settings;
        $with = self::CHOICES[$settings->choice('extra')] ?? [];
        $tallOf = [self::STATISTIC => 1, self::MEMORY => $settings->count('memory_rows')];
        $wide = $settings->countOrNull('photo_width');
        $tall = $settings->countOrNull('photo_height');
        // One side said alone is that of a square.
        $size = [$wide ?? $tall ?? self::PRINT[0], $tall ?? $wide ?? self::PRINT[1]];

        return new self(
            array_intersect_key($tallOf, array_flip($with)),
            \in_array(self::FRAME, $with, true) ? StuckSize::ofMm($size[0], $size[1], $request->grid->pitch) : null,
            null === $wide && null === $tall,
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
        [$wide, $tall] = [$this->photo->wide(), $this->photo->tall()];

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
            $said[] = " and a frame (a print of {$this->photo->says()} takes {$this->photo->wide()} × {$this->photo->tall()} boxes)";
        }

        return implode('', $said);
    }

    /** @return list<string> */
    private static function choicesWith(string $what): array
    {
        return array_keys(array_filter(self::CHOICES, static fn (array $with): bool => \in_array($what, $with, true)));
    }
}
