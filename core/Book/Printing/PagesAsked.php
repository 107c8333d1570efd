<?php

/* Which pages are meant: "front", "all", "7, 20-21", a month as 2027-03, a section or a spread by its word in the plan. */

declare(strict_types=1);

namespace AmpleMargin\Book\Printing;

use AmpleMargin\Book\Book;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Plan\PageList;
use AmpleMargin\Plan\PlannedSpread;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Section;

final class PagesAsked
{
    public const SAYS = 'front, all, pages such as 7, 20-21, a month such as 2027-03, a section such as goals';

    /**
     * @return non-empty-list<int> rising, those on which something is drawn
     *
     * @throws PlanProblem
     */
    public static function of(Book $book, string $said): array
    {
        $pages = array_values(array_filter(
            self::meant($book, trim($said)),
            static fn (int $page): bool => null !== $book->drawing($page),
        ));
        if ([] === $pages) {
            throw PlanProblem::at('pages', 'Nothing is drawn on these pages: choose pages that a spread or a month stands on.');
        }

        return $pages;
    }

    /** @return non-empty-list<array{say: string, name: string}> what a person would choose: all, a section, a month, a spread */
    public static function choices(Book $book): array
    {
        $names = ['front' => 'all that is drawn before the months', 'all' => 'every page'];
        $in = array_map(static fn (PlannedSpread $one): string => $one->section->value, $book->plan->spreads);
        foreach (Section::cases() as $section) {
            // What is said first is meant, here and where a spread has the word of a section.
            $names += \in_array($section->value, $in, true) ? [$section->value => $section->words()] : [];
        }
        foreach ($book->months as $block) {
            $names[$block->month->iso()] = (new Names('en'))->monthAndYear($block->month);
        }
        foreach ($book->plan->spreads as $spread) {
            $names += null === $book->pageOf($spread->id) ? [] : [$spread->id => $book->catalogue()->title($spread)];
        }

        return array_map(
            static fn (int|string $say, string $name): array => ['say' => (string) $say, 'name' => $name],
            array_keys($names),
            $names,
        );
    }

    /** @return list<int> */
    private static function meant(Book $book, string $said): array
    {
        $all = range(1, $book->plan->stock->pages);
        if (\in_array($said, ['', 'front'], true)) {
            return $book->spreadPages();
        }
        if ('all' === $said) {
            return $all;
        }
        if (1 === preg_match('/^\d{4}-\d\d$/D', $said)) {
            return array_values(array_filter($all, static fn (int $page): bool => $book->slot($page)->month?->iso() === $said));
        }
        if (null !== $book->plan->spread($said)) {
            return array_values(array_filter($all, static fn (int $page): bool => $book->slot($page)->spread === $said));
        }
        $section = Section::tryFrom($said);
        if (null !== $section) {
            $in = array_column(array_filter(
                $book->plan->spreads,
                static fn ($spread): bool => $book->catalogue()->kind($spread->kind)?->section === $section,
            ), 'id');

            return array_values(array_filter($all, static fn (int $page): bool => \in_array($book->slot($page)->spread, $in, true)));
        }
        if (1 !== preg_match('/^\d/', $said)) {
            throw PlanProblem::at(
                'pages',
                '“'.mb_substr($said, 0, 40).'” is neither a page, a month, a section nor a spread: say '.self::SAYS.'.',
            );
        }

        return PageList::read($said, $book->plan->stock->pages);
    }
}
