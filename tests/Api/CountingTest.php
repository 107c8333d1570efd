<?php

declare(strict_types=1);

namespace Tests\Api;

final class CountingTest extends ApiTestCase
{
    private const PAGE = ['across' => 26, 'down' => 38, 'pitch' => 5, 'x' => 0, 'y' => 0, 'wide' => 26, 'tall' => 38];

    public function testASideIsSplitWithoutANotebook(): void
    {
        $found = $this->call('POST', '/counting/split', ['parts' => 3, 'gap' => null] + self::PAGE);
        self::assertSame(1, $found['gap']);
        self::assertSame('8, skip 1, 8, skip 1, 8', $found['counted'][0]['run']);
        self::assertSame(['8', '9', '17', '18'], $found['counted'][0]['ticks']);
        self::assertSame(['40', '45', '85', '90'], $found['counted'][0]['mm']);
        self::assertSame(
            'on dots 9, 10, 18, 19',
            $this->call('POST', '/counting/split', ['parts' => 3, 'gap' => 1, 'counting' => 'dots'] + self::PAGE)['counted'][0]['said'],
        );
    }

    public function testATitleABlockAndStampsArePlacedOnAPage(): void
    {
        $places = array_column(
            $this->call(
                'POST',
                '/counting/place',
                [
                    'across' => 26,
                    'down' => 38,
                    'pitch' => 5,
                    'title' => '2027',
                    'block' => 10,
                    'width' => 148,
                    'first_dot' => 9,
                    'stamp' => 12,
                    'between' => 1,
                ],
            )['places'],
            null,
            'name',
        );
        self::assertSame(['one', 'fold', 'block', 'grid', 'paper', 'stamps'], array_keys($places));
        self::assertSame('On one line, no box before it', $places['one']['figure']);
        self::assertCount(8, $places['one']['marks'], 'a guide box and a figure for each of four');
        self::assertSame('In the middle of the paper: 8 boxes before it', $places['paper']['figure']);
        self::assertSame('10 fit; begin at 0.5 mm', $places['stamps']['figure']);
        self::assertSame(
            [],
            $this->call('POST', '/counting/place', ['across' => 26, 'down' => 38, 'pitch' => 5, 'title' => '  '])['places'],
        );
    }

    public function testBadPlacesAreRefusedAtTheirField(): void
    {
        $page = ['across' => 26, 'down' => 38, 'pitch' => 5];
        foreach ([
            ['wide', ['title' => 'May', 'wide' => 0], 'A letter takes 1 to 100 boxes.'],
            ['gap', ['title' => 'May', 'gap' => 21], 'The gap between letters is 0 to 20 boxes.'],
            ['block', ['block' => 0, 'width' => 148, 'first_dot' => 9], 'A block is 1 to 200 boxes wide.'],
            ['width', ['block' => 9, 'width' => 0, 'first_dot' => 9], 'The paper is 1 to 1000 mm wide.'],
            ['stamp', ['stamp' => 0.5], 'A stamp is 1 to 1000 mm wide.'],
            ['count', ['stamp' => 12, 'count' => 0], 'Count 1 to 200 stamps.'],
        ] as [$field, $asked, $says]) {
            $problem = $this->call('POST', '/counting/place', $asked + $page, 422);
            self::assertSame([$field, $says], [$problem['field'], $problem['detail']]);
        }
    }

    public function testBadCountsAreRefusedAtTheirPlace(): void
    {
        foreach ([
            ['parts', ['parts' => 0], 'Split it into 1 to 60 parts.'],
            ['parts', ['parts' => 61], 'Split it into 1 to 60 parts.'],
            ['gap', ['parts' => 2, 'gap' => -1], 'A gap has 0 to 200 boxes.'],
            ['wide', ['parts' => 2, 'x' => 20], '26 × 38 boxes from box 20, 0 do not fit on a page of 26 × 38.'],
            ['pitch', ['parts' => 2, 'pitch' => 0.5], 'A pitch is 2 to 20 mm.'],
            ['across', ['parts' => 2, 'across' => 'many'], 'A page has 1 to 200 boxes across.'],
        ] as [$field, $asked, $says]) {
            $problem = $this->call('POST', '/counting/split', $asked + self::PAGE, 422);
            self::assertSame([$field, $says], [$problem['field'], $problem['detail']]);
        }
    }

    public function testAnAnswerIsTakenIntoAPageAsItsFirstStepAndLeftOutAgain(): void
    {
        $book = $this->call('POST', '/notebooks/sample', null, 201);
        $before = $this->call('GET', "/notebooks/{$book['id']}/openings/10");
        $page = $before['pages'][0];
        $taken = $this->edit($book, [
            'type' => 'take-split',
            'on' => $page['drawing'],
            'nth' => $page['nth'],
            'edge' => 'top',
            'x' => 2,
            'y' => 4,
            'wide' => 22,
            'tall' => 10,
            'parts' => 3,
            'gap' => 2,
            'policy' => 'outside',
        ]);
        self::assertSame('22 boxes: 6, skip 2, 6, skip 2, 6', $taken['taken'][0]['says']);
        $steps = $this->call('GET', "/notebooks/{$book['id']}/openings/10")['groups'][0]['steps'];
        self::assertStringStartsWith(
            'Tick at 2, 8, 10, 16, 18, 24 along the top (22 boxes: 6, skip 2, 6, skip 2, 6). From tick to tick: 2, 6, 2, 6, 2, 6; 2 '
                .'boxes left at the end.',
            $steps[0]['text'],
        );
        self::assertSame(
            array_column($before['groups'][0]['steps'], 'text'),
            array_column(\array_slice($steps, 1, \count($before['groups'][0]['steps'])), 'text'),
        );
        self::assertSame(range(1, \count($steps)), array_column($steps, 'number'));
        $this->call(
            'POST',
            "/notebooks/{$book['id']}/edits",
            ['version' => $taken['version'], 'edit' => ['type' => 'drop-split', 'taken' => 'taken-1']],
        );
        self::assertSame($before['groups'], $this->call('GET', "/notebooks/{$book['id']}/openings/10")['groups']);
    }
}
