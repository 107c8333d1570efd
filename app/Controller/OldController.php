<?php

/* The book before a notebook: chosen from the shelf, a plan file or typed in; reviewed; its pages drawn. */

declare(strict_types=1);

namespace App\Controller;

use AmpleMargin\Book\Carrying\OldBookOf;
use AmpleMargin\Book\Carrying\TypedBook;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Plan\Old\OldBook;
use AmpleMargin\Plan\Old\OldWriter;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\PlanReader;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue\Catalogue;
use App\Api\Body;
use App\Api\NotFound;
use App\Api\OldView;
use App\Plan\PlanFiles;
use App\Repository\Notebooks;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/notebooks/{id}/old')]
final class OldController
{
    /** Letters of what is typed of it. */
    private const LONGEST = 20_000;

    public function __construct(
        private readonly Notebooks $notebooks,
        private readonly PlanFiles $files,
        private readonly Catalogue $catalogue,
    ) {
    }

    #[Route('', methods: 'GET')]
    public function review(string $id): JsonResponse
    {
        $notebook = $this->notebooks->get($id);
        $plan = $this->files->stored($notebook->plan());

        return new JsonResponse([
            'version' => $notebook->version(),
            'old' => (new OldView($this->catalogue))->of($plan),
        ]);
    }

    #[Route('/spreads/{spread}', methods: 'GET')]
    public function spread(string $id, string $spread): JsonResponse
    {
        $old = $this->files->stored($this->notebooks->get($id)->plan())->old;
        $one = $old?->spread($spread);
        if (null === $old || null === $one) {
            throw new NotFound('The old book has no such spread.');
        }

        return new JsonResponse(['spread' => $spread, 'pages' => (new OldView($this->catalogue))->pages($old, $one)]);
    }

    /** {notebook} or {plan} or {typed: {title, stock, period, weeks, spreads, months}}: the old book, to be sent with set-old. */
    #[Route('/read', methods: 'POST')]
    public function read(string $id, Request $request): JsonResponse
    {
        $this->notebooks->get($id);
        $values = Body::values($request);

        return new JsonResponse(['old' => OldWriter::book($this->old($values, $id))]);
    }

    private function old(Values $values, string $id): OldBook
    {
        if ($values->has('notebook')) {
            $notebook = $this->notebooks->get($values->text('notebook', '', 40));
            if ($notebook->id === $id) {
                throw PlanProblem::at('notebook', 'A notebook cannot be the one before itself.');
            }

            return OldBookOf::plan($this->files->stored($notebook->plan()), $this->notebooks->ticked($notebook), $this->catalogue);
        }
        if ($values->has('plan')) {
            [$plan, $ticks] = $this->files->read($values->text('plan', '', PlanFiles::LARGEST));

            return OldBookOf::plan($plan, $ticks, $this->catalogue);
        }
        $typed = $values->inside('typed');

        return (new TypedBook(PlanReader::period($typed->inside('period')), $this->catalogue, new Names('en')))->read(
            PlanReader::title($typed),
            PlanReader::stock($typed->inside('stock')),
            PlanReader::weeks($typed->inside('weeks')),
            $typed->text('spreads', '', self::LONGEST),
            $typed->text('months', '', self::LONGEST),
            $typed->flag('numbers', false),
        );
    }
}
