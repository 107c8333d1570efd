<?php

/* Edits of every kind with values right and wrong: each is refused in words, or makes a plan that is whole. */

declare(strict_types=1);

namespace Tests\Editing;

use AmpleMargin\Book\Composer;
use AmpleMargin\Editing\Edits;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Spread\Catalogue;
use AmpleMargin\Spread\Setting\Field;
use PHPUnit\Framework\TestCase;
use Tests\Asking;
use Tests\Books;

final class RandomEditsTest extends TestCase
{
    /** What each edit takes, as docs/format.md says. */
    private const EDITS = [
        'set-title' => ['title'], 'set-stock' => ['stock'], 'set-period' => ['period'], 'set-weeks' => ['weeks'], 'set-counting' => ['counting'], 'set-language' => ['language'],
        'add-spread' => ['kind', 'section', 'before', 'title', 'settings'], 'move-spread' => ['spread', 'section', 'before'],
        'set-spread' => ['spread', 'title', 'pin', 'side', 'medium', 'faces', 'worth', 'settings'], 'remove-spread' => ['spread'],
        'set-pattern' => ['pattern'], 'remove-pattern' => ['pattern'], 'use-pattern' => ['pattern', 'month'],
        'set-spare' => ['spare', 'weights'], 'set-used' => ['month', 'page'], 'set-lost' => ['page', 'lost'],
        'take-split' => ['page', 'edge', 'x', 'y', 'wide', 'tall', 'parts', 'gap', 'policy'], 'drop-split' => ['taken'],
        'set-palette' => ['palette'], 'set-key' => ['spread', 'symbols', 'palette'], 'set-mixing' => ['mixing'],
        'add-book' => ['title', 'stock', 'from'], 'set-book' => ['book', 'title', 'stock', 'from'], 'remove-book' => ['book'],
    ];

    public function testEveryEditIsRefusedInWordsOrMakesAWholePlan(): void
    {
        $refused = $made = [];
        $plan = Books::sample();
        for ($seed = 1; $seed <= 2_000; ++$seed) {
            mt_srand($seed);
            $plan = 0 === $seed % 25 ? Books::sample() : $plan;
            $type = array_rand(self::EDITS);
            $edit = ['type' => $type];
            foreach (self::EDITS[$type] as $name) {
                if (0 !== mt_rand(0, 5)) {
                    $edit[$name] = self::value($name, $plan);
                }
            }
            $before = Books::files()->write($plan);
            try {
                $edited = Edits::apply($plan, $edit);
            } catch (PlanProblem $problem) {
                $refused[$type] = true;
                self::assertMatchesRegularExpression('/\S.*[.?]$/su', $problem->getMessage(), "seed $seed, $type");
                self::assertSame($before, Books::files()->write($plan), "seed $seed, $type");

                continue;
            }
            $made[$type] = true;
            self::assertNotSame('', $edited->said);
            $plan = $edited->plan;
            $this->isWhole($plan, "seed $seed, ".json_encode($edit));
        }
        foreach (array_keys(self::EDITS) as $type) {
            self::assertArrayHasKey($type, $refused + $made, "$type was tried");
        }
        self::assertGreaterThan(18, \count($made), 'kinds of edits that came through');
    }

    private function isWhole(Plan $plan, string $about): void
    {
        $written = Books::files()->write($plan);
        self::assertSame($written, Books::files()->write(Books::files()->read($written)[0]), $about);
        $book = Composer::compose($plan);
        $seen = [];
        foreach ($book->spreadPages() as $page) {
            self::assertArrayNotHasKey($page, $seen, "$about: page $page is two things");
            $seen[$page] = true;
            self::assertNotNull($book->drawing($page), "$about: page $page");
        }
    }

    private static function value(string $name, Plan $plan): mixed
    {
        $one = static fn (array $of): mixed => $of[array_rand($of)];
        if (0 === mt_rand(0, 7)) {
            return $one([null, true, -1, 0, 61, 10_000, 1.5, '', 'none such', [], ['a' => 1], [[]]]);
        }
        $ids = array_map(static fn ($spread): string => $spread->id, $plan->spreads);
        $kind = $one((new Catalogue())->spreads());

        return match ($name) {
            'title' => $one(['Harbour', str_repeat('Äijä ', 40), '二〇二七年', "  trim me\n"]),
            'stock' => [
                'width' => $one([148, 90, 210]),
                'height' => 210,
                'pitch' => $one([3.7, 5, 6.35]),
                'across' => mt_rand(9, 61),
                'down' => mt_rand(13, 81),
                'pages' => $one([8, 48, 192, 400]),
                'first_leaf' => 'ordinary',
            ],
            'period' => ['start' => $one(['2027-01', '2027-07']), 'end' => $one(['2027-07', '2027-12', '2028-12', '2029-12'])],
            'weeks' => ['first' => mt_rand(0, 8)],
            'counting' => $one(['boxes', 'dots', 'beads']),
            'language' => $one(['fi', 'hi', 'zz', 'ar_EG']),
            'kind' => $kind->id,
            'section' => $one(['front', 'year', 'goals', 'trackers', 'back', 'attic']),
            'before', 'spread', 'faces' => $one($ids),
            'settings' => self::settings($kind->fields()),
            'pin', 'page' => mt_rand(-1, 260),
            'side' => $one(['left', 'right', 'up']),
            'medium' => $one(['bleeds', 'stamped', 'decoration', 'dry']),
            'worth' => mt_rand(0, 6),
            'pattern' => $one(['usual', ['id' => 'usual', 'name' => 'Usual', 'parts' => []]]),
            'month', 'from' => $one(['2027-03', '2027-12', '2031-01']),
            'spare' => $one(['end', 'spread', 'weights', 'burn']),
            'weights' => ['2027-03' => mt_rand(-1, 9)],
            'lost' => 0 === mt_rand(0, 1),
            'edge' => $one(['top', 'left', 'bottom']),
            'x', 'y' => mt_rand(0, 20),
            'wide', 'tall' => mt_rand(0, 30),
            'parts' => mt_rand(0, 61),
            'gap' => mt_rand(0, 5),
            'policy' => $one(['outside', 'into-gaps', 'into-parts', 'exact', 'after', 'away']),
            'taken' => $one(['taken-1', 'a']),
            'palette' => $one([
                null,
                [['colour' => '#1f5fa8', 'means' => 'Tram'], ['colour' => '#c0392b', 'means' => 'Dates']],
                [['colour' => 'red', 'means' => '']],
            ]),
            'symbols' => [['name' => 'task', 'strokes' => [[mt_rand(0, 4), 0, 2, mt_rand(1, 5)]], 'states' => []]],
            'mixing' => $one([[], ['goals', 'trackers'], ['attic']]),
            'book' => $one(['1', '2', '9']),
            default => null,
        };
    }

    /**
     * @param list<Field> $fields
     *
     * @return array<string, mixed>
     */
    private static function settings(array $fields): array
    {
        $values = [];
        foreach ($fields as $field) {
            $values[$field->name] = match (mt_rand(0, 2)) {
                0 => null,
                1 => [mt_rand(-5, 70), 'x', true, [1, 2], ['Line']][mt_rand(0, 4)],
                default => Asking::value($field),
            };
        }

        return $values;
    }
}
