<?php

/* The whole shelf out and in, copies of the days, and a notebook once more. */

declare(strict_types=1);

namespace Tests\Api;

use App\Repository\Copies;
use App\Repository\CopyRefused;
use App\Repository\DailyCopies;
use Doctrine\DBAL\Connection;

final class KeepingTest extends ApiTestCase
{
    private const HERE = ['REMOTE_ADDR' => '127.0.0.1', 'HTTP_ORIGIN' => 'http://localhost', 'HTTP_HOST' => 'localhost'];

    protected function tearDown(): void
    {
        $folder = $this->folder();
        foreach (glob("$folder/*") ?: [] as $file) {
            unlink($file);
        }
        @rmdir($folder);
        parent::tearDown();
    }

    public function testTheWholeShelfComesBackFromItsFile(): void
    {
        $sample = $this->call('POST', '/notebooks/sample', null, 201);
        $own = $this->edit($this->make(), ['type' => 'set-title', 'title' => "Two lines\nand “quotes”, {braces}"]);
        $this->call('POST', "/notebooks/{$own['id']}/ticks", ['changes' => [['drawing' => 'key', 'step' => 'abc', 'done' => true]]]);
        $file = $this->file();
        self::assertSame(3, substr_count($file, "\n"), 'a head and two notebooks');
        $plans = array_map(fn (string $id): string => $this->plan($id), [$sample['id'], $own['id']]);

        $this->dropAll();
        $added = $this->call('POST', '/shelf.json', $file, 201)['added'];
        self::assertSame($plans, array_map(fn (string $id): string => $this->plan($id), $added));
        self::assertSame($file, $this->file(), 'out again, it is the same file');
    }

    public function testADamagedShelfIsRefusedInWordsAndNothingOfItIsKept(): void
    {
        $this->call('POST', '/notebooks/sample', null, 201);
        $this->make();
        $file = $this->file();
        $lines = explode("\n", trim($file));
        foreach ([
            'empty' => ['', 'no file of a whole shelf'],
            'cut off' => [substr($file, 0, (int) (\strlen($file) * 0.9)), 'Notebook'],
            'a line lost' => ["$lines[0]\n$lines[1]\n", 'should have 2 notebooks and has 1'],
            'a line twice' => ["$file$lines[1]\n", 'should have 2 notebooks and has 3'],
            'a later version' => [str_replace('"version":1,"notebooks"', '"version":2,"notebooks"', $file), 'later version'],
            'one notebook broken' => [str_replace($lines[2], str_replace('"period"', '"perlod"', $lines[2]), $file), 'Notebook 2 of 2'],
            'none in it' => ["{\"format\":\"ample-margin-shelf\",\"version\":1,\"notebooks\":0}\n", 'No notebook is in this file'],
            'something else' => ['{"title": "A plan"}', 'no file of a whole shelf'],
        ] as $what => [$text, $says]) {
            $problem = $this->call('POST', '/shelf.json', $text, 422);
            self::assertStringContainsString($says, $problem['detail'], $what);
            self::assertSame(2, $this->call('GET', '/notebooks')['all'], $what);
        }
        for ($seed = 1; $seed <= 40; ++$seed) {
            mt_srand($seed);
            $damaged = $file;
            for ($i = mt_rand(1, 4); $i > 0; --$i) {
                $damaged[mt_rand(0, \strlen($damaged) - 1)] = \chr(mt_rand(1, 255));
            }
            $this->browser->request('POST', '/api/shelf.json', [], [], self::HERE, $damaged);
            $status = $this->browser->getResponse()->getStatusCode();
            self::assertContains($status, [201, 422], "seed $seed");
            self::assertSame(0, $this->call('GET', '/notebooks')['all'] % 2, "seed $seed: both or none");
        }
    }

    public function testANotebookIsCopiedWithItsTicksAndTheTwoGoTheirOwnWays(): void
    {
        $book = $this->make();
        $this->call('POST', "/notebooks/{$book['id']}/ticks", ['changes' => [['drawing' => 'key', 'step' => 'abc', 'done' => true]]]);
        // Two steps whose ids are equal as numbers are two.
        $this->call('POST', "/notebooks/{$book['id']}/ticks", ['changes' => [
            ['drawing' => 'index', 'step' => '10', 'done' => true],
            ['drawing' => 'index', 'step' => '1e1', 'done' => true],
        ]]);
        $copy = $this->call('POST', "/notebooks/{$book['id']}/copy?now=2026-11-30T14:05", null, 201);
        $file = $this->call('GET', "/notebooks/{$copy['id']}/plan.json");
        self::assertEqualsCanonicalizing(['abc', '10', '1e1'], array_column($file['ticked'], 'step'));
        $this->browser->request('POST', '/api/notebooks/import', [], [], self::HERE, (string) $this->browser->getResponse()->getContent());
        $again = json_decode((string) $this->browser->getResponse()->getContent(), true);
        self::assertCount(3, $this->call('GET', "/notebooks/{$again['id']}/plan.json")['ticked']);
        self::assertSame('A notebook, copy of 30 November 14:05', $copy['title']);
        // A second one in the same minute, one of a copy, and one by somebody without a clock are told apart too.
        $second = $this->call('POST', "/notebooks/{$copy['id']}/copy?now=2026-11-30T14:05", null, 201);
        self::assertSame('A notebook, copy 2 of 30 November 14:05', $second['title']);
        $third = $this->call('POST', "/notebooks/{$second['id']}/copy?now=2026-12-01T09:00", null, 201);
        self::assertSame('A notebook, copy of 1 December 09:00', $third['title']);
        self::assertSame('A notebook, copy', $this->call('POST', "/notebooks/{$book['id']}/copy", null, 201)['title']);
        $this->call('POST', "/notebooks/{$book['id']}/copy?now=noon", null, 422);
        self::assertNotSame($book['id'], $copy['id']);
        self::assertContains(['drawing' => 'key', 'step' => 'abc'], $this->call('GET', "/notebooks/{$copy['id']}/openings/1")['ticked']);
        $this->edit($copy, ['type' => 'set-title', 'title' => 'Another']);
        self::assertSame('A notebook', $this->call('GET', "/notebooks/{$book['id']}")['title']);
        $this->call('POST', '/notebooks/none/copy', null, 404);
    }

    public function testEveryDayOfUseLeavesACopyAndTheLastOnesAreKept(): void
    {
        $copies = new DailyCopies($this->database, 3);
        foreach (['2026-12-01', '2026-12-02', '2026-12-02', '2026-12-05', '2026-12-06', '2026-12-07'] as $i => $day) {
            self::assertSame(2 !== $i, $copies->today(new \DateTimeImmutable("$day 18:00")), $day);
        }
        self::assertSame(['2026-12-07', '2026-12-06', '2026-12-05'], array_column($copies->all(), 'name'));
        self::assertSame('0600', substr(\sprintf('%o', fileperms((string) $copies->file('2026-12-07'))), -4), 'private');
        self::assertNull($copies->file('../secret'));
        self::assertFalse((new DailyCopies($this->database, 0))->today(new \DateTimeImmutable()));
    }

    public function testACopyIsPutBackWhileTheProgramRunsAndWhatWasThereIsKept(): void
    {
        $book = $this->edit($this->make(), ['type' => 'set-title', 'title' => 'As it was']);
        $path = "/notebooks/{$book['id']}";
        $this->call('POST', "$path/ticks", ['changes' => [['drawing' => 'key', 'step' => 'abc', 'done' => true]]]);
        $copies = new DailyCopies($this->database, 5);
        $copies->today(new \DateTimeImmutable('2026-12-20 08:00'));
        $later = $this->edit($book, ['type' => 'set-title', 'title' => 'Spoilt']);
        $this->make();

        $copies->restore($this->connection(), '2026-12-20', new \DateTimeImmutable('2026-12-21 09:30:15'));
        $now = $this->call('GET', $path);
        self::assertSame('As it was', $now['title']);
        self::assertGreaterThan($later['version'], $now['version'], 'a page that shows the later one sees that it is another');
        self::assertSame(1, $this->call('GET', '/notebooks')['all']);
        self::assertSame([['drawing' => 'key', 'step' => 'abc']], $this->call('GET', "$path/openings/1")['ticked']);
        $this->edit($later, ['type' => 'set-title', 'title' => 'From an old page'], 409);
        $undone = $this->call('POST', "$path/undo", ['version' => $now['version']]);
        self::assertSame('A notebook', $undone['title'], 'its edits came with it');

        self::assertSame(['before-20261221-093015', '2026-12-20'], array_column($copies->all(), 'name'));
        $copies->restore($this->connection(), 'before-20261221-093015', new \DateTimeImmutable('2026-12-21 09:30:15'));
        self::assertSame('Spoilt', $this->call('GET', $path)['title']);
        self::assertSame(2, $this->call('GET', '/notebooks')['all']);
    }

    public function testADamagedCopyIsRefusedAndChangesNothing(): void
    {
        $book = $this->make();
        $copies = new DailyCopies($this->database, 5);
        $copies->today(new \DateTimeImmutable('2026-12-20'));
        $file = (string) $copies->file('2026-12-20');
        file_put_contents($file, substr((string) file_get_contents($file), 0, 30_000));
        $old = $this->folder().'/2026-12-19.sqlite';
        Copies::make($this->database, $old);
        (new \PDO("sqlite:$old"))->exec("DELETE FROM doctrine_migration_versions WHERE version LIKE '%20261128%'");
        foreach (['2026-12-20' => 'damaged', '2026-12-19' => 'earlier version', '2026-12-01' => 'no copy of that day'] as $name => $says) {
            try {
                $copies->restore($this->connection(), $name, new \DateTimeImmutable());
                self::fail("$name was put back.");
            } catch (CopyRefused $refused) {
                self::assertStringContainsString($says, $refused->getMessage());
            }
            self::assertSame($book['title'], $this->call('GET', "/notebooks/{$book['id']}")['title']);
        }
    }

    public function testCopiesArePutBackAtThisMachineOnly(): void
    {
        $this->call('POST', '/copies/2026-12-20/restore', null, 403, ['REMOTE_ADDR' => '192.168.1.30'] + self::HERE);
        $problem = $this->call('POST', '/copies/2026-12-20/restore', null, 422, self::HERE);
        self::assertStringContainsString('no copy of that day', $problem['detail']);
        self::assertSame(['here' => true, 'copies' => []], $this->call('GET', '/copies', null, 200, self::HERE));
    }

    private function folder(): string
    {
        return substr($this->database, 0, -7).'-copies';
    }

    private function connection(): Connection
    {
        $connection = self::getContainer()->get('doctrine.dbal.default_connection');

        return $connection instanceof Connection ? $connection : self::fail('There is no database.');
    }

    private function file(): string
    {
        $this->browser->request('GET', '/api/shelf.json');

        return (string) $this->browser->getResponse()->getContent();
    }

    private function plan(string $id): string
    {
        $this->browser->request('GET', "/api/notebooks/$id/plan.json");

        return (string) $this->browser->getResponse()->getContent();
    }

    private function dropAll(): void
    {
        foreach ($this->call('GET', '/notebooks')['notebooks'] as $one) {
            $this->call('DELETE', "/notebooks/{$one['id']}?version={$one['version']}", null, 204);
        }
    }
}
