<?php

/* What is asked of a future log: its months, and what stands in a month's container beside the lines. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling\Log;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\MonthGrid;
use AmpleMargin\Calendar\Weekday;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Paper\Millimetres;
use AmpleMargin\Spread\Page\Request;

/** @internal to Spread */
final class LogAsked
{
    /** An instant print, mm: 54 × 86 with its border. From memory. */
    private const PRINT = [54_000, 86_000];

    /**
     * @param non-empty-list<Month> $months
     * @param Fraction    $line  boxes a line: 1, 1½ or 2
     * @param string      $mini  "none", "beside" or "above"
     * @param string      $extra "none", "statistic", "memory" or "frame"
     */
    private function __construct(
        public readonly array $months,
        public readonly Fraction $line,
        public readonly bool $ruled,
        public readonly string $mini,
        public readonly string $extra,
        private readonly Weekday $first,
        private readonly int $pitch,
    ) {
    }

    public static function read(Request $request): self
    {
        $shown = $request->calendar->months();
        $months = $shown[0]->run(\count($shown) + $request->settings->count('months_beyond'));
        $line = $request->settings->boxes('line');

        return new self(
            $months,
            $line,
            // Between dots a line has to be drawn to be kept.
            !$line->isWhole() || $request->settings->flag('ruled'),
            $request->settings->choice('mini'),
            $request->settings->choice('extra'),
            $request->calendar->first,
            $request->grid->pitch,
        );
    }

    public function last(): Month
    {
        return $this->months[\count($this->months) - 1];
    }

    /** Date rows of a month, 4 to 6. */
    public function rowsOf(Month $month): int
    {
        return (new MonthGrid($month, $this->first))->rows;
    }

    /**
     * The places the extra may take in a container of this width: below the lines, or beside them.
     *
     * @return non-empty-list<array{int, int, bool}> boxes wide, boxes tall, whether beside
     */
    public function extras(int $wide): array
    {
        if ('frame' !== $this->extra) {
            return [[$wide, ['none' => 0, 'statistic' => 1, 'memory' => 3][$this->extra] ?? 0, false]];
        }
        [$narrow, $long] = $this->printed();

        return [[$long, $narrow, false], [$narrow, $long, false], [$narrow, $long, true], [$long, $narrow, true]];
    }

    public function frameSays(): string
    {
        return 'a print of 54 × 86 mm takes '.implode(' × ', $this->printed()).' boxes';
    }

    /** @return list<int> boxes that a print takes, narrow and long */
    private function printed(): array
    {
        return array_map(fn (int $length): int => Millimetres::boxes($length, $this->pitch), self::PRINT);
    }
}
