<?php

/* The drawer: every kind a person can put into a book, drawn on that book's paper. */

declare(strict_types=1);

namespace Tests\Api;

final class DrawerTest extends ApiTestCase
{
    public function testItHoldsEveryKindOfTheCatalogueOnThisPaper(): void
    {
        $book = $this->call('POST', '/notebooks/sample', null, 201);
        $drawer = $this->call('GET', "/notebooks/{$book['id']}/drawer");
        $kinds = array_column($this->call('GET', '/catalogue')['spreads'], 'kind');

        self::assertSame($kinds, array_column($drawer['kinds'], 'kind'));
        self::assertSame([$book['stock']['across'], $book['stock']['down']], [$drawer['across'], $drawer['down']]);
        foreach ($drawer['kinds'] as $kind) {
            self::assertGreaterThan(0, $kind['pages'], $kind['kind']);
        }
    }

    public function testWhatTakesTwoPagesSaysSo(): void
    {
        $book = $this->make();
        $kinds = array_column($this->call('GET', "/notebooks/{$book['id']}/drawer")['kinds'], null, 'kind');

        // 52 rows of a box below a title of 3 and the headings: 34 on 26 × 38, and 18 more.
        self::assertSame(2, $kinds['books-read']['pages']);
    }
}
