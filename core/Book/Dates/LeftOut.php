<?php

/* Dates that have no room where they belong, counted while they are written: each page says which and how many. */

declare(strict_types=1);

namespace AmpleMargin\Book\Dates;

use AmpleMargin\Calendar\Day;
use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Counting\Listed;
use AmpleMargin\Dates\Occurrence;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\PageDrawing;

/** @internal to Book */
final class LeftOut
{
    /** Words that are named; the others are counted. */
    private const NAMED = 3;

    private const SAYS = ' no room here: ';

    /** @var array<string, array{int, string, list<string>}> what they are of → page from 0, how that is called, their words */
    private array $left = [];

    /** @param string $about the spread or the month */
    public function __construct(private readonly string $about, private readonly Names $names = new Names('en'))
    {
    }

    /**
     * What is left of a room; said again for the next room of the same, the last word counts.
     *
     * @param string           $for  what the room is for: "2027-03", "2027-03-12"; with a column behind it where it has some
     * @param list<Occurrence> $some that are not written
     */
    public function of(string $for, int $page, array $some, string $called = ''): void
    {
        $this->named($for, $page, array_map(static fn (Occurrence $once): string => $once->entry->words, array_values($some)), $called);
    }

    /**
     * The same by their words.
     *
     * @param list<string> $words
     */
    public function named(string $for, int $page, array $words, string $called = ''): void
    {
        unset($this->left[$for]);
        if ([] !== $words) {
            $this->left[$for] = [$page, '' === $called ? $this->called($for) : $called, $words];
        }
    }

    /**
     * @param list<PageDrawing> $pages
     *
     * @return list<PageDrawing> each saying what has no room on it
     */
    public function said(array $pages): array
    {
        foreach ($this->left as [$page, $called, $words]) {
            if (isset($pages[$page])) {
                $pages[$page] = $pages[$page]->withFindings([...$pages[$page]->findings, $this->finding($called, $words)]);
            }
        }

        return array_values($pages);
    }

    /** @param list<string> $words */
    private function finding(string $called, array $words): Finding
    {
        $count = \count($words);
        $quoted = array_map(static fn (string $one): string => '“'.mb_strimwidth($one, 0, 40, '…').'”', $words);

        return new Finding($this->about, (1 === $count ? "One date of $called has" : "$count dates of $called have").self::SAYS
            .Listed::first($quoted, self::NAMED).'.', [], false);
    }

    /** Whether a finding of a page is one of these. */
    public static function isOne(Finding $finding): bool
    {
        return str_contains($finding->says, self::SAYS);
    }

    private function called(string $for): string
    {
        $for = explode(' ', $for)[0];
        $day = Day::read($for);
        $month = Month::read($for);

        return match (true) {
            null !== $day => $this->names->dayShort($day),
            null !== $month => $this->names->monthAndYear($month),
            default => 'this page',
        };
    }
}
