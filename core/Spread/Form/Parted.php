<?php

/*
 * Pages divided into parts, each filled in its own way. Whatever fills them, the steps are those of the whole page: ticks of
 * all parts along each edge at once, then bands, then ink, then writing. What a part has no room for goes on in the same part
 * of the next page.
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Form;

use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Edge;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Offer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Spread\Closing;
use AmpleMargin\Spread\Filling\GoesOn;
use AmpleMargin\Spread\Filling\Table\Axis;
use AmpleMargin\Spread\Form;
use AmpleMargin\Spread\HasParts;
use AmpleMargin\Spread\Laid;
use AmpleMargin\Spread\Part\Asker;
use AmpleMargin\Spread\Part\Filled;
use AmpleMargin\Spread\Part\Leaf;
use AmpleMargin\Spread\Part\NoRoom;
use AmpleMargin\Spread\Part\PartsOfPage;
use AmpleMargin\Spread\Part\Piece;
use AmpleMargin\Spread\Part\PlacedLeaf;
use AmpleMargin\Spread\Part\Region;
use AmpleMargin\Spread\Request;
use AmpleMargin\Spread\Setting\Settings;
use AmpleMargin\Spread\TakenUp;

final class Parted implements Form, HasParts
{
    /** Settings of fillings that say what their rows, columns or cells stand for. */
    private const RECKONED = ['of' => true, 'rows_of' => true, 'columns_of' => true];

    /** A list longer than this is a book of its own. From memory. */
    private const MOST_PAGES = 12;

    /** @param bool $byHand whether its parts stand in the plan, and not in a kind */
    public function __construct(private readonly Piece $piece, private readonly bool $byHand = false)
    {
    }

    public function fields(): array
    {
        $fields = array_merge([], ...array_map(static fn (Leaf $leaf): array => $leaf->fields(), $this->piece->leaves()));

        // What several parts are asked for is asked once, for all of them.
        return array_values(array_column($fields, null, 'name'));
    }

    public function layOut(Request $request): Laid
    {
        $asker = new Asker($request);
        try {
            $placed = $this->piece->place($asker, new Region(0, 0, $request->grid->across, $request->grid->down));
        } catch (NoRoom $none) {
            return Laid::refused($request->grid, new Finding($request->id, $none->getMessage()));
        }
        [$pages, $more] = $this->pages($asker, $placed);
        $findings = array_map(
            static fn (array $parts): array => array_merge(...array_map(static fn (Filled $part): array => $part->findings, $parts)),
            $pages,
        );
        if ([] !== $more) {
            $findings[\count($pages) - 1][] = new Finding(
                $request->id,
                'This takes more than '.Plural::of(self::most($request), 'page', 'pages').'. Shorten it, or take fewer boxes a row.',
            );
        }

        return Laid::pages($request->grid, $pages, $this->page(...), $this->orTurned($request, $findings));
    }

    /**
     * What does not fit, with the page turned as a way out where everything fits then.
     *
     * @param array<int, list<Finding>> $findings
     *
     * @return array<int, list<Finding>>
     */
    private function orTurned(Request $request, array $findings): array
    {
        $broken = array_filter(array_merge(...$findings), static fn (Finding $one): bool => $one->broken);
        if ([] === $broken || null !== $request->calendar->month || !$request->settings->mayBeTurned()) {
            return $findings;
        }
        if (null !== $this->layOut($request->with([Settings::TURNED => true]))->broken()) {
            return $findings;
        }
        $turn = Offer::settings($request->id, 'Turn the page sideways', [Settings::TURNED => true]);

        return array_map(static fn (array $page): array => array_map(
            static fn (Finding $one): Finding => $one->broken ? $one->offering($turn) : $one,
            $page,
        ), $findings);
    }

    public function isByMonth(): bool
    {
        foreach ($this->piece->leaves() as $leaf) {
            if (\in_array(Axis::MONTHS, array_intersect_key($leaf->settings, self::RECKONED), true)) {
                return true;
            }
        }

        return false;
    }

    public function parting(Request $request): Piece
    {
        return $this->piece;
    }

    public function parts(Request $request): PartsOfPage
    {
        return PartsOfPage::of($this->piece, new Asker($request));
    }

    /**
     * @param list<PlacedLeaf> $placed
     *
     * @return array{non-empty-list<non-empty-list<Filled>>, array<int, int>} and what has no page any more: part → entry
     */
    private function pages(Asker $asker, array $placed): array
    {
        $pages = [];
        $from = array_map(static fn (): int => 0, $placed);
        do {
            [$parts, $from] = $this->onePage($asker, $placed, $from, 0 === \count($pages));
            if ([] === $parts) {
                break;
            }
            $pages[] = $parts;
        } while ([] !== $from && \count($pages) < self::most($asker->page));

        return [[] === $pages ? throw new \LogicException('A page has a part.') : $pages, $from];
    }

    /**
     * Each part with the entry it goes on with; what it has no room for goes on in the parts behind it that take it up.
     *
     * @param list<PlacedLeaf> $placed
     * @param array<int, int>  $from   part → entry, of those that are not done
     *
     * @return array{list<Filled>, array<int, int>} the parts drawn, and where each goes on on the next page
     */
    private function onePage(Asker $asker, array $placed, array $from, bool $first): array
    {
        $parts = [];
        $going = [];
        $source = null;
        foreach ($placed as $i => $part) {
            if (!$part->leaf->filling instanceof GoesOn) {
                $source = $i;
                $entry = $from[$i] ?? null;
            } else {
                $entry = $going[$source] ?? null;
                unset($going[$source]);
                $part = null === $source || null === $entry ? $part : $this->takingUp($asker, $placed[$source], $part);
            }
            if (null === $entry && !($first && $part->leaf->filling instanceof GoesOn)) {
                continue;
            }
            $parts[] = $filled = $this->filled($asker, $part, $entry ?? 0);
            // A part too small to take it up leaves it to the next one.
            $next = null === $part->says ? $filled->next : ($part === $placed[$i] && $i === $source ? null : $entry);
            if (null !== $next) {
                $going[$source ?? $i] = $next;
            }
        }

        return [$parts, $going];
    }

    /** A part that takes up another, where it has room for that and it counts entries. */
    private function takingUp(Asker $asker, PlacedLeaf $source, PlacedLeaf $part): PlacedLeaf
    {
        $fits = $source->leaf->place($asker, $part->region, $part->path)[0];

        return $source->leaf->filling instanceof TakenUp ? $fits : new PlacedLeaf(
            $part->leaf,
            $part->region,
            $part->path,
            "{$source->leaf->called()} goes on on the next page and not in another part.",
        );
    }

    /** Pages it may take: as many as a month's pattern gives it, where it gives some. */
    private static function most(Request $request): int
    {
        return $request->pages > 0 ? $request->pages : self::MOST_PAGES;
    }

    /** A part too small for what fills it stays free, and says so. */
    private function filled(Asker $asker, PlacedLeaf $placed, int $from): Filled
    {
        $offers = new PartOffers($asker, $this->byHand);
        if (null === $placed->says) {
            return $placed->leaf->filling->fill($asker->of($placed->leaf), $placed->region, $from)->offering(
                static fn (): array => $offers->of($placed),
            );
        }
        $region = $placed->region;

        return new Filled(
            findings: [new Finding($asker->page->id, $placed->says, $offers->of($placed))],
            pencil: static function (Canvas $canvas) use ($region): void {
                $canvas->step(Task::Pencil, "Mark the part that is kept free: $region->wide × $region->tall boxes.");
                $canvas->frame(Layer::Pencil, $region->x, $region->y, $region->wide, $region->tall);
            },
        );
    }

    /** @param non-empty-list<Filled> $parts */
    private function page(Canvas $canvas, array $parts): void
    {
        $this->tick($canvas, Edge::Top, array_map(static fn (Filled $part): array => $part->top(), $parts), $canvas->across);
        $this->tick($canvas, Edge::Side, array_map(static fn (Filled $part): array => $part->side(), $parts), $canvas->down);
        foreach ($parts as $part) {
            foreach ($part->workings() as [$note, $figure, $arithmetic]) {
                $canvas->working($note, $figure, $arithmetic);
            }
        }
        foreach (['pencil', 'band', 'ink', 'write'] as $layer) {
            foreach (array_column($parts, $layer) as $draw) {
                if ($draw instanceof \Closure) {
                    $draw($canvas);
                }
            }
        }
        $checks = array_map(static fn (Filled $part): string => $part->check(), $parts);
        $checks = array_values(array_unique(array_filter($checks, static fn (string $check): bool => '' !== $check)));
        if ([] !== $checks) {
            Closing::page($canvas, array_shift($checks));
        }
        foreach ($checks as $check) {
            $canvas->step(Task::Check, $check);
        }
    }

    /**
     * The ticks of all parts along one edge, each made once; the words say what is ticked where.
     *
     * @param list<array<int, string>> $parts place → what
     */
    private function tick(Canvas $canvas, Edge $edge, array $parts, int $side): void
    {
        $ticks = [];
        foreach ($parts as $part) {
            foreach ($part as $at => $what) {
                if ($at > 0 && $at < $side) {
                    $ticks[$at][] = $what;
                }
            }
        }
        ksort($ticks);
        $what = array_values(array_unique(array_merge([], ...array_values($ticks))));
        $canvas->tickAll($edge, array_keys($ticks), implode('; ', $what), 'parts');
    }
}
