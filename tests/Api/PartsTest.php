<?php

/* The parting editor's answers: the parts of a page, what could be made of one, and how it would be after a change. */

declare(strict_types=1);

namespace Tests\Api;

final class PartsTest extends ApiTestCase
{
    /** Title 3, then 35 in 3 with the best gap: 11, skip 1, 11, skip 1, 11. */
    public function testAPageIsDividedAndSaysItsRunItsLinesAndItsMinutes(): void
    {
        $book = $this->page();
        $book = $this->change($book, ['do' => 'divide', 'at' => '1', 'way' => 'down', 'parts' => 3, 'gap' => null]);
        $parts = $this->parts($book);

        self::assertSame(['3, 35', '11, skip 1, 11, skip 1, 11'], array_column($parts['divisions'], 'run'));
        self::assertSame(['title', 'lines', 'lines', 'lines'], array_column($parts['parts'], 'fill'));
        self::assertSame([0, 11, 11, 11], array_column($parts['parts'], 'lines'));
        self::assertSame(['0', '1.0', '1.1', '1.2'], array_column($parts['parts'], 'path'));
        self::assertGreaterThan(2, $parts['minutes']);
        self::assertNull($parts['says']);
    }

    public function testWhatIsOnlyTriedIsNotKept(): void
    {
        $book = $this->change($this->page(), ['do' => 'divide', 'at' => '1', 'way' => 'across', 'parts' => 2, 'gap' => null]);
        $tried = $this->call('POST', "/notebooks/{$book['id']}/parts/page-of-parts", ['change' => ['do' => 'move', 'at' => '1', 'part' => 0, 'by' => 4]]);

        self::assertSame('16, skip 2, 8', $tried['divisions'][1]['run']);
        self::assertSame('12, skip 2, 12', $this->parts($book)['divisions'][1]['run']);
        self::assertSame($book['version'], $tried['version']);
    }

    public function testEachFillingIsDrawnInThePlaceOfThePart(): void
    {
        $book = $this->page();
        $choices = $this->call('GET', "/notebooks/{$book['id']}/parts/page-of-parts/choices?at=1");

        self::assertSame([26, 35], [$choices['wide'], $choices['tall']]);
        self::assertSame(array_column($this->call('GET', '/catalogue')['fillings'], 'fill'), array_column($choices['fillings'], 'fill'));
        self::assertContains('11, skip 1, 11, skip 1, 11', array_column($choices['divisions'], 'run'));
        foreach ($choices['fillings'] as $filling) {
            self::assertTrue('nothing' === $filling['fill'] || [] !== $filling['marks'] || null !== $filling['says'], $filling['fill']);
        }
        $this->call('GET', "/notebooks/{$book['id']}/parts/page-of-parts/choices?at=9", null, 422);
        $this->call('GET', "/notebooks/{$book['id']}/parts/none/choices?at=", null, 404);
    }

    public function testAKindOfTheCatalogueBecomesAPageOfItsOwnAndKeepsItsNameAndWhatWasSaid(): void
    {
        $book = $this->edit($this->make(), ['type' => 'add-spread', 'kind' => 'goal-with-steps', 'settings' => ['rows' => 7]]);
        $book = $this->edit($book, ['type' => 'part-page', 'spread' => 'goal-with-steps', 'do' => 'name', 'at' => '1.2', 'name' => 'Who helps']);
        $spread = array_column($book['spreads'], null, 'id')['goal-with-steps'];

        self::assertSame(['page-of-parts', 'A goal and its steps'], [$spread['kind'], $spread['title']]);
        $parts = $this->parts($book, 'goal-with-steps')['parts'];
        self::assertSame(['Steps', 'Who helps'], [$parts[2]['name'], $parts[3]['name']]);
        self::assertSame(7, $parts[2]['settings']['rows']);
    }

    public function testWhatCannotBeIsRefusedInWordsAndChangesNothing(): void
    {
        $book = $this->page();
        foreach ([
            [['do' => 'divide', 'at' => '1', 'way' => 'down', 'parts' => 13], '2 to 12'],
            [['do' => 'divide', 'at' => '9', 'way' => 'down', 'parts' => 2], 'not there any more'],
            [['do' => 'melt', 'at' => '1'], 'one of'],
            [['do' => 'size', 'at' => '0', 'boxes' => 38], 'do not fit'],
            [['do' => 'fill', 'at' => '1', 'fill' => 'soup'], '“soup”'],
            [['do' => 'gap', 'at' => '', 'gap' => 99], '20'],
            [['do' => 'move', 'at' => '', 'part' => 0, 'by' => 40], 'keeps a box'],
        ] as [$change, $says]) {
            $answer = $this->call('POST', "/notebooks/{$book['id']}/edits", [
                'version' => $book['version'],
                'edit' => ['type' => 'part-page', 'spread' => 'page-of-parts'] + $change,
            ], 422);
            self::assertStringContainsString($says, $answer['detail']);
        }
        self::assertSame($book['version'], $this->call('GET', "/notebooks/{$book['id']}")['version']);
    }

    public function testAPageThatAFileDividedBadlySaysSoAndIsKept(): void
    {
        $book = $this->edit($this->make(), ['type' => 'add-spread', 'kind' => 'page-of-parts', 'settings' => [
            'parts' => ['divide' => 'down', 'parts' => [['fill' => 'lines'], ['fill' => 'soup']]],
        ]]);
        $parts = $this->parts($book);
        self::assertStringContainsString('“soup”', $parts['says']);
        self::assertSame([], $parts['parts']);
        $about = array_filter($book['findings'], static fn (array $finding): bool => 'page-of-parts' === $finding['about']);
        self::assertStringContainsString('part 1', array_values($about)[0]['says']);
    }

    /** @return array<string, mixed> */
    private function page(): array
    {
        return $this->edit($this->make(), ['type' => 'add-spread', 'kind' => 'page-of-parts']);
    }

    /**
     * @param array<string, mixed> $book
     * @param array<string, mixed> $change
     *
     * @return array<string, mixed>
     */
    private function change(array $book, array $change): array
    {
        return $this->edit($book, ['type' => 'part-page', 'spread' => 'page-of-parts'] + $change);
    }

    /**
     * @param array<string, mixed> $book
     *
     * @return array<string, mixed>
     */
    private function parts(array $book, string $spread = 'page-of-parts'): array
    {
        return $this->call('GET', "/notebooks/{$book['id']}/parts/$spread");
    }

    /** What an older plan said under another name stands in its field, where somebody would change it. */
    public function testWhatOlderPlansSaidIsShownUnderTheNameOfToday(): void
    {
        $book = $this->make();
        $book = $this->edit($book, ['type' => 'add-spread', 'kind' => 'goals-by-area', 'settings' => ['areas' => ['Tram', 'Choir']]]);
        $spread = $book['spreads'][array_key_last(array_column($book['spreads'], 'id'))];
        foreach ($book['spreads'] as $one) {
            $spread = ['Tram', 'Choir'] === ($one['settings']['areas'] ?? null) ? $one : $spread;
        }
        self::assertSame(['Tram', 'Choir'], $spread['settings']['cells']);
        $changed = $this->edit($book, ['type' => 'set-spread', 'spread' => $spread['id'], 'settings' => ['cells' => ['Tram', 'Choir', 'Boat']]]);
        $now = array_column($changed['spreads'], null, 'id')[$spread['id']];
        self::assertSame(['Tram', 'Choir', 'Boat'], $now['settings']['cells']);
    }

    public function testAPartIsSetForOneSpreadAloneAndItsSettingsSaySo(): void
    {
        $book = $this->edit($this->make(), ['type' => 'add-spread', 'kind' => 'notes']);
        $notes = array_values(array_filter(array_column($book['spreads'], 'id'), static fn (string $id): bool => str_starts_with($id, 'notes')))[0];
        $settings = fn (): array => array_column($this->call('GET', "/notebooks/{$book['id']}/parts/$notes/settings")['parts'], null, 'part')['lines'];
        self::assertSame([], $settings()['own']);
        $book = $this->edit($book, ['type' => 'set-part', 'spread' => $notes, 'part' => 'lines', 'settings' => ['numbered' => true]]);
        self::assertSame(['numbered'], $settings()['own']);
        self::assertTrue($settings()['settings']['numbered']);
        $this->edit($book, ['type' => 'set-part', 'spread' => $notes, 'part' => 'lines', 'settings' => ['numbered' => null]]);
        self::assertSame([], $settings()['own']);
        $refused = $this->call(
            'POST',
            "/notebooks/{$book['id']}/edits",
            ['version' => $book['version'] + 1, 'edit' => ['type' => 'set-part', 'spread' => $notes, 'part' => 'roof', 'settings' => ['numbered' => true]]],
            422,
        );
        self::assertSame('edit/part', $refused['field']);
        $this->call('GET', "/notebooks/{$book['id']}/parts/none/settings", null, 404);
    }
}
