<?php

/*
 * Pages divided into parts, each filled in its own way. Whatever fills them, the steps are those of the whole page: ticks of
 * all parts along each edge at once, then bands, then ink, then writing. What a part has no room for goes on in the same part
 * of the next page.
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part;

use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Edge;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Offer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Spread\Page\Closing;
use AmpleMargin\Spread\Page\FlipOut;
use AmpleMargin\Spread\Page\Heading;
use AmpleMargin\Spread\Page\Laid;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Setting\Settings;

final class Parted implements Form
{
    /** A list longer than this is a book of its own. From memory. */
    public const MOST_PAGES = 12;

    /** @param bool $byHand whether its parts stand in the plan, and not in a kind */
    public function __construct(private readonly Portion $piece, private readonly bool $byHand = false)
    {
    }

    public function fields(): array
    {
        $cut = Run::cutOf($this->piece);
        $leaves = array_map(static fn (FilledPart $leaf): array => $leaf->fields(), $this->piece->leaves());
        $fields = array_merge($cut?->fields() ?? [], ...$leaves);

        if (TitleStands::isIn($this->piece)) {
            $fields[] = TitleStands::field();
        }

        // What several parts are asked for is asked once, for all of them.
        return array_values(array_column($fields, null, 'name'));
    }

    public function layOut(Request $request): Laid
    {
        $request = $request->inItsTime();
        if ([] !== $request->settings->ofParts() || TitleStands::isSaid($request->settings)) {
            $plain = $request->asking($request->settings->with([Settings::OF_PARTS => null, TitleStands::SETTING => null]));

            return (new self($this->parting($request), $this->byHand))->layOut($plain);
        }

        return TitleStands::isFoldedIn($this->piece) ? $this->acrossTheFold($request) : $this->laid($request);
    }

    /** Pages with their title across the fold, where they have one; else with the title at the head, saying why. */
    private function acrossTheFold(Request $request): Laid
    {
        $laid = $this->laid($request);
        $why = match (true) {
            null !== Run::cutOf($this->piece) => 'leaves of these pages are cut',
            null !== $request->calendar->month && 2 !== $request->pages => 'the months do not give it two pages',
            $this->piece instanceof Run && $this->piece->flows => 'its first page goes on over as many pages as it takes',
            $laid->pages < 2 => 'this takes one page',
            !TitleStands::meet($this->piece) => 'its other half is not on the page opposite',
            null === Heading::folded($request) => 'it has letters that join, one letter only, or more of them than boxes',
            default => null,
        };
        if (null === $why) {
            return $laid->openingFlat();
        }
        $headed = (new self(TitleStands::unfolded($this->piece), $this->byHand))->laid($request);
        $says = Heading::quoted($request->title)." stands at the head of its page, and not across the fold: $why.";

        return $headed->saying([[...$headed->findings[0] ?? [], new Finding($request->id, $says, [], false)]] + $headed->findings);
    }

    private function laid(Request $request): Laid
    {
        $cut = Run::cutOf($this->piece);
        $request = $this->onItsPage($request);
        $asker = new Asker($request);
        try {
            $sheets = PlacedPage::allOf($this->piece, $asker);
        } catch (NoRoom $none) {
            return Laid::refused($request->grid, new Finding($request->id, $none->getMessage()));
        }
        $most = null === $cut ? self::most($request) : \count($sheets);
        [$pages, $more] = (new Flow($asker, $this->byHand, $this->piece instanceof Run && $this->piece->flows))->through($sheets, $most);
        $findings = array_map(
            static fn (array $parts): array => array_merge(...array_map(static fn (Filled $part): array => $part->findings, $parts)),
            $pages,
        );
        array_push($findings[0], ...$cut?->findings($request) ?? []);
        foreach ($sheets as $nth => $sheet) {
            // Where the first goes on over more pages, the others are the last.
            $page = 0 === $nth ? 0 : max($nth, \count($pages) - \count($sheets) + $nth);
            array_push($findings[$page], ...null === $sheet->says ? [] : [new Finding($request->id, $sheet->says)]);
        }
        if ([] !== $more) {
            $findings[\count($pages) - 1][] = new Finding(
                $request->id,
                'This takes more than '.Plural::of($most, 'page', 'pages').'. Shorten it, or take fewer boxes a row.',
            );
        }
        $cuts = array_map(static fn (PlacedPage $page): ?CutPage => $page->cut, $sheets);
        $laid = Laid::pages(
            $request->grid,
            $pages,
            fn (Canvas $canvas, array $parts, int $nth) => $this->page($canvas, $parts, $cuts[$nth] ?? null),
            null === $cut ? $this->orTurned($request, $findings) : $findings,
        );
        // On one page what lies side by side is as thick as the thickest; pages add up.
        $laid = $laid->gluing(array_sum(array_map(
            static fn (array $parts): int => max(0, ...array_map(static fn (Filled $part): int => $part->fastened->layers, $parts)),
            $pages,
        )), array_filter(array_map(
            static fn (array $parts): array => array_map(
                static fn (FlipOut $flip): FlipOut => $flip->moved(...$request->grid->corner()),
                array_values(array_filter(array_map(static fn (Filled $part): ?FlipOut => $part->fastened->flip, $parts))),
            ),
            $pages,
        )));
        if (null !== $cut && $this->piece instanceof Run) {
            $removed = array_filter(array_map(static fn (?CutPage $page): array => $page->removed ?? [], $cuts));

            return $laid->cut($cut->starts(\count($this->piece->pages)), $removed);
        }

        $isOpen = $this->piece instanceof Run ? !$this->piece->flows : $laid->pages > 1 && $this->liesOpen($asker);

        return $isOpen ? $laid->openingFlat() : $laid;
    }

    private function liesOpen(Asker $asker): bool
    {
        foreach ($this->piece->leaves() as $leaf) {
            if ($leaf->filling instanceof LiesOpen && $leaf->filling->liesOpen($asker->of($leaf))) {
                return true;
            }
        }

        return false;
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
        if (null !== Run::cutOf($this->piece)) {
            return true;
        }
        foreach ($this->piece->leaves() as $leaf) {
            if ($leaf->filling instanceof ByMonth && $leaf->filling->isByMonth($leaf->settings)) {
                return true;
            }
        }

        return false;
    }

    public function parting(Request $request): Portion
    {
        $piece = OfParts::over($this->piece, $request->settings->ofParts());
        $over = TitleStands::over($piece, $request->settings);

        return TitleStands::isCentred($request->settings) && !$this->hasWhatGoesOn($over, $request)
            ? TitleStands::leftAtHead($piece)
            : $over;
    }

    /** Whether something is left for below a title in the middle of its page. */
    private function hasWhatGoesOn(Portion $piece, Request $request): bool
    {
        $asker = new Asker($this->onItsPage($request->inItsTime()));
        $leaves = PartsOfPage::of($piece, $asker)->leaves;
        foreach ($leaves as $nth => $leaf) {
            $above = $leaves[$nth - 2] ?? null;
            if ($leaf->leaf->filling instanceof TakesUp && null !== $above && $leaves[$nth - 1]->leaf->filling instanceof HeadsPage) {
                return null === $above->says
                    && null !== $above->leaf->filling->fill($asker->of($above->leaf), $above->region, 0)->next;
            }
        }

        return true;
    }

    public function parts(Request $request): PartsOfPage
    {
        return PartsOfPage::of($this->parting($request), new Asker($this->onItsPage($request->inItsTime())));
    }

    /**
     * A leaf is cut as the book stands, and no border or line runs round what is cut away; what is counted from the edges of the paper has
     * them.
     */
    private function onItsPage(Request $request): Request
    {
        if (null !== Run::cutOf($this->piece)) {
            return $request->on($request->grid->lying(false)->whole());
        }
        $asker = new Asker($request);
        foreach ($this->piece->leaves() as $leaf) {
            if ($leaf->filling instanceof NeedsEdges && $leaf->filling->needsEdges($asker->of($leaf))) {
                return $request->on($request->grid->whole());
            }
        }

        return $request;
    }

    /** Pages it may take: as many as a month's pattern gives it, where it gives some. */
    private static function most(Request $request): int
    {
        return $request->pages > 0 ? $request->pages : self::MOST_PAGES;
    }

    /** @param non-empty-list<Filled> $parts */
    private function page(Canvas $canvas, array $parts, ?CutPage $cut): void
    {
        PageTicks::along($canvas, Edge::Top, $parts);
        PageTicks::along($canvas, Edge::Side, $parts);
        foreach ($parts as $part) {
            foreach ($part->workings() as $one) {
                $canvas->working($one->note, $one->figure, $one->arithmetic);
            }
        }
        foreach (['pencil', 'band', 'ink', 'write'] as $layer) {
            foreach ($parts as $part) {
                $draw = $part->layers->{$layer};
                if (null !== $draw) {
                    $canvas->of($part->layers->called);
                    $draw($canvas);
                }
            }
            $canvas->of(null);
            if (null !== $cut) {
                CutLines::on($canvas, $cut, $layer);
            }
        }
        $this->check($canvas, $parts);
    }

    /**
     * What every part is checked by, once the pencil is gone.
     *
     * @param non-empty-list<Filled> $parts
     */
    private function check(Canvas $canvas, array $parts): void
    {
        $said = [];
        foreach ($parts as $part) {
            $says = $part->check->says();
            if ('' === $says || isset($said["{$part->layers->called} $says"])) {
                continue;
            }
            if ([] === $said) {
                Closing::erase($canvas);
            }
            $said["{$part->layers->called} $says"] = true;
            $canvas->of($part->layers->called);
            $canvas->step(Task::Check, $says, $part->check->of, was: $part->check->was);
        }
        $canvas->of(null);
    }
}
