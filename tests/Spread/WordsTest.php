<?php

declare(strict_types=1);

namespace Tests\Spread;

use AmpleMargin\Book\Composer;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Calendar\Weekday;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlannedSpread;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Spread\Catalogue\Catalogue;
use AmpleMargin\Spread\Word\LineWords;
use AmpleMargin\Spread\Word\WordOnPage;
use AmpleMargin\Spread\Word\WordPlace;
use PHPUnit\Framework\TestCase;
use Tests\Books;
use Tests\Thorough;

/** Every word of every page is said otherwise by pointing at it, or is worked out. */
final class WordsTest extends TestCase
{
    /** The law: what is offered to be changed is changed, there and nowhere else on the page where another word stands. */
    public function testAWordThatIsPointedAtIsTheOneThatChanges(): void
    {
        $changed = 0;
        foreach ((new Catalogue())->spreads() as $kind) {
            // Rows of an index are the words of other spreads.
            if ('index' === $kind->id) {
                continue;
            }
            $plan = self::with($kind->id);
            $before = self::words($plan);
            $seen = [];
            foreach ($before as $at => $word) {
                // A few of each kind in a short run, the first among them.
                if (null === $word->place || isset($seen[(string) $word->place]) || (\count($seen) > Thorough::of(2, 60))) {
                    continue;
                }
                $seen[(string) $word->place] = true;
                // As long as it was, so that everything else stays where it is.
                $says = str_repeat('x', mb_strlen((string) $word->says));
                $after = self::words(self::say($plan, $word, $says));
                self::assertCount(\count($before), $after, "$kind->id: {$word->says}");
                self::assertStringContainsString('x', mb_strtolower($after[$at]->mark->text), "$kind->id: {$word->says}");
                foreach ($after as $n => $other) {
                    $same = (string) $before[$n]->place === (string) $word->place;
                    $about = "$kind->id: {$word->says} is not {$other->mark->text}";
                    $same || self::assertSame($before[$n]->mark->text, $other->mark->text, $about);
                }
                ++$changed;
            }
        }
        self::assertGreaterThan(150, $changed);
    }

    /** What cannot be said otherwise is a figure, a name of the calendar, a meaning of a pen or of a symbol, or arithmetic. */
    public function testWhatIsNotOfferedIsWorkedOut(): void
    {
        $names = new Names('en');
        $calendar = ['to', 'W'];
        foreach (range(1, 12) as $month) {
            array_push($calendar, $names->month($month), $names->monthShort($month), $names->monthInitial($month));
        }
        foreach (Weekday::cases() as $day) {
            array_push($calendar, $names->weekday($day), $names->weekdayShort($day), $names->weekdayInitial($day));
        }
        foreach ((new Catalogue())->spreads() as $kind) {
            // A key has a screen of its own; a spacing sheet is arithmetic; an index has the words of other spreads.
            if (\in_array($kind->id, ['key', 'spacing-sheet', 'index'], true)) {
                continue;
            }
            $plan = self::with($kind->id);
            $pens = array_column(Books::first($plan)->pens->pens, 'means');
            foreach (self::words($plan) as $word) {
                $letters = preg_split('/[^\p{L}]+/u', implode(' ', array_diff([$word->mark->text], $pens)), -1, \PREG_SPLIT_NO_EMPTY) ?: [];
                if (null === $word->place) {
                    self::assertSame([], array_diff($letters, $calendar), "$kind->id: {$word->mark->text}");
                }
            }
        }
    }

    public function testAChangedWordIsTheWordEverywhere(): void
    {
        $plan = Books::edited(self::with('income-and-expenses'), [['type' => 'add-spread', 'kind' => 'index']]);
        $title = self::word($plan, 'Income and expenses', 'income-and-expenses');
        $sum = self::word($plan, 'Sum', 'income-and-expenses');
        $plan = self::say(self::say($plan, $title, 'What comes and goes'), $sum, 'left');
        $book = Composer::compose($plan);
        $drawn = static fn (string $spread): string => (string) json_encode($book->spreadDrawings($spread), \JSON_UNESCAPED_UNICODE);
        self::assertStringContainsString('What comes and goes', $drawn('index'));
        self::assertStringContainsString('Write the title “What comes and goes”', $drawn('income-and-expenses'));
        $called = Books::edited($plan, [
            ['type' => 'set-spread', 'spread' => 'income-and-expenses', 'settings' => ['in_index' => 'Money']],
        ]);
        $index = (string) json_encode(Composer::compose($called)->spreadDrawings('index'), \JSON_UNESCAPED_UNICODE);
        self::assertStringContainsString('"Money"', $index);
        self::assertStringNotContainsString('What comes and goes', $index);
        self::assertStringContainsString('"left"', $drawn('income-and-expenses'));
        self::assertStringNotContainsString('"Sum"', $drawn('income-and-expenses'));
        $read = Books::files()->read(Books::files()->write($plan))[0];
        self::assertEquals($book->spreadDrawings('income-and-expenses'), Composer::compose($read)->spreadDrawings('income-and-expenses'));
    }

    public function testANamedPartAndAGoalKeepWhatBelongsToThem(): void
    {
        $plan = self::with('then-and-now');
        $now = self::say($plan, self::word($plan, 'Then', 'then-and-now'), 'March 2026');
        self::assertNotNull(self::word($now, 'March 2026', 'then-and-now')->place);
        $goals = Books::edited(self::with('goal-checks'), [
            ['type' => 'set-spread', 'spread' => 'goal-checks', 'settings' => [
                'items' => ['Swim', 'Sing'],
                'yes' => ['Swim' => ['Timed']],
            ]],
        ]);
        $said = self::say($goals, self::word($goals, 'Swim', 'goal-checks'), 'Swim forty lengths')->spread('goal-checks');
        self::assertSame(['Swim forty lengths' => ['Timed']], $said->settings['yes'] ?? null);
    }

    /** Every word of a month's pages, in all months of the pattern. */
    public function testAWordOfAMonthIsSaidForAllMonthsOfItsPattern(): void
    {
        $changed = 0;
        foreach ((new Catalogue())->monthParts() as $kind) {
            $plan = Books::edited(Books::starter()->with(['spreads' => []]), [
                ['type' => 'set-pattern', 'pattern' => ['id' => 'one', 'name' => 'One', 'parts' => [['kind' => $kind->id, 'pages' => 1]]]],
                ['type' => 'use-pattern', 'pattern' => 'one'],
            ]);
            $before = self::ofMonth($plan);
            $kept = array_filter($before, static fn (WordOnPage $word): bool => null !== $word->place);
            foreach (\array_slice($kept, 0, 3, true) as $at => $word) {
                $says = str_repeat('x', mb_strlen((string) $word->says));
                $after = self::ofMonth(Books::edited($plan, [[
                    'type' => 'set-pattern-word', 'pattern' => 'one', 'part' => 0,
                    'at' => (string) $word->place, 'was' => (string) $word->says, 'says' => $says,
                ]]));
                self::assertCount(\count($before), $after, "$kind->id: {$word->says}");
                self::assertStringContainsString('x', mb_strtolower($after[$at]->mark->text), "$kind->id: {$word->says}");
                ++$changed;
            }
        }
        self::assertGreaterThan(15, $changed);
    }

    /** @return list<WordOnPage> of the first part of the first month */
    private static function ofMonth(Plan $plan): array
    {
        $book = Composer::compose($plan);
        for ($page = 1; $page <= $book->plan->stock->pages; ++$page) {
            $slot = $book->slot($page);
            $kind = null === $slot->part ? null : $book->catalogue()->kind($slot->part->kind);
            if (null !== $slot->month && null !== $slot->part && null !== $kind) {
                return $book->partsIn($slot->month, $slot->part)->words($kind, $slot->part->settings);
            }
        }
        self::fail('There is no month.');
    }

    public function testLinesKeepWhatIsNoWord(): void
    {
        self::assertSame('Author 10+', LineWords::with('Title 10+', 0, 'Title', 'Author'));
        self::assertSame('At home:', LineWords::with('Home:', 0, 'Home', 'At home'));
        self::assertSame('Walk → Read twelve books', LineWords::with('Ten pages → Read twelve books', 0, 'Ten pages', 'Walk'));
        self::assertSame('Ten pages -> Swim', LineWords::with('Ten pages -> Read', 1, 'Read', 'Swim'));
        self::assertSame('Title', LineWords::seen('Title 10+', 'Title'));
        self::assertSame('Read 12', LineWords::seen('Read 12', 'Read 12'));
        self::assertSame('Home', LineWords::seen('Home:', 'Hom'));
    }

    public function testNoWordALongOneAndAnotherDirection(): void
    {
        $plan = self::with('subscriptions-by-month');
        $item = self::word($plan, 'Telephone', 'subscriptions-by-month');
        $lines = static fn (Plan $plan): array => (array) ($plan->spread('subscriptions-by-month')->settings['items'] ?? []);
        self::assertNotContains('Telephone', $lines(self::say($plan, $item, '')));
        foreach (['هاتف', str_repeat('m', 200), "a\nb"] as $says) {
            self::assertContains(str_replace("\n", ' ', $says), $lines(self::say($plan, $item, $says)));
        }
        $this->expectException(PlanProblem::class);
        $this->expectExceptionMessage('at most 200');
        self::say($plan, $item, str_repeat('m', 201));
    }

    public function testWhatSaysSomethingElseByNowIsNotChanged(): void
    {
        $plan = self::with('subscriptions-by-month');
        $item = self::word($plan, 'Telephone', 'subscriptions-by-month');
        $changed = self::say($plan, $item, 'Choir');
        $this->expectExceptionMessage('It says “Choir” by now.');
        self::say($changed, $item, 'Boat');
    }

    public function testAPlaceIsReadAsItIsWritten(): void
    {
        $places = [new WordPlace(), new WordPlace('lines 2'), new WordPlace(null, 'items', 3), new WordPlace('legend', 'entries', 0, 1)];
        foreach ($places as $place) {
            self::assertEquals($place, WordPlace::read((string) $place));
        }
        foreach (['', 'x', 'title/1', 'name', 'page', 'part/lines', '//'] as $none) {
            self::assertNull(WordPlace::read($none), $none);
        }
    }

    private static function with(string $kind): Plan
    {
        return Books::edited(Books::starter()->with(['spreads' => []]), [['type' => 'add-spread', 'kind' => $kind]]);
    }

    /** @return list<WordOnPage> of the first spread */
    private static function words(Plan $plan, ?string $spread = null): array
    {
        $book = Composer::compose($plan);
        $planned = null === $spread ? $plan->spreads[0] : $plan->spread($spread);
        \assert($planned instanceof PlannedSpread);

        return $book->partsOf($planned)->words($book->catalogue()->kind($planned->kind) ?? throw new \LogicException(), $planned->settings);
    }

    private static function word(Plan $plan, string $text, string $spread): WordOnPage
    {
        foreach (self::words($plan, $spread) as $word) {
            if ($text === $word->mark->text) {
                return $word;
            }
        }
        self::fail("“{$text}” is not on the page");
    }

    private static function say(Plan $plan, WordOnPage $word, string $says): Plan
    {
        $spread = $plan->spreads[0]->id;
        foreach ($plan->spreads as $one) {
            $spread = 'index' === $one->kind ? $spread : $one->id;
        }

        return Books::edited($plan, [
            ['type' => 'set-word', 'spread' => $spread, 'at' => (string) $word->place, 'was' => (string) $word->says, 'says' => $says],
        ]);
    }
}
