<?php

/* The drawer: every kind a person can put into a book, drawn on that book's paper. */

declare(strict_types=1);

namespace Tests\Api;

final class DrawerTest extends ApiTestCase
{
    public function testItHoldsEveryKindOfTheCatalogueOnThisPaper(): void
    {
        $book = $this->call('POST', '/notebooks/sample', null, 201);
        $drawer = $this->call('GET', "/notebooks/{$book['id']}/drawer");
        $kinds = array_column($this->call('GET', '/catalogue')['spreads'], 'kind');

        self::assertSame($kinds, array_column($drawer['kinds'], 'kind'));
        self::assertSame([$book['stock']['across'], $book['stock']['down']], [$drawer['across'], $drawer['down']]);
        foreach ($drawer['kinds'] as $kind) {
            self::assertGreaterThan(0, $kind['pages'], $kind['kind']);
        }
    }

    /** Pictures come for those that are in sight; how they look depends on the paper, the time and the dress, and on nothing else. */
    public function testSamplesAreAskedForByTheirKindsAndStayTheSameWhileTheBookLooksTheSame(): void
    {
        $book = $this->make();
        $at = "/notebooks/{$book['id']}/samples";
        $samples = $this->call('GET', "$at?kinds=quote,mood");
        self::assertSame(['quote', 'mood'], array_keys($samples['marks']));
        $drawer = $this->call('GET', "/notebooks/{$book['id']}/drawer");
        self::assertSame([$book['samples'], $book['samples']], [$samples['samples'], $drawer['samples']]);
        self::assertNotSame([], $this->call('GET', "$at?kinds=month-divider&for=month")['marks']['month-divider']);
        $many = implode(',', array_map(static fn (int $i): string => "k$i", range(0, 60)));
        foreach (['', '?kinds=', '?kinds=,', "?kinds=$many"] as $asked) {
            $this->call('GET', "$at$asked", null, 422);
        }
        $this->call('GET', "$at?kinds=quote,nothing", null, 404);

        $same = $this->edit($book, ['type' => 'add-spread', 'kind' => 'quote', 'title' => 'Ebb']);
        $same = $this->edit($same, ['type' => 'set-spread', 'spread' => 'quote', 'title' => 'Flow']);
        $same = $this->edit($same, ['type' => 'add-date', 'day' => '12 June', 'words' => 'regatta', 'is' => 'date']);
        self::assertSame($book['samples'], $same['samples'] ?? $book['samples']);
        $seen = [$book['samples']];
        foreach ([
            ['type' => 'set-period', 'period' => ['start' => '2027-03', 'end' => '2027-12']],
            ['type' => 'set-weeks', 'weeks' => ['first' => 7]],
            ['type' => 'set-language', 'language' => 'fr'],
            ['type' => 'set-dress', 'dress' => ['band' => true]],
        ] as $edit) {
            $same = $this->edit($same, $edit);
            self::assertNotContains($same['samples'], $seen, $edit['type']);
            $seen[] = $same['samples'];
        }
    }

    /** After a new title only its page, and the index, are sent again. */
    public function testPagesThatAreAsTheyWereAreNotSentAgain(): void
    {
        $book = $this->call('POST', '/notebooks/sample', null, 201);
        $at = "/notebooks/{$book['id']}/drawings";
        $before = array_column($this->call('GET', $at)['pages'], null, 'page');
        $have = implode(',', array_map(static fn (array $one): string => "{$one['page']}.{$one['mark']}", $before));
        foreach ($this->call('GET', "$at?have=$have")['pages'] as $one) {
            self::assertArrayNotHasKey('marks', $one);
        }
        $after = $this->edit($book, ['type' => 'set-spread', 'spread' => 'goals-by-area', 'title' => 'Ebb and flow']);
        $pages = array_column($this->call('GET', "$at?have=$have")['pages'], null, 'page');
        self::assertSame(array_keys($before), array_keys($pages));
        $sent = array_keys(array_filter($pages, static fn (array $one): bool => isset($one['marks'])));
        $index = array_column($after['spreads'] ?? $book['spreads'], 'page', 'id');
        self::assertEqualsCanonicalizing([$index['goals-by-area'], $index['index']], $sent);
        // What nobody said in this form says nothing.
        foreach (['x', '3', '3.zz', '99999.00000000', str_repeat('3.00000000,', 200)] as $odd) {
            self::assertCount(\count($before), array_filter(array_column($this->call('GET', "$at?have=$odd")['pages'], 'marks'), is_array(...)));
        }
    }

    public function testWhatTakesTwoPagesSaysSo(): void
    {
        $book = $this->make();
        $kinds = array_column($this->call('GET', "/notebooks/{$book['id']}/drawer")['kinds'], null, 'kind');

        // 52 rows of a box below a title of 3 and the headings: 34 on 26 × 38, and 18 more.
        self::assertSame(2, $kinds['books-read']['pages']);
    }

    public function testAMonthsDrawerHoldsWhatMeansSomethingWithinAMonthAndAllOfItCanBeAdded(): void
    {
        $book = $this->make();
        $drawer = $this->call('GET', "/notebooks/{$book['id']}/drawer?for=month");
        $kinds = array_column($drawer['kinds'], 'kind');

        foreach (['weeks', 'month-habits', 'books-read', 'action-plan'] as $kind) {
            self::assertContains($kind, $kinds);
        }
        // By the months of the book, once a book, or no page of parts: none of these means anything within a month.
        foreach (['goals-by-month', 'mood', 'goals-by-quarter', 'index', 'year-at-a-glance', 'page-of-parts'] as $kind) {
            self::assertNotContains($kind, $kinds);
        }
        $after = $book;
        foreach (array_chunk($kinds, 20) as $i => $some) {
            $parts = array_map(static fn (string $kind): array => ['kind' => $kind, 'pages' => 1], $some);
            $after = $this->edit($after, ['type' => 'set-pattern', 'pattern' => ['id' => "all-$i", 'name' => "All $i", 'parts' => $parts]]);
            self::assertSame($some, array_column(array_column($after['patterns'], 'parts', 'id')["all-$i"], 'kind'));
        }

        $refused = $this->call('POST', "/notebooks/{$book['id']}/edits", [
            'version' => $after['version'],
            'edit' => ['type' => 'set-pattern', 'pattern' => ['id' => 'x', 'name' => 'X', 'parts' => [['kind' => 'index', 'pages' => 1]]]],
        ], 422);
        self::assertSame('“index” is not a part of a month.', $refused['detail']);
    }

    /** On a narrow page a log is shown lying, and added so; a month's part has the pages it needs there. */
    public function testWhatDoesNotFitUprightIsShownTurnedAndLongPartsOfAMonthOnThePagesTheyNeed(): void
    {
        $book = $this->edit($this->make(), ['type' => 'set-stock', 'stock' => [
            'width' => 125, 'height' => 176, 'pitch' => 6, 'across' => 17, 'down' => 28, 'pages' => 240, 'first_leaf' => 'ordinary',
        ]]);
        $drawer = array_column($this->call('GET', "/notebooks/{$book['id']}/drawer")['kinds'], null, 'kind');
        self::assertSame(['turned' => true], $drawer['books-read']['settings']);
        self::assertNull($drawer['books-read']['says']);
        $marks = $this->call('GET', "/notebooks/{$book['id']}/samples?kinds=books-read")['marks'];
        self::assertContains('upwards', array_column($marks['books-read'], 0));
        self::assertSame([], $drawer['things-in-a-year']['settings']);
        // 31 days do not stand down a face of 28 boxes, and a face has no page to go on on.
        self::assertStringContainsString('longer than the part', (string) $drawer['care-by-day']['says']);
        unset($drawer['care-by-day']);
        foreach ($drawer as $kind) {
            self::assertNull($kind['says'], "{$kind['kind']}: {$kind['says']}");
        }

        $month = array_column($this->call('GET', "/notebooks/{$book['id']}/drawer?for=month")['kinds'], null, 'kind');
        // 31 rows of a box below a title of 3 and the headings: 24 on 28 boxes, and 7 more.
        self::assertSame(2, $month['month-line-a-day']['pages']);
        foreach ($month as $kind) {
            self::assertNull($kind['says'], "{$kind['kind']}: {$kind['says']}");
        }
    }

    public function testTheLayoutsOfAKindAreLookedAtBeforeItIsAdded(): void
    {
        $book = $this->make();
        $variants = $this->call('GET', "/notebooks/{$book['id']}/drawer/books-read");
        $lines = array_column($variants['candidates'], 'settings', 'name');

        self::assertSame('1.5', $lines['1½ boxes a row']['line']);
        foreach ($variants['candidates'] as $one) {
            self::assertCount($one['pages'], $one['drawings'], $one['name']);
        }
        $added = $this->edit($book, ['type' => 'add-spread', 'kind' => 'books-read', 'settings' => $lines['2 boxes a row']]);
        $pages = array_column($variants['candidates'], 'pages', 'name');
        self::assertSame($pages['2 boxes a row'], array_column($added['spreads'], 'pages', 'id')['books-read']);

        $this->call('GET', "/notebooks/{$book['id']}/drawer/nothing", null, 404);
        $one = $this->call('GET', "/notebooks/{$book['id']}/drawer/vision-board", null, 404);
        self::assertSame('Pictures of the year has one layout only.', $one['detail']);
    }

    /** What stands opposite is a kind there is, and both say so of each other where both are looked at together. */
    public function testWhatGoesWellOppositeIsAKindOfTheCatalogue(): void
    {
        $kinds = array_column($this->call('GET', '/catalogue')['spreads'], 'opposite', 'kind');

        foreach ($kinds as $kind => $opposite) {
            foreach ($opposite as $other) {
                self::assertArrayHasKey($other, $kinds, $kind);
                self::assertNotSame($kind, $other);
            }
        }
        self::assertContains('affirmations', $kinds['goals-by-area']);
    }

    /** Whatever word a practitioner has for it: each kind is found by a word that is not in its name. */
    public function testEveryKindHasOtherNames(): void
    {
        $catalogue = $this->call('GET', '/catalogue');
        foreach ([...$catalogue['spreads'], ...$catalogue['month_parts']] as $kind) {
            if (!$kind['by_hand']) {
                self::assertNotSame([], $kind['names'], $kind['kind']);
            }
        }
    }
}
