<?php

/* What there is to choose from, as the interface asks for it when it is opened: worked out and squeezed once a version of the program. */

declare(strict_types=1);

namespace App\Api;

use AmpleMargin\Book\StarterPlan;
use AmpleMargin\Paper\PaperSize;
use AmpleMargin\Plan\Making\SlipKind;
use AmpleMargin\Plan\PlanWriter;
use AmpleMargin\Spread\Catalogue\Catalogue;
use AmpleMargin\Spread\Filling\Fillings;
use AmpleMargin\Spread\Part\Cut;
use AmpleMargin\Spread\Part\Cuts;
use AmpleMargin\Spread\Part\FilledPart;
use AmpleMargin\Spread\Part\Filling;
use AmpleMargin\Spread\Setting\Field;
use App\Security\PublicFile;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Contracts\Cache\CacheInterface;

final class CatalogueView
{
    /** @param CacheInterface $cache emptied with whatever is compiled of the program */
    public function __construct(
        private readonly Catalogue $catalogue,
        #[Autowire(service: 'cache.system')]
        private readonly CacheInterface $cache,
    ) {
    }

    public function answer(Request $request): JsonResponse
    {
        $squeezed = PublicFile::isUnpacked($request);
        $response = JsonResponse::fromJsonString($this->cache->get(
            $squeezed ? 'catalogue.gz' : 'catalogue',
            fn (): string => $squeezed ? (string) gzencode($this->written(), 9) : $this->written(),
        ));
        if ($squeezed) {
            $response->headers->set('Content-Encoding', 'gzip');
        }
        $response->setVary('Accept-Encoding', false);

        return $response;
    }

    private function written(): string
    {
        return (string) json_encode(self::of($this->catalogue), \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES);
    }

    /** @return array<string, mixed> */
    private static function of(Catalogue $catalogue): array
    {
        $all = [
            'spreads' => array_map(KindView::of(...), $catalogue->spreads()),
            'month_parts' => array_map(KindView::of(...), $catalogue->monthParts()),
            'fillings' => array_map(
                static fn (Filling $filling, string $word): array => [
                    'fill' => $word,
                    'name' => $filling->name(),
                    'purpose' => $filling->purpose(),
                    'fields' => KindView::fields(
                        array_values(array_filter(FilledPart::askedOf($filling), static fn (Field $field): bool => $field->isAsked())),
                    ),
                ],
                Fillings::all(),
                array_keys(Fillings::all()),
            ),
            'cuts' => array_map(static fn (Cut $cut): array => [
                'cut' => $cut::word(),
                'name' => $cut::name(),
                'purpose' => $cut::purpose(),
                'fields' => KindView::fields($cut->known()),
            ], array_values(Cuts::all())),
        ];
        // Many kinds ask the same: it is said once, and named by its number.
        $fields = [];
        $numbers = [];
        $numbered = [];
        foreach ($all as $what => $asking) {
            foreach ($asking as $one) {
                $asked = [];
                foreach (\is_array($one['fields']) ? $one['fields'] : [] as $field) {
                    $written = serialize($field);
                    if (!isset($numbers[$written])) {
                        $numbers[$written] = \count($fields);
                        $fields[] = $field;
                    }
                    $asked[] = $numbers[$written];
                }
                $numbered[$what][] = ['fields' => $asked] + $one;
            }
        }

        return $numbered + [
            'fields' => $fields,
            'slips' => array_map(
                static fn (SlipKind $kind): array => ['id' => $kind->value, 'words' => $kind->words(), 'asks' => $kind->asks()],
                SlipKind::cases(),
            ),
            'patterns' => array_map(PlanWriter::pattern(...), StarterPlan::patterns()),
            'papers' => array_map(static fn (PaperSize $size): array => [
                'name' => $size->value,
                'width' => $size->micrometres()[0] / 1000,
                'height' => $size->micrometres()[1] / 1000,
            ], PaperSize::notebooks()),
        ];
    }
}
