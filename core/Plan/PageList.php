<?php

/* A list of pages as people write it: "7, 8-9". */

declare(strict_types=1);

namespace AmpleMargin\Plan;

final class PageList
{
    /** Parts between commas: no book has more pages. */
    private const MOST = 1_000;

    /**
     * @return list<int> rising, each once
     *
     * @throws PlanProblem for anything that is not a page of the book
     */
    public static function read(string $said, int $last): array
    {
        $parts = explode(',', $said);
        if (\count($parts) > self::MOST) {
            throw PlanProblem::at('pages', 'A list of pages has at most '.number_format(self::MOST).' parts.');
        }
        $pages = [];
        foreach ($parts as $part) {
            if (1 !== preg_match('/^\s*(\d{1,4})\s*(?:[-–]\s*(\d{1,4})\s*)?$/u', $part, $found)) {
                throw PlanProblem::at('pages', '“'.mb_substr(trim($part), 0, 40).'” is not a page: write pages as 7, 8-9.');
            }
            $from = (int) $found[1];
            $to = (int) ($found[2] ?? $from);
            if ($from < 1 || $to > $last || $from > $to) {
                throw PlanProblem::at('pages', trim($part)." is not in the book: its pages are 1 to $last.");
            }
            $pages += array_fill_keys(range($from, $to), true);
        }
        ksort($pages);

        return array_keys($pages);
    }
}
