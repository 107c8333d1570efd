<?php

/* Errors as RFC 9457 problem documents, with the field and the words of the trade. */

declare(strict_types=1);

namespace App\Api;

use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Sheet\SheetRefused;
use App\Plan\Unreadable;
use App\Repository\Notebooks;
use Psr\Log\LoggerInterface;
use Symfony\Component\ErrorHandler\Error\OutOfMemoryError;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Exception\RequestExceptionInterface;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

final class Problems
{
    public function __construct(
        private readonly LoggerInterface $log,
        private readonly Notebooks $notebooks,
        private readonly BookView $view,
    ) {
    }

    #[AsEventListener(priority: 10)]
    public function answer(ExceptionEvent $event): void
    {
        $error = $event->getThrowable();
        [$status, $title, $detail, $more] = $this->said($error, $event->getRequest());
        if ($status >= 500) {
            $this->log->error($error->getMessage(), ['exception' => $error]);
        }
        $event->setResponse((new JsonResponse(null, $status, ['Content-Type' => 'application/problem+json']))
            ->setEncodingOptions(JsonResponse::DEFAULT_ENCODING_OPTIONS | \JSON_INVALID_UTF8_SUBSTITUTE)
            ->setData(['type' => 'about:blank', 'title' => $title, 'status' => $status, 'detail' => $detail] + $more));
    }

    /** @return array{int, string, string, array<string, mixed>} status, title, detail, and what else it carries */
    private function said(\Throwable $error, Request $request): array
    {
        $storage = StorageFailure::of($error);

        return match (true) {
            $error instanceof PlanProblem => [422, 'This cannot be', $error->getMessage(), ['field' => $error->field]],
            $error instanceof SheetRefused => [422, 'This does not fit on the paper', $error->getMessage(), []],
            $error instanceof Unreadable => [422, 'This notebook cannot be opened', $error->getMessage(), []],
            $error instanceof Stale => $this->stale($error, $request),
            $error instanceof NotFound => [404, 'Not found', $error->getMessage(), []],
            $error instanceof NotFoundHttpException => [404, 'Not found', 'There is nothing at this address.', []],
            $error instanceof HttpExceptionInterface => [$error->getStatusCode(), 'Refused', $error->getMessage(), []],
            $error instanceof RequestExceptionInterface => [400, 'Refused', 'This address is not as the program writes it.', []],
            null !== $storage => [...$storage, []],
            // The last resort: what can grow has bounds of its own, said where they are.
            $error instanceof OutOfMemoryError => [
                413,
                'Too much at once',
                'This is more than the program can hold at once; nothing was changed. Ask for fewer pages, or take spreads out of the book.',
                [],
            ],
            default => [500, 'Something broke', 'Nothing was changed. The log of the program says more.', []],
        };
    }

    /** @return array{int, string, string, array<string, mixed>} with the book as it stands now, read afresh; or what is wrong with that */
    private function stale(Stale $stale, Request $request): array
    {
        try {
            $notebook = $this->notebooks->afresh($stale->notebook);

            return [
                409,
                'Changed in another window',
                $stale->getMessage(),
                ['current' => json_decode(BookParts::json(
                    $this->view->book($notebook, AskedBook::of($request), $this->view->composed($notebook)),
                    [],
                ))],
            ];
        } catch (\Throwable $worse) {
            return $worse instanceof Stale ? [409, 'Changed in another window', $stale->getMessage(), []] : $this->said($worse, $request);
        }
    }
}
