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
