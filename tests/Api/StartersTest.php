<?php

/* The ways to begin as the interface asks for them, checked against docs/api. */

declare(strict_types=1);

namespace Tests\Api;

final class StartersTest extends ApiTestCase
{
    public function testEveryWayIsAnsweredWithItsForeEdgeAndItsFirstPages(): void
    {
        $this->make();
        $starters = $this->call('POST', '/notebooks/starters', self::asked())['starters'];
        self::assertSame(['spare', 'usual', 'rich', 'carries-on', 'collections', null], array_column($starters, 'as'));
        foreach ($starters as $one) {
            self::assertTrue($one['fits'], $one['name']);
            self::assertNotEmpty($one['front'], $one['name']);
            $last = end($one['fore_edge']);
            self::assertSame(192, $last['to'], $one['name']);
        }
    }

    /** Of the last three notebooks each is a way to begin; of the others the one that is named. */
    public function testAnyNotebookOfTheShelfCanBeBegunAs(): void
    {
        $first = $this->make(['title' => 'First']);
        foreach (['Second', 'Third', 'Fourth'] as $title) {
            $this->make(['title' => $title]);
        }
        $likes = fn (array $more = []): array => array_values(array_filter(array_column(
            $this->call('POST', '/notebooks/starters', $more + self::asked())['starters'],
            'like',
        )));
        self::assertNotContains($first['id'], $likes());
        self::assertCount(4, $likes(['like' => $first['id']]));
        self::assertSame($first['id'], $likes(['like' => $first['id']])[3]);
        $this->call('POST', '/notebooks/starters', ['like' => '00000000-0000-7000-8000-000000000000'] + self::asked(), 404);
    }

    public function testANotebookIsMadeInTheWayThatWasChosenOrAsAnother(): void
    {
        $rich = $this->call('POST', '/notebooks', self::asked() + ['title' => 'Rich', 'as' => 'rich'], 201);
        self::assertContains('items-by-month', array_column($rich['spreads'], 'kind'));
        $like = $this->call('POST', '/notebooks', self::asked() + ['title' => 'Next', 'like' => $rich['id']], 201);
        self::assertSame(array_column($rich['spreads'], 'kind'), array_column($like['spreads'], 'kind'));
        self::assertSame('Next', $like['title']);
        $this->call('POST', '/notebooks', self::asked() + ['title' => 'Next', 'as' => 'gold'], 422);
        $this->call('POST', '/notebooks', self::asked() + ['title' => 'Next', 'like' => '00000000-0000-7000-8000-000000000000'], 404);
    }

    /** @return array<string, mixed> */
    private static function asked(): array
    {
        return [
            'stock' => ['width' => 148, 'height' => 210, 'pitch' => 5, 'across' => 26, 'down' => 38, 'pages' => 192, 'first_leaf' => 'ordinary'],
            'period' => ['start' => '2027-01', 'end' => '2027-12'],
            'weeks' => ['first' => 1],
        ];
    }
}
