<?php

/* What is asked of a future log: its months, how many stand on a page, and what stands in a month's container beside the lines. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling\Log;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Spread\Page\Request;

/** @internal to Spread */
final class LogAsked
{
    /**
     * @param non-empty-list<Month> $months
     * @param Fraction              $line    boxes a line: 1, 1½ or 2
     * @param bool                  $along   whether months run along the rows, and not down the columns
     */
    private function __construct(
        public readonly array $months,
        public readonly Fraction $line,
        public readonly bool $ruled,
        public readonly bool $along,
        public readonly MiniInMonth $mini,
        public readonly WithMonth $with,
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
            'along' === $request->settings->choice('order'),
            MiniInMonth::read($request, $months[0]),
            WithMonth::read($request),
        );
    }

    public function last(): Month
    {
        return $this->months[\count($this->months) - 1];
    }
}
