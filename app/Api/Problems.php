<?php

/* Errors as RFC 9457 problem documents, with the field and the handbook's words. */

declare(strict_types=1);

namespace App\Api;

use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Sheet\SheetRefused;
use App\Repository\Notebooks;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Log\LoggerInterface;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;

final class Problems
{
    public function __construct(
        private readonly LoggerInterface $log,
        private readonly EntityManagerInterface $entities,
        private readonly Notebooks $notebooks,
        private readonly BookView $view,
    ) {
    }

    #[AsEventListener(priority: 10)]
    public function answer(ExceptionEvent $event): void
    {
        $error = $event->getThrowable();
        [$status, $title, $more] = match (true) {
            $error instanceof PlanProblem => [422, 'This cannot be', ['field' => $error->field]],
            $error instanceof SheetRefused => [422, 'This does not fit on the paper', []],
            $error instanceof Stale => [409, 'Changed in another window', $this->current($error, AskedBook::of($event->getRequest()))],
            $error instanceof NotFound => [404, 'Not found', []],
            $error instanceof HttpExceptionInterface => [$error->getStatusCode(), 'Refused', []],
            default => [500, 'Something broke', []],
        };
        if (500 === $status) {
            $this->log->error($error->getMessage(), ['exception' => $error]);
        }
        $detail = 500 === $status ? 'Nothing was changed. The log of the program says more.' : $error->getMessage();
        $event->setResponse(new JsonResponse(
            ['type' => 'about:blank', 'title' => $title, 'status' => $status, 'detail' => $detail] + $more,
            $status,
            ['Content-Type' => 'application/problem+json'],
        ));
    }

    /** @return array<string, mixed> the book as it stands now, read afresh */
    private function current(Stale $stale, string $book): array
    {
        // A refused write closes the manager that tried it; what it held is stale anyway.
        if (!$this->entities->isOpen()) {
            return [];
        }
        $this->entities->clear();

        return ['current' => $this->view->book($this->notebooks->get($stale->notebook), $book)];
    }
}
