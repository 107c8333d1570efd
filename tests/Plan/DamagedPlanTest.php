<?php

/* Plan files damaged at random: each is refused in words, or read as a plan that composes, draws and is written whole. */

declare(strict_types=1);

namespace Tests\Plan;

use AmpleMargin\Book\Composer;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlannedSpread;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Spread\Catalogue\Catalogue;
use AmpleMargin\Spread\Catalogue\Kind;
use PHPUnit\Framework\TestCase;
use Tests\Books;
use Tests\Thorough;

final class DamagedPlanTest extends TestCase
{
    private const STRANGE = [
        null,
        true,
        false,
        0,
        -1,
        1,
        2,
        61,
        10_000_000,
        1.5,
        -0.0,
        1e300,
        '',
        ' ',
        '0',
        '1',
        "a\u{0}b",
        '2027-13',
        '2027-12',
        '#12345g',
        '../../x',
        [],
        [[]],
        ['a' => 'b'],
        [null],
        [1, 2, 3],
    ];

    public function testADamagedFileIsRefusedInWordsOrReadWhole(): void
    {
        $whole = Books::files()->file(Books::sample(), [['drawing' => 'key', 'step' => 'abc']]);
        [$refused, $read, $trials] = [0, 0, Thorough::of(1_200, 5_000)];
        for ($seed = 1; $seed <= $trials; ++$seed) {
            mt_srand($seed);
            $plan = json_decode($whole, true, 64, \JSON_THROW_ON_ERROR);
            for ($i = mt_rand(1, 3); $i > 0; --$i) {
                self::damage($plan);
            }
            try {
                [$understood] = Books::files()->read((string) json_encode($plan, \JSON_UNESCAPED_UNICODE | \JSON_PRESERVE_ZERO_FRACTION));
            } catch (PlanProblem $problem) {
                self::assertMatchesRegularExpression('/\S.*[.?]$/su', $problem->getMessage(), "seed $seed");
                ++$refused;

                continue;
            }
            ++$read;
            $this->isWhole($understood, "seed $seed");
        }
        self::assertGreaterThan($trials * 2 / 5, $refused);
        self::assertGreaterThan($trials / 70, $read);
    }

    public function testAFileCutOffAnywhereIsRefused(): void
    {
        $whole = rtrim(Books::files()->write(Books::sample()));
        foreach (range(0, \strlen($whole) - 1, 97) as $length) {
            try {
                Books::files()->read(substr($whole, 0, $length));
                self::fail("$length bytes of a plan were read as one.");
            } catch (PlanProblem $problem) {
                self::assertMatchesRegularExpression('/^This file is (empty|not whole)/', $problem->getMessage());
            }
        }
    }

    /** It composes, every page draws, and it is written so that the same plan is read again. */
    private function isWhole(Plan $plan, string $about): void
    {
        $book = Composer::compose($plan);
        $known = array_map(static fn (Kind $kind): string => $kind->id, (new Catalogue())->spreads());
        $unknown = array_filter($plan->spreads, static fn (PlannedSpread $spread): bool => !\in_array($spread->kind, $known, true));
        foreach ($book->spreadPages() as $page) {
            self::assertTrue(null !== $book->drawing($page) || [] !== $unknown, "$about: page $page");
        }
        $written = Books::files()->write($plan);
        self::assertSame($written, Books::files()->write(Books::files()->read($written)[0]), $about);
    }

    /** Puts something strange in a place chosen at random, or takes away what stands there. */
    private static function damage(mixed &$at): void
    {
        if (!\is_array($at) || [] === $at || 0 === mt_rand(0, 5)) {
            $at = self::STRANGE[mt_rand(0, \count(self::STRANGE) - 1)];

            return;
        }
        $names = array_keys($at);
        $name = $names[mt_rand(0, \count($names) - 1)];
        match (mt_rand(0, 9)) {
            0 => $at = array_diff_key($at, [$name => true]),
            1 => $at[array_is_list($at) ? \count($at) : 'unheard-of'] = $at[$name],
            default => self::damage($at[$name]),
        };
    }
}
