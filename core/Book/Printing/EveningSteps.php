<?php

/* This evening on paper: what to lay out, what to mind, and every step with a box to tick. */

declare(strict_types=1);

namespace AmpleMargin\Book\Printing;

use AmpleMargin\Book\Making\Sittings;
use AmpleMargin\Book\Making\SittingWords;
use AmpleMargin\Counting\Wrap;
use AmpleMargin\Drawing\Align;
use AmpleMargin\Making\Sitting\StepTime;
use AmpleMargin\Making\Sitting\Stint;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Sheet\Piece\CutAlong;
use AmpleMargin\Sheet\Piece\Face;
use AmpleMargin\Sheet\Piece\Piece;
use AmpleMargin\Sheet\SheetLine;
use AmpleMargin\Sheet\SheetWords;
use AmpleMargin\Sheet\Tone;

final class EveningSteps implements Printable
{
    /** µm of letters that are read beside an open book, of a line of them, and of a column. From memory. */
    private const LETTERS = 3_200;
    private const LINE = 4_600;
    private const WIDE = 180_000;

    /** Letters of a line: hundredths of their height each is wide. */
    private const LETTER = 52;

    public static function word(): string
    {
        return 'evening';
    }

    public static function name(): string
    {
        return 'Steps of the evening';
    }

    public static function asks(): string
    {
        return '';
    }

    public function pieces(Context $context, string $said): array
    {
        $sittings = Sittings::of($context->book, $context->done, $context->now);
        $evening = $sittings->next();
        if (null === $evening) {
            throw PlanProblem::at('evening', 'No evening has anything to draw: say when you are free under Sittings.');
        }
        $names = $context->book->names();
        $name = "{$names->weekday($evening->day->weekday())}, {$names->dayShort($evening->day)}, $evening->from";
        $wide = min(self::WIDE, $context->room->wide);
        $most = intdiv($wide * 100, self::LETTERS * self::LETTER);
        $blocks = [[[$name, false]]];
        foreach (SittingWords::of($sittings, $evening) as $words) {
            $blocks[] = self::wrapped($words, $most, false);
        }
        foreach ($sittings->packed->pieces[$evening->key()] ?? [] as $piece) {
            // A heading stays with its first step.
            $head = [['', false], ...self::wrapped(ucfirst(SittingWords::page($sittings, $piece)), $most, false)];
            foreach (self::steps($context, $piece) as $text) {
                $blocks[] = [...$head, ...self::wrapped($text, $most - 4, true)];
                $head = [];
            }
        }
        $sheets = self::broken($blocks, max(1, intdiv($context->room->tall, self::LINE)));

        return array_map(
            static fn (array $some, int $i): Piece => self::piece(
                $some,
                $wide,
                'Steps of '.$name.(1 === \count($sheets) ? '' : ', '.($i + 1).' of '.\count($sheets)),
            ),
            $sheets,
            array_keys($sheets),
        );
    }

    /**
     * Sheets of so many lines at most, broken between steps.
     *
     * @param list<list<array{string, bool}>> $blocks
     *
     * @return list<non-empty-list<array{string, bool}>>
     */
    private static function broken(array $blocks, int $most): array
    {
        $sheets = [];
        $sheet = [];
        foreach ($blocks as $block) {
            if ([] !== $sheet && \count($sheet) + \count($block) > $most) {
                $sheets[] = $sheet;
                $sheet = [];
            }
            // One step longer than a sheet goes on over its end.
            foreach (array_chunk($block, max(1, $most)) as $i => $part) {
                if ($i > 0) {
                    $sheets[] = $sheet;
                    $sheet = [];
                }
                array_push($sheet, ...$part);
            }
        }
        if ([] !== $sheet) {
            $sheets[] = $sheet;
        }

        return array_values(array_filter($sheets, static fn (array $one): bool => [] !== $one));
    }

    /** @return list<string> */
    private static function steps(Context $context, Stint $piece): array
    {
        $texts = array_column($context->book->drawing($piece->page->page)->steps ?? [], 'text', 'key');

        return array_map(
            static fn (StepTime $step): string => $texts[$step->key] ?? '',
            \array_slice($piece->page->steps, $piece->from, $piece->to - $piece->from),
        );
    }

    /** @return list<array{string, bool}> lines, the first of a step with a box to tick, the others indented like it */
    private static function wrapped(string $words, int $letters, bool $isStep): array
    {
        $lines = Wrap::lines($words, $letters);

        return array_map(
            static fn (string $line, int $i): array => [($isStep && $i > 0 ? "\u{2003}" : '').$line, $isStep && 0 === $i],
            $lines,
            array_keys($lines),
        );
    }

    /** @param non-empty-list<array{string, bool}> $lines */
    private static function piece(array $lines, int $wide, string $name): Piece
    {
        $marks = [];
        foreach ($lines as $i => [$line, $isStep]) {
            $y = $i * self::LINE;
            if ($isStep) {
                [$at, $to] = [$y + 800, $y + 3_800];
                foreach ([[0, $at, 3_000, $at], [3_000, $at, 3_000, $to], [3_000, $to, 0, $to], [0, $to, 0, $at]] as $side) {
                    $marks[] = new SheetLine(Tone::Ink, ...$side);
                }
            }
            $isBeside = $isStep || str_starts_with($line, "\u{2003}");
            $x = $isBeside ? 5_000 : 0;
            if ('' !== $line) {
                $marks[] = new SheetWords(
                    Tone::Writing,
                    $x,
                    $y,
                    $wide - $x,
                    self::LINE,
                    ltrim($line, "\u{2003}"),
                    self::LETTERS,
                    Align::Start,
                );
            }
        }

        return new Piece($name, self::name(), $wide, \count($lines) * self::LINE, new Face($marks), cut: CutAlong::Nothing);
    }
}
