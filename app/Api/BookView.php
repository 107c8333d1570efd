<?php

/* A book as the API answers it: everything a screen shows that is not a drawing. */

declare(strict_types=1);

namespace App\Api;

use AmpleMargin\Book\Book;
use AmpleMargin\Book\ComposedPlan;
use AmpleMargin\Book\Memory;
use AmpleMargin\Calendar\MonthWeek;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Carrying\LastingWords;
use AmpleMargin\Counting\Hand;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Making\PenVerdict;
use AmpleMargin\Paging\IndexCorrection;
use AmpleMargin\Paging\MonthBlock;
use AmpleMargin\Paging\MonthPart;
use AmpleMargin\Paging\PlacedSpread;
use AmpleMargin\Paper\Leaf;
use AmpleMargin\Plan\BookPlan;
use AmpleMargin\Plan\Making\Slip;
use AmpleMargin\Plan\Old\OldWriter;
use AmpleMargin\Plan\OwnKind;
use AmpleMargin\Plan\Pattern;
use AmpleMargin\Plan\PatternPart;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlannedSpread;
use AmpleMargin\Plan\PlanWriter;
use AmpleMargin\Plan\Section;
use AmpleMargin\Plan\TakenSplit;
use AmpleMargin\Plan\Volume;
use AmpleMargin\Plan\Wardrobe;
use AmpleMargin\Spread\Catalogue\Catalogue;
use AmpleMargin\Spread\Catalogue\OwnKinds;
use AmpleMargin\Spread\Page\IndexRow;
use App\Entity\Notebook;
use App\Plan\Composing;
use App\Plan\PlanFiles;
use App\Plan\Unreadable;
use App\Repository\Memories;
use App\Repository\Notebooks;

final class BookView
{
    public function __construct(
        private readonly Notebooks $notebooks,
        private readonly PlanFiles $files,
        private readonly Composing $composing,
        private readonly Memories $memories,
    ) {
    }

    /** @throws NotFound|Unreadable where the notebook has no such book, or its plan cannot be read */
    public function compose(Notebook $notebook, string $volume = Volume::FIRST): Book
    {
        return self::asked($this->composed($notebook), $volume);
    }

    /** One book of a plan that is looked at and not kept. @throws NotFound|Unreadable */
    public function composePlan(Plan $plan, string $volume): Book
    {
        return self::asked($this->safely($plan), $volume);
    }

    private static function asked(ComposedPlan $composed, string $volume): Book
    {
        return $composed->has($volume) ? $composed->book($volume) : throw new NotFound("This notebook has no book $volume.");
    }

    /** One book's plan, not composed. @throws NotFound|Unreadable */
    public function plan(Notebook $notebook, string $volume): BookPlan
    {
        return $this->files->stored($notebook->plan())->inBook($volume) ?? throw new NotFound("This notebook has no book $volume.");
    }

    /** @throws Unreadable */
    public function composed(Notebook $notebook): ComposedPlan
    {
        return $this->safely($this->files->stored($notebook->plan()), $this->memories->of($notebook->id));
    }

    private function safely(Plan $plan, Memory $memory = new Memory()): ComposedPlan
    {
        try {
            return $this->composing->asKept($plan, $memory);
        } catch (\Throwable $failure) {
            throw new Unreadable($failure);
        }
    }

    /** @return array<string, mixed> an entry of the shelf, as it was kept or worked out now @throws Unreadable */
    public function shelf(Notebook $notebook): array
    {
        return ['id' => $notebook->id, 'version' => $notebook->version(), 'begun' => null !== $this->notebooks->lastTick($notebook)]
            + ($notebook->shelfEntry(ShelfEntry::FORM) ?? ShelfEntry::of($this->composed($notebook)));
    }

    /** @return array<string, mixed> a notebook whose plan cannot be read: what of it can be said, and why */
    public function unreadable(Notebook $notebook, Unreadable $why): array
    {
        $plan = json_decode($notebook->plan(), true, 64, \JSON_INVALID_UTF8_SUBSTITUTE);
        $title = \is_array($plan) && \is_string($plan['title'] ?? null) ? $plan['title'] : '';

        return [
            'id' => $notebook->id,
            'version' => $notebook->version(),
            'title' => '' === trim($title) ? 'A notebook without a title' : mb_substr($title, 0, 200),
            'says' => $why->getMessage(),
            'undo' => $this->notebooks->around($notebook)[0],
        ];
    }

    /** @return array<string, mixed> */
    public function book(Notebook $notebook, string $volume, ComposedPlan $composed): array
    {
        // An edit can take away the book it was made in; the first is always there.
        $volume = $composed->has($volume) ? $volume : Volume::FIRST;
        $book = $composed->book($volume);
        [$undo, $redo] = $this->notebooks->around($notebook);

        return $this->head($notebook, $book) + $this->body($book) + [
            'book' => $volume,
            'volumes' => ShelfEntry::volumes($composed),
            'undo' => $undo,
            'redo' => $redo,
        ];
    }

    /** @return array<string, mixed> the same without a notebook in the database, for the command line */
    public function body(Book $book): array
    {
        $plan = PlanWriter::plan($book->plan->whole);

        return [
            'weeks' => $plan['weeks'],
            'counting' => $book->plan->counting->value,
            'language' => $book->plan->language,
            'sections' => array_map(
                static fn (Section $section): array => [
                    'id' => $section->value,
                    'words' => $section->words(),
                    'may_mix' => $section->mayMix(),
                ],
                Section::cases(),
            ),
            'spreads' => array_map(fn (PlannedSpread $spread): array => $this->spread($book, $spread), $book->plan->inOrder()),
            'patterns' => array_map(PlanWriter::pattern(...), $book->plan->months->patterns),
            'pattern_asks' => (object) array_map(
                static fn (Pattern $pattern): array => self::asks($pattern, $book->catalogue()),
                array_column($book->plan->months->patterns, null, 'id'),
            ),
            'usual_pattern' => $book->plan->months->usual,
            'months' => array_map(fn (MonthBlock $block): array => $this->month($book, $block), $book->months),
            'pages' => $this->pages($book),
            'index' => array_map(
                static fn (IndexRow $row): array => ['name' => $row->name, 'pages' => $row->pages, 'month' => $row->isMonth],
                $book->index,
            ),
            'findings' => array_map(self::finding(...), $book->findings()),
            'spare' => $book->plan->months->spare->value,
            'palette' => PlanWriter::palette($book->plan->pens),
            'bleeding' => self::bleeding($book),
            'samples' => SamplesKey::of($book, $plan),
            'own_palette' => null !== $book->plan->whole->palette,
            'dress' => self::dress($book->plan->whole->dress),
            'hand' => [
                'sentence' => Hand::SENTENCE,
                'boxes' => ($book->plan->hand ?? Hand::usual())->boxesOf(Hand::SENTENCE, $book->plan->stock->pitch),
                'own' => null !== $book->plan->hand,
            ],
            'kinds' => array_map(
                static fn (OwnKind $own): array => KindView::of(OwnKinds::kind($own)),
                $book->plan->whole->kinds,
            ),
            'taken' => array_map(
                static fn (TakenSplit $one): array => [
                    'id' => $one->id,
                    'on' => $one->on,
                    'nth' => $one->nth,
                    'says' => "{$one->side()} boxes: ".($one->split()?->run() ?? ''),
                ],
                $book->plan->taken,
            ),
            'tray' => $book->plan->whole->making->tray,
            'next_time' => OldWriter::notes($book->plan->whole->nextTime),
            'slips' => array_map(
                static fn (Slip $slip): array => [
                    'id' => $slip->id,
                    'kind' => $slip->kind->value,
                    'words' => $slip->kind->words(),
                    'on' => $slip->on,
                    'nth' => $slip->nth,
                    'page' => $slip->page,
                    'title' => $slip->title,
                    'saved' => $slip->saved,
                ],
                $book->plan->whole->making->slips,
            ),
            'mixing' => array_column($book->plan->mixing, 'value'),
            'in_use' => [
                'lost' => $book->plan->inUse->lost,
                'corrections' => array_map(self::correction(...), $book->corrections),
                'forecast' => $book->forecast?->sentence(),
                'forecast_end' => $book->forecast?->end,
                'sure' => self::sure($book),
            ],
            'placement' => ['empty' => $book->front->empty, 'moved' => $book->front->moved, 'proven' => $book->front->proven],
        ];
    }

    /** @return list<array{colour: string, name: string}> pens that were seen to bleed on this paper, by their colour */
    private static function bleeding(Book $book): array
    {
        $pens = $book->plan->whole->making->pens;
        $bleeding = [];
        foreach ($pens as $pen) {
            $verdict = PenVerdict::of($pen, $pens, $book->plan->stock->grammage);
            if (null !== $pen->colour && $verdict->seen && $verdict->bleeds) {
                $bleeding[] = ['colour' => $pen->colour, 'name' => $pen->name];
            }
        }

        return $bleeding;
    }

    /** @return array{name: string, was: string, now: string} */
    public static function correction(IndexCorrection $one): array
    {
        return ['name' => $one->name, 'was' => $one->was, 'now' => $one->now];
    }

    /** @return array<string, mixed>|null how sure it lasts */
    private static function sure(Book $book): ?array
    {
        $lasting = $book->lasting();
        $ends = $lasting->ends ?? [];

        return null === $lasting ? null : [
            'says' => LastingWords::of($lasting, new Names('en')),
            'of_hundred' => $lasting->ofHundred(),
            'ends' => array_map(
                static fn (string $month, array $pages): array => ['month' => $month, 'from' => $pages[0], 'to' => $pages[1]],
                array_keys($ends),
                $ends,
            ),
        ];
    }

    /** @return array<string, mixed> */
    public static function finding(Finding $finding): array
    {
        return [
            'about' => $finding->about,
            'says' => $finding->says,
            'see' => $finding->see,
            'offers' => array_map(get_object_vars(...), $finding->offers),
            'broken' => $finding->broken,
        ];
    }

    /** @return array<string, mixed> */
    private function head(Notebook $notebook, Book $book): array
    {
        return ['id' => $notebook->id, 'version' => $notebook->version()] + ShelfEntry::head($book);
    }

    /** @return array<string, mixed> */
    private function spread(Book $book, PlannedSpread $spread): array
    {
        $kind = $book->catalogue()->kind($spread->kind);
        $placed = null;
        foreach ([...$book->front->placed, ...$book->back->placed] as $one) {
            $placed = $one->spread->id === $spread->id ? $one : $placed;
        }
        $size = $placed;
        foreach ([...$book->front->homeless, ...$book->back->homeless] as $one) {
            $size ??= $one->spread->id === $spread->id ? $one : null;
        }

        return [
            'id' => $spread->id,
            'kind' => $spread->kind,
            'kind_name' => $kind->name ?? 'Unknown kind',
            'known' => null !== $kind,
            'title' => $book->catalogue()->title($spread),
            'section' => $spread->section->value,
            'pages' => $size?->spread->pages() ?? 1,
            'page' => $placed?->page,
            'range' => $placed instanceof PlacedSpread ? self::range($placed) : '',
            'why' => $book->front->why[$spread->id] ?? $book->back->why[$spread->id] ?? '',
            'pin' => $spread->pin,
            'side' => $spread->side->value,
            'medium' => $spread->medium->value,
            'faces' => $spread->faces,
            'must_face' => $spread->mustFace,
            'worth' => $spread->worth,
            'book' => $spread->book,
            'settings' => (object) ($kind?->settings->now($spread->settings) ?? $spread->settings),
            'prints' => $book->prints($spread),
            'asked' => null === $kind ? [] : $kind->asked($spread->settings),
        ];
    }

    /** @return list<list<string>> for each part of a pattern, the settings that matter as its others stand */
    private static function asks(Pattern $pattern, Catalogue $catalogue): array
    {
        return array_map(
            static fn (PatternPart $part): array => $catalogue->kind($part->kind)?->asked($part->settings) ?? [],
            $pattern->parts,
        );
    }

    private static function range(PlacedSpread $placed): string
    {
        return (1 === $placed->spread->pages() ? 'page ' : 'pages ').$placed->range();
    }

    /** @return array<string, mixed> */
    private function month(Book $book, MonthBlock $block): array
    {
        $names = $book->names();

        return [
            'month' => $block->month->iso(),
            'name' => $names->monthAndYear($block->month),
            'initial' => $names->monthInitial($block->month->month),
            'pattern' => $block->pattern->id,
            'own_pattern' => isset($book->plan->months->overrides[$block->month->iso()]),
            'page' => $block->page,
            'pages' => $block->pages,
            'range' => $block->range(),
            'working' => $block->working,
            'used' => $book->plan->inUse->used[$block->month->iso()] ?? null,
            'weight' => $book->plan->months->weights[$block->month->iso()] ?? 0,
            'beyond' => $block->lastPage() > $book->runOut->page,
            'parts' => array_map(static fn (MonthPart $part): array => [
                'kind' => $part->kind,
                'name' => self::partName($part, $book->catalogue()),
                'page' => $part->page,
                'pages' => $part->pages,
            ], $block->parts),
            'weeks' => array_map(static fn (MonthWeek $week): array => [
                'number' => $week->isoWeek,
                'from' => $names->dayShort($week->from),
                'to' => $names->dayShort($week->to),
                'days' => $week->days(),
                'folded' => $week->folded,
            ], $block->weeks),
        ];
    }

    private static function partName(MonthPart $part, Catalogue $catalogue): string
    {
        return match ($part->kind) {
            MonthPart::FREE => 'Free page',
            MonthPart::TAKEN => 'Passed over',
            MonthPart::PINNED => 'Pinned to something else',
            MonthPart::SPARE => 'Spare',
            MonthPart::MORE => 'More than planned',
            default => $catalogue->kind($part->kind)->name ?? $part->kind,
        };
    }

    /** @return list<array<string, mixed>> */
    private function pages(Book $book): array
    {
        $pages = [];
        for ($page = 1; $page <= $book->plan->stock->pages; ++$page) {
            $slot = $book->slot($page);
            $pages[] = [
                'page' => $page,
                'is' => $slot->is->value,
                'title' => $slot->title,
                'left' => Leaf::isLeft($page),
                'opening' => Leaf::openingOf($page),
                'leaf' => Leaf::ofPage($page),
                'spread' => '' === $slot->spread ? null : $slot->spread,
                'lower' => $slot->lower?->spread,
                'nth' => $slot->nth,
                'month' => $slot->month?->iso(),
                'drawing' => $slot->drawing,
            ];
        }

        return $pages;
    }

    /** As it is written, and what each section that says something is dressed in with what is said for all. */
    private static function dress(Wardrobe $wardrobe): object
    {
        $worn = [];
        foreach (array_keys($wardrobe->sections) as $section) {
            $worn[$section] = (object) $wardrobe->ofSection($section)->written();
        }

        return (object) ($wardrobe->written() + ([] === $worn ? [] : ['worn' => (object) $worn]));
    }
}
