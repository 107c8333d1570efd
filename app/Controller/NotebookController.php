<?php

/* The shelf, and a notebook on it: made, read, edited, taken back. */

declare(strict_types=1);

namespace App\Controller;

use AmpleMargin\Book\StarterPlan;
use AmpleMargin\Counting\Tally;
use AmpleMargin\Plan\PlanReader;
use App\Api\AskedBook;
use App\Api\Body;
use App\Api\BookView;
use App\Entity\Notebook;
use App\Plan\PlanFiles;
use App\Plan\SamplePlans;
use App\Repository\Notebooks;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/notebooks')]
final class NotebookController
{
    public function __construct(private readonly Notebooks $notebooks, private readonly BookView $view, private readonly PlanFiles $files)
    {
    }

    #[Route('', methods: 'GET')]
    public function shelf(): JsonResponse
    {
        return new JsonResponse(['notebooks' => array_map($this->view->shelf(...), $this->notebooks->all())]);
    }

    #[Route('', methods: 'POST')]
    public function make(Request $request): JsonResponse
    {
        $values = Body::values($request);

        return $this->added($this->notebooks->add(StarterPlan::for(
            PlanReader::title($values),
            PlanReader::stock($values->inside('stock')),
            PlanReader::period($values->inside('period')),
            PlanReader::weeks($values->inside('weeks'))->first,
            $values->choice('counting', Tally::class, Tally::Boxes),
        )));
    }

    #[Route('/sample', methods: 'POST')]
    public function sample(SamplePlans $samples): JsonResponse
    {
        return $this->added($this->notebooks->add($samples->fullYear()));
    }

    #[Route('/import', methods: 'POST')]
    public function import(Request $request): JsonResponse
    {
        return $this->added($this->notebooks->add(...$this->files->read(Body::text($request))));
    }

    #[Route('/{id}', methods: 'GET')]
    public function show(string $id, Request $request): JsonResponse
    {
        return $this->book($this->notebooks->get($id), $request);
    }

    #[Route('/{id}', methods: 'DELETE')]
    public function remove(string $id, Request $request): Response
    {
        $this->notebooks->remove($this->notebooks->get($id), $request->query->getInt('version'));

        return new Response('', Response::HTTP_NO_CONTENT);
    }

    #[Route('/{id}/edits', methods: 'POST')]
    public function edit(string $id, Request $request): JsonResponse
    {
        $notebook = $this->notebooks->get($id);
        $values = Body::values($request);
        $this->notebooks->edit($notebook, $values->count('version', 1, \PHP_INT_MAX), $values->inside('edit')->all());

        return $this->book($notebook, $request);
    }

    #[Route('/{id}/undo', methods: 'POST')]
    public function undo(string $id, Request $request): JsonResponse
    {
        $notebook = $this->notebooks->get($id);
        $this->notebooks->undo($notebook, Body::values($request)->count('version', 1, \PHP_INT_MAX));

        return $this->book($notebook, $request);
    }

    #[Route('/{id}/redo', methods: 'POST')]
    public function redo(string $id, Request $request): JsonResponse
    {
        $notebook = $this->notebooks->get($id);
        $this->notebooks->redo($notebook, Body::values($request)->count('version', 1, \PHP_INT_MAX));

        return $this->book($notebook, $request);
    }

    #[Route('/{id}/plan.json', methods: 'GET')]
    public function download(string $id): Response
    {
        $notebook = $this->notebooks->get($id);
        $plan = $this->files->stored($notebook->plan());
        $latin = (string) transliterator_transliterate('Any-Latin; Latin-ASCII; Lower()', mb_substr($plan->title, 0, 60));
        $name = trim((string) preg_replace('/[^a-z0-9]+/', '-', $latin), '-');

        return new Response($this->files->file($plan, $this->notebooks->ticked($notebook)), 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => HeaderUtils::makeDisposition(HeaderUtils::DISPOSITION_ATTACHMENT, ('' === $name ? 'notebook' : $name).'.plan.json'),
        ]);
    }

    private function book(Notebook $notebook, Request $request): JsonResponse
    {
        return new JsonResponse($this->view->book($notebook, AskedBook::of($request)));
    }

    private function added(Notebook $notebook): JsonResponse
    {
        return new JsonResponse($this->view->book($notebook), Response::HTTP_CREATED);
    }
}
