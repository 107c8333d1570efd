<?php

/* A page kept as a kind of one's own: it travels with the plan, stands in every drawer, and re-sizes itself. */

declare(strict_types=1);

namespace Tests\Api;

final class OwnKindsTest extends ApiTestCase
{
    public function testAPageIsKeptAsAKindAndUsedInAnotherNotebookOfOtherPaper(): void
    {
        $book = $this->kept();
        self::assertSame(['own-the-boat-in-spring'], array_column($book['kinds'], 'kind'));
        self::assertSame(['line', 'title_at', 'in_index', 'turned'], array_column($book['kinds'][0]['fields'], 'name'), 'what stays open');
        $spread = array_column($book['spreads'], null, 'id')['page-of-parts'];
        self::assertSame(['own-the-boat-in-spring', true, 'The boat'], [$spread['kind'], $spread['known'], $spread['title']]);

        $other = $this->edit($this->make(), ['type' => 'set-stock', 'stock' => [
            'width' => 176, 'height' => 250, 'pitch' => 5, 'across' => 31, 'down' => 45, 'pages' => 160,
        ]]);
        $drawer = $this->call('GET', "/notebooks/{$other['id']}/drawer");
        self::assertSame(['own-the-boat-in-spring'], array_map(static fn (array $kept): string => $kept['kind']['kind'], $drawer['kept']));
        self::assertContains('own-the-boat-in-spring', array_column($drawer['kinds'], 'kind'), 'drawn on this paper too');

        $other = $this->edit($other, ['type' => 'several', 'edits' => [
            ['type' => 'add-kind', 'own' => $drawer['kept'][0]['own']],
            ['type' => 'add-spread', 'kind' => 'own-the-boat-in-spring'],
        ]]);
        $parts = $this->call('GET', "/notebooks/{$other['id']}/parts/own-the-boat-in-spring");
        // 45 − 3 for the title = 42 = 20, skip 2, 20 on this paper; 17, skip 1, 17 on the first.
        self::assertSame('20, skip 2, 20', $parts['divisions'][1]['run']);
        self::assertSame('17, skip 1, 17', $this->call('GET', "/notebooks/{$book['id']}/parts/page-of-parts")['divisions'][1]['run']);
    }

    public function testAKindChangesWithAllItsSpreadsWhenAPageIsKeptUnderItsName(): void
    {
        $book = $this->edit($this->kept(), ['type' => 'add-spread', 'kind' => 'own-the-boat-in-spring', 'title' => 'Another']);
        $book = $this->edit($book, ['type' => 'part-page', 'spread' => 'page-of-parts', 'do' => 'fill', 'at' => '1.1', 'fill' => 'free']);
        $kinds = array_column($book['spreads'], 'kind', 'id');
        self::assertSame('page-of-parts', $kinds['page-of-parts'], 'what is divided otherwise is a page of its own again');
        self::assertSame('own-the-boat-in-spring', $kinds['own-the-boat-in-spring']);
        $book = $this->edit($book, ['type' => 'keep-kind', 'spread' => 'page-of-parts', 'name' => 'The boat in spring', 'section' => 'goals']);
        self::assertCount(1, $book['kinds']);
        self::assertSame('free', $this->call('GET', "/notebooks/{$book['id']}/parts/own-the-boat-in-spring")['parts'][2]['fill']);
    }

    public function testAKindIsKnownByWhatItIsAndNotByItsTitle(): void
    {
        $book = $this->edit($this->kept(), ['type' => 'add-spread', 'kind' => 'own-the-boat-in-spring']);
        $book = $this->edit($book, ['type' => 'set-kind', 'kind' => 'own-the-boat-in-spring', 'name' => 'Ashore']);
        self::assertSame([['own-the-boat-in-spring', 'Ashore']], array_map(
            static fn (array $kind): array => [$kind['kind'], $kind['name']],
            $book['kinds'],
        ));
        $titles = array_column($book['spreads'], 'title', 'id');
        self::assertSame('Ashore', $titles['own-the-boat-in-spring'], 'what has no title of its own goes by it');
        self::assertSame('The boat', $titles['page-of-parts']);

        // Divided otherwise it stands alone, until the kind is changed with all its spreads: whatever it is called.
        $book = $this->edit($book, ['type' => 'part-page', 'spread' => 'page-of-parts', 'do' => 'fill', 'at' => '1.1', 'fill' => 'free']);
        $book = $this->edit($book, [
            'type' => 'keep-kind', 'spread' => 'page-of-parts', 'name' => 'Aground', 'section' => 'goals',
            'kind' => 'own-the-boat-in-spring',
        ]);
        self::assertSame(['own-the-boat-in-spring'], array_column($book['kinds'], 'kind'));
        self::assertSame(['Aground'], array_column($book['kinds'], 'name'));
        foreach (['page-of-parts', 'own-the-boat-in-spring'] as $spread) {
            self::assertSame('free', $this->call('GET', "/notebooks/{$book['id']}/parts/$spread")['parts'][2]['fill']);
        }
        $refused = $this->edit($book, ['type' => 'set-kind', 'kind' => 'own-the-boat-in-spring', 'name' => ' '], 422);
        self::assertSame('Give the kind a name.', $refused['detail']);
    }

    public function testAKindIsHandedOnAsAFile(): void
    {
        $this->kept();
        $this->browser->request('GET', '/api/kinds/own-the-boat-in-spring/file');
        $file = (string) $this->browser->getResponse()->getContent();
        $called = (string) $this->browser->getResponse()->headers->get('Content-Disposition');
        self::assertStringContainsString('own-the-boat-in-spring.kind.json', $called);
        $this->call('DELETE', '/kinds/own-the-boat-in-spring', null, 204);
        $this->call('GET', '/kinds/own-the-boat-in-spring/file', null, 404);
        self::assertSame('own-the-boat-in-spring', $this->call('POST', '/kinds', $file, 201)['kind']);
        $this->browser->request('GET', '/api/kinds/own-the-boat-in-spring/file');
        self::assertSame($file, (string) $this->browser->getResponse()->getContent(), 'the same file again');

        $says = fn (string $damaged): string => $this->call('POST', '/kinds', $damaged, 422)['detail'];
        self::assertStringContainsString('This is no file of a kind', $says('{"title":"A plan"}'));
        self::assertStringContainsString('This is no file of a kind', $says('no json'));
        self::assertStringContainsString('A newer one made it', $says(str_replace('"kind_file": 1', '"kind_file": 2', $file)));
        $more = str_replace('"kind_file": 1', '"kind_file": 1, "soup": 1', $file);
        self::assertStringContainsString('is nothing a file of a kind has', $says($more));
        self::assertStringContainsString('begins with "own-"', $says(str_replace('own-the-boat-in-spring', 'notes', $file)));
        mt_srand(7);
        for ($i = 0; $i < 40; ++$i) {
            $at = mt_rand(0, \strlen($file) - 2);
            $broken = substr($file, 0, $at).['', '"', '{', '9', 'ü'][mt_rand(0, 4)].substr($file, $at + mt_rand(1, 6));
            $headers = ['CONTENT_TYPE' => 'application/json', 'HTTP_ORIGIN' => 'http://localhost'];
            $this->browser->request('POST', '/api/kinds', [], [], $headers, $broken);
            self::assertContains($this->browser->getResponse()->getStatusCode(), [201, 403, 422], $broken);
        }
    }

    public function testAKindThatAPatternUsesIsNotTakenOut(): void
    {
        $book = $this->kept();
        $book = $this->edit($book, ['type' => 'set-pattern', 'pattern' => [
            'id' => 'boats', 'name' => 'Boats', 'parts' => [['kind' => 'own-the-boat-in-spring', 'pages' => 1]],
        ]]);
        $says = $this->edit($book, ['type' => 'remove-kind', 'kind' => 'own-the-boat-in-spring'], 422)['detail'];
        self::assertSame('“The boat in spring” is a part of the month’s pattern “Boats”. Take it out there first.', $says);
    }

    public function testATravellingPlanBringsItsKindsAlong(): void
    {
        $book = $this->kept();
        $this->browser->request('GET', "/api/notebooks/{$book['id']}/plan.json");
        $file = (string) $this->browser->getResponse()->getContent();
        $this->call('DELETE', '/kinds/own-the-boat-in-spring', null, 204);
        $copy = $this->call('POST', '/notebooks/import', $file, 201);
        self::assertSame($book['kinds'], $copy['kinds']);
        $third = $this->make();
        self::assertCount(1, $this->call('GET', "/notebooks/{$third['id']}/drawer")['kept'], 'and it stands in the drawer again');
    }

    public function testAKindTakenOutLeavesItsSpreadsAsTheyAre(): void
    {
        $book = $this->kept();
        $before = $this->call('GET', "/notebooks/{$book['id']}/parts/page-of-parts");
        $book = $this->edit($book, ['type' => 'remove-kind', 'kind' => 'own-the-boat-in-spring']);
        self::assertSame([], $book['kinds']);
        $after = $this->call('GET', "/notebooks/{$book['id']}/parts/page-of-parts");
        self::assertSame($before['drawn'][0], $after['drawn'][0]);
        self::assertSame('page-of-parts', array_column($book['spreads'], 'kind', 'id')['page-of-parts']);
    }

    public function testAKindThatIsGoneOrNoPartingIsSaidAndNothingIsLost(): void
    {
        $book = $this->kept();
        $this->browser->request('GET', "/api/notebooks/{$book['id']}/plan.json");
        $plan = json_decode((string) $this->browser->getResponse()->getContent());
        self::assertInstanceOf(\stdClass::class, $plan);
        $gone = clone $plan;
        unset($gone->kinds);
        $copy = $this->call('POST', '/notebooks/import', (string) json_encode($gone), 201);
        self::assertFalse(array_column($copy['spreads'], 'known', 'id')['page-of-parts']);
        $plan->kinds[0]->parts = (object) ['fill' => 'soup'];
        $copy = $this->call('POST', '/notebooks/import', (string) json_encode($plan), 201);
        $says = array_column(array_filter($copy['findings'], static fn (array $one): bool => 'page-of-parts' === $one['about']), 'says');
        self::assertStringContainsString('“soup”', $says[0] ?? '');
    }

    public function testAHandIsMeasuredInBoxesAndJudgesAStrip(): void
    {
        $book = $this->edit($this->make(), ['type' => 'add-spread', 'kind' => 'page-of-parts', 'settings' => ['parts' => [
            'fill' => 'table', 'settings' => ['items' => ['Tram and ferry'], 'strip' => 8],
        ]]]);
        // 14 letters of 40 that take 24 boxes: 8.4, so 9.
        self::assertSame(['Longest item: 14 letters, 9 boxes in an ordinary hand; the strip has 8. Make it wider, or shorten “Tram and ferry”.'], $this->said($book));
        $book = $this->edit($book, ['type' => 'set-hand', 'boxes' => 20]);
        self::assertSame([20, true], [$book['hand']['boxes'], $book['hand']['own']]);
        self::assertSame([], $this->said($book), '7 boxes in a smaller hand');
        $book = $this->edit($book, ['type' => 'set-hand', 'boxes' => 30]);
        self::assertStringContainsString('11 boxes in your hand', $this->said($book)[0]);
    }

    /**
     * @param array<string, mixed> $book
     *
     * @return list<string>
     */
    private function said(array $book): array
    {
        return array_column(array_filter($book['findings'], static fn (array $one): bool => 'page-of-parts' === $one['about']), 'says');
    }

    /** @return array<string, mixed> a page of a title and two parts, kept as a kind */
    private function kept(): array
    {
        $book = $this->edit($this->make(), ['type' => 'add-spread', 'kind' => 'page-of-parts', 'title' => 'The boat']);
        $book = $this->edit($book, ['type' => 'part-page', 'spread' => 'page-of-parts', 'do' => 'divide', 'at' => '1', 'way' => 'down', 'parts' => 2]);

        return $this->edit($book, [
            'type' => 'keep-kind',
            'spread' => 'page-of-parts',
            'name' => 'The boat in spring',
            'section' => 'goals',
            'purpose' => 'What must be done before she floats.',
            'ask' => ['line'],
        ]);
    }
}
