<?php

/* Sheets to print at true size. */

declare(strict_types=1);

namespace App\Controller;

use AmpleMargin\Book\Book;
use AmpleMargin\Book\BookSheets;
use AmpleMargin\Paper\PaperSize;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Sheet\Sheet;
use App\Api\AskedBook;
use App\Api\BookView;
use App\Export\PageList;
use App\Export\PdfWriter;
use App\Repository\Notebooks;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/notebooks/{id}/sheets')]
final class SheetController
{
    public function __construct(private readonly Notebooks $notebooks, private readonly BookView $view, private readonly PdfWriter $writer)
    {
    }

    /** ?pages=7,8-9&paper=A4&dates=off */
    #[Route('/pages.pdf', methods: 'GET')]
    public function pages(string $id, Request $request): Response
    {
        $book = $this->book($id, $request);
        $asked = $request->query->getString('pages', 'front');
        $pages = 'front' === $asked ? $book->spreadPages() : PageList::read($asked, $book->plan->stock->pages);
        $sheets = (new BookSheets($book, $this->paper($request)))->guides($pages, 'off' !== $request->query->getString('dates'));
        if ([] === $sheets) {
            throw PlanProblem::at('pages', 'Nothing is drawn on these pages: choose pages that a spread or a month stands on.');
        }

        return $this->pdf($sheets, $book, 'page-guide-'.preg_replace('/[^0-9a-z,-]/', '', $asked));
    }

    #[Route('/spacing-card.pdf', methods: 'GET')]
    public function spacingCard(string $id, Request $request): Response
    {
        $book = $this->book($id, $request);

        return $this->pdf((new BookSheets($book, $this->paper($request)))->spacingCard(), $book, 'spacing-card');
    }

    /** The pocket of the loose card, to cut and fold. */
    #[Route('/pocket.pdf', methods: 'GET')]
    public function pocket(string $id, Request $request): Response
    {
        $book = $this->book($id, $request);

        return $this->pdf([(new BookSheets($book, $this->paper($request)))->pocket()], $book, 'pocket');
    }

    /** Months to print, cut out and stick in. */
    #[Route('/months.pdf', methods: 'GET')]
    public function months(string $id, Request $request): Response
    {
        $book = $this->book($id, $request);
        $sheets = (new BookSheets($book, $this->paper($request)))->printedMonths();
        if ([] === $sheets) {
            throw PlanProblem::at(
                'way',
                'No spread of this book has room for printed months: choose “Printed or stamped months” for a year at a glance.',
            );
        }

        return $this->pdf($sheets, $book, 'months-to-cut-out');
    }

    /** Cover strips and patches, to cut out. */
    #[Route('/patches.pdf', methods: 'GET')]
    public function patches(string $id, Request $request): Response
    {
        $book = $this->book($id, $request);
        $sheets = (new BookSheets($book, $this->paper($request)))->patches();
        if ([] === $sheets) {
            throw PlanProblem::at('slips', 'No slip of this book is covered with paper: choose a way that does under “What now?”.');
        }

        return $this->pdf($sheets, $book, 'patches');
    }

    private function book(string $id, Request $request): Book
    {
        return $this->view->compose($this->notebooks->get($id), AskedBook::of($request));
    }

    private function paper(Request $request): PaperSize
    {
        return PaperSize::ofPrinter($request->query->getString('paper', 'A4')) ?? throw PlanProblem::at('paper', 'Print on A4 or Letter.');
    }

    /** @param list<Sheet> $sheets */
    private function pdf(array $sheets, Book $book, string $name): Response
    {
        return new Response($this->writer->write($sheets, $book->plan->title), 200, [
            'Letters-Missing' => rawurlencode(implode('', \array_slice($this->writer->missing($sheets), 0, 60))),
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => HeaderUtils::makeDisposition(HeaderUtils::DISPOSITION_ATTACHMENT, mb_substr($name, 0, 80).'.pdf'),
        ]);
    }
}
