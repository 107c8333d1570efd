<?php

/* How sheets are asked for in an address: ?print=…&paper=…&printer=…&labels=…&dates=off&now=… */

declare(strict_types=1);

namespace App\Api;

use AmpleMargin\Book\Book;
use AmpleMargin\Book\Printing\BookTray;
use AmpleMargin\Book\Printing\Context;
use AmpleMargin\Book\Printing\Printables;
use AmpleMargin\Paper\PaperSize;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Sheet\PrintRoom;
use AmpleMargin\Sheet\Tray\Labels;
use App\Entity\Notebook;
use App\Repository\Notebooks;
use App\Repository\Printers;
use Symfony\Component\HttpFoundation\Request;

final class AskedSheets
{
    public function __construct(private readonly Printers $printers, private readonly Notebooks $notebooks)
    {
    }

    /** @return array{BookTray, list<string>, PrintRoom} with what is asked for @throws PlanProblem */
    public function tray(Notebook $notebook, Book $book, Request $request): array
    {
        $room = $this->room($request);
        $asked = $request->query->has('print')
            ? Printables::read($request->query->getString('print'))
            : $book->plan->whole->making->tray;
        $labels = $request->query->getString('labels');
        $context = new Context(
            $book,
            $room,
            $this->notebooks->doneSteps($notebook),
            AskedNow::read($request->query->getString('now')),
            'off' !== $request->query->getString('dates'),
        );

        return [BookTray::of($context, $asked, '' === $labels ? null : Labels::said($room->paper, $labels)), $asked, $room];
    }

    /** A paper of the printer, by the word for it. @throws PlanProblem */
    public static function paper(string $word): PaperSize
    {
        return PaperSize::ofPrinter($word) ?? throw PlanProblem::at('paper', 'Print on A4, A5, A3 or Letter.');
    }

    public function room(Request $request): PrintRoom
    {
        $paper = self::paper($request->query->getString('paper', 'A4'));
        $printer = $request->query->getString('printer');

        return new PrintRoom($paper, '' === $printer ? null : $this->printers->named($printer, $paper));
    }
}
