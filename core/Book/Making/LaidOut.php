<?php

/* What is laid out for a sitting: tools, pens, sheets to print first; and what to mind, said once. */

declare(strict_types=1);

namespace AmpleMargin\Book\Making;

use AmpleMargin\Book\Book;
use AmpleMargin\Drawing\Caution;
use AmpleMargin\Drawing\Frame;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Line;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Making\Sitting\Stint;
use AmpleMargin\Making\Worked;
use AmpleMargin\Plan\Making\PenSort;
use AmpleMargin\Plan\Making\PenUse;
use AmpleMargin\Plan\Making\TestedPen;
use AmpleMargin\Spread\Catalogue\Fact;

final class LaidOut
{
    /** Figures in one sitting from which a hand is reminded to rest. */
    private const MANY_FIGURES = 60;

    /**
     * @param list<string> $tools
     * @param list<string> $pens
     * @param list<string> $sheets
     * @param list<string> $cautions
     */
    private function __construct(
        public readonly array $tools,
        public readonly array $pens,
        public readonly array $sheets,
        public readonly array $cautions,
    ) {
    }

    /** @param list<Stint> $pieces */
    public static function for(Book $book, array $pieces): self
    {
        $layers = $colours = $tasks = $sheets = [];
        $figures = $glued = $lines = 0;
        $private = [];
        foreach ($pieces as $piece) {
            $drawing = $book->drawing($piece->page->page);
            if (null === $drawing) {
                continue;
            }
            $keys = array_flip(array_column(\array_slice($piece->page->steps, $piece->from, $piece->to - $piece->from), 'key'));
            $numbers = [];
            foreach ($drawing->steps as $step) {
                if (isset($keys[$step->key])) {
                    $numbers[$step->number] = true;
                    $tasks[$step->task->value] = true;
                }
            }
            foreach ($drawing->marks as $mark) {
                if (isset($numbers[$mark->step])) {
                    $layers[$mark->layer->value] = true;
                    null === $mark->colour || $colours[strtolower($mark->colour)] = true;
                    $lines += $mark instanceof Line || $mark instanceof Frame ? 1 : 0;
                }
            }
            foreach (array_intersect_key(Worked::steps($drawing), $numbers) as $work) {
                $figures += $work->figures;
                $glued += $work->glued;
            }
            [$name] = $book->nameAndNth($piece->page->page);
            $spread = $book->plan->spread($name);
            if (null !== $spread && $book->prints($spread)) {
                $sheets[$name] = "{$book->catalogue()->title($spread)}: what is cut out and stuck in";
            }
            $record = null === $spread ? '' : $book->catalogue()->of($spread)?->says(Fact::KeepsARecord) ?? '';
            if ('' !== $record && null !== $spread) {
                $private[$name] = "{$book->catalogue()->title($spread)} is private: think of who may see it before the book is carried "
                    .'around.';
            }
        }
        $cuts = isset($tasks[Task::Cut->value]);
        $tools = array_keys(array_filter([
            'pencil and eraser' => isset($layers[Layer::Pencil->value]) || isset($tasks[Task::Erase->value]),
            'ruler' => $lines > 0,
            'cutting mat, craft knife and steel ruler' => $cuts,
            'glue stick' => $glued > 0,
            'a card to lay under the hand' => $figures > self::MANY_FIGURES,
        ]));
        $pens = self::pens($book, $layers, $colours);

        return new self($tools, array_column($pens, 'name'), array_values($sheets), [
            ...($cuts ? ['Cut '.Caution::KNIFE.'. Cut away from the binding, pull the ribbons out of the way, cap the knife, and keep it '
                .'from '
                .'children. Scissors where they will do.'] : []),
            ...($figures > self::MANY_FIGURES ? ["$figures small figures: pause every 20 to 30 minutes, change your grip, stop when it "
                .'hurts.'] : []),
            ...([] !== array_filter($pens, static fn (array $pen): bool => $pen['solvent']) ? ['Solvent markers: open a window.'] : []),
            ...($glued > 0 ? ['Glue: stick for thin paper, tape for thick; what is glued in thickens the book by a leaf a layer.'] : []),
            ...array_values($private),
        ]);
    }

    /**
     * @param array<string, true> $layers
     * @param array<string, true> $colours
     *
     * @return list<array{name: string, solvent: bool}>
     */
    private static function pens(Book $book, array $layers, array $colours): array
    {
        $pens = [];
        $tested = $book->plan->whole->making->pens;
        foreach ([
            [Layer::Band, PenUse::Bands, PenSort::Highlighter],
            [Layer::Ink, PenUse::Lines, PenSort::Fineliner],
            [Layer::Writing, PenUse::Writing, PenSort::Gel],
        ] as [$layer, $use, $usual]) {
            if (!isset($layers[$layer->value])) {
                continue;
            }
            $used = array_filter($tested, static fn (TestedPen $pen): bool => \in_array($use, $pen->uses, true));
            foreach ([] === $used ? [null] : $used as $pen) {
                $name = $pen->name ?? ['bands' => 'a highlighter', 'lines' => 'a pen for lines', 'writing' => 'a pen for '
                    .'writing'][$use->value];
                $pens[$name] = ['name' => $name, 'solvent' => ($pen->sort ?? $usual)->isSolvent()];
            }
        }
        foreach ($book->plan->pens->pens as $pen) {
            $as = array_values(array_filter($tested, static fn (TestedPen $one): bool => $one->colour === $pen->colour))[0] ?? null;
            if (isset($colours[$pen->colour])) {
                $name = $as->name ?? ('' === $pen->means ? $pen->colour : "the pen for $pen->means");
                $pens[$name] = ['name' => $name, 'solvent' => $as?->sort->isSolvent() ?? false];
            }
        }

        return array_values($pens);
    }
}
