<?php

/* Edits of every kind with values right and wrong: each is refused in words, or makes a plan that is whole. */

declare(strict_types=1);

namespace Tests\Editing;

use AmpleMargin\Book\Composer;
use AmpleMargin\Editing\Edits;
use AmpleMargin\Editing\Offered;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanProblem;
use PHPUnit\Framework\TestCase;
use Tests\Books;
use Tests\Olds;
use Tests\RandomEdit;
use Tests\Thorough;

final class RandomEditsTest extends TestCase
{
    public function testTheApiAndTheFormatDescribeEveryEditAndNoOther(): void
    {
        $types = array_keys(Edits::types());
        self::assertEqualsCanonicalizing($types, array_keys(RandomEdit::described()));
        $format = (string) file_get_contents(\dirname(__DIR__, 2).'/docs/format.md');
        foreach ($types as $type) {
            self::assertStringContainsString("`$type`", $format, $type);
        }
    }

    public function testEveryEditIsRefusedInWordsOrMakesAWholePlan(): void
    {
        $described = array_diff_key(RandomEdit::described(), ['several' => true]);
        $made = $refused = array_fill_keys(array_keys($described), 0);
        $plan = Books::sample();
        $every = Thorough::of(7, 2);
        for ($seed = 1; $seed <= 2_400; ++$seed) {
            mt_srand($seed);
            $plan = match ($seed % 50) {
                0 => Books::edited(Books::sample(), [
                    ['type' => 'add-spread', 'kind' => 'page-of-parts'],
                    ['type' => 'add-kind', 'own' => ['id' => 'own-tide', 'name' => 'Tide', 'section' => 'goals', 'parts' => ['fill' => 'lines']]],
                    ['type' => 'add-spread', 'kind' => 'own-tide'],
                    ['type' => 'set-old', 'old' => Olds::sample()],
                    ['type' => 'add-note', 'words' => 'Smaller headings'],
                ]),
                25 => Books::edited(Books::sample(), [['type' => 'add-book', 'from' => '2027-07']]),
                default => $plan,
            };
            // A split is dropped only where one was taken: these two come one after the other, as a later book and its change.
            $type = [37 => 'set-date', 38 => 'take-split', 39 => 'drop-split'][$seed % 40] ?? (26 === $seed % 50 ? 'set-book' : self::next($made, $refused, $seed));
            $edit = RandomEdit::of($type, $plan);
            $before = Books::files()->write($plan);
            try {
                $edited = Edits::apply($plan, $edit);
            } catch (PlanProblem $problem) {
                ++$refused[$type];
                self::assertMatchesRegularExpression('/\S.*[.?]$/su', $problem->getMessage(), "seed $seed, $type");
                self::assertSame($before, Books::files()->write($plan), "seed $seed, $type");

                continue;
            }
            ++$made[$type];
            $read = Edits::read($edit);
            if ($read instanceof Offered) {
                self::assertSame(
                    Books::files()->write($edited->plan),
                    Books::files()->write(Edits::apply($plan, json_decode((string) json_encode($read->written()), true))->plan),
                    "seed $seed: what $type writes of itself makes the same plan",
                );
            }
            self::assertNotSame('', $edited->said);
            $plan = $edited->plan;
            if (0 === $seed % $every) {
                $this->isWhole($plan, "seed $seed, ".json_encode($edit), 0 === $seed % (2 * $every));
            }
        }
        foreach (array_keys($described) as $type) {
            self::assertGreaterThan(0, $made[$type], "$type came through");
            self::assertGreaterThan(0, $refused[$type], "$type was refused");
        }
    }

    /**
     * Any type, and every third time one that was made or refused least often.
     *
     * @param array<string, int> $made
     * @param array<string, int> $refused
     */
    private static function next(array $made, array $refused, int $seed): string
    {
        $seen = array_map(min(...), $made, $refused);
        $types = array_keys(0 === $seed % 3 ? array_filter($seen, static fn (int $times): bool => $times === min($seen)) : $seen);

        return array_keys($made)[$types[mt_rand(0, \count($types) - 1)]];
    }

    /** @param bool $drawn whether its pages are drawn as well, which takes most of the time */
    private function isWhole(Plan $plan, string $about, bool $drawn): void
    {
        $written = Books::files()->write($plan);
        self::assertSame($written, Books::files()->write(Books::files()->read($written)[0]), $about);
        $book = Composer::compose($plan);
        $seen = [];
        foreach ($book->spreadPages() as $page) {
            self::assertArrayNotHasKey($page, $seen, "$about: page $page is two things");
            $seen[$page] = true;
            self::assertTrue(!$drawn || null !== $book->drawing($page), "$about: page $page");
        }
    }
}
