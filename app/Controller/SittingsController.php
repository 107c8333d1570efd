<?php

/* Evenings and what is drawn in them. */

declare(strict_types=1);

namespace App\Controller;

use AmpleMargin\Book\Making\Sittings;
use AmpleMargin\Book\Making\Stopped;
use AmpleMargin\Calendar\Day;
use AmpleMargin\Plan\Making\Evening;
use AmpleMargin\Plan\Making\SaidEvenings;
use App\Api\AskedBook;
use App\Api\AskedNow;
use App\Api\Body;
use App\Api\BookView;
use App\Api\SittingsView;
use App\Api\TimingView;
use App\Export\DatesCalendar;
use App\Repository\Notebooks;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/notebooks/{id}/sittings')]
final class SittingsController
{
    public function __construct(private readonly Notebooks $notebooks, private readonly BookView $view)
    {
    }

    /** `now`, by the person's own clock, as 2026-12-20T19:20. */
    #[Route('', methods: 'GET')]
    public function sittings(string $id, Request $request): JsonResponse
    {
        $notebook = $this->notebooks->get($id);
        $book = $this->view->compose($notebook, AskedBook::of($request));
        $now = AskedNow::read($request->query->getString('now'));
        $ticks = $this->notebooks->tickedAt($notebook);
        $sittings = Sittings::of($book, $this->notebooks->doneSteps($notebook), $now);

        return new JsonResponse(
            ['version' => $notebook->version()] + SittingsView::of($sittings, $now, TimingView::byDay($ticks)),
        );
    }

    /** The page where drawing stopped; null where nothing was ticked, or nothing is left to do behind it. */
    #[Route('/stopped', methods: 'GET')]
    public function stopped(string $id): JsonResponse
    {
        $notebook = $this->notebooks->get($id);
        $last = $this->notebooks->lastTick($notebook);
        if (null === $last) {
            return new JsonResponse(['stopped' => null]);
        }
        $composed = $this->view->composed($notebook);
        $ticked = $this->notebooks->doneSteps($notebook);
        foreach ($composed->plan->books() as $volume) {
            $book = $composed->book($volume);
            $page = Stopped::page($book, $last['drawing'], $last['step'], $ticked);
            if (null !== $page) {
                return new JsonResponse(['stopped' => ['book' => $volume, 'page' => $page, 'title' => $book->slot($page)->title]]);
            }
        }

        return new JsonResponse(['stopped' => null]);
    }

    /** The evenings as a calendar file. */
    #[Route('.ics', methods: 'GET')]
    public function calendar(string $id, Request $request): Response
    {
        $notebook = $this->notebooks->get($id);
        $book = $this->view->compose($notebook, AskedBook::of($request));
        $sittings = Sittings::of($book, $this->notebooks->doneSteps($notebook), AskedNow::read($request->query->getString('now')));

        return new Response(DatesCalendar::ofSittings($book, $sittings), 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Content-Disposition' => HeaderUtils::makeDisposition(HeaderUtils::DISPOSITION_ATTACHMENT, 'sittings.ics'),
        ]);
    }

    /** {say, now}: "Tuesdays and Sundays, 90 minutes" as evenings, to be sent with set-evenings. */
    #[Route('/read', methods: 'POST')]
    public function read(string $id, Request $request): JsonResponse
    {
        $book = $this->view->plan($this->notebooks->get($id), AskedBook::of($request));
        $values = Body::values($request);
        $now = AskedNow::read($values->text('now', '', 20));
        $first = Day::of($book->period->start, 1);
        $after = null === $now ? $first->plus(-8) : Day::numbered(intdiv($now, 1440) - 1);

        return new JsonResponse(['evenings' => array_map(
            static fn (Evening $one): array => $one->written(),
            SaidEvenings::read(
                $values->text('say', '', 2_000),
                $after,
                $first,
                'say',
                null === $now ? null : $after->plus(1),
                null === $now ? null : $now % 1440,
            ),
        )]);
    }
}
