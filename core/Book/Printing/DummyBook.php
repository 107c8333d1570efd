<?php

/*
 * The planned book as a little folded booklet to hold, to leaf through and to scribble on: every page small, in signatures of up to
 * 16 pages that hold without staples; what is cut has its lines, and the sections stand along the fore-edge to be coloured.
 */

declare(strict_types=1);

namespace AmpleMargin\Book\Printing;

use AmpleMargin\Book\Book;
use AmpleMargin\Drawing\Align;
use AmpleMargin\Paper\Leaf;
use AmpleMargin\Plan\PageList;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Section;
use AmpleMargin\Sheet\Booklet\Fold;
use AmpleMargin\Sheet\Booklet\Signature;
use AmpleMargin\Sheet\Piece\Face;
use AmpleMargin\Sheet\Piece\TrueSize;
use AmpleMargin\Sheet\SheetLine;
use AmpleMargin\Sheet\SheetWords;
use AmpleMargin\Sheet\Tone;
use AmpleMargin\Sheet\Tray\Packing;

final class DummyBook implements Printable, Chosen
{
    private const SIZES = ['half' => 2, 'third' => 3, 'quarter' => 4];

    /** µm a section's mark reaches in from the fore-edge. */
    private const MARK = 2_500;

    private const CAUTION = 'Slit folds with a blunt knife, away from the hand that holds.';

    public static function word(): string
    {
        return 'dummy';
    }

    public static function name(): string
    {
        return 'Dummy of the book';
    }

    public static function asks(): string
    {
        return 'half, third or quarter, and pages if not all: quarter 1-32';
    }

    public static function choices(Book $book): array
    {
        return array_map(
            static fn (string $size): array => ['say' => $size, 'name' => 'half' === $size ? 'half as large' : "a $size as large"],
            ['quarter', 'third', 'half'],
        );
    }

    public function pieces(Context $context, string $said): array
    {
        $stock = $context->book->plan->stock;
        $parts = preg_split('/\s+/', '' === $said ? 'quarter' : $said, 2);
        $by = self::SIZES[$parts[0] ?? ''] ?? throw PlanProblem::at(
            'dummy',
            'A dummy has half, a third or a quarter of the size: half, third, quarter.',
        );
        $pages = isset($parts[1]) ? PageList::read($parts[1], $stock->pages) : range(1, $stock->pages);
        [$from, $to] = [$pages[0] ?? 1, $pages[\count($pages) - 1] ?? 1];
        // A leaf has both its pages.
        $from -= Leaf::isLeft($from) ? 1 : 0;
        [$wide, $tall] = [intdiv($stock->width, $by), intdiv($stock->height, $by)];
        $fold = self::fold($context, $wide, $tall, $to - $from + 1);
        $signatures = [];
        for ($first = max(1, $from), $nth = 1; $first <= $to; $first += $fold->value, ++$nth) {
            $last = $first + $fold->value - 1;
            $signatures[] = Signature::of(
                $fold,
                $first,
                $wide,
                $tall,
                fn (int $page): ?Face => $page > $stock->pages ? null : $this->page($context, $page, $by, $wide, $tall),
                "Dummy, signature $nth, pages $first to ".min($last, $stock->pages),
                $fold->says().' '.self::CAUTION,
            );
        }

        return $signatures;
    }

    /** The fold that takes the fewest sheets, of those the fewest signatures. */
    private static function fold(Context $context, int $wide, int $tall, int $pages): Fold
    {
        $best = null;
        $least = [\PHP_INT_MAX, 0];
        foreach (Fold::cases() as $fold) {
            [$w, $h] = [$fold->columns() * $wide, $fold->rows() * $tall];
            if (!$context->room->takesTurned($w, $h)) {
                continue;
            }
            $count = intdiv($pages + $fold->value - 1, $fold->value);
            $sheets = \count(Packing::of(array_fill(0, $count, [$w, $h]), $context->room->wide, $context->room->tall)->sheets);
            if ([$sheets, $count] < $least) {
                [$best, $least] = [$fold, [$sheets, $count]];
            }
        }

        return $best ?? throw $context->room->refusal('A sheet of the dummy', 2 * $wide, $tall);
    }

    private function page(Context $context, int $page, int $by, int $wide, int $tall): Face
    {
        $stock = $context->book->plan->stock;
        $pitch = intdiv(2 * $stock->pitch + $by, 2 * $by);
        $drawing = $context->drawing($page);
        [$across, $down] = [$drawing->across ?? $stock->across, $drawing->down ?? $stock->down];
        [$left, $top] = [max(0, intdiv($wide - $across * $pitch, 2)), max(0, intdiv($tall - $down * $pitch, 2))];
        $face = null === $drawing ? new Face([]) : self::thin(TrueSize::face($drawing, $pitch, $left, $top, 2 === $by));
        $isLeft = Leaf::isLeft($page);
        $size = min(2_600, intdiv($tall, 22));
        $marks = [new SheetWords(
            Tone::Ruler,
            $isLeft ? 800 : $wide - 10_800,
            $tall - $size - 500,
            10_000,
            $size,
            (string) $page,
            intdiv($size * 8, 10),
            $isLeft ? Align::Start : Align::End,
        )];
        foreach ($context->book->cut->removed($page) as $region) {
            $across = static fn (int $boxes): int => $left + $boxes * $pitch;
            $down = static fn (int $boxes): int => $top + $boxes * $pitch;
            foreach ($region->sidesWithin($stock->across, $stock->down) as [$fromX, $fromY, $toX, $toY]) {
                $marks[] = new SheetLine(Tone::Cut, $across($fromX), $down($fromY), $across($toX), $down($toY));
            }
        }

        return $face->and(new Face([...$marks, ...self::edge($context, $page, $wide, $tall, $isLeft)]));
    }

    /** Lines as thin as the page is small. */
    private static function thin(Face $face): Face
    {
        $marks = [];
        foreach ($face->marks as $mark) {
            $marks[] = $mark instanceof SheetLine
                ? new SheetLine(Tone::Ruler, $mark->x, $mark->y, $mark->toX, $mark->toY, $mark->colour)
                : $mark;
        }

        return new Face($marks, $face->grids);
    }

    /**
     * Its section's place along the fore-edge, to be coloured.
     *
     * @return list<SheetLine>
     */
    private static function edge(Context $context, int $page, int $wide, int $tall, bool $isLeft): array
    {
        $slot = $context->book->slot($page);
        $section = $context->book->catalogue()->kind($context->book->plan->spread($slot->spread)->kind ?? '')?->section;
        $nth = null !== $slot->month ? \count(Section::cases()) : array_search($section, Section::cases(), true);
        if (false === $nth) {
            return [];
        }
        $each = intdiv($tall, \count(Section::cases()) + 3);
        [$outer, $inner] = $isLeft ? [0, min(self::MARK, intdiv($wide, 8))] : [$wide, $wide - min(self::MARK, intdiv($wide, 8))];
        [$from, $to] = [$each * (1 + (int) $nth), $each * (2 + (int) $nth)];

        return [
            new SheetLine(Tone::Pencil, $outer, $from, $inner, $from),
            new SheetLine(Tone::Pencil, $inner, $from, $inner, $to),
            new SheetLine(Tone::Pencil, $inner, $to, $outer, $to),
        ];
    }
}
