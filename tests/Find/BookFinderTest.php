<?php

/* What is found in a book: every page, month, day, spread, thing and date by what a person would type, in any order, slips among it. */

declare(strict_types=1);

namespace Tests\Find;

use AmpleMargin\Book\Book;
use AmpleMargin\Book\Composer;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Find\BookFinder;
use AmpleMargin\Find\FoundHere;
use AmpleMargin\Plan\PlannedSpread;
use PHPUnit\Framework\TestCase;
use Tests\Books;

final class BookFinderTest extends TestCase
{
    /** @param list<array<string, mixed>> $edits */
    private static function book(array $edits = []): Book
    {
        return Composer::compose(Books::edited(Books::starter(Books::a5(192)), $edits));
    }

    /** @return list<string> "spread: Books read, 31" */
    private static function found(Book $book, string $said, bool $near = false): array
    {
        $finder = new BookFinder($book);

        return array_map(
            static fn (FoundHere $one): string => "$one->is: $one->says, ".($one->page ?? $one->at),
            $near ? $finder->near($said) : $finder->find($said),
        );
    }

    public function testEveryPageIsFoundByItsNumberAndAPageBeyondTheBookLeadsToItsLast(): void
    {
        $book = self::book();
        foreach (range(1, 192) as $page) {
            foreach (["$page", "page $page", "p. $page", "P$page"] as $said) {
                $found = (new BookFinder($book))->find($said)[0];
                $title = $book->slot($page)->title;
                self::assertSame(['page', $page, "Page $page: $title", ''], [$found->is, $found->page, $found->says, $found->in]);
            }
        }
        $found = (new BookFinder($book))->find('193')[0];
        self::assertSame([192, 'there is no page 193; this is the last'], [$found->page, $found->in]);
        self::assertSame([], (new BookFinder($book))->find('0'));
    }

    public function testEverySpreadIsFoundByItsTitleByPartsOfItAndWithALetterWrong(): void
    {
        $book = self::book();
        $read = 0;
        foreach ($book->plan->spreads as $spread) {
            $title = $book->catalogue()->title($spread);
            $page = $this->firstPage($book, $spread);
            self::assertContains("spread: $title, $page", self::found($book, $title));
            self::assertContains("spread: $title, $page", self::found($book, mb_strtoupper(mb_substr($title, 0, -1))));
            $words = explode(' ', $title);
            self::assertContains("spread: $title, $page", self::found($book, implode(' ', array_reverse($words))));
            ++$read;
        }
        self::assertGreaterThan(8, $read);
        $book = self::book([['type' => 'add-spread', 'kind' => 'books-read', 'title' => 'Library']]);
        self::assertSame([], self::found($book, 'librery'));
        self::assertStringStartsWith('spread: Library, ', self::found($book, 'librery', true)[0]);
        // By what its kind is called, too.
        self::assertStringStartsWith('spread: Library, ', self::found($book, 'books read')[0]);
        self::assertSame([], self::found($book, 'zzyzx'));
    }

    public function testEveryMonthAndDayIsFoundInTheLanguageOfTheBookAndInEnglish(): void
    {
        foreach (['en', 'de', 'fr', 'pl'] as $language) {
            $book = self::book([
                ['type' => 'set-language', 'language' => $language],
                ['type' => 'set-weeks', 'weeks' => ['first' => 1, 'school' => 'most-days', 'pages' => '1']],
            ]);
            foreach ($book->months as $block) {
                foreach ([new Names($language), new Names('en')] as $names) {
                    foreach ([$names->month($block->month->month), $names->monthAndYear($block->month), $block->month->iso()] as $said) {
                        $found = (new BookFinder($book))->find($said)[0] ?? null;
                        self::assertSame(['month', $block->page], [$found->is ?? $said, $found?->page], "$language: $said");
                    }
                }
                for ($day = 1; $day <= $block->month->days(); $day += 3) {
                    $iso = \sprintf('%s-%02d', $block->month->iso(), $day);
                    $found = (new BookFinder($book))->find("$day ".(new Names('en'))->month($block->month->month))[0];
                    self::assertSame('day', $found->is);
                    self::assertNotNull($found->page);
                    $days = array_column($book->drawing($found->page)->days ?? [], 'for');
                    self::assertContains($iso, $days, "page $found->page holds $iso");
                }
            }
        }
    }

    public function testThingsOfListsAndOfMonthsAndKnownDatesAreFound(): void
    {
        $shed = ['items' => ['Oakum', 'Copper nails', 'Linseed oil']];
        $book = self::book([
            ['type' => 'add-spread', 'kind' => 'long-list', 'title' => 'In the shed', 'settings' => $shed],
            ['type' => 'set-pattern', 'pattern' => ['id' => 'one', 'name' => 'One', 'parts' => [
                ['kind' => 'month-goals', 'pages' => 1, 'settings' => ['cells' => ['Tides', 'Varnish']]],
            ]]],
            ['type' => 'use-pattern', 'pattern' => 'one'],
            ['type' => 'add-date', 'day' => '12 June', 'words' => 'Regatta at the mole'],
            ['type' => 'add-date', 'day' => 'every Tuesday', 'words' => 'Choir 19:30'],
        ]);
        $shed = $this->firstPage($book, $book->plan->spreads[\count($book->plan->spreads) - 1]);
        self::assertSame(["thing: Copper nails, $shed"], self::found($book, 'copper'));
        self::assertSame(["thing: Linseed oil, $shed"], self::found($book, 'oil linsead', true));
        self::assertSame(["thing: Varnish, {$book->months[0]->page}"], self::found($book, 'varnishing'));
        self::assertSame(['date: Regatta at the mole, 2027-06'], self::found($book, 'regatta'));
        self::assertContains('date: Regatta at the mole, 2027-06', self::found($book, '12 June'));
        self::assertStringStartsWith('date: Choir', self::found($book, 'choir')[0]);
    }

    public function testWhateverIsTypedIsAnsweredAndNeverByMoreThanFitsTheEye(): void
    {
        $book = self::book();
        mt_srand(31);
        foreach (['', ' ', '.', str_repeat('ab ', 4_000), "\u{200f}", '31 31', '99999999', '-1', '31 April', 'a', 'e', '12/13/14'] as $said) {
            self::assertLessThanOrEqual(12, \count((new BookFinder($book))->find($said)));
        }
        for ($i = 0; $i < 200; ++$i) {
            $said = implode('', array_map(static fn (): string => mb_chr(mt_rand(32, 0x17F)), range(1, mt_rand(1, 9))));
            self::assertLessThanOrEqual(12, \count((new BookFinder($book))->find($said)), $said);
        }
    }

    private function firstPage(Book $book, PlannedSpread $spread): int
    {
        foreach ($book->slots as $page => $slot) {
            if ($slot->spread === $spread->id || $slot->lower?->spread === $spread->id) {
                return $page;
            }
        }
        self::fail("$spread->id stands nowhere");
    }
}
