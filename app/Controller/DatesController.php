<?php

/* What is already known about the year of a notebook: shown by month, transferred into a month, the repeats a day may have. */

declare(strict_types=1);

namespace App\Controller;

use AmpleMargin\Book\Book;
use AmpleMargin\Book\Dates\DatesOfBook;
use AmpleMargin\Book\Dates\Transfer;
use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Dates\DayRefused;
use AmpleMargin\Dates\RuleWords;
use AmpleMargin\Dates\SaidDay;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Values;
use App\Api\AskedBook;
use App\Api\Body;
use App\Api\BookView;
use App\Api\DatesView;
use App\Api\NotFound;
use App\Api\PreviewView;
use App\Export\DatesCalendar;
use App\Export\DatesTable;
use App\Import\Calendar\NamedZone;
use App\Import\DateFiles;
use App\Import\PublicHolidays;
use App\Import\ReadDates;
use App\Repository\Notebooks;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/notebooks/{id}/dates')]
final class DatesController
{
    /** Files read at once. */
    private const FILES = 10;

    public function __construct(private readonly Notebooks $notebooks, private readonly BookView $view)
    {
    }

    /** The months with what they hold, and one of them with its dates. */
    #[Route('', methods: 'GET')]
    public function dates(string $id, Request $request): JsonResponse
    {
        $notebook = $this->notebooks->get($id);
        $book = $this->view->compose($notebook, AskedBook::of($request));

        return new JsonResponse(['version' => $notebook->version()] + DatesView::of($book, self::month($request, $book)));
    }

    /** What goes into a month's pages when it is set up. */
    #[Route('/transfer', methods: 'GET')]
    public function transfer(string $id, Request $request): JsonResponse
    {
        $notebook = $this->notebooks->get($id);
        $book = $this->view->compose($notebook, AskedBook::of($request));

        return new JsonResponse(['version' => $notebook->version()]
            + DatesView::transfer($book, Transfer::of($book->dates->all, self::month($request, $book))));
    }

    /**
     * What lines or files would bring in; nothing is taken.
     *
     * {text?, files?: [{name, content: base64}], holidays?: {country, region}, zone?, month_first?, category?, near?}
     */
    #[Route('/preview', methods: 'POST')]
    public function preview(string $id, Request $request): JsonResponse
    {
        $notebook = $this->notebooks->get($id);
        $book = $this->view->compose($notebook, AskedBook::of($request));
        $values = Body::values($request);
        $category = $values->text('category', '', 40);
        if ('' !== $category && null === $book->dates->all->known->category($category)) {
            throw PlanProblem::at('category', "There is no category “{$category}”.");
        }
        $files = new DateFiles(
            new SaidDay($book->plan->period, $book->names(), Month::read($values->text('near', '', 10))),
            $book->dates->all->known,
            self::zone($values),
            $book->plan->period->start->year,
            $values->has('month_first') ? $values->flag('month_first', false) : null,
        );
        $read = new ReadDates([]);
        $text = $values->text('text', '', DateFiles::LARGEST);
        if ('' !== $text) {
            $read = $files->read('pasted', $text);
        }
        foreach ($values->each('files', self::FILES) as $file) {
            $bytes = base64_decode($file->text('content', '', 2 * DateFiles::LARGEST), true);
            $read = $read->and($files->read($file->text('name', 'a file', 200), false === $bytes ? '' : $bytes));
        }

        if ($values->has('holidays')) {
            $where = $values->inside('holidays');
            $read = $read->and(new ReadDates(PublicHolidays::of(
                $where->text('country', '', 5),
                $where->text('region', '', 20),
                $book->plan->period,
                $book->plan->language,
                $book->dates->all->known,
            )));
        }

        return new JsonResponse(['version' => $notebook->version()] + PreviewView::of($book, $read, $category));
    }

    /** @throws PlanProblem */
    private static function zone(Values $values): \DateTimeZone
    {
        return NamedZone::named($values->text('zone', 'UTC', 60))->zone ?? throw PlanProblem::at('zone', 'This names no time zone.');
    }

    #[Route('.ics', methods: 'GET', priority: 1)]
    public function calendar(string $id, Request $request): Response
    {
        $book = $this->view->compose($this->notebooks->get($id), AskedBook::of($request));

        return self::file(DatesCalendar::of($book), 'text/calendar; charset=utf-8', $book->plan->title, 'ics');
    }

    #[Route('.csv', methods: 'GET', priority: 1)]
    public function table(string $id, Request $request): Response
    {
        $book = $this->view->compose($this->notebooks->get($id), AskedBook::of($request));

        return self::file(DatesTable::of($book->dates->all->known), 'text/csv; charset=utf-8', $book->plan->title, 'csv');
    }

    private static function file(string $contents, string $type, string $title, string $ending): Response
    {
        $plain = trim((string) preg_replace('/[^A-Za-z0-9]+/', '-', $title), '-');

        return new Response($contents, 200, [
            'Content-Type' => $type,
            'Content-Disposition' => HeaderUtils::makeDisposition('attachment', ('' === $plain ? 'dates' : $plain).".$ending"),
        ]);
    }

    /** How what is on a day may come again. */
    #[Route('/repeats', methods: 'GET')]
    public function repeats(string $id, Request $request): JsonResponse
    {
        $notebook = $this->notebooks->get($id);
        $plan = $this->view->plan($notebook, AskedBook::of($request));
        $days = new SaidDay($plan->period, new Names($plan->language), Month::read($request->query->getString('near')));
        try {
            $when = $days->read($request->query->getString('day'));
        } catch (DayRefused $refused) {
            throw PlanProblem::at('day', $refused->getMessage());
        }

        return new JsonResponse(['repeats' => null === $when->first ? [] : (new RuleWords())->choices($when->first)]);
    }

    /** The month asked for, the book's first where none is. @throws NotFound */
    private static function month(Request $request, Book $book): Month
    {
        $said = $request->query->getString('month');
        $period = $book->plan->period;
        $month = '' === $said ? $period->start : Month::read($said);
        if (null === $month || $month->index() < $period->start->index() || $month->index() > $period->end->index() + DatesOfBook::BEYOND) {
            throw new NotFound('Dates are kept for the months of the book, and a year after.');
        }

        return $month;
    }
}
