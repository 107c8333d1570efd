<?php

/* The spreads and month parts of a book laid out on its stock, each once; the index again when it is known what stands where. */

declare(strict_types=1);

namespace AmpleMargin\Book;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\MonthWeeks;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Paging\MonthPart;
use AmpleMargin\Plan\BookPlan;
use AmpleMargin\Plan\PatternPart;
use AmpleMargin\Plan\PlannedSpread;
use AmpleMargin\Plan\Section;
use AmpleMargin\Spread\Catalogue\Catalogue;
use AmpleMargin\Spread\Catalogue\Fact;
use AmpleMargin\Spread\Catalogue\HeldLists;
use AmpleMargin\Spread\Catalogue\Kind;
use AmpleMargin\Spread\Page\IndexRow;
use AmpleMargin\Spread\Page\Laid;
use AmpleMargin\Spread\Page\PageGrid;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\Asker;
use AmpleMargin\Spread\Part\FilledPart;
use AmpleMargin\Spread\Part\Filling;
use AmpleMargin\Spread\Part\Form;
use AmpleMargin\Spread\Part\HasCategories;
use AmpleMargin\Spread\Part\HasCutOuts;
use AmpleMargin\Spread\Part\HasLayouts;
use AmpleMargin\Spread\Part\PartRefused;
use AmpleMargin\Spread\Part\ReadsIndex;
use AmpleMargin\Spread\Setting\Settings;

final class Layouts
{
    public readonly Names $names;

    /** @var array<string, Laid> those that do not depend on the index, by spread; filled as they are asked for */
    private array $laid = [];

    /** @var array<string, bool> by spread */
    private array $half = [];

    public readonly Remembering $remembering;

    /** @var array<string, bool> spread → whether it reads the index */
    private array $reads = [];

    /** @param Names|null $names in the plan's language, where somebody has them already */
    public function __construct(
        private readonly BookPlan $plan,
        public readonly Catalogue $catalogue,
        ?Names $names = null,
        public readonly Faults $faults = new Faults(),
        public readonly Memory $memory = new Memory(),
    ) {
        $this->names = $names ?? new Names($plan->language);
        $this->remembering = new Remembering($plan, $memory, $faults);
    }

    /** Names all of the book that its pages are laid out from. */
    public function ofBook(): string
    {
        return $this->remembering->ofBook();
    }

    /** The same for a book that is like this one, and looked at only. */
    public function for(BookPlan $plan): self
    {
        return new self($plan, $this->catalogue, $this->names, memory: $this->memory);
    }

    /**
     * Null where nobody knows its kind.
     *
     * @param list<IndexRow> $index
     * @param list<string>   $numbering what to number before starting, where the pages have no numbers
     */
    public function ofSpread(PlannedSpread $spread, array $index, array $numbering = []): ?Laid
    {
        $form = $this->form($spread);
        if (null !== $form && $this->readsIndex($spread)) {
            $request = $this->request($spread)->reading($index, $numbering);

            return $this->remembering->spread($spread, static fn (): Laid => $form->layOut($request), [$index, $numbering]);
        }

        return null === $form ? null : $this->laid[$spread->id] ??= $this->remembering->spread(
            $spread,
            fn (): Laid => $form->layOut($this->request($spread)),
        );
    }

    /** Whether what a spread draws depends on the index of its book. */
    public function readsIndex(PlannedSpread $spread): bool
    {
        return $this->reads[$spread->id] ??= $this->remembering->of('reads', $spread, fn (): bool => $this->hasIndex($spread));
    }

    private function hasIndex(PlannedSpread $spread): bool
    {
        $reads = static fn (FilledPart $leaf): bool => $leaf->filling instanceof ReadsIndex;

        return [] !== array_filter($this->leaves($spread, $this->on($this->grid(), $spread)), $reads);
    }

    /**
     * What fills the parts of a spread, each with what it is asked; nothing where it cannot be parted as the plan says.
     *
     * @return list<array{Filling, Request}>
     */
    public function fillings(PlannedSpread $spread): array
    {
        $request = $this->on($this->grid(), $spread);
        $asker = new Asker($request);

        return array_map(
            static fn (FilledPart $leaf): array => [$leaf->filling, $asker->of($leaf)],
            $this->leaves($spread, $request),
        );
    }

    /** @return list<FilledPart> the parts of a spread; none where it cannot be parted as the plan says */
    private function leaves(PlannedSpread $spread, Request $request): array
    {
        try {
            return array_values($this->form($spread)?->parting($request)->leaves() ?? []);
        } catch (PartRefused) {
            return [];
        }
    }

    /** Null where nobody knows its kind. */
    public function ofPart(Month $month, MonthPart $part): ?Laid
    {
        $kind = $this->catalogue->kind($part->kind);

        return null === $kind
            ? null
            : $this->remembering->part(
                $month,
                $part,
                null === $kind->says(Fact::Theme) ? null : $this->theme($month),
                fn (): Laid => $this->part($kind, $month, $part),
            );
    }

    private function part(Kind $kind, Month $month, MonthPart $part): Laid
    {
        return $kind->form->layOut($this->ofMonth($kind, $month, $part))->upTo($part->pages);
    }

    /** How the pages of a part of a month are divided, as they are in the first month. */
    public function partsOfMonth(PatternPart $part): SpreadParts
    {
        $kind = $this->catalogue->kind($part->kind);
        [$month, $plan] = [$this->plan->period->start, $this->plan];
        $weeks = true === $kind?->ofMonth->byWeeks
            ? \array_slice(MonthWeeks::of($month, $plan->weeks->first, $plan->weeks->school, $plan->period), 0, 1)
            : [];

        return $this->partsIn($month, new MonthPart($part->kind, 1, max(1, $part->pages), $weeks, $part->settings));
    }

    /** What the form of a part of a month is asked. */
    private function ofMonth(Kind $kind, Month $month, MonthPart $part): Request
    {
        $sets = $kind->says(Fact::Theme);
        $theme = null === $sets ? null : $this->theme($month);
        $said = $part->settings + (null === $theme ? [] : [$sets => $theme]);

        return $this->catalogue->requestOfMonth($kind, $said, $month, $this->plan, $part->pages, $part->weeks, $this->names);
    }

    /** How the pages of a part of one month are divided, with its words. */
    public function partsIn(Month $month, MonthPart $part): SpreadParts
    {
        $kind = $this->catalogue->kind($part->kind) ?? $this->catalogue->byHand();

        return new SpreadParts($kind->form, $this->ofMonth($kind, $month, $part));
    }

    /** The theme of a month, as a spread of the book lists it; null where none does. */
    private function theme(Month $month): ?string
    {
        foreach ($this->plan->whole->spreads as $spread) {
            $kind = $this->catalogue->of($spread);
            $themes = null === $kind ? [] : HeldLists::themes($kind, $spread->settings);
            $said = $themes[$month->index() - $this->plan->period->start->index()] ?? null;
            if (null !== $said) {
                return $said;
            }
        }

        return null;
    }

    /**
     * A kind with nothing said of it, whether the plan has it or not; where it does not fit upright on its side, or as its form offers.
     *
     * @param list<IndexRow> $index
     */
    public function sampleOf(Kind $kind, array $index): Sample
    {
        $form = $kind->form;
        $asked = $this->sampleRequest($kind)->reading($index);
        $upright = $form->layOut($asked);
        $ways = [];
        if (null !== $upright->broken() && $asked->settings->mayBeTurned()) {
            $ways[] = [Settings::TURNED => true];
        }
        foreach ($upright->broken()->offers ?? [] as $offer) {
            $ways[] = $offer->changes();
        }
        foreach (array_filter($ways, static fn (array $way): bool => [] !== $way) as $settings) {
            $other = $form->layOut($asked->with($settings));
            if (null === $other->broken()) {
                return new Sample($other, $settings);
            }
        }

        return null === $upright->broken() && [] !== array_filter($upright->findings)
            ? self::quiet($form, $asked, $upright->pages) ?? new Sample($upright)
            : new Sample($upright);
    }

    /** Another layout with so many pages of which there is nothing to say on this paper: nobody should begin with a finding. */
    private static function quiet(Form $form, Request $asked, int $pages): ?Sample
    {
        foreach ($form instanceof HasLayouts ? $form->layouts($asked) : [] as $layout) {
            $laid = $form->layOut($asked->with($layout->settings));
            if ([] === array_filter($laid->findings) && $laid->pages === $pages) {
                return new Sample($laid, $layout->settings);
            }
        }

        return null;
    }

    /** What the form of a kind is asked where nothing is said of it yet. */
    public function sampleRequest(Kind $kind): Request
    {
        $sample = new PlannedSpread("sample-$kind->id", $kind->id, $kind->section ?? Section::Back);

        return $this->catalogue->with($kind)->request($sample, $this->plan, $this->grid(), $this->names);
    }

    /** A kind as a part of the first month, with nothing said of it, on the pages it needs there; of the weeks, the first. */
    public function sampleOfPart(Kind $kind): Sample
    {
        $month = $this->plan->period->start;
        $byWeeks = $kind->ofMonth->byWeeks;
        $plan = $this->plan;
        $weeks = $byWeeks ? MonthWeeks::of($month, $plan->weeks->first, $plan->weeks->school, $plan->period) : [];
        $each = intdiv($this->plan->weeks->pages->halves() + 1, 2);
        $on = fn (int $pages, array $settings = []): Laid => $this->part(
            $kind,
            $month,
            new MonthPart($kind->id, 1, $pages, \array_slice($weeks, 0, 1), $settings),
        );
        $usual = $on($byWeeks ? $each : $kind->ofMonth->pages);
        if ($byWeeks || null === $usual->broken()) {
            return new Sample($usual);
        }
        foreach ([[0, []], [$kind->ofMonth->pages, [Settings::TURNED => true]], [0, [Settings::TURNED => true]]] as [$pages, $settings]) {
            $other = $on($pages, $settings);
            if (null === $other->broken()) {
                return new Sample($other, $settings);
            }
        }

        return new Sample($usual);
    }

    /** What the form of a spread is asked. */
    public function request(PlannedSpread $spread): Request
    {
        return $this->on($this->isHalf($spread) ? $this->halfPage() : $this->grid(), $spread);
    }

    /** The form of a spread; null where nobody knows its kind. */
    public function form(PlannedSpread $spread): ?Form
    {
        return $this->catalogue->kind($spread->kind)?->form;
    }

    /**
     * The categories a spread has a column for; none where it has no columns of that sort.
     *
     * @return list<string>
     */
    public function categories(PlannedSpread $spread): array
    {
        foreach ($this->fillings($spread) as [$filling, $asked]) {
            if ($filling instanceof HasCategories) {
                return $filling->categories($asked);
            }
        }

        return [];
    }

    /** Whether the person wants it on half a page. */
    public function isHalfAsked(PlannedSpread $spread): bool
    {
        return true === $this->catalogue->kind($spread->kind)?->is(Fact::SharesAPage)
            && true === ($spread->settings[Kind::HALF] ?? false)
            && $this->plan->stock->down >= 4;
    }

    /** Whether it takes half a page and may share it: only what would fill a single page can. */
    public function isHalf(PlannedSpread $spread): bool
    {
        return $this->half[$spread->id] ??= $this->isHalfAsked($spread) && $this->remembering->of(
            'half',
            $spread,
            fn (): bool => 1 === $this->form($spread)?->layOut($this->on($this->grid(), $spread))->pages,
        );
    }

    /** Whether there is something to print and stick into a spread. */
    public function prints(PlannedSpread $spread): bool
    {
        return $this->remembering->of('prints', $spread, fn (): bool => $this->hasCutOut($spread));
    }

    private function hasCutOut(PlannedSpread $spread): bool
    {
        foreach ($this->fillings($spread) as [$filling, $asked]) {
            if ($filling instanceof HasCutOuts && $filling->hasCutOut($asked)) {
                return true;
            }
        }

        return false;
    }

    private function on(PageGrid $grid, PlannedSpread $spread): Request
    {
        return $this->catalogue->request($spread, $this->plan, $grid, $this->names);
    }

    private function grid(): PageGrid
    {
        return PageGrid::of($this->plan->stock, $this->plan->counting);
    }

    private function halfPage(): PageGrid
    {
        $stock = $this->plan->stock;

        return new PageGrid($stock->across, $stock->half(), $this->plan->counting, $stock->pitch);
    }
}
