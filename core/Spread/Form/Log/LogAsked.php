<?php

/* What is asked of a future log: its months, and what stands in a month's container beside the lines. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Form\Log;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\MonthGrid;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Spread\Request;

final class LogAsked
{
    /** An instant print, mm: 54 × 86 with its border. From memory. */
    private const PRINT = [54_000, 86_000];

    /**
     * @param non-empty-list<Month> $months
     * @param Fraction    $line  boxes a line: 1, 1½ or 2
     * @param string      $mini  "none", "beside" or "above"
     * @param string      $extra "none", "statistic", "memory" or "frame"
     * @param int         $rows  date rows of the longest month
     */
    private function __construct(
        public readonly array $months,
        public readonly Fraction $line,
        public readonly bool $ruled,
        public readonly string $mini,
        public readonly string $extra,
        public readonly int $rows,
        private readonly int $pitch,
    ) {
    }

    public static function read(Request $request): self
    {
        $months = $request->period->start->run($request->period->length() + $request->settings->count('months_beyond', 0, 0, 12));
        $line = $request->settings->boxes('line');

        return new self(
            $months,
            $line,
            // Between dots a line has to be drawn to be kept.
            !$line->isWhole() || $request->settings->flag('ruled', false),
            $request->settings->choice('mini', ['none', 'beside', 'above']),
            $request->settings->choice('extra', ['none', 'statistic', 'memory', 'frame']),
            max(array_map(static fn (Month $month): int => (new MonthGrid($month, $request->first))->rows, $months)),
            $request->pitch,
        );
    }

    public function last(): Month
    {
        return $this->months[\count($this->months) - 1];
    }

    /**
     * Boxes the extra takes at the foot of a container of this width; null where it does not fit across it.
     *
     * @return array{int, int}|null wide, tall
     */
    public function extraIn(int $wide): ?array
    {
        if ('frame' !== $this->extra) {
            return [$wide, ['none' => 0, 'statistic' => 1, 'memory' => 3][$this->extra] ?? 0];
        }
        [$narrow, $long] = array_map(fn (int $length): int => intdiv($length + $this->pitch - 1, $this->pitch), self::PRINT);

        // Lying it leaves most lines; upright where it is too long for that.
        return match (true) {
            $long <= $wide => [$long, $narrow],
            $narrow <= $wide => [$narrow, $long],
            default => null,
        };
    }

    public function frameSays(): string
    {
        return 'a print of 54 × 86 mm takes '.intdiv(self::PRINT[0] + $this->pitch - 1, $this->pitch).' × '.intdiv(self::PRINT[1] + $this->pitch - 1, $this->pitch).' boxes';
    }
}
