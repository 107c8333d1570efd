<?php

/* The tray and printers through the API. */

declare(strict_types=1);

namespace Tests\Api;

use Symfony\Component\HttpFoundation\Response;

final class PrintingTest extends ApiTestCase
{
    public function testWhatIsInTheTrayIsKeptUndoneAndPrintedInEveryForm(): void
    {
        $book = $this->call('POST', '/notebooks/sample', null, 201);
        $book = $this->edit($book, ['type' => 'set-tray', 'tray' => []]);
        $book = $this->edit($book, ['type' => 'set-tray', 'tray' => ['guides:7', 'card', 'months']]);
        self::assertSame(['guides:7', 'card', 'months'], $book['tray']);
        $tray = $this->call('GET', "/notebooks/{$book['id']}/tray?paper=A4");
        self::assertSame([1, 1, 12], array_column($tray['asked'], 'pieces'));
        self::assertTrue($tray['two_sided']);
        self::assertSame([], $tray['says']);
        self::assertSame($tray['bound'], \count($tray['sheets']));
        self::assertStringStartsWith('%PDF-', $this->body("/notebooks/{$book['id']}/tray.pdf"));
        self::assertStringContainsString('<g id="cut"', $this->body("/notebooks/{$book['id']}/tray/1.svg"));
        self::assertStringContainsString('<text', $this->body("/notebooks/{$book['id']}/tray/1.svg?letters=text"));
        $png = $this->body("/notebooks/{$book['id']}/tray/1.png?print=letters:2027");
        // 300 dots to the inch are 11811 to the metre.
        self::assertStringContainsString("pHYs\x00\x00\x2e\x23\x00\x00\x2e\x23\x01", $png);
        $size = getimagesizefromstring($png);
        self::assertSame([2480, 3507], false === $size ? [] : [$size[0], $size[1]]);
        $this->call('GET', "/notebooks/{$book['id']}/tray/99.svg", null, 404);
        $undone = $this->call('POST', "/notebooks/{$book['id']}/undo", ['version' => $book['version']]);
        self::assertSame([], $undone['tray']);
        self::assertStringContainsString('The tray is empty', $this->call('GET', "/notebooks/{$book['id']}/tray.pdf", null, 422)['detail']);
    }

    public function testATrayHasABoundAndSaysWhatItLeaves(): void
    {
        $book = $this->call('POST', '/notebooks/sample', null, 201);
        $asked = implode(',', array_fill(0, 10, 'guides:all'));
        $tray = $this->call('GET', "/notebooks/{$book['id']}/tray?print=$asked");
        self::assertCount(1, $tray['says']);
        self::assertStringContainsString('more than is printed at once, 100,000 lines and words', $tray['says'][0]);
        $one = \count($this->call('GET', "/notebooks/{$book['id']}/tray?print=guides:all")['sheets']);
        self::assertCount(2 * $one, $tray['sheets']);
    }

    public function testATrayThatCannotBeIsRefusedInWords(): void
    {
        $book = $this->call('POST', '/notebooks/sample', null, 201);
        foreach ([['guides 7'], ['guides:'.str_repeat('7,', 200)], [7], [str_repeat('a', 300)], array_fill(0, 61, 'card')] as $tray) {
            $problem = $this->edit($book, ['type' => 'set-tray', 'tray' => $tray], 422);
            self::assertStringStartsWith('edit/tray', $problem['field']);
        }
        foreach ([
            'paper=A9' => 'A4, A5, A3 or Letter',
            'printer=none' => 'was not calibrated',
            'labels=many' => 'Say a sheet of labels',
            'print=cards' => 'cannot be printed',
            'now=late' => '2026-12-20T19:20',
        ] as $query => $says) {
            $problem = $this->call('GET', "/notebooks/{$book['id']}/tray?print=card&$query", null, 422);
            self::assertStringContainsString($says, $problem['detail'], $query);
        }
    }

    public function testAPrinterIsKeptAppliedProvedAndTakenAway(): void
    {
        $read = ['across' => '150,8', 'down' => '149.5', 'back_left' => '21.5'];
        $known = $this->call('PUT', '/printers', ['name' => 'kitchen', 'paper' => 'A4', 'margin' => '4,2', 'read' => $read]);
        self::assertSame(['150.8', '149.5', '20', '20', '21.5', '20'], array_values($known['printers'][0]['read']));
        self::assertSame(['4.2', null], [$known['printers'][0]['margin'], $known['printers'][0]['refined']]);

        $proof = ['name' => 'kitchen', 'paper' => 'A4', 'margin' => '4.2', 'proof' => true];
        $proved = $this->call('PUT', '/printers', ['read' => ['across' => '150.1']] + $proof)['printers'][0];
        self::assertSame(['0.1', '150.8'], [$proved['refined'], $proved['read']['across']], 'proved: nothing is changed');
        $refined = $this->call('PUT', '/printers', ['read' => ['across' => '150.5']] + $proof);
        self::assertSame('151.303', $refined['printers'][0]['read']['across'], '150.8 × 150.5 ÷ 150');

        $book = $this->call('POST', '/notebooks/sample', null, 201);
        $tray = $this->call('GET', "/notebooks/{$book['id']}/tray?print=card&printer=kitchen");
        self::assertSame('kitchen', $tray['printer']);
        $svg = $this->body("/notebooks/{$book['id']}/tray/1.svg?print=card&printer=kitchen");
        self::assertStringContainsString('Set for the printer “kitchen”', $svg);
        self::assertMatchesRegularExpression('/<g transform="matrix\(0\.9913\d+ 0 0 1\.0033/', $svg);
        $this->call('GET', "/notebooks/{$book['id']}/tray?print=card&printer=kitchen&paper=A3", null, 422);
        self::assertStringStartsWith('%PDF-', $this->body('/printers/calibration.pdf?paper=Letter'));

        self::assertSame([], $this->call('POST', '/printers/remove', ['name' => 'kitchen', 'paper' => 'A4'])['printers']);
    }

    public function testAPrinterThatCannotBeIsRefusedAtItsPlace(): void
    {
        foreach ([
            [['name' => ''], 'name'],
            [['name' => str_repeat('k', 61)], 'name'],
            [['paper' => 'A9'], 'paper'],
            [['margin' => '1'], 'margin'],
            [['margin' => 'wide'], 'margin'],
            [['read' => ['across' => '180']], 'across'],
            [['read' => ['top' => 'x']], 'top'],
            [['proof' => true, 'name' => 'unknown'], 'printer'],
        ] as [$wrong, $field]) {
            $problem = $this->call('PUT', '/printers', $wrong + ['name' => 'kitchen', 'paper' => 'A4', 'read' => []], 422);
            self::assertSame($field, $problem['field'], json_encode($wrong) ?: '');
            self::assertMatchesRegularExpression('/\S.*[.]$/su', $problem['detail']);
        }
        self::assertSame([], $this->call('GET', '/printers')['printers'], 'nothing of it was kept');
    }

    private function body(string $path): string
    {
        $this->browser->request('GET', "/api$path");
        self::assertSame(Response::HTTP_OK, $this->browser->getResponse()->getStatusCode(), $path);

        return (string) $this->browser->getInternalResponse()->getContent();
    }
}
