<?php

/* docs/catalogue.md and its pictures: every kind on a page of 26 × 38 boxes, with its name, what it is for and what else it is called. */

declare(strict_types=1);

namespace App\Export;

use AmpleMargin\Book\Composer;
use AmpleMargin\Book\StarterPlan;
use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Period;
use AmpleMargin\Calendar\Weekday;
use AmpleMargin\Paper\Stock;
use AmpleMargin\Plan\Section;
use AmpleMargin\Spread\Catalogue\Catalogue;
use AmpleMargin\Spread\Catalogue\Kind;

final class CatalogueDocument
{
    private const HEAD = <<<'MARKDOWN'
        # The catalogue

        Every kind of spread, and every part of a month, drawn by the program on a page of 26 × 38 boxes for 2027, with nothing said of it yet.
        `bin/catalogue` writes this page and its pictures anew.


        MARKDOWN;

    /** @return array<string, string> file, from docs/ → what stands in it */
    public static function files(Catalogue $catalogue): array
    {
        $book = Composer::compose(StarterPlan::for(
            'Catalogue',
            new Stock(148_000, 210_000, 5_000, 26, 38, 192),
            new Period(new Month(2027, 1), new Month(2027, 12)),
            Weekday::Monday,
            catalogue: $catalogue,
        ), catalogue: $catalogue);
        $files = [];
        $text = self::HEAD;
        foreach (Section::cases() as $section) {
            $rows = array_values(array_filter($catalogue->spreads(), static fn (Kind $kind): bool => $section === $kind->section));
            $text .= self::table(ucfirst($section->words()), array_map(static function (Kind $kind) use ($book, &$files): string {
                $laid = $book->sampleOf($kind)->laid;
                $files["catalogue/$kind->id.svg"] = SmallSvg::of($laid->drawings()[0]);

                return self::row($kind, $laid->pages);
            }, $rows));
        }
        $text .= self::table('Parts of a month', array_map(static function (Kind $kind) use ($book, &$files): string {
            $laid = $book->sampleOfPart($kind)->laid;
            $files["catalogue/$kind->id.svg"] = SmallSvg::of($laid->drawings()[0]);

            return self::row($kind, $laid->pages);
        }, $catalogue->monthParts()));

        return ['catalogue.md' => $text] + $files;
    }

    private static function row(Kind $kind, int $pages): string
    {
        return "| <img src=\"catalogue/$kind->id.svg\" width=\"110\" alt=\"\"> | **$kind->name**<br>`$kind->id` | {$kind->purpose()} | "
            .implode(', ', $kind->words->names)." | $pages |\n";
    }

    /** @param list<string> $rows */
    private static function table(string $heading, array $rows): string
    {
        return "## $heading\n\n| | Kind | What it is for | Also called | Pages |\n|---|---|---|---|---|\n".implode('', $rows)."\n";
    }
}
