<?php

/* The counting bench: how a side may be split, and where a title or a row of stamps goes. Needs no notebook. */

declare(strict_types=1);

namespace App\Controller;

use AmpleMargin\Bench\BenchRegion;
use AmpleMargin\Bench\Counted;
use AmpleMargin\Bench\CountingBench;
use AmpleMargin\Bench\Placed;
use AmpleMargin\Bench\TitleBench;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Tally;
use AmpleMargin\Drawing\Edge;
use AmpleMargin\Paper\Stock;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\PlanReader;
use AmpleMargin\Plan\SplitReader;
use AmpleMargin\Plan\Values;
use App\Api\Body;
use App\Api\DrawingView;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/counting')]
final class CountingController
{
    #[Route('/split', methods: 'POST')]
    public function split(Request $request): JsonResponse
    {
        $values = Body::values($request);
        [$across, $down, $pitch] = self::page($values);
        [$x, $y, $wide, $tall] = SplitReader::region($values);
        $region = new BenchRegion($values->choice('edge', Edge::class, Edge::Top), $x, $y, $wide, $tall);
        if (!$region->isOn($across, $down)) {
            throw PlanProblem::at('wide', "$wide × $tall boxes from box $x, $y do not fit on a page of $across × $down.");
        }
        $tally = $values->choice('counting', Tally::class, Tally::Boxes);
        $splitting = SplitReader::splitting($values);
        $bench = new CountingBench($across, $down, $pitch);
        $counted = $bench->count($region, $splitting);

        return new JsonResponse([
            'side' => $region->side(),
            'gap' => $splitting->gapOn($region->side()),
            'counted' => array_map(static fn (Counted $one): array => self::counted($one, $tally), $counted),
            'marks' => DrawingView::marks($bench->draw($region, $counted)),
        ]);
    }

    /** {across, down, pitch, title?, wide?, gap?} and {block?, width, first_dot} and {stamp?, between?, count?}, lengths in mm */
    #[Route('/place', methods: 'POST')]
    public function place(Request $request): JsonResponse
    {
        $values = Body::values($request);
        [$across, $down, $pitch] = self::page($values);
        $bench = new TitleBench($across, $down, $pitch);
        $title = trim($values->text('title', '', 200));
        $places = [];
        if ('' !== $title) {
            $wide = $values->has('wide') ? SplitReader::number($values, 'wide', 1, 100, 'A letter takes 1 to 100 boxes') : null;
            $places = $bench->title(
                $title,
                $wide,
                SplitReader::number($values, 'gap', 0, 20, 'The gap between letters is 0 to 20 boxes', 1),
            );
        }
        if ($values->has('block')) {
            $block = SplitReader::number($values, 'block', 1, Stock::MOST_BOXES, 'A block is 1 to '.Stock::MOST_BOXES.' boxes wide');
            array_push(
                $places,
                ...$bench->block(
                    $block,
                    self::length($values, 'width', 'The paper is 1 to 1000 mm wide'),
                    self::length($values, 'first_dot', 'The first dot stands 0 to 1000 mm from the edge', true),
                ),
            );
        }
        if ($values->has('stamp')) {
            $count = $values->has('count') ? SplitReader::number($values, 'count', 1, 200, 'Count 1 to 200 stamps') : null;
            array_push(
                $places,
                ...$bench->stamps(
                    self::length($values, 'stamp', 'A stamp is 1 to 1000 mm wide'),
                    $values->has('between') ? self::length($values, 'between', 'Between stamps stay 0 to 1000 mm', true) : 0,
                    $count,
                ),
            );
        }

        return new JsonResponse(['places' => array_map(
            static fn (Placed $place): array => [
                'name' => $place->name,
                'figure' => $place->figure,
                'arithmetic' => $place->arithmetic,
                'marks' => null === $place->drawing ? [] : DrawingView::marks($place->drawing),
            ],
            $places,
        )]);
    }

    /** @return array{int, int, int} boxes across and down, µm a box */
    private static function page(Values $values): array
    {
        $boxes = static fn (string $name): int => SplitReader::number(
            $values,
            $name,
            1,
            Stock::MOST_BOXES,
            'A page has 1 to '.Stock::MOST_BOXES." boxes $name",
        );
        $pitch = PlanReader::pitch($values);

        return [$boxes('across'), $boxes('down'), $pitch];
    }

    private static function length(Values $values, string $name, string $says, bool $nought = false): int
    {
        $length = $values->millimetres($name);

        return $length >= ($nought ? 0 : 1_000) && $length <= 1_000_000 ? $length : throw PlanProblem::at($name, "$says.");
    }

    /** @return array<string, mixed> */
    private static function counted(Counted $one, Tally $tally): array
    {
        $sizes = null === $one->split ? [] : array_map(
            static fn (array $span): string => (string) $span['to']->minus($span['from']),
            $one->split->spans(),
        );

        return [
            'policy' => $one->policy->value,
            'name' => $one->name,
            'run' => $one->split?->run(),
            'sizes' => $sizes,
            'ticks' => array_map($tally->place(...), $one->ticks),
            'said' => null === $one->split ? '' : $tally->places($one->ticks),
            'from_last' => array_map(static fn (Fraction $step): string => (string) $step, $one->fromLast),
            'left' => null === $one->left ? null : (string) $one->left,
            'mm' => $one->millimetres(),
            'working' => $one->split?->working(),
            'says' => $one->says,
            'other_gap' => $one->otherGap,
        ];
    }
}
