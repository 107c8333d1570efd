<?php

/* The shelf: some notebooks at a time, and what it says of each is true after every change. */

declare(strict_types=1);

namespace Tests\Api;

use App\Api\ShelfEntry;

final class ShelfTest extends ApiTestCase
{
    public function testTheShelfIsReadTwentyFourAtATimeTheLastChangedFirst(): void
    {
        for ($i = 1; $i <= 50; ++$i) {
            $books[] = $this->make(['title' => "Notebook $i"])['id'];
        }
        $seen = [];
        for ($from = 0; null !== $from; $from = $shelf['next']) {
            $shelf = $this->call('GET', "/notebooks?from=$from");
            self::assertSame(50, $shelf['all']);
            self::assertSame(min(24, 50 - $from), \count($shelf['notebooks']));
            array_push($seen, ...array_column($shelf['notebooks'], 'id'));
        }
        self::assertSame(array_reverse($books), $seen);
        self::assertSame([], $this->call('GET', '/notebooks?from=50')['notebooks']);
        foreach (['-1', 'x', '1.5', '9999999999', ''] as $wrong) {
            self::assertStringContainsString('whole number', $this->call('GET', "/notebooks?from=$wrong", null, 422)['detail']);
        }
    }

    /** After every edit, undo, redo and upload the shelf says what the notebook itself says. */
    public function testWhatTheShelfSaysIsTrueAfterEveryChange(): void
    {
        $book = $this->make();
        foreach ([
            ['type' => 'set-title', 'title' => 'Harbour'],
            ['type' => 'use-pattern', 'pattern' => 'rich'],
            ['type' => 'set-period', 'period' => ['start' => '2027-03', 'end' => '2028-02']],
            ['type' => 'add-book', 'from' => '2027-09'],
            ['type' => 'set-lost', 'page' => 9, 'lost' => true],
            ['type' => 'remove-spread', 'spread' => 'quote'],
        ] as $edit) {
            $book = $this->edit($book, $edit);
            $this->shelfSays($book);
        }
        foreach (['undo', 'undo', 'undo', 'redo'] as $way) {
            $book = $this->call('POST', "/notebooks/{$book['id']}/$way", ['version' => $book['version']]);
            $this->shelfSays($book);
        }
        $this->call('GET', "/notebooks/{$book['id']}/plan.json");
        $this->shelfSays($this->call('POST', '/notebooks/import', (string) $this->browser->getResponse()->getContent(), 201));
    }

    /** An entry for another plan, or in an older form, or none, is worked out again from the plan. */
    public function testAnEntryThatDoesNotBelongToThePlanIsNotShown(): void
    {
        $book = $this->edit($this->make(), ['type' => 'set-title', 'title' => 'Harbour']);
        $database = self::getContainer()->get('doctrine.dbal.default_connection');
        $kept = (string) $database->fetchOne('SELECT shelf FROM notebook');
        foreach ([
            null,
            '',
            'no JSON',
            '[]',
            '{"form": '.ShelfEntry::FORM.'}',
            str_replace('"form":'.ShelfEntry::FORM, '"form":0', $kept),
            str_replace('"of":"', '"of":"0', $kept),
        ] as $entry) {
            $database->executeStatement(
                'UPDATE notebook SET shelf = ?',
                [null === $entry ? null : str_replace('Harbour', 'Not this', $entry)],
            );
            $this->shelfSays($book);
        }
        $database->executeStatement('UPDATE notebook SET plan = ?, shelf = ?', ['{"title": "Torn', $kept]);
        $shelf = $this->call('GET', '/notebooks');
        self::assertSame(
            [[], 1],
            [$shelf['notebooks'], \count($shelf['unreadable'])],
            'a plan changed by another hand is read, not its entry',
        );
    }

    /** @param array<string, mixed> $book */
    private function shelfSays(array $book): void
    {
        $entries = array_column($this->call('GET', '/notebooks')['notebooks'], null, 'id');
        $entry = $entries[$book['id']] ?? self::fail('It stands on the shelf.');
        $now = $this->call('GET', "/notebooks/{$book['id']}");
        self::assertSame(array_intersect_key($now, $entry), array_intersect_key($entry, $now));
        self::assertSame($now['title'], $entry['title']);
    }
}
