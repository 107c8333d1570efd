<?php

/* Dates through the API, every answer as docs/api/openapi.yaml has it. */

declare(strict_types=1);

namespace Tests\Api;

final class DatesTest extends ApiTestCase
{
    public function testWhatIsTypedIsUnderstoodAndStandsInItsMonth(): void
    {
        $book = $this->notebook();
        $book = $this->edit($book, ['type' => 'add-date', 'day' => '12', 'words' => 'Dentist 10:30', 'near' => '2027-03', 'category' => 'appointments']);
        $book = $this->edit($book, ['type' => 'add-date', 'day' => '3–9 July', 'words' => 'Sailing week']);
        $dates = $this->dates($book, '2027-03');
        self::assertSame(
            [['dentist-10-30@2027-03-12', '12 Dentist 10:30', ['future log', 'marked on the year']]],
            array_map(static fn (array $one): array => [$one['key'], $one['written'], $one['goes']], $dates['entries']),
        );
        self::assertSame('3–9 Sailing week', $this->dates($book, '2027-07')['entries'][0]['written']);
        self::assertSame([2, '2027-01'], [$dates['count'], $dates['months'][0]['month']]);

        $refused = $this->edit($book, ['type' => 'add-date', 'day' => '31 April', 'words' => 'Nothing'], 422);
        self::assertSame(['edit/day', 'April 2027 has 30 days, not 31.'], [$refused['field'], $refused['detail']]);
        $refused = $this->edit($book, ['type' => 'add-date', 'day' => '1 May', 'words' => 'Lead', 'is' => 'duty', 'lead' => 400], 422);
        self::assertSame('edit/lead', $refused['field']);
        $refused = $this->edit($book, ['type' => 'add-date', 'day' => '1 May', 'words' => ' '], 422);
        self::assertSame(['edit/words', 'Say what it is.'], [$refused['field'], $refused['detail']]);
    }

    public function testADutyIsSeenAheadAndOneThatWouldBeTooLateIsSaidSoWithAWayOut(): void
    {
        $book = $this->notebook();
        $book = $this->edit($book, ['type' => 'add-date', 'day' => '1 April', 'words' => 'Quarterly tax', 'is' => 'duty', 'repeat' => 'FREQ=MONTHLY;INTERVAL=3']);
        $dates = $this->dates($book, '2027-03');
        self::assertSame([], $dates['entries']);
        [$finding] = $dates['findings'];
        self::assertSame('“Quarterly tax” is due on 1 April 2027 and would be seen only when April 2027 is set up.', $finding['says']);
        $book = $this->edit($book, $finding['offers'][0]['edit']);
        $dates = $this->dates($book, '2027-03');
        self::assertSame([], $dates['findings']);
        self::assertSame(['18 Quarterly tax for 1 Apr'], array_column($dates['entries'], 'written'));
        self::assertSame([['every quarter', '2027-04-01', '2027-03-18']], array_map(
            static fn (array $one): array => [$one['repeats'], $one['next'], $one['seen']],
            $dates['duties'],
        ));
        $book = $this->edit($book, ['type' => 'set-date', 'date' => 'quarterly-tax', 'day' => '1 January']);
        self::assertSame(
            '“Quarterly tax” is due on 1 January 2027 and must be thought of on 18 December 2026, before this book begins: write that into the old one now.',
            $this->dates($book, '2027-03')['findings'][0]['says'],
        );
    }

    /** What no line is left for is said, and the first layout offered has room for all of it. */
    public function testAFullDecemberIsMendedByTheFirstOffer(): void
    {
        $book = $this->notebook();
        for ($day = 1; $day <= 14; ++$day) {
            $book = $this->edit($book, ['type' => 'add-date', 'day' => "$day December", 'words' => "Choir and market $day"]);
        }
        $dates = $this->dates($book, '2027-12');
        $december = array_column($dates['months'], null, 'month')['2027-12'];
        self::assertGreaterThan($december['room'], $december['lines']);
        self::assertSame($december['lines'] - $december['room'], $december['over']);
        $finding = $dates['findings'][0];
        self::assertStringStartsWith('The future log has too little room for what is known already: December 2027 needs ', $finding['says']);
        self::assertStringContainsString('everything fits', $finding['offers'][0]['say']);
        $after = $this->dates($this->edit($book, $finding['offers'][0]['edit']), '2027-12');
        self::assertSame([], $after['findings']);
        self::assertSame(0, array_sum(array_column($after['months'], 'over')));
    }

    public function testAMonthIsTransferredTickedPutOffAndTakenBack(): void
    {
        $book = $this->notebook();
        $book = $this->edit($book, ['type' => 'add-date', 'day' => '12 March', 'words' => 'Dentist']);
        $book = $this->edit($book, ['type' => 'add-date', 'day' => 'March', 'words' => 'Order wood']);
        $book = $this->edit($book, ['type' => 'add-date', 'day' => '1 April', 'words' => 'Tax', 'is' => 'duty', 'lead' => 14]);
        $transfer = $this->transfer($book, '2027-03');
        self::assertSame([['12 Dentist', 'Order wood'], ['18 Tax for 1 Apr'], []], [
            array_column($transfer['dates'], 'written'),
            array_column($transfer['prepare'], 'written'),
            $transfer['left'],
        ]);
        $book = $this->edit($book, ['type' => 'settle-date', 'key' => $transfer['dates'][0]['key'], 'as' => 'copied']);
        $book = $this->edit($book, ['type' => 'settle-date', 'key' => $transfer['dates'][1]['key'], 'as' => '2027-04']);
        $april = $this->transfer($book, '2027-04');
        self::assertSame([['1 Tax', 'Order wood'], ['18 Tax for 1 Apr']], [array_column($april['dates'], 'written'), array_column($april['left'], 'written')]);
        self::assertSame(['copied'], array_column($this->transfer($book, '2027-03')['dates'], 'settled'));
        $book = $this->call('POST', "/notebooks/{$book['id']}/undo", ['version' => $book['version']]);
        self::assertSame(['copied', null], array_column($this->transfer($book, '2027-03')['dates'], 'settled'));
        $this->call('GET', "/notebooks/{$book['id']}/dates/transfer?month=2031-01", null, 404);
        // What is dropped needs no line any more.
        $lines = fn (array $of): int => array_column($this->dates($of, '2027-03')['months'], 'lines', 'month')['2027-03'];
        $dropped = $this->edit($book, ['type' => 'settle-date', 'key' => 'order-wood@2027-03', 'as' => 'dropped']);
        $before = $lines($dropped);
        self::assertSame($before + 1, $lines($this->edit($dropped, ['type' => 'settle-date', 'key' => 'order-wood@2027-03', 'as' => null])));
    }

    public function testNothingIsTakenBeforeItIsSeenAndOneTakeIsTakenBackAsOne(): void
    {
        $book = $this->notebook();
        $ics = "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nBEGIN:VEVENT\r\nUID:1\r\nDTSTART;VALUE=DATE:20270312\r\nSUMMARY:Tram test\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n";
        $preview = $this->call('POST', "/notebooks/{$book['id']}/dates/preview", [
            'text' => "12 March Dentist 10:30\n31 April Nothing\nhello\n",
            'files' => [['name' => 'tram.ics', 'content' => base64_encode($ics)], ['name' => 'a.png', 'content' => base64_encode("\x89PNG\0")]],
            'zone' => 'Europe/Berlin',
            'category' => 'events',
        ]);
        self::assertSame(['new', 'skipped', 'skipped', 'new', 'skipped'], array_column($preview['rows'], 'as'));
        self::assertSame(['2027-03' => 2], $preview['lines']);
        self::assertSame(0, $this->dates($book, '2027-03')['count']);
        $entries = array_values(array_filter(array_column($preview['rows'], 'entry')));
        $book = $this->edit($book, ['type' => 'take-dates', 'entries' => $entries]);
        self::assertSame(['12 Tram test', '12 Dentist 10:30'], array_column($this->dates($book, '2027-03')['entries'], 'written'));
        $again = $this->call('POST', "/notebooks/{$book['id']}/dates/preview", ['files' => [['name' => 'tram.ics', 'content' => base64_encode($ics)]]]);
        self::assertSame(['same'], array_column($again['rows'], 'as'));
        $book = $this->call('POST', "/notebooks/{$book['id']}/undo", ['version' => $book['version']]);
        self::assertSame(0, $this->dates($book, '2027-03')['count']);
        $this->call('POST', "/notebooks/{$book['id']}/dates/preview", ['zone' => 'Atlantis/Harbour'], 422);
    }

    public function testARepeatEndsAndIsLeftOutOnce(): void
    {
        $book = $this->notebook();
        $book = $this->edit($book, ['type' => 'add-date', 'day' => '12 January', 'words' => 'Committee', 'repeat' => 'FREQ=MONTHLY;BYDAY=2TU', 'until' => '30 June']);
        $count = fn (string $month): int => \count($this->dates($book, $month)['entries']);
        self::assertSame([1, 1, 0], [$count('2027-01'), $count('2027-06'), $count('2027-07')]);
        self::assertSame('2027-06-30', $this->dates($book, '2027-01')['entries'][0]['entry']['ends_on']);
        $book = $this->edit($book, ['type' => 'set-date', 'date' => 'committee', 'until' => null, 'except' => ['2027-03-09']]);
        self::assertSame([0, 1, 1], [$count('2027-03'), $count('2027-04'), $count('2027-12')]);
        $refused = $this->edit($book, ['type' => 'set-date', 'date' => 'committee', 'until' => '1.1.2020'], 422);
        self::assertSame(['edit/until', 'A repeat ends on a day after it begins.'], [$refused['field'], $refused['detail']]);
    }

    public function testHolidaysRepeatsCalendarAndTable(): void
    {
        $book = $this->notebook();
        self::assertArrayHasKey('FI', $this->call('GET', '/holidays')['countries']);
        $preview = $this->call('POST', "/notebooks/{$book['id']}/dates/preview", ['holidays' => ['country' => 'FI', 'region' => '']]);
        self::assertContains('Fri 1 January 2027', array_column($preview['rows'], 'when'));
        self::assertSame('holidays', $preview['rows'][0]['entry']['category']);
        $repeats = $this->call('GET', "/notebooks/{$book['id']}/dates/repeats?day=9%20March");
        self::assertContains(['rule' => 'FREQ=MONTHLY;BYDAY=2TU', 'words' => 'every month on the second Tuesday'], $repeats['repeats']);
        $this->call('GET', "/notebooks/{$book['id']}/dates/repeats?day=soon", null, 422);
        $this->edit($book, ['type' => 'add-date', 'day' => '12 March', 'words' => 'Dentist']);
        foreach (['ics' => 'SUMMARY:Dentist', 'csv' => '2027-03-12,Dentist'] as $ending => $holds) {
            $this->browser->request('GET', "/api/notebooks/{$book['id']}/dates.$ending");
            self::assertSame(200, $this->browser->getResponse()->getStatusCode());
            self::assertStringContainsString($holds, (string) $this->browser->getResponse()->getContent());
        }
    }

    /** @return array<string, mixed> */
    private function notebook(): array
    {
        return $this->make(['stock' => ['width' => 148, 'height' => 210, 'pitch' => 5, 'across' => 26, 'down' => 38, 'pages' => 192]]);
    }

    /** @return array<string, mixed> */
    private function dates(array $book, string $month): array
    {
        return $this->call('GET', "/notebooks/{$book['id']}/dates?month=$month");
    }

    /** @return array<string, mixed> */
    private function transfer(array $book, string $month): array
    {
        return $this->call('GET', "/notebooks/{$book['id']}/dates/transfer?month=$month");
    }
}
