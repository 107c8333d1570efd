<?php

declare(strict_types=1);

namespace Tests\Book;

use AmpleMargin\Book\Composer;
use AmpleMargin\Book\ForeEdge;
use AmpleMargin\Paper\FirstLeaf;
use PHPUnit\Framework\TestCase;
use Tests\Books;

final class ForeEdgeTest extends TestCase
{
    public function testTheSampleIsBandedFromTheFirstPageToTheLast(): void
    {
        $edge = ForeEdge::of(Composer::compose(Books::sample()));

        self::assertSame(['from' => 1, 'to' => 6, 'band' => 'front', 'label' => 'Front pages', 'initial' => ''], $edge[0]);
        self::assertSame(['from' => 17, 'to' => 29, 'band' => 'month', 'label' => 'January 2027', 'initial' => 'J'], $edge[4]);
        self::assertSame(['spare', 174, 183], [$edge[16]['band'], $edge[16]['from'], $edge[16]['to']]);
        self::assertSame(['back', 184, 192], [$edge[17]['band'], $edge[17]['from'], $edge[17]['to']]);
        self::assertCount(18, $edge);
    }

    public function testEveryPageIsInOneStretchWhateverHappensToTheBook(): void
    {
        $plans = [
            Books::sample(),
            Books::starter(Books::a5(8)),
            Books::starter(Books::a5(192, FirstLeaf::Blank)),
            Books::edited(
                Books::sample(),
                [
                    ['type' => 'set-lost', 'page' => 20],
                    ['type' => 'set-lost', 'page' => 4],
                    ['type' => 'set-used', 'month' => '2027-01', 'page' => 45],
                ],
            ),
            Books::edited(Books::sample(), [['type' => 'set-spread', 'spread' => 'key', 'pin' => 100]]),
        ];
        foreach ($plans as $i => $plan) {
            $next = 1;
            foreach (ForeEdge::of(Composer::compose($plan)) as $stretch) {
                self::assertSame($next, $stretch['from'], "plan $i");
                self::assertGreaterThanOrEqual($stretch['from'], $stretch['to']);
                $next = $stretch['to'] + 1;
            }
            self::assertSame($plan->stock->pages + 1, $next, "plan $i");
        }
    }

    public function testALostPageAndAnUnusedLeafAreClosed(): void
    {
        $blank = ForeEdge::of(Composer::compose(Books::starter(Books::a5(192, FirstLeaf::Blank))));
        self::assertSame([1, 2, 'closed'], [$blank[0]['from'], $blank[0]['to'], $blank[0]['band']]);

        $lost = ForeEdge::of(Composer::compose(Books::edited(Books::sample(), [['type' => 'set-lost', 'page' => 20]])));
        $closed = array_values(array_filter($lost, static fn (array $stretch): bool => 'closed' === $stretch['band']));
        self::assertSame(
            [[20, 20, 'Skipped or ruined']],
            array_map(static fn (array $stretch): array => [$stretch['from'], $stretch['to'], $stretch['label']], $closed),
        );
    }
}
