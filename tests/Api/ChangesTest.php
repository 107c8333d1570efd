<?php

/* An answer leaves out what somebody has already; put together with that it is the whole book. */

declare(strict_types=1);

namespace Tests\Api;

final class ChangesTest extends ApiTestCase
{
    public function testAnAnswerWithWhatWasKnownBeforeIsTheWholeBook(): void
    {
        $book = $known = $this->call('POST', '/notebooks/sample', null, 201);
        $sizes = [];
        foreach ([
            ['type' => 'set-title', 'title' => 'Harbour'],
            ['type' => 'move-spread', 'spread' => 'quote', 'section' => 'front', 'before' => 'key'],
            ['type' => 'set-spread', 'spread' => 'key', 'worth' => 5],
            ['type' => 'add-book', 'from' => '2027-09'],
            ['type' => 'remove-book', 'book' => '2'],
            ['type' => 'set-language', 'language' => 'fi'],
        ] as $edit) {
            $answer = $this->call('POST', "/notebooks/{$book['id']}/edits", [
                'version' => $known['version'],
                'edit' => $edit,
                'have' => $known['parts'],
            ]);
            $sizes[$edit['type']] = \strlen((string) $this->browser->getResponse()->getContent());
            $known = array_replace($known, $answer);
            self::assertEquals($this->call('GET', "/notebooks/{$book['id']}"), $known, $edit['type']);
        }
        foreach (['undo', 'undo', 'redo'] as $way) {
            $answer = $this->call('POST', "/notebooks/{$book['id']}/$way", ['version' => $known['version'], 'have' => $known['parts']]);
            $known = array_replace($known, $answer);
            self::assertEquals($this->call('GET', "/notebooks/{$book['id']}"), $known, $way);
        }
        self::assertLessThan(3_000, $sizes['set-title'], 'a title is no reason to send pages');
        self::assertGreaterThan(30_000, $sizes['add-book']);
    }

    public function testWhoHasNothingIsSentEverything(): void
    {
        $book = $this->make();
        $whole = array_keys($this->edit($book, ['type' => 'set-title', 'title' => 'Harbour']));
        self::assertContains('pages', $whole);
        foreach ([[], ['pages' => 'not this'], ['pages' => ['x']], ['no such part' => 'x']] as $have) {
            $now = $this->call('GET', "/notebooks/{$book['id']}");
            $answer = $this->call('POST', "/notebooks/{$book['id']}/edits", [
                'version' => $now['version'],
                'edit' => ['type' => 'set-title', 'title' => 'Harbour '.\count($have)],
                'have' => (object) $have,
            ]);
            self::assertSame($whole, array_keys($answer));
        }
        $this->call('POST', "/notebooks/{$book['id']}/edits", ['version' => 99, 'edit' => ['type' => 'set-title', 'title' => 'x'], 'have' => 'all'], 422);
    }
}
