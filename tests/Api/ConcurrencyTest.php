<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Api\Stale;
use App\Entity\Notebook;
use App\Kernel;
use App\Plan\Composing;
use App\Repository\DatabaseFile;
use App\Repository\Kinds;
use App\Repository\Memories;
use App\Repository\Notebooks;
use Doctrine\ORM\EntityManagerInterface;
use Doctrine\Persistence\ManagerRegistry;
use Tests\Books;

/** Two writers that both read before either wrote: the check of the version alone cannot tell them apart, the database must. */
final class ConcurrencyTest extends ApiTestCase
{
    public function testOfTwoWritersThatReadTheSameStateOneIsRefusedWhole(): void
    {
        $made = $this->make();
        [$first, $one] = $this->writer();
        [$second, $other] = $this->writer();
        $mine = $first->get($made['id']);
        $theirs = $second->get($made['id']);

        $first->edit($mine, $mine->version(), ['type' => 'set-title', 'title' => 'First'], self::nothing(...));
        try {
            $second->edit($theirs, $theirs->version(), ['type' => 'set-title', 'title' => 'Second'], self::nothing(...));
            self::fail('The second writer was not refused.');
        } catch (Stale) {
        }
        $one->clear();
        $book = $this->call('GET', "/notebooks/{$made['id']}");
        self::assertSame(['First', 'Title changed', null], [$book['title'], $book['undo'], $book['redo']]);
        self::assertFalse($other->isOpen());
    }

    public function testUndoRacingAnEditIsRefusedToo(): void
    {
        $made = $this->make();
        $edited = $this->edit($made, ['type' => 'set-title', 'title' => 'Once']);
        [$first] = $this->writer();
        [$second] = $this->writer();
        $mine = $first->get($made['id']);
        $theirs = $second->get($made['id']);

        $first->edit($mine, $edited['version'], ['type' => 'set-title', 'title' => 'Twice'], self::nothing(...));
        $this->expectException(Stale::class);
        $second->undo($theirs, $edited['version'], self::nothing(...));
    }

    public function testRemovingANotebookTakesItsEditsAndTicksAlong(): void
    {
        $made = $this->make();
        $edited = $this->edit($made, ['type' => 'set-title', 'title' => 'Gone']);
        $this->call('POST', "/notebooks/{$made['id']}/ticks", ['changes' => [['drawing' => 'key', 'step' => 'abc', 'done' => true]]], 200);
        $this->call('DELETE', "/notebooks/{$made['id']}?version={$edited['version']}", null, 204);

        $database = new \PDO("sqlite:$this->database");
        foreach (['notebook', 'edit', 'ticked_step'] as $table) {
            self::assertSame(0, (int) $database->query("SELECT COUNT(*) FROM $table")->fetchColumn(), $table);
        }
        self::assertSame('wal', $database->query('PRAGMA journal_mode')->fetchColumn());
    }

    private static function nothing(): void
    {
    }

    /** @return array{Notebooks, EntityManagerInterface} a writer with a memory of its own */
    private function writer(): array
    {
        $kernel = new Kernel('test', false);
        $kernel->boot();
        $registry = $kernel->getContainer()->get('doctrine');
        self::assertInstanceOf(ManagerRegistry::class, $registry);
        $entities = $registry->getManagerForClass(Notebook::class);
        self::assertInstanceOf(EntityManagerInterface::class, $entities);

        return [new Notebooks($registry, Books::files(), new Composing(), new DatabaseFile(), new Kinds($entities->getConnection()), new Memories($entities->getConnection(), 'test')), $entities];
    }
}
