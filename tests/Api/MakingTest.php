<?php

/* Slips, sittings, minutes and pens over the API; every answer is checked against its description. */

declare(strict_types=1);

namespace Tests\Api;

final class MakingTest extends ApiTestCase
{
    private const EVENING = ['day' => '2026-12-20', 'from' => '19:00', 'minutes' => 90];

    public function testEveryKindOfSlipIsAnsweredWithWaysThatCanBeTaken(): void
    {
        $book = $this->call('POST', '/notebooks/sample', null, 201);
        $kinds = $this->call('GET', '/catalogue')['slips'];
        self::assertCount(15, $kinds);
        foreach ($kinds as $kind) {
            $asked = ['kind' => $kind['id'], 'page' => 11, 'x' => 5, 'y' => 3, 'other' => 13, 'wide' => 54, 'tall' => 86.5];
            $found = $this->call('POST', "/notebooks/{$book['id']}/what-now", $asked);
            self::assertNotSame('', $found['where'], $kind['id']);
            foreach (\array_slice($found['ways'], 0, 2) as $way) {
                $after = $this->edit($book, $way['edit']);
                $slip = end($after['slips']);
                self::assertSame([$kind['id'], 11, $way['say']], [$slip['kind'], $slip['page'], $slip['saved']]);
                $back = $this->call('POST', "/notebooks/{$book['id']}/undo", ['version' => $after['version'], 'have' => []]);
                self::assertSame($book['slips'], $back['slips']);
                $book = ['version' => $back['version']] + $book;
            }
        }
    }

    public function testWhatIsAskedWronglyIsRefusedAtItsPlace(): void
    {
        $book = $this->make();
        foreach ([
            'kind' => ['kind' => 'spilt tea', 'page' => 1],
            'page' => ['kind' => 'count', 'page' => 0],
            'by' => ['kind' => 'count', 'page' => 1, 'by' => 0],
            'x' => ['kind' => 'figure', 'page' => 1, 'x' => -1],
            'wide' => ['kind' => 'sticker', 'page' => 1, 'wide' => 4_000, 'tall' => 20],
        ] as $field => $asked) {
            self::assertSame($field, $this->call('POST', "/notebooks/{$book['id']}/what-now", $asked, 422)['field']);
        }
        $nothing = $this->call('POST', "/notebooks/{$book['id']}/what-now", ['kind' => 'count', 'page' => 999]);
        self::assertSame([], $nothing['ways']);
    }

    public function testEveningsAreReadAndPackedAndEndWithTheDay(): void
    {
        $book = $this->make();
        $path = "/notebooks/{$book['id']}/sittings";
        $none = $this->call('GET', $path);
        self::assertSame([], $none['evenings']);
        self::assertGreaterThan(0, $none['short']);
        self::assertSame($none['pages'], \count($none['left']));
        $said = $this->call('POST', "$path/read", ['say' => 'Tuesdays and Sundays, 90 minutes', 'now' => '2026-12-14T20:00'])['evenings'];
        self::assertSame(['2026-12-15', '2026-12-20', '2026-12-22', '2026-12-27', '2026-12-29'], array_column($said, 'day'));
        $book = $this->edit($book, ['type' => 'set-evenings', 'evenings' => $said, 'months' => 0]);
        $all = $this->call('GET', "$path?now=2026-12-14T20:00");
        self::assertSame([false, false, false, false, false], array_column($all['evenings'], 'over'));
        self::assertLessThan($none['short'], $all['short']);
        // An hour into the second evening half an hour of it is left, and the first is over.
        $later = $this->call('GET', "$path?now=2026-12-20T20:00");
        self::assertSame([true, false, false, false, false], array_column($later['evenings'], 'over'));
        self::assertSame([0, 30, 90, 90, 90], array_column($later['evenings'], 'free'));
        self::assertTrue($later['evenings'][1]['today']);
        self::assertSame([], $later['evenings'][0]['pages'], 'what was missed is packed again');
        self::assertLessThanOrEqual(30, $later['evenings'][1]['planned']);
        self::assertSame(['20:00', 60], [$later['evenings'][1]['acts'][0]['clock'], $later['evenings'][1]['acts'][0]['at']], 'it goes on from now');
        self::assertSame('now', $this->call('GET', "$path?now=soon", null, 422)['field']);
        foreach (['Someday', 'Tuesdays, 3 minutes', '2026-12-20 19:00 90, 2026-12-20 20:00 30', '2026-02-30 19:00 90', '2026-12-20 25:00 90'] as $say) {
            $problem = $this->call('POST', "$path/read", ['say' => $say, 'now' => '2026-12-14T20:00'], 422);
            self::assertMatchesRegularExpression('/^say/', $problem['field']);
            self::assertMatchesRegularExpression('/\.$/', $problem['detail']);
        }
        $this->browser->request('GET', "/api$path.ics?now=2026-12-14T20:00");
        $calendar = (string) $this->browser->getResponse()->getContent();
        self::assertStringContainsString("DTSTART:20261215T190000\r\n", $calendar);
        self::assertStringContainsString("DURATION:PT90M\r\n", $calendar);
    }

    public function testATickedPageIsNotDrawnAgainAndItsMinutesAreKept(): void
    {
        $book = $this->edit($this->make(), ['type' => 'set-evenings', 'evenings' => [self::EVENING], 'months' => 0]);
        $path = "/notebooks/{$book['id']}";
        $before = $this->call('GET', "$path/sittings");
        $opening = $this->call('GET', "$path/openings/1");
        $timing = array_column($opening['timing'], null, 'page')[1];
        self::assertSame([null, 0], [$timing['took'], $timing['running']]);
        foreach ($opening['groups'][0]['steps'] as $step) {
            $this->call('POST', "$path/ticks", ['changes' => [['drawing' => 'name-page', 'step' => $step['key'], 'done' => true]]], 200);
        }
        $after = $this->call('GET', "$path/sittings");
        self::assertSame([$before['pages'] - 1, 1], [$after['pages'], $after['done']]);
        self::assertSame([['page' => 1, 'state' => 'done']], $after['states']);
        $running = array_column($this->call('GET', "$path/openings/1")['timing'], null, 'page')[1]['running'];
        self::assertGreaterThan(0, $running, 'the first step counts as long as it should take');
        $book = $this->edit($book, ['type' => 'time-page', 'drawing' => 'name-page', 'nth' => 0, 'minutes' => 40, 'said' => true, 'work' => $timing['work']]);
        $timed = array_column($this->call('GET', "$path/openings/1")['timing'], null, 'page')[1];
        self::assertSame([40, true], [$timed['took'], $timed['said']]);
        self::assertGreaterThan($timing['estimate']['likely'], $timed['estimate']['likely'], 'a slow hand is expected to be slow');
        self::assertSame('edit/minutes', $this->edit($book, ['type' => 'time-page', 'drawing' => 'name-page', 'minutes' => 9 * 60 + 600, 'work' => []], 422)['field']);
    }

    public function testAPageThatIsPutOrLeftIsPackedSo(): void
    {
        $evenings = [self::EVENING, ['day' => '2026-12-27', 'minutes' => 60]];
        $book = $this->edit($this->make(), ['type' => 'set-evenings', 'evenings' => $evenings, 'months' => 0]);
        $path = "/notebooks/{$book['id']}/sittings";
        $book = $this->edit($book, ['type' => 'put-page', 'drawing' => 'key', 'evening' => '2026-12-27T19:00']);
        $pages = $this->call('GET', $path)['evenings'][1]['pages'];
        self::assertSame([true], array_column(array_filter($pages, static fn (array $one): bool => 'key' === $one['drawing']), 'put'));
        $book = $this->edit($book, ['type' => 'leave-for-later', 'drawing' => 'year-at-a-glance', 'later' => true]);
        $all = $this->call('GET', $path);
        self::assertSame(['year-at-a-glance'], array_column($all['later'], 'drawing'));
        self::assertSame('edit/evening', $this->edit($book, ['type' => 'put-page', 'drawing' => 'key', 'evening' => '2027-01-01T19:00'], 422)['field']);
        // The evening it was put on is none any more: it is packed like any other page.
        $this->edit($book, ['type' => 'set-evenings', 'evenings' => [self::EVENING]]);
        $left = $this->call('GET', $path);
        self::assertNotContains(true, array_column($left['evenings'][0]['pages'], 'put'));
    }

    public function testEachWayThatIsOfferedWhereItIsShortLeavesLess(): void
    {
        $book = $this->edit($this->make(), ['type' => 'set-evenings', 'evenings' => [['day' => '2026-12-20', 'minutes' => 60]]]);
        $path = "/notebooks/{$book['id']}/sittings";
        $short = $this->call('GET', $path);
        self::assertGreaterThan(0, $short['short']);
        self::assertLessThanOrEqual($short['short'], $short['bound']);
        self::assertGreaterThan(3, \count($short['ways']));
        foreach ($short['ways'] as $way) {
            $after = $this->edit($book, $way['edit']);
            $now = $this->call('GET', $path);
            self::assertLessThan($short['short'], $now['short'], $way['say']);
            $back = $this->call('POST', "/notebooks/{$book['id']}/undo", ['version' => $after['version'], 'have' => []]);
            $book = ['version' => $back['version']] + $book;
        }
    }

    public function testPensAreSaidFromMemoryUntilTheyAreTested(): void
    {
        $book = $this->edit($this->make(), ['type' => 'set-pen', 'pen' => ['name' => 'Shed marker', 'sort' => 'alcohol']]);
        $path = "/notebooks/{$book['id']}/pens";
        $pen = $this->call('GET', $path)['pens'][0];
        self::assertSame(['pen-1', true, false], [$pen['id'], $pen['bleeds_here'], $pen['seen']]);
        self::assertStringContainsString('from memory', $pen['says']);
        $book = $this->edit($book, ['type' => 'set-pen', 'pen' => ['id' => 'pen-1', 'name' => 'Shed marker', 'sort' => 'alcohol', 'bleeds' => false, 'dries' => 0]]);
        $pen = $this->call('GET', $path)['pens'][0];
        self::assertSame([false, true], [$pen['bleeds_here'], $pen['seen']]);
        self::assertStringNotContainsString('from memory', $pen['says']);
        $book = $this->edit($book, ['type' => 'set-pen', 'pen' => ['name' => 'shed marker', 'sort' => 'alcohol', 'bleeds' => true]]);
        foreach ($this->call('GET', $path)['pens'] as $one) {
            self::assertTrue($one['bleeds_here']);
            self::assertStringContainsString('Tested more than once with different results: the worst counts.', $one['says']);
        }
        self::assertSame('edit/pen/name', $this->edit($book, ['type' => 'set-pen', 'pen' => ['name' => ' ']], 422)['field']);
        self::assertSame('edit/pen/dries', $this->edit($book, ['type' => 'set-pen', 'pen' => ['name' => 'A', 'dries' => 2_000]], 422)['field']);
    }

    public function testAPenThatBleedsMovesNothingUntilItIsSaid(): void
    {
        $book = $this->call('POST', '/notebooks/sample', null, 201);
        $before = array_column($book['spreads'], 'page', 'id');
        $after = $this->edit($book, ['type' => 'set-pen', 'pen' => ['name' => 'Red marker', 'sort' => 'alcohol', 'colour' => '#c8553d', 'bleeds' => true]]);
        self::assertSame($before, array_column($after['spreads'] ?? $book['spreads'], 'page', 'id'));
        $said = array_values(array_filter($after['findings'], static fn (array $one): bool => 'year-at-a-glance' === $one['about'] && str_contains($one['says'], 'was seen to bleed')));
        self::assertCount(1, $said);
        $placed = $this->edit(['version' => $after['version']] + $book, $said[0]['offers'][0]['edit']);
        $year = array_column($placed['spreads'], null, 'id')['year-at-a-glance'];
        self::assertSame('bleeds', $year['medium']);
        // Against the light it shows on the back of its leaf.
        $page = $year['page'];
        $behind = 0 === $page % 2 ? $page - 1 : $page + 1;
        $leaf = $this->call('GET', "/notebooks/{$book['id']}/leaves?from=$behind&to=$behind")['pages'][0];
        self::assertGreaterThan(50, $leaf['through']);
    }
}
