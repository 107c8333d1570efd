<?php

declare(strict_types=1);

namespace Tests\Repository;

use App\Repository\Copies;
use App\Repository\CopyRefused;
use App\Security\Devices;
use Tests\Api\ApiTestCase;

/** The whole shelf copied while the program runs, and put back while it does not. */
final class CopiesTest extends ApiTestCase
{
    public function testACopyOfAShelfInUseIsPutBackWithItsEdits(): void
    {
        $book = $this->make();
        $path = "/notebooks/{$book['id']}";
        $kept = $this->call('POST', "$path/edits", ['version' => 1, 'edit' => ['type' => 'set-title', 'title' => 'Kept']]);
        Copies::make($this->database, "$this->database-copy");
        self::assertSame('0600', substr(\sprintf('%o', fileperms("$this->database-copy")), -4), 'private');
        $this->call('POST', "$path/edits", ['version' => 2, 'edit' => ['type' => 'set-title', 'title' => 'Later']]);
        $this->stop();
        // As a crash leaves it: the edits since are in a file beside the database.
        file_put_contents("$this->database-wal", random_bytes(5_000));
        $before = Copies::restore($this->database, "$this->database-copy");
        self::assertFileExists((string) $before);
        $this->restart();
        self::assertSame($kept, $this->call('GET', $path));
        self::assertSame('wal', (new \PDO("sqlite:$this->database"))->query('PRAGMA journal_mode')->fetchColumn());
    }

    /** A phone that was lost and taken off the list does not come back with a copy of the days before; one that is paired now stays. */
    public function testDevicesNeverComeBackFromACopy(): void
    {
        $this->make();
        $devices = new Devices($this->database, static fn (): int => 1_800_000_000);
        $lost = (string) $devices->pair($devices->code(), 'Lost phone');
        Copies::make($this->database, "$this->database-copy");
        $tablet = (string) $devices->pair($devices->code(), 'Tablet');
        $devices->remove((string) $devices->known($lost));
        self::assertNull($devices->known($lost));
        unset($devices);
        $this->stop();
        Copies::restore($this->database, "$this->database-copy");
        $devices = new Devices($this->database, static fn (): int => 1_800_000_000);
        self::assertNull($devices->known($lost));
        self::assertNotNull($devices->known($tablet));
        unset($devices);
        $this->restart();
        self::assertCount(1, $this->call('GET', '/notebooks')['notebooks']);
    }

    public function testNothingIsPutBackWhileTheProgramRuns(): void
    {
        $book = $this->make();
        Copies::make($this->database, "$this->database-copy");
        $other = new \PDO("sqlite:$this->database");
        $other->query('SELECT COUNT(*) FROM notebook')->fetchAll();
        try {
            Copies::restore($this->database, "$this->database-copy");
            self::fail('It was replaced under a running program.');
        } catch (CopyRefused $refused) {
            self::assertStringContainsString('stop it first', $refused->getMessage());
        }
        self::assertSame($book, $this->call('GET', "/notebooks/{$book['id']}"));
    }

    public function testWhatIsNoCopyOfAShelfIsRefusedAndChangesNothing(): void
    {
        $book = $this->make();
        $this->stop();
        file_put_contents("$this->database-text", 'not a database');
        (new \PDO("sqlite:$this->database-empty"))->exec('CREATE TABLE other (id INTEGER)');
        Copies::make($this->database, "$this->database-copy");
        file_put_contents("$this->database-cut", substr((string) file_get_contents("$this->database-copy"), 0, 20_000));
        foreach (['text', 'empty', 'cut', 'nothing'] as $file) {
            try {
                Copies::restore($this->database, "$this->database-$file");
                self::fail("$file was taken for a copy.");
            } catch (CopyRefused $refused) {
                self::assertStringContainsString("$this->database-$file", $refused->getMessage());
            }
        }
        $this->restart();
        self::assertSame($book, $this->call('GET', "/notebooks/{$book['id']}"));
    }

    /** Nothing of this process has the database open any more. */
    private function stop(): void
    {
        self::ensureKernelShutdown();
        unset($this->browser);
        gc_collect_cycles();
    }
}
