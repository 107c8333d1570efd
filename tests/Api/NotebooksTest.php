<?php

declare(strict_types=1);

namespace Tests\Api;

final class NotebooksTest extends ApiTestCase
{
    public function testFourAnswersMakeACompleteBook(): void
    {
        $book = $this->make();

        self::assertTrue($book['fit']['fits']);
        self::assertCount(12, $book['months']);
        self::assertCount(192, $book['pages']);
        self::assertSame([], array_filter($book['findings'], static fn (array $finding): bool => $finding['broken']));
        self::assertSame([$book['id']], array_column($this->call('GET', '/notebooks')['notebooks'], 'id'));
    }

    public function testAnEditIsSavedAndTakenBackAcrossARestartToTheByte(): void
    {
        $book = $this->make();
        $before = $this->call('GET', "/notebooks/{$book['id']}/plan.json");
        $edited = $this->edit($book, ['type' => 'remove-spread', 'spread' => 'quote']);
        self::assertSame('Quote removed', $edited['undo']);

        $this->restart();
        $undone = $this->call('POST', "/notebooks/{$book['id']}/undo", ['version' => $edited['version']]);
        self::assertSame($before, $this->call('GET', "/notebooks/{$book['id']}/plan.json"));
        self::assertSame([null, 'Quote removed'], [$undone['undo'], $undone['redo']]);

        $this->restart();
        $redone = $this->call('POST', "/notebooks/{$book['id']}/redo", ['version' => $undone['version']]);
        self::assertSame($edited['index'], $redone['index']);
        // Nothing more to put again: nothing changes.
        self::assertSame($redone, $this->call('POST', "/notebooks/{$book['id']}/redo", ['version' => $redone['version']]));
    }

    public function testANewEditLeavesBehindWhatWasTakenBack(): void
    {
        $book = $this->make();
        $path = "/notebooks/{$book['id']}";
        foreach (['quote', 'key'] as $spread) {
            $book = $this->edit($book, ['type' => 'remove-spread', 'spread' => $spread]);
        }
        $book = $this->call('POST', "$path/undo", ['version' => $book['version']]);
        $book = $this->call('POST', "$path/undo", ['version' => $book['version']]);
        $book = $this->edit($book, ['type' => 'set-title', 'title' => 'Other']);

        self::assertSame(['Title changed', null], [$book['undo'], $book['redo']]);
    }

    public function testAStaleEditIsRefusedWithTheBookAsItStandsAndNothingIsLost(): void
    {
        $book = $this->make();
        $path = "/notebooks/{$book['id']}";
        $newer = $this->edit($book, ['type' => 'set-title', 'title' => 'From the first window']);

        $problem = $this->edit($book, ['type' => 'set-title', 'title' => 'From the second'], 409);
        self::assertSame($newer, $problem['current']);
        self::assertSame($newer, $this->call('GET', $path));
        $this->call('POST', "$path/undo", ['version' => $book['version']], 409);
        $this->call('DELETE', "$path?version={$book['version']}", null, 409);
    }

    public function testAStaleEditInTheSecondBookIsAnsweredWithTheSecondBook(): void
    {
        $book = $this->make();
        $path = "/notebooks/{$book['id']}";
        $this->edit($book, ['type' => 'add-book', 'from' => '2027-07']);

        $problem = $this->call(
            'POST',
            "$path/edits?book=2",
            ['version' => $book['version'], 'edit' => ['type' => 'set-title', 'title' => 'Late']],
            409,
        );
        self::assertSame('2', $problem['current']['book']);
        self::assertSame('2027-07', $problem['current']['months'][0]['month']);
    }

    public function testBadInputNamesItsFieldAndChangesNothing(): void
    {
        $book = $this->make();
        $path = "/notebooks/{$book['id']}";
        $stock = $book['stock'];
        unset($stock['sizes']);
        foreach ([
            ['across', 0],
            ['across', -4],
            ['down', 'tall'],
            ['down', 43],
            ['pages', 0],
            ['pages', 191],
            ['pages', 1002],
            ['pitch', 'wide'],
            ['across', 1e30],
        ] as [$field, $value]) {
            $problem = $this->edit($book, ['type' => 'set-stock', 'stock' => [$field => $value] + $stock], 422);
            self::assertSame("edit/stock/$field", $problem['field']);
        }
        $problem = $this->edit($book, ['type' => 'set-period', 'period' => ['start' => '2027-05', 'end' => '2027-01']], 422);
        self::assertSame('The period ends (2027-01) before it starts (2027-05).', $problem['detail']);
        $this->call('POST', "$path/edits", '{"version": 1, "edit"', 422);
        self::assertSame($book, $this->call('GET', $path));
    }

    public function testAPlanFileComesBackWithoutLossTicksIncluded(): void
    {
        $sample = $this->call('POST', '/notebooks/sample', null, 201);
        $opening = $this->call('GET', "/notebooks/{$sample['id']}/openings/9");
        $step = $opening['groups'][0]['steps'][0]['key'];
        $this->call('POST', "/notebooks/{$sample['id']}/ticks", ['changes' => [['drawing' => 'future-log', 'step' => $step, 'done' => true]]], 200);
        $this->browser->request('GET', "/api/notebooks/{$sample['id']}/plan.json");
        $file = (string) $this->browser->getResponse()->getContent();
        self::assertStringContainsString(
            'tram-choir-and-boat-2027.plan.json',
            (string) $this->browser->getResponse()->headers->get('Content-Disposition'),
        );

        $copy = $this->call('POST', '/notebooks/import', $file, 201);
        $this->browser->request('GET', "/api/notebooks/{$copy['id']}/plan.json");
        self::assertSame($file, $this->browser->getResponse()->getContent());
        $ticked = $this->call('GET', "/notebooks/{$copy['id']}/openings/9")['ticked'];
        self::assertContains(['drawing' => 'future-log', 'step' => $step], $ticked);
        self::assertSame(
            $this->call('GET', "/notebooks/{$sample['id']}/openings/9")['ticked'],
            $ticked,
        );
    }

    public function testABrokenPlanFileAddsNothingToTheShelf(): void
    {
        foreach ([
            ['{"format": "ample-margin-plan"', 422],
            ['[]', 422],
            ['{"format": "ample-margin-plan", "version": 2}', 422],
            [str_repeat('x', 5_000_001), 413],
        ] as [$file, $status]) {
            $problem = $this->call('POST', '/notebooks/import', $file, $status);
            self::assertNotSame('', $problem['detail']);
        }
        self::assertSame([], $this->call('GET', '/notebooks')['notebooks']);
    }

    public function testATickIsForgottenWhenItsCountsChange(): void
    {
        $book = $this->make();
        $path = "/notebooks/{$book['id']}";
        $steps = $this->call('GET', "$path/openings/9")['groups'][0]['steps'];
        $this->call('POST', "$path/ticks", ['changes' => [['drawing' => 'future-log', 'step' => $steps[0]['key'], 'done' => true]]], 200);
        $stock = ['across' => 24] + $book['stock'];
        unset($stock['sizes']);
        $this->edit($book, ['type' => 'set-stock', 'stock' => $stock]);

        $opening = $this->call('GET', "$path/openings/9");
        self::assertNotContains($steps[0]['key'], array_column($opening['groups'][0]['steps'], 'key'));
    }

    public function testSheetsAreDownloadedOrRefusedInWords(): void
    {
        $book = $this->make();
        $path = "/notebooks/{$book['id']}";
        foreach (['guides:8-9&paper=A4', 'guides:front&paper=Letter', 'guides:30', 'card&paper=A3'] as $sheet) {
            $answer = $this->call('GET', "$path/tray.pdf?print=$sheet");
            self::assertSame('application/pdf', $answer['type']);
            self::assertStringStartsWith('%PDF-', $answer['content']);
        }
        foreach (['guides:0', 'guides:193', 'guides:9-8', 'guides:two', '', 'guides:191', 'guides:8&paper=B5'] as $query) {
            self::assertNotSame('', $this->call('GET', "$path/tray.pdf?print=$query", null, 422)['detail'], $query);
        }
    }

    public function testTheCatalogueAndTheEstimateAreAsDescribed(): void
    {
        self::assertContains('future-log', array_column($this->call('GET', '/catalogue')['spreads'], 'kind'));
        self::assertSame(26, $this->call('GET', '/estimate?width=148&height=210&pitch=5')['across']['boxes']);
        $this->call('GET', '/estimate?width=wide&height=210&pitch=5', null, 422);
        $this->call('GET', '/estimate?width=148&height=210&pitch=0', null, 422);
    }

    public function testOnlyItsOwnPagesAndHostNamesMayAsk(): void
    {
        $this->call('POST', '/notebooks/sample', null, 403, ['HTTP_ORIGIN' => 'http://elsewhere.example']);
        $this->call('POST', '/notebooks/sample', null, 403, []);
        $this->browser->request('GET', '/api/notebooks', [], [], ['HTTP_HOST' => 'elsewhere.example']);
        self::assertSame(400, $this->browser->getResponse()->getStatusCode());
        $this->browser->request('GET', '/api/notebooks');
        $policy = (string) $this->browser->getResponse()->headers->get('Content-Security-Policy');
        self::assertStringContainsString("script-src 'self';", $policy);
        self::assertStringNotContainsString('unsafe', $policy);
    }

    public function testWhatIsNotThereIsSaidToBeNotThere(): void
    {
        $book = $this->make();
        $this->call('GET', '/notebooks/nothing', null, 404);
        $this->call('GET', "/notebooks/{$book['id']}/openings/193", null, 404);
        $this->call('DELETE', "/notebooks/{$book['id']}?version={$book['version']}", null, 204);
        $this->call('GET', "/notebooks/{$book['id']}", null, 404);
    }
}
