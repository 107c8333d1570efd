<?php

/* What there is to choose from: kinds, papers, and the estimate of a page's counts. */

declare(strict_types=1);

namespace App\Controller;

use AmpleMargin\Calendar\Names;
use AmpleMargin\Find\KindFinder;
use AmpleMargin\Paper\CountEstimate;
use AmpleMargin\Paper\Millimetres;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Spread\Catalogue\Catalogue;
use AmpleMargin\Spread\Catalogue\Kind;
use App\Api\Body;
use App\Api\CatalogueView;
use App\Api\NotFound;
use App\Import\PublicHolidays;
use App\Plan\KindFile;
use App\Repository\Kinds;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

final class CatalogueController
{
    /** The countries and regions whose public holidays are known, by their codes. */
    #[Route('/api/holidays', methods: 'GET')]
    public function holidays(): JsonResponse
    {
        $known = PublicHolidays::countries();

        // A region "" alone would be a list.
        $countries = array_map(static fn (array $regions): object => (object) $regions, $known['countries']);

        return new JsonResponse(['countries' => $countries] + $known);
    }

    #[Route('/api/catalogue', methods: 'GET')]
    public function catalogue(CatalogueView $view, Request $request): JsonResponse
    {
        return $view->answer($request);
    }

    /** JSON Schema of each kind's settings. */
    #[Route('/api/catalogue/settings', methods: 'GET')]
    public function settings(Catalogue $catalogue): JsonResponse
    {
        $schemas = [];
        foreach ([...$catalogue->spreads(), ...$catalogue->monthParts()] as $kind) {
            $schemas[$kind->id] = $kind->schema();
        }

        return new JsonResponse(['kinds' => $schemas]);
    }

    /** Kinds of spread a wish means, or parts of a month, the likeliest first. */
    #[Route('/api/kinds/found', methods: 'GET')]
    public function found(Request $request, Catalogue $catalogue): JsonResponse
    {
        $kinds = $request->query->getBoolean('monthly')
            ? [...$catalogue->monthParts(), ...array_filter($catalogue->spreads(), static fn (Kind $kind): bool => $kind->suitsMonth())]
            : $catalogue->spreads();
        $found = (new KindFinder(array_values($kinds)))->find($request->query->getString('wish'));

        return new JsonResponse(['kinds' => $found->kinds, 'near' => $found->near, 'says' => $found->says]);
    }

    /** Takes a kind of a person's own out of the drawer; plans that have it keep it. */
    #[Route('/api/kinds/{kind}', methods: 'DELETE')]
    public function removeKind(string $kind, Kinds $kinds): Response
    {
        $kinds->remove($kind);

        return new Response('', Response::HTTP_NO_CONTENT);
    }

    /** A kind of a person's own as a file to hand on. */
    #[Route('/api/kinds/{kind}/file', methods: 'GET')]
    public function kindFile(string $kind, Kinds $kinds): Response
    {
        foreach ($kinds->all() as $one) {
            if ($one->id === $kind) {
                return new Response(KindFile::written($one), Response::HTTP_OK, [
                    'Content-Type' => 'application/json',
                    'Content-Disposition' => "attachment; filename=\"$kind.kind.json\"",
                ]);
            }
        }

        throw new NotFound('This kind of your own is not in the drawer any more.');
    }

    /** Such a file, into the drawer of every notebook. */
    #[Route('/api/kinds', methods: 'POST')]
    public function takeKind(Request $request, Kinds $kinds): JsonResponse
    {
        $kind = KindFile::read(Body::text($request));
        $kinds->take($kind);

        return new JsonResponse(['kind' => $kind->id, 'name' => $kind->name], Response::HTTP_CREATED);
    }

    /** The languages months and weekdays can have on paper. */
    #[Route('/api/languages', methods: 'GET')]
    public function languages(): JsonResponse
    {
        return new JsonResponse(['languages' => Names::languages()]);
    }

    #[Route('/api/estimate', methods: 'GET')]
    public function estimate(Request $request): JsonResponse
    {
        $length = static function (string $name, int $default) use ($request): int {
            $said = $request->query->get($name);
            if (null === $said) {
                return $default;
            }
            if (!is_numeric($said) || (float) $said < 0 || (float) $said > 1000) {
                throw PlanProblem::at($name, "“{$said}” is not a length in mm.");
            }

            return Millimetres::read((float) $said);
        };
        $pitch = $length('pitch', 5_000);
        if ($pitch < 2_000) {
            throw PlanProblem::at('pitch', 'A pitch is 2 to 20 mm.');
        }
        $answer = [];
        foreach ([
            ['across', 'width', CountEstimate::MARGIN_ACROSS],
            ['down', 'height', CountEstimate::MARGIN_DOWN],
        ] as [$way, $side, $margin]) {
            $estimate = CountEstimate::of($length($side, 0), $length("margin_$way", $margin), $pitch);
            $answer[$way] = ['boxes' => $estimate->boxes, 'working' => $estimate->working];
        }

        return new JsonResponse($answer);
    }
}
