<?php

/* Every address of the interface is the one page; what it shows is for the page to say. */

declare(strict_types=1);

namespace App\Controller;

use App\Api\NotFound;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

final class PageController
{
    public function __construct(private readonly string $public)
    {
    }

    #[Route('/{path}', requirements: ['path' => '(?!api/|build/).*'], methods: 'GET', priority: -10)]
    public function page(): Response
    {
        $page = @file_get_contents("$this->public/build/index.html");
        if (false === $page) {
            throw new NotFound('The interface is not built yet: run bin/demo.');
        }

        return new Response($page, 200, ['Content-Type' => 'text/html; charset=UTF-8', 'Cache-Control' => 'no-cache, public']);
    }

    /** An answer with nothing in it, to measure the server by (bin/bench). */
    #[Route('/api/empty', methods: 'GET')]
    public function empty(): Response
    {
        return new Response('', Response::HTTP_NO_CONTENT);
    }
}
