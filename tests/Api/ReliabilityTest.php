<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Api\NotFound;
use App\Repository\Notebooks;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Books;

/** What is acknowledged is kept, what is refused changes nothing, and no notebook takes the shelf down with it. */
final class ReliabilityTest extends ApiTestCase
{
    private string $path = '';

    /** @var array<string, mixed> */
    private array $book = [];

    private function begin(): void
    {
        $this->book = $this->make();
        $this->path = "/notebooks/{$this->book['id']}";
    }

    /** @return array<string, mixed> */
    private function next(array $edit, int $status = 200): array
    {
        $answer = $this->edit($this->book, $edit, $status);
        $this->book = 200 === $status ? $answer : $this->book;

        return $answer;
    }

    public function testAGlanceThatBeginsCenturiesAwayShowsAsManyMonthsAsThePeriod(): void
    {
        $this->begin();
        foreach (['1583-01', '2207-01'] as $from) {
            $this->next(['type' => 'set-spread', 'spread' => 'year-at-a-glance', 'settings' => ['from' => $from]]);
        }
        $this->next(['type' => 'set-spread', 'spread' => 'year-at-a-glance', 'settings' => ['from' => '2027-07']]);
        $this->next(['type' => 'set-period', 'period' => ['start' => '2727-01', 'end' => '2727-12']]);
        $copied = array_merge(...array_map(
            static fn (array $group): array => $group['copying'],
            $this->call('GET', "$this->path/openings/6")['groups'],
        ));
        self::assertCount(12, $copied);
        self::assertSame('July 2027', $copied[0]['title']);
    }

    /** @return iterable<string, array{mixed, string, string}> settings, the field, and words of the answer */
    public static function beyondBounds(): iterable
    {
        $deep = 1;
        for ($i = 0; $i < 30; ++$i) {
            $deep = ['a' => $deep];
        }
        yield 'levels' => [['x' => $deep], 'edit/settings/x'.str_repeat('/a', 23), '24 levels'];
        yield 'entries of a list' => [['categories' => array_fill(0, 5_000, 'c')], 'edit/settings/categories', '5,000'];
        yield 'values in all' => [
            array_fill_keys(array_map(static fn (int $i): string => "n$i", range(1, 40)), array_fill(0, 400, 1)),
            'edit/settings',
            '10,000',
        ];
        yield 'letters' => [['lines' => [str_repeat('å', 10_001)]], 'edit/settings/lines/0', '10,001 letters'];
        yield 'letters of a name' => [[str_repeat('å', 10_001) => 1], 'edit/settings', '10,001 letters'];
    }

    #[DataProvider('beyondBounds')]
    public function testSettingsHaveBoundsSaidInWords(mixed $settings, string $field, string $words): void
    {
        $this->begin();
        $problem = $this->next(['type' => 'set-spread', 'spread' => 'quote', 'settings' => $settings], 422);
        self::assertSame($field, $problem['field']);
        self::assertStringContainsString($words, $problem['detail']);
        self::assertSame($this->book, $this->call('GET', $this->path));
    }

    public function testAPlanLargerThanItsFileMayBeIsRefused(): void
    {
        $this->begin();
        $lines = ['lines' => array_fill(0, 500, str_repeat('x', 4_000))];
        $this->next(['type' => 'set-spread', 'spread' => 'quote', 'settings' => $lines]);
        $problem = $this->next(['type' => 'set-spread', 'spread' => 'name-page', 'settings' => $lines], 422);
        self::assertStringContainsString('2.8 MB at most', $problem['detail']);
    }

    public function testNothingIsWrittenBeforeEverythingIsRead(): void
    {
        $this->begin();
        foreach (['book[]=1', 'book=0', 'book=%ff'] as $query) {
            $sent = ['version' => $this->book['version'], 'edit' => ['type' => 'set-title', 'title' => 'Changed all the same']];
            $this->call('POST', "$this->path/edits?$query", $sent, 422);
        }
        $this->call('DELETE', "$this->path?version[]=1", null, 422);
        self::assertSame($this->book, $this->call('GET', $this->path));
    }

    public function testANotebookThatCannotBeReadIsShownAsSuchAndTakesNothingElseDown(): void
    {
        $this->begin();
        $whole = $this->book['id'];
        $broken = [
            'not JSON' => '{"title": "Cut off',
            'no plan' => '{"title": "Half a plan"}',
            'too deep' => str_repeat('[', 60).str_repeat(']', 60),
        ];
        $ids = [];
        $database = new \PDO("sqlite:$this->database");
        foreach ($broken as $plan) {
            $ids[] = $id = $this->make()['id'];
            $database->prepare('UPDATE notebook SET plan = ? WHERE id = ?')->execute([$plan, $id]);
        }
        $shelf = $this->call('GET', '/notebooks');
        self::assertSame([$whole], array_column($shelf['notebooks'], 'id'));
        self::assertEqualsCanonicalizing($ids, array_column($shelf['unreadable'], 'id'));
        self::assertContains('Half a plan', array_column($shelf['unreadable'], 'title'));
        foreach ($ids as $i => $id) {
            $this->call('GET', "/notebooks/$id", null, 422);
            $this->call('GET', "/notebooks/$id/openings/1", null, 422);
            $this->browser->request('GET', "/api/notebooks/$id/plan.json");
            self::assertSame(array_values($broken)[$i], $this->browser->getResponse()->getContent(), 'the plan as it is kept');
            $this->call('DELETE', "/notebooks/$id?version=1", null, 204);
        }
        self::assertSame([], $this->call('GET', '/notebooks')['unreadable']);
    }

    public function testTheLastEditOfANotebookThatCannotBeReadCanBeTakenBack(): void
    {
        $this->begin();
        $before = $this->book;
        $this->next(['type' => 'set-title', 'title' => 'Spoilt later']);
        (new \PDO("sqlite:$this->database"))->exec("UPDATE notebook SET plan = '{}'");
        [$shown] = $this->call('GET', '/notebooks')['unreadable'];
        self::assertSame('Title changed', $shown['undo']);
        self::assertSame($before['title'], $this->call('POST', "$this->path/undo", ['version' => $shown['version']])['title']);
    }

    public function testAnEditIsNotAcknowledgedOnceTheDatabaseFileIsGone(): void
    {
        $this->begin();
        rename($this->database, "$this->database-away");
        $problem = $this->next(['type' => 'set-title', 'title' => 'Into nothing'], 503);
        self::assertStringContainsString('nothing was saved', $problem['detail']);
        $this->call('POST', "$this->path/ticks", ['changes' => [['drawing' => 'key', 'step' => 'abc', 'done' => true]]], 503);
    }

    public function testAnotherFileInItsPlaceIsNoticed(): void
    {
        $this->begin();
        copy($this->database, "$this->database-copy");
        rename("$this->database-copy", $this->database);
        $this->next(['type' => 'set-title', 'title' => 'Into the old file'], 503);
    }

    public function testALockedAndAReadOnlyDatabaseSayWhatTheyAre(): void
    {
        $this->begin();
        $writer = new \PDO("sqlite:$this->database");
        $this->doctrine()->executeStatement('PRAGMA busy_timeout = 20');
        $writer->exec('BEGIN IMMEDIATE');
        self::assertStringContainsString('Another program holds', $this->next(['type' => 'set-title', 'title' => 'Locked'], 503)['detail']);
        $writer->exec('ROLLBACK');
        $this->next(['type' => 'set-title', 'title' => 'Free again']);
        $this->doctrine()->executeStatement('PRAGMA query_only = ON');
        self::assertStringContainsString('may only be read', $this->next(['type' => 'set-title', 'title' => 'Read only'], 503)['detail']);
        $this->doctrine()->executeStatement('PRAGMA query_only = OFF');
        $pages = (int) $this->doctrine()->fetchOne('PRAGMA page_count');
        $this->doctrine()->executeStatement("PRAGMA max_page_count = $pages");
        $long = ['type' => 'set-spread', 'spread' => 'quote', 'settings' => ['lines' => [bin2hex(random_bytes(4_500))]]];
        self::assertStringContainsString('no room left', $this->next($long, 507)['detail']);
        self::assertSame('Free again', $this->call('GET', $this->path)['title']);
    }

    private function doctrine(): \Doctrine\DBAL\Connection
    {
        return self::getContainer()->get('doctrine.dbal.default_connection');
    }

    public function testTicksAreASet(): void
    {
        $this->begin();
        foreach ([true, true, false, false, true] as $done) {
            $this->call('POST', "$this->path/ticks", ['changes' => [['drawing' => 'key', 'step' => 'abc', 'done' => $done]]], 200);
        }
        self::assertSame([['drawing' => 'key', 'step' => 'abc']], $this->call('GET', "$this->path/openings/1")['ticked']);
        $this->call('POST', "$this->path/ticks", ['changes' => [['drawing' => "key\u{0}", 'step' => 'abc', 'done' => true]]], 422);
    }

    public function testAStaleEditOfANotebookThatIsGoneSaysSo(): void
    {
        $this->begin();
        $this->call('DELETE', "$this->path?version={$this->book['version']}", null, 204);
        $this->next(['type' => 'set-title', 'title' => 'Too late'], 404);
    }

    /** Read by one, taken off the shelf by another, written by the first: there is no such notebook, and nothing of it comes back. */
    public function testANotebookTakenOffTheShelfWhileItIsEditedIsGone(): void
    {
        $this->begin();
        $notebooks = self::getContainer()->get(Notebooks::class);
        $read = $notebooks->get($this->book['id']);
        $this->doctrine()->executeStatement('DELETE FROM notebook WHERE id = ?', [$this->book['id']]);
        try {
            $notebooks->edit($read, $this->book['version'], ['type' => 'set-title', 'title' => 'Too late'], static fn (): null => null);
            self::fail('It is gone.');
        } catch (NotFound $gone) {
            self::assertSame('There is no such notebook on the shelf.', $gone->getMessage());
        }
        self::assertSame(0, (int) $this->doctrine()->fetchOne('SELECT COUNT(*) FROM edit WHERE notebook_id = ?', [$this->book['id']]));
    }

    /**
     * @return iterable<string, array{string, string, string}> a setting as JSON, the field that is named, words of the answer; "" where
     *     it is kept exactly
     */
    public static function settings(): iterable
    {
        yield 'an object without names' => ['{"a":{}}', '', ''];
        yield 'an object that looks like a list' => ['{"a":{"0":"x","1":"y"}}', '', ''];
        yield 'at the top' => ['{"0":"x","1":"y"}', '', ''];
        yield 'an empty list' => ['{"a":[]}', '', ''];
        yield 'a number with a point' => ['{"a":1.5,"b":1.0e-7}', '', ''];
        yield 'an empty name' => ['{"":{"":1}}', '', ''];
        yield 'a number too long' => ['{"a":[1,12345678901234567890]}', 'spreads/0/settings/a/1', 'more figures'];
        yield 'a fraction too long' => ['{"a":0.1234567890123456789}', 'spreads/0/settings/a', 'more figures'];
        yield 'a number too large' => ['{"a":1e999}', 'spreads/0/settings/a', 'more figures'];
        yield 'a name twice' => ['{"a":1,"b":{"c":1,"c":2}}', 'spreads/0/settings/b/c', 'twice'];
        yield 'a name PHP cannot write' => ['{"\u0000a":1}', '', 'not whole'];
    }

    #[DataProvider('settings')]
    public function testAPlanFileIsKeptExactlyOrRefusedWithThePlace(string $settings, string $field, string $words): void
    {
        $plan = json_decode(Books::files()->write(Books::sample()), true);
        $plan['spreads'] = [['id' => 'mine', 'kind' => 'of-my-own', 'section' => 'front', 'settings' => 'HERE']];
        $file = str_replace('"HERE"', $settings, (string) json_encode($plan));
        $answer = $this->call('POST', '/notebooks/import', $file, '' === $words ? 201 : 422);
        if ('' !== $words) {
            self::assertSame($field, $answer['field']);
            self::assertStringContainsString($words, $answer['detail']);

            return;
        }
        $this->browser->request('GET', "/api/notebooks/{$answer['id']}/plan.json");
        $kept = json_decode((string) $this->browser->getResponse()->getContent());
        self::assertSame($settings, json_encode($kept->spreads[0]->settings, \JSON_PRESERVE_ZERO_FRACTION));
    }

    public function testWhatIsImportedCanBeExportedAndImportedAgain(): void
    {
        $plan = json_decode(Books::files()->write(Books::sample()), true);
        foreach ($plan['spreads'] as $i => $spread) {
            $plan['spreads'][$i]['settings'] = ['mine' => array_fill(0, 450, array_fill(0, 20, 1))];
        }
        $ticked = array_map(
            static fn (int $i): array => ['drawing' => str_repeat('a', 60), 'step' => \sprintf('%020d', $i)],
            range(1, 20_000),
        );
        $answer = $this->call('POST', '/notebooks/import', (string) json_encode($plan + ['ticked' => $ticked]), 201);
        $this->browser->request('GET', "/api/notebooks/{$answer['id']}/plan.json");
        $this->call('POST', '/notebooks/import', (string) $this->browser->getResponse()->getContent(), 201);
        $this->call('POST', "/notebooks/{$answer['id']}/ticks", ['changes' => [['drawing' => 'one', 'step' => 'more', 'done' => true]]], 422);
    }

    public function testMonthsWrittenAsNumbersAreRefused(): void
    {
        $plan = json_decode(Books::files()->write(Books::sample()), true);
        foreach ([['months', 'overrides', 'rich'], ['months', 'weights', 3], ['in_use', 'used', 40]] as [$room, $name, $value]) {
            $damaged = $plan;
            $damaged[$room][$name] = ['12' => $value];
            self::assertSame("$room/$name/12", $this->call('POST', '/notebooks/import', (string) json_encode($damaged), 422)['field']);
        }
    }

    public function testWrongAddressesAreRefusedAndNeverBreakTheProgram(): void
    {
        $this->begin();
        foreach (["$this->path/openings/%EF%BC%97" => 404, '/notebooks/%ff' => 404] as $address => $status) {
            $this->browser->request('GET', "/api$address");
            self::assertSame($status, $this->browser->getResponse()->getStatusCode(), $address);
        }
        $wrong = [
            '/estimate?width=%ff',
            '/estimate?width[]=1',
            "$this->path?book=%ff",
            "$this->path/tray.pdf?print=guides:%ff",
            "$this->path/tray.pdf?print=card&paper[]=A4",
        ];
        foreach ($wrong as $address) {
            $this->browser->request('GET', "/api$address");
            self::assertContains($this->browser->getResponse()->getStatusCode(), [400, 422], $address);
        }
        $zone = ['zone' => "Europe/Berlin\0x", 'files' => [['name' => 'a', 'text' => '12 March Boat']]];
        self::assertSame('This names no time zone.', $this->call('POST', "$this->path/dates/preview", $zone, 422)['detail']);
        $all = implode(',', array_fill(0, 5_000, '1-192'));
        $this->call('GET', "$this->path/tray.pdf?print=guides:$all", null, 422);
    }
}
