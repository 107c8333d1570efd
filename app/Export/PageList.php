<?php

/* A list of pages as people write it: "7, 8-9". */

declare(strict_types=1);

namespace App\Export;

use AmpleMargin\Plan\PlanProblem;

final class PageList
{
    /**
     * @return list<int> rising, each once
     *
     * @throws PlanProblem for anything that is not a page of the book
     */
    public static function read(string $said, int $last): array
    {
        $pages = [];
        foreach (explode(',', $said) as $part) {
            if (1 !== preg_match('/^\s*(\d{1,4})\s*(?:[-–]\s*(\d{1,4})\s*)?$/u', $part, $found)) {
                throw PlanProblem::at('pages', '“'.mb_substr(trim($part), 0, 40).'” is not a page: write pages as 7, 8-9.');
            }
            $from = (int) $found[1];
            $to = (int) ($found[2] ?? $from);
            if ($from < 1 || $to > $last || $from > $to) {
                throw PlanProblem::at('pages', trim($part)." is not in the book: its pages are 1 to $last.");
            }
            array_push($pages, ...range($from, $to));
        }
        $pages = array_unique($pages);
        sort($pages);

        return $pages;
    }
}
