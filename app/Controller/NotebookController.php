<?php

/* The shelf, and a notebook on it: made, read, edited, taken back. */

declare(strict_types=1);

namespace App\Controller;

use AmpleMargin\Book\Beginning;
use AmpleMargin\Book\CanFace;
use AmpleMargin\Book\ComposedPlan;
use AmpleMargin\Book\WouldBecome;
use AmpleMargin\Editing\Edits;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\PlanReader;
use AmpleMargin\Plan\Values;
use AmpleMargin\Plan\Volume;
use AmpleMargin\Spread\Catalogue\Catalogue;
use App\Api\AskedBook;
use App\Api\AskedNow;
use App\Api\Body;
use App\Api\BookParts;
use App\Api\BookView;
use App\Api\NewBook;
use App\Api\NotFound;
use App\Api\ShelfEntry;
use App\Api\StarterView;
use App\Entity\Notebook;
use App\Plan\PlanFiles;
use App\Plan\SamplePlans;
use App\Plan\Unreadable;
use App\Repository\Notebooks;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/notebooks')]
final class NotebookController
{
    /** Notebooks of the shelf that are answered at once. */
    private const SHELF = 24;

    /** Letters of a title that “, copy of 30 November 14:05” is written behind. */
    private const LONGEST_COPIED = 200;

    /** Notebooks of the shelf a new one can be like: those changed last. */
    private const LIKE = 3;

    public function __construct(
        private readonly Notebooks $notebooks,
        private readonly BookView $view,
        private readonly PlanFiles $files,
        private readonly Catalogue $catalogue,
    ) {
    }

    #[Route('', methods: 'GET')]
    public function shelf(Request $request): JsonResponse
    {
        $from = $request->query->get('from', '0');
        if (!\is_string($from) || 1 !== preg_match('/^\d{1,9}$/', $from)) {
            throw PlanProblem::at('from', 'The shelf is read from a whole number of notebooks on.');
        }
        $shelf = ['notebooks' => [], 'unreadable' => [], 'all' => $this->notebooks->count(), 'next' => null];
        $some = $this->notebooks->some((int) $from, self::SHELF);
        foreach ($some as $notebook) {
            try {
                $shelf['notebooks'][] = $this->view->shelf($notebook);
            } catch (Unreadable $why) {
                $shelf['unreadable'][] = $this->view->unreadable($notebook, $why);
            }
        }
        $next = (int) $from + \count($some);

        return new JsonResponse(['next' => $next < $shelf['all'] ? $next : null] + $shelf);
    }

    #[Route('', methods: 'POST')]
    public function make(Request $request): JsonResponse
    {
        $values = Body::values($request);
        $asked = NewBook::read($values);
        $like = $values->textOrNull('like', 40);

        if (null === $like) {
            $as = $values->choice('as', Beginning::class, Beginning::Usual);

            return $this->add($asked->plan($as, PlanReader::title($values), $this->catalogue));
        }
        $old = $this->notebooks->get($like);
        $ticks = $this->notebooks->ticked($old);

        return $this->add($asked->after($this->files->stored($old->plan()), $ticks, PlanReader::title($values), $this->catalogue));
    }

    /**
     * The ways to begin on a person's own paper, as the notebooks that were changed last, and as one that is named: each as it would be.
     */
    #[Route('/starters', methods: 'POST')]
    public function starters(Request $request): JsonResponse
    {
        $values = Body::values($request);
        $asked = NewBook::read($values);
        $like = $values->textOrNull('like', 40);
        $starters = array_map(
            fn (Beginning $as): array => StarterView::of($asked->plan($as, 'New', $this->catalogue), $this->catalogue)
                + ['as' => $as->value, 'like' => null, 'name' => $as->name(), 'says' => $as->says()],
            Beginning::cases(),
        );
        $others = array_column($this->notebooks->some(0, self::LIKE), null, 'id');
        foreach ($others + (null === $like ? [] : [$like => $this->notebooks->get($like)]) as $notebook) {
            try {
                $old = $this->files->stored($notebook->plan());
                $starters[] = StarterView::of($asked->like($old, 'New', $this->catalogue), $this->catalogue) + [
                    'as' => null,
                    'like' => $notebook->id,
                    'name' => "As “{$old->title}”",
                    'says' => 'Its spreads, patterns and pens, on this paper and for these months.',
                ];
            } catch (PlanProblem|Unreadable) {
                // What cannot be read is said on the shelf.
            }
        }

        return new JsonResponse(['starters' => $starters]);
    }

    #[Route('/sample', methods: 'POST')]
    public function sample(SamplePlans $samples): JsonResponse
    {
        $plan = $samples->fullYear();

        return $this->add($plan, SamplePlans::done($plan));
    }

    #[Route('/import', methods: 'POST')]
    public function import(Request $request): JsonResponse
    {
        return $this->add(...$this->files->read(Body::text($request)));
    }

    /** The same notebook once more, with what is ticked in it; told apart from it, and from other copies, by when it was made. */
    #[Route('/{id}/copy', methods: 'POST')]
    public function copy(string $id, Request $request): JsonResponse
    {
        $notebook = $this->notebooks->get($id);
        $plan = $this->files->stored($notebook->plan());
        $now = AskedNow::read($request->query->getString('now'));
        $of = null === $now ? '' : ' of '.AskedNow::said($now);
        $name = mb_substr((string) preg_replace('/, copy( \d+)?( of [^,]*)?$/Du', '', $plan->title), 0, self::LONGEST_COPIED);
        $others = array_map(
            static fn (Notebook $one): mixed => $one->shelfEntry(ShelfEntry::FORM)['title'] ?? '',
            $this->notebooks->some(0, self::SHELF),
        );
        $nth = 1;
        do {
            $title = "$name, copy".(1 === $nth ? '' : " $nth").$of;
            ++$nth;
        } while (\in_array($title, $others, true));

        return $this->add($plan->with(['title' => $title]), $this->notebooks->ticked($notebook));
    }

    #[Route('/{id}', methods: 'GET')]
    public function show(string $id, Request $request): JsonResponse
    {
        $volume = AskedBook::of($request);
        $notebook = $this->notebooks->get($id);

        return $this->answer($volume)($notebook, $this->view->composed($notebook));
    }

    /** Which spreads a spread could face. */
    #[Route('/{id}/facing/{spread}', methods: 'GET')]
    public function facing(string $id, string $spread, Request $request): JsonResponse
    {
        $notebook = $this->notebooks->get($id);
        $book = $this->view->compose($notebook, AskedBook::of($request));
        $book->plan->spread($spread) ?? throw new NotFound('This spread is not in the book any more.');

        return new JsonResponse(['version' => $notebook->version(), 'facing' => CanFace::of($book, $spread)]);
    }

    #[Route('/{id}', methods: 'DELETE')]
    public function remove(string $id, Request $request): Response
    {
        $version = $request->query->all()['version'] ?? '';
        if (!\is_string($version) || 1 !== preg_match('/^\d{1,9}$/D', $version)) {
            throw PlanProblem::at('version', 'Say which version of the notebook is to go.');
        }
        $this->notebooks->remove($this->notebooks->get($id), (int) $version);

        return new Response('', Response::HTTP_NO_CONTENT);
    }

    #[Route('/{id}/edits', methods: 'POST')]
    public function edit(string $id, Request $request): JsonResponse
    {
        [$volume, $values, $version] = $this->asked($request);
        $edit = $values->inside('edit')->all();

        return $this->notebooks->edit($this->notebooks->get($id), $version, $edit, $this->answer($volume, $values->map('have')));
    }

    /** What an edit would leave and what it would take; nothing is kept. */
    #[Route('/{id}/would', methods: 'POST')]
    public function would(string $id, Request $request): JsonResponse
    {
        $notebook = $this->notebooks->get($id);
        $volume = AskedBook::of($request);
        $edit = Body::values($request)->inside('edit')->all();
        $was = $this->files->stored($notebook->plan());
        $after = $this->view->composePlan(Edits::apply($was, $edit, $this->catalogue)->plan, $volume);

        return new JsonResponse(['version' => $notebook->version(), 'says' => WouldBecome::says(
            $this->view->composePlan($was, $volume),
            $after,
            $this->notebooks->doneSteps($notebook),
        )]);
    }

    #[Route('/{id}/undo', methods: 'POST')]
    public function undo(string $id, Request $request): JsonResponse
    {
        [$volume, $values, $version] = $this->asked($request);

        return $this->notebooks->undo($this->notebooks->get($id), $version, $this->answer($volume, $values->map('have')));
    }

    #[Route('/{id}/redo', methods: 'POST')]
    public function redo(string $id, Request $request): JsonResponse
    {
        [$volume, $values, $version] = $this->asked($request);

        return $this->notebooks->redo($this->notebooks->get($id), $version, $this->answer($volume, $values->map('have')));
    }

    #[Route('/{id}/plan.json', methods: 'GET')]
    public function download(string $id): Response
    {
        $notebook = $this->notebooks->get($id);
        [$name, $file] = $this->file($notebook);

        return new Response($file, 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => HeaderUtils::makeDisposition(
                HeaderUtils::DISPOSITION_ATTACHMENT,
                ('' === $name ? 'notebook' : $name).'.plan.json',
            ),
        ]);
    }

    /** @return array{string, string} a name in plain letters, and the plan; one that cannot be read goes out as it is kept */
    private function file(Notebook $notebook): array
    {
        try {
            $plan = $this->files->stored($notebook->plan());
        } catch (Unreadable) {
            return ['unreadable', $notebook->plan()];
        }
        $latin = (string) transliterator_transliterate('Any-Latin; Latin-ASCII; Lower()', mb_substr($plan->title, 0, 60));

        return [
            trim((string) preg_replace('/[^a-z0-9]+/', '-', $latin), '-'),
            $this->files->file($plan, $this->notebooks->ticked($notebook)),
        ];
    }

    /** @return array{string, Values, int} the book, what was sent, the version it is about: all read before anything is written */
    private function asked(Request $request): array
    {
        $values = Body::values($request);

        return [AskedBook::of($request), $values, $values->count('version', 1, \PHP_INT_MAX)];
    }

    /** @param list<array{drawing: string, step: string}> $ticked */
    private function add(Plan $plan, array $ticked = []): JsonResponse
    {
        return $this->notebooks->add($plan, $ticked, $this->answer(Volume::FIRST, status: Response::HTTP_CREATED));
    }

    /**
     * The book as the answer.
     *
     * @param array<array-key, mixed> $have parts that need not be sent again
     *
     * @return \Closure(Notebook, ComposedPlan): JsonResponse
     */
    private function answer(string $volume, array $have = [], int $status = Response::HTTP_OK): \Closure
    {
        return fn (Notebook $notebook, ComposedPlan $composed): JsonResponse => JsonResponse::fromJsonString(
            BookParts::json($this->view->book($notebook, $volume, $composed), $have),
            $status,
        );
    }
}
