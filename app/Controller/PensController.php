<?php

/* Pens on this paper. */

declare(strict_types=1);

namespace App\Controller;

use App\Api\AskedBook;
use App\Api\BookView;
use App\Api\PensView;
use App\Repository\Notebooks;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

final class PensController
{
    #[Route('/api/notebooks/{id}/pens', methods: 'GET')]
    public function pens(string $id, Request $request, Notebooks $notebooks, BookView $view): JsonResponse
    {
        $notebook = $notebooks->get($id);

        return new JsonResponse(['version' => $notebook->version()] + PensView::of($view->compose($notebook, AskedBook::of($request))));
    }
}
