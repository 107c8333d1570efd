<?php

/* What the drawer finds: sixty wishes written down beforehand, forms of words, one letter wrong, and what nobody means. */

declare(strict_types=1);

namespace Tests\Find;

use AmpleMargin\Find\KindFinder;
use AmpleMargin\Find\Stem;
use AmpleMargin\Spread\Catalogue\Catalogue;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class KindFinderTest extends TestCase
{
    /** Of the sixty so many, at least, have what they mean among the first three. */
    private const AIM = 57;

    private static function finder(): KindFinder
    {
        return new KindFinder((new Catalogue())->spreads());
    }

    public function testSixtyWishesFindWhatTheyMean(): void
    {
        $finder = self::finder();
        $found = $missed = [];
        foreach (file(\dirname(__DIR__).'/Spread/wishes.txt', \FILE_IGNORE_NEW_LINES) ?: [] as $line) {
            if (str_starts_with($line, '#')) {
                continue;
            }
            [$wish, $kinds] = array_map(trim(...), explode('|', $line));
            $first = \array_slice($finder->find($wish)->kinds, 0, 3);
            [] === array_intersect(explode(' ', $kinds), $first) ? $missed[] = $wish.': '.implode(', ', $first) : $found[] = $wish;
        }
        self::assertCount(60, [...$found, ...$missed]);
        self::assertGreaterThanOrEqual(self::AIM, \count($found), implode("\n", $missed));
    }

    public function testWhatAHouseholdAndAYearBringIsFoundFirst(): void
    {
        foreach ([
            'meals' => 'meals-of-week', 'recipes' => 'recipes-tried', 'moving house' => 'moving-house', 'garden' => 'garden-year',
            'debt' => 'debts', 'medication' => 'medicine', 'training' => 'training-weeks', 'baby' => 'first-year', 'exam' => 'exams',
            'wedding' => 'feast', 'packing' => 'packing', 'countdown' => 'countdown', 'a year of presents' => 'year-of-presents',
            'what did I spend' => 'spending-days', 'moods' => 'mood',
        ] as $wish => $kind) {
            self::assertSame($kind, self::finder()->find($wish)->kinds[0] ?? null, $wish);
        }
    }

    public function testEveryKindIsFoundFirstOrSecondByItsName(): void
    {
        $finder = self::finder();
        foreach ((new Catalogue())->spreads() as $kind) {
            self::assertContains($kind->id, \array_slice($finder->find($kind->name)->kinds, 0, 2), $kind->name);
        }
    }

    /** As somebody types, the kind that is meant is among those shown, whatever letter is wrong or missing. */
    public function testOneLetterWrongIsForgiven(): void
    {
        $finder = self::finder();
        foreach (['birthdays', 'gratitude', 'timetable', 'expenses'] as $kind) {
            for ($at = 1; $at < \strlen($kind); ++$at) {
                foreach ([['x', 1], ['', 1], ['x', 0]] as [$letter, $in]) {
                    $wrong = substr_replace($kind, $letter, $at, $in);
                    self::assertContains($kind, \array_slice($finder->find($wrong)->kinds, 0, 3), $wrong);
                }
            }
        }
    }

    /** @param list<string> $words */
    #[DataProvider('alike')]
    public function testFormsOfAWordAreOneWord(array $words): void
    {
        self::assertCount(1, array_unique(array_map(Stem::of(...), $words)), implode(', ', array_map(Stem::of(...), $words)));
    }

    /** @return list<array{list<string>}> */
    public static function alike(): array
    {
        return [
            [['mood', 'moods']], [['save', 'saving', 'savings', 'saved', 'saves']], [['plant', 'plants', 'planted', 'planting']],
            [['movie', 'movies']], [['story', 'stories']], [['travel', 'travelling', 'travels', 'traveled', 'travelled']],
            [['thank', 'thankful', 'thankfulness', 'thanks']], [['budget', 'budgets', 'budgeting']], [['café', 'cafe']],
            [['run', 'running', 'runs']], [['weekly', 'week', 'weeks']],
        ];
    }

    public function testWhatNobodyMeansFindsNothingAndBreaksNothing(): void
    {
        $finder = self::finder();
        foreach (['', '   ', 'xyzzyq', '?!', str_repeat('long ', 5_000), '庭の一年', 'كتب', "\u{1F4D3}", '0', 'a', 'the'] as $wish) {
            self::assertSame('', $finder->find($wish)->says, $wish);
        }
        $none = $finder->find('xyzzyq');
        self::assertTrue($none->near);
        self::assertSame([], $none->kinds);
    }

    public function testPasswordsAreSaidToBeLeftOut(): void
    {
        foreach (['passwords', 'my PIN', 'Logins!'] as $wish) {
            self::assertStringContainsString('Write no password', self::finder()->find($wish)->says);
        }
        self::assertSame('', self::finder()->find('pinned')->says);
    }
}
