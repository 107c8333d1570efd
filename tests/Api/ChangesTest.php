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
        $paper = ['width' => 148, 'height' => 210, 'pitch' => 5, 'across' => 26, 'down' => 38];
        foreach ([
            ['type' => 'set-title', 'title' => 'Harbour'],
            ['type' => 'move-spread', 'spread' => 'quote', 'section' => 'front', 'before' => 'key'],
            ['type' => 'set-spread', 'spread' => 'key', 'worth' => 5],
            ['type' => 'set-spread', 'spread' => 'quote', 'title' => 'Ebb and flow'],
            ['type' => 'set-stock', 'stock' => $paper + ['pages' => 160]],
            ['type' => 'set-stock', 'stock' => $paper + ['pages' => 240]],
            ['type' => 'remove-spread', 'spread' => 'goals-by-area'],
            ['type' => 'add-spread', 'kind' => 'goals-by-area'],
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
            $known = self::together($known, $answer);
            self::assertEquals($this->call('GET', "/notebooks/{$book['id']}"), $known, $edit['type']);
        }
        foreach (['undo', 'undo', 'redo'] as $way) {
            $answer = $this->call('POST', "/notebooks/{$book['id']}/$way", ['version' => $known['version'], 'have' => $known['parts']]);
            $known = self::together($known, $answer);
            self::assertEquals($this->call('GET', "/notebooks/{$book['id']}"), $known, $way);
        }
        self::assertLessThan(3_000, $sizes['set-title'], 'a title is no reason to send pages');
        self::assertLessThan(12_000, $sizes['set-spread'], 'the title of a spread is no reason to send other pages');
        self::assertGreaterThan(20_000, $sizes['add-book']);
    }

    /**
     * @param array<string, mixed> $known
     * @param array<string, mixed> $answer
     *
     * @return array<string, mixed> as whoever asked puts them together
     */
    private static function together(array $known, array $answer): array
    {
        $some = $answer['some'] ?? [];
        $parts = array_replace($known['parts'], $answer['parts']);
        unset($answer['some']);
        $known = array_replace($known, $answer);
        foreach ($some as $part => ['of' => $of, 'each' => $each, 'at' => $at]) {
            $list = \array_slice($known[$part], 0, $of);
            foreach ($at as $i => $stretch) {
                array_splice($list, $i * $each, $each, $stretch);
            }
            $known[$part] = $list;
            $parts = array_filter($parts, static fn (string $name): bool => !str_starts_with($name, "$part/")
                || (int) explode('/', $name)[1] * $each < $of, \ARRAY_FILTER_USE_KEY);
        }
        ksort($parts);

        return ['parts' => $parts] + $known;
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
