<?php

/* The ways out of a drawing that does not fit: only those that do are offered. */

declare(strict_types=1);

namespace AmpleMargin\Spread;

use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Offer;

/** @internal to Spread */
final class Offers
{
    private const MOST = 2;

    /**
     * The layout as it is; where it says that it cannot be drawn and offers nothing, with the first of these ways that
     * can, or to leave the spread out.
     *
     * @param \Closure(Request): Laid                                  $layOut
     * @param list<array{say: string, settings: array<string, mixed>}> $ways   from the least change on
     */
    public static function onto(Laid $laid, Request $request, \Closure $layOut, array $ways): Laid
    {
        $stuck = static fn (Finding $finding): bool => $finding->broken && [] === $finding->offers;
        if ([] === array_filter(array_merge(...$laid->findings), $stuck)) {
            return $laid;
        }
        $offers = self::fitting($request, $layOut, $ways);

        return $laid->saying(array_map(static fn (array $said): array => array_map(
            static fn (Finding $finding): Finding => $stuck($finding)
                ? new Finding($finding->about, $finding->says, $offers, see: $finding->see)
                : $finding,
            $said,
        ), $laid->findings));
    }

    /**
     * @param \Closure(Request): Laid                                  $layOut
     * @param list<array{say: string, settings: array<string, mixed>}> $ways
     *
     * @return list<Offer>
     */
    private static function fitting(Request $request, \Closure $layOut, array $ways): array
    {
        $offers = [];
        foreach ($ways as ['say' => $say, 'settings' => $settings]) {
            if (\count($offers) < self::MOST && null === $layOut($request->with($settings))->broken()) {
                $offers[] = Offer::settings($request->id, $say, $settings);
            }
        }

        return [] === $offers ? [Offer::leaveOut($request->id)] : $offers;
    }
}
