<?php

/* Keys, comparisons, languages, pens and copying over the API; every answer is held against docs/api/openapi.yaml. */

declare(strict_types=1);

namespace Tests\Api;

final class FrontOfTheBookTest extends ApiTestCase
{
    public function testAKeyIsCheckedWithoutANotebookAndRefusedInOneWhileItIsAmbiguous(): void
    {
        $starters = $this->call('GET', '/key/starters')['starters'];
        self::assertCount(3, $starters);
        $checked = $this->call('POST', '/key/check', ['pitch' => 5, 'symbols' => $starters[0]['symbols']]);
        self::assertSame([], $checked['problems']);
        self::assertGreaterThanOrEqual(0.7, min(array_map(static fn (array $mark): float => $mark['nearest']['mm'], $checked['marks'])));

        $book = $this->call('POST', '/notebooks/sample', null, 201);
        $bad = [...$starters[0]['symbols'], ['name' => 'stray', 'strokes' => [[1, 0, 1, 4]], 'states' => []]];
        $problem = $this->edit($book, ['type' => 'set-key', 'spread' => 'key', 'symbols' => $bad], 422);
        self::assertSame('edit/symbols/3', $problem['field']);
        self::assertStringContainsString('“stray” and “task” look alike', $problem['detail']);
        $after = $this->call('GET', "/notebooks/{$book['id']}");
        self::assertSame($book['version'], $after['version'], 'nothing was changed');

        $taken = $this->edit($book, [
            'type' => 'set-key',
            'spread' => 'key',
            'symbols' => $starters[2]['symbols'],
            'colours' => true,
            'palette' => [['colour' => '#7a3b69', 'means' => 'choir']],
        ]);
        self::assertTrue($taken['own_palette']);
        self::assertSame([['colour' => '#7a3b69', 'means' => 'choir']], $taken['palette']);
        self::assertSame('Key changed', $taken['undo']);
    }

    public function testAKeyAndItsPensAreTakenBackAndPutAgainAcrossARestart(): void
    {
        $book = $this->call('POST', '/notebooks/sample', null, 201);
        $before = $this->call('GET', "/notebooks/{$book['id']}");
        $taken = $this->edit($book, [
            'type' => 'set-key',
            'spread' => 'key',
            'symbols' => [['name' => 'tide', 'strokes' => [[0, 2, 4, 2]], 'states' => []]],
            'palette' => [['colour' => '#102030', 'means' => 'deep water']],
        ]);
        self::assertSame('deep water', $taken['palette'][0]['means']);
        $this->restart();
        $back = $this->call('POST', "/notebooks/{$book['id']}/undo", ['version' => $taken['version']]);
        self::assertSame([$before['palette'], $before['spreads'], $before['pages']], [$back['palette'], $back['spreads'], $back['pages']]);
        $again = $this->call('POST', "/notebooks/{$book['id']}/redo", ['version' => $back['version']]);
        self::assertSame([$taken['palette'], $taken['spreads']], [$again['palette'], $again['spreads']]);
    }

    /** Several edits are one or none: the split that cannot be leaves the pen unchanged too. */
    public function testSeveralEditsAreWholeOrNotAtAll(): void
    {
        $book = $this->call('POST', '/notebooks/sample', null, 201);
        $problem = $this->edit($book, ['type' => 'several', 'edits' => [
            ['type' => 'set-palette', 'palette' => [['colour' => '#102030', 'means' => 'deep water']]],
            [
                'type' => 'take-split',
                'on' => 'quote',
                'edge' => 'top',
                'x' => 0,
                'y' => 0,
                'wide' => 26,
                'tall' => 38,
                'parts' => 61,
                'policy' => 'outside',
            ],
        ]], 422);
        self::assertSame('Split it into 1 to 60 parts.', $problem['detail']);
        $after = $this->call('GET', "/notebooks/{$book['id']}");
        self::assertSame([$book['version'], $book['palette'], []], [$after['version'], $after['palette'], $after['taken']]);
    }

    /** Every layout that is offered can be used: the book is composed with it, and its page guide is printed or refused in words. */
    public function testEveryLayoutOfEverySpreadOfTheSampleIsUsedAndPrinted(): void
    {
        $book = $this->call('POST', '/notebooks/sample', null, 201);
        $used = 0;
        foreach (['key', 'index', 'spacing-sheet', 'year-at-a-glance', 'future-log', 'goals-by-area', 'notes'] as $spread) {
            foreach ($this->call('GET', "/notebooks/{$book['id']}/layouts/$spread")['candidates'] as $one) {
                $book = $this->edit($book, ['type' => 'set-spread', 'spread' => $spread, 'settings' => $one['settings']]);
                $placed = array_column($book['spreads'], null, 'id')[$spread];
                self::assertSame($one['pages'], $placed['pages'], "$spread: {$one['name']}");
                $this->browser->request('GET', "/api/notebooks/{$book['id']}/tray.pdf?print=guides:{$placed['page']}");
                self::assertSame('%PDF-', substr((string) $this->browser->getResponse()->getContent(), 0, 5), "$spread: {$one['name']}");
                ++$used;
            }
        }
        self::assertGreaterThan(28, $used);
    }

    public function testAColourThatIsNoneIsRefusedAtItsPlace(): void
    {
        $book = $this->call('POST', '/notebooks/sample', null, 201);
        $problem = $this->call(
            'POST',
            "/notebooks/{$book['id']}/edits",
            ['version' => 1, 'edit' => ['type' => 'set-palette', 'palette' => [['colour' => 'blue', 'means' => '']]]],
            422,
        );
        self::assertSame(
            ['edit/palette/0/colour', '“blue” is not a colour: write it as #1f5fa8.'],
            [$problem['field'], $problem['detail']],
        );
    }

    public function testLayoutsAreComparedAndOneIsUsed(): void
    {
        $book = $this->call('POST', '/notebooks/sample', null, 201);
        $found = $this->call('GET', "/notebooks/{$book['id']}/layouts/future-log");
        $most = null;
        foreach ($found['candidates'] as $one) {
            $december = array_column($one['rooms'], 'lines', 'for')['2027-12'];
            $most = null === $most || $december > $most[0] ? [$december, $one] : $most;
        }
        self::assertSame('By category', $most[1]['name'] ?? '');
        $after = $this->edit($book, ['type' => 'set-spread', 'spread' => 'future-log', 'settings' => $most[1]['settings'] ?? []]);
        self::assertSame('category', array_column($after['spreads'], null, 'id')['future-log']['settings']['school']);
        $now = array_values(array_filter(
            $this->call('GET', "/notebooks/{$book['id']}/layouts/future-log")['candidates'],
            static fn (array $one): bool => $one['current'],
        ));
        self::assertSame(['By category'], array_column($now, 'name'));
        $this->call('GET', "/notebooks/{$book['id']}/layouts/name-page", null, 404);
        $this->call('GET', "/notebooks/{$book['id']}/layouts/gone", null, 404);
    }

    public function testAYearIsCopiedMonthByMonthAndTickedOff(): void
    {
        $book = $this->call('POST', '/notebooks/sample', null, 201);
        $opening = $this->call('GET', "/notebooks/{$book['id']}/openings/7");
        $group = array_column($opening['groups'], null, 'drawing')['year-at-a-glance'];
        self::assertCount(12, $group['copying']);
        $may = $group['copying'][4];
        self::assertSame('May 2027', $may['title']);
        self::assertSame([null, null, null, null, null, 1, 2], $may['rows'][0]);
        self::assertSame([31, null, null, null, null, null, null], $may['rows'][5]);
        self::assertContains($may['step'], array_column($group['steps'], 'key'));
        $this->call('POST',
            "/notebooks/{$book['id']}/ticks",
            ['changes' => [['drawing' => 'year-at-a-glance', 'step' => $may['step'], 'done' => true]]],
            200,
        );
        self::assertContains(
            ['drawing' => 'year-at-a-glance', 'step' => $may['step']],
            $this->call('GET', "/notebooks/{$book['id']}/openings/7")['ticked'],
        );
    }

    public function testAnyLanguageOfIcuMayGoOnPaper(): void
    {
        $languages = array_column($this->call('GET', '/languages')['languages'], 'own', 'id');
        self::assertGreaterThan(200, \count($languages));
        self::assertSame('suomi', $languages['fi']);
        $book = $this->call('POST', '/notebooks/sample', null, 201);
        foreach (['fi' => 'Toukokuu', 'ar' => 'مايو', 'ja' => '5月'] as $language => $may) {
            $book = $this->edit($book, ['type' => 'set-language', 'language' => $language]);
            $marks = $this->call('GET', "/notebooks/{$book['id']}/openings/7")['pages'][1]['marks'];
            self::assertContains(
                mb_strtolower($may),
                array_map(static fn (array $mark): string => mb_strtolower((string) ($mark[8] ?? '')), $marks),
            );
        }
        $this->edit($book, ['type' => 'set-language', 'language' => 'xx-none'], 422);
    }

    public function testPocketAndPrintedMonthsAreSheetsOfTheirOwn(): void
    {
        $book = $this->call('POST', '/notebooks/sample', null, 201);
        $this->browser->request('GET', "/api/notebooks/{$book['id']}/tray.pdf?print=pocket");
        self::assertSame('%PDF-', substr((string) $this->browser->getResponse()->getContent(), 0, 5));
        $problem = $this->call('GET', "/notebooks/{$book['id']}/tray.pdf?print=months:3", null, 422);
        self::assertStringContainsString('1, 1½ or 2 boxes a day', $problem['detail']);
    }
}
