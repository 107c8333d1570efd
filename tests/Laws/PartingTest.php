<?php

/*
 * The law of Part this page: a page that is parted and changed in nothing is the page it was. Every kind in every layout, and in settings by
 * chance, on three papers: the same pages in the same places, the same marks, steps, rooms and days, known dates among them.
 */

declare(strict_types=1);

namespace Tests\Laws;

use AmpleMargin\Book\Composer;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Step;
use AmpleMargin\Paper\Stock;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Spread\Catalogue\Catalogue;
use AmpleMargin\Spread\Catalogue\Kind;
use AmpleMargin\Spread\Part\HasLayouts;
use PHPUnit\Framework\TestCase;
use Tests\Asking;
use Tests\Books;
use Tests\Golden\Fingerprint;
use Tests\Thorough;

final class PartingTest extends TestCase
{
    public function testAPageThatIsPartedLosesNothing(): void
    {
        $found = [];
        $checked = 0;
        foreach ($this->papers() as $name => $paper) {
            $empty = Books::starter($paper, '2027-03', '2028-02')->with(['spreads' => []]);
            $empty = Books::edited($empty, [
                ['type' => 'add-date', 'day' => '12 June', 'words' => 'regatta', 'is' => 'date'],
                ['type' => 'add-date', 'day' => '3 July', 'words' => 'Ada', 'is' => 'birthday'],
            ]);
            foreach ((new Catalogue())->spreads() as $kind) {
                foreach ($this->ways($kind) as $settings) {
                    $problem = $this->lost(Books::edited($empty, [
                        ['type' => 'add-spread', 'kind' => 'index'],
                        ['type' => 'add-spread', 'kind' => $kind->id, 'title' => 'Of mine', 'settings' => $settings],
                    ]));
                    $checked += null === $problem ? 0 : 1;
                    if (null !== $problem && '' !== $problem) {
                        $found["$kind->id: ".strtok($problem, ':')] ??= "$name ".json_encode($settings, \JSON_UNESCAPED_UNICODE).": $problem";
                    }
                }
            }
        }
        self::assertGreaterThan(Thorough::of(250, 1_000), $checked);
        KnownFailures::assertKnown('parts', $found, Thorough::is());
    }

    /** @return array<string, Stock> */
    private function papers(): array
    {
        return [
            'A5' => Books::a5(240),
            'small' => new Stock(95_000, 155_000, 5_000, 17, 28, 240),
            'large' => new Stock(175_000, 250_000, 5_000, 31, 46, 240),
        ];
    }

    /** @return list<array<string, mixed>> nothing said, every layout, settings by chance, half a page where it may be */
    private function ways(Kind $kind): array
    {
        $ways = [[], ...array_map(
            static fn ($layout): array => array_filter($layout->settings, static fn (mixed $value): bool => null !== $value),
            $kind->form instanceof HasLayouts ? $kind->form->layouts(Asking::of($kind)) : [],
        )];
        for ($seed = 1; $seed <= Thorough::of(1, 12); ++$seed) {
            mt_srand(crc32($kind->id) + $seed);
            $settings = [];
            foreach ($kind->fields() as $field) {
                if (0 === mt_rand(0, 1)) {
                    $settings[$field->name] = Asking::value($field);
                }
            }
            $ways[] = $settings;
        }

        return Thorough::is() ? $ways : [$ways[0], $ways[mt_rand(1, \count($ways) - 1)]];
    }

    /** What is lost where the last spread of a plan is parted; "" for nothing, null where it cannot be parted here. */
    private function lost(Plan $plan): ?string
    {
        $spread = $plan->spreads[\count($plan->spreads) - 1];
        $book = Composer::compose($plan);
        $parts = $book->partsOf($spread)->drawn();
        if (null === $parts || [] === $parts->leaves) {
            return null;
        }
        try {
            $parted = Books::edited($plan, [
                ['type' => 'part-page', 'spread' => $spread->id, 'at' => $parts->leaves[0]->path, 'do' => 'set', 'settings' => []],
            ]);
        } catch (PlanProblem) {
            return null;
        }
        $after = Composer::compose($parted);
        [$before, $now] = [$book->spreadDrawings($spread->id), $after->spreadDrawings($spread->id)];

        return match (true) {
            'page-of-parts' !== $parted->spread($spread->id)?->kind => 'kind: it is no page of parts',
            \count($before) !== \count($now) => 'pages: '.\count($before).', then '.\count($now),
            $book->pageOf($spread->id) !== $after->pageOf($spread->id) => "place: page {$book->pageOf($spread->id)}, then {$after->pageOf($spread->id)}",
            self::keys($before) !== self::keys($now) => 'steps: '.implode(' / ', \array_slice(array_diff(self::keys($before), self::keys($now)), 0, 3)),
            Fingerprint::of($before) !== Fingerprint::of($now) => 'marks: '.Fingerprint::of($before).', then '.Fingerprint::of($now),
            default => '',
        };
    }

    /**
     * @param list<PageDrawing> $pages
     *
     * @return list<string>
     */
    private static function keys(array $pages): array
    {
        return array_merge([], ...array_map(
            static fn (PageDrawing $page): array => array_map(static fn (Step $step): string => "$step->key $step->text", $page->steps),
            $pages,
        ));
    }
}
