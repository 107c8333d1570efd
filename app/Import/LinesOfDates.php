<?php

/* Lines as people write or paste them: a day and words on each. */

declare(strict_types=1);

namespace App\Import;

use AmpleMargin\Dates\DayRefused;
use AmpleMargin\Dates\Found;
use AmpleMargin\Dates\Said;
use AmpleMargin\Dates\SaidDay;

final class LinesOfDates
{
    public function __construct(private readonly SaidDay $days, private readonly int $year, private readonly ?bool $monthFirst)
    {
    }

    public function read(string $text): ReadDates
    {
        $lines = array_filter(array_map(trim(...), explode("\n", $text)), static fn (string $line): bool => '' !== $line);
        $order = DayOrder::of(array_map(static fn (string $line): string => $line, array_values($lines)));
        $days = ($this->monthFirst ?? $order->monthFirst()) ? $this->days->monthFirst(true) : $this->days;
        $found = [];
        foreach ($lines as $i => $line) {
            $where = 'line '.($i + 1);
            try {
                $found[] = Found::entry(Said::line($line, $days)->entry('', '', $this->year), $where);
            } catch (DayRefused $refused) {
                $found[] = Found::skipped($where, $refused->getMessage());
            }
            if (\count($found) > DateFiles::MOST) {
                break;
            }
        }

        return new ReadDates($found, null === $this->monthFirst ? $order->asks() : null);
    }
}
