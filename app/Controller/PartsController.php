<?php

/* The parting editor: how a page is divided, and how it would be after a change that is not made yet. */

declare(strict_types=1);

namespace App\Controller;

use AmpleMargin\Editing\Edits;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue\Catalogue;
use AmpleMargin\Spread\Part\NoRoom;
use AmpleMargin\Spread\Part\PartRefused;
use App\Api\AskedBook;
use App\Api\Body;
use App\Api\BookView;
use App\Api\NotFound;
use App\Api\PartSettingsView;
use App\Api\PartsView;
use App\Api\WordsView;
use App\Plan\PlanFiles;
use App\Repository\Notebooks;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/notebooks/{id}')]
final class PartsController
{
    public function __construct(
        private readonly Notebooks $notebooks,
        private readonly BookView $view,
        private readonly PlanFiles $files,
        private readonly Catalogue $catalogue,
    ) {
    }

    #[Route('/parts/{spread}', methods: 'GET')]
    public function parts(string $id, string $spread, Request $request): JsonResponse
    {
        $notebook = $this->notebooks->get($id);
        $book = $this->view->compose($notebook, AskedBook::of($request));
        $planned = $book->plan->spread($spread) ?? throw new NotFound('This spread is not in the book any more.');

        return new JsonResponse(['version' => $notebook->version()] + PartsView::of($book, $planned));
    }

    /** Every setting of every part, as it is now. */
    #[Route('/parts/{spread}/settings', methods: 'GET')]
    public function settings(string $id, string $spread, Request $request): JsonResponse
    {
        $notebook = $this->notebooks->get($id);
        $book = $this->view->compose($notebook, AskedBook::of($request));
        $planned = $book->plan->spread($spread) ?? throw new NotFound('This spread is not in the book any more.');

        return new JsonResponse(['version' => $notebook->version()] + PartSettingsView::of($book, $planned));
    }

    /** The same of a part of a month's pattern. @param int $part from 0 */
    #[Route('/patterns/{pattern}/{part}/settings', methods: 'GET', requirements: ['part' => '\d{1,2}'])]
    public function ofMonth(string $id, string $pattern, int $part, Request $request): JsonResponse
    {
        $notebook = $this->notebooks->get($id);
        $book = $this->view->compose($notebook, AskedBook::of($request));
        foreach ($book->plan->months->patterns as $one) {
            if ($one->id === $pattern && isset($one->parts[$part])) {
                return new JsonResponse(['version' => $notebook->version()] + PartSettingsView::ofMonth($book, $one->parts[$part]));
            }
        }

        throw new NotFound('This pattern has no such part any more.');
    }

    /** Every word on its pages, and where it is kept. */
    #[Route('/parts/{spread}/words', methods: 'GET')]
    public function words(string $id, string $spread, Request $request): JsonResponse
    {
        $notebook = $this->notebooks->get($id);
        $book = $this->view->compose($notebook, AskedBook::of($request));
        $planned = $book->plan->spread($spread) ?? throw new NotFound('This spread is not in the book any more.');

        return new JsonResponse(['version' => $notebook->version()] + WordsView::of($book, $planned));
    }

    /** The words of the part of a month that stands on a page. */
    #[Route('/months/{page}/words', methods: 'GET', requirements: ['page' => '\d{1,4}'])]
    public function wordsOfMonth(string $id, int $page, Request $request): JsonResponse
    {
        $notebook = $this->notebooks->get($id);

        return new JsonResponse(
            ['version' => $notebook->version()] + WordsView::ofMonth($this->view->compose($notebook, AskedBook::of($request)), $page),
        );
    }

    /** What could be made of one part: fillings drawn in its place, and divisions. */
    #[Route('/parts/{spread}/choices', methods: 'GET')]
    public function choices(string $id, string $spread, Request $request): JsonResponse
    {
        $notebook = $this->notebooks->get($id);
        $book = $this->view->compose($notebook, AskedBook::of($request));
        $planned = $book->plan->spread($spread) ?? throw new NotFound('This spread is not in the book any more.');
        try {
            $choices = $book->partsOf($planned)->choices($request->query->getString('at'))
                ?? throw new NotFound('This spread is not made of parts.');
        } catch (PartRefused|NoRoom $refused) {
            // Changed meanwhile: the page that is fetched next has other parts.
            throw PlanProblem::at('at', $refused->getMessage());
        }

        return new JsonResponse(['version' => $notebook->version()] + PartsView::choices($choices));
    }

    /** As it would be with one change, which is not kept: what is shown while a line is drawn along. */
    #[Route('/parts/{spread}', methods: 'POST')]
    public function changed(string $id, string $spread, Request $request): JsonResponse
    {
        $notebook = $this->notebooks->get($id);
        $change = Values::of(Body::values($request)->all()['change'] ?? null, 'change')->all();
        $plan = $this->files->stored($notebook->plan());
        $edit = ['type' => 'part-page', 'spread' => $spread] + $change;
        $book = $this->view->composePlan(Edits::apply($plan, $edit, $this->catalogue)->plan, AskedBook::of($request));
        $planned = $book->plan->spread($spread) ?? throw new NotFound('This spread is not in the book any more.');

        return new JsonResponse(['version' => $notebook->version()] + PartsView::of($book, $planned));
    }
}
