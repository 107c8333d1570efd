<?php

/* The whole shelf out and in as one file, and the copies of the days it was used. */

declare(strict_types=1);

namespace App\Controller;

use AmpleMargin\Plan\PlanProblem;
use App\Api\StorageFailure;
use App\Entity\Notebook;
use App\Export\FileName;
use App\Plan\PlanFiles;
use App\Plan\ShelfFile;
use App\Plan\Unreadable;
use App\Repository\CopyRefused;
use App\Repository\DailyCopies;
use App\Repository\Notebooks;
use App\Security\Gate;
use Doctrine\DBAL\Connection;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\AccessDeniedHttpException;
use Symfony\Component\HttpKernel\Exception\HttpException;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api')]
final class KeepingController
{
    public function __construct(
        private readonly Notebooks $notebooks,
        private readonly PlanFiles $files,
        private readonly ShelfFile $shelf,
        private readonly DailyCopies $copies,
    ) {
    }

    #[Route('/shelf.json', methods: 'GET')]
    public function out(): Response
    {
        $notebooks = [];
        foreach ($this->notebooks->some(0, $this->notebooks->count()) as $notebook) {
            try {
                $notebooks[] = [$this->files->stored($notebook->plan()), $this->notebooks->ticked($notebook)];
            } catch (Unreadable) {
                // What cannot be read is said on the shelf, and goes out by itself.
            }
        }
        $name = FileName::of('Shelf', \count($notebooks).' notebooks '.(new \DateTimeImmutable())->format('Y-m-d'), 'shelf.json');

        return new Response($this->shelf->write(array_reverse($notebooks)), 200, [
            'Content-Type' => 'application/x-ndjson',
            'Content-Disposition' => HeaderUtils::makeDisposition(HeaderUtils::DISPOSITION_ATTACHMENT, $name),
        ]);
    }

    /** A file of a whole shelf: all its notebooks are put on this one, or none. */
    #[Route('/shelf.json', methods: 'POST')]
    public function in(Request $request): JsonResponse
    {
        $text = (string) stream_get_contents($request->getContent(true), ShelfFile::LARGEST + 1);
        if (\strlen($text) > ShelfFile::LARGEST) {
            throw new HttpException(413, 'This file has more than '.ShelfFile::LARGEST / 1_000_000 .' MB; so large is no shelf.');
        }
        $added = $this->notebooks->addAll($this->shelf->read($text));

        return new JsonResponse(['added' => array_map(static fn (Notebook $one): string => $one->id, $added)], Response::HTTP_CREATED);
    }

    #[Route('/copies', methods: 'GET')]
    public function copies(Request $request): JsonResponse
    {
        return new JsonResponse(['here' => Gate::isThisMachine($request), 'copies' => $this->copies->all()]);
    }

    #[Route('/copies/{name}/restore', methods: 'POST', requirements: ['name' => '[a-z0-9-]{8,30}'])]
    public function restore(string $name, Request $request, Connection $connection): JsonResponse
    {
        if (!Gate::isThisMachine($request)) {
            throw new AccessDeniedHttpException('Copies are put back at the machine the program runs on.');
        }
        try {
            $this->copies->restore($connection, $name, new \DateTimeImmutable());
        } catch (CopyRefused $refused) {
            // A full disk is said as everywhere.
            throw null === StorageFailure::of($refused) ? PlanProblem::at('copy', $refused->getMessage()) : $refused;
        }

        return $this->copies($request);
    }
}
