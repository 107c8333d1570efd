<?php

/* The print tray: everything a book has to print, packed on its paper at true size. */

declare(strict_types=1);

namespace App\Controller;

use AmpleMargin\Book\Book;
use AmpleMargin\Book\Printing\BookTray;
use AmpleMargin\Book\Printing\Chosen;
use AmpleMargin\Book\Printing\Printables;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Sheet\PrintRoom;
use AmpleMargin\Sheet\Sheet;
use App\Api\AskedBook;
use App\Api\AskedSheets;
use App\Api\BookView;
use App\Api\NotFound;
use App\Export\FileName;
use App\Export\PdfWriter;
use App\Export\PngWriter;
use App\Export\SvgWriter;
use App\Repository\Notebooks;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/notebooks/{id}')]
final class TrayController
{
    public function __construct(
        private readonly Notebooks $notebooks,
        private readonly BookView $view,
        private readonly AskedSheets $asked,
        private readonly PdfWriter $pdf,
        private readonly SvgWriter $svg,
        private readonly PngWriter $png,
    ) {
    }

    #[Route('/tray', methods: 'GET')]
    public function tray(string $id, Request $request): JsonResponse
    {
        [$book, $tray, $asked, $room] = $this->packed($id, $request);
        $sheets = [];
        $side = 0;
        foreach ($tray->tray->sheets as $sides) {
            $sheets[] = ['title' => $sides[0]->title, 'sides' => array_map(static function () use (&$side): int {
                return ++$side;
            }, $sides)];
        }
        $all = [];
        foreach (Printables::all() as $word => $one) {
            $choices = is_subclass_of($one, Chosen::class) ? $one::choices($book) : [];
            $all[] = ['word' => $word, 'name' => $one::name(), 'asks' => $one::asks(), 'choices' => $choices];
        }

        return new JsonResponse([
            'asked' => array_map(static fn (string $one): array => [
                'print' => $one,
                'says' => Printables::says($one, $book),
                'pieces' => $tray->counts[$one] ?? 0,
            ], $asked),
            'all' => $all,
            'sheets' => $sheets,
            'sides' => $side,
            'labels' => $tray->tray->labels,
            'bound' => $tray->tray->bound,
            'two_sided' => $tray->isTwoSided(),
            'says' => $tray->says(),
            'cautions' => $tray->tray->cautions,
            'paper' => $room->paper->value,
            'printer' => $room->printer->name ?? '',
        ]);
    }

    #[Route('/tray.pdf', methods: 'GET')]
    public function pdf(string $id, Request $request): Response
    {
        [$book, $tray, $asked] = $this->packed($id, $request);
        $sides = $this->sides($tray);

        return new Response($this->pdf->write($sides, $book->plan->title), 200, [
            'Letters-Missing' => rawurlencode(implode('', \array_slice($this->pdf->missing($sides), 0, 60))),
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => self::named(FileName::sheets($book, $asked, 'pdf')),
        ]);
    }

    #[Route('/tray/{side}.svg', methods: 'GET', requirements: ['side' => '\d{1,5}'])]
    public function svg(string $id, int $side, Request $request): Response
    {
        [$sheet, $name] = $this->side($id, $side, $request, 'svg');
        $isShown = 'text' === $request->query->getString('letters');

        return new Response($this->svg->write($sheet, $isShown), 200, ['Content-Type' => 'image/svg+xml']
            + ($isShown ? [] : ['Content-Disposition' => self::named($name)]));
    }

    #[Route('/tray/{side}.png', methods: 'GET', requirements: ['side' => '\d{1,5}'])]
    public function png(string $id, int $side, Request $request): Response
    {
        [$sheet, $name] = $this->side($id, $side, $request, 'png');

        return new Response($this->png->write($sheet), 200, ['Content-Type' => 'image/png', 'Content-Disposition' => self::named($name)]);
    }

    /** @return array{Book, BookTray, list<string>, PrintRoom} the book, what its tray comes to, what was asked for, where it is printed */
    private function packed(string $id, Request $request): array
    {
        $notebook = $this->notebooks->get($id);
        $book = $this->view->compose($notebook, AskedBook::of($request));

        return [$book, ...$this->asked->tray($notebook, $book, $request)];
    }

    /** @return array{Sheet, string} with the name of its file */
    private function side(string $id, int $side, Request $request, string $as): array
    {
        [$book, $tray, $asked] = $this->packed($id, $request);
        $sides = $this->sides($tray);

        return [
            $sides[$side - 1] ?? throw new NotFound('The tray has '.\count($sides).' sides.'),
            FileName::sheets($book, $asked, $as, \count($sides) > 1 ? $side : null),
        ];
    }

    /** @return non-empty-list<Sheet> @throws PlanProblem where there is nothing to print */
    private function sides(BookTray $tray): array
    {
        $sides = $tray->sides();
        if ([] === $sides) {
            throw PlanProblem::at('print', [] === $tray->says() ? 'The tray is empty: put something in.' : implode(' ', $tray->says()));
        }

        return $sides;
    }

    private static function named(string $name): string
    {
        return HeaderUtils::makeDisposition(HeaderUtils::DISPOSITION_ATTACHMENT, $name);
    }
}
