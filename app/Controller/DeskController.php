<?php

/* The drawings of a notebook, and the steps ticked at the desk. */

declare(strict_types=1);

namespace App\Controller;

use AmpleMargin\Book\Book;
use AmpleMargin\Book\Fit\Patience;
use AmpleMargin\Book\Fit\WaysToFit;
use AmpleMargin\Book\Fit\WayToLast;
use AmpleMargin\Book\Slips\Asked;
use AmpleMargin\Book\Slips\Saving;
use AmpleMargin\Book\Slips\WhatNow;
use AmpleMargin\Compare\Candidate;
use AmpleMargin\Find\BookFinder;
use AmpleMargin\Find\FoundHere;
use AmpleMargin\Paper\Leaf;
use AmpleMargin\Plan\OwnKind;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\PlanWriter;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue\Catalogue;
use AmpleMargin\Spread\Catalogue\Kind;
use AmpleMargin\Spread\Catalogue\OwnKinds;
use App\Api\AskedBook;
use App\Api\Body;
use App\Api\BookView;
use App\Api\ComparisonView;
use App\Api\DrawingView;
use App\Api\KindView;
use App\Api\LeavesView;
use App\Api\NotFound;
use App\Api\SamplesKey;
use App\Api\SmallDrawings;
use App\Api\TickChange;
use App\Api\TickedView;
use App\Api\TimingView;
use App\Repository\Kinds;
use App\Repository\Memories;
use App\Repository\Notebooks;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/notebooks/{id}')]
final class DeskController
{
    /** Seconds the ways to fit may be looked for. */
    private const PATIENCE = 0.9;

    /** Pages that are answered at once when somebody leafs through the book. */
    private const LEAVES_AT_ONCE = 64;

    /** Kinds whose samples are answered at once: those that are in sight. */
    private const SAMPLES_AT_ONCE = 60;

    public function __construct(
        private readonly Notebooks $notebooks,
        private readonly BookView $view,
        private readonly Catalogue $catalogue,
        private readonly Memories $memories,
    ) {
    }

    /** The small drawings of all pages a spread stands on. */
    #[Route('/drawings', methods: 'GET')]
    public function drawings(string $id, Request $request): JsonResponse
    {
        $notebook = $this->notebooks->get($id);
        $book = $this->view->compose($notebook, AskedBook::of($request));
        [$pages, $left] = SmallDrawings::of($book, $book->spreadPages());

        return new JsonResponse([
            'version' => $notebook->version(),
            'across' => $book->plan->stock->across,
            'down' => $book->plan->stock->down,
            'pages' => SmallDrawings::unlessHad($pages, (string) $request->query->get('have')),
            'left' => $left,
        ]);
    }

    /** What somebody looks for in the book: pages, months, days, spreads, things of lists, dates. */
    #[Route('/found', methods: 'GET')]
    public function found(string $id, Request $request): JsonResponse
    {
        $finder = new BookFinder($this->view->compose($this->notebooks->get($id), AskedBook::of($request)));
        $said = $request->query->getString('words');
        $found = $finder->find($said);

        return new JsonResponse([
            'found' => array_map(static fn (FoundHere $one): array => get_object_vars($one), [] === $found ? $finder->near($said) : $found),
            'near' => [] === $found,
        ]);
    }

    /** Pages to leaf through, a few leaves at a time. */
    #[Route('/leaves', methods: 'GET')]
    public function leaves(string $id, Request $request): JsonResponse
    {
        $notebook = $this->notebooks->get($id);
        $book = $this->view->compose($notebook, AskedBook::of($request));
        $last = $book->plan->stock->pages;
        $from = max(1, $request->query->getInt('from', 1));
        if ($from > $last) {
            throw new NotFound("The book has $last pages; there is no page $from.");
        }
        $to = min($last, $from + self::LEAVES_AT_ONCE - 1, max($from, $request->query->getInt('to', $from)));

        return new JsonResponse(['version' => $notebook->version()] + LeavesView::of($book, $from, $to));
    }

    /** Every kind of spread or of a month's part, as it would stand on this book's paper; its picture is asked for in sight. */
    #[Route('/drawer', methods: 'GET')]
    public function drawer(string $id, Request $request, Kinds $own): JsonResponse
    {
        $notebook = $this->notebooks->get($id);
        $book = $this->view->compose($notebook, AskedBook::of($request));
        $kept = self::kept($book, $own);
        $all = $book->catalogue()->with(...array_map(OwnKinds::kind(...), $kept));
        $month = 'month' === $request->query->get('for');
        $kinds = array_map(static function (Kind $kind) use ($book, $month): array {
            $sample = $month ? $book->sampleOfPart($kind) : $book->sampleOf($kind);

            return [
                'kind' => $kind->id,
                'pages' => $sample->laid->pages,
                'says' => $sample->laid->broken()?->says,
                'settings' => (object) $sample->settings,
            ];
        }, $month ? $all->ofMonths() : $all->spreads());

        return new JsonResponse([
            'version' => $notebook->version(),
            'samples' => SamplesKey::of($book, PlanWriter::plan($book->plan->whole)),
            'across' => $book->plan->stock->across,
            'down' => $book->plan->stock->down,
            'kinds' => $kinds,
            'kept' => array_map(
                static fn (OwnKind $kind): array => ['kind' => KindView::of(OwnKinds::kind($kind)), 'own' => PlanWriter::kind($kind)],
                $kept,
            ),
        ]);
    }

    /** The first pages of some kinds as they would stand on this book's paper. */
    #[Route('/samples', methods: 'GET')]
    public function samples(string $id, Request $request, Kinds $own): JsonResponse
    {
        $book = $this->view->compose($this->notebooks->get($id), AskedBook::of($request));
        $said = explode(',', (string) $request->query->get('kinds'));
        $asked = array_values(array_unique(array_filter($said, static fn (string $one): bool => '' !== $one)));
        if ([] === $asked || \count($asked) > self::SAMPLES_AT_ONCE) {
            throw PlanProblem::at('kinds', 'Samples are asked for by their kinds: 1 to '.self::SAMPLES_AT_ONCE.' at once.');
        }
        $all = $book->catalogue()->with(...array_map(OwnKinds::kind(...), self::kept($book, $own)));
        $month = 'month' === $request->query->get('for');
        $marks = [];
        foreach ($asked as $name) {
            $kind = $all->kind($name) ?? throw new NotFound('The drawer has no such kind.');
            $laid = ($month ? $book->sampleOfPart($kind) : $book->sampleOf($kind))->laid;
            $marks[$kind->id] = DrawingView::marks($laid->drawings()[0]);
        }

        return new JsonResponse([
            'samples' => SamplesKey::of($book, PlanWriter::plan($book->plan->whole)),
            'marks' => (object) $marks,
        ]);
    }

    /** @return list<OwnKind> of other notebooks */
    private static function kept(Book $book, Kinds $own): array
    {
        return array_values(array_filter($own->all(), static fn (OwnKind $kind): bool => null === $book->plan->whole->kind($kind->id)));
    }

    /** The layouts a kind would have on this book's paper, before it is added. */
    #[Route('/drawer/{kind}', methods: 'GET')]
    public function variants(string $id, string $kind, Request $request): JsonResponse
    {
        $book = $this->view->compose($this->notebooks->get($id), AskedBook::of($request));
        $asked = $book->catalogue()->kind($kind) ?? throw new NotFound('The drawer has no such kind.');
        $comparison = $book->layoutsOf($asked) ?? throw new NotFound("$asked->name has one layout only.");

        return new JsonResponse(ComparisonView::of($comparison, $asked->name, $book->plan->stock, $book->pace()));
    }

    #[Route('/openings/{page}', requirements: ['page' => '[0-9]{1,4}'], methods: 'GET')]
    public function opening(string $id, int $page, Request $request): JsonResponse
    {
        $notebook = $this->notebooks->get($id);
        $book = $this->view->compose($notebook, AskedBook::of($request));
        if ($page > $book->plan->stock->pages) {
            throw new NotFound("The book has {$book->plan->stock->pages} pages; there is no page $page.");
        }

        $pages = array_values(array_filter(
            [Leaf::openingOf($page), Leaf::openingOf($page) + 1],
            static fn (int $one): bool => $one > 0,
        ));

        return new JsonResponse(DrawingView::opening($book, $page) + [
            'version' => $notebook->version(),
            'ticks' => $notebook->ticks(),
            'ticked' => TickedView::of($book, $pages, $this->notebooks->doneSteps($notebook)),
            'timing' => TimingView::of($book, $pages, $this->notebooks->tickedAt($notebook)),
        ]);
    }

    /** How a book that runs out could be made to last. */
    #[Route('/ways', methods: 'GET')]
    public function ways(string $id, Request $request): JsonResponse
    {
        $ways = new WaysToFit(
            $this->view->plan($this->notebooks->get($id), AskedBook::of($request)),
            patience: new Patience(self::PATIENCE, static fn (): float => hrtime(true) / 1e9),
            catalogue: $this->catalogue,
            memory: $this->memories->of($id),
        );
        $written = static fn (WayToLast $way): array => [
            'say' => $way->say,
            'lost' => $way->lost,
            'saves' => $way->saves,
            'fits' => $way->fits,
            'regret' => $way->regret,
            'edit' => $way->edit,
        ];
        $best = $ways->best();
        $single = array_map($written, $ways->single());

        return new JsonResponse([
            'best' => null === $best ? null : $written($best),
            'single' => $single,
            'proven' => $ways->isProven(),
            'bound' => null === $best ? null : $ways->bound(),
            'complete' => $ways->isComplete(),
        ]);
    }

    /** The layouts a spread could have on this stock, with what decides between them. */
    #[Route('/layouts/{spread}', methods: 'GET')]
    public function layouts(string $id, string $spread, Request $request): JsonResponse
    {
        $book = $this->view->compose($this->notebooks->get($id), AskedBook::of($request));
        $planned = $book->plan->spread($spread) ?? throw new NotFound('This spread is not in the book any more.');
        $comparison = $book->layouts($planned) ?? throw new NotFound($book->catalogue()->title($planned).' has one layout only.');

        return new JsonResponse(ComparisonView::of(
            $comparison,
            $book->catalogue()->title($planned),
            $book->plan->stock,
            $book->pace(),
            static fn (Candidate $one): ?int => $book->dates->tooFewIn($planned, $one->layout->settings, $one->pages),
        ));
    }

    /** {kind, page, x, y, …}: what saves a slip, cheapest first. */
    #[Route('/what-now', methods: 'POST')]
    public function whatNow(string $id, Request $request): JsonResponse
    {
        $notebook = $this->notebooks->get($id);
        $book = $this->view->compose($notebook, AskedBook::of($request));
        $found = WhatNow::of($book, Asked::read(Body::values($request)));

        return new JsonResponse([
            'version' => $notebook->version(),
            'where' => $found->where,
            'ways' => array_map(static fn (Saving $one): array => [
                'say' => $one->say,
                'how' => $one->how,
                'minutes' => $one->minutes,
                'corrections' => array_map(BookView::correction(...), $one->corrections),
                'edit' => $one->edit,
            ], $found->ways),
        ]);
    }

    /** {changes: [{id, drawing, step, done, ago}]}: ticks of a device, also those made while the program was not reached. */
    #[Route('/ticks', methods: 'POST')]
    public function tick(string $id, Request $request): JsonResponse
    {
        $now = (int) (1000 * microtime(true));
        $changes = array_map(
            static fn (Values $one): TickChange => TickChange::read($one, $now),
            Body::values($request)->each('changes', TickChange::MOST),
        );
        $this->notebooks->tick($this->notebooks->get($id), $changes);

        return $this->state($id);
    }

    /** Which version of the plan and of the ticks there is, for a device that looks every second. */
    #[Route('/state', methods: 'GET')]
    public function state(string $id): JsonResponse
    {
        return new JsonResponse($this->notebooks->state($id));
    }
}
