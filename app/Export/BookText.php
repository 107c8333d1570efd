<?php

/* A book as text: pages, months, findings, and the steps of every spread. */

declare(strict_types=1);

namespace App\Export;

use AmpleMargin\Book\Book;
use AmpleMargin\Paper\Millimetres;

final class BookText
{
    public static function of(Book $book): string
    {
        $stock = $book->plan->stock;
        $lines = [
            $book->plan->title,
            \sprintf(
                '%s × %s mm, %d × %d boxes of %s mm, %d pages',
                Millimetres::written($stock->width),
                Millimetres::written($stock->height),
                $stock->across,
                $stock->down,
                Millimetres::written($stock->pitch),
                $stock->pages,
            ),
            $book->runOut->sentence(),
            '',
            'Index',
        ];
        foreach ($book->index as $row) {
            $lines[] = '  '.self::padded($row->pages).$row->name;
        }
        $lines[] = '';
        $lines[] = 'Months';
        foreach ($book->months as $block) {
            $lines[] = '  '.self::padded($block->range()).$block->month->iso().': '.$block->working;
        }
        foreach ([] === $book->findings() ? [] : [
            '',
            'Findings',
            ...array_map(static fn ($finding): string => '  '.$finding->says, $book->findings()),
        ] as $line) {
            $lines[] = $line;
        }
        foreach ($book->spreadPages() as $page) {
            $drawing = $book->drawing($page);
            array_push($lines, '', "Page $page: {$book->slot($page)->title}");
            foreach ($drawing->steps ?? [] as $step) {
                $lines[] = "  $step->number. {$step->task->value}: $step->text";
            }
            foreach ($drawing->workings ?? [] as $working) {
                $lines[] = "     $working->figure: $working->arithmetic";
            }
        }

        return implode("\n", $lines)."\n";
    }

    private static function padded(string $pages): string
    {
        return $pages.str_repeat(' ', max(1, 9 - mb_strlen($pages)));
    }
}
