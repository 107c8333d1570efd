<?php

/* What a book's tray comes to: everything asked for, packed on its paper, with what cannot be printed named and left out. */

declare(strict_types=1);

namespace AmpleMargin\Book\Printing;

use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Sheet\Sheet;
use AmpleMargin\Sheet\SheetRefused;
use AmpleMargin\Sheet\Tray\Labels;
use AmpleMargin\Sheet\Tray\Tray;

final class BookTray
{
    /**
     * @param array<string, int>    $counts what was asked for → pieces of it
     * @param array<string, string> $left   what was asked for → why there is nothing of it
     */
    private function __construct(public readonly Tray $tray, public readonly array $counts, private readonly array $left)
    {
    }

    /** @param list<string> $asked */
    public static function of(Context $context, array $asked, ?Labels $labels = null): self
    {
        $pieces = $counts = $left = [];
        foreach (\array_slice($asked, 0, Printables::MOST) as $one) {
            try {
                $found = $context->taking(static fn (): array => Printables::pieces($context, $one));
            } catch (PlanProblem|SheetRefused $why) {
                $left[$one] = Printables::says($one, $context->book).': '.$why->getMessage();
                continue;
            }
            array_push($pieces, ...$found);
            $counts[$one] = \count($found);
        }
        $tray = Tray::packed($pieces, $context->room, $context->book->plan->title, $labels);

        return new self($tray, $counts, $left);
    }

    /** @return list<string> why something is left out, in sentences */
    public function says(): array
    {
        return [...array_values($this->left), ...$this->tray->left];
    }

    /** @return list<Sheet> as they come out of the printer: front, back, front, back */
    public function sides(): array
    {
        return array_merge(...$this->tray->sheets, ...[[]]);
    }

    /** Whether some sheets are printed on both sides. */
    public function isTwoSided(): bool
    {
        return [] !== array_filter($this->tray->sheets, static fn (array $sides): bool => \count($sides) > 1);
    }
}
