<?php

/* The ways out of a drawing that does not fit: only those that do are offered. */

declare(strict_types=1);

namespace AmpleMargin\Spread;

use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\PageDrawing;

final class Offers
{
    private const MOST = 2;

    /**
     * The pages as they are; where one says that they cannot be drawn and offers nothing, with the first of these
     * ways that can, or to leave the spread out.
     *
     * @param list<PageDrawing>                                $pages
     * @param \Closure(Request): list<PageDrawing>             $draw
     * @param list<array{say: string, settings: array<string, mixed>}> $ways from the least change on
     *
     * @return list<PageDrawing>
     */
    public static function onto(array $pages, Request $request, \Closure $draw, array $ways): array
    {
        $offers = null;

        return array_map(static function (PageDrawing $page) use ($request, $draw, $ways, &$offers): PageDrawing {
            $stuck = array_filter($page->findings, static fn (Finding $finding): bool => $finding->broken && [] === $finding->offers);

            if ([] === $stuck) {
                return $page;
            }
            // Ways are drawn to be tried, so once for all pages.
            $offers ??= self::fitting($request, $draw, $ways);

            return $page->withFindings(array_map(
                static fn (Finding $finding): Finding => \in_array($finding, $stuck, true) ? new Finding(
                    $finding->about,
                    $finding->says,
                    $offers,
                ) : $finding,
                $page->findings,
            ));
        }, $pages);
    }

    /**
     * @param \Closure(Request): list<PageDrawing>                     $draw
     * @param list<array{say: string, settings: array<string, mixed>}> $ways
     *
     * @return list<array{say: string, edit: array<string, mixed>}>
     */
    private static function fitting(Request $request, \Closure $draw, array $ways): array
    {
        $offers = [];
        foreach ($ways as ['say' => $say, 'settings' => $settings]) {
            if (\count($offers) < self::MOST && self::fits($draw($request->with($settings)))) {
                $offers[] = ['say' => $say, 'edit' => ['type' => 'set-spread', 'spread' => $request->id, 'settings' => $settings]];
            }
        }

        return [] === $offers ? [['say' => 'Leave it out', 'edit' => ['type' => 'remove-spread', 'spread' => $request->id]]] : $offers;
    }

    /** @param list<PageDrawing> $pages */
    private static function fits(array $pages): bool
    {
        foreach ($pages as $page) {
            if (null !== $page->broken()) {
                return false;
            }
        }

        return true;
    }
}
