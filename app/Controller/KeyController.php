<?php

/* The key designer: sets to begin with, and the checks of a key that is being drawn. Needs no notebook. */

declare(strict_types=1);

namespace App\Controller;

use AmpleMargin\Colour\Palette;
use AmpleMargin\Key\KeyCheck;
use AmpleMargin\Key\KeyMark;
use AmpleMargin\Key\KeyProblem;
use AmpleMargin\Key\KeyReader;
use AmpleMargin\Key\StarterKeys;
use AmpleMargin\Key\SymbolSet;
use AmpleMargin\Plan\PlanReader;
use AmpleMargin\Plan\PlanWriter;
use App\Api\Body;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/key')]
final class KeyController
{
    #[Route('/starters', methods: 'GET')]
    public function starters(): JsonResponse
    {
        $starters = [];
        foreach (StarterKeys::all() as $id => [$name, $says]) {
            $starters[] = ['id' => $id, 'name' => $name, 'says' => $says, 'symbols' => KeyReader::written(StarterKeys::set($id))];
        }

        return new JsonResponse(['starters' => $starters, 'palette' => PlanWriter::palette(Palette::usual())]);
    }

    /** {pitch, symbols, palette?} */
    #[Route('/check', methods: 'POST')]
    public function check(Request $request): JsonResponse
    {
        $values = Body::values($request);
        $pitch = PlanReader::pitch($values);
        $set = KeyReader::read($values);
        $check = new KeyCheck($set, $pitch);
        $palette = PlanReader::palette($values) ?? Palette::usual();

        return new JsonResponse([
            'marks' => array_map(static fn (KeyMark $mark, int $i): array => [
                'symbol' => $mark->symbol,
                'state' => $mark->state,
                'name' => $mark->name,
                'strokes' => KeyReader::lines($mark->strokes),
                'nearest' => isset($check->nearest[$i]) ? [
                    'name' => $check->marks[$check->nearest[$i][0]]->name,
                    'mm' => round($check->nearest[$i][1], 2),
                ] : null,
            ], $check->marks, array_keys($check->marks)),
            'problems' => array_map(
                static fn (KeyProblem $one): array => [
                    'symbol' => $one->symbol,
                    'state' => $one->state,
                    'says' => $one->says,
                    'stops' => $one->stops,
                ],
                $check->problems(),
            ),
            'shapes' => $set->shapes(),
            'most' => [
                'shapes' => KeyCheck::REMEMBERED,
                'symbols' => SymbolSet::MOST_SYMBOLS,
                'states' => SymbolSet::MOST_STATES,
                'colours' => Palette::MOST,
            ],
            'apart' => Palette::APART,
            'how' => KeyCheck::how(),
            'colours' => array_map(
                static fn (array $use): array => [
                    'lines' => $use['lines'],
                    'band' => $use['band'],
                    'paper' => round($use['paper'], 1),
                    'ink' => round($use['ink'], 1),
                ],
                $palette->uses(),
            ),
            'alike' => array_map(
                static fn (array $pair): array => [
                    'one' => $pair[0],
                    'two' => $pair[1],
                    'eyes' => $pair[2],
                    'distance' => round($pair[3], 1),
                ],
                $palette->alike(),
            ),
        ]);
    }
}
